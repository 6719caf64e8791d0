import { material } from "../paint";
import { materialOf, type Look, type LookContext, touched } from "../look";
import { seat, type Region, type Seat } from "../plan";

/** How one sees that a coat is ready (ORDER-6): a clock where it dries, the eye or a knuckle where a clock is wrong. */
export const READY = {
  timer: "matte, no shine, no longer cold",
  clear: "its milk has turned clear",
  powder: "not tacky to a knuckle",
  dryer: "won't dry by itself in this air: cool dryer until it is matte",
} as const;
export type Ready = keyof typeof READY;

/** One thing to do at the chair: a layer's coat on the regions that follow each other. */
export interface ChairStep {
  readonly id: string;
  readonly layerId: string;
  readonly coat: number;
  readonly coats: number;
  readonly regions: readonly Region[];
  readonly tasks: readonly string[];
  /** Planned, minutes from the start. */
  readonly start: number;
  readonly end: number;
  readonly handsOn: number;
  /** What it lies on, and how that is seen to be ready; null where nothing rests. */
  readonly waitsFor: { readonly tasks: readonly string[]; readonly ready: Ready } | null;
  /** Minutes it rests afterwards. */
  readonly rest: number;
  readonly hand: number;
}

/** The chair step by step, in the order of its schedule. */
export function chairSteps(
  stored: Look,
  context: LookContext,
  given: Pick<Seat, "tasks" | "placed"> = seat(stored, context),
): ChairStep[] {
  const look = touched(stored, context);
  const byId = new Map(given.tasks.map((task) => [task.id, task]));
  const most = new Map<string, number>();
  for (const { layerId, coat } of given.tasks)
    most.set(layerId, Math.max(most.get(layerId) ?? 0, coat));
  const stretches: {
    tasks: (typeof given.tasks)[number][];
    start: number;
    end: number;
    hand: number;
  }[] = [];
  for (const { id, start, end, hand = 0 } of given.placed) {
    const task = byId.get(id);
    if (!task) continue;
    const open = stretches.findLast((stretch) => stretch.hand === hand);
    const first = open?.tasks[0];
    if (
      open &&
      first?.layerId === task.layerId &&
      first.coat === task.coat &&
      start - open.end < 0.01
    ) {
      open.tasks.push(task);
      open.end = end;
    } else stretches.push({ tasks: [task], start, end, hand });
  }
  return stretches.flatMap(({ tasks, start, end, hand }): ChairStep[] => {
    const first = tasks[0];
    if (!first) return [];
    const own = new Set(tasks.map((task) => task.id));
    const before = [...new Set(tasks.flatMap((task) => task.after))].flatMap((after) => {
      const task = byId.get(after);
      return task && task.wait > 0 && !own.has(after) ? [task] : [];
    });
    const longest = before.reduce<(typeof before)[number] | null>(
      (found, task) => (found && found.wait >= task.wait ? found : task),
      null,
    );
    const under = longest && look.layers.find((layer) => layer.id === longest.layerId);
    const key = under && materialOf(under, context.products);
    const slow = longest !== null && longest.wait >= context.house.numbers.longestWait;
    const ready: Ready =
      !key || under.role === "set"
        ? "timer"
        : material(key).setting === "clears"
          ? "clear"
          : material(key).setting === "powder"
            ? "powder"
            : slow
              ? "dryer"
              : "timer";
    return [
      {
        id: [...own].join(" "),
        layerId: first.layerId,
        coat: first.coat,
        coats: most.get(first.layerId) ?? 1,
        regions: tasks.map((task) => task.region),
        tasks: tasks.map((task) => task.id),
        start,
        end,
        hand,
        handsOn: tasks.reduce((sum, task) => sum + task.handsOn, 0),
        rest: Math.max(0, ...tasks.map((task) => task.wait)),
        waitsFor: longest ? { tasks: before.map((task) => task.id), ready } : null,
      },
    ];
  });
}

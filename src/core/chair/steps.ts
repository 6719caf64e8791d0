import { material } from "../paint";
import { materialOf, type Look, type LookContext, touched } from "../look";
import { seat, workMinutes, type LayerTask, type Region, type Seat } from "../plan";
import type { Nearby } from "../schedule";
import { whileWaiting } from "./whileWaiting";

/** How one sees that a coat is ready (ORDER-6): a clock where it dries, the eye or a knuckle where a clock is wrong. */
export const READY = {
  timer: "matte, no shine, no longer cold",
  clear: "its milk has turned clear",
  powder: "not tacky to a knuckle",
  dryer: "won't dry by itself in this air: cool dryer until it is matte",
} as const;
export type Ready = keyof typeof READY;

/** One thing to do at the chair: a layer on the regions that follow each other, and its coats too where nothing comes between them. */
export interface ChairStep {
  readonly id: string;
  readonly layerId: string;
  readonly coat: number;
  /** The last of its coats within this step; the first where it is one. */
  readonly lastCoat: number;
  readonly coats: number;
  /** Minutes between its coats in which they dry; 0 where none have to. */
  readonly between: number;
  readonly regions: readonly Region[];
  readonly tasks: readonly string[];
  /** Planned, minutes from the start. */
  readonly start: number;
  readonly end: number;
  readonly handsOn: number;
  /** What it lies on, and how that is seen to be ready; null where nothing rests. */
  readonly waitsFor: {
    readonly tasks: readonly string[];
    readonly ready: Ready;
    /** It lies beside, not under: adhesive that would be soiled. */ readonly isBeside: boolean;
  } | null;
  /** Tasks that are done before it, dry or not: the stage before. */
  readonly behind: readonly string[];
  readonly near: Nearby | null;
  /** Minutes before it in which nothing may be painted, and what they are good for. */
  readonly idle: number;
  readonly meanwhile: string | null;
  /** Minutes it rests afterwards. */
  readonly rest: number;
  readonly hand: number;
}

/** Coats with no more than this between them are one step: nothing else is worth taking up. Common practice, no published source. */
const ONE_STEP = 3;

interface Stretch {
  readonly tasks: LayerTask[];
  readonly start: number;
  end: number;
  readonly hand: number;
  readonly idle: number;
  between: number;
  handsOn: number;
}

/** Placed tasks in stretches: what one pair of hands does to one layer without taking up another. */
function stretchesOf({ tasks, placed }: Pick<Seat, "tasks" | "placed">): Stretch[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const stretches: Stretch[] = [];
  for (const entry of placed) {
    const { id, start, end, hand = 0, load = 0 } = entry;
    const task = byId.get(id);
    if (!task) continue;
    const open = stretches.findLast((stretch) => stretch.hand === hand);
    const last = open?.tasks.at(-1);
    const idle = start - load - (open?.end ?? start - load);
    const goesOn = last?.layerId === task.layerId && task.coat - last.coat <= 1;
    if (open && goesOn && idle < ONE_STEP) {
      open.tasks.push(task);
      if (task.coat !== last.coat) open.between = Math.max(open.between, start - open.end);
      open.end = end;
      open.handsOn += workMinutes(entry);
    } else
      stretches.push({
        tasks: [task],
        start: start - load,
        end,
        hand,
        idle,
        between: 0,
        handsOn: workMinutes(entry),
      });
  }
  return stretches;
}

/** Adhesive that was laid near each stretch since something oily, wet or dusty was there last: it has to be clear before the next of these. */
function openBefore(stretches: readonly Stretch[]): string[][] {
  const open = new Map<string, string[]>();
  return stretches.map(({ tasks }) => {
    const near = tasks[0]?.near;
    if (!near) return [];
    const laid = open.get(near.head) ?? [];
    if (near.does === "soils") {
      open.set(near.head, []);
      return laid;
    }
    open.set(near.head, [...laid, ...tasks.map(({ id }) => id)]);
    return [];
  });
}

/** How one sees that what a step lies on is ready. */
function readyOf(under: LayerTask, look: Look, context: LookContext): Ready {
  const layer = look.layers.find(({ id }) => id === under.layerId);
  const key = layer && materialOf(layer, context.products);
  if (!key || layer.role === "set") return "timer";
  const { setting } = material(key);
  if (setting === "clears") return "clear";
  if (setting === "powder") return "powder";
  return under.wait >= context.house.numbers.longestWait ? "dryer" : "timer";
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
  const stretches = stretchesOf(given);
  const open = openBefore(stretches);
  const doing = whileWaiting(
    stretches.map(({ tasks, idle }) => ({ layerId: tasks[0]?.layerId ?? "", idle })),
    look,
    context,
  );
  return stretches.flatMap(
    ({ tasks, start, end, hand, idle, between, handsOn }, i): ChairStep[] => {
      const [first, final] = [tasks[0], tasks.at(-1)];
      if (!first || !final) return [];
      const own = new Set(tasks.map((task) => task.id));
      const outside = (ids: readonly string[]) => ids.filter((id) => !own.has(id));
      const under = [...tasks.flatMap((task) => task.after), ...(open[i] ?? [])];
      const before = outside([...new Set(under)]).flatMap((id) => {
        const task = byId.get(id);
        return task && task.wait > 0 ? [task] : [];
      });
      const longest = before.reduce<LayerTask | null>(
        (found, task) => (found && found.wait >= task.wait ? found : task),
        null,
      );
      return [
        {
          id: [...own].join(" "),
          layerId: first.layerId,
          coat: first.coat,
          lastCoat: final.coat,
          coats: most.get(first.layerId) ?? 1,
          between,
          regions: [...new Set(tasks.flatMap((task) => task.covers))],
          tasks: [...own],
          start,
          end,
          hand,
          handsOn,
          rest: Math.max(0, ...tasks.map((task) => task.wait)),
          behind: outside([...new Set(tasks.flatMap((task) => task.behind ?? []))]),
          near: first.near ?? null,
          idle,
          meanwhile: doing[i] ?? null,
          waitsFor: longest
            ? {
                tasks: before.map((task) => task.id),
                ready: readyOf(longest, look, context),
                isBeside: !tasks.some(({ after }) => after.includes(longest.id)),
              }
            : null,
        },
      ];
    },
  );
}

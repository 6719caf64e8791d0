import { PACES, type Pace } from "../brief";
import { predict, type Look, type LookContext, touched } from "../look";
import {
  befores,
  scheduleChair,
  type Chair,
  type ChairSetting,
  type Hand,
  type Placed,
} from "../schedule";
import { layerTasks, type LayerTask } from "./tasks";

/** Whose hands are at the chair: artists; or the performer's own, with or without somebody for what those can't reach. */
export function handsAt({ self, helper, artists }: LookContext["brief"]): Hand[] {
  if (!self) return Array.from({ length: artists }, (): Hand => ({ reaches: "all" }));
  // Without a helper what is out of reach stays in the plan, and TIME-3 speaks of it.
  return helper ? [{ reaches: "front" }, { reaches: "back" }] : [{ reaches: "all" }];
}

/** Minutes of hands in one entry of a schedule, taking up tool and colour among them. */
export const workMinutes = ({ start, end, load = 0 }: Placed): number => end - start + load;

/** A look at its chair, before it is put in words. Minutes from the start. */
export interface Seat {
  readonly tasks: readonly LayerTask[];
  readonly placed: readonly Placed[];
  /** Hands at work, taking up tools and colours among it. */
  readonly handsOn: number;
  /** The last touch. */
  readonly ends: number;
  /** Painted and dry. */
  readonly until: number;
  readonly lowerBound: number;
  readonly order: ChairOrder;
}

/** The order of a chair beside the stack's own. */
export interface ChairOrder {
  /** Changes of tool or colour, and passes taken up again. */
  readonly changes: number;
  readonly torn: number;
  /** Minutes in which nothing may be painted. */
  readonly idle: number;
  /** The same of the stack as it stands, stage by stage. */
  readonly stack: { readonly minutes: number; readonly changes: number };
}

/** Minutes within a schedule in which no hands are at work, and passes that were broken off. */
function orderOf({ placed, changes, stack }: Chair, tasks: readonly LayerTask[]): ChairOrder {
  const passOf = new Map(tasks.map(({ id, pass }) => [id, pass.id]));
  const [begun, last] = [new Set<string>(), new Map<number, string>()];
  let [torn, idle, free] = [0, 0, 0];
  for (const { id, start, end, hand = 0, load = 0 } of placed) {
    const pass = passOf.get(id) ?? id;
    const key = `${hand} ${pass}`;
    if (last.get(hand) !== pass && begun.has(key)) torn++;
    begun.add(key);
    last.set(hand, pass);
    idle += Math.max(0, start - load - free);
    free = Math.max(free, end);
  }
  return { changes, torn, idle, stack: { minutes: stack.makespan, changes: stack.changes } };
}

/** The tasks but some: what lay on one of them lies on what that lay on, and what came behind it behind what that came behind. */
function leftOut(tasks: readonly LayerTask[], without?: ReadonlySet<string>): readonly LayerTask[] {
  if (!without?.size) return tasks;
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const throughAll = (next: (task: LayerTask) => readonly string[]) => {
    const known = new Map<string, readonly string[]>();
    const through = (id: string): readonly string[] => {
      const task = byId.get(id);
      if (!task || !without.has(id)) return [id];
      const found = known.get(id) ?? [...new Set(next(task).flatMap(through))];
      known.set(id, found);
      return found;
    };
    return through;
  };
  const under = throughAll(({ after }) => after);
  const before = throughAll((task) => befores(task));
  return tasks
    .filter(({ id }) => !without.has(id))
    .map((task): LayerTask => {
      const after = [...new Set(task.after.flatMap(under))];
      const behind = [...new Set((task.behind ?? []).flatMap(before))];
      return { ...task, after, behind: behind.filter((id) => !after.includes(id)) };
    });
}

/** Schedules a look at its chair: whose hands, how fast, what is pinned, and what is done already, by the brief. */
export function seat(
  stored: Look,
  context: LookContext,
  o: Pick<ChairSetting, "done" | "now"> & {
    pace?: Pace;
    /** Tasks that are left out. */ without?: ReadonlySet<string>;
  } = {},
): Seat {
  const look = touched(stored, context);
  const { brief, house } = context;
  const pace = o.pace ?? brief.pace;
  const tasks = leftOut(layerTasks(look, context, predict(look, context), pace), o.without);
  const pins = new Map(brief.pins.map(({ task, minute }) => [task, minute]));
  const pinned = tasks.map((task) => {
    const notBefore = pins.get(task.id);
    return notBefore === undefined ? task : { ...task, notBefore };
  });
  const breaks =
    pace === "comfortable"
      ? { every: house.numbers.breakEvery, minutes: house.numbers.breakMinutes }
      : null;
  const chair = scheduleChair(pinned, {
    hands: handsAt(brief),
    breaks,
    ...(o.done && { done: o.done }),
    ...(o.now !== undefined && { now: o.now }),
  });
  const waitOf = new Map(tasks.map(({ id, wait }) => [id, wait]));
  const { placed } = chair;
  return {
    tasks,
    placed,
    lowerBound: chair.lowerBound,
    order: orderOf(chair, tasks),
    handsOn: placed.reduce((sum, entry) => sum + workMinutes(entry), 0),
    ends: chair.makespan,
    until: Math.max(0, ...placed.map(({ id, end }) => end + (waitOf.get(id) ?? 0))),
  };
}

/** The chair at every pace: a hurried and a comfortable time for each look (TIME-4). Minutes to the last touch. */
export const pacesOf = (look: Look, context: LookContext): Record<Pace, number> =>
  Object.fromEntries(
    (Object.keys(PACES) as Pace[]).map((pace) => [pace, seat(look, context, { pace }).ends]),
  ) as Record<Pace, number>;

import { PACES, type Pace } from "../brief";
import { predict, type Look, type LookContext, touched } from "../look";
import { scheduleChair, type ChairSetting, type Hand, type Placed } from "../schedule";
import { layerTasks, type LayerTask } from "./tasks";

/** Whose hands are at the chair: artists; or the performer's own, with or without somebody for what those can't reach. */
export function handsAt({ self, helper, artists }: LookContext["brief"]): Hand[] {
  if (!self) return Array.from({ length: artists }, (): Hand => ({ reaches: "all" }));
  // Without a helper what is out of reach stays in the plan, and TIME-3 speaks of it.
  return helper ? [{ reaches: "front" }, { reaches: "back" }] : [{ reaches: "all" }];
}

/** A look at its chair, before it is put in words. Minutes from the start. */
export interface Seat {
  readonly tasks: readonly LayerTask[];
  readonly placed: readonly Placed[];
  readonly handsOn: number;
  /** Painted and dry. */
  readonly until: number;
  readonly lowerBound: number;
  readonly strain: number;
}

/** The tasks but some: what lay on one of them lies on what that lay on. */
function leftOut(tasks: readonly LayerTask[], without?: ReadonlySet<string>): readonly LayerTask[] {
  if (!without?.size) return tasks;
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const under = (id: string): readonly string[] =>
    without.has(id) ? (byId.get(id)?.after ?? []).flatMap(under) : [id];
  return tasks
    .filter(({ id }) => !without.has(id))
    .map((task) => ({ ...task, after: [...new Set(task.after.flatMap(under))] }));
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
  const { placed, lowerBound, strain } = scheduleChair(pinned, {
    hands: handsAt(brief),
    breaks,
    ...(o.done && { done: o.done }),
    ...(o.now !== undefined && { now: o.now }),
  });
  const waitOf = new Map(tasks.map(({ id, wait }) => [id, wait]));
  return {
    tasks,
    placed,
    lowerBound,
    strain,
    handsOn: placed.reduce((sum, { start, end }) => sum + end - start, 0),
    until: Math.max(0, ...placed.map(({ id, end }) => end + (waitOf.get(id) ?? 0))),
  };
}

/** The chair at every pace: a hurried and a comfortable time for each look (TIME-4). Minutes, painted and dry. */
export const pacesOf = (look: Look, context: LookContext): Record<Pace, number> =>
  Object.fromEntries(
    (Object.keys(PACES) as Pace[]).map((pace) => [pace, seat(look, context, { pace }).until]),
  ) as Record<Pace, number>;

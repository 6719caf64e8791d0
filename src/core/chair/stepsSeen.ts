import { HOUSE_SPEED, type Look, type LookContext, touched } from "../look";
import { seat, workMinutes } from "../plan";
import type { StepSeen } from "../record";
import type { ChairState } from "./log";

/** The chair as the house times it at the brief's pace, whoever paints: what was meant to be slow does not make a slow painter. */
const asTheHouse = (look: Look, context: LookContext) =>
  seat(look, { ...context, speed: HOUSE_SPEED });

/** Hands-on minutes of each layer by the house. */
export function houseMinutes(look: Look, context: LookContext): Map<string, number> {
  const minutes = new Map<string, number>();
  const { tasks, placed } = asTheHouse(look, context);
  const layerOf = new Map(tasks.map(({ id, layerId }) => [id, layerId]));
  for (const entry of placed) {
    const layerId = layerOf.get(entry.id) ?? "";
    minutes.set(layerId, (minutes.get(layerId) ?? 0) + workMinutes(entry));
  }
  return minutes;
}

/** A sitting as a record takes it: hands-on minutes layer by layer beside the house's own for the same coats, so that painters are compared with one thing. */
export function stepsSeen(
  stored: Look,
  context: LookContext,
  state: Pick<ChairState, "done">,
): StepSeen[] {
  const look = touched(stored, context);
  const house = asTheHouse(look, context);
  const planned = new Map(house.placed.map((entry) => [entry.id, workMinutes(entry)]));
  const round = (minutes: number) => Math.round(minutes * 100) / 100;
  return look.layers.flatMap((layer): StepSeen[] => {
    const own = new Set(
      house.tasks.filter(({ layerId }) => layerId === layer.id).map(({ id }) => id),
    );
    const done = state.done
      .filter(({ skipped }) => !skipped)
      .flatMap((entry) => {
        const ids = entry.tasks.filter((id) => own.has(id));
        return ids.length
          ? [{ ids, minutes: (entry.handsOn * ids.length) / entry.tasks.length }]
          : [];
      });
    return done.length
      ? [
          {
            layerId: layer.id,
            name: layer.name,
            plannedMinutes: round(
              done.flatMap(({ ids }) => ids).reduce((sum, id) => sum + (planned.get(id) ?? 0), 0),
            ),
            actualMinutes: round(done.reduce((sum, { minutes }) => sum + minutes, 0)),
          },
        ]
      : [];
  });
}

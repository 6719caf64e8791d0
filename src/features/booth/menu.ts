import type { MenuLine } from "@/server/booth";
import type { BoothDay } from "./useBooth";

/** What stands on a menu where nobody has chosen: designs of so many minutes at most. Common practice, no published source. */
const QUICK = 12;
/** A log of this many turns weighs as much as the plan. */
const PLAN_WEIGHS = 1;

/** Designs of the day's menu that may be offered to a child. */
export const menuOf = (lines: readonly MenuLine[], { menu }: Pick<BoothDay, "menu">): MenuLine[] =>
  lines.filter(({ id, minutes, stops }) =>
    stops.length ? false : menu ? menu.includes(id) : minutes <= QUICK,
  );

/** Minutes of hands on one design: the plan's, and what turns have taken since, without their turnover. */
export function minutesToday(
  { id, minutes }: Pick<MenuLine, "id" | "minutes">,
  { turns }: Pick<BoothDay, "turns">,
  turnover: number,
): number {
  const logged = turns.flatMap((turn) =>
    turn.id === id && turn.minutes !== null ? [Math.max(0.5, turn.minutes - turnover)] : [],
  );
  const sum = logged.reduce((all, one) => all + one, minutes * PLAN_WEIGHS);
  return sum / (logged.length + PLAN_WEIGHS);
}

/** How many more of a design its paint is enough for, by what was painted since; and the product that runs out first. */
export function paintFor(
  { takes }: Pick<MenuLine, "takes">,
  all: readonly MenuLine[],
  { turns }: Pick<BoothDay, "turns">,
): { more: number; first: string | null } {
  const used = new Map<string, number>();
  for (const turn of turns)
    for (const { id, amount } of all.find((line) => line.id === turn.id)?.takes ?? [])
      used.set(id, (used.get(id) ?? 0) + amount);
  return takes.reduce<{ more: number; first: string | null }>(
    (least, { id, name, amount, left }) => {
      const more = Math.max(0, Math.floor((left - (used.get(id) ?? 0)) / Math.max(amount, 1e-6)));
      return more < least.more ? { more, first: name } : least;
    },
    { more: Infinity, first: null },
  );
}

/** Products of a design that somebody with these allergies must not have. */
export const notForThem = (
  { takes }: Pick<MenuLine, "takes">,
  allergies: readonly string[],
): string[] =>
  takes
    .filter(({ allergens }) => allergens.some((one) => allergies.includes(one)))
    .map(({ name }) => name);

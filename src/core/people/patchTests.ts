import { addDays, addMonths } from "../days";
import type { ProductFields } from "../paint";
import { HOUSE, type House } from "../rules";
import type { PersonFields } from "./person";

/** When a patch test is read, ISO dates: first and late, by the house's hours. */
export function readingDates(on: string, house: House = HOUSE): { first: string; late: string } {
  const after = (hours: number) => addDays(on, Math.round(hours / 24));
  return { first: after(house.numbers.patchFrom), late: after(house.numbers.patchUntil) };
}

/** Why a clear patch test counts no longer. */
export type Lapse = "old" | "batch" | "reaction";

/** How a person's patch tests of a product stand: skins and recipes change, so a clear one lapses (SAFE-2). */
export type PatchStanding =
  | { readonly kind: "clear" }
  | { readonly kind: "none" }
  | { readonly kind: "lapsed"; readonly why: Lapse };

type Tested = Pick<PersonFields, "patchTests"> & Partial<Pick<PersonFields, "reactedOn">>;

/** The last day on which this person's skin is known to have reacted to anything; null where it never did. */
export function lastReaction({ patchTests, reactedOn = null }: Tested): string | null {
  const tested = patchTests.filter(({ result }) => result === "reacted").map(({ on }) => on);
  return [...tested, ...(reactedOn ? [reactedOn] : [])].sort().at(-1) ?? null;
}

/**
 * The last clear test of a product, and whether it still counts: not after so many months, not for
 * another batch where both are known, and not when the skin has reacted to something since.
 */
export function patchTestOf(
  person: Tested,
  product: Pick<ProductFields, "batch"> & { readonly id: string },
  today: string,
  house: House = HOUSE,
): PatchStanding {
  const clear = person.patchTests
    .filter(
      ({ productId, result, on }) => productId === product.id && result === "clear" && on <= today,
    )
    .sort((a, b) => a.on.localeCompare(b.on));
  const lapseOf = ({ on, batch }: (typeof clear)[number]): Lapse | null => {
    const reaction = lastReaction(person);
    if (reaction !== null && reaction <= today && reaction > on) return "reaction";
    if (batch && product.batch && batch !== product.batch) return "batch";
    return on < addMonths(today, -house.numbers.patchMonths) ? "old" : null;
  };
  const last = clear.at(-1);
  if (!last) return { kind: "none" };
  if (clear.some((test) => lapseOf(test) === null)) return { kind: "clear" };
  return { kind: "lapsed", why: lapseOf(last) ?? "old" };
}

/** The next reading of each patch test that waits for one, the soonest first. */
export function readingsDue(
  person: Pick<PersonFields, "patchTests">,
  house: House = HOUSE,
): { productId: string; on: string; reading: "first" | "late"; due: string }[] {
  return person.patchTests
    .filter(({ result }) => result === "waiting")
    .map((test) => {
      const dates = readingDates(test.on, house);
      const reading = test.first === undefined ? ("first" as const) : ("late" as const);
      return { productId: test.productId, on: test.on, reading, due: dates[reading] };
    })
    .sort((a, b) => a.due.localeCompare(b.due));
}

import type { Say } from "@/core/text/say";
import type { Product } from "@/core/paint";

/** "3 parts chalk white : 1 sand": a recipe as a painter says it. */
export function recipeWords(
  parts: readonly { id: string; parts: number }[],
  products: ReadonlyMap<string, Pick<Product, "name">>,
): string {
  const name = (id: string) => products.get(id)?.name ?? "a product no longer on the shelf";
  const [only] = parts;
  if (parts.length === 1 && only) return `${name(only.id)} by itself`;
  return parts
    .map(
      ({ id, parts: n }, i) => `${n}${i === 0 ? (n === 1 ? " part" : " parts") : ""} ${name(id)}`,
    )
    .join(" : ");
}

/** "very close (colour difference 1.8)": as one says it, and the figure for who wants it. */
export const differenceWords = (deltaE: number, say: Say): string =>
  deltaE < 0.05
    ? "the same colour"
    : `${matchWords(deltaE)} (colour difference ${say.number(deltaE, 1)})`;

/** How far a colour is off, as one says it. Steps are common practice, no published source. */
export function matchWords(deltaE: number): string {
  if (deltaE < 1) return "the same to the eye";
  if (deltaE < 2.5) return "very close";
  if (deltaE < 5) return "close";
  return deltaE < 10 ? "near" : "another colour";
}

import { deltaE00, sharings, type Lab, type MixPaint, mixedLab } from "../colour";

/** A paint that may be laid in a pan: `family` says which others it mixes with. */
export interface PanPaint extends MixPaint {
  readonly family: string;
}
/** A colour that some pans make by themselves or mixed. */
export interface MadeColour {
  readonly parts: readonly { readonly id: string; readonly parts: number }[];
  readonly lab: Lab;
}
export interface Made extends MadeColour {
  readonly dE: number;
}

/** Parts a brush takes up by eye in all: 1 : 3 and 3 : 1 are the last that are told apart. Common practice, no published source. */
const MOST_PARTS = 4;
/** Of more paints that mix with each other than this, threes are left out: they are too many to look through while one waits. */
const MOST_FOR_THREES = 16;

/** Every colour that paints make in one, two or three, by few parts; only paints of one family mix. Lab is of a thick dry film. */
export function mixesOf(paints: readonly PanPaint[], most: 1 | 2 | 3 = 3): MadeColour[] {
  const made: MadeColour[] = [];
  const add = (list: readonly PanPaint[], shares: readonly number[]) =>
    made.push({
      parts: list.map(({ id }, i) => ({ id, parts: shares[i] ?? 0 })),
      lab: mixedLab(list.map(({ optics }, i) => ({ optics, parts: shares[i] ?? 0 }))),
    });
  const [pairs, threes] = [sharings(2, MOST_PARTS), sharings(3, MOST_PARTS)];
  const families = new Map<string, PanPaint[]>();
  for (const paint of paints)
    families.set(paint.family, [...(families.get(paint.family) ?? []), paint]);
  for (const list of families.values())
    list.forEach((a, i) => {
      add([a], [1]);
      if (most > 1)
        list.slice(i + 1).forEach((b, j) => {
          for (const shares of pairs) add([a, b], shares);
          if (most > 2 && list.length <= MOST_FOR_THREES)
            list.slice(i + j + 2).forEach((c) => {
              for (const shares of threes) add([a, b, c], shares);
            });
        });
    });
  return made;
}

/** What comes nearest to a colour; fewer paints where two are as near. Null where there is nothing. */
export function nearestMade(made: readonly MadeColour[], wanted: Lab): Made | null {
  return made.reduce<Made | null>((best, mix) => {
    const dE = deltaE00(mix.lab, wanted);
    return best && (best.dE < dE || (best.dE === dE && best.parts.length <= mix.parts.length))
      ? best
      : { ...mix, dE };
  }, null);
}

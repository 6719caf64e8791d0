import { deltaE00, type Lab } from "../colour";
import { mixesOf, type Made, type PanPaint } from "./mixes";

/** A colour a look asks for, and what may stand in for it: ids of paints that the person may wear where it goes. */
export interface WantedColour {
  readonly id: string;
  readonly name: string;
  /** Ids of the layers painted with it. */ readonly layers: readonly string[];
  readonly lab: Lab;
  readonly allowed: readonly string[];
  /** What it is painted with now. */ readonly own: readonly {
    readonly id: string;
    readonly parts: number;
  }[];
}

export interface PaletteColour {
  readonly id: string;
  readonly name: string;
  readonly layers: readonly string[];
  readonly made: Made;
  /** Whether it is what it is painted with now. */ readonly asNow: boolean;
}
export interface PaletteChoice {
  /** Paints to lay in, in order of first use. */
  readonly pans: readonly string[];
  readonly colours: readonly PaletteColour[];
  /** Colours that nothing that may be laid in makes. */
  readonly missing: readonly string[];
  /** Whether it is proven that fewer pans do not do. */
  readonly fewest: boolean;
}

/** So near nobody tells it from the colour that was asked for, beside it or not. Common practice, no published source. */
export const AS_GOOD_AS = 2;
const EFFORT = 120_000;

interface Option {
  readonly ids: readonly string[];
  readonly made: Made;
}

/** Ways to make a colour: of those from the same paints the nearest, and none that needs all paints of another and more. */
function optionsOf(
  wanted: WantedColour,
  made: readonly { readonly parts: Made["parts"]; readonly lab: Lab }[],
  within: number,
  paints: ReadonlySet<string>,
): Option[] {
  const best = new Map<string, Option>();
  const put = (parts: Made["parts"], lab: Lab, dE: number) => {
    const ids = parts.map(({ id }) => id).sort();
    const key = ids.join("\u0000");
    if ((best.get(key)?.made.dE ?? Infinity) > dE) best.set(key, { ids, made: { parts, lab, dE } });
  };
  if (wanted.own.length && wanted.own.every(({ id }) => paints.has(id)))
    put(wanted.own, wanted.lab, 0);
  const allowed = new Set(wanted.allowed);
  for (const { parts, lab } of made) {
    if (!parts.every(({ id }) => allowed.has(id))) continue;
    const dE = deltaE00(lab, wanted.lab);
    if (dE <= within) put(parts, lab, dE);
  }
  const all = [...best.values()].sort(
    (a, b) => a.ids.length - b.ids.length || a.made.dE - b.made.dE,
  );
  return all.filter(
    (option, i) =>
      !all
        .slice(0, i)
        .some(
          (other) =>
            other.ids.length < option.ids.length &&
            other.ids.every((id) => option.ids.includes(id)),
        ),
  );
}

/**
 * The fewest pans that make every colour of some looks, alone or mixed by few parts, none further off than `within` dE00; among as many, those that come nearest.
 * Depth first with the best so far as its bound; what it could not look through is told by `fewest`.
 */
export function suggestPalette(
  wanted: readonly WantedColour[],
  paints: readonly PanPaint[],
  o: { within?: number; effort?: number } = {},
): PaletteChoice {
  const known = new Set(paints.map(({ id }) => id));
  const all = mixesOf(paints);
  const asked = wanted.map((colour) => ({
    colour,
    options: optionsOf(colour, all, o.within ?? AS_GOOD_AS, known),
  }));
  const open = asked
    .filter(({ options }) => options.length > 0)
    .sort((a, b) => a.options.length - b.options.length);
  let best: { pans: ReadonlySet<string>; picked: readonly Option[]; off: number } | null = null;
  let [effort, whole] = [o.effort ?? EFFORT, true];
  const visit = (
    at: number,
    pans: ReadonlySet<string>,
    picked: readonly Option[],
    off: number,
  ): void => {
    if (best && (pans.size > best.pans.size || (pans.size === best.pans.size && off >= best.off)))
      return;
    const next = open[at];
    if (!next) {
      best = { pans, picked, off };
      return;
    }
    // The first way down is always gone to its end: there is an answer, if not the best.
    if (best && effort-- <= 0) {
      whole = false;
      return;
    }
    const more = (option: Option) => option.ids.filter((id) => !pans.has(id)).length;
    // What one colour still takes, all of them together take at least.
    const least = Math.max(...open.slice(at).map(({ options }) => Math.min(...options.map(more))));
    if (best && pans.size + least > best.pans.size) return;
    for (const option of [...next.options].sort(
      (a, b) => more(a) - more(b) || a.made.dE - b.made.dE,
    ))
      visit(at + 1, new Set([...pans, ...option.ids]), [...picked, option], off + option.made.dE);
  };
  visit(0, new Set(), [], 0);
  const found = best as { pans: ReadonlySet<string>; picked: readonly Option[] } | null;
  const byColour = new Map(open.map(({ colour }, i) => [colour, found?.picked[i]]));
  const colours = wanted.flatMap((colour): PaletteColour[] => {
    const option = byColour.get(colour);
    return option
      ? [
          {
            id: colour.id,
            name: colour.name,
            layers: colour.layers,
            made: option.made,
            asNow: option.made.parts === colour.own,
          },
        ]
      : [];
  });
  return {
    pans: [...new Set(colours.flatMap(({ made }) => made.parts.map(({ id }) => id)))],
    colours,
    missing: wanted.filter((colour) => !byColour.get(colour)).map(({ name }) => name),
    fewest: whole,
  };
}

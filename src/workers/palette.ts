import { expose } from "comlink";
import {
  mixesOf,
  panPaints,
  reachedBy,
  suggestPalette,
  type MadeColour,
  type Reached,
  type PaletteChoice,
  type WantedColour,
} from "@/core/kit";
import type { Product } from "@/core/paint";

export interface Reach {
  readonly pairs: readonly MadeColour[];
  readonly range: readonly Reached[];
  readonly mixes: number;
}

const worker = {
  /** The fewest pans that make some colours. */
  suggest: (
    wanted: readonly WantedColour[],
    products: readonly Product[],
    within: number,
  ): PaletteChoice => suggestPalette(wanted, panPaints(products), { within }),
  /** What some products make with each other: in twos, half and half, and how far round the map of colour. */
  reach(products: readonly Product[]): Reach {
    const made = mixesOf(panPaints(products));
    return {
      pairs: made.filter(
        ({ parts }) => parts.length === 2 && parts.every((part) => part.parts === 1),
      ),
      range: reachedBy(made),
      mixes: made.length,
    };
  },
};
export type PaletteWorker = typeof worker;

expose(worker);

import { expose } from "comlink";
import {
  coloursOfPicture,
  solveMixSteps,
  type Lab,
  type MixRecipe,
  type PictureColour,
} from "@/core/colour";
import { mixingOptics, type Product } from "@/core/paint";
import type { Spectrum } from "@/core/colour";

export interface MixRequest {
  readonly target: Lab;
  readonly products: readonly Product[];
  readonly maxPaints: number;
  readonly maxParts: number;
  readonly top?: number;
  readonly ground?: Spectrum;
  readonly filmPerCoat?: number;
}
export interface MixReport {
  readonly share: number;
  readonly best: readonly MixRecipe[];
}

let current = 0;
/** Lets messages in: a stop, or the next search. */
const breathe = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, 0);
  });

const worker = {
  /** Searches until it has seen every mix, is stopped, or another search begins; null then. */
  async solve(
    { products, ...query }: MixRequest,
    report: (progress: MixReport) => void,
  ): Promise<MixRecipe[] | null> {
    const mine = ++current;
    const paints = products.flatMap((product) => {
      const optics = mixingOptics(product);
      return optics ? [{ id: product.id, optics }] : [];
    });
    if (!paints.length) return [];
    const steps = solveMixSteps({ ...query, paints });
    for (;;) {
      const step = steps.next();
      if (step.done) return mine === current ? step.value : null;
      report({ share: step.value.tried / step.value.of, best: step.value.best });
      await breathe();
      if (mine !== current) return null;
    }
  },
  stop(): void {
    current++;
  },
  coloursOf: (pixels: Uint8ClampedArray, count: number): PictureColour[] =>
    coloursOfPicture(pixels, { count }),
};
export type MixingWorker = typeof worker;

expose(worker);

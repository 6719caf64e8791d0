import { expose, transfer } from "comlink";
import { turnable, type PaintedFigure, type Standpoint } from "@/core/anatomy/surface";

let look: ReturnType<typeof turnable> | null = null;

const worker = {
  /** What is looked at from now on. */
  load: (painted: PaintedFigure): void => {
    look = turnable(painted);
  },
  /** @throws Error before something was loaded */
  draw: (from: Standpoint): Uint8ClampedArray<ArrayBuffer> => {
    if (!look) throw new Error("No figure was given.");
    const pixels = look(from);
    return transfer(pixels, [pixels.buffer]);
  },
};
export type TurnWorker = typeof worker;

expose(worker);

import { expose, transfer } from "comlink";
import { turnable, type PaintedHead, type Standpoint } from "@/core/anatomy/surface";

let look: ReturnType<typeof turnable> | null = null;

const worker = {
  /** The head that is looked at from now on. */
  load: (painted: PaintedHead): void => {
    look = turnable(painted);
  },
  /** @throws Error before a head was loaded */
  draw: (from: Standpoint): Uint8ClampedArray<ArrayBuffer> => {
    if (!look) throw new Error("No head was given.");
    const pixels = look(from);
    return transfer(pixels, [pixels.buffer]);
  },
};
export type TurnWorker = typeof worker;

expose(worker);

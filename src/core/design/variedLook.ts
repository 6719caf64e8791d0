import type { Look } from "./schema";

/** The look again with every mark grown from another seed: the same design by a freer hand (RECORD-2). */
export const variedLook = (look: Look): Look => ({
  ...look,
  layers: look.layers.map((layer) => ({
    ...layer,
    marks: layer.marks.map((mark) => ({ ...mark, seed: (mark.seed + 211) % 1_000_000 })),
  })),
});

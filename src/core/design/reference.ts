import { z } from "zod";

const share = z.number().min(0).max(1);

/** The picture a look is drawn from: who made it, and the part of it that counts, as shares of its width and height. */
export const ReferenceSchema = z
  .object({
    credit: z.string().trim().max(200, "at most 200 letters").default(""),
    crop: z
      .object({
        x: share,
        y: share,
        width: share.min(0.02, "too small a part"),
        height: share.min(0.02, "too small a part"),
      })
      .strict()
      .refine(
        ({ x, y, width, height }) => x + width <= 1.0001 && y + height <= 1.0001,
        "the part runs out of the picture",
      )
      .nullable()
      .default(null),
  })
  .strict();

export type ReferenceFields = z.infer<typeof ReferenceSchema>;
/** Size in pixels as it is kept. */
export interface Reference extends ReferenceFields {
  readonly id: string;
  readonly version: number;
  readonly width: number;
  readonly height: number;
}

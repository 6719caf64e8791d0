import { z } from "zod";
import { HexSchema } from "./product";

/** Products and whole parts of a mix. */
export const MixPartsSchema = z
  .array(
    z
      .object({
        productId: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "a product of the shelf"),
        parts: z.number().int("whole parts").min(1, "1 part or more").max(20, "at most 20 parts"),
      })
      .strict(),
  )
  .min(2, "a mix has two products or more")
  .max(5, "at most five products")
  .refine(
    (parts) => new Set(parts.map(({ productId }) => productId)).size === parts.length,
    "a product stands in it twice",
  );

/** A recipe kept by name. */
export const MixSchema = z
  .object({
    name: z.string().trim().min(1, "give it a name").max(80),
    parts: MixPartsSchema,
    /** What it was mixed to match, if anything. */
    target: HexSchema.nullable().default(null),
    notes: z.string().max(1000).default(""),
  })
  .strict();

export type MixFields = z.infer<typeof MixSchema>;
export interface Mix extends MixFields {
  readonly id: string;
  readonly version: number;
}

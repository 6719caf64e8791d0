import { z } from "zod";
import { ZONE_IDS } from "../anatomy";
import { HexSchema, type Finish } from "../paint";
import { BUILD_MATERIAL_KEYS, PIECE_KIND_KEYS } from "./kinds";

const mm = (least: number, most: number) =>
  z.number().min(least, `at least ${least} mm`).max(most, `at most ${most} mm`);
export const FINISHES: readonly Finish[] = [
  "matte",
  "satin",
  "gloss",
  "metallic",
  "glitter",
  "clear",
];

/** A cone to cut and roll: a horn, a beak, a peak. */
export const ConeSchema = z
  .object({
    /** Of the foot, outside, mm. */
    footMm: mm(10, 400),
    /** Of the upper end; 0 for a point. */
    topMm: mm(0, 400).default(0),
    heightMm: mm(10, 800),
    /** Slope of what it stands on: 0 on the flat, 30 on the side of a head. */
    slopeDeg: z.number().min(0, "0 or more").max(60, "at most 60°").default(0),
  })
  .strict()
  .refine((cone) => cone.topMm < cone.footMm, {
    path: ["topMm"],
    message: "narrower than the foot",
  });
export type Cone = z.infer<typeof ConeSchema>;

/** A thing that is made or bought for a look and worn with it. */
export const PieceSchema = z
  .object({
    id: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id of letters, digits, - and _"),
    kind: z.enum(PIECE_KIND_KEYS),
    name: z.string().trim().min(1, "give it a name").max(80),
    source: z.enum(["made", "bought"]),
    /** Days until it comes, where it is bought. */
    leadDays: z
      .number()
      .int("whole days")
      .min(0, "0 or more")
      .max(180, "at most 180 days")
      .default(7),
    /** What it is built of, in order. */
    builds: z
      .array(
        z
          .object({
            material: z.enum(BUILD_MATERIAL_KEYS),
            coats: z.number().int("whole coats").min(1, "1 or more").max(8, "at most 8"),
          })
          .strict(),
      )
      .max(12, "at most twelve steps")
      .default([]),
    /** Coats of the build list that are done, counted through; for what is bought 1 once it has come. */
    done: z.number().int().min(0).max(100).default(0),
    /** What it sits on, measured round, mm. */
    measureMm: mm(20, 1500).nullable().default(null),
    hides: z.array(z.enum(ZONE_IDS)).default([]),
    colour: HexSchema.nullable().default(null),
    finish: z.enum(FINISHES).default("matte"),
    cone: ConeSchema.nullable().default(null),
    notes: z.string().max(500, "at most 500 letters").default(""),
  })
  .strict();
export type Piece = z.infer<typeof PieceSchema>;

import { z } from "zod";
import { ZONE_IDS } from "../anatomy";
import { HexSchema, type Finish } from "../paint";
import { keysOf } from "../keysOf";
import { BY, GLUES, WHEN } from "./atTheChair";
import { BUILD_MATERIAL_KEYS, PIECE_KIND_KEYS } from "./kinds";

const mm = (least: number, most: number) =>
  z.number().min(least, `at least ${least} mm`).max(most, `at most ${most} mm`);
const ID = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id of letters, digits, - and _");

/** Whether a thing is worn with the look, something else in its place, or not at all. */
export const WORN = {
  worn: "worn",
  standIn: "something stands in",
  leftOut: "left out",
} as const;

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
    id: ID,
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
            /** What it is, where the list has no word for it; and how it goes otherwise than its kind usually does. */
            name: z.string().trim().max(60, "at most 60 letters").optional(),
            minutes: z.number().min(1, "at least 1 min").max(600, "at most 600 min").optional(),
            waitHours: z.number().min(0, "0 or more").max(72, "at most 72 h").optional(),
          })
          .strict(),
      )
      .max(12, "at most twelve steps")
      .default([]),
    /** Coats of the build list that are done, counted through; for what is bought 1 once it has come. */
    done: z.number().int().min(0).max(100).default(0),
    /** What it sits on, measured round, mm. */
    measureMm: mm(20, 1500).nullable().default(null),
    /** So many alike: scales, strands, whiskers; a pair is one. */
    count: z.number().int("a whole number").min(1, "1 or more").max(80, "at most 80").default(1),
    /** Skin or form it covers, cm2: what its coats weigh. */
    areaCm2: z
      .number()
      .min(1, "at least 1 cm²")
      .max(20_000, "at most 2 m²")
      .nullable()
      .default(null),
    /** One more is made to try it out. */
    testPiece: z.boolean().default(false),
    /** What holds it; the kind's usual one unless said. */
    glue: z.enum(["usual", "none", ...GLUES]).default("usual"),
    glueProductId: ID.nullable().default(null),
    /** Minutes at the chair for one; null for the kind's. */
    minutesEach: z
      .number()
      .min(0.25, "at least a quarter of a minute")
      .max(240, "at most 240 min")
      .nullable()
      .default(null),
    /** Who puts it on; null for the kind's usual. */
    by: z.enum(keysOf(BY)).nullable().default(null),
    /** Longest it may be worn, h; null for the kind's. */
    mostHours: z
      .number()
      .min(0.5, "at least half an hour")
      .max(24, "at most 24 h")
      .nullable()
      .default(null),
    /** On this job it is worn, stood in for, or left out. */
    worn: z.enum(keysOf(WORN)).default("worn"),
    /** What stands in for it, in the painter's words. */
    standIn: z.string().trim().max(120, "at most 120 letters").default(""),
    hides: z.array(z.enum(ZONE_IDS)).default([]),
    colour: HexSchema.nullable().default(null),
    finish: z.enum(FINISHES).default("matte"),
    cone: ConeSchema.nullable().default(null),
    notes: z.string().max(500, "at most 500 letters").default(""),
  })
  .strict();
export type Piece = z.infer<typeof PieceSchema>;

/** Something done at the chair that is neither paint nor a piece: hair pinned, a collar tied, a photograph for the join. */
export const FreeStepSchema = z
  .object({
    id: ID,
    name: z.string().trim().min(1, "say what is done").max(80, "at most 80 letters"),
    when: z.enum(keysOf(WHEN)),
    minutes: z.number().min(0.25, "at least a quarter of a minute").max(240, "at most 240 min"),
    by: z.enum(keysOf(BY)).default("painter"),
    /** What it needs, to be packed: words, one thing a comma. */
    needs: z.string().trim().max(200, "at most 200 letters").default(""),
    notes: z.string().trim().max(500, "at most 500 letters").default(""),
  })
  .strict();
export type FreeStep = z.infer<typeof FreeStepSchema>;

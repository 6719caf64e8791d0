import { z } from "zod";
import { ZONE_IDS } from "../anatomy";
import {
  AUXILIARY_KEYS,
  HexSchema,
  MATERIAL_KEYS,
  PAINT_TYPE_KEYS,
  TECHNIQUE_KEYS,
  TOOL_KEYS,
} from "../paint";
import { FreeStepSchema, PieceSchema } from "../piece";
import { isArea, MarkSchema } from "../shapes";
import { FormSchema, LIGHTS_FROM } from "./form";
import { LeavesOutSchema, NOTHING } from "./leftOut";
import { LEAST_MIDDLE, middle, PartSchema, WHOLE } from "./part";
import { BlendSchema, STRENGTH_KEYS } from "./passes";
import { ROLE_KEYS } from "./roles";

const IdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id of letters, digits, - and _");

export const FADE_SIDES = ["round", "up", "down", "in", "out", "left", "right"] as const;
export type FadeSide = (typeof FADE_SIDES)[number];

/** A faded edge as wide as a fingertip blends it; common practice, no published source. */
const USUAL_FADE_MM = 8;
export const MOST_FADE_MM = 60;

/** What a layer is painted with. The kind of paint follows from the product, so the two can't disagree. */
export const PaintChoiceSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("product"), productId: IdSchema }).strict(),
  z
    .object({
      kind: z.literal("mix"),
      parts: z
        .array(
          z
            .object({
              productId: IdSchema,
              parts: z
                .number()
                .int("whole parts")
                .min(1, "1 part or more")
                .max(20, "at most 20 parts"),
            })
            .strict(),
        )
        .min(2, "a mix has two products or more")
        .max(5, "at most five products"),
      /** A saved mix it was taken from; its parts are kept here, so that the look stays as it is when the mix is changed. */ mixId:
        IdSchema.optional(),
    })
    .strict(),
  z.object({ kind: z.literal("material"), material: z.enum(MATERIAL_KEYS) }).strict(),
]);
export type PaintChoice = z.infer<typeof PaintChoiceSchema>;

export const LayerSchema = z
  .object({
    id: IdSchema,
    role: z.enum(ROLE_KEYS),
    name: z.string().trim().min(1, "give the layer a name").max(80),
    zones: z.array(z.enum(ZONE_IDS)).max(ZONE_IDS.length),
    paint: PaintChoiceSchema,
    tool: z.enum(TOOL_KEYS),
    technique: z.enum(TECHNIQUE_KEYS),
    /** "auto": as many as it takes to cover what lies below. */
    coats: z.union([
      z.literal("auto"),
      z.number().int("whole coats").min(1, "1 coat or more").max(8, "at most 8 coats"),
    ]),
    /** How strongly each coat is laid. */
    strength: z.enum(STRENGTH_KEYS).default("full"),
    /** What is done to each coat next, with another tool. */
    blend: BlendSchema.nullable().default(null),
    edge: z.enum(["hard", "faded"]),
    /** Where a faded edge fades: all round, or to one side with the others kept clean (FORM-2). */
    fades: z.enum(FADE_SIDES).default("round"),
    /** How wide a faded edge is, from full colour to none, mm. */
    fadeMm: z
      .number()
      .min(1, "at least 1 mm")
      .max(MOST_FADE_MM, `at most ${MOST_FADE_MM} mm`)
      .default(USUAL_FADE_MM),
    /** What of its zones it covers. Marks ignore it. */
    part: PartSchema.default(WHOLE),
    /** Shapes; parts of areas are made from the zones on each figure, and kept nowhere. */
    marks: z
      .array(
        MarkSchema.refine(
          (mark): boolean => !isArea(mark),
          "parts of areas are not kept as shapes",
        ),
      )
      .max(60)
      .default([]),
    /** A layer of shapes that fills its zones as well. */
    fills: z.boolean().default(false),
    /** What it leaves out of its zones. */
    leavesOut: LeavesOutSchema.default(NOTHING),
    /** Set where it is the shade, light or cast shadow of another layer's shapes: its own are theirs. */
    form: FormSchema.nullable().default(null),
    /** The colour wanted, dry; null where the paint itself is what is wanted. What the mixing bench is asked to match. */
    target: HexSchema.nullable().default(null),
    /** A heading that layers next to each other are kept under; empty for none. */
    group: z.string().trim().max(40, "at most 40 letters").default(""),
    /** Not drawn on the figure; planned all the same. */
    hidden: z.boolean().default(false),
    /** Kept from changes by hand until it is unlocked. */
    locked: z.boolean().default(false),
    notes: z.string().max(1000).default(""),
  })
  .strict();
export type Layer = z.infer<typeof LayerSchema>;

/** Layers of before said beside their part how much of each area's middle they cover: that is a part too. */
function withoutShare(stored: unknown): unknown {
  if (typeof stored !== "object" || stored === null || !("share" in stored)) return stored;
  const { share, ...rest } = stored;
  if (typeof share !== "number" || !(share >= LEAST_MIDDLE && share <= 1)) return stored;
  const part = PartSchema.safeParse("part" in rest ? rest.part : WHOLE);
  return share < 1 && part.data?.kind === "whole" ? { ...rest, part: middle(share) } : rest;
}
/** A layer as it lies in a store or a file, of whatever version. */
export const StoredLayerSchema = z.preprocess(withoutShare, LayerSchema);

/** What a new layer starts from where nothing else is said. */
export const PLAIN_LAYER: Omit<
  Layer,
  "id" | "role" | "name" | "zones" | "paint" | "tool" | "technique"
> = {
  coats: "auto",
  strength: "full",
  blend: null,
  edge: "hard",
  fades: "round",
  fadeMm: USUAL_FADE_MM,
  part: WHOLE,
  marks: [],
  fills: false,
  leavesOut: NOTHING,
  form: null,
  target: null,
  group: "",
  hidden: false,
  locked: false,
  notes: "",
};

/** What one part of the person is painted with, from prep to seal. */
const kit = {
  base: z.enum(PAINT_TYPE_KEYS),
  detail: z.enum(PAINT_TYPE_KEYS),
  prep: z.enum(AUXILIARY_KEYS).nullable(),
  activate: z.enum(AUXILIARY_KEYS).nullable(),
  set: z.enum(AUXILIARY_KEYS).nullable(),
  seal: z.enum(AUXILIARY_KEYS).nullable(),
};
const KitSchema = z.object(kit).strict();
export type PaintKit = z.infer<typeof KitSchema>;

/** Parts of the person that are painted with a kit of their own, besides the face with its eyes and lips. */
export const OTHER_GROUPS = ["hands", "body", "prosthetic", "teeth"] as const;
export type OtherGroup = (typeof OTHER_GROUPS)[number];

/** The paint system chosen: the face's kit with what its eyes and lips get, and kits for other parts; see core/advice. */
export const SystemSchema = z
  .object({
    ...kit,
    eyes: z.enum(PAINT_TYPE_KEYS),
    lips: z.enum(PAINT_TYPE_KEYS),
    also: z.partialRecord(z.enum(OTHER_GROUPS), KitSchema).default({}),
  })
  .strict();
export type System = z.infer<typeof SystemSchema>;

/** How the painter goes about it where the trade disagrees; see schools.ts. */
export const SchoolsSchema = z
  .object({ map: z.enum(["mapFirst", "baseFirst"]), base: z.enum(["allOver", "zones"]) })
  .strict();
export type Schools = z.infer<typeof SchoolsSchema>;
export const USUAL_SCHOOLS: Schools = { map: "baseFirst", base: "allOver" };

export const MOST_LAYERS = 80;

const distinct = (values: readonly unknown[]) => new Set(values).size === values.length;

/** Tags as one types them, each once whatever its capitals. */
export const TagsSchema = z
  .array(z.string().trim().min(1, "a word").max(30, "at most 30 letters"))
  .max(12, "at most twelve tags")
  .transform((tags) => [...new Map(tags.map((tag) => [tag.toLowerCase(), tag])).values()]);

export const LookSchema = z
  .object({
    schema: z.literal(1),
    name: z.string().trim().min(1, "give the look a name").max(80),
    system: SystemSchema.nullable().default(null),
    schools: SchoolsSchema.default(USUAL_SCHOOLS),
    /** Where the light of its painted forms comes from. */
    light: z.enum(LIGHTS_FROM).default("above"),
    layers: z.array(StoredLayerSchema).max(MOST_LAYERS, `at most ${MOST_LAYERS} layers`),
    /** Zones left unpainted on purpose: a mask that stops at the jaw. */
    bare: z.array(z.enum(ZONE_IDS)).default([]),
    /** Keys of findings the painter has read and leaves as they are; a stop can't be left. */
    accepted: z.array(z.string().max(200)).max(500).default([]),
    notes: z.string().max(4000).default(""),
    /** Made or bought, and worn with it. */
    pieces: z.array(PieceSchema).max(20, "at most twenty pieces").default([]),
    /** Done at the chair, but neither paint nor pieces. */
    steps: z.array(FreeStepSchema).max(30, "at most thirty steps").default([]),
    /** What this version is to do otherwise, from the record of the last; struck off as it is done. */
    toDo: z
      .array(z.string().trim().min(1).max(200, "at most 200 letters"))
      .max(40, "at most forty")
      .default([]),
    /** What it is filed under: a show, a series, a season. */
    tags: TagsSchema.default([]),
  })
  .strict()
  .refine((look) => distinct(look.pieces.map((piece) => piece.id)), {
    path: ["pieces"],
    message: "two pieces have the same id",
  })
  .refine((look) => distinct(look.layers.map((layer) => layer.id)), {
    path: ["layers"],
    message: "two layers have the same id",
  })
  .refine((look) => distinct(look.steps.map((step) => step.id)), {
    path: ["steps"],
    message: "two steps have the same id",
  });
export type Look = z.infer<typeof LookSchema>;

export const emptyLook = (name: string): Look => ({
  schema: 1,
  name,
  system: null,
  schools: USUAL_SCHOOLS,
  light: "above",
  layers: [],
  bare: [],
  accepted: [],
  notes: "",
  pieces: [],
  steps: [],
  toDo: [],
  tags: [],
});

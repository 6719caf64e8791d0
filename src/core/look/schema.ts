import { z } from "zod";
import { ZONE_IDS, type ZoneId } from "../anatomy";
import { HELPER_KEYS, HexSchema, MATERIAL_KEYS, PAINT_TYPE_KEYS, TECHNIQUE_KEYS, TOOL_KEYS, type HelperKey, type MaterialKey, type PaintTypeKey, type Technique, type ToolKey } from "../paint";
import { MarkSchema } from "./motifs";
import { ROLE_KEYS, type Role } from "./roles";

const IdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id of letters, digits, - and _");
const oneOf = <T extends string>(keys: readonly T[]) => z.enum(keys as unknown as [T, ...T[]]);

/** What a layer is painted with. The kind of paint follows from the product, so the two can't disagree. */
export const PaintChoiceSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("product"), productId: IdSchema }).strict(),
  z.object({ kind: z.literal("mix"), parts: z.array(z.object({ productId: IdSchema, parts: z.number().int("whole parts").min(1, "1 part or more").max(20, "at most 20 parts") }).strict()).min(2, "a mix has two products or more").max(5, "at most five products"), /** A saved mix it was taken from; its parts are kept here, so that the look stays as it is when the mix is changed. */ mixId: IdSchema.optional() }).strict(),
  z.object({ kind: z.literal("material"), material: oneOf<MaterialKey>(MATERIAL_KEYS) }).strict(),
]);
export type PaintChoice = z.infer<typeof PaintChoiceSchema>;

export const LayerSchema = z.object({
  id: IdSchema,
  role: oneOf<Role>(ROLE_KEYS),
  name: z.string().trim().min(1, "give the layer a name").max(80),
  zones: z.array(oneOf<ZoneId>(ZONE_IDS)).max(ZONE_IDS.length),
  paint: PaintChoiceSchema,
  tool: oneOf<ToolKey>(TOOL_KEYS),
  technique: oneOf<Technique>(TECHNIQUE_KEYS),
  /** "auto": as many as it takes to cover what lies below. */
  coats: z.union([z.literal("auto"), z.number().int("whole coats").min(1, "1 coat or more").max(8, "at most 8 coats")]),
  edge: z.enum(["hard", "faded"]),
  /** Share of each zone that is painted, 0-1: a contour fills part of the hollow. Marks ignore it. */
  share: z.number().min(0.02, "at least 2 %").max(1, "at most 100 %").default(1),
  marks: z.array(MarkSchema).max(60).default([]),
  /** The colour wanted, dry; null where the paint itself is what is wanted. What the mixing bench is asked to match. */
  target: HexSchema.nullable().default(null),
  notes: z.string().max(1000).default(""),
}).strict();
export type Layer = z.infer<typeof LayerSchema>;

/** The paint system chosen for the face; see core/advice. */
export const SystemSchema = z.object({
  base: oneOf<PaintTypeKey>(PAINT_TYPE_KEYS), detail: oneOf<PaintTypeKey>(PAINT_TYPE_KEYS), eyes: oneOf<PaintTypeKey>(PAINT_TYPE_KEYS), lips: oneOf<PaintTypeKey>(PAINT_TYPE_KEYS),
  prep: oneOf<HelperKey>(HELPER_KEYS).nullable(), activate: oneOf<HelperKey>(HELPER_KEYS).nullable(), set: oneOf<HelperKey>(HELPER_KEYS).nullable(), seal: oneOf<HelperKey>(HELPER_KEYS).nullable(),
}).strict();
export type System = z.infer<typeof SystemSchema>;

const distinct = <T>(values: readonly T[]) => new Set(values).size === values.length;

export const LookSchema = z.object({
  schema: z.literal(1),
  name: z.string().trim().min(1, "give the look a name").max(80),
  system: SystemSchema.nullable().default(null),
  layers: z.array(LayerSchema).max(80, "at most 80 layers"),
  /** Zones left unpainted on purpose: a mask that stops at the jaw. */
  bare: z.array(oneOf<ZoneId>(ZONE_IDS)).default([]),
  /** Keys of findings the painter has read and leaves as they are; a stop can't be left. */
  accepted: z.array(z.string().max(200)).max(500).default([]),
  notes: z.string().max(4000).default(""),
}).strict().refine((look) => distinct(look.layers.map((layer) => layer.id)), { path: ["layers"], message: "two layers have the same id" });
export type Look = z.infer<typeof LookSchema>;

export const emptyLook = (name: string): Look => ({ schema: 1, name, system: null, layers: [], bare: [], accepted: [], notes: "" });

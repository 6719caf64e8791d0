import { z } from "zod";
import { MEASURE_LIMITS, measuresOf, type FaceMeasures } from "../anatomy";
import { ALLERGEN_KEYS, DateSchema, HexSchema, type Allergen } from "../paint";

const mm = (name: keyof FaceMeasures) => z.number().min(MEASURE_LIMITS[name][0], `at least ${MEASURE_LIMITS[name][0]} mm`).max(MEASURE_LIMITS[name][1], `at most ${MEASURE_LIMITS[name][1]} mm`);

export const MeasuresSchema = z.object({
  faceLength: mm("faceLength"), faceWidth: mm("faceWidth"), jawWidth: mm("jawWidth"),
  hairlineHeight: mm("hairlineHeight"), pupilDistance: mm("pupilDistance"), mouthWidth: mm("mouthWidth"),
}).strict();

export const PatchTestSchema = z.object({
  productId: z.string().min(1).max(64),
  on: DateSchema,
  result: z.enum(["waiting", "clear", "reacted"]),
}).strict();

export const SKIN_KINDS = ["normal", "dry", "oily", "sensitive"] as const;
export const SWEAT_LEVELS = ["light", "average", "heavy"] as const;
export const BEARDS = ["none", "stubble", "beard"] as const;
export const BUILDS = ["average", "narrow", "broad"] as const;

export const PersonSchema = z.object({
  name: z.string().trim().min(1, "who is it?").max(80),
  ageYears: z.number().int("whole years").min(0, "0 or more").max(120, "at most 120"),
  guardianConsent: z.boolean().default(false),
  skin: HexSchema,
  skinKind: z.enum(SKIN_KINDS),
  sweat: z.enum(SWEAT_LEVELS),
  allergies: z.array(z.enum(ALLERGEN_KEYS as [Allergen, ...Allergen[]])).max(20),
  allergyNotes: z.string().max(500).default(""),
  beard: z.enum(BEARDS),
  brow: HexSchema,
  lenses: z.boolean().default(false),
  build: z.enum(BUILDS),
  measures: MeasuresSchema.nullable().default(null),
  patchTests: z.array(PatchTestSchema).max(500).default([]),
  notes: z.string().max(2000).default(""),
}).strict();

export type PersonFields = z.infer<typeof PersonSchema>;
export interface Person extends PersonFields { readonly id: string; readonly version: number }

/** The tape's measures, or the build's where nobody has measured. */
export const faceMeasuresOf = (person: Pick<PersonFields, "build" | "measures">): FaceMeasures => person.measures ?? measuresOf(person.build);

/** Somebody to design on while nobody is chosen: an average face of middle skin tone. */
export const STAND_IN: Person = {
  id: "stand-in", version: 0, name: "a stand-in", ageYears: 30, guardianConsent: false, skin: "#c99a7a", skinKind: "normal", sweat: "average", allergies: [], allergyNotes: "",
  beard: "none", brow: "#4a3628", lenses: false, build: "average", measures: null, patchTests: [], notes: "",
};

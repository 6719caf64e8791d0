import { z } from "zod";
import { keysOf } from "../keysOf";
import {
  distance,
  MEASURE_LIMITS,
  measuresOf,
  faceFromMeasures,
  FEATURE_LIMITS,
  PHOTO_LANDMARKS,
  PHYSIQUE_LIMITS,
  point,
  usualPhysique,
  withFeatures,
  ZONE_IDS,
  type FaceMeasures,
  type FeatureMeasures,
  type LandmarkName,
  type Landmarks,
  type Physique,
} from "../anatomy";
import { ALLERGEN_KEYS, DateSchema, HexSchema } from "../paint";

const mm = (name: keyof FaceMeasures) =>
  z
    .number()
    .min(MEASURE_LIMITS[name][0], `at least ${MEASURE_LIMITS[name][0]} mm`)
    .max(MEASURE_LIMITS[name][1], `at most ${MEASURE_LIMITS[name][1]} mm`);

export const MeasuresSchema = z
  .object({
    faceLength: mm("faceLength"),
    faceWidth: mm("faceWidth"),
    jawWidth: mm("jawWidth"),
    hairlineHeight: mm("hairlineHeight"),
    pupilDistance: mm("pupilDistance"),
    mouthWidth: mm("mouthWidth"),
  })
  .strict();

const within = ([least, most]: readonly [number, number], unit: string) =>
  z
    .number()
    .min(least, `at least ${least} ${unit}`)
    .max(most, `at most ${most} ${unit}`)
    .nullable()
    .default(null);

/** Farther out no face has a landmark, mm. */
const FACE_REACH_MM = 170;
const mmOfFace = z.number().min(-FACE_REACH_MM).max(FACE_REACH_MM);
const LandmarksSchema = z.partialRecord(z.enum(PHOTO_LANDMARKS), z.tuple([mmOfFace, mmOfFace]));

/** What a reading of a patch test found. */
const SeenSchema = z.enum(["nothing", "reaction"]);

interface Readings {
  first?: z.infer<typeof SeenSchema> | undefined;
  late?: z.infer<typeof SeenSchema> | undefined;
}
export type PatchResult = "waiting" | "clear" | "reacted";

/** What the readings of a patch test come to: any reaction counts at once, and only the late reading clears it, since reactions can be late. Null before the first. */
export const resultOf = ({ first, late }: Readings): PatchResult | null =>
  first === "reaction" || late === "reaction"
    ? "reacted"
    : late === "nothing"
      ? "clear"
      : first === "nothing"
        ? "waiting"
        : null;

export const PatchTestSchema = z
  .object({
    productId: z.string().min(1).max(64),
    on: DateSchema,
    /** Read a day after, and late (24 and 48 hours by the house). */
    first: SeenSchema.optional(),
    late: SeenSchema.optional(),
    notes: z.string().max(200, "at most 200 letters").optional(),
    /** The batch that was tested, where it was known: another batch is another test. */
    batch: z.string().max(40, "at most 40 letters").optional(),
    result: z.enum(["waiting", "clear", "reacted"]),
    // A result never says more than its readings; one taken down without them stands as it is.
  })
  .strict()
  .transform((test) => ({ ...test, result: resultOf(test) ?? test.result }));

export const SKIN_KINDS = ["normal", "dry", "oily", "sensitive"] as const;
export const SWEAT_LEVELS = ["light", "average", "heavy"] as const;
export const BEARDS = ["none", "stubble", "beard"] as const;
export const BUILDS = ["average", "narrow", "broad"] as const;

/** Lines a face folds along, where this one does so at rest. */
export const OWN_CREASES = {
  smileFolds: "smile folds",
  crowsFeet: "crow's feet",
  foreheadLines: "lines of the forehead",
  frownLine: "frown line",
  underEyes: "folds under the eyes",
  lipLines: "lines round the lips",
  neckLines: "lines of the neck",
} as const;

/** What of the skin a painter has to know where it is. */
export const CONCERNS = {
  eczema: "eczema or psoriasis",
  spots: "spots that are open or sore",
  rosacea: "rosacea",
  healing: "healing skin or a fresh tattoo",
  scar: "a scar",
  mole: "a mole",
  vitiligo: "vitiligo",
  birthmark: "a birthmark",
  tattoo: "a tattoo",
} as const;

const zones = z
  .array(z.enum(ZONE_IDS))
  .max(80)
  .refine((list) => new Set(list).size === list.length, "each area once");

export const SkinConcernSchema = z
  .object({
    what: z.enum(keysOf(CONCERNS)),
    zones: zones.refine((list) => list.length > 0, "say where"),
    /** Nothing is painted there (SAFE-7). */
    unpainted: z.boolean().default(false),
  })
  .strict();

export const PersonSchema = z
  .object({
    name: z.string().trim().min(1, "who is it?").max(80),
    ageYears: z.number().int("whole years").min(0, "0 or more").max(120, "at most 120"),
    guardianConsent: z.boolean().default(false),
    skin: HexSchema,
    skinKind: z.enum(SKIN_KINDS),
    sweat: z.enum(SWEAT_LEVELS),
    allergies: z.array(z.enum(ALLERGEN_KEYS)).max(40),
    allergyNotes: z.string().max(500).default(""),
    beard: z.enum(BEARDS),
    brow: HexSchema,
    /** Natural colours; null while nobody has looked. */
    hair: HexSchema.nullable().default(null),
    eyes: HexSchema.nullable().default(null),
    hoodedLids: z.boolean().default(false),
    creases: z
      .array(z.enum(keysOf(OWN_CREASES)))
      .max(10)
      .default([]),
    concerns: z.array(SkinConcernSchema).max(40, "at most 40").default([]),
    lenses: z.boolean().default(false),
    /** Lasts, so that it is asked once and counts every day (SAFE-13). */
    asthma: z.boolean().default(false),
    /** The day of the last reaction to anything on the skin: tests before it count no longer (SAFE-2). */
    reactedOn: DateSchema.nullable().default(null),
    build: z.enum(BUILDS),
    noseWidthMm: within(FEATURE_LIMITS.noseWidthMm, "mm"),
    lipHeightMm: within(FEATURE_LIMITS.lipHeightMm, "mm"),
    measures: MeasuresSchema.nullable().default(null),
    /** Landmarks dragged over a photograph, mm from the bridge of the nose: they go before what the measures say. */
    landmarks: LandmarksSchema.nullable().default(null),
    heightCm: within(PHYSIQUE_LIMITS.heightCm, "cm"),
    weightKg: within(PHYSIQUE_LIMITS.weightKg, "kg"),
    patchTests: z.array(PatchTestSchema).max(500).default([]),
    notes: z.string().max(2000).default(""),
  })
  .strict()
  .superRefine((person, context) => {
    const strayed = strayedLandmark(person);
    if (strayed)
      context.addIssue({
        code: "custom",
        path: ["landmarks"],
        message: `${strayed} is not where a face of these measures has it`,
      });
  });

export type PersonFields = z.infer<typeof PersonSchema>;
export interface Person extends PersonFields {
  readonly id: string;
  readonly version: number;
}

/** The tape's measures, or those of the build and the age where nobody has measured. */
export const faceMeasuresOf = (
  person: Pick<PersonFields, "build" | "measures" | "ageYears">,
): FaceMeasures => person.measures ?? measuresOf(person.build, person.ageYears);

/** What of a card says where a face has its landmarks. */
type FaceFields = Pick<PersonFields, "build" | "measures" | "ageYears"> &
  Partial<FeatureMeasures & Pick<PersonFields, "landmarks">>;

const measuredFace = ({ noseWidthMm = null, lipHeightMm = null, ...person }: FaceFields) =>
  withFeatures(faceFromMeasures(faceMeasuresOf(person), person.ageYears), {
    noseWidthMm,
    lipHeightMm,
  });

/** Landmarks of this person's face: from the measures, and where they were dragged on a photograph from that. */
export function landmarksOf(person: FaceFields): Landmarks {
  const dragged = Object.entries(person.landmarks ?? {}).map(
    ([name, [x, y]]): [LandmarkName, ReturnType<typeof point>] => [
      name as LandmarkName,
      point(x, y),
    ],
  );
  return { ...measuredFace(person), ...Object.fromEntries(dragged) };
}

/** Faces of the same measures have a landmark no farther apart than this, and no two closer than that, mm. Common practice, no published source. */
const [STRAYED_MM, TOGETHER_MM] = [30, 2];

/** A dragged landmark farther from where the measures put it than faces differ, or on top of another one: the face would fold over. */
function strayedLandmark({ landmarks, ...person }: FaceFields): string | undefined {
  if (!landmarks || !MeasuresSchema.nullable().safeParse(person.measures).success) return undefined;
  const usual = measuredFace(person);
  const face = landmarksOf({ ...person, landmarks });
  return (Object.keys(landmarks) as LandmarkName[]).find(
    (name) =>
      distance(face[name], usual[name]) > STRAYED_MM ||
      (Object.keys(face) as LandmarkName[]).some(
        (other) =>
          other !== name &&
          distance(usual[name], usual[other]) > TOGETHER_MM &&
          distance(face[name], face[other]) < TOGETHER_MM,
      ),
  );
}

/** The body as measured, or as usual at that age. */
export function physiqueOf({
  ageYears,
  heightCm,
  weightKg,
}: Pick<PersonFields, "ageYears"> &
  Partial<Pick<PersonFields, "heightCm" | "weightKg">>): Physique {
  const usual = usualPhysique(ageYears);
  return { ageYears, heightCm: heightCm ?? usual.heightCm, weightKg: weightKg ?? usual.weightKg };
}

/** Somebody to design on while nobody is chosen: an average face of middle skin tone. */
export const STAND_IN: Person = {
  id: "stand-in",
  version: 0,
  name: "a stand-in",
  ageYears: 30,
  guardianConsent: false,
  skin: "#c99a7a",
  skinKind: "normal",
  sweat: "average",
  allergies: [],
  allergyNotes: "",
  beard: "none",
  brow: "#4a3628",
  hair: null,
  eyes: null,
  hoodedLids: false,
  creases: [],
  concerns: [],
  lenses: false,
  asthma: false,
  reactedOn: null,
  build: "average",
  noseWidthMm: null,
  lipHeightMm: null,
  measures: null,
  landmarks: null,
  heightCm: null,
  weightKg: null,
  patchTests: [],
  notes: "",
};

/** What is left of a person who was deleted: a row that past jobs and records can point at, saying nothing of anybody. */
export const FORGOTTEN: PersonFields = (({
  id: _,
  version: __,
  ...fields
}: Person): PersonFields => ({
  ...fields,
  name: "somebody deleted",
  skin: "#808080",
  brow: "#808080",
}))(STAND_IN);

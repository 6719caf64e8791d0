import { z } from "zod";
import { keysOf } from "./keysOf";
import { LOCALES } from "./text/manner";
import { TOOL_SIZES } from "./paint";
import { AIR, SKILLS, type Brief, type Skill } from "./brief";

/** Tools and machines that not everybody owns; what is not owned is not advised. */
export const OWNABLE = {
  airbrush: "airbrush",
  compressor: "compressor",
  dryer: "cool hand dryer",
  fan: "fan",
  extractor: "extractor",
  uvLamp: "ultraviolet lamp",
  scale: "scale",
  colourMeter: "colour meter",
} as const;

/** How the air of a dressing room is changed. */
export const VENTILATION = {
  none: "none",
  window: "an open window",
  extraction: "extraction or a fan outward",
  outdoors: "outdoors",
} as const;

export const STEADINESS = {
  steady: "steady",
  some: "some tremor",
  shaky: "a clear tremor",
} as const;
export const EYESIGHT = {
  sharp: "sharp up close",
  glasses: "sharp with glasses",
  poor: "not sharp up close",
} as const;

export const UNITS = {
  mass: { g: "grams", oz: "ounces" },
  temperature: { C: "°C", F: "°F" },
  length: { cm: "centimetres", in: "inches" },
  clock: { "24": "24 hours", "12": "12 hours" },
  paper: { A4: "A4", Letter: "Letter" },
} as const;

/** A choice from a table; kept and read as it stands there. */
const oneOf = <T extends Record<string, unknown>>(table: T, usual: keyof T & string) =>
  z.enum<readonly (keyof T & string)[]>(keysOf(table)).prefault(usual);

/** Not strict: what an older version kept beside these, like the week's first day, is dropped. */
const UnitsSchema = z.object({
  mass: oneOf(UNITS.mass, "g"),
  temperature: oneOf(UNITS.temperature, "C"),
  length: oneOf(UNITS.length, "cm"),
  clock: oneOf(UNITS.clock, "24"),
  paper: oneOf(UNITS.paper, "A4"),
});

const RoomSchema = z
  .object({
    airDegC: z.number().min(5, "at least 5 °C").max(45, "at most 45 °C").default(21),
    rh: z.number().min(1, "1 to 100 %").max(100, "1 to 100 %").default(50),
    ventilation: oneOf(VENTILATION, "window"),
    /** Candles, a stove, somebody smoking. */
    flames: z.boolean().default(false),
  })
  .strict();

const PainterSchema = z
  .object({
    level: z.enum(keysOf(SKILLS)).default("practised" satisfies Skill),
    steadiness: oneOf(STEADINESS, "steady"),
    eyesight: oneOf(EYESIGHT, "sharp"),
  })
  .strict();

/** What holds for the whole studio, whoever is painted. */
export const StudioSchema = z
  .object({
    /** ISO 4217. */
    currency: z
      .string()
      .trim()
      .toUpperCase()
      .regex(/^[A-Z]{3}$/, "Enter three letters, like EUR.")
      .default("GBP"),
    /** How dates, numbers and money are written. */
    locale: oneOf(LOCALES, "en-GB"),
    units: UnitsSchema.prefault({}),
    owned: z
      .array(z.enum(keysOf(OWNABLE)))
      .max(20)
      .default(keysOf(OWNABLE)),
    /** Sizes of brushes and sponges there are, mm; what is not listed is taken from the usual ones. */
    brushes: z
      .partialRecord(
        z.enum(keysOf(TOOL_SIZES)),
        z
          .array(z.number().min(0.5, "at least 0.5 mm").max(120, "at most 120 mm"))
          .max(12, "at most twelve sizes"),
      )
      .default({}),
    room: RoomSchema.prefault({}),
    painter: PainterSchema.prefault({}),
    /** Whom to ring when somebody can't breathe or swells. 112 holds in the European Union and by mobile in most countries. */
    emergency: z.string().trim().min(1, "a number").max(30, "at most 30 letters").default("112"),
  })
  .strict();
export type StudioSettings = z.output<typeof StudioSchema>;

/** A cool hand dryer moves some 4 m/s of air over a coat. */
const DRYER_SPEED = 4;

/** Air that a coat dries in. */
export interface PaintingAir {
  readonly airDegC: number;
  readonly rh: number;
  /** m/s over the coat. */ readonly airSpeed: number;
  /** "21 °C and 50 % in still air". */ readonly words: string;
}

/** The air a look is painted in: the job's dressing room, else the studio's, both still; or where it is worn. A cool dryer blows in either. */
export function paintingAir(
  brief: Pick<Brief, "paintedIn" | "roomDegC" | "roomRh" | "airDegC" | "rh" | "air" | "dryer">,
  { room }: Pick<StudioSettings, "room">,
): PaintingAir {
  const isThere = brief.paintedIn === "there";
  const airDegC = isThere ? brief.airDegC : (brief.roomDegC ?? room.airDegC);
  const rh = isThere ? brief.rh : (brief.roomRh ?? room.rh);
  const { label, speed } = AIR[isThere ? brief.air : "still"];
  return {
    airDegC,
    rh,
    airSpeed: brief.dryer ? DRYER_SPEED : speed,
    words: `${airDegC} °C and ${rh} % ${brief.dryer ? "under a cool dryer" : `in ${label}${speed > 0.5 ? "" : " air"}`}`,
  };
}

/** What holds while nobody has said otherwise. */
export const USUAL_STUDIO: StudioSettings = StudioSchema.parse({});

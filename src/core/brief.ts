import { z } from "zod";
import { keysOf } from "./keysOf";
import { ZONE_IDS } from "./anatomy";

/** Metabolic rate of what the performer does, in met (ASHRAE Fundamentals, activity table: standing 1.2, walking about 2, acting and dancing from its walking and dancing rows; from memory). */
export const ACTIVITIES = {
  seated: { label: "sitting", met: 1 },
  standing: { label: "standing", met: 1.2 },
  walking: { label: "walking about", met: 2 },
  acting: { label: "acting, moving", met: 2.6 },
  dancing: { label: "dancing, running", met: 4 },
} as const;
export type Activity = keyof typeof ACTIVITIES;

/** Air speed at the skin, m/s. */
export const AIR = {
  still: { label: "still", speed: 0.1 },
  light: { label: "light wind", speed: 1 },
  fresh: { label: "fresh wind", speed: 3 },
} as const;
export type Air = keyof typeof AIR;

/** Where one is painted. */
export const PAINTED_IN = {
  room: { label: "in a dressing room" },
  there: { label: "where it is worn" },
} as const;

/** How practised the painter is: hands-on minutes are multiplied by this. Common practice, no published source. */
export const SKILLS = {
  beginner: { label: "beginner", factor: 1.8 },
  practised: { label: "experienced", factor: 1 },
  expert: { label: "expert", factor: 0.75 },
} as const;
export type Skill = keyof typeof SKILLS;

/** How fast one means to work: TIME-4 wants a hurried and a comfortable time of each look. */
export const PACES = {
  hurried: { label: "in a hurry" },
  usual: { label: "as usual" },
  comfortable: { label: "comfortably, with breaks" },
} as const;
export type Pace = keyof typeof PACES;

/** Parts of the body a costume may leave bare. */
export const BARES = {
  shoulders: "neck opening and shoulders",
  chest: "chest",
  belly: "belly",
  back: "back",
  upperArms: "upper arms",
  forearms: "forearms",
  hands: "hands",
  thighs: "thighs",
  lowerLegs: "lower legs",
  feet: "feet",
} as const;
export type Bared = keyof typeof BARES;

/** What the painter or the client puts first; it weighs more when paint is chosen. */
export const MATTERS = {
  longWear: "lasts",
  quick: "quick to do",
  cheap: "cheap",
  comfort: "comfortable",
  easyOff: "easy to take off",
  softBlends: "soft blends",
  fineLines: "fine lines",
  closeUp: "looks good close up",
} as const;
export type Matter = keyof typeof MATTERS;

/** What else of the day decides what paint is right. */
export const CIRCUMSTANCES = {
  queue: "a queue waits",
  ward: "in a ward, or a newborn near",
  swims: "goes into water",
  hides: "hides a scar or a tattoo",
  ultraviolet: "seen under ultraviolet light",
} as const;

/** What is worn besides paint: asked early, since paint is chosen for it. */
export const WEARS = {
  glued: "a glued piece: foam, latex, silicone, gelatine",
  cap: "a bald cap",
  ears: "ears",
  lenses: "lenses for the look",
  lashes: "strip lashes",
  teeth: "tooth caps",
  beard: "a beard or moustache",
  wig: "a wig",
  headpiece: "a headpiece",
} as const;
export type Wears = keyof typeof WEARS;

/** What is asked before the first step, since it holds for this day (SAFE-13). */
export const HEALTH = {
  asthma: "asthma",
  pregnancy: "pregnancy",
  brokenSkin: "broken or infected skin",
  sunburn: "sunburn",
  coldSore: "a cold sore",
  eyeInfection: "an eye infection",
  peel: "a peel or retinoid lately",
  lenses: "contact lenses in",
} as const;
export type Health = keyof typeof HEALTH;

/** What a parent or guardian of a child agreed to: who, on which day, to what (SAFE-8). */
export const ConsentSchema = z
  .object({
    who: z.string().trim().min(1, "who agreed?").max(80, "at most 80 letters"),
    on: z.iso.date("a date like 2026-11-24"),
    to: z.string().trim().max(200, "at most 200 letters").default(""),
  })
  .strict();
export type Consent = z.output<typeof ConsentSchema>;

/** The answers of the day: what they said, areas that stay bare today, and what a parent agreed to. */
const TODAY = {
  health: z
    .array(z.enum(keysOf(HEALTH)))
    .max(20)
    .default([]),
  /** Areas that stay unpainted today: sore, sunburnt, broken. */
  bareToday: z.array(z.enum(ZONE_IDS)).max(80).default([]),
  consent: ConsentSchema.nullable().default(null),
  /** Whether they were asked at all. */
  healthAsked: z.boolean().default(false),
};
export const TodaySchema = z.object(TODAY).strict();
export type Today = z.output<typeof TodaySchema>;
/** What stands in a brief while nobody has been asked. */
export const NOT_ASKED: Today = { health: [], bareToday: [], consent: null, healthAsked: false };

/** A job done again at another time: what was asked and pinned on its day is not carried over. */
export const doneAgain = (brief: Brief, curtainAt: string | null): Brief => ({
  ...brief,
  ...NOT_ASKED,
  pins: [],
  curtainAt,
});

const minutes = (most: number) =>
  z.number().int("whole minutes").min(0, "0 or more").max(most, `at most ${most}`);

export const BriefSchema = z
  .object({
    character: z.string().trim().max(400).default(""),
    place: z.string().trim().max(120).default(""),
    airDegC: z.number().min(-20, "at least -20 °C").max(50, "at most 50 °C"),
    rh: z.number().min(1, "1 to 100 %").max(100, "1 to 100 %"),
    air: z.enum(keysOf(AIR)),
    /** Where it is painted: the air there dries it, the air above wears it. */
    paintedIn: z.enum(keysOf(PAINTED_IN)).default("room"),
    /** This job's dressing room where it is not the studio's own. */
    roomDegC: z.number().min(5, "at least 5 °C").max(45, "at most 45 °C").nullable().default(null),
    roomRh: z.number().min(1, "1 to 100 %").max(100, "1 to 100 %").nullable().default(null),
    sun: z.boolean().default(false),
    hoursWorn: z.number().min(0.25, "at least a quarter of an hour").max(24, "at most 24 h"),
    activity: z.enum(keysOf(ACTIVITIES)),
    nearestM: z.number().min(0.3, "at least 0.3 m").max(500, "at most 500 m"),
    farthestM: z.number().min(0.3, "at least 0.3 m").max(500, "at most 500 m"),
    /** Lower edge of hat or fringe, mm above the bridge of the nose; null when nothing covers the forehead. */
    hatLineMm: z
      .number()
      .min(10, "at least 10 mm above the bridge")
      .max(90, "at most 90 mm above the bridge")
      .nullable()
      .default(null),
    hood: z.boolean().default(false),
    /** A half mask over nose, mouth and chin. */
    mask: z.boolean().default(false),
    highCollar: z.boolean().default(false),
    /** Eats or drinks while painted. */
    meal: z.boolean().default(false),
    /** Handles props, ropes or instruments. */
    handProps: z.boolean().default(false),
    /** Rain, spray or water on the skin. */
    wet: z.boolean().default(false),
    matters: z
      .array(z.enum(keysOf(MATTERS)))
      .max(4, "at most four, or nothing comes first")
      .default([]),
    circumstances: z
      .array(z.enum(keysOf(CIRCUMSTANCES)))
      .max(10)
      .default([]),
    wears: z
      .array(z.enum(keysOf(WEARS)))
      .max(12)
      .default([]),
    /** Parts of the body that the costume leaves bare, so that the audience sees them. */
    bares: z
      .array(z.enum(keysOf(BARES)))
      .max(10)
      .default([]),
    ...TODAY,
    skill: z.enum(keysOf(SKILLS)),
    /** ISO 8601 with its offset; null when there is no date yet. */
    curtainAt: z.iso
      .datetime({ offset: true, error: "a date and a time" })
      .nullable()
      .default(null),
    /** What may be spent on what has to be bought, minor units; null where nobody has said. */
    budgetMinor: z
      .number()
      .int("whole pence or cents")
      .min(0, "0 or more")
      .max(10_000_000)
      .nullable()
      .default(null),
    travelMinutes: minutes(1440).default(0),
    costumeMinutes: minutes(480).default(0),
    bufferMinutes: minutes(480).default(0),
    dryer: z.boolean().default(false),
    pace: z.enum(keysOf(PACES)).default("usual"),
    /** Artists at this chair at once. */
    artists: z.number().int("whole artists").min(1, "1 or more").max(4, "at most 4").default(1),
    /** The performer paints themselves, before a mirror (TIME-3). */
    self: z.boolean().default(false),
    /** Somebody is there for what one can't reach. */
    helper: z.boolean().default(false),
    /** Tasks of the chair held back to a minute of it, by hand. */
    pins: z
      .array(
        z
          .object({ task: z.string().min(1).max(200), minute: z.number().min(0).max(1440) })
          .strict(),
      )
      .max(200)
      .default([]),
  })
  .strict()
  .superRefine((brief, context) => {
    if (brief.farthestM < brief.nearestM)
      context.addIssue({
        code: "custom",
        path: ["farthestM"],
        message: "the farthest seat is nearer than the nearest",
      });
  });

export type Brief = z.infer<typeof BriefSchema>;

/** An indoor evening: what a brief starts from. */
export const USUAL_BRIEF: Brief = {
  character: "",
  place: "",
  ...NOT_ASKED,
  airDegC: 21,
  rh: 50,
  air: "still",
  paintedIn: "room",
  roomDegC: null,
  roomRh: null,
  sun: false,
  hoursWorn: 3,
  activity: "acting",
  nearestM: 1,
  farthestM: 12,
  hatLineMm: null,
  hood: false,
  mask: false,
  highCollar: false,
  meal: false,
  handProps: false,
  wet: false,
  matters: [],
  circumstances: [],
  wears: [],
  bares: [],
  skill: "practised",
  curtainAt: null,
  budgetMinor: null,
  travelMinutes: 0,
  costumeMinutes: 15,
  bufferMinutes: 10,
  dryer: false,
  pace: "usual",
  artists: 1,
  self: false,
  helper: false,
  pins: [],
};

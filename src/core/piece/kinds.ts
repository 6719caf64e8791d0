import type { ZoneId } from "../anatomy";
import type { AtTheChair } from "./atTheChair";

const HELD = { glue: null, grams: 0 } as const;

/**
 * Things made or bought and worn: what usually lies under one, how large it is inside, and how it goes on at the chair (PROS-5, PROS-6). A new kind is one
 * entry here. Common practice, no published source.
 */
export const PIECE_KINDS = {
  lenses: {
    label: "lenses",
    measure: null,
    usualMm: null,
    covers: [],
    buys: true,
    chair: {
      ...HELD,
      when: "first",
      minutes: 4,
      by: "performer",
      mostHours: 8,
      off: { minutes: 3, how: "with clean hands, before any remover" },
      how: "Clean dry hands, before any paint or powder; only as an eye-care professional fitted them (SAFE-4).",
    },
  },
  ears: {
    label: "ears",
    measure: "base",
    usualMm: 120,
    covers: ["earLeft", "earRight"],
    buys: false,
    chair: {
      when: "skin",
      minutes: 12,
      by: "painter",
      glue: "medicalAdhesive",
      grams: 0.6,
      off: { minutes: 6, how: "adhesive remover along the edge, never pull" },
      how: "Dry-fit first; glue thin from the back edge forwards, press, fill the edge (PROS-1).",
    },
  },
  scales: {
    label: "scales or plates",
    measure: null,
    usualMm: null,
    covers: [],
    buys: false,
    chair: {
      when: "skin",
      minutes: 2,
      by: "painter",
      glue: "medicalAdhesive",
      grams: 0.1,
      off: { minutes: 1, how: "adhesive remover along the edge, never pull" },
      how: "From the centre outwards (ORDER-3).",
    },
  },
  tapeBrows: {
    label: "tape brows",
    measure: null,
    usualMm: null,
    covers: ["browLeft", "browRight"],
    buys: false,
    chair: {
      ...HELD,
      when: "skin",
      minutes: 3,
      by: "painter",
      off: { minutes: 2, how: "soak with oil, then roll it off along the hair" },
      how: "On clean skin, before powder; press from the inner end out.",
    },
  },
  strands: {
    label: "strands",
    measure: null,
    usualMm: null,
    covers: [],
    buys: false,
    chair: {
      when: "late",
      minutes: 1,
      by: "painter",
      glue: "spiritGum",
      grams: 0.05,
      off: { minutes: 0.5, how: "the glue's own remover, from the bottom row up" },
      how: "From the bottom row up (ORDER-3).",
    },
  },
  beard: {
    label: "beard or moustache",
    measure: null,
    usualMm: null,
    covers: ["chin"],
    buys: true,
    chair: {
      when: "late",
      minutes: 12,
      by: "painter",
      glue: "spiritGum",
      grams: 1,
      off: { minutes: 6, how: "spirit-gum remover along the lace, peeled downwards" },
      how: "On clean-shaven skin: gum, wait until it is tacky, press from the chin upwards; crepe hair is laid from the bottom row up.",
    },
  },
  whiskers: {
    label: "whiskers",
    measure: null,
    usualMm: null,
    covers: [],
    buys: false,
    chair: {
      when: "late",
      minutes: 0.5,
      by: "painter",
      glue: "lashGlue",
      grams: 0.02,
      off: { minutes: 0.5, how: "oil, then lifted" },
      how: "After the last powder, one by one, from the nose outwards.",
    },
  },
  lashes: {
    label: "strip lashes",
    measure: null,
    usualMm: null,
    covers: [],
    buys: true,
    chair: {
      when: "late",
      minutes: 6,
      by: "painter",
      glue: "lashGlue",
      grams: 0.05,
      off: { minutes: 2, how: "oil on a pad, lid closed; never pulled" },
      how: "Trim to the lid, glue until tacky, set from the middle, eyes down; mascara joins them.",
    },
  },
  teeth: {
    label: "tooth caps",
    measure: null,
    usualMm: null,
    covers: [],
    buys: true,
    chair: {
      ...HELD,
      when: "late",
      minutes: 3,
      by: "performer",
      mostHours: 4,
      off: { minutes: 1, how: "out first, rinsed and boxed" },
      how: "Fitted to the mouth beforehand; teeth clean and dry. Out for eating and sleeping.",
    },
  },
  horns: {
    label: "horns",
    measure: "base",
    usualMm: 90,
    covers: [],
    buys: false,
    chair: {
      ...HELD,
      when: "late",
      minutes: 5,
      by: "painter",
      off: { minutes: 2, how: "off with their band" },
      how: "Left and right mirrored and equal, on the band before the hair is dressed (PIECE-3).",
    },
  },
  wig: {
    label: "wig",
    measure: "head",
    usualMm: 570,
    covers: ["scalp"],
    buys: true,
    chair: {
      ...HELD,
      when: "last",
      minutes: 10,
      by: "painter",
      off: { minutes: 4, how: "pins out, front lace loosened first" },
      how: "Over wrapped hair and a net: front edge first, pinned at temples and nape; a lace front is gummed.",
    },
  },
  headpiece: {
    label: "headpiece",
    measure: "head",
    usualMm: 570,
    covers: ["scalp"],
    buys: false,
    chair: {
      ...HELD,
      when: "last",
      minutes: 4,
      by: "painter",
      off: { minutes: 2, how: "straight up, by two hands" },
      how: "Last, straight down over pinned hair; then the touch-up (ORDER-4).",
    },
  },
  accessory: {
    label: "something else worn",
    measure: null,
    usualMm: null,
    covers: [],
    buys: true,
    chair: {
      ...HELD,
      when: "last",
      minutes: 2,
      by: "painter",
      off: { minutes: 1, how: "off before the remover" },
      how: "Over finished, dry paint.",
    },
  },
} as const satisfies Record<
  string,
  {
    label: string;
    measure: "head" | "base" | null;
    usualMm: number | null;
    covers: readonly ZoneId[];
    /** Bought more often than made. */
    buys: boolean;
    chair: AtTheChair;
  }
>;
export type PieceKind = keyof typeof PIECE_KINDS;
export const PIECE_KIND_KEYS = Object.keys(PIECE_KINDS) as PieceKind[];
/** How a kind goes on, and comes off. */
export const atTheChair = (kind: PieceKind): AtTheChair => PIECE_KINDS[kind].chair;

export interface BuildMaterial {
  readonly label: string;
  /** What one coat adds to the wall, mm: half of it inwards where it wraps a form, all of it where it lines one; taken as all. */
  readonly coatMm: number;
  /** Hands, min a coat. */
  readonly minutes: number;
  /** Before the next coat, h. */
  readonly waitHours: number;
  readonly coats: number;
  readonly ready: string;
  /** Weight of one coat once dry, g/m2. */
  readonly gramsPerM2: number;
  /** Sprays, foam and dust want the open air; null where a room does. */
  readonly aired: boolean;
}

/** What pieces are made of. None of it goes on skin, nor do its brushes (PIECE-5). Common practice, no published source. */
export const BUILD_MATERIALS = {
  latexStrips: {
    label: "latex strips, stippled",
    coatMm: 0.4,
    minutes: 20,
    waitHours: 1,
    coats: 3,
    ready: "clear and no longer milky",
    aired: false,
    gramsPerM2: 350,
  },
  glue: {
    label: "contact adhesive",
    coatMm: 0.2,
    minutes: 15,
    waitHours: 0.5,
    coats: 1,
    ready: "turned clear, tacky to a knuckle",
    aired: true,
    gramsPerM2: 150,
  },
  foamSheet: {
    label: "foam sheet, cut and glued",
    coatMm: 5,
    minutes: 60,
    waitHours: 12,
    coats: 1,
    ready: "a night, weighted",
    aired: false,
    gramsPerM2: 400,
  },
  expandingFoam: {
    label: "expanding foam",
    coatMm: 8,
    minutes: 20,
    waitHours: 12,
    coats: 1,
    ready: "a night, cut through dry",
    aired: true,
    gramsPerM2: 300,
  },
  board: {
    label: "board, cut and folded",
    coatMm: 1.5,
    minutes: 40,
    waitHours: 0,
    coats: 1,
    ready: "at once",
    aired: false,
    gramsPerM2: 600,
  },
  tape: {
    label: "tape",
    coatMm: 0.15,
    minutes: 15,
    waitHours: 0,
    coats: 1,
    ready: "at once",
    aired: false,
    gramsPerM2: 120,
  },
  foamByVolume: {
    label: "two-part foam, cast",
    coatMm: 0,
    minutes: 30,
    waitHours: 12,
    coats: 1,
    ready: "a night in the form, no longer soft",
    aired: true,
    gramsPerM2: 900,
  },
  domes: {
    label: "domes and stones, set in",
    coatMm: 0,
    minutes: 25,
    waitHours: 2,
    coats: 1,
    ready: "they no longer move",
    aired: false,
    gramsPerM2: 400,
  },
  support: {
    label: "support: wire, band or net",
    coatMm: 1,
    minutes: 30,
    waitHours: 0,
    coats: 1,
    ready: "at once",
    aired: false,
    gramsPerM2: 250,
  },
  plaster: {
    label: "plaster bandage",
    coatMm: 2,
    minutes: 40,
    waitHours: 12,
    coats: 2,
    ready: "a night, no longer cold to the cheek",
    aired: false,
    gramsPerM2: 1500,
  },
  paperPulp: {
    label: "paper and paste",
    coatMm: 1,
    minutes: 45,
    waitHours: 12,
    coats: 3,
    ready: "a night, rings when tapped",
    aired: false,
    gramsPerM2: 500,
  },
  primer: {
    label: "flexible primer",
    coatMm: 0.1,
    minutes: 15,
    waitHours: 2,
    coats: 2,
    ready: "matte all over",
    aired: true,
    gramsPerM2: 120,
  },
  propPaint: {
    label: "prop paint",
    coatMm: 0.05,
    minutes: 40,
    waitHours: 1,
    coats: 2,
    ready: "dry to the touch",
    aired: false,
    gramsPerM2: 100,
  },
  sealer: {
    label: "sealing spray",
    coatMm: 0.02,
    minutes: 5,
    waitHours: 2,
    coats: 2,
    ready: "no smell left",
    aired: true,
    gramsPerM2: 30,
  },
  lining: {
    label: "lining of felt",
    coatMm: 2,
    minutes: 30,
    waitHours: 0,
    coats: 1,
    ready: "at once",
    aired: false,
    gramsPerM2: 300,
  },
  other: {
    label: "something else",
    coatMm: 0,
    minutes: 30,
    waitHours: 0,
    coats: 1,
    ready: "as its label says",
    aired: false,
    gramsPerM2: 200,
  },
} as const satisfies Record<string, BuildMaterial>;
export type BuildMaterialKey = keyof typeof BUILD_MATERIALS;
export const BUILD_MATERIAL_KEYS = Object.keys(BUILD_MATERIALS) as BuildMaterialKey[];
export const buildMaterial = (key: BuildMaterialKey): BuildMaterial => BUILD_MATERIALS[key];

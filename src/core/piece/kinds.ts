import type { ZoneId } from "../anatomy";

/** Things made or bought and worn. `covers`: what usually lies under it; `order`: how it is put on. Common practice, no published source. */
export const PIECE_KINDS = {
  headpiece: {
    label: "headpiece",
    measure: "head",
    usualMm: 570,
    covers: ["scalp"],
    order: "Last, straight down over pinned hair; then the touch-up (ORDER-4).",
  },
  horns: {
    label: "horns",
    measure: "base",
    usualMm: 90,
    covers: [],
    order: "Left and right mirrored and equal, on the band before the hair is dressed (PIECE-3).",
  },
  ears: {
    label: "ears",
    measure: "base",
    usualMm: 120,
    covers: ["earLeft", "earRight"],
    order: "Dry-fit first; glue thin from the back edge forwards (PROS-1).",
  },
  scales: {
    label: "scales or plates",
    measure: null,
    usualMm: null,
    covers: [],
    order: "From the centre outwards (ORDER-3).",
  },
  strands: {
    label: "strands",
    measure: null,
    usualMm: null,
    covers: [],
    order: "From the bottom row up (ORDER-3).",
  },
  tapeBrows: {
    label: "tape brows",
    measure: null,
    usualMm: null,
    covers: ["browLeft", "browRight"],
    order: "On clean skin, before powder; press from the inner end out.",
  },
  whiskers: {
    label: "whiskers",
    measure: null,
    usualMm: null,
    covers: [],
    order: "After the last powder, one by one, from the nose outwards.",
  },
} as const satisfies Record<
  string,
  {
    label: string;
    measure: "head" | "base" | null;
    usualMm: number | null;
    covers: readonly ZoneId[];
    order: string;
  }
>;
export type PieceKind = keyof typeof PIECE_KINDS;
export const PIECE_KIND_KEYS = Object.keys(PIECE_KINDS) as PieceKind[];

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
  },
  glue: {
    label: "contact adhesive",
    coatMm: 0.2,
    minutes: 15,
    waitHours: 0.5,
    coats: 1,
    ready: "turned clear, tacky to a knuckle",
    aired: true,
  },
  foamSheet: {
    label: "foam sheet, cut and glued",
    coatMm: 5,
    minutes: 60,
    waitHours: 12,
    coats: 1,
    ready: "a night, weighted",
    aired: false,
  },
  expandingFoam: {
    label: "expanding foam",
    coatMm: 8,
    minutes: 20,
    waitHours: 12,
    coats: 1,
    ready: "a night, cut through dry",
    aired: true,
  },
  plaster: {
    label: "plaster bandage",
    coatMm: 2,
    minutes: 40,
    waitHours: 12,
    coats: 2,
    ready: "a night, no longer cold to the cheek",
    aired: false,
  },
  paperPulp: {
    label: "paper and paste",
    coatMm: 1,
    minutes: 45,
    waitHours: 12,
    coats: 3,
    ready: "a night, rings when tapped",
    aired: false,
  },
  primer: {
    label: "flexible primer",
    coatMm: 0.1,
    minutes: 15,
    waitHours: 2,
    coats: 2,
    ready: "matte all over",
    aired: true,
  },
  propPaint: {
    label: "prop paint",
    coatMm: 0.05,
    minutes: 40,
    waitHours: 1,
    coats: 2,
    ready: "dry to the touch",
    aired: false,
  },
  sealer: {
    label: "sealing spray",
    coatMm: 0.02,
    minutes: 5,
    waitHours: 2,
    coats: 2,
    ready: "no smell left",
    aired: true,
  },
  lining: {
    label: "lining of felt",
    coatMm: 2,
    minutes: 30,
    waitHours: 0,
    coats: 1,
    ready: "at once",
    aired: false,
  },
} as const satisfies Record<string, BuildMaterial>;
export type BuildMaterialKey = keyof typeof BUILD_MATERIALS;
export const BUILD_MATERIAL_KEYS = Object.keys(BUILD_MATERIALS) as BuildMaterialKey[];
export const buildMaterial = (key: BuildMaterialKey): BuildMaterial => BUILD_MATERIALS[key];

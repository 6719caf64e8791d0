import { z } from "zod";

/**
 * Wells that paint is put in, mm inside. Common practice, no published source: sizes that empty pans are commonly sold in, from memory.
 * A new one is a line here.
 */
export const PANS = {
  half: { label: "half pan", width: 19, height: 16, deep: 9, round: false },
  full: { label: "full pan", width: 30, height: 19, deep: 9, round: false },
  small: { label: "small round", width: 26, height: 26, deep: 4, round: true },
  wide: { label: "wide round", width: 37, height: 37, deep: 5, round: true },
  cake: { label: "round cake", width: 48, height: 48, deep: 12, round: true },
  strip: { label: "long cake", width: 57, height: 28, deep: 12, round: false },
} as const;
export type PanKey = keyof typeof PANS;
const PAN_KEYS = Object.keys(PANS) as [PanKey, ...PanKey[]];
export const panWords = (key: PanKey): string => {
  const { label, width, height, round } = PANS[key];
  return round ? `${label}, ${width} mm` : `${label}, ${width} × ${height} mm`;
};

/** Palettes of usual sizes, mm inside; any other is typed. Common practice, no published source. */
export const TRAYS = {
  pocket: { label: "pocket tin", width: 90, height: 60 },
  hand: { label: "hand palette", width: 180, height: 110 },
  table: { label: "table palette", width: 280, height: 190 },
  drawer: { label: "case drawer", width: 400, height: 280 },
} as const;
export type PaletteKey = keyof typeof TRAYS;

/** A well and what is in it: nothing, a product, or a mix by parts. */
export const PanSchema = z
  .object({
    id: z.string().min(1).max(64),
    pan: z.enum(PAN_KEYS),
    parts: z
      .array(
        z
          .object({ productId: z.string().min(1).max(64), parts: z.number().int().min(1).max(20) })
          .strict(),
      )
      .max(4)
      .refine(
        (parts) => new Set(parts.map(({ productId }) => productId)).size === parts.length,
        "each product once",
      ),
  })
  .strict();
export type Pan = z.infer<typeof PanSchema>;

const Side = (what: string) =>
  z
    .number({ error: "a number of mm" })
    .min(40, `${what} of 40 mm or more`)
    .max(800, `${what} of 800 mm at most`);
/** A laid-out palette: pans lie in rows in the order they are kept in. */
export const PaletteSchema = z
  .object({
    name: z.string().trim().min(1, "give it a name").max(80),
    width: Side("a width"),
    height: Side("a height"),
    pans: z
      .array(PanSchema)
      .max(200)
      .refine((pans) => new Set(pans.map(({ id }) => id)).size === pans.length, "each pan once"),
    /** The job it is packed for, if it is. */
    jobId: z.string().max(64).nullable().default(null),
    notes: z.string().max(500).default(""),
  })
  .strict();
export type PaletteFields = z.infer<typeof PaletteSchema>;
export interface Palette extends PaletteFields {
  readonly id: string;
  readonly version: number;
}

/** A pan in its place, mm from the upper left corner inside the palette; what does not fit lies below the edge. */
export interface PlacedPan {
  readonly pan: Pan;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly row: number;
  readonly fits: boolean;
}

/** Left free at the edge and between two pans, for a wall and a fingertip, mm. Common practice, no published source. */
const [RIM, GAP] = [2, 2];

/** Lays pans in rows, in reading order, as they would be set in by hand: none over another, none out of order. */
export function layOut({
  width,
  height,
  pans,
}: Pick<PaletteFields, "width" | "height" | "pans">): PlacedPan[] {
  const placed: PlacedPan[] = [];
  let [x, y, tallest, row] = [RIM, RIM, 0, 0];
  for (const pan of pans) {
    const size = PANS[pan.pan];
    if (x > RIM && x + size.width > width - RIM) {
      [x, y, tallest, row] = [RIM, y + tallest + GAP, 0, row + 1];
    }
    placed.push({
      pan,
      x,
      y,
      width: size.width,
      height: size.height,
      row,
      fits: x + size.width <= width - RIM && y + size.height <= height - RIM,
    });
    x += size.width + GAP;
    tallest = Math.max(tallest, size.height);
  }
  return placed;
}

/** Grams of paint in a ml of it, pressed or set. Common practice, no published source. */
const GRAMS_A_ML = 1.3;
/** Grams a pan holds to its rim. */
export function panGrams(key: PanKey): number {
  const { width, height, deep, round } = PANS[key];
  return ((width * height * deep * (round ? Math.PI / 4 : 1)) / 1000) * GRAMS_A_ML;
}

/** The pans with one of them taken to another place. */
export function movePan(pans: readonly Pan[], id: string, to: number): Pan[] {
  const moved = pans.find((pan) => pan.id === id);
  if (!moved) return [...pans];
  const rest = pans.filter((pan) => pan !== moved);
  const at = Math.max(0, Math.min(rest.length, to));
  return [...rest.slice(0, at), moved, ...rest.slice(at)];
}

/** The place of the pan that lies above or below another in its palette; its own where there is none. */
export function panBeside(placed: readonly PlacedPan[], id: string, rows: 1 | -1): number {
  const at = placed.findIndex(({ pan }) => pan.id === id);
  const here = placed[at];
  if (!here) return -1;
  const middle = here.x + here.width / 2;
  const off = (other: PlacedPan) => Math.abs(other.x + other.width / 2 - middle);
  return placed.reduce((best, other, i) => {
    const known = placed[best];
    return other.row === here.row + rows && (best === at || !known || off(other) < off(known))
      ? i
      : best;
  }, at);
}

/** Smallest usual palette that so many pans fit in; null where none does. */
export function smallestPalette(pans: readonly Pan[]): PaletteKey | null {
  return (
    (Object.keys(TRAYS) as PaletteKey[]).find((key) =>
      layOut({ ...TRAYS[key], pans: [...pans] }).every(({ fits }) => fits),
    ) ?? null
  );
}

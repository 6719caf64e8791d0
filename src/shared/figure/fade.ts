import { acrossStrip, type Point, type Polygon, type Strip } from "@/core/anatomy";
import type { Layer } from "@/core/look";

type Edged = Pick<Layer, "edge" | "fades" | "fadeMm">;

/** A soft edge is as wide as four deviations of the blur that draws it. */
export const softness = ({ edge, fades, fadeMm }: Edged): number =>
  edge === "faded" && fades === "round" ? fadeMm / 4 : 0;

/** A line in the picture, from (x1, y1) to (x2, y2). */
export interface Line {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}
export interface Stop {
  readonly offset: number;
  readonly opacity: 0 | 1;
}

/** The way a faded edge goes, as ends of a gradient over an area; null where it fades all round. */
export function fadeLine(
  { edge, fades }: Pick<Edged, "edge" | "fades">,
  centre: Point,
): Line | null {
  if (edge !== "faded" || fades === "round") return null;
  if (fades === "left") return { x1: 0, y1: 0, x2: 1, y2: 0 };
  if (fades === "right") return { x1: 1, y1: 0, x2: 0, y2: 0 };
  const out = centre.x >= 0 ? 1 : 0;
  if (fades === "up") return { x1: 0, y1: 1, x2: 0, y2: 0 };
  // An area on the midline has no outer side: it fades downwards.
  if (fades === "down" || Math.abs(centre.x) < 1) return { x1: 0, y1: 0, x2: 0, y2: 1 };
  const to = fades === "out" ? out : 1 - out;
  return { x1: 1 - to, y1: 0, x2: to, y2: 0 };
}

/** Which way a layer fades at some place, as a direction on the person; null where it does so all round. */
function direction(fades: Layer["fades"], centre: Point): Point | null {
  const side = centre.x >= 0 ? 1 : -1;
  if (fades === "up") return { x: 0, y: 1 };
  if (fades === "down") return { x: 0, y: -1 };
  if (fades === "left" || fades === "right") return { x: fades === "left" ? 1 : -1, y: 0 };
  return fades === "round" ? null : { x: fades === "out" ? side : -side, y: 0 };
}

/** An edge that faces as far as this towards where a layer fades fades with it. */
const FACES = 0.3;

/**
 * Colour across a strip of an area: full between its lines, thinning over a faded one, none beyond a hard one.
 * @param carry from mm on the person to mm in the picture, lengths kept
 * @returns the line of a gradient in the picture, and its stops
 */
export function acrossArea(
  layer: Edged,
  strip: Strip,
  polygon: Polygon,
  centre: Point,
  carry: (p: Point) => Point,
): { line: Line; stops: readonly Stop[] } {
  const reach = polygon.map((p) => acrossStrip(strip, p));
  const towards = direction(layer.fades, centre);
  const fadeAt = (end: number, sign: 1 | -1): number => {
    if (layer.edge === "hard" || !Number.isFinite(end)) return 0;
    const facing = towards && sign * acrossStrip(strip, towards);
    return facing === null || facing > FACES ? layer.fadeMm : 0;
  };
  const [begins, ends] = [fadeAt(strip.fromMm, -1), fadeAt(strip.toMm, 1)];
  const from = Math.max(strip.fromMm - begins / 2, Math.min(...reach) - 1 - begins);
  const to = Math.max(from + 0.1, Math.min(strip.toMm + ends / 2, Math.max(...reach) + 1 + ends));
  const at = (mm: number): Point => carry({ x: strip.across.x * mm, y: strip.across.y * mm });
  const [a, b] = [at(from), at(to)];
  const share = (mm: number) => Math.min(1, mm / (to - from));
  const stops: Stop[] = [
    { offset: 0, opacity: 0 },
    { offset: share(begins), opacity: 1 },
    { offset: Math.max(share(begins), 1 - share(ends)), opacity: 1 },
    { offset: 1, opacity: 0 },
  ];
  return { line: { x1: a.x, y1: -a.y, x2: b.x, y2: -b.y }, stops };
}

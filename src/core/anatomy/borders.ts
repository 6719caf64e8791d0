import { remember } from "../remember";
import type { Figure } from "./figure";
import { distance, point, type Point } from "./point";
import type { ZoneId } from "./zones";

/** The line two zones share. */
export interface Border {
  readonly a: ZoneId;
  readonly b: ZoneId;
  readonly lines: readonly (readonly Point[])[];
  readonly lengthMm: number;
}

const keyOf = (p: Point) => `${Math.round(p.x * 1000)},${Math.round(p.y * 1000)}`;

/** Joins pieces that meet end to end into as few lines as there are. */
export function joinPieces(pieces: readonly (readonly Point[])[]): Point[][] {
  const left = pieces.filter((piece) => piece.length > 1).map((piece) => [...piece]);
  const lines: Point[][] = [];
  for (let line = left.shift(); line; line = left.shift()) {
    for (let again = true; again;) {
      again = false;
      const [first, last] = [line[0], line.at(-1)] as [Point, Point];
      for (let i = 0; i < left.length && !again; i++) {
        const piece = left[i] as Point[];
        const [from, to] = [keyOf(piece[0] as Point), keyOf(piece.at(-1) as Point)];
        if (from === keyOf(last)) line = [...line, ...piece.slice(1)];
        else if (to === keyOf(last)) line = [...line, ...piece.toReversed().slice(1)];
        else if (to === keyOf(first)) line = [...piece.slice(0, -1), ...line];
        else if (from === keyOf(first)) line = [...piece.toReversed().slice(0, -1), ...line];
        else continue;
        left.splice(i, 1);
        again = true;
      }
    }
    lines.push(line);
  }
  return lines;
}

/**
 * Every pair of neighbouring zones with the line between them. Neighbours share their strands to the point, so the border is the
 * corners both polygons run through.
 */
export const borders = remember((figure: Figure): readonly Border[] => {
  const sides = new Map<string, { zones: ZoneId[]; piece: Point[] }>();
  for (const { id, polygon } of figure.zones)
    polygon.forEach((p, i) => {
      const q = polygon[(i + 1) % polygon.length] ?? p;
      const key = [keyOf(p), keyOf(q)].sort().join(" ");
      const side = sides.get(key) ?? { zones: [], piece: [point(p.x, p.y), point(q.x, q.y)] };
      side.zones.push(id);
      sides.set(key, side);
    });
  const pairs = new Map<string, { a: ZoneId; b: ZoneId; pieces: Point[][] }>();
  for (const {
    zones: [a, b],
    piece,
  } of sides.values()) {
    if (!a || !b || a === b) continue;
    const pair = pairs.get(`${a} ${b}`) ?? { a, b, pieces: [] };
    pair.pieces.push(piece);
    pairs.set(`${a} ${b}`, pair);
  }
  return [...pairs.values()].map(({ a, b, pieces }): Border => {
    const lines = joinPieces(pieces);
    return {
      a,
      b,
      lines,
      lengthMm: lines.reduce(
        (sum, line) =>
          sum + line.slice(1).reduce((length, p, i) => length + distance(line[i] ?? p, p), 0),
        0,
      ),
    };
  });
});

import { boundingBox, browPoints, point, type Landmarks, type Point } from "../anatomy";
import { browThrough } from "./brow";
import { MarkSchema, newMark, placedStrokes, type Mark } from "./registry";

const near = (value: number) => Math.round(value * 100) / 100;

/** The mark somewhere else; null where no mark may be. */
export function moveMark(mark: Mark, to: Point): Mark | null {
  const moved = MarkSchema.safeParse({ ...mark, x: near(to.x), y: near(to.y) });
  return moved.success ? moved.data : null;
}

/** The mark turned by some degrees, kept between -180 and 180. */
export function turnMark(mark: Mark, byDeg: number): Mark {
  const turned = ((((mark.turnDeg + byDeg + 180) % 360) + 360) % 360) - 180;
  return { ...mark, turnDeg: near(turned) };
}

/** Fields that say how wide a brush is drawn, not how large the mark is. */
const NOT_SIZE = new Set(["widthMm", "outsetMm"]);

/** The mark larger or smaller by a factor, its brush as it was; null where that passes what its kind allows. */
export function scaleMark(mark: Mark, by: number): Mark | null {
  const scaled = Object.fromEntries(
    Object.entries<unknown>(mark).map(([key, value]) => {
      if (key === "points" && Array.isArray(value))
        return [key, (value as [number, number][]).map(([x, y]) => [near(x * by), near(y * by)])];
      return [
        key,
        key.endsWith("Mm") && !NOT_SIZE.has(key) && typeof value === "number"
          ? near(value * by)
          : value,
      ];
    }),
  );
  const parsed = MarkSchema.safeParse(scaled);
  return parsed.success ? parsed.data : null;
}

/** All on one height, or one below the other: the mean of where they are. */
export function alignMarks(marks: readonly Mark[], along: "level" | "plumb"): Mark[] {
  const axis = along === "level" ? "y" : "x";
  const mean = near(marks.reduce((sum, mark) => sum + mark[axis], 0) / Math.max(1, marks.length));
  return marks.map((mark) => ({ ...mark, [axis]: mean }));
}

/** Evenly between the two that are furthest apart, in their order along that line. */
export function distributeMarks(marks: readonly Mark[]): Mark[] {
  if (marks.length < 3) return [...marks];
  const pairs = marks.flatMap((a, i) =>
    marks.slice(i + 1).map((b) => ({ a, b, apart: Math.hypot(a.x - b.x, a.y - b.y) })),
  );
  const ends = pairs.reduce((most, pair) => (pair.apart > most.apart ? pair : most));
  const along = (mark: Mark) =>
    (mark.x - ends.a.x) * (ends.b.x - ends.a.x) + (mark.y - ends.a.y) * (ends.b.y - ends.a.y);
  const order = [...marks].sort((one, other) => along(one) - along(other));
  return marks.map((mark) => {
    const t = order.indexOf(mark) / (marks.length - 1);
    return {
      ...mark,
      x: near(ends.a.x + (ends.b.x - ends.a.x) * t),
      y: near(ends.a.y + (ends.b.y - ends.a.y) * t),
    };
  });
}

/** How large a mark is across, mm: the mean of its two sides. */
function sizeOf(mark: Mark): number {
  const { left, right, top, bottom } = boundingBox(
    placedStrokes({ ...mark, mirrored: false }).flatMap(({ points }) => points),
  );
  return (right - left + top - bottom) / 2;
}

/**
 * Copies of a mark along a line with the same gap between any two, the first and last at its ends.
 *
 * @param lastScale size of the last against the first; those between grow or shrink evenly
 */
export function duplicateAlong(
  mark: Mark,
  line: readonly Point[],
  count: number,
  lastScale = 1,
): Mark[] {
  const steps = line
    .slice(1)
    .map((p, i) => Math.hypot(p.x - (line[i]?.x ?? 0), p.y - (line[i]?.y ?? 0)));
  const whole = steps.reduce((sum, step) => sum + step, 0);
  const at = (share: number): Point => {
    let left = share * whole;
    for (let i = 0; i < steps.length; i++) {
      const step = steps[i] ?? 0;
      const [a, b] = [line[i] as Point, line[i + 1] as Point];
      if (left <= step || i === steps.length - 1) {
        const t = step ? Math.min(1, left / step) : 0;
        return point(a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t);
      }
      left -= step;
    }
    return line[0] ?? point(mark.x, mark.y);
  };
  const scaleOf = (i: number) => 1 + ((lastScale - 1) * i) / Math.max(1, count - 1);
  const copies = Array.from({ length: count }, (_, i): Mark => {
    const scale = scaleOf(i);
    const copy = { ...mark, seed: mark.seed + i };
    return (scale === 1 ? copy : scaleMark(copy, scale)) ?? copy;
  });
  // Half of both neighbours lies between two middles; what is left of the line is shared out as gaps.
  const own = sizeOf(mark);
  const sizes = copies.map((_, i) => own * scaleOf(i));
  const between = sizes.slice(1).map((size, i) => (size + (sizes[i] ?? size)) / 2);
  const gap = (whole - between.reduce((sum, part) => sum + part, 0)) / Math.max(1, count - 1);
  let done = 0;
  return copies.map((copy, i) => {
    if (i > 0) done += (between[i - 1] ?? 0) + gap;
    const share = count === 1 ? 0.5 : whole ? done / whole : 0;
    return moveMark(copy, at(Math.min(1, share))) ?? copy;
  });
}

/** How a cascade of shapes falls from a line: rows below each other, each set over by half a gap. */
export interface Cascade {
  readonly rows: number;
  /** From one row down to the next, mm; shrinks with the shapes. */
  readonly apartMm: number;
  /** Size of the last row against the first, and of the last shape of a row against its first. */
  readonly lastScale: number;
  readonly lastInRow?: number;
}

/** Rows of a mark below a line, the shapes of each even row half a gap over: plates, scales, feathers. */
export function cascadeAlong(
  mark: Mark,
  line: readonly Point[],
  count: number,
  { rows, apartMm, lastScale, lastInRow = 1 }: Cascade,
): Mark[] {
  let down = 0;
  return Array.from({ length: rows }, (_, row) => {
    const scale = 1 + ((lastScale - 1) * row) / Math.max(1, rows - 1);
    if (row > 0) down += apartMm * scale;
    const own = (scale === 1 ? mark : scaleMark(mark, scale)) ?? mark;
    const lowered = line.map(({ x, y }) => point(x, y - down));
    const whole = duplicateAlong(own, lowered, count, lastInRow);
    // Half a gap over there is room for one less.
    const isOver = row % 2 === 1 && count > 1;
    const placed = isOver
      ? whole.slice(1).map((copy, i) => {
          const before = whole[i] ?? copy;
          const between = point((copy.x + before.x) / 2, (copy.y + before.y) / 2);
          return moveMark(copy, between) ?? copy;
        })
      : whole;
    return placed.map((copy) => ({ ...copy, seed: (copy.seed + row * count) % 1_000_000 }));
  }).flat();
}

/** Both brows by the three points of this face (BROW-5), mirrored and equal. */
export function browsByThreePoints(face: Landmarks): Mark {
  return {
    ...newMark("brow", point(0, 0), 1),
    ...browThrough(browPoints(face, "left")),
    mirrored: true,
  };
}

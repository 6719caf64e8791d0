import { point, smoothOpen, type Point } from "../anatomy";

/** A line of a practice sheet, in mm on a field 180 mm wide and 215 mm tall, y down. */
export interface DrillLine {
  readonly points: readonly Point[];
  readonly closed: boolean;
  /** Dashed by being light: where paint is not to cross. */
  readonly light?: true;
}

interface Drill {
  readonly label: string;
  /** What the hand learns by it. */
  readonly skill: string;
  readonly how: string;
  /** How many there are to get right. */
  readonly of: number;
  /** When one of them counts as right. */
  readonly right: string;
  readonly lines: () => readonly DrillLine[];
}

export const FIELD = { widthMm: 180, heightMm: 215 } as const;

const many = <T>(n: number, make: (i: number) => T): T[] =>
  Array.from({ length: n }, (_, i) => make(i));

const circle = (x: number, y: number, diameterMm: number): DrillLine => ({
  closed: true,
  points: many(24, (i) => {
    const turn = (i / 24) * 2 * Math.PI;
    return point(x + (diameterMm / 2) * Math.cos(turn), y + (diameterMm / 2) * Math.sin(turn));
  }),
});

/** Five points on a circle, joined through the inner pentagon of the pentagram: radii in the square of the golden ratio. */
const star = (x: number, y: number, acrossMm: number): DrillLine => ({
  closed: true,
  points: many(10, (i) => {
    const turn = (i / 10) * 2 * Math.PI - Math.PI / 2;
    const radius = (acrossMm / 2) * (i % 2 ? 2 / (3 + Math.sqrt(5)) : 1);
    return point(x + radius * Math.cos(turn), y + radius * Math.sin(turn));
  }),
});

/** A lane for a stroke, so wide, in a curve as deep as a cheekbone's. */
function lane(y: number, widthMm: number, depthMm: number): DrillLine[] {
  const at = (share: number, off: number) =>
    point(10 + 160 * share, y + off + depthMm * Math.sin(Math.PI * share));
  return [-widthMm / 2, widthMm / 2].map((off) => ({
    closed: false,
    points: many(33, (i) => at(i / 32, off)),
  }));
}

/** One brow, its inner end toward the midline. */
const brow = (midX: number, y: number, side: 1 | -1): DrillLine => {
  const upper = [
    [8, 0],
    [20, -5],
    [38, -9],
    [50, -4],
    [56, 2],
  ] as const;
  const lower = [
    [56, 2],
    [48, 0],
    [37, -4],
    [21, 1],
    [9, 6],
  ] as const;
  const edge = (line: readonly (readonly [number, number])[]) =>
    smoothOpen(line.map(([x, dy]) => point(midX + side * x, y + dy)));
  return { closed: true, points: [...edge(upper), ...edge(lower)] };
};

const box = (x: number, y: number, widthMm: number, heightMm: number): DrillLine => ({
  closed: true,
  points: [
    point(x, y),
    point(x + widthMm, y),
    point(x + widthMm, y + heightMm),
    point(x, y + heightMm),
  ],
});

/** Drills by the skill they train. A new one is an entry here. Common practice, no published source. */
export const DRILLS = {
  longLine: {
    label: "Long lines",
    skill: "a steady line",
    how: "Rest the little finger on the table, load a damp liner, and fill each lane in one slow stroke. The lanes narrow from 4 to 1.5 mm.",
    of: 8,
    right: "stays in its lane, without a break",
    lines: () => many(8, (i) => lane(14 + i * 26, 4 - (i * 2.5) / 7, 6)).flat(),
  },
  dots: {
    label: "Even dots",
    skill: "even pressure",
    how: "Touch the tip of a round brush into each ring, upright, and lift straight off. Reload every four.",
    of: 40,
    right: "fills its ring and doesn't run over",
    lines: () =>
      many(40, (i) => circle(20 + (i % 5) * 35, 14 + Math.floor(i / 5) * 26, 8 - (i % 5))),
  },
  star: {
    label: "Stars",
    skill: "corners and proportion",
    how: "Pull every point from the middle outward and thin it as you go. Three sizes: 45, 30 and 18 mm.",
    of: 9,
    right: "has five points of one length",
    lines: () =>
      many(9, (i) =>
        star(33 + (i % 3) * 57, 32 + Math.floor(i / 3) * 70, [45, 30, 18][Math.floor(i / 3)] ?? 18),
      ),
  },
  brows: {
    label: "Matching brows",
    skill: "both sides alike",
    how: "Paint the left brow of each pair freely over its outline, then the right to match it, from the inner end outward.",
    of: 6,
    right: "matches its twin in height and length",
    lines: () =>
      many(6, (i): DrillLine[] => [
        brow(90, 22 + i * 35, -1),
        brow(90, 22 + i * 35, 1),
        { closed: false, light: true, points: [point(90, 8 + i * 35), point(90, 34 + i * 35)] },
      ]).flat(),
  },
  blend: {
    label: "Blending",
    skill: "a soft edge",
    how: "Lay full strength at the left end and bring it down to bare paper by the right: each line halves what is left.",
    of: 6,
    right: "shows no step from end to end",
    lines: () =>
      many(6, (i): DrillLine[] => [
        box(10, 8 + i * 35, 160, 22),
        ...[1, 2, 3].map((n): DrillLine => ({
          closed: false,
          light: true,
          points: [point(10 + n * 40, 8 + i * 35), point(10 + n * 40, 30 + i * 35)],
        })),
      ]).flat(),
  },
} as const satisfies Record<string, Drill>;
export type DrillKey = keyof typeof DRILLS;
export const DRILL_KEYS = Object.keys(DRILLS) as DrillKey[];
export const drill = (key: DrillKey): Drill => DRILLS[key];

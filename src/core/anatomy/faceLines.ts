import { smoothOpen } from "./curve";
import type { Figure } from "./figure";
import { between, mirror, point, toSegment, type Point } from "./point";
import { contains } from "./polygon";
import type { FeatureName, StrandName } from "./strands";

/** A line or a small area of the face that is painted by its name, on this person. */
export interface FaceLine {
  /** From the person's right to their left, or of the left side alone where it has two. */
  readonly points: readonly Point[];
  /** An area to be filled, not a line. */
  readonly closed: boolean;
  /** One on each side. */
  readonly isPaired: boolean;
  /** As wide as it is usually drawn, mm; common practice, no published source. */
  readonly widthMm: number;
}

type Draw = (figure: Figure) => readonly Point[];

const strand =
  (name: StrandName): Draw =>
  (figure) =>
    figure.strand(name, "left");

const crease =
  (name: FeatureName): Draw =>
  ({ features }) =>
    features.find((one) => one.name === name && one.side === "left")?.points ?? [];

/** The rim that lies between lashes and eyeball is some two millimetres deep (from memory, no source): its middle. */
const RIM_MM = 1;

/** A lid's edge moved into the opening of the eye, without its corners: nobody paints into those. Its ends are by eye, no published source. */
const rim =
  (lid: "upperLid" | "lowerLid"): Draw =>
  (figure) => {
    const edge = figure.strand(lid, "left");
    const middle = figure.eyes.left.iris;
    return edge.slice(Math.floor(edge.length * 0.14), Math.ceil(edge.length * 0.9)).map((p) => {
      const away = Math.hypot(p.x - middle.x, p.y - middle.y) || 1;
      return between(p, middle, RIM_MM / away);
    });
  };

/** How far the light of an inner corner runs along both lids, and round the corner towards the nose, mm. */
const TEAR_DUCT = { alongMm: 5, roundMm: 2 };

/** Round the inner corner of the eye, on the skin of both lids. */
const tearDuct: Draw = (figure) => {
  const corner = figure.landmarks.endocanthionLeft;
  const lid = (name: "upperLid" | "lowerLid", up: number) =>
    figure
      .strand(name, "left")
      .filter((p) => Math.hypot(p.x - corner.x, p.y - corner.y) <= TEAR_DUCT.alongMm)
      .map((p) => ({ on: p, off: point(p.x, p.y + up * TEAR_DUCT.roundMm) }));
  const [upper, lower] = [lid("upperLid", 1), lid("lowerLid", -1)];
  return [
    point(corner.x - TEAR_DUCT.roundMm, corner.y),
    ...upper.map(({ off }) => off),
    ...[...upper].reverse().map(({ on }) => on),
    ...lower.map(({ on }) => on),
    ...[...lower].reverse().map(({ off }) => off),
  ];
};

/** Hair in front of the ear: from the hairline down to the middle of the ear, as wide as it grows there, mm. */
const SIDEBURN_MM = { wide: 9, down: 22 };
const sideburn: Draw = ({ landmarks, strand: lineOf }) => {
  const foot = landmarks.otobasionSuperiusLeft.y - SIDEBURN_MM.down;
  const hair = lineOf("hairline", "left").filter(({ y }) => y < landmarks.superciliareLeft.y);
  const edge = lineOf("outline", "left");
  const from = Math.min(...hair.map(({ y }) => y));
  const outer = [...hair, ...edge.filter(({ y }) => y < from && y > foot)];
  const inner = outer
    .filter((_, i) => i > 0)
    .map(({ x, y }) => point(x - SIDEBURN_MM.wide, y - 1))
    .reverse();
  return [...outer, ...inner];
};

/** Where the collarbone runs between the notch of the throat and the point of the shoulder, as shares of that way, and its bend, mm (Gray 1918, from memory). */
const COLLARBONE = { from: 0.1, to: 0.86, bendMm: 3, points: 9 };
const collarbone: Draw = ({ landmarks: { jugulare, acromialLeft } }) =>
  smoothOpen(
    Array.from({ length: COLLARBONE.points }, (_, i) => {
      const t = i / (COLLARBONE.points - 1);
      const on = between(
        jugulare,
        acromialLeft,
        COLLARBONE.from + t * (COLLARBONE.to - COLLARBONE.from),
      );
      return point(on.x, on.y - COLLARBONE.bendMm * Math.sin(2 * Math.PI * t));
    }),
  );

const line = (draw: Draw, widthMm = 1.5) => ({ draw, widthMm, closed: false });
const area = (draw: Draw) => ({ draw, widthMm: 1, closed: true });

/** What is painted by its name, in the words it is chosen by; a new one is one entry. */
const LINES = {
  hairline: line(strand("hairline")),
  sideburn: area(sideburn),
  "upper edge of the brow": line(strand("browTop")),
  "crease of the lid": line(strand("crease")),
  "upper lash line": line(strand("upperLid")),
  "upper inner rim": line(rim("upperLid"), 1.2),
  "lower inner rim": line(rim("lowerLid"), 1.2),
  "lower lash line": line(strand("lowerLid")),
  "inner corner of the eye": area(tearDuct),
  "under the eye": line(strand("orbitLower")),
  nostril: area(crease("nostril")),
  cheekbone: line(strand("boneTop")),
  "smile fold": line(crease("foldLine")),
  "lower line of the forehead": line(crease("foreheadLineLow")),
  "upper line of the forehead": line(crease("foreheadLineHigh")),
  "line between the brows": line(crease("frownLine")),
  "upper crow's foot": line(crease("crowsFootHigh")),
  "lower crow's foot": line(crease("crowsFootLow")),
  "upper lip": line(strand("lipTop")),
  "between the lips": line(strand("lipLine")),
  "lower lip": line(strand("lipBottom")),
  "crease of the chin": line(crease("chinCrease")),
  jaw: line(strand("jawTop")),
  collarbone: line(collarbone, 6),
} as const satisfies Record<string, { draw: Draw; widthMm: number; closed: boolean }>;

export type FaceLineName = keyof typeof LINES;
export const FACE_LINE_NAMES = Object.keys(LINES) as FaceLineName[];

/** Nearer to the midline than this a line goes on in its own mirror image, mm. */
const MEETS_MM = 0.5;

/** A line of the face whole, or its left half where it has two. */
export function faceLine(name: FaceLineName, figure: Figure): FaceLine {
  const { draw, widthMm, closed } = LINES[name];
  const left = draw(figure);
  const isNear = (p: Point | undefined) => Math.abs(p?.x ?? 99) < MEETS_MM;
  const fromMidline = isNear(left[0]) ? left : [...left].reverse();
  const isPaired = closed || !isNear(fromMidline[0]);
  const points = isPaired ? left : [...fromMidline.map(mirror).reverse(), ...fromMidline.slice(1)];
  return { points, closed, isPaired, widthMm };
}

/**
 * From so far inside the opening of an eye, mm, with so much of its points, a stroke is on the rim: a line by its middle,
 * what is filled (a line that swells, a shape) by its outline, of which the outer half comes to the lashes.
 */
const ON_RIM = { line: { mm: 0.4, share: 0.5 }, outline: { mm: 0.1, share: 0.7 } } as const;

/** Whether the better part of a stroke lies on the inner rim of an eye, and not on or across the lids. */
export function isOnInnerRim(
  points: readonly Point[],
  { eyes }: Pick<Figure, "eyes">,
  of: keyof typeof ON_RIM = "line",
): boolean {
  const { mm, share } = ON_RIM[of];
  const isInside = (p: Point) =>
    [eyes.left, eyes.right].some(
      ({ opening }) =>
        contains(opening, p) &&
        opening.every((a, i) => {
          const b = opening[(i + 1) % opening.length] ?? a;
          return toSegment(p, a, b) > mm;
        }),
    );
  return points.filter(isInside).length > points.length * share;
}

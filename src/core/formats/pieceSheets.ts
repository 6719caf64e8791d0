import { point, type Point } from "../anatomy";
import { developCone, innerRoundMm, wallMm, type Piece } from "../piece";
import { ruler, RULER_MM, type Sheet, type SheetShape, type SheetText } from "./faceSheet";
import { PAPERS, type PaperKey } from "./paper";

const MARGIN = { side: 12, top: 34, bottom: 22 } as const;
/** Kept at one straight edge to glue the seam on. */
const SEAM_MM = 10;
/** In more panels nobody cuts a cone. */
const MOST_PANELS = 12;
/** Kinds that come as a pair. */
const PAIRED: readonly Piece["kind"][] = ["horns", "ears"];
const LINE = "#222222";

interface Panel {
  readonly outline: readonly Point[];
  readonly seam: readonly Point[];
}

/** One of so many equal panels of a development, turned upright, with its seam. */
function panelOf({ foot, top }: ReturnType<typeof developCone>, n: number, of: number): Panel {
  const slice = (line: readonly { x: number; y: number }[]) => {
    const last = line.length - 1;
    return line.slice(Math.floor((last * n) / of), Math.floor((last * (n + 1)) / of) + 1);
  };
  const [outer, inner] = [slice(foot), slice(top)];
  // Turned so that its middle hangs straight down from the apex.
  const middle = outer[Math.floor(outer.length / 2)] ?? { x: 0, y: 1 };
  const turn = Math.atan2(middle.x, middle.y);
  const turned = (p: { x: number; y: number }) =>
    point(p.x * Math.cos(turn) - p.y * Math.sin(turn), p.x * Math.sin(turn) + p.y * Math.cos(turn));
  const [a, b] = [outer.map(turned), inner.map(turned)];
  const [first, tip] = [a[0] ?? point(0, 0), b[0] ?? point(0, 0)];
  // Square to the straight edge, away from the middle of the panel.
  const along = Math.hypot(tip.x - first.x, tip.y - first.y) || 1;
  const square = point(-(tip.y - first.y) / along, (tip.x - first.x) / along);
  const inside = a[Math.floor(a.length / 2)] ?? first;
  const away =
    (inside.x - first.x) * square.x + (inside.y - first.y) * square.y > 0 ? -SEAM_MM : SEAM_MM;
  const out = (p: Point, share: number) =>
    point(p.x + square.x * away * share, p.y + square.y * away * share);
  return { outline: [...a, ...b.toReversed()], seam: [first, out(first, 0.7), out(tip, 0.3), tip] };
}

const boxOf = (points: readonly Point[]) => ({
  left: Math.min(...points.map(({ x }) => x)),
  right: Math.max(...points.map(({ x }) => x)),
  top: Math.min(...points.map(({ y }) => y)),
  bottom: Math.max(...points.map(({ y }) => y)),
});

/**
 * The cone of a piece at 1:1, to cut and roll: one sheet, or as many equal panels as it takes to fit; a pair as two mirrored sets (PIECE-3). Dashed along
 * one straight edge: what is kept for the seam.
 * @throws RangeError where the piece has no cone, or it fits on no number of panels
 */
export function pieceSheets({ piece, paper }: { piece: Piece; paper: PaperKey }): Sheet[] {
  const { cone } = piece;
  if (!cone) throw new RangeError("this piece has no cone to cut");
  const { widthMm, heightMm } = PAPERS[paper];
  const room = { x: widthMm - 2 * MARGIN.side, y: heightMm - MARGIN.top - MARGIN.bottom };
  const fits = (panel: Panel) => {
    const box = boxOf([...panel.outline, ...panel.seam]);
    return box.right - box.left <= room.x && box.bottom - box.top <= room.y;
  };
  const sides = PAIRED.includes(piece.kind) ? (["left", "right"] as const) : (["left"] as const);
  return sides.flatMap((side) => {
    const flat = developCone(cone, side);
    const count = Array.from({ length: MOST_PANELS }, (_, i) => i + 1).find((of) =>
      Array.from({ length: of }, (_, n) => panelOf(flat, n, of)).every(fits),
    );
    if (!count) throw new RangeError("the cone is too large for this paper, even in twelve panels");
    return Array.from({ length: count }, (_, n): Sheet => {
      const panel = panelOf(flat, n, count);
      const box = boxOf([...panel.outline, ...panel.seam]);
      const onSheet = (p: Point) =>
        point(
          MARGIN.side + (room.x - (box.right - box.left)) / 2 + p.x - box.left,
          MARGIN.top + p.y - box.top,
        );
      const shape = (
        points: readonly Point[],
        closed: boolean,
        lineMm: number,
        name: string,
      ): SheetShape => ({
        points: points.map(onSheet),
        closed,
        lineMm,
        fill: null,
        line: LINE,
        name,
      });
      const texts: SheetText[] = [
        {
          x: MARGIN.side,
          y: 12,
          sizeMm: 5,
          text: `${piece.name}${sides.length > 1 ? `, ${side}` : ""}${count > 1 ? `, panel ${n + 1} of ${count}` : ""}`,
          bold: true,
        },
        {
          x: MARGIN.side,
          y: 18,
          sizeMm: 3.2,
          text: `Cone ${cone.footMm} mm across the foot${cone.topMm ? `, ${cone.topMm} mm at the top` : ""}, ${cone.heightMm} mm high${cone.slopeDeg ? `, cut for a slope of ${cone.slopeDeg} degrees` : ""}. Slant ${Math.round(flat.slantMm - flat.topSlantMm)} mm, ${Math.round(flat.angleDeg)} degrees in all.`,
        },
        {
          x: MARGIN.side,
          y: 23,
          sizeMm: 3.2,
          text: `Print at 100 %: the ruler is ${RULER_MM} mm. The flap is kept for the seam. ${wallMm(piece) ? `Wall ${wallMm(piece).toFixed(1)} mm: build the form ${Math.round(innerRoundMm(0, wallMm(piece)))} mm larger round.` : ""}`.trim(),
        },
      ];
      return {
        widthMm,
        heightMm,
        shapes: [
          shape(panel.outline, true, 0.35, "cut"),
          shape(panel.seam, false, 0.2, "seam"),
          ...ruler(widthMm, heightMm),
        ],
        texts,
      };
    });
  });
}

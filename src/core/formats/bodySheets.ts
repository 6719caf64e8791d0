import {
  BODY_HEIGHTS,
  boundingBox,
  point,
  type BodyHeight,
  type Box,
  type Frame,
  type Point,
  unrolledRound,
} from "../anatomy";
import {
  safetyNotes,
  placedStrokes,
  shapesOf,
  strokeOutline,
  touched,
  type Look,
  type LookContext,
  type Mark,
} from "../look";
import { ruler, type Sheet, type SheetShape, type SheetText } from "./faceSheet";
import { PAPERS, type PaperKey } from "./paper";
import { wrapped } from "./wrap";

/** Edges of a sheet that nothing is drawn in, and how far neighbours overlap, mm. */
const MARGIN = { side: 12, top: 36, bottom: 20 } as const;
const OVERLAP_MM = 10;
/** Type of what one has to know first, mm: all of it fits over what is drawn. */
const SAFETY_MM = 2.5;
const ROOM_MM = 12;
const CROSS_MM = 4;
const [LINE, PALE] = ["#222222", "#9a9a9a"];
const SEEN: Readonly<Record<Frame, string>> = { front: "from the front", back: "from behind" };

/** Marks that a face sheet has no room for: on the body, and on the back. */
export const isBodyMark = (mark: Mark, context: LookContext): boolean =>
  mark.frame === "back" || mark.y < context.figure.landmarks.jugulare.y;

/** The parts of a line inside a box (Liang & Barsky 1984, piece by piece). */
export function within(line: readonly Point[], { left, right, top, bottom }: Box): Point[][] {
  const parts: Point[][] = [];
  let open: Point[] = [];
  line.slice(1).forEach((b, i) => {
    const a = line[i] ?? b;
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    let [from, to] = [0, 1];
    for (const [p, q] of [
      [-dx, a.x - left],
      [dx, right - a.x],
      [-dy, a.y - bottom],
      [dy, top - a.y],
    ] as const) {
      if (p === 0) {
        if (q < 0) from = 2;
      } else if (p < 0) from = Math.max(from, q / p);
      else to = Math.min(to, q / p);
    }
    if (from > to) {
      if (open.length) parts.push(open);
      open = [];
      return;
    }
    const start = point(a.x + dx * from, a.y + dy * from);
    if (!open.length || from > 0) {
      if (open.length) parts.push(open);
      open = [start];
    }
    open.push(point(a.x + dx * to, a.y + dy * to));
    if (to < 1) {
      parts.push(open);
      open = [];
    }
  });
  return open.length > 1 ? [...parts, open] : parts;
}

/** The outlines of a mark, those that its mirrored half adds among them. */
const piecesOf = (mark: Mark): Point[][] =>
  placedStrokes(mark).map((stroke) => [...strokeOutline(stroke)]);

/** An outline as it lies on the skin, unrolled round its own middle. */
function laidFlat(outline: readonly Point[], { figure }: LookContext, frame: Frame): Point[] {
  const { left, right, top, bottom } = boundingBox(outline);
  return outline.map(unrolledRound(point((left + right) / 2, (top + bottom) / 2), figure, frame));
}

/** Breadth of an outline, mm. */
const wide = (outline: readonly Point[]): number => {
  const { left, right } = boundingBox(outline);
  return Math.max(1, right - left);
};

/** How much wider shapes are on the skin than seen flat, in words; nothing where it is hardly any. */
const stretchWords = (wider: number): string => {
  const percent = Math.round((wider - 1) * 100);
  return percent < 2
    ? ""
    : `; shapes are as wide as on the skin, up to ${percent} % wider than seen: lay each by its middle`;
};

const tiles = (from: number, to: number, room: number): number =>
  Math.max(1, Math.ceil((to - from - OVERLAP_MM) / (room - OVERLAP_MM)));
const letter = (n: number): string => String.fromCharCode(65 + n);

/**
 * Stencils at 1:1 of what lies on the body, on as many sheets as it takes: neighbours overlap by 10 mm and share numbered crosses; the midline
 * and the heights that can be felt on the body are drawn through, to lay each sheet by. Each shape is unrolled round its middle: as wide as it is on the skin. What is on the back is drawn as seen from behind.
 * A point lies on its sheet at x = 12 + (x - left of the sheet's window), y = 24 + (top of the window - y).
 */
export function bodySheets({
  paper,
  look,
  context,
}: {
  paper: PaperKey;
  look: Look;
  context: LookContext;
}): Sheet[] {
  const { widthMm, heightMm } = PAPERS[paper];
  const room = { x: widthMm - 2 * MARGIN.side, y: heightMm - MARGIN.top - MARGIN.bottom };
  const sheets = (["front", "back"] as const).flatMap((frame) => {
    const turn = (p: Point) => (frame === "back" ? point(-p.x, p.y) : p);
    const flat = touched(look, context)
      .layers.flatMap((layer) => shapesOf(layer))
      .filter((mark) => mark.frame === frame && isBodyMark(mark, context))
      .flatMap(piecesOf)
      .map((outline) => ({ outline, laid: laidFlat(outline, context, frame) }));
    if (!flat.length) return [];
    const wider = Math.max(...flat.map(({ outline, laid }) => wide(laid) / wide(outline)));
    const outlines = flat.map(({ laid }) => [...laid, laid[0] ?? point(0, 0)].map(turn));
    const whole = boundingBox(outlines.flat());
    const [left, top] = [whole.left - ROOM_MM, whole.top + ROOM_MM];
    const [columns, rows] = [
      tiles(left, whole.right + ROOM_MM, room.x),
      tiles(whole.bottom - ROOM_MM, top, room.y),
    ];
    const step = { x: room.x - OVERLAP_MM, y: room.y - OVERLAP_MM };
    const zones = context.figure
      .zonesOn(frame)
      .map(({ polygon }) => [...polygon, polygon[0] ?? point(0, 0)].map(turn));
    return Array.from({ length: columns * rows }, (_, k) => ({
      column: k % columns,
      row: Math.floor(k / columns),
    })).flatMap(({ column, row }): Sheet[] => {
      const box: Box = {
        left: left + column * step.x,
        right: left + column * step.x + room.x,
        top: top - row * step.y,
        bottom: top - row * step.y - room.y,
      };
      const onSheet = (p: Point) => point(MARGIN.side + p.x - box.left, MARGIN.top + box.top - p.y);
      const lines = (
        all: readonly (readonly Point[])[],
        rest: Omit<SheetShape, "points" | "closed" | "fill">,
      ): SheetShape[] =>
        all
          .flatMap((line) => within(line, box))
          .map((part) => ({ points: part.map(onSheet), closed: false, fill: null, ...rest }));
      const marks = lines(outlines, { line: LINE, lineMm: 0.3, name: "mark" });
      if (!marks.length) return [];
      const heights = (Object.keys(BODY_HEIGHTS) as BodyHeight[]).map((key) => {
        const y = context.figure.heights[key];
        return { words: BODY_HEIGHTS[key].words, line: [point(box.left, y), point(box.right, y)] };
      });
      const name = (r: number, c: number) => `${letter(r)}${c + 1}`;
      const shared = (from: number, size: number) => [from + size / 4, from + (size * 3) / 4];
      const crosses = [
        ...[column - 1, column]
          .filter((i) => i >= 0 && i < columns - 1)
          .flatMap((i) =>
            shared(box.bottom, room.y).map((y) => ({
              name: `${name(row, i)} to ${name(row, i + 1)}`,
              at: point(left + (i + 1) * step.x + OVERLAP_MM / 2, y),
            })),
          ),
        ...[row - 1, row]
          .filter((j) => j >= 0 && j < rows - 1)
          .flatMap((j) =>
            shared(box.left, room.x).map((x) => ({
              name: `${name(j, column)} to ${name(j + 1, column)}`,
              at: point(x, top - (j + 1) * step.y - OVERLAP_MM / 2),
            })),
          ),
      ];
      const cross = ({ name, at }: { name: string; at: Point }): SheetShape[] => [
        {
          points: [point(at.x - CROSS_MM, at.y), point(at.x + CROSS_MM, at.y)].map(onSheet),
          closed: false,
          fill: null,
          line: LINE,
          lineMm: 0.25,
          name: `cross ${name}`,
        },
        {
          points: [point(at.x, at.y - CROSS_MM), point(at.x, at.y + CROSS_MM)].map(onSheet),
          closed: false,
          fill: null,
          line: LINE,
          lineMm: 0.25,
        },
      ];
      const label = (text: string, at: Point): SheetText => ({ ...at, sizeMm: 2.6, text });
      const texts: SheetText[] = [
        {
          x: MARGIN.side,
          y: 11,
          sizeMm: 5.5,
          bold: true,
          text: `${look.name}, body ${SEEN[frame]}, sheet ${name(row, column)}`,
        },
        {
          x: MARGIN.side,
          y: 16.5,
          sizeMm: 3.2,
          text: `stencil for ${context.person.name}, 1:1; neighbours overlap by ${OVERLAP_MM} mm, cross on cross${stretchWords(wider)}`,
        },
        ...wrapped(
          safetyNotes(look, context)
            .map(({ text }) => text)
            .join(" "),
          widthMm - 2 * MARGIN.side,
          SAFETY_MM,
        ).map((text, i): SheetText => ({
          x: MARGIN.side,
          y: 20.5 + i * SAFETY_MM * 1.2,
          sizeMm: SAFETY_MM,
          bold: true,
          text,
        })),
        {
          x: MARGIN.side,
          y: heightMm - 5.5,
          sizeMm: 3,
          text: "100 mm: measure this line before you use the sheet; print at 100 %, not fitted to the page.",
        },
        ...heights
          .filter(({ line: [from] }) => (from?.y ?? 0) < box.top && (from?.y ?? 0) > box.bottom)
          .map(({ words, line: [from] }) =>
            label(words, { x: MARGIN.side + 1, y: onSheet(from ?? point(0, 0)).y - 0.8 }),
          ),
        ...(box.left < 0 && box.right > 0
          ? [label("midline", { x: onSheet(point(0, 0)).x + 0.8, y: MARGIN.top + 3 })]
          : []),
        ...crosses.map(({ name, at }) =>
          label(name, { x: onSheet(at).x + 1, y: onSheet(at).y - 1 }),
        ),
      ];
      return [
        {
          widthMm,
          heightMm,
          texts,
          shapes: [
            ...lines(zones, { line: PALE, lineMm: 0.15 }),
            ...lines([[point(0, box.top), point(0, box.bottom)]], {
              line: PALE,
              lineMm: 0.3,
              name: "midline",
            }),
            ...lines(
              heights.map(({ line }) => line),
              { line: PALE, lineMm: 0.2, name: "height" },
            ),
            ...marks,
            ...crosses.flatMap(cross),
            ...ruler(widthMm, heightMm),
          ],
        },
      ];
    });
  });
  return sheets.length
    ? sheets
    : [
        {
          widthMm,
          heightMm,
          shapes: ruler(widthMm, heightMm),
          texts: [
            { x: MARGIN.side, y: 11, sizeMm: 5.5, bold: true, text: look.name },
            {
              x: MARGIN.side,
              y: 17,
              sizeMm: 3.2,
              text: "No shapes lie on the body or the back. Place some in a body view of the map.",
            },
          ],
        },
      ];
}

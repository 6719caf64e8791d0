import { placement, tapeWords, type Figure, type LandmarkName, type Point } from "../anatomy";
import {
  coveredOf,
  safetyNotes,
  hexOf,
  isArea,
  markLabel,
  placedStrokes,
  shapesOf,
  strokeOutline,
  touched,
  visibleLayers,
  zoneOfMark,
  type Look,
  type LookContext,
  type Mark,
  type Prediction,
  liesInStrips,
} from "../look";
import { PAPERS, type PaperKey } from "./paper";
import { wrapped } from "./wrap";

/** Something drawn on a sheet, in mm from its upper left corner, y down. */
export interface SheetShape {
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly lineMm: number;
  readonly fill: string | null;
  readonly line: string | null;
  /** Of its fill, 1 where it is missing: veils are thin. */ readonly opacity?: number;
  readonly name?: string;
}
export interface SheetText {
  readonly x: number;
  readonly y: number;
  readonly sizeMm: number;
  readonly text: string;
  readonly bold?: boolean;
}
/** A printed sheet at 1:1. */
export interface Sheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly shapes: readonly SheetShape[];
  readonly texts: readonly SheetText[];
}

/** chart: the look in predicted colours. blank: the person's face to draw on. stencil: outlines to cut, with crosses to lay it on. body: the same for body and back, on as many sheets as it takes. */
export const SHEET_KINDS = {
  chart: "face chart",
  blank: "blank chart",
  stencil: "stencil",
  body: "body stencil",
} as const;
export type SheetKind = keyof typeof SHEET_KINDS;
export type FaceSheetKind = Exclude<SheetKind, "body">;

/** Landmarks a stencil is laid on by: they can be felt or seen on a face. */
const REGISTRATION: readonly LandmarkName[] = [
  "pupilLeft",
  "pupilRight",
  "sellion",
  "subnasale",
  "cheilionLeft",
  "cheilionRight",
  "menton",
];
const CROSS_MM = 4;
/** Length of the printed ruler: what one measures before cutting. */
export const RULER_MM = 100;
const TOP_MM = 22;
/** From one line of small text to the next, mm. */
const LINE_STEP = 3.4;
const LINE = "#222222";
const PALE = "#9a9a9a";

/**
 * A template at 1:1 of a look on a person's face, to take to the chair or to cut. Where a point of the face lies on the sheet:
 * x = width / 2 + its x, y = 22 + the height of the crown - its y.
 */
export function faceSheet(o: {
  kind: FaceSheetKind;
  paper: PaperKey;
  look: Look;
  context: LookContext;
  prediction: Prediction;
}): Sheet {
  const { kind, look, context, prediction } = o;
  const { widthMm, heightMm } = PAPERS[o.paper];
  const { figure } = context;
  const onSheet = onSheetOf(figure, widthMm);
  const shape = (
    points: readonly Point[],
    closed: boolean,
    rest: Partial<SheetShape> = {},
  ): SheetShape => ({
    points: points.map(onSheet),
    closed,
    lineMm: 0.25,
    fill: null,
    line: LINE,
    ...rest,
  });
  const shapes: SheetShape[] = [];
  if (kind === "chart") {
    shapes.push(
      shape(figure.outline, true, { fill: hexOf(prediction.bare("forehead")), line: null }),
    );
    for (const { layer, colours } of visibleLayers(look, context, prediction)) {
      if (layer.marks.length) continue;
      // The neck is left out: the marks are written there.
      for (const [zone, colour] of colours)
        if (figure.zone(zone).group !== "neck")
          for (const polygon of coveredOf(layer, figure.zone(zone).polygon))
            shapes.push(
              shape(polygon, true, {
                fill: hexOf(colour),
                line: null,
              }),
            );
    }
    for (const side of ["left", "right"] as const)
      shapes.push(shape(figure.eyes[side].opening, true, { fill: "#f4f1ec", line: null }));
  }
  shapes.push(
    ...faceLines(figure).map(({ points, closed }) =>
      shape(points, closed, kind === "stencil" ? { line: PALE, lineMm: 0.15 } : {}),
    ),
  );
  for (const { layer, colours } of visibleLayers(look, context, prediction)) {
    const hexOfMark = (mark: Mark) => {
      const zone = zoneOfMark(mark, layer, context);
      const colour = (zone && colours.get(zone)) ?? [...colours.values()][0];
      return colour ? hexOf(colour) : LINE;
    };
    // A part of areas has edges that are nowhere on the face itself.
    if (kind === "stencil" && !layer.marks.length && liesInStrips(layer.part))
      for (const zone of layer.zones)
        if (figure.zone(zone).frame === "front" && figure.zone(zone).part === "head")
          for (const polygon of coveredOf(layer, figure.zone(zone).polygon))
            shapes.push(shape(polygon, true, { name: "part", lineMm: 0.3 }));
    if (kind !== "blank")
      for (const mark of layer.marks.filter(
        (mark) =>
          mark.frame === "front" &&
          (isArea(mark)
            ? figure.zone(mark.zone).part === "head" && figure.zone(mark.zone).group !== "neck"
            : mark.y >= figure.landmarks.jugulare.y),
      ))
        for (const stroke of placedStrokes(mark))
          shapes.push(
            shape(strokeOutline(stroke), true, {
              name: mark.kind,
              ...(kind === "chart" ? { fill: hexOfMark(mark), line: null } : { lineMm: 0.3 }),
            }),
          );
  }
  if (kind === "stencil")
    for (const name of REGISTRATION) {
      const at = figure.landmarks[name];
      shapes.push(
        shape(
          [
            { x: at.x - CROSS_MM, y: at.y },
            { x: at.x + CROSS_MM, y: at.y },
          ],
          false,
          { name: `cross ${name}` },
        ),
        shape(
          [
            { x: at.x, y: at.y - CROSS_MM },
            { x: at.x, y: at.y + CROSS_MM },
          ],
          false,
        ),
      );
    }
  shapes.push(...ruler(widthMm, heightMm));
  return { widthMm, heightMm, shapes, texts: textsOf(o, widthMm, heightMm) };
}

/** Where a point of the face lies on a sheet of this width. */
export const onSheetOf =
  (figure: Figure, widthMm: number) =>
  (p: Point): Point => ({ x: widthMm / 2 + p.x, y: TOP_MM + figure.landmarks.vertex.y - p.y });

function faceLines(figure: Figure): { points: readonly Point[]; closed: boolean }[] {
  const sides = ["left", "right"] as const;
  return [
    { points: figure.outline, closed: true },
    ...sides.flatMap((side) => [
      { points: figure.eyes[side].opening, closed: true },
      { points: circle(figure.eyes[side].iris, figure.eyes[side].irisRadius), closed: true },
      ...(
        [
          "crease",
          "wing",
          "lipTop",
          "lipLine",
          "lipBottom",
          "hairline",
          "browTop",
          "browBottom",
        ] as const
      ).map((name) => ({ points: figure.strand(name, side), closed: false })),
    ]),
    ...figure.features
      .filter(({ name }) => name === "ear" || name === "nostril" || name === "foldLine")
      .map(({ points, closed }) => ({ points, closed })),
  ];
}

const circle = (at: Point, radius: number): Point[] =>
  Array.from({ length: 32 }, (_, i) => ({
    x: at.x + radius * Math.cos((i * Math.PI) / 16),
    y: at.y + radius * Math.sin((i * Math.PI) / 16),
  }));

/** Ten centimetres with a tick each, at the foot of the sheet. */
export function ruler(widthMm: number, heightMm: number): SheetShape[] {
  const [left, y] = [(widthMm - RULER_MM) / 2, heightMm - 10];
  const line = (x1: number, y1: number, x2: number, y2: number, name?: string): SheetShape => ({
    points: [
      { x: x1, y: y1 },
      { x: x2, y: y2 },
    ],
    closed: false,
    lineMm: 0.3,
    fill: null,
    line: LINE,
    ...(name && { name }),
  });
  return [
    line(left, y, left + RULER_MM, y, "ruler"),
    ...Array.from({ length: 11 }, (_, i) =>
      line(left + i * 10, y, left + i * 10, y - (i % 5 ? 2 : 4)),
    ),
  ];
}

/** Type of what one has to know first, the edge it keeps and the shortest line of it, mm. */
const [SAFETY_MM, EDGE_MM, SHORTEST_MM] = [2.4, 12, 20];

/** What one has to know first, in the corners beside the head, line by line as wide as the head leaves them; and what found no room there. */
function besideTheHead(
  text: string,
  figure: Figure,
  widthMm: number,
): { texts: SheetText[]; rest: string } {
  const outline = figure.outline.map(onSheetOf(figure, widthMm));
  const halfAt = (y: number) =>
    Math.max(0, ...outline.filter((p) => p.y <= y).map((p) => Math.abs(p.x - widthMm / 2)));
  const texts: SheetText[] = [];
  let rest = text.trim();
  for (const side of ["left", "right"] as const)
    for (let y = TOP_MM; rest; y += LINE_STEP) {
      const half = halfAt(y + 1) + 2;
      const room = widthMm / 2 - half - EDGE_MM;
      if (room < SHORTEST_MM) break;
      const [line = ""] = wrapped(rest, Math.min(room, widthMm / 2 - EDGE_MM - 8), SAFETY_MM);
      const x = side === "left" ? EDGE_MM : widthMm / 2 + Math.max(half, 8);
      texts.push({ x, y, sizeMm: SAFETY_MM, bold: true, text: line });
      rest = rest.slice(line.length).trim();
    }
  return { texts, rest };
}

/** Where a mark lies by a ruler, and by a tape where that is more. */
function whereOf(mark: Mark, figure: Figure): string {
  const tape = tapeWords(mark, figure, mark.frame);
  return `${placement(mark, figure, mark.frame).words}${tape && ` (${tape})`}`;
}

/** What stands above and below the face: title, the marks by ruler, and the check of the scale. */
function textsOf(
  { kind, look, context }: { kind: FaceSheetKind; look: Look; context: LookContext },
  widthMm: number,
  heightMm: number,
): SheetText[] {
  const beside = besideTheHead(
    safetyNotes(look, context)
      .map(({ text }) => text)
      .join(" "),
    context.figure,
    widthMm,
  );
  const head: SheetText[] = [
    {
      x: 12,
      y: 11,
      sizeMm: 5.5,
      text: kind === "blank" ? `${context.person.name}, 1:1` : look.name,
      bold: true,
    },
    {
      x: 12,
      y: 16.5,
      sizeMm: 3.2,
      text:
        kind === "blank"
          ? "blank chart, measured on this face"
          : `${SHEET_KINDS[kind]} for ${context.person.name}, 1:1`,
    },
    ...beside.texts,
    {
      x: (widthMm - RULER_MM) / 2,
      y: heightMm - 5.5,
      sizeMm: 3,
      text: `${RULER_MM} mm: measure this line before you use the sheet; print at 100 %, not fitted to the page.`,
    },
  ];
  if (kind === "blank") return head;
  // Down the right edge of the head's foot, where the sheet is empty: the neck is not drawn.
  const marks = touched(look, context).layers.flatMap((layer) =>
    shapesOf(layer).map(
      (mark) => `${layer.name}, ${markLabel(mark.kind)}: ${whereOf(mark, context.figure)}`,
    ),
  );
  const chin = TOP_MM + context.figure.landmarks.vertex.y - context.figure.landmarks.menton.y + 6;
  const rest = wrapped(beside.rest, widthMm - 24, SAFETY_MM).map((text, i): SheetText => ({
    x: 12,
    y: chin + i * LINE_STEP,
    sizeMm: SAFETY_MM,
    bold: true,
    text,
  }));
  const foot = chin + rest.length * LINE_STEP;
  const lines = Math.max(0, Math.floor((heightMm - 18 - foot) / LINE_STEP));
  return [
    ...head,
    ...rest,
    ...marks.slice(0, lines).map((text, i) => ({
      x: 12,
      y: foot + i * LINE_STEP,
      sizeMm: 2.4,
      text: text.slice(0, 120),
    })),
  ];
}

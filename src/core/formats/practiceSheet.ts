import { point } from "../anatomy";
import { drill, FIELD, type DrillKey } from "../practice";
import { ruler, RULER_MM, type Sheet, type SheetShape } from "./faceSheet";
import { PAPERS, type PaperKey } from "./paper";
import { wrapped } from "./wrap";

const TOP_MM = 42;
const SMALL_MM = 3.2;

/** A drill at 1:1, to paint on through a clear sheet or on the paper itself. */
export function practiceSheet({ key, paper }: { key: DrillKey; paper: PaperKey }): Sheet {
  const { widthMm, heightMm } = PAPERS[paper];
  const { label, how, of, right, lines } = drill(key);
  const left = (widthMm - FIELD.widthMm) / 2;
  const shapes = lines().map(({ points, closed, light }, i): SheetShape => ({
    points: points.map(({ x, y }) => point(left + x, TOP_MM + y)),
    closed,
    lineMm: light ? 0.15 : 0.3,
    fill: null,
    line: light ? "#999999" : "#222222",
    name: `${key} ${i + 1}`,
  }));
  const small = [
    ...wrapped(how, FIELD.widthMm, SMALL_MM),
    ...wrapped(
      `One counts as right when it ${right}. There are ${of}. Note the minutes and how many were right.`,
      FIELD.widthMm,
      SMALL_MM,
    ),
    `Print at 100 %: the ruler is ${RULER_MM} mm.`,
  ];
  return {
    widthMm,
    heightMm,
    shapes: [...shapes, ...ruler(widthMm, heightMm)],
    texts: [
      { x: left, y: 14, sizeMm: 6, text: `Practice: ${label.toLowerCase()}`, bold: true },
      ...small.map((text, i) => ({ x: left, y: 20 + i * 4.4, sizeMm: SMALL_MM, text })),
    ],
  };
}

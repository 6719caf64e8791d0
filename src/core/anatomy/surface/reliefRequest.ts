import type { Figure } from "../figure";
import { boundingBox } from "../polygon";
import type { BodyChart } from "./bodyRelief";
import type { LightKey } from "./light";
import { RELIEF_BOXES, type ChartBox, type HeadChart } from "./relief";
import type { ReliefRequest } from "./reliefQuery";

/** A flat map that has a relief. */
export type Chart = HeadChart | BodyChart;
const isHead = (chart: Chart): chart is HeadChart => chart in RELIEF_BOXES;

/** Room round a body in its picture, mm. */
const ROUND_MM = 12;

/** Where the relief of a figure lies on its chart, mm. */
export function reliefBox(figure: Figure, chart: Chart): ChartBox {
  if (isHead(chart)) return RELIEF_BOXES[chart];
  const body = figure.allZones.filter(({ part }) => part === "body");
  const box = boundingBox(body.flatMap(({ polygon }) => polygon));
  const [left, top] = [Math.floor(box.left - ROUND_MM), Math.floor(-box.top - ROUND_MM)];
  const [right, foot] = [Math.ceil(box.right + ROUND_MM), Math.ceil(-box.bottom + ROUND_MM)];
  return { left, top, width: right - left, height: foot - top };
}

/** What the relief of a figure on one of its charts is worked out from. */
export function reliefRequest(
  figure: Figure,
  chart: Chart,
  light: LightKey,
  what: ReliefRequest["what"],
): ReliefRequest {
  const { landmarks, physique } = figure;
  if (isHead(chart))
    return { part: "head", face: landmarks, ageYears: physique.ageYears, chart, light, what };
  const bridgeMm = physique.heightCm * 10 - landmarks.vertex.y;
  return { part: "body", physique, bridgeMm, chart, light, what, box: reliefBox(figure, chart) };
}

export type { BodyChart } from "./bodyRelief";
export { LIGHT_KEYS, LIGHTS, type LightKey } from "./light";
export { headRelief, RELIEF_BOXES, type HeadChart } from "./relief";
export { ReliefQuerySchema, reliefQuery, type ReliefRequest } from "./reliefQuery";
export {
  codeOfLight,
  COVERED,
  LIGHT_OF_CODES,
  lightOfCode,
  type ChartPicture,
} from "./chartPicture";
export { turnable, turnWords, type PaintedFigure, type Standpoint } from "./turned";

export type { PaintedHead, TurnChart } from "./turnedHead";
export { reliefBox, reliefRequest, type Chart } from "./reliefRequest";

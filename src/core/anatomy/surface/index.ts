export type { BodyChart } from "./bodyRelief";
export { LIGHT_KEYS, LIGHTS, type LightKey } from "./light";
export { headRelief, RELIEF_BOXES, type HeadChart } from "./relief";
export { ReliefQuerySchema, reliefQuery, type ReliefRequest } from "./reliefQuery";
export {
  turnable,
  turnWords,
  type ChartPicture,
  type PaintedHead,
  type Standpoint,
  type TurnChart,
} from "./turned";
export { reliefBox, reliefRequest, type Chart } from "./reliefRequest";

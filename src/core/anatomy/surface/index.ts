export { LIGHT_KEYS, LIGHTS, type LightKey } from "./light";
export { RELIEF_BOXES, reliefOf, type ChartKey, type ReliefRequest } from "./relief";
export {
  turnable,
  turnWords,
  type ChartPicture,
  type PaintedHead,
  type Standpoint,
} from "./turned";

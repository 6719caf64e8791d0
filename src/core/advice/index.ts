export { recommendPaint, type AdviceBrief, type PaintSystem, type Refusal } from "./recommendPaint";
export { adoptSystem } from "./adoptSystem";

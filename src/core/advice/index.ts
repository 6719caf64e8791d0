export { recommendPaint, type AdviceBrief, type PaintSystem, type Refusal } from "./recommendPaint";
export { adoptSystem } from "./adoptSystem";
export { partOf, touchUps, WEAR_PARTS, wearForecast, weakestOf, wholeAfter, type LayerWear, type TouchUp, type WearPart } from "./wearForecast";

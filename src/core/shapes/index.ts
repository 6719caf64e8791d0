export { ANCHORS, ANCHOR_KEYS, type AnchorLandmark } from "./anchor";
export type { BrushStroke } from "./motif";
export { pathAlong, pathByHand } from "./path";
export {
  addPoint,
  fewerPoints,
  MOST_HANDLED,
  movePoint,
  pointAt,
  takePoint,
  type Path,
} from "./path/points";
export {
  brushOf,
  isArea,
  MARK_KINDS,
  MarkSchema,
  markDifficulty,
  markAtHome,
  markLabel,
  markWidthMm,
  newMark,
  placedStrokes,
  sameShape,
  shapeFields,
  strokeArea,
  strokeLength,
  strokeOutline,
  type AreaMark,
  type Mark,
  type MarkKind,
} from "./registry";
export {
  alignMarks,
  browsByThreePoints,
  cascadeAlong,
  distributeMarks,
  duplicateAlong,
  moveMark,
  scaleMark,
  turnMark,
} from "./arrange";

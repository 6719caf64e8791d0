export type { BrushStroke } from "./motif";
export { pathAlong, pathByHand } from "./path";
export {
  MARK_KINDS,
  MarkSchema,
  markDifficulty,
  markLabel,
  markWidthMm,
  newMark,
  placedStrokes,
  sameShape,
  shapeFields,
  strokeArea,
  strokeLength,
  strokeOutline,
  type Mark,
  type MarkKind,
} from "./registry";
export {
  alignMarks,
  browsByThreePoints,
  distributeMarks,
  duplicateAlong,
  moveMark,
  scaleMark,
  turnMark,
} from "./arrange";

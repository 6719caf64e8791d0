export {
  LookSchema,
  LayerSchema,
  emptyLook,
  MOST_LAYERS,
  USUAL_SCHOOLS,
  type Schools,
  FADE_SIDES,
  type OtherGroup,
  type PaintKit,
  PLAIN_LAYER,
  type FadeSide,
  type Layer,
  type Look,
  type PaintChoice,
  type System,
} from "./schema";
export { ROLES, ROLE_KEYS, filmShare, isColour, isDrawn, isVeil, type Role } from "./roles";
export { applyPatch, freeLayerId, PatchSchema, type LookPatch } from "./patch";
export {
  figureOf,
  HOUSE_SPEED,
  lookContext,
  materialOf,
  paintWords,
  recipeOf,
  type LookContext,
  type Speed,
} from "./context";
export { browCover, browCoverWords } from "./browCover";
export { zoneOfMark, MEANT_APART, readEdges, seeEdge, type SeenEdge } from "./edges";
export { separationFix } from "./checks/distance";
export { BANS } from "./mayNotTouch";
export { coversBody } from "./coversBody";
export { isWearable, mayHold, mayHoldKind, objections, tooYoungFor } from "./wearable";
export {
  groundUnder,
  hexOf,
  judgedGrounds,
  layerOptics,
  liesUnder,
  predict,
  resolveCoats,
  type Prediction,
} from "./predict";
export { CHECKED_RULES, CHECKS, checkLook, stopsOf } from "./checkLook";
export { exposedZones, paintedCoverage } from "./checks/covering";
export { mudColour } from "./checks/layering";
export { stainingHue } from "./checks/wearing";
export { layLast, layReadyMade, READY_MADE_KEYS, readyMade, type ReadyMadeKey } from "./readyMade";
export { productsUsed } from "./productsUsed";
export { replaceProduct } from "./replaceProduct";
export { standInsFor } from "./standIns";
export { allowedZones } from "./allowedZones";
export { suggestLayer, withPaint } from "./suggestLayer";
export { placeFor } from "./placeFor";
export {
  healthOf,
  reactionPlan,
  safetyNotes,
  untestedProducts,
  type SafetyNote,
} from "./safetyNotes";
export { marksOn, touched, zonesOfMarks } from "./touched";
export {
  alignMarks,
  browsByThreePoints,
  distributeMarks,
  duplicateAlong,
  moveMark,
  scaleMark,
  turnMark,
  variedLook,
} from "./arrange";
export { FADE_WORDS, differences } from "./differences";
export { underPowder, visibleLayers, type VisibleLayer } from "./visible";
export { wearForecast, type LayerWear } from "./protection";
export { isSetting, readStack, setBy } from "./stack";
export type { Finding } from "./finding";
export { zoneWords } from "./words";
export {
  MARK_KINDS,
  MarkSchema,
  markDifficulty,
  markLabel,
  markLimits,
  markWidthMm,
  newMark,
  pathAlong,
  pathByHand,
  strokeArea,
  strokeLength,
  strokeOutline,
  placedStrokes,
  type Mark,
  type MarkKind,
} from "./motifs";
export { ReferenceSchema, type Reference, type ReferenceFields } from "./reference";
export { followSchools, inSchoolOrder, SCHOOLS } from "./schools";
export { outOfReach } from "./checks/reach";
export { pieceMatch, usualHides } from "./checks/worn";

export {
  LookSchema,
  TagsSchema,
  LayerSchema,
  StoredLayerSchema,
  emptyLook,
  MOST_LAYERS,
  USUAL_SCHOOLS,
  type Schools,
  FADE_SIDES,
  type OtherGroup,
  type PaintKit,
  MOST_FADE_MM,
  PLAIN_LAYER,
  type Layer,
  type Look,
  type PaintChoice,
  type System,
} from "../design/schema";
export {
  holdsShapes,
  ROLES,
  ROLE_KEYS,
  isColour,
  isDrawn,
  isVeil,
  type Role,
} from "../design/roles";
export {
  BLEND_KEYS,
  BLENDS,
  filmOf,
  STRENGTH_KEYS,
  STRENGTHS,
  toolWords,
  type Blend,
} from "../design/passes";
export { applyPatch, freeLayerId, PatchSchema, type LookPatch } from "../design/patch";
export {
  figureOf,
  HOUSE_SPEED,
  lookContext,
  materialOf,
  paintWords,
  recipeOf,
  type LookContext,
  type Speed,
} from "../design/context";
export { browCover, browCoverWords } from "../design/browCover";
export { zoneOfMark, MEANT_APART, readEdges, seeEdge, type SeenEdge } from "../design/edges";
export { separationFix } from "../checks/distance";
export { BANS } from "../design/mayNotTouch";
export { coversBody } from "../design/coversBody";
export { isWearable, mayHold, mayHoldKind, objections, tooYoungFor } from "../design/wearable";
export {
  groundUnder,
  hexOf,
  judgedGrounds,
  layerOptics,
  liesUnder,
  predict,
  resolveCoats,
  type Prediction,
} from "../design/predict";
export { CHECKED_RULES, CHECKS, checkLook, stopsOf } from "../checks/checkLook";
export { finished, finishing } from "../checks/finishing";
export { buriedBy } from "../design/buried";
export { exposedZones, isBareOn } from "../design/exposedZones";
export { easier, finestLineMm } from "../checks/skill";
export { paintedCoverage } from "../checks/covering";
export { mudColour } from "../checks/layering";
export { stainingHue } from "../checks/wearing";
export {
  layLast,
  layReadyMade,
  READY_MADE_KEYS,
  readyMade,
  type ReadyMadeKey,
} from "../design/readyMade";
export { productsFor, productsUsed } from "../design/productsUsed";
export { replaceProduct } from "../design/replaceProduct";
export { standInsFor } from "../design/standIns";
export { allowedZones } from "../design/allowedZones";
export { suggestLayer, withPaint } from "../design/suggestLayer";
export { placeFor } from "../design/placeFor";
export { healthOf } from "../design/health";
export { chairThings, workName, type ChairThing } from "../design/chairThings";
export { isSupply, supplyOf, supplyWords } from "../design/supplies";
export {
  reactionPlan,
  safetyNotes,
  untestedProducts,
  type SafetyNote,
} from "../checks/safetyNotes";
export {
  allKeptInPlace,
  canMoveWith,
  keptInPlace,
  leaderOf,
  moveWith,
  type ShapeAt,
} from "../design/anchored";
export { marksMeet, marksOn, touched, zonesOfMarks } from "../design/touched";
export {
  alignMarks,
  browsByThreePoints,
  distributeMarks,
  cascadeAlong,
  duplicateAlong,
  moveMark,
  scaleMark,
  turnMark,
} from "../shapes";
export { variedLook } from "../design/variedLook";
export { FADE_WORDS, differences } from "../design/differences";
export {
  coveredOf,
  liesInStrips,
  middle,
  middleOf,
  RIM_SIDES,
  LEAST_MIDDLE,
  partWords,
  THIRD_WORDS,
  PartSchema,
  shareOfZone,
  stripsOf,
  THIRDS,
  WHOLE,
  type Part,
  type Third,
} from "../design/part";
export {
  filledCm2,
  NOTHING,
  shapesOf,
  shareFilled,
  zonesFilledBy,
  type LeavesOut,
} from "../design/leftOut";
export {
  ROUND_STEP_MM,
  RUN_KEYS,
  runOfColours,
  runRound,
  RUNS,
  withBridges,
  type Run,
} from "../design/runOfColours";
export { underLater, visibleLayers, type VisibleLayer } from "../design/visible";
export { productIdOf, wearForecast, type LayerWear } from "../design/protection";
export { isSetting, readStack, setBy } from "../design/stack";
export type { Finding } from "../checks/finding";
export { zoneWords } from "../design/words";
export {
  addPoint,
  ANCHOR_KEYS,
  ANCHORS,
  fewerPoints,
  MARK_KINDS,
  MOST_HANDLED,
  movePoint,
  pointAt,
  takePoint,
  MarkSchema,
  brushOf,
  markDifficulty,
  markAtHome,
  markLabel,
  isArea,
  markWidthMm,
  newMark,
  pathAlong,
  pathByHand,
  strokeArea,
  strokeLength,
  strokeOutline,
  placedStrokes,
  shapeFields,
  type AnchorLandmark,
  type Path,
  type Mark,
  type MarkKind,
} from "../shapes";
export { ReferenceSchema, type Reference, type ReferenceFields } from "../design/reference";
export { followSchools, inSchoolOrder, SCHOOLS } from "../design/schools";
export { outOfReach } from "../checks/reach";
export { pieceMatch, usualHides } from "../checks/worn";
export { betterTool, sizedToolWords, toolSize } from "../design/toolSize";
export { sheenOf } from "../design/sheen";
export { LIGHT_FROM_WORDS, LIGHTS_FROM } from "../design/form";
export { guide, GUIDE_KEYS, guidesFor, layGuide, type GuideKey } from "../design/guides";
export { formOf, giveForm } from "../design/giveForm";
export { maySwap } from "../checks/maySwap";

export { between, mirror, point, distance, toSegment, type Point, type Side } from "./point";
export { smoothOpen, smoothClosed } from "./curve";
export {
  boundingBox,
  centroid,
  contains,
  convexHull,
  signedArea,
  type Box,
  type Polygon,
} from "./polygon";
export { DRAWN, type LandmarkName, type Landmarks } from "./landmarks";
export {
  AVERAGE,
  defaultFace,
  faceFromMeasures,
  MEASURE_LIMITS,
  MEASURE_NAMES,
  measuresOf,
  type FaceMeasures,
} from "./measures";
export { faceFromPhoto, PHOTO_LANDMARKS, type PhotoLandmark } from "./photo";
export { headFromAbove } from "./above";
export { profileOf } from "./profile";
export { thinPlate } from "./warp";
export { lengthAlongSkin, tapeFromMidline, tapeWords, unrolledRound } from "./alongSkin";
export { hatShadeMm, standsTo } from "./litUnder";
export { buildFigure, type Figure } from "./figure";
export type { Frame, ZoneGroup } from "./zone";
export {
  FACE_ZONES,
  ZONES,
  ZONE_IDS,
  zoneInfo,
  otherSide,
  type ZoneId,
  type ZoneInfo,
} from "./zones";
export { PHYSIQUE_LIMITS, skinCm2, usualPhysique, type Physique } from "./physique";
export { borders, joinPieces } from "./borders";
export { acrossStrip, inStrip, shareInStrip, type Strip } from "./strip";
export { placed, placement, snap } from "./placement";
export { creaseLines, creaseWords, focusWidth } from "./creases";
export {
  FACE_LINE_NAMES,
  faceLine,
  isOnInnerRim,
  type FaceLine,
  type FaceLineName,
} from "./faceLines";
export {
  carriedBy,
  express,
  EXPRESSION_KEYS,
  EXPRESSIONS,
  movementMm,
  type ExpressionKey,
} from "./expressions";
export { hairBand, hairOn, type Hair } from "./hair";
export { browPoints } from "./browPoints";
export { BODY_REGIONS, bodySurfaceArea, regionShare } from "./body";
export { BODY_HEIGHTS, type BodyHeight } from "./bodyStrands";
export { FEATURE_LIMITS, withFeatures, type FeatureMeasures } from "./features";

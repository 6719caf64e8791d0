export { mirror, point, distance, type Point, type Side } from "./point";
export { smoothOpen, smoothClosed } from "./curve";
export { boundingBox, centroid, contains, signedArea, type Box, type Polygon } from "./polygon";
export { DRAWN, paired, type LandmarkName, type Landmarks } from "./landmarks";
export { AVERAGE, defaultFace, faceFromMeasures, MEASURE_LIMITS, MEASURE_NAMES, measuresOf, type Build, type FaceMeasures } from "./measures";
export { buildFigure, type Figure, type FigureZone, type Stroke } from "./figure";
export { ZONES, ZONE_IDS, zoneInfo, otherSide, type Traits, type ZoneFlag, type ZoneGroup, type ZoneId, type ZoneInfo } from "./zones";
export { browPoints } from "./browPoints";
export { BODY_REGIONS, bodySurfaceArea, regionShare, type BodyRegion } from "./body";

export { LEAST_OFF_MM, type Nearness } from "./nearness";
export { compareToPlan, type Seen } from "./compareToPlan";
export { angleDeg, coverOf, coverSeen, type AreaSeen, type Light } from "./coverSeen";
export { flatOfChart, flatOfPhoto, ontoPhoto } from "./flatChart";
export { inspectFace, type Inspection, type ToInspect } from "./inspectFace";
export { intactShares, photoCheck, PhotoCheckSchema, type PhotoCheck } from "./photoCheck";
export { plannedShapes, shapesSeen, type PlannedShape } from "./shapesSeen";
export { symmetrySeen } from "./symmetry";
export { inspectedZones, zoneRaster } from "./zoneRaster";

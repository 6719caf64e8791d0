export { type Light, coverOf } from "./coverSeen";
export type { Seen } from "./compareToPlan";
export { ontoPhoto } from "./flatChart";
export { inspectFace, type Inspection } from "./inspectFace";
export { LEAST_OFF_MM, type Nearness } from "./nearness";
export { intactShares, photoCheck, PhotoCheckSchema } from "./photoCheck";
export {
  layerTargets,
  likeness,
  otherProportions,
  referenceAreas,
  type ReferenceArea,
} from "./readReference";
export { plannedShapes, type PlannedShape } from "./shapesSeen";

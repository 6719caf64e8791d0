export { degreesAcross, mmAcross, smallestVisibleMm } from "./smallestVisible";
export { contrastSensitivity } from "./contrastSensitivity";
export { edgeVisibility, verdictOf, type Verdict } from "./edgeVisibility";
export { leastWidthMm, separatingTone, separationLine } from "./separationLine";
export { underLamp, viewFromDistance, type Picture } from "./viewFromDistance";

export { both, photoFrom, pixelsPerMm, smaller } from "./asSeen";
export { boxSums } from "./boxSums";
export { findFace, NoFaceFound, type FaceFound } from "./findFace";
export { IRIS_MM, IRIS_SPREAD, pixelsPerMmByIris, pointsFromMesh, type FaceMesh } from "./faceMesh";
export { skinMask, type SkinMask } from "./skinMask";
export {
  AS_TAKEN,
  balanceByCard,
  balanceBySkin,
  paintOver,
  photoMap,
  type Balance,
  type Photograph,
  type PhotoMap,
} from "./paintOver";
export {
  FIRST_THREE,
  hairlineByCard,
  headTurnDeg,
  MOST_TURN_DEG,
  ontoChart,
  pointsFromThree,
  type FirstPoint,
  type PhotoPoints,
} from "./registration";

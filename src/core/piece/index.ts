export { BY, GLUES, WHEN, type By, type Glue, type When } from "./atTheChair";
export {
  atTheChair,
  BUILD_MATERIAL_KEYS,
  BUILD_MATERIALS,
  PIECE_KIND_KEYS,
  PIECE_KINDS,
  type PieceKind,
} from "./kinds";
export { READY_STEPS } from "./readySteps";
export {
  ConeSchema,
  FINISHES,
  FreeStepSchema,
  PieceSchema,
  WORN,
  type Cone,
  type FreeStep,
  type Piece,
} from "./schema";
export { buildList, coatCount, innerRoundMm, wallMm, weightGrams } from "./buildList";
export { bevelDeg, developCone } from "./cone";

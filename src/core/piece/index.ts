export {
  BUILD_MATERIAL_KEYS,
  BUILD_MATERIALS,
  buildMaterial,
  PIECE_KIND_KEYS,
  PIECE_KINDS,
  type BuildMaterialKey,
  type PieceKind,
} from "./kinds";
export { ConeSchema, FINISHES, PieceSchema, type Cone, type Piece } from "./schema";
export {
  buildList,
  coatCount,
  innerRoundMm,
  wallMm,
  type BuildList,
  type BuildStep,
} from "./buildList";
export { bevelDeg, developCone, type Development } from "./cone";

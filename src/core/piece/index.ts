export {
  BUILD_MATERIAL_KEYS,
  BUILD_MATERIALS,
  PIECE_KIND_KEYS,
  PIECE_KINDS,
  type PieceKind,
} from "./kinds";
export { ConeSchema, FINISHES, PieceSchema, type Cone, type Piece } from "./schema";
export { buildList, coatCount, innerRoundMm, wallMm } from "./buildList";
export { bevelDeg, developCone } from "./cone";

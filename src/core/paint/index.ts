export {
  ALLERGENS,
  ALLERGEN_KEYS,
  type Allergen,
  type Finish,
  FAMILIES,
  type Family,
  type Hazard,
  type Helper,
  type Keepout,
  type Material,
  type Medium,
  type PaintType,
  type Resistances,
  SURFACE_STATES,
  type Setting,
  type SurfaceState,
} from "./material";
export {
  TECHNIQUES,
  TECHNIQUE_KEYS,
  TOOLS,
  TOOL_KEYS,
  toolOf,
  type Technique,
  type Tool,
  type ToolKey,
} from "./tools";
export { PAINT_TYPES, PAINT_TYPE_KEYS, type PaintTypeKey } from "./types";
export { HELPERS, HELPER_KEYS, type HelperKey } from "./helpers";
export {
  filmPerCoat,
  filmsPerCoat,
  helper,
  isPaintType,
  isPiece,
  isWaterColour,
  keptOutOf,
  material,
  MATERIAL_KEYS,
  mediumOf,
  paintType,
  toolsFor,
  wetGramsPerM2,
  type MaterialKey,
} from "./materials";
export {
  freshState,
  goesOver,
  pairing,
  readyStates,
  type Mend,
  type Pairing,
  type Verdict,
} from "./pairs";
export {
  DateSchema,
  GRADES,
  HexSchema,
  mixingOptics,
  productOptics,
  ProductSchema,
  recipeOptics,
  type Grade,
  type Product,
  type ProductFields,
} from "./product";
export { MixPartsSchema, MixSchema, type Mix, type MixFields } from "./mix";
export { allergensOf, hairDyeOf, usualAllergensOf } from "./label";

export {
  ALLERGENS,
  ALLERGEN_KEYS,
  type Allergen,
  type Finish,
  FAMILIES,
  type Family,
  type Hazard,
  type Medium,
  REMOVERS,
  type Remover,
  SURFACE_STATES,
  type SurfaceState,
} from "./material";
export { nearestInColour, STANDS_IN } from "./nearestInColour";
export {
  TECHNIQUES,
  TECHNIQUE_KEYS,
  TOOLS,
  TOOL_KEYS,
  cm2PerMinuteOn,
  WIPED_CM2_PER_MINUTE,
  toolOf,
  type Technique,
  type ToolKey,
} from "./tools";
export { fibreOf, isSized, loadOf, TOOL_SIZES, type SizedTool } from "./toolSizes";
export { PAINT_TYPES, PAINT_TYPE_KEYS, type PaintTypeKey } from "./types";
export { AUXILIARIES, AUXILIARY_KEYS, type AuxiliaryKey } from "./auxiliaries";
export {
  filmPerCoat,
  filmsPerCoat,
  auxiliary,
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
export { freshState, goesOver, pairing, readyStates, type Mend, type Verdict } from "./pairs";
export { guessedStrength } from "./guessedStrength";
export { ColourIndexSchema, notListedForEyes } from "./colourIndex";
export {
  COUNTED,
  DateSchema,
  finishOf,
  FINISHES,
  GLITTERS,
  GRADES,
  HexSchema,
  isProp,
  KEPT_FROM,
  mixingOptics,
  NEEDS,
  NOTHING_SAID,
  productOptics,
  ProductSchema,
  emissionOfRecipe,
  recipeOptics,
  removerOf,
  type GlitterKind,
  type Grade,
  type Product,
  type ProductFields,
} from "./product";
export { MixSchema, type Mix, type MixFields } from "./mix";
export { allergensOf, hairDyeOf, namedAllergensOf, usualAllergensOf } from "./label";

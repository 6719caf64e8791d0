export { ALLERGENS, ALLERGEN_KEYS, type Allergen, type Finish, type GroundState, type Hazard, type Helper, type Keepout, type Material, type Medium, type PaintType, type Resistances, type Setting } from "./material";
export { TECHNIQUES, TECHNIQUE_KEYS, TOOLS, TOOL_KEYS, toolOf, type Technique, type Tool, type ToolKey } from "./tools";
export { PAINT_TYPES, PAINT_TYPE_KEYS, type PaintTypeKey } from "./types";
export { HELPERS, HELPER_KEYS, type HelperKey } from "./helpers";
export { filmPerCoat, filmsPerCoat, helper, isPaintType, isWaterColour, keptOutOf, material, MATERIAL_KEYS, mediumOf, paintType, stateNeededUnder, toolsFor, wetGramsPerM2, type MaterialKey } from "./materials";
export { allergensOf, DateSchema, GRADES, HexSchema, mixingOptics, productOptics, ProductSchema, recipeOptics, type Grade, type Product, type ProductFields } from "./product";
export { MixPartsSchema, MixSchema, type Mix, type MixFields } from "./mix";

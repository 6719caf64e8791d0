import { AUXILIARIES, AUXILIARY_KEYS, type AuxiliaryKey } from "./auxiliaries";
import type { Auxiliary, Keepout, Material, Medium, PaintType } from "./material";
import { TOOL_KEYS, type ToolKey } from "./tools";
import { PAINT_TYPES, PAINT_TYPE_KEYS, type PaintTypeKey } from "./types";

export type MaterialKey = PaintTypeKey | AuxiliaryKey;
export const MATERIAL_KEYS: readonly MaterialKey[] = [...PAINT_TYPE_KEYS, ...AUXILIARY_KEYS];

export const isPaintType = (key: MaterialKey): key is PaintTypeKey => key in PAINT_TYPES;

export function material(key: MaterialKey): Material {
  return isPaintType(key) ? PAINT_TYPES[key] : AUXILIARIES[key];
}

export const paintType = (key: PaintTypeKey): PaintType => PAINT_TYPES[key];
export const auxiliary = (key: AuxiliaryKey): Auxiliary => AUXILIARIES[key];

/** Tools this material is laid with, the usual one first. */
export function toolsFor(key: MaterialKey): ToolKey[] {
  return Object.keys(material(key).filmByTool).filter((tool): tool is ToolKey =>
    (TOOL_KEYS as string[]).includes(tool),
  );
}

/** Dry film of one coat in g/m2; the usual tool's when this one is not made for it. */
export function filmPerCoat(key: MaterialKey, tool: ToolKey): number {
  const films = material(key).filmByTool;
  return films[tool] ?? films[toolsFor(key)[0] ?? "flatBrush"] ?? 10;
}

/** One coat by this tool as a share of one usual coat, the film that a product's hiding was judged on. */
export function filmsPerCoat(key: MaterialKey, tool: ToolKey): number {
  return filmPerCoat(key, tool) / filmPerCoat(key, toolsFor(key)[0] ?? tool);
}

/** Solvent of one wet coat in g/m2 that has to dry: film x f / (1 - f). */
export function wetGramsPerM2(key: MaterialKey, tool: ToolKey): number {
  const fraction = Math.min(material(key).wetVolatileFraction, 0.98);
  return (filmPerCoat(key, tool) * fraction) / (1 - fraction);
}

/** The medium a material mixes in: a paint's own; corrector and concealer are creams. Null for what is not mixed. */
export function mediumOf(key: MaterialKey): Medium | null {
  if (isPaintType(key)) return PAINT_TYPES[key].medium;
  return key === "corrector" || key === "concealer" ? "oil" : null;
}

const WATER_COLOURS: readonly MaterialKey[] = ["waterGlycerine", "waterWax", "airbrushWater"];
/** Colours that water wakes up again once dry. */
export const isWaterColour = (key: MaterialKey): boolean => WATER_COLOURS.includes(key);

export const keptOutOf = (key: MaterialKey, where: Keepout): boolean =>
  material(key).keepout.includes(where);

/** A cap or a piece that is worn under the paint. */
export const isPiece = (key: MaterialKey): boolean =>
  !isPaintType(key) && AUXILIARIES[key].use === "piece";

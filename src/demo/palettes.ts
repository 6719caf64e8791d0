import { TRAYS, type Pan, type PanKey, type PaletteFields, type PaletteKey } from "@/core/kit";

/** A pan by what is in it: a product, or parts of several. */
type Filling = string | Readonly<Record<string, number>>;
const pans = (size: PanKey, fillings: readonly Filling[]): Pan[] =>
  fillings.map((filling, i) => ({
    id: `${size}-${i + 1}`,
    pan: size,
    parts:
      typeof filling === "string"
        ? [{ productId: filling, parts: 1 }]
        : Object.entries(filling).map(([productId, parts]) => ({ productId, parts })),
  }));
const palette = (
  id: string,
  name: string,
  size: PaletteKey,
  jobId: string | null,
  ...list: Pan[][]
): { id: string; fields: PaletteFields } => ({
  id,
  fields: {
    name,
    width: TRAYS[size].width,
    height: TRAYS[size].height,
    pans: list.flat(),
    jobId,
    notes: "",
  },
});

/** Two palettes of the Weather Court: the tin for the reservoir, and the palette for the quarry. */
export const demoPalettes = (): { id: string; fields: PaletteFields }[] => [
  palette(
    "frost-tin",
    "Frost tin",
    "pocket",
    "frost-reservoir",
    pans("half", [
      "chalk-white",
      "ice-blue",
      "frost-blue",
      "storm-blue",
      "line-white",
      "line-black",
      { "chalk-white": 2, "storm-blue": 1 },
    ]),
  ),
  palette(
    "quarry-palette",
    "Quarry palette",
    "hand",
    "drought-quarry",
    pans("wide", ["ochre-ground", "sand", "clay-brown", "peat"]),
    pans("small", ["brick", "wheat-light", "rust-line", "flash-yellow", "ember", "moss"]),
  ),
];

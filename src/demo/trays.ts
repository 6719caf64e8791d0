import { TRAYS, type Pan, type PanKey, type TrayFields, type TrayKey } from "@/core/kit";

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
const tray = (
  id: string,
  name: string,
  size: TrayKey,
  jobId: string | null,
  ...list: Pan[][]
): { id: string; fields: TrayFields } => ({
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

/** Two trays of the Weather Court: the tin for the reservoir, and the palette for the quarry. */
export const demoTrays = (): { id: string; fields: TrayFields }[] => [
  tray(
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
  tray(
    "quarry-palette",
    "Quarry palette",
    "hand",
    "drought-quarry",
    pans("wide", ["ochre-ground", "sand", "clay-brown", "peat"]),
    pans("small", ["brick", "wheat-light", "rust-line", "flash-yellow", "ember", "moss"]),
  ),
];

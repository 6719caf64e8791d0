export {
  balance,
  deltaOf,
  MOVEMENT_KINDS,
  MovementSchema,
  potBalance,
  refill,
  RefillSchema,
  weighPan,
  WRITTEN_KINDS,
  type Movement,
  type MovementFields,
  type MovementKind,
} from "./ledger";
export { layerAreaCm2, layerGrams, paintNeeded, strokeLengthMm, type Need } from "./paintNeeded";
export { expiry } from "./expiry";
export { isLow, shortage, type Shortage } from "./shortage";
export { planKit, type JobNeeds, type KitLine, type KitPlan } from "./planKit";
export { substitutes } from "./substitutes";
export { packingList, type PackingList } from "./packing";
export {
  byHue,
  GAP_DE,
  gapsIn,
  inSwatchOrder,
  isGrey,
  nearDuplicates,
  RANGE,
  reachedBy,
  SWATCH_ORDERS,
  type Reached,
  type SwatchOrder,
} from "./range";
export { mixesOf, nearestMade, type MadeColour, type PanPaint } from "./mixes";
export {
  boughtOf,
  breakEven,
  gramPrice,
  seasonCost,
  sizedProducts,
  sizesOf,
  type SeasonCost,
} from "./prices";
export {
  AS_GOOD_AS,
  suggestPalette,
  type PaletteChoice,
  type WantedColour,
} from "./suggestPalette";
export {
  layOut,
  movePan,
  panBeside,
  panGrams,
  PANS,
  panWords,
  smallestPalette,
  TRAYS,
  PaletteSchema,
  type Pan,
  type PanKey,
  type PlacedPan,
  type Palette,
  type PaletteFields,
  type PaletteKey,
} from "./palette";
export { panPaints, wantedColours, type PaletteWishes } from "./wantedColours";
export { withinBudget } from "./withinBudget";

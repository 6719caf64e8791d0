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
export { addMonths, expiry } from "./expiry";
export { isLow, shortage, type Shortage } from "./shortage";
export { planKit, type JobNeeds, type KitLine, type KitPlan } from "./planKit";
export { substitutes, type Substitute } from "./substitutes";
export { packingList, type PackedThing, type PackingList } from "./packing";
export {
  ALIKE_DE,
  byHue,
  GAP_DE,
  gapsIn,
  inSwatchOrder,
  isGrey,
  nearDuplicates,
  RANGE,
  reachedBy,
  SWATCH_ORDERS,
  type Gap,
  type NearPair,
  type Reached,
  type SwatchOrder,
} from "./range";
export { mixesOf, nearestMade, type Made, type MadeColour, type PanPaint } from "./mixes";
export {
  boughtOf,
  breakEven,
  gramPrice,
  seasonCost,
  sizedProducts,
  sizesOf,
  type Bought,
  type BreakEven,
  type SeasonCost,
  type SizePrice,
} from "./prices";
export {
  AS_GOOD_AS,
  suggestTray,
  type TrayChoice,
  type TrayColour,
  type WantedColour,
} from "./suggestTray";
export {
  layOut,
  movePan,
  panBeside,
  panGrams,
  PANS,
  panWords,
  PanSchema,
  smallestTray,
  TRAYS,
  TraySchema,
  type Pan,
  type PanKey,
  type PlacedPan,
  type Tray,
  type TrayFields,
  type TrayKey,
} from "./tray";
export { panPaints, wantedColours, type TrayWishes } from "./wantedColours";

export { balance, deltaOf, MOVEMENT_KINDS, MovementSchema, type Movement, type MovementFields, type MovementKind } from "./ledger";
export { layerAreaCm2, layerGrams, paintNeeded, strokeLengthMm, type Need } from "./paintNeeded";
export { addMonths, expiry } from "./expiry";
export { isLow, shortage, type Shortage } from "./shortage";
export { planKit, type JobNeeds, type KitLine, type KitPlan } from "./planKit";
export { substitutes, type Substitute } from "./substitutes";
export { packingList, type PackedThing, type PackingList } from "./packing";
export { ALIKE_DE, GAP_DE, gapsIn, inSwatchOrder, isGrey, nearDuplicates, RANGE, SWATCH_ORDERS, type Gap, type NearPair, type SwatchOrder } from "./range";

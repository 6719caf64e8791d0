export { balance, deltaOf, MOVEMENT_KINDS, MovementSchema, type Movement, type MovementFields, type MovementKind } from "./ledger";
export { layerAreaCm2, layerGrams, paintNeeded, strokeLengthMm, type Need } from "./paintNeeded";
export { addMonths, expiry } from "./expiry";
export { shortage, type Shortage } from "./shortage";

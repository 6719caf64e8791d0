export { dewPoint, saturationVapourPressure, vapourPressure, vapourPressureDeficit } from "./vapour";
export { heatIndex } from "./heatIndex";
export { dryingMinutes, type Solvent } from "./dryingMinutes";
export { sweatRate } from "./sweatRate";

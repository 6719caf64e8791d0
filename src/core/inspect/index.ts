export { compareToPlan, type Seen } from "./compareToPlan";
export { coverOf, coverSeen, type Light } from "./coverSeen";
export { inspectedZones, zoneRaster } from "./zoneRaster";

export { makePlan, type Bar, type Caution, type Plan, type PlanStep } from "./makePlan";
export { REGIONS, regionOf, type Region } from "./regions";
export { layerTasks, type LayerTask } from "./tasks";

export { makePlan, type Bar, type Caution, type Plan, type PlanStep } from "./makePlan";
export { removalOf, type Removal, type RemovalStep } from "./removal";
export { dayOf, type DayStep } from "./day";
export { planCall, type CallJob, type CallPerformer, type CallPlan, type CallSetting } from "./planCall";
export { REGIONS, regionOf, type Region } from "./regions";
export { layerTasks, type LayerTask } from "./tasks";

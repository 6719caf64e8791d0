export { makePlan, type Bar, type Caution, type Plan, type PlanStep } from "./makePlan";
export { REST_AFTER_DAYS, withoutRest, type Series } from "./series";
export { removalOf, type Removal, type RemovalStep } from "./removal";
export { dayOf, type DayStep } from "./day";
export { ArtistSchema, CallSchema, USUAL_CALL, type Artist, type CallFields } from "./callSetting";
export {
  planCall,
  type CallJob,
  type CallPerformer,
  type CallPlan,
  type CallSetting,
} from "./planCall";
export { REGIONS, regionOf, type Region } from "./regions";
export { layerTasks, type LayerTask } from "./tasks";
export { seat, handsAt, pacesOf, type Seat } from "./seat";
export { ARTIST_SKILL_KEYS, ARTIST_SKILLS, skillOf, type ArtistSkill } from "./skills";
export { whatToDrop, type Cut } from "./whatToDrop";

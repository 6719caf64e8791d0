export { advise, type GroupAdvice } from "./advise";
export {
  bestOfKinds,
  hoursWords,
  kitTitle,
  recommendPaint,
  whatBuysTime,
  type PaintSystem,
} from "./recommendPaint";
export { judgedZones, type AdviceBrief } from "./candidates";
export { ADVICE_GROUPS, GROUPS, groupsOf, type AdviceGroup } from "./groups";
export type { Refusal } from "./refusals";
export { boothCheck, type BoothAnswers } from "./boothCheck";
export { adoptSystem, kitOf, withKit } from "./adoptSystem";
export {
  causeWords,
  kitToCarry,
  partOf,
  touchUps,
  WEAR_PARTS,
  weakestOf,
  wholeAfter,
  type TouchUp,
} from "./touchUps";

export type { Severity } from "./rule";
export { rule, RULE_IDS, RULES, type RuleId } from "./registry";
export { NUMBERS, NUMBER_IDS, type NumberId } from "./numbers";
export {
  canBeOff,
  changeWords,
  HOUSE,
  HouseChangesSchema,
  houseOf,
  NO_CHANGES,
  type House,
  type HouseChanges,
} from "./house";

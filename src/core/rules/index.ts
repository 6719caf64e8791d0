export type { Rule, Severity } from "./rule";
export { rule, RULE_IDS, RULES, type RuleId } from "./registry";
export { NUMBERS, NUMBER_IDS, numberOf, type HouseNumber, type NumberId } from "./numbers";
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

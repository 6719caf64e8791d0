import { FORM } from "./form";
import { PAINTING } from "./painting";
import { PREPARING } from "./preparing";
import type { Rule } from "./rule";
import { SAFETY } from "./safety";
import { WEARING } from "./wearing";

/** The one registry of trade rules; a finding, a plan line and a recommendation name the rule behind them. */
export const RULES = {
  ...SAFETY,
  ...PREPARING,
  ...PAINTING,
  ...FORM,
  ...WEARING,
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;
export const RULE_IDS = Object.keys(RULES) as RuleId[];
export const rule = (id: RuleId): Rule => RULES[id];

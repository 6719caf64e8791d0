import { rule, type RuleId } from "../rules";
import type { Remark } from "./finding";
import type { Stack } from "../design/stack";

/** A check with all the rules it may name. */
export interface Check {
  readonly rules: readonly RuleId[];
  readonly run: (stack: Stack) => Remark[];
}

export const defineCheck = (run: Check["run"], rules: readonly RuleId[]): Check => ({ rules, run });

/** Whether one of its rules stops, by the registry. */
export const canStop = ({ rules }: Check): boolean =>
  rules.some((id) => rule(id).severity === "stop");

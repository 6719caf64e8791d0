import type { ZoneId } from "../anatomy";
import type { RuleId, Severity } from "../rules";
import type { LookPatch } from "../design/patch";

/** What a colleague would point out: what, where, why, and the change that mends it. */
export interface Finding {
  /** Stays the same while the matter is the same, so that it can be accepted. */
  readonly key: string;
  readonly rule: RuleId;
  readonly severity: Severity;
  readonly where: { readonly layerId?: string; readonly zones: readonly ZoneId[] };
  readonly message: string;
  readonly fix?: LookPatch;
  readonly fixLabel?: string;
  /** What the look is like after it, in words. */
  readonly does?: string;
}

/** A finding without its key, as a check writes it. */
export type Remark = Omit<Finding, "key">;

export const SEVERITY_ORDER: Readonly<Record<Severity, number>> = { stop: 0, caution: 1, tip: 2 };

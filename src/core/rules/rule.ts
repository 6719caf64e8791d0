/** stop: hurts someone, can't be switched off. caution: goes wrong on the day. tip: makes it better. */
export type Severity = "stop" | "caution" | "tip";

export interface Rule {
  readonly title: string;
  readonly reason: string;
  readonly severity: Severity;
  readonly source: string;
}

export const TRADE = "common practice, no published source";

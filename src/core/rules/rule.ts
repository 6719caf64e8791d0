/** stop: hurts someone, can't be switched off. caution: goes wrong on the day. tip: makes it better. */
export type Severity = "stop" | "caution" | "tip";

export interface Rule {
  readonly title: string;
  readonly reason: string;
  readonly severity: Severity;
  readonly source: string;
  /** What else its checks may say, each with the reason why. */
  readonly also?: Readonly<Partial<Record<Severity, string>>>;
  /** Why it can't be switched off though it stops nothing. */
  readonly always?: string;
}

export const TRADE = "common practice, no published source";

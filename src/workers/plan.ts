import { expose } from "comlink";
import type { Pace } from "@/core/brief";
import { finished, type Finding, type Look, type LookContext } from "@/core/look";
import { makePlan, pacesOf, whatToDrop, withMinutes, type Cut, type Plan } from "@/core/plan";
import { contextOf, type StoredContext } from "@/core/record";

export interface PlanRequest {
  readonly look: Look;
  readonly stored: StoredContext;
  readonly stock: Readonly<Record<string, number>>;
}
export interface DropRequest {
  readonly look: Look;
  readonly stored: StoredContext;
  readonly late: Parameters<typeof whatToDrop>[2];
}

/** What was planned last: its findings are tried one by one, so that the next plan never waits for all of them. */
let planned: { readonly look: Look; readonly context: LookContext } | null = null;

const worker = {
  plan: ({ look, stored, stock }: PlanRequest): Plan => {
    planned = { look, context: contextOf(stored) };
    return makePlan(look, planned.context, new Map(Object.entries(stock)));
  },
  /** A finding of the look that was planned last, with a button only where one press mends it for good, and what that costs. */
  finish: (finding: Finding): Finding => {
    if (!planned) return finding;
    const { look, context } = planned;
    const [mended = finding] = finished(look, context, [finding]);
    return withMinutes(mended, look, context);
  },
  /** The chair in a hurry, as usual and comfortably. */
  paces: ({ look, stored }: Omit<PlanRequest, "stock">): Record<Pace, number> =>
    pacesOf(look, contextOf(stored)),
  /** What to leave out when it runs late. */
  drop: ({ look, stored, late }: DropRequest): Cut[] => whatToDrop(look, contextOf(stored), late),
};
export type PlanWorker = typeof worker;

expose(worker);

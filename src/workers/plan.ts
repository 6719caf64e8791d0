import { expose } from "comlink";
import type { Pace } from "@/core/brief";
import { finished, type Finding, type Look } from "@/core/look";
import { makePlan, pacesOf, whatToDrop, type Cut, type Plan } from "@/core/plan";
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

const worker = {
  plan: ({ look, stored, stock }: PlanRequest): Plan =>
    makePlan(look, contextOf(stored), new Map(Object.entries(stock))),
  /** The findings of a look, each with the button that mends it for good. */
  finish: ({
    look,
    stored,
    findings,
  }: Omit<PlanRequest, "stock"> & { readonly findings: readonly Finding[] }): Finding[] =>
    finished(look, contextOf(stored), findings),
  /** The chair in a hurry, as usual and comfortably. */
  paces: ({ look, stored }: Omit<PlanRequest, "stock">): Record<Pace, number> =>
    pacesOf(look, contextOf(stored)),
  /** What to leave out when it runs late. */
  drop: ({ look, stored, late }: DropRequest): Cut[] => whatToDrop(look, contextOf(stored), late),
};
export type PlanWorker = typeof worker;

expose(worker);

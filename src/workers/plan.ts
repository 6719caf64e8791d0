import { expose } from "comlink";
import type { Pace } from "@/core/brief";
import type { Look } from "@/core/look";
import { makePlan, pacesOf, whatToDrop, type Cut, type Plan } from "@/core/plan";
import { contextOf, type StoredSetting } from "@/core/record";

export interface PlanRequest {
  readonly look: Look;
  readonly setting: StoredSetting;
  readonly stock: Readonly<Record<string, number>>;
}
export interface DropRequest {
  readonly look: Look;
  readonly setting: StoredSetting;
  readonly late: Parameters<typeof whatToDrop>[2];
}

const worker = {
  plan: ({ look, setting, stock }: PlanRequest): Plan =>
    makePlan(look, contextOf(setting), new Map(Object.entries(stock))),
  /** The chair in a hurry, as usual and comfortably. */
  paces: ({ look, setting }: Omit<PlanRequest, "stock">): Record<Pace, number> =>
    pacesOf(look, contextOf(setting)),
  /** What to leave out when it runs late. */
  drop: ({ look, setting, late }: DropRequest): Cut[] => whatToDrop(look, contextOf(setting), late),
};
export type PlanWorker = typeof worker;

expose(worker);

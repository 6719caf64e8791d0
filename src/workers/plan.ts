import { expose } from "comlink";
import type { Brief } from "@/core/brief";
import { lookContext, type Look, type LookContext } from "@/core/look";
import type { Product } from "@/core/paint";
import type { Person } from "@/core/people";
import { makePlan, type Plan } from "@/core/plan";
import type { House } from "@/core/rules";

export interface PlanRequest { readonly look: Look; readonly person: Person; readonly brief: Brief; readonly products: readonly Product[]; readonly today: string; readonly house: House; readonly factors: LookContext["factors"]; readonly stock: Readonly<Record<string, number>> }

const worker = {
  plan: ({ look, stock, ...setting }: PlanRequest): Plan => makePlan(look, lookContext(setting), new Map(Object.entries(stock))),
};
export type PlanWorker = typeof worker;

expose(worker);

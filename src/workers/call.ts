import { expose } from "comlink";
import { lookContext } from "@/core/look";
import type { Product } from "@/core/paint";
import { planCall, type CallPlan } from "@/core/plan";
import type { House } from "@/core/rules";
import type { Brief } from "@/core/brief";
import type { Look } from "@/core/look";
import type { Person } from "@/core/people";

export interface CallRequest {
  readonly jobs: readonly { readonly id: string; readonly look: Look; readonly person: Person; readonly brief: Brief }[];
  readonly products: readonly Product[];
  readonly today: string;
  readonly house: House;
  readonly artists: number;
  readonly chairs: number;
  /** Minutes after the start at which each artist is there. */
  readonly from: readonly number[];
}

const worker = {
  plan: ({ jobs, products, today, house, artists, chairs, from }: CallRequest): CallPlan =>
    planCall(jobs.map(({ id, look, person, brief }) => ({ id, look, context: lookContext({ person, brief, products, today, house }) })), { artists, chairs, from }),
};
export type CallWorker = typeof worker;

expose(worker);

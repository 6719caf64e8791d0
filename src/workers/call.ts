import { expose } from "comlink";
import type { Look } from "@/core/look";
import { planCall, type CallFields, type CallPlan } from "@/core/plan";
import { contextOf, type StoredContext } from "@/core/record";

export interface CallRequest {
  readonly jobs: readonly (Pick<StoredContext, "person" | "brief" | "speed"> & {
    readonly id: string;
    readonly look: Look;
  })[];
  readonly stored: Omit<StoredContext, "person" | "brief" | "speed">;
  readonly call: CallFields;
}

const worker = {
  plan: ({ jobs, stored, call }: CallRequest): CallPlan =>
    planCall(
      jobs
        .filter(({ id }) => !call.out.includes(id))
        .map(({ id, look, ...own }) => ({ id, look, context: contextOf({ ...stored, ...own }) })),
      call,
    ),
};
export type CallWorker = typeof worker;

expose(worker);

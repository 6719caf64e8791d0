import { expose } from "comlink";
import { advise, type AdviceBrief, type GroupAdvice } from "@/core/advice";
import type { Look } from "@/core/look";

const worker = {
  advise: (look: Look, advice: AdviceBrief): GroupAdvice[] => advise(look, advice),
};
export type AdviceWorker = typeof worker;

expose(worker);

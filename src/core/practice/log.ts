import { z } from "zod";
import { fitLearning, learningMinutes } from "../schedule";
import { DRILL_KEYS, DRILLS, type DrillKey } from "./drills";

/** One go at a drill. */
export const PracticeSchema = z
  .object({
    drill: z.enum(DRILL_KEYS),
    on: z.iso.date("a date like 2026-11-24"),
    minutes: z.number().min(0.5, "at least half a minute").max(240, "at most 240 minutes"),
    right: z.number().int("a whole number").min(0, "0 or more").max(40, "at most 40"),
  })
  .strict()
  .refine(({ drill, right }) => right <= DRILLS[drill].of, {
    path: ["right"],
    message: "more than there are on the sheet",
  });
export type PracticeFields = z.output<typeof PracticeSchema>;
export interface Practice extends PracticeFields {
  readonly id: string;
}

export interface PracticeCurve {
  /** Minutes by repetition as they were, first one first. */
  readonly minutes: readonly number[];
  /** Share of the sheet that was right, 0 to 1. */
  readonly right: readonly number[];
  /** What the fitted curve says of each repetition, and of the next. */
  readonly fitted: readonly number[];
  /** Each doubling of practice multiplies the minutes by so much. */
  readonly rate: number;
  /** Mean share right over the last three, less that over the first three; null before there are four. */
  readonly better: number | null;
}

const mean = (list: readonly number[]) => list.reduce((sum, n) => sum + n, 0) / list.length;

/** How a drill has gone (PRACTICE-3), in the order of its days. @see learningMinutes (T. P. Wright 1936) */
export function practiceCurve(log: readonly Practice[], key: DrillKey): PracticeCurve | null {
  const own = log.filter(({ drill }) => drill === key).toSorted((a, b) => a.on.localeCompare(b.on));
  const minutes = own.map((entry) => entry.minutes);
  const [first] = minutes;
  if (first === undefined) return null;
  const right = own.map((entry) => entry.right / DRILLS[key].of);
  const curve = fitLearning(minutes, first);
  const fitted = Array.from({ length: own.length + 1 }, (_, i) =>
    learningMinutes(curve.first, i + 1, curve.rate),
  );
  const better = right.length > 3 ? mean(right.slice(-3)) - mean(right.slice(0, 3)) : null;
  return { minutes, right, fitted, rate: curve.rate, better };
}

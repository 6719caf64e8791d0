import { z } from "zod";
import { ZONE_IDS } from "../anatomy";
import { BriefSchema } from "../brief";
import { PhotoCheckSchema } from "../inspect";
import { DateSchema, PAINT_TYPE_KEYS } from "../paint";
import { ratioOf } from "./speed";
import {
  asPrior,
  calibrate,
  HOUSE_FACTOR,
  wearKeyOf,
  type WearFactor,
  type WearKey,
  type WearObservation,
} from "../wear";

/** What was seen of one zone after some hours. */
export const WearSeenSchema = z
  .object({
    zone: z.enum(ZONE_IDS),
    type: z.enum(PAINT_TYPE_KEYS),
    /** The product it was, where it was one. */
    productId: z.string().min(1).max(64).optional(),
    afterHours: z.number().min(0.1, "at least 6 minutes").max(24, "at most 24 h"),
    wholePercent: z.number().min(0, "0 or more").max(100, "at most 100 %"),
    /** What the forecast said then, kept as it was. */
    forecastPercent: z.number().min(0).max(100),
  })
  .strict();
export type WearSeen = z.infer<typeof WearSeenSchema>;

/** How long a step of the chair really took, hands on, beside what the house plans for it. */
export const StepSeenSchema = z
  .object({
    layerId: z.string().min(1).max(64),
    name: z.string().min(1).max(80),
    plannedMinutes: z.number().min(0).max(1440),
    actualMinutes: z.number().min(0, "0 or more").max(1440, "at most a day"),
  })
  .strict();
export type StepSeen = z.infer<typeof StepSeenSchema>;

/** What stopped the hands (TIME-4): apart from working minutes. */
export const InterruptionSchema = z
  .object({ minutes: z.number().min(0).max(1440), why: z.string().max(200).default("") })
  .strict();

/** Whether it did what it was meant to (RECORD-1). */
export const ANSWERS = { yes: "yes", partly: "partly", no: "no" } as const;
const AnswerSchema = z
  .enum(Object.keys(ANSWERS) as [keyof typeof ANSWERS, ...(keyof typeof ANSWERS)[]])
  .nullable()
  .default(null);

/** What happened when a look was painted and worn, or rehearsed. */
export const RecordSchema = z
  .object({
    lookName: z.string().min(1).max(80),
    on: DateSchema,
    brief: BriefSchema,
    wear: z.array(WearSeenSchema).max(200),
    /** Any sting, redness or rash, in words; empty when there was none. */
    reaction: z.string().max(500).default(""),
    verdict: z.string().max(1000).default(""),
    /** Painted to be timed, not worn (TIME-2). */
    rehearsal: z.boolean().default(false),
    steps: z.array(StepSeenSchema).max(100).default([]),
    /** The sitting of the chair's log that the minutes are from: it is taken down once. */
    session: z.uuid("the id of a sitting").nullable().default(null),
    interruptions: z.array(InterruptionSchema).max(50).default([]),
    /** Fits the character? Read as it was meant to? */
    fits: AnswerSchema,
    reads: AnswerSchema,
    /** What the next version does otherwise, a line each. */
    changes: z.array(z.string().trim().min(1).max(200)).max(20).default([]),
    /** What a photograph of it painted showed; null where none was measured. */
    check: PhotoCheckSchema.nullable().default(null),
  })
  .strict();
export type RecordFields = z.infer<typeof RecordSchema>;
export interface WornRecord extends RecordFields {
  readonly id: string;
  readonly version: number;
  readonly lookId: string;
  readonly personId: string | null;
  readonly jobId: string | null;
}

/** Seen and forecast differ by more than this: the forecast was wrong there. Common practice, no published source. */
const WIDE_PERCENT = 10;

/** Where a record disagrees with what was forecast, the widest first. */
export const disagreements = (record: Pick<RecordFields, "wear">): WearSeen[] =>
  record.wear
    .filter(
      ({ wholePercent, forecastPercent }) =>
        Math.abs(wholePercent - forecastPercent) > WIDE_PERCENT,
    )
    .sort(
      (a, b) =>
        Math.abs(b.wholePercent - b.forecastPercent) - Math.abs(a.wholePercent - a.forecastPercent),
    );

/** The forecast kept with it tells the hazard that was expected then. */
const observationOf = ({
  afterHours,
  wholePercent,
  forecastPercent,
}: WearSeen): WearObservation => ({
  hazardPerHour: -Math.log(Math.max(forecastPercent, 2) / 100) / afterHours,
  hours: afterHours,
  wholeShare: wholePercent / 100,
});

/**
 * How much faster or slower each paint type, and each product, wears than the house forecasts, by all that was recorded; nothing for what
 * nobody has seen worn. A product starts from what others of its type have shown, so that it is surer the more its own records say.
 */
export function factorsOf(
  records: readonly Pick<RecordFields, "wear">[],
): Partial<Record<WearKey, WearFactor>> {
  const seen = records.flatMap(({ wear }) => wear);
  const after = (prior: WearFactor, of: readonly WearSeen[]) =>
    calibrate(prior, of.map(observationOf));
  const types = [...new Set(seen.map(({ type }) => type))].map((type) => {
    const own = seen.filter((entry) => entry.type === type);
    return [type, after(HOUSE_FACTOR, own)] as const;
  });
  const ids = [...new Set(seen.flatMap(({ productId }) => productId ?? []))];
  const products = ids.map((id) => {
    const own = seen.filter(({ productId }) => productId === id);
    const others = seen.filter(({ type, productId }) => type === own[0]?.type && productId !== id);
    return [wearKeyOf(id), after(asPrior(after(HOUSE_FACTOR, others)), own)] as const;
  });
  return Object.fromEntries([...types, ...products]);
}

/** How far forecasts were off, by the day worn: mean absolute difference in percent points of what was whole, and in percent of the hands-on minutes. Null where nothing was taken down. */
export const errorsOf = (
  records: readonly Pick<RecordFields, "on" | "wear" | "steps">[],
): { on: string; wear: number | null; minutes: number | null }[] =>
  [...records]
    .sort((a, b) => a.on.localeCompare(b.on))
    .map((record) => {
      const ratio = ratioOf(record);
      return {
        on: record.on,
        wear: record.wear.length
          ? record.wear.reduce(
              (sum, seen) => sum + Math.abs(seen.wholePercent - seen.forecastPercent),
              0,
            ) / record.wear.length
          : null,
        minutes: ratio === null ? null : Math.abs(ratio - 1) * 100,
      };
    });

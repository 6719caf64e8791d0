import { z } from "zod";
import { ZONE_IDS, type ZoneId } from "../anatomy";
import { BriefSchema } from "../brief";
import { DateSchema, PAINT_TYPE_KEYS, type PaintTypeKey } from "../paint";
import { calibrate, factorOf, HOUSE_FACTOR, type WearFactor, type WearObservation } from "../wear";

/** What was seen of one zone after some hours. */
export const WearSeenSchema = z.object({
  zone: z.enum(ZONE_IDS as [ZoneId, ...ZoneId[]]),
  type: z.enum(PAINT_TYPE_KEYS as [PaintTypeKey, ...PaintTypeKey[]]),
  afterHours: z.number().min(0.1, "at least 6 minutes").max(24, "at most 24 h"),
  wholePercent: z.number().min(0, "0 or more").max(100, "at most 100 %"),
  /** What the forecast said then, kept as it was. */
  forecastPercent: z.number().min(0).max(100),
}).strict();
export type WearSeen = z.infer<typeof WearSeenSchema>;

/** What happened when a look was painted and worn. */
export const RecordSchema = z.object({
  lookName: z.string().min(1).max(80),
  on: DateSchema,
  brief: BriefSchema,
  wear: z.array(WearSeenSchema).max(200),
  /** Any sting, redness or rash, in words; empty when there was none. */
  reaction: z.string().max(500).default(""),
  verdict: z.string().max(1000).default(""),
}).strict();
export type RecordFields = z.infer<typeof RecordSchema>;
export interface WornRecord extends RecordFields { readonly id: string; readonly version: number; readonly lookId: string; readonly personId: string | null }

/** Seen and forecast differ by more than this: the forecast was wrong there. Common practice, no published source. */
const WIDE_PERCENT = 10;

/** Where a record disagrees with what was forecast, the widest first. */
export const disagreements = (record: Pick<RecordFields, "wear">): WearSeen[] =>
  record.wear.filter(({ wholePercent, forecastPercent }) => Math.abs(wholePercent - forecastPercent) > WIDE_PERCENT).sort((a, b) => Math.abs(b.wholePercent - b.forecastPercent) - Math.abs(a.wholePercent - a.forecastPercent));

/** How much faster or slower each paint type wears than the house forecasts, by all that was recorded; nothing for a type nobody has seen worn. */
export function factorsOf(records: readonly Pick<RecordFields, "wear">[]): Partial<Record<PaintTypeKey, WearFactor>> {
  const seen = new Map<PaintTypeKey, WearObservation[]>();
  for (const { type, afterHours, wholePercent, forecastPercent } of records.flatMap(({ wear }) => wear)) {
    // The forecast kept with it tells the hazard that was expected then.
    const expected = -Math.log(Math.max(forecastPercent, 2) / 100) / afterHours;
    seen.set(type, [...(seen.get(type) ?? []), { hazardPerHour: expected, hours: afterHours, wholeShare: wholePercent / 100 }]);
  }
  return Object.fromEntries([...seen].map(([type, observations]) => [type, calibrate(HOUSE_FACTOR, observations)]));
}

/** The means of factors, as a look is judged by them. */
export const meansOf = (factors: Partial<Record<PaintTypeKey, WearFactor>>): Partial<Record<PaintTypeKey, number>> => Object.fromEntries(Object.entries(factors).map(([type, factor]) => [type, factorOf(factor).mean]));

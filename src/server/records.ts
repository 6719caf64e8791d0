import "server-only";
import { z } from "zod";
import { lookContext, wearForecast } from "@/core/look";
import { RecordSchema, WearSeenSchema } from "@/core/record";
import { houseOf } from "@/core/rules";
import { survival } from "@/core/wear";
import { addRecord } from "@/store";
import { invalid, notFound } from "./problem";
import { newId, studio } from "./studio";
import { loadWorkspace } from "./workspace";

export const NewRecordSchema = z.object({
  lookId: z.string().min(1).max(64), jobId: z.string().min(1).max(64), on: RecordSchema.shape.on,
  seen: z.array(WearSeenSchema.pick({ zone: true, afterHours: true, wholePercent: true }).strict()).min(1, "say of one place at least how it held").max(60),
  reaction: z.string().max(500, "at most 500 letters").default(""), verdict: z.string().max(1000, "at most 1000 letters").default(""),
}).strict();

/** Takes down what was seen of a look that was worn, beside what the house forecast for it then. @throws Problem */
export async function takeDown({ lookId, jobId, on, seen, reaction, verdict }: z.output<typeof NewRecordSchema>): Promise<{ id: string }> {
  const given = await loadWorkspace(lookId, jobId);
  if (!given || given.job?.id !== jobId) throw notFound(given ? "job" : "look");
  const design = given.look.design;
  // The house's own forecast, so that records are compared with one thing, whatever was learned in between.
  const forecast = wearForecast(design, lookContext({ person: given.person, brief: given.brief, products: [...given.products, ...given.archivedProducts], today: given.today, house: houseOf(given.house.changes, given.house.version) }));
  const wear = seen.map((entry, i) => {
    const own = forecast.filter(({ zone }) => zone === entry.zone);
    const first = own.find(({ layer }) => layer.role === "base") ?? own[0];
    if (!first) throw invalid([{ field: `seen.${i}.zone`, message: "nothing is painted there" }]);
    return { ...entry, type: first.type, forecastPercent: Math.round(survival(first, entry.afterHours) * 100) };
  });
  const id = newId();
  await addRecord(await studio(), { id, lookId, personId: given.job.personId, fields: RecordSchema.parse({ lookName: design.name, on, brief: given.brief, wear, reaction, verdict }) });
  return { id };
}

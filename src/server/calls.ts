import "server-only";
import { z } from "zod";
import { doneAgain, type Brief } from "@/core/brief";
import type { Look, Speed } from "@/core/look";
import { CallSchema, USUAL_CALL, type CallFields } from "@/core/plan";
import { DateSchema, type Product } from "@/core/paint";
import type { Person } from "@/core/people";
import { shiftMinutes } from "@/core/schedule";
import { factorsOf, productsAlong, speedOf } from "@/core/record";
import type { HouseChanges } from "@/core/rules";
import type { StudioSettings } from "@/core/studio";
import type { WearFactor, WearKey } from "@/core/wear";
import {
  addJob,
  currentHouse,
  currentSettings,
  findCall,
  findPerson,
  listJobs,
  findLooks,
  listRecords,
  saveCall,
  listProducts,
} from "@/store";
import { invalid } from "./problem";
import { newId, studio, today } from "./studio";

/** A dated job as the calls page works with it. */
export interface DatedJob {
  readonly id: string;
  readonly lookId: string;
  readonly look: Look;
  readonly person: Person;
  readonly brief: Brief & { readonly curtainAt: string };
  readonly speed: Speed;
}

/** Days with jobs ahead, and all that a call is planned from; plain data, so that the browser can compute with it. */
export interface Calls {
  readonly days: readonly {
    readonly date: string;
    readonly jobs: readonly DatedJob[];
    /** Who is there; version 0 while nobody has said. */ readonly call: {
      readonly version: number;
      readonly fields: CallFields;
    };
  }[];
  readonly products: readonly Product[];
  /** How each paint type wears against the house, by every record there is. */
  readonly factors: Partial<Record<WearKey, WearFactor>>;
  readonly house: { readonly version: number; readonly changes: HouseChanges };
  readonly settings: { readonly version: number; readonly fields: StudioSettings };
  readonly today: string;
}

export async function loadCalls(): Promise<Calls> {
  const db = await studio();
  const now = today();
  const records = await listRecords(db);
  const ahead = (await listJobs(db)).filter(
    ({ brief }) => brief.curtainAt !== null && brief.curtainAt.slice(0, 10) >= now,
  );
  const looks = new Map(
    (
      await findLooks(
        db,
        ahead.map(({ lookId }) => lookId),
      )
    )
      .filter(({ archived }) => !archived)
      .map((look) => [look.id, look.design]),
  );
  const dated = await Promise.all(
    ahead.map(async (job): Promise<DatedJob[]> => {
      const { curtainAt } = job.brief;
      const look = looks.get(job.lookId);
      const person = await findPerson(db, job.personId);
      return curtainAt && curtainAt.slice(0, 10) >= now && look && person
        ? [
            {
              id: job.id,
              lookId: job.lookId,
              look,
              person,
              brief: { ...job.brief, curtainAt },
              speed: speedOf(records, job.lookId),
            },
          ]
        : [];
    }),
  );
  const jobs = dated.flat();
  const dates = [...new Set(jobs.map(({ brief }) => brief.curtainAt.slice(0, 10)))].sort();
  return {
    days: await Promise.all(
      dates.map(async (date) => ({
        date,
        jobs: jobs.filter(({ brief }) => brief.curtainAt.startsWith(date)),
        call: (await findCall(db, date)) ?? { version: 0, fields: USUAL_CALL },
      })),
    ),
    products: productsAlong(
      jobs.map(({ look }) => look),
      {
        products: await listProducts(db),
        archivedProducts: await listProducts(db, { archived: true }),
      },
    ),
    house: await currentHouse(db),
    settings: await currentSettings(db),
    factors: factorsOf(records),
    today: now,
  };
}

export const SaveCallSchema = z
  .object({ version: z.number().int().min(0), fields: CallSchema })
  .strict();

/** Says who is at a day's call. @throws Problem, StaleVersion */
export async function changeCall(
  date: string,
  { version, fields }: z.output<typeof SaveCallSchema>,
): Promise<{ version: number }> {
  if (!DateSchema.safeParse(date).success)
    throw invalid([{ field: "date", message: "a date like 2026-11-24" }]);
  return { version: await saveCall(await studio(), date, version, fields) };
}

/** Minutes between two moments on the wall, whatever the offset. */
const minutesBetween = (from: string, to: string): number =>
  (Date.parse(`${to}:00Z`) - Date.parse(`${from}:00Z`)) / 60_000;
const onTheWall = (moment: string): string => moment.slice(0, 16);

export const RepeatDaySchema = z
  .object({
    on: DateSchema,
    /** The curtain of the first of them. */
    at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time like 19:30"),
  })
  .strict();

/**
 * Another show with the same people in the same looks, the same day or another: a job for each that has none then. The first goes on at the
 * time given, the others as long after it as on the day that is repeated.
 * @throws Problem
 */
export async function repeatDay(
  date: string,
  { on, at }: z.output<typeof RepeatDaySchema>,
): Promise<{ added: number }> {
  const { days, today: now } = await loadCalls();
  const jobs = days.find((day) => day.date === date)?.jobs ?? [];
  const first = jobs.map(({ brief }) => onTheWall(brief.curtainAt)).sort()[0];
  if (!first) throw invalid([{ field: "date", message: "nobody has a curtain on that day" }]);
  if (on < now) throw invalid([{ field: "on", message: "a day that is still to come" }]);
  const minutes = minutesBetween(first, `${on}T${at}`);
  const keyOf = (lookId: string, personId: string, curtainAt: string) =>
    `${lookId} ${personId} ${onTheWall(curtainAt)}`;
  const db = await studio();
  return db.transaction().execute(async (tx) => {
    const known = new Set(
      (await listJobs(tx)).map(({ lookId, personId, brief }) =>
        keyOf(lookId, personId, brief.curtainAt ?? ""),
      ),
    );
    let added = 0;
    for (const { lookId, person, brief } of jobs) {
      const next = doneAgain(brief, shiftMinutes(brief.curtainAt, minutes));
      if (known.has(keyOf(lookId, person.id, next.curtainAt ?? ""))) continue;
      await addJob(tx, { id: newId(), lookId, personId: person.id, brief: next });
      added++;
    }
    return { added };
  });
}

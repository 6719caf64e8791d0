import "server-only";
import { z } from "zod";
import { paintNeeded, type JobNeeds, type PackingList } from "@/core/kit";
import { applyPatch, recipeOf, replaceProduct, type Look } from "@/core/look";
import type { Person } from "@/core/people";
import type { Brief } from "@/core/brief";
import { contextOf, type StoredSetting } from "@/core/record";
import { houseOf } from "@/core/rules";
import {
  addMovement,
  findJob,
  findLook,
  findLooks,
  findPerson,
  jobMovements,
  listJobs,
  listProducts,
  saveLook,
} from "@/store";
import { cardOf, shared } from "./overview";
import { invalid, notFound, stopped } from "./problem";
import { stopsHere } from "./safety";
import { shelfStart, type ShelfStart } from "./shelf";
import { studio } from "./studio";
import { loadWorkspace } from "./workspace";

/** A job as kit planning works with it. */
export interface PlannedJob extends JobNeeds {
  readonly lookId: string;
  readonly lookName: string;
  readonly look: Look;
  readonly brief: Brief;
  readonly person: Person;
  readonly used: boolean;
  readonly packing: PackingList;
}

export interface Planning {
  readonly house: StoredSetting["house"];
  readonly jobs: readonly PlannedJob[];
  readonly shelf: ShelfStart;
  readonly leadDays: number;
  readonly today: string;
}

/** Jobs ahead and those without a day, with what each takes; and what there is. */
export async function loadPlanning(): Promise<Planning> {
  const db = await studio();
  const setting = await shared();
  const ahead = (await listJobs(db)).filter(
    ({ brief }) => !brief.curtainAt || brief.curtainAt.slice(0, 10) >= setting.today,
  );
  const looks = new Map(
    (
      await findLooks(
        db,
        ahead.map(({ lookId }) => lookId),
      )
    )
      .filter(({ archived }) => !archived)
      .map((look) => [look.id, look]),
  );
  const jobs = await Promise.all(
    ahead.map(async (job): Promise<PlannedJob[]> => {
      const [look, person] = [looks.get(job.lookId), await findPerson(db, job.personId)];
      if (!look || !person) return [];
      const { plan, packing } = await cardOf(look, job, setting);
      return [
        {
          jobId: job.id,
          name: `${look.design.name} on ${person.name}`,
          on: job.brief.curtainAt?.slice(0, 10) ?? null,
          needs: plan.kit,
          lookId: job.lookId,
          lookName: look.design.name,
          look: look.design,
          brief: job.brief,
          person,
          used: (await jobMovements(db, job.id)).length > 0,
          packing,
        },
      ];
    }),
  );
  return {
    jobs: jobs.flat(),
    shelf: await shelfStart(
      jobs.flat().flatMap(({ needs }) => needs.flatMap(({ productId }) => productId ?? [])),
    ),
    house: setting.house,
    leadDays: houseOf(setting.house.changes, setting.house.version).numbers.leadDays,
    today: setting.today,
  };
}

export const SubstituteSchema = z
  .object({ from: z.string().min(1).max(64), to: z.string().min(1).max(64) })
  .strict();

/** Puts one product in the place of another all through a look. What a safety rule stops is refused as a whole. @throws Problem */
export async function substitute(
  lookId: string,
  { from, to }: z.output<typeof SubstituteSchema>,
): Promise<{ version: number; layers: number }> {
  const db = await studio();
  const look = await findLook(db, lookId);
  if (!look) throw notFound("look");
  if (!(await listProducts(db)).some(({ id }) => id === to))
    throw invalid([{ field: "to", message: "is not on the shelf" }]);
  const patches = replaceProduct(look.design, from, to);
  if (!patches.length) throw invalid([{ field: "from", message: "is not used in this look" }]);
  const next: Look = applyPatch(look.design, { op: "several", patches });
  // What is saved by hand may be a draft; what is put in by us brings no stop.
  const given = await loadWorkspace(lookId);
  if (given) {
    const [before, after] = [look.design, next].map((design) =>
      stopsHere({ ...given, look: { ...given.look, design } }),
    );
    if ((after ?? []).length > (before ?? []).length) throw stopped(after ?? []);
  }
  return { version: await saveLook(db, lookId, look.version, next), layers: patches.length };
}

export const UseSchema = z
  .object({
    on: z.iso.date("a date like 2026-11-24"),
    /** Grams really used, where they are known; the plan's for all others. */ grams: z
      .record(z.string().max(64), z.number().min(0, "0 g or more").max(50_000, "at most 50 kg"))
      .default({}),
  })
  .strict();

/** Writes down what a job used: by its plan, corrected where it was weighed. Told again it corrects by another line, so that nothing counts twice. @throws Problem */
export async function writeUse(
  jobId: string,
  { on, grams }: z.output<typeof UseSchema>,
): Promise<{ written: number }> {
  const db = await studio();
  const job = await findJob(db, jobId);
  const [look, person] = job
    ? [await findLook(db, job.lookId), await findPerson(db, job.personId)]
    : [null, null];
  if (!job || !look || !person) throw notFound("job");
  const context = contextOf({ ...(await shared()), person, brief: job.brief });
  const known = new Set(
    look.design.layers
      .flatMap((layer) => recipeOf(layer, context.products))
      .map(({ product }) => product.id),
  );
  for (const id of Object.keys(grams))
    if (!known.has(id))
      throw invalid([{ field: `grams.${id}`, message: "is not used in this look" }]);
  const wanted = new Map(
    paintNeeded(look.design, context).flatMap((need) =>
      need.productId ? [[need.productId, grams[need.productId] ?? need.grams] as const] : [],
    ),
  );
  return db.transaction().execute(async (tx) => {
    const already = new Map<string, number>();
    for (const movement of await jobMovements(tx, jobId))
      already.set(movement.productId, (already.get(movement.productId) ?? 0) - movement.delta);
    let written = 0;
    for (const id of new Set([...wanted.keys(), ...already.keys()])) {
      const more = Math.round(((wanted.get(id) ?? 0) - (already.get(id) ?? 0)) * 1000) / 1000;
      if (more === 0) continue;
      // Of whom it was is told by its job: the ledger is never rewritten, and a person may be forgotten.
      const note = `${already.has(id) ? "corrected: " : ""}${look.design.name}`.slice(0, 200);
      await addMovement(tx, { productId: id, jobId, kind: "used", delta: -more, on, note });
      written++;
    }
    return { written };
  });
}

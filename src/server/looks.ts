import "server-only";
import { z } from "zod";
import { BriefSchema } from "@/core/brief";
import {
  applyPatch,
  emptyLook,
  freeLayerId,
  LayerSchema,
  LookSchema,
  MOST_LAYERS,
  placeFor,
} from "@/core/look";
import { PersonSchema } from "@/core/people";
import {
  addJob,
  addLook,
  addPerson,
  findJob,
  findLook,
  keepVersion,
  listLookHeads,
  mustStand,
  saveJob,
  saveLook,
  setArchived,
} from "@/store";
import { invalid, notFound } from "./problem";
import { newId, studio } from "./studio";

const Id = z.string().min(1).max(64);
const Version = z.number().int().min(1);
const Name = z.string().trim().min(1, "give the look a name").max(80);

export const StartLookSchema = z
  .object({
    name: Name,
    brief: BriefSchema,
    personId: Id.optional(),
    person: PersonSchema.optional(),
  })
  .strict()
  .refine((start) => (start.personId === undefined) !== (start.person === undefined), {
    path: ["person"],
    message: "choose a person or describe a new one",
  });

/** A first brief: the person (new or known), the look and the job that joins them, all or nothing. */
export async function startLook(
  start: z.output<typeof StartLookSchema>,
): Promise<{ lookId: string; jobId: string }> {
  const db = await studio();
  const [lookId, jobId] = [newId(), newId()];
  await db.transaction().execute(async (tx) => {
    const personId = start.personId ?? newId();
    if (start.person) await addPerson(tx, personId, start.person);
    else await mustStand(tx, "person", personId);
    await addLook(tx, lookId, emptyLook(start.name));
    await addJob(tx, { id: jobId, lookId, personId, brief: start.brief });
  });
  return { lookId, jobId };
}

export const SaveLookSchema = z.object({ version: Version, design: LookSchema }).strict();

export async function saveDesign(
  id: string,
  { version, design }: z.output<typeof SaveLookSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findLook(db, id))) throw notFound("look");
  return { version: await saveLook(db, id, version, design) };
}

export const CopyLookSchema = z.object({ name: Name, design: LookSchema.optional() }).strict();

/** A second look from this one, or from the caller's unsaved design of it ("keep both"). Its jobs stay with the first. */
export async function copyLook(
  id: string,
  { name, design }: z.output<typeof CopyLookSchema>,
): Promise<{ lookId: string }> {
  const db = await studio();
  const source = await findLook(db, id);
  if (!source && !design) throw notFound("look");
  const from = design ?? source?.design;
  if (!from) throw notFound("look");
  const lookId = newId();
  await addLook(db, lookId, { ...from, name });
  return { lookId };
}

export const TakeLayerSchema = z.object({ layer: LayerSchema }).strict();

/** A layer from elsewhere, laid on top of what this look has, under what seals it. */
export async function takeLayer(
  id: string,
  { layer }: z.output<typeof TakeLayerSchema>,
): Promise<{ version: number; name: string }> {
  const db = await studio();
  const look = await findLook(db, id);
  if (!look) throw notFound("look");
  const { design } = look;
  if (design.layers.length >= MOST_LAYERS)
    throw invalid([
      { field: "layer", message: `${design.name} has ${MOST_LAYERS} layers already` },
    ]);
  const next = applyPatch(design, {
    op: "addLayer",
    layer: { ...layer, id: freeLayerId(design, layer.id) },
    at: placeFor(layer.role, design),
  });
  return { version: await saveLook(db, id, look.version, next), name: design.name };
}

/** What a look is called; null where there is none. */
export const lookName = async (id: string): Promise<string | null> =>
  (await findLook(await studio(), id))?.design.name ?? null;

/** Looks that are not put away, by name. */
export async function lookNames(): Promise<{ id: string; name: string }[]> {
  return (await listLookHeads(await studio()))
    .map(({ id, name }) => ({ id, name }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

export const KeepVersionSchema = z.object({ name: Name, design: LookSchema }).strict();

/** Keeps a design of a look by name; what is kept is never changed. */
export async function keepDesign(
  lookId: string,
  { name, design }: z.output<typeof KeepVersionSchema>,
): Promise<{ id: string }> {
  const db = await studio();
  await mustStand(db, "look", lookId);
  const id = newId();
  await keepVersion(db, id, lookId, name, design);
  return { id };
}

export const ArchiveSchema = z.object({ archived: z.boolean() }).strict();

export async function archiveLook(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "look", id, archived);
}

export async function archiveJob(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "job", id, archived);
}

export const NewJobSchema = z
  .object({
    lookId: Id,
    personId: Id.optional(),
    person: PersonSchema.optional(),
    brief: BriefSchema,
  })
  .strict()
  .refine((job) => (job.personId === undefined) !== (job.person === undefined), {
    path: ["person"],
    message: "choose a person or describe a new one",
  });

export async function newJob(
  job: z.output<typeof NewJobSchema>,
): Promise<{ jobId: string; personId: string }> {
  const db = await studio();
  await mustStand(db, "look", job.lookId);
  const [jobId, personId] = [newId(), job.personId ?? newId()];
  if (!job.person) await mustStand(db, "person", personId);
  await db.transaction().execute(async (tx) => {
    if (job.person) await addPerson(tx, personId, job.person);
    await addJob(tx, { id: jobId, lookId: job.lookId, personId, brief: job.brief });
  });
  return { jobId, personId };
}

export const SaveJobSchema = z
  .object({ version: Version, personId: Id, brief: BriefSchema })
  .strict();

export async function changeJob(
  id: string,
  { version, personId, brief }: z.output<typeof SaveJobSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  const job = await findJob(db, id);
  if (!job || !(await findLook(db, job.lookId))) throw notFound("job");
  if (personId !== job.personId) await mustStand(db, "person", personId);
  return { version: await saveJob(db, id, version, { personId, brief }) };
}

import "server-only";
import { z } from "zod";
import { PersonSchema, type Person } from "@/core/people";
import { addPerson, findPerson, listPeople, savePerson, setArchived } from "@/store";
import { notFound } from "./problem";
import { newId, studio } from "./studio";

export const SavePersonSchema = z.object({ version: z.number().int().min(1), fields: PersonSchema }).strict();

export const everybody = async (): Promise<Person[]> => listPeople(await studio());
export const person = async (id: string): Promise<Person | null> => findPerson(await studio(), id);

export async function createPerson(fields: z.output<typeof PersonSchema>): Promise<{ id: string }> {
  const id = newId();
  await addPerson(await studio(), id, fields);
  return { id };
}

/** An allergy is always taken down, whatever is planned: the plans it stops say so from then on. */
export async function changePerson(id: string, { version, fields }: z.output<typeof SavePersonSchema>): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findPerson(db, id))) throw notFound("person");
  return { version: await savePerson(db, id, version, fields) };
}

export async function archivePerson(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "person", id, archived);
}

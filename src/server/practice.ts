import "server-only";
import { z } from "zod";
import { practiceSheet } from "@/core/formats";
import { DRILL_KEYS, PracticeSchema, type Practice } from "@/core/practice";
import { addPractice, currentSettings, listPractice, removePractice } from "@/store";
import { fieldErrors, invalid, notFound } from "./problem";
import { paperOf } from "./sheets/say";
import { newId, studio } from "./studio";
import { sheetPdf } from "./templates";

export const allPractice = async (): Promise<Practice[]> => listPractice(await studio());

/** Writes a go at a drill down. */
export async function notePractice(
  fields: z.output<typeof PracticeSchema>,
): Promise<{ id: string }> {
  const id = newId();
  await addPractice(await studio(), id, fields);
  return { id };
}

export const DropPracticeSchema = z.object({}).strict();

/** Takes a go at a drill back. @throws Problem 404 */
export async function dropPractice(id: string): Promise<{ id: string }> {
  if (!(await removePractice(await studio(), id))) throw notFound("practice");
  return { id };
}

const AskedSchema = z.object({ drill: z.enum(DRILL_KEYS) }).strict();

/** The sheet of a drill at 1:1 on the studio's paper. @throws Problem */
export async function drillSheet(
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const asked = AskedSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const key = asked.data.drill;
  const paper = paperOf((await currentSettings(await studio())).fields);
  return {
    body: await sheetPdf([practiceSheet({ key, paper })], `Practice: ${key}`),
    name: `practice-${key}.pdf`,
  };
}

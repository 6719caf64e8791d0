import { minutesWords, slug } from "@/core/text/words";
import "server-only";
import { z } from "zod";
import { safetyNotes } from "@/core/look";
import { isChild } from "@/core/people";
import { removalOf } from "@/core/plan";
import { contextOf } from "@/core/record";
import { fieldErrors, invalid, notFound } from "./problem";
import { sayOf } from "./sheets/say";
import { textPdf } from "./textPdf";
import { loadWorkspace } from "./workspace";

export const RemovalCardSchema = z
  .object({
    job: z.string().min(1).max(64).optional(),
    print: z.enum(["usual", "large"]).default("usual"),
    contact: z.string().trim().max(120, "at most 120 letters").default(""),
  })
  .strict();

/** The removal card of a look on its person, for them or, of a child, their parent. @throws Problem */
export async function removalCard(
  lookId: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; type: string; name: string }> {
  const asked = RemovalCardSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const { print, contact, job } = asked.data;
  const given = await loadWorkspace(lookId, job);
  if (!given || (job && given.job?.id !== job)) throw notFound(given ? "job" : "look");
  const { person } = given;
  const look = given.look.design;
  const removal = removalOf(look, contextOf(given));
  const out = textPdf(`${look.name}: how it comes off`, print, sayOf(given.settings.fields));
  out.write("Taking the paint off", { bold: true, times: 1.7 });
  out.write(
    `${look.name}, for ${isChild(person) ? `the parent or guardian of ${person.name}` : person.name}. About ${minutesWords(removal.minutes)} in all, in this order:`,
    { before: 0.3 },
  );
  // Of what is known before anything is painted, what counts at home too.
  for (const { kind, text } of safetyNotes(look, contextOf(given)))
    if (kind === "allergies" || kind === "reaction")
      out.write(text, { bold: kind === "allergies", before: 0.2 });
  removal.steps.forEach((step, i) => {
    out.write(`${i + 1}. ${step.label}: ${step.with}`, { bold: true, before: 0.45 });
    out.write(
      `${[step.where, `about ${minutesWords(step.minutes)}`, step.care].filter(Boolean).join("; ")}.`,
      {
        indent: 12,
      },
    );
  });
  if (removal.hurry) out.write(removal.hurry, { before: 0.5 });
  if (removal.stains.length) {
    out.write("May leave a tint", { bold: true, times: 1.15, before: 0.8 });
    for (const { name, words } of removal.stains) out.write(`${name}: ${words}.`);
  }
  out.write("Afterwards", { bold: true, times: 1.15, before: 0.8 });
  for (const { text } of removal.aftercare) out.write(`- ${text}`, { before: 0.15 });
  out.write(
    "The labels of the products and the advice of licensed professionals come before this card.",
    { before: 0.6 },
  );
  out.write(`Painter: ${contact || "......................................................"}`, {
    bold: true,
    before: 0.8,
  });
  return {
    body: await out.save(),
    type: "application/pdf",
    name: `${slug(look.name)}-removal${print === "large" ? "-large" : ""}.pdf`,
  };
}

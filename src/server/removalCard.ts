import "server-only";
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from "pdf-lib";
import { z } from "zod";
import { lookContext } from "@/core/look";
import { removalOf } from "@/core/plan";
import { houseOf } from "@/core/rules";
import { fieldErrors, invalid, notFound } from "./problem";
import { loadWorkspace } from "./workspace";

export const RemovalCardSchema = z.object({ job: z.string().min(1).max(64).optional(), print: z.enum(["usual", "large"]).default("usual"), contact: z.string().trim().max(120, "at most 120 letters").default("") }).strict();

/** A5 in points, and A4 for large print: type of 18 points and more, as guidelines for clear print ask (from memory). */
const PAGES = { usual: { width: 419.5, height: 595.3, type: 9.5, margin: 30 }, large: { width: 595.3, height: 841.9, type: 18, margin: 42 } } as const;
type Print = keyof typeof PAGES;

/** The standard PDF fonts know Latin 1 only. */
const latin = (text: string) => text.replace(/[\u2013\u2014]/g, "-").replace(/[\u2018\u2019]/g, "'").replace(/[^\u0020-\u00ff]/g, "?");

/** Text that flows down pages, a line at a time. */
function flow(document: PDFDocument, print: Print, fonts: { plain: PDFFont; bold: PDFFont }) {
  const { width, height, type, margin } = PAGES[print];
  let page: PDFPage = document.addPage([width, height]);
  let y = height - margin;
  const lines = (text: string, font: PDFFont, size: number, indent: number): string[] => {
    const most = width - 2 * margin - indent;
    return latin(text).split(" ").reduce<string[]>((made, word) => {
      const last = made.at(-1);
      const longer = last === undefined ? word : `${last} ${word}`;
      if (last !== undefined && font.widthOfTextAtSize(longer, size) <= most) made[made.length - 1] = longer;
      else made.push(word);
      return made;
    }, []);
  };
  return {
    write: (text: string, o: { bold?: boolean; times?: number; indent?: number; before?: number } = {}) => {
      const font = o.bold ? fonts.bold : fonts.plain;
      const size = type * (o.times ?? 1);
      y -= (o.before ?? 0) * type;
      for (const line of lines(text, font, size, o.indent ?? 0)) {
        if (y - size * 1.35 < margin) { page = document.addPage([width, height]); y = height - margin; }
        y -= size * 1.35;
        page.drawText(line, { x: margin + (o.indent ?? 0), y, size, font, color: rgb(0, 0, 0) });
      }
    },
  };
}

/** The removal card of a look on its person, for them or, of a child, their parent. @throws Problem */
export async function removalCard(lookId: string, query: Record<string, string>): Promise<{ body: Uint8Array; type: string; name: string }> {
  const asked = RemovalCardSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const { print, contact, job } = asked.data;
  const given = await loadWorkspace(lookId, job);
  if (!given || (job && given.job?.id !== job)) throw notFound(given ? "job" : "look");
  const { person } = given;
  const look = given.look.design;
  const removal = removalOf(look, lookContext({ person, brief: given.brief, products: [...given.products, ...given.archivedProducts], today: given.today, house: houseOf(given.house.changes, given.house.version) }));
  const document = await PDFDocument.create();
  document.setTitle(`${look.name}: how it comes off`);
  document.setLanguage("en");
  const out = flow(document, print, { plain: await document.embedFont(StandardFonts.Helvetica), bold: await document.embedFont(StandardFonts.HelveticaBold) });
  out.write("Taking the paint off", { bold: true, times: 1.7 });
  out.write(`${look.name}, for ${person.ageYears < 16 ? `the parent or guardian of ${person.name}` : person.name}. About ${removal.minutes} minutes in all, in this order:`, { before: 0.3 });
  removal.steps.forEach((step, i) => {
    out.write(`${i + 1}. ${step.label}: ${step.with}`, { bold: true, before: 0.45 });
    out.write(`${step.where}; about ${step.minutes} min; ${step.care}.`, { indent: 12 });
  });
  if (removal.stains.length) {
    out.write("May leave a tint", { bold: true, times: 1.15, before: 0.8 });
    for (const { name, words } of removal.stains) out.write(`${name}: ${words}.`);
  }
  out.write("Afterwards", { bold: true, times: 1.15, before: 0.8 });
  for (const { text } of removal.aftercare) out.write(`- ${text}`, { before: 0.15 });
  out.write("The labels of the products and the advice of licensed professionals come before this card.", { before: 0.6 });
  out.write(`Painter: ${contact || "......................................................"}`, { bold: true, before: 0.8 });
  return { body: await document.save(), type: "application/pdf", name: `${look.name.replace(/[^A-Za-z0-9]+/g, "-").toLowerCase()}-removal${print === "large" ? "-large" : ""}.pdf` };
}

import { slug } from "@/core/text/words";
import "server-only";
import { z } from "zod";
import {
  bodySheets,
  faceSheet,
  LOOK_FILE_VERSION,
  PAPER_KEYS,
  pathOfShape,
  pieceSheets,
  readLookFile,
  SHEET_KINDS,
  sheetSvg,
  type LookFile,
  type Sheet,
  type SheetKind,
} from "@/core/formats";
import { predict, recipeOf } from "@/core/look";
import { knownProducts, contextOf } from "@/core/record";
import { addLook, listLookHeads } from "@/store";
import { openPdf, type Pdf } from "./openPdf";
import { fieldErrors, invalid, notFound, type Takes } from "./problem";
import { withhold } from "./safety";
import { newId, studio } from "./studio";
import { loadWorkspace } from "./workspace";

export const TemplateSchema = z
  .object({
    kind: z.enum(Object.keys(SHEET_KINDS) as [SheetKind, ...SheetKind[]]),
    format: z.enum(["svg", "pdf"]),
    paper: z.enum(PAPER_KEYS).default("a4"),
    job: z.string().max(64).optional(),
  })
  .strict();

const POINTS_PER_MM = 72 / 25.4;
/** Sheets as PDF at 1:1, a page each. */
export async function sheetPdf(sheets: readonly Sheet[], title: string): Promise<Uint8Array> {
  const pdf = openPdf(title);
  for (const sheet of sheets) putSheet(pdf, sheet);
  return pdf.save();
}

function putSheet(pdf: Pdf, sheet: Sheet): void {
  const { document } = pdf;
  pdf.addPage(sheet.widthMm * POINTS_PER_MM, sheet.heightMm * POINTS_PER_MM);
  for (const shape of sheet.shapes) {
    document.save().scale(POINTS_PER_MM).path(pathOfShape(shape)).lineWidth(shape.lineMm);
    if (shape.opacity !== undefined) document.fillOpacity(shape.opacity);
    if (shape.fill && shape.line) document.fillAndStroke(shape.fill, shape.line);
    else if (shape.fill) document.fill(shape.fill);
    else if (shape.line) document.stroke(shape.line);
    document.restore();
  }
  for (const { x, y, sizeMm, text, bold } of sheet.texts)
    pdf.write(text, {
      x: x * POINTS_PER_MM,
      y: y * POINTS_PER_MM,
      size: sizeMm * POINTS_PER_MM,
      bold,
      ink: "#212121",
    });
}

async function workOf(lookId: string, jobId?: string) {
  const given = await loadWorkspace(lookId, jobId);
  if (!given) throw notFound("look");
  const context = contextOf(given);
  return { given, context, look: given.look.design };
}

/** A template of a look on its person, as a file. @throws Problem */
export async function template(
  lookId: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array | string; type: string; name: string }> {
  const asked = TemplateSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const { kind, format, paper, job } = asked.data;
  const { given, context, look } = await workOf(lookId, job);
  withhold(given);
  const sheets =
    kind === "body"
      ? bodySheets({ paper, look, context })
      : [faceSheet({ kind, paper, look, context, prediction: predict(look, context) })];
  const name = `${slug(look.name)}-${kind}.${format}`;
  return format === "svg"
    ? { body: sheetSvg(sheets), type: "image/svg+xml", name }
    : { body: await sheetPdf(sheets, `${look.name}, ${kind}`), type: "application/pdf", name };
}

export const PieceTemplateSchema = TemplateSchema.pick({ format: true, paper: true }).strict();

/** The cone of a piece at 1:1, as a file to print and cut. @throws Problem */
export async function pieceTemplate(
  lookId: string,
  pieceId: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array | string; type: string; name: string }> {
  const asked = PieceTemplateSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const { format, paper } = asked.data;
  const { given, look } = await workOf(lookId);
  const piece = look.pieces.find(({ id }) => id === pieceId);
  if (!piece) throw notFound("piece");
  withhold(given);
  const name = `${slug(piece.name)}.${format}`;
  try {
    const sheets = pieceSheets({ piece, paper });
    return format === "svg"
      ? { body: sheetSvg(sheets), type: "image/svg+xml", name }
      : { body: await sheetPdf(sheets, piece.name), type: "application/pdf", name };
  } catch (error) {
    if (error instanceof RangeError) throw invalid([{ field: "cone", message: error.message }]);
    throw error;
  }
}

/** A look as a file to hand on. @throws Problem */
export async function exportLook(lookId: string): Promise<{ file: LookFile; name: string }> {
  const { context, look } = await workOf(lookId);
  const used = new Map(
    look.layers
      .flatMap((layer) => recipeOf(layer, context.products))
      .map(({ product }) => [product.id, product]),
  );
  return {
    name: `${slug(look.name)}.look.json`,
    file: {
      format: "dermagraph look",
      version: LOOK_FILE_VERSION,
      look,
      products: [...used.values()].map(({ id, name, maker, material, colour }) => ({
        id,
        name,
        maker,
        material,
        colour,
      })),
    },
  };
}

/** What a look may be sent as. */
export const LOOK_FILE: Takes = { types: ["application/json"], most: 2_000_000 };

/** Brings in a look file as a new look; never in the place of another. @throws Problem with each reason */
export async function importLook(
  bytes: Uint8Array,
): Promise<{ lookId: string; name: string; missing: string[] }> {
  const read = readLookFile(new TextDecoder().decode(bytes));
  if (!read.ok) throw invalid([...read.refused]);
  const db = await studio();
  const taken = new Set((await listLookHeads(db)).map(({ name: known }) => known));
  const base = read.file.look.name.slice(0, 70);
  let name = read.file.look.name;
  for (let n = 2; taken.has(name); n++) name = `${base} ${n}`;
  const look = { ...read.file.look, name };
  const lookId = newId();
  await addLook(db, lookId, look);
  const given = await loadWorkspace(lookId);
  const known = new Set((given ? knownProducts(given) : []).map(({ id }) => id));
  return {
    lookId,
    name,
    missing: read.file.products.filter(({ id }) => !known.has(id)).map((product) => product.name),
  };
}

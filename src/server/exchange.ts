import "server-only";
import { readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { z } from "zod";
import { deltaE00, hexToLab } from "@/core/colour";
import {
  DIALECTS,
  formatGpl,
  formatKitCsv,
  keyOfProduct,
  readGpl,
  readKitCsvSteps,
  type Dialect,
  type KitRow,
  type Palette,
  type RejectedRow,
} from "@/core/formats";
import { isPaintType } from "@/core/paint";
import {
  addMovement,
  addProduct,
  backupsIn,
  countsOf,
  dataFolder,
  inspectBackup,
  listProducts,
  openStore,
  stockLevels,
  swapIn,
  writeBackup,
  type Counts,
} from "@/store";
import { fieldErrors, invalid, type Report } from "./problem";
import { newId, replaceStudio, studio, today } from "./studio";

export const KitFileSchema = z
  .object({ dialect: z.enum(Object.keys(DIALECTS) as [Dialect, ...Dialect[]]).default("comma") })
  .strict();

/** The shelf as a table. @throws Problem */
export async function kitFile(
  query: Record<string, string>,
): Promise<{ body: string; name: string }> {
  const asked = KitFileSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const db = await studio();
  const stock = await stockLevels(db);
  const rows = (await listProducts(db)).map(({ id, version: _, ...fields }): KitRow => ({
    fields,
    left: Math.round((stock.get(id) ?? 0) * 1000) / 1000,
  }));
  return { body: formatKitCsv(rows, asked.data.dialect), name: `kit-${today()}.csv` };
}

export interface KitPreview {
  readonly fresh: readonly {
    readonly line: number;
    readonly name: string;
    readonly left: number;
  }[];
  readonly known: readonly { readonly line: number; readonly name: string }[];
  readonly rejected: readonly RejectedRow[];
  readonly unknownColumns: readonly string[];
}

const LARGEST_TABLE = 12_000_000;

/** Nobody is told. */
const quietly: Report = async () => undefined;

async function readKit(bytes: Uint8Array, report: Report) {
  if (bytes.length > LARGEST_TABLE)
    throw invalid([{ field: "file", message: `at most ${LARGEST_TABLE / 1e6} MB` }]);
  const steps = readKitCsvSteps(new TextDecoder().decode(bytes));
  let step = steps.next();
  for (; !step.done; step = steps.next()) await report(step.value, "reading rows");
  const read = step.value;
  if ("why" in read) throw invalid([{ field: "file", message: read.why }]);
  const taken = new Set(
    [
      ...(await listProducts(await studio())),
      ...(await listProducts(await studio(), { archived: true })),
    ].map(keyOfProduct),
  );
  const fresh = read.rows.filter(({ fields }) => {
    const key = keyOfProduct(fields);
    return !taken.has(key) && taken.add(key);
  });
  const isFresh = new Set(fresh);
  return { read, fresh, known: read.rows.filter((row) => !isFresh.has(row)) };
}

/** What a table would bring, row by row; nothing is written. @throws Problem */
export async function previewKit(bytes: Uint8Array, report: Report = quietly): Promise<KitPreview> {
  const { read, fresh, known } = await readKit(bytes, report);
  return {
    fresh: fresh.map(({ line, fields, left }) => ({ line, name: fields.name, left })),
    known: known.map(({ line, fields }) => ({ line, name: fields.name })),
    rejected: read.rejected,
    unknownColumns: read.unknownColumns,
  };
}

/** Brings in what a table has that the shelf has not, all or nothing; what is there already is left alone, so that a second time brings nothing. @throws Problem */
export async function importKit(
  bytes: Uint8Array,
  report: Report = quietly,
): Promise<{ added: number; known: number; rejected: number }> {
  const { read, fresh, known } = await readKit(bytes, report);
  const on = today();
  await (await studio()).transaction().execute(async (tx) => {
    for (const [i, { fields, left }] of fresh.entries()) {
      if (i > 0 && i % 250 === 0)
        await report(i / fresh.length, `${i} of ${fresh.length} brought in`);
      const id = newId();
      await addProduct(tx, id, fields);
      if (left > 0)
        await addMovement(tx, {
          productId: id,
          kind: "bought",
          delta: left,
          on,
          note: "from a kit list",
        });
    }
  });
  return { added: fresh.length, known: known.length, rejected: read.rejected.length };
}

/** The colours of the shelf that go on skin, as a palette other programs read. */
export async function paletteFile(): Promise<{ body: string; name: string }> {
  const colours = (await listProducts(await studio())).flatMap(
    ({ name, colour, material, grade }) =>
      colour && isPaintType(material) && grade !== "prop" ? [{ name, hex: colour }] : [],
  );
  return { body: formatGpl({ name: "Shelf", colours }), name: `shelf-${today()}.gpl` };
}

export interface PaletteMatch {
  readonly name: string;
  readonly hex: string;
  readonly nearest: {
    readonly id: string;
    readonly name: string;
    readonly hex: string;
    readonly dE: number;
  } | null;
}

/** Reads a palette and says of each colour what on the shelf is nearest to it. Nothing is written. @throws Problem */
export async function matchPalette(bytes: Uint8Array): Promise<{
  palette: Pick<Palette, "name">;
  matches: PaletteMatch[];
  rejected: { line: number; why: string }[];
}> {
  if (bytes.length > 2_000_000) throw invalid([{ field: "file", message: "at most 2 MB" }]);
  const read = readGpl(new TextDecoder().decode(bytes));
  if (!read.ok) throw invalid([{ field: "file", message: read.why }]);
  const paints = (await listProducts(await studio())).flatMap(
    ({ id, name, colour, material, grade }) =>
      colour && isPaintType(material) && grade !== "prop"
        ? [{ id, name, hex: colour, lab: hexToLab(colour) }]
        : [],
  );
  const matches = read.palette.colours.slice(0, 500).map(({ name, hex }): PaletteMatch => {
    const wanted = hexToLab(hex);
    const nearest = paints.reduce<PaletteMatch["nearest"]>((best, { lab, ...paint }) => {
      const dE = deltaE00(lab, wanted);
      return best && best.dE <= dE ? best : { ...paint, dE };
    }, null);
    return { name, hex, nearest };
  });
  return { palette: { name: read.palette.name }, matches, rejected: read.rejected };
}

const stamp = () => new Date().toISOString().replace(/[:.]/g, "-");

/** The whole studio in one file, copied while it is used. */
export async function backup(): Promise<{ body: Uint8Array; name: string }> {
  const file = join(backupsIn(dataFolder()), `download-${stamp()}-${newId()}.db`);
  try {
    await writeBackup(await studio(), file);
    return { body: new Uint8Array(readFileSync(file)), name: `studio-${today()}.db` };
  } finally {
    rmSync(file, { force: true });
  }
}

const LARGEST_STUDIO = 1_000_000_000;

function incoming(bytes: Uint8Array): { file: string; counts: Counts } {
  if (!bytes.length || bytes.length > LARGEST_STUDIO)
    throw invalid([{ field: "file", message: bytes.length ? "at most 1 GB" : "is empty" }]);
  const file = join(backupsIn(dataFolder()), `incoming-${stamp()}-${newId()}.db`);
  writeFileSync(file, bytes);
  try {
    return { file, counts: inspectBackup(file).counts };
  } catch (error) {
    rmSync(file, { force: true });
    throw invalid([
      { field: "file", message: error instanceof Error ? error.message : "can't be read" },
    ]);
  }
}

/** What a backup holds beside what the studio holds now. Nothing is written. @throws Problem */
export async function inspect(bytes: Uint8Array): Promise<{ backup: Counts; now: Counts }> {
  const { file, counts } = incoming(bytes);
  rmSync(file, { force: true });
  return { backup: counts, now: await countsOf(await studio()) };
}

/** Puts a backup in the place of the studio. The studio as it was is kept in `backups` first. @throws Problem */
export async function restore(bytes: Uint8Array): Promise<{ counts: Counts; kept: string }> {
  const { file, counts } = incoming(bytes);
  const kept = `before-restore-${stamp()}.db`;
  const folder = dataFolder();
  await writeBackup(await studio(), join(backupsIn(folder), kept));
  await replaceStudio(() => {
    swapIn(folder, file);
    return openStore(folder);
  });
  const now = await countsOf(await studio());
  const lost = Object.entries(counts).filter(([table, count]) => now[table] !== count);
  if (lost.length)
    throw new Error(
      `the restored studio is not what the file was: ${lost.map(([table]) => table).join(", ")}; the old one is in backups/${kept}`,
    );
  return { counts: now, kept };
}

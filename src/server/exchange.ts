import "server-only";
import { readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { z } from "zod";
import {
  DIALECTS,
  formatGpl,
  formatKitCsv,
  keyOfProduct,
  type Dialect,
  type KitRead,
  type KitRow,
  type RejectedRow,
} from "@/core/formats";
import { isPaintType } from "@/core/paint";
import {
  addMovement,
  addProduct,
  backupsIn,
  countsOf,
  databasePath,
  dataFolder,
  deleteLeftover,
  listLeftovers,
  listProducts,
  openStore,
  pruneLeftovers,
  stockLevels,
  swapIn,
  writeBackup,
  type Counts,
  type Leftover,
  type Store,
  listAllProducts,
} from "@/store";
import { fieldErrors, invalid, Problem, type Incoming, type Listener, type Takes } from "./problem";
import { newId, replaceStudio, studio, today } from "./studio";
import { inThread, TaskTooLong } from "./threads/inThread";
import type { ColourFileRead, ShelfColour } from "./threads/tasks";

export type { ColourFileRead } from "./threads/tasks";
export type { Leftover } from "@/store";

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

/** What a table of a kit may be sent as. */
export const KIT_TABLE: Takes = { types: ["text/csv"], most: 12_000_000 };
/** Longer than any of them takes, seconds. */
const LONGEST_READ = 20;

async function readKit(file: Incoming, { report, gone }: Listener) {
  const rows: KitRead["rows"][number][] = [];
  const read = await inThread("kitOf", await file.bytes(), {
    seconds: LONGEST_READ,
    signal: gone,
    onTold: (slice) => rows.push(...slice),
  });
  if ("why" in read) throw invalid([{ field: "file", message: read.why }]);
  await report(0.5, `${rows.length} rows read`);
  const taken = new Set((await listAllProducts(await studio())).map(keyOfProduct));
  const fresh = rows.filter(({ fields }) => {
    const key = keyOfProduct(fields);
    return !taken.has(key) && taken.add(key);
  });
  const isFresh = new Set(fresh);
  return { read, fresh, known: rows.filter((row) => !isFresh.has(row)) };
}

/** What a table would bring, row by row; nothing is written. @throws Problem */
export async function previewKit(file: Incoming, listener: Listener): Promise<KitPreview> {
  const { read, fresh, known } = await readKit(file, listener);
  return {
    fresh: fresh.map(({ line, fields, left }) => ({ line, name: fields.name, left })),
    known: known.map(({ line, fields }) => ({ line, name: fields.name })),
    rejected: read.rejected,
    unknownColumns: read.unknownColumns,
  };
}

/** Brings in what a table has that the shelf has not, all or nothing; what is there already is left alone, so that a second time brings nothing. @throws Problem */
export async function importKit(
  file: Incoming,
  listener: Listener,
): Promise<{ added: number; known: number; rejected: number }> {
  const { read, fresh, known } = await readKit(file, listener);
  const on = today();
  await (await studio()).transaction().execute(async (tx) => {
    for (const [i, { fields, left }] of fresh.entries()) {
      if (i > 0 && i % 250 === 0)
        await listener.report(i / fresh.length, `${i} of ${fresh.length} brought in`);
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

/** Colours of the shelf that go on skin. */
const shelfColours = async (): Promise<ShelfColour[]> =>
  (await listProducts(await studio())).flatMap(({ id, name, colour, material, grade }) =>
    colour && isPaintType(material) && grade !== "prop" ? [{ id, name, hex: colour }] : [],
  );

/** The colours of the shelf, as a file other programs read. */
export async function colourFile(): Promise<{ body: string; name: string }> {
  return {
    body: formatGpl({ name: "Shelf", colours: await shelfColours() }),
    name: `shelf-${today()}.gpl`,
  };
}

/** What a colour file may be sent as. */
export const COLOUR_FILE: Takes = { types: ["text/plain"], most: 2_000_000 };

/** Reads a colour file and says of each colour what on the shelf is nearest to it. Nothing is written. @throws Problem */
export async function matchColourFile(file: Incoming): Promise<ColourFileRead> {
  const read = await inThread(
    "colourFileOf",
    { bytes: await file.bytes(), shelf: await shelfColours() },
    { seconds: LONGEST_READ },
  );
  if ("why" in read) throw invalid([{ field: "file", message: read.why }]);
  return read;
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

/** What a backup may be sent as. */
export const STUDIO_BACKUP: Takes = { types: ["application/vnd.sqlite3"], most: 1_000_000_000 };
/** Every row of it is read. */
const LONGEST_EXAMINATION = 180;

/** Takes a backup in as a file of its own, brought up to date and read through. @throws Problem */
async function incoming(sent: Incoming): Promise<{ file: string; counts: Counts }> {
  const file = join(backupsIn(dataFolder()), `incoming-${stamp()}-${newId()}.db`);
  await sent.saveTo(file);
  try {
    return { file, counts: await inThread("backupOf", file, { seconds: LONGEST_EXAMINATION }) };
  } catch (error) {
    rmSync(file, { force: true });
    if (error instanceof TaskTooLong) throw error;
    throw invalid([
      { field: "file", message: error instanceof Error ? error.message : "it can't be read" },
    ]);
  }
}

/** What a backup holds beside what the studio holds now. Nothing is written. @throws Problem */
export async function inspect(sent: Incoming): Promise<{ backup: Counts; now: Counts }> {
  const { file, counts } = await incoming(sent);
  rmSync(file, { force: true });
  return { backup: counts, now: await countsOf(await studio()) };
}

/** Opens a file in the place of the closed studio. @throws Error where it is not what it was looked at as; the old one is back in its place then */
async function openInPlace(folder: string, file: string, counts: Counts): Promise<Store> {
  const swap = swapIn(folder, file);
  let db: Store | null = null;
  try {
    db = await openStore(folder);
    const now = await countsOf(db);
    const lost = Object.entries(counts).filter(([table, count]) => now[table] !== count);
    if (lost.length) throw new Error(`other counts of ${lost.map(([table]) => table).join(", ")}`);
    swap.keep();
    return db;
  } catch (error) {
    await db?.destroy();
    swap.putBack();
    throw error;
  }
}

/** Puts a backup in the place of the studio. The studio as it was is kept in `backups` first, and is back in its place on any failure. @throws Problem */
export async function restore(sent: Incoming): Promise<{ counts: Counts; kept: string }> {
  const { file, counts } = await incoming(sent);
  const kept = `before-restore-${stamp()}.db`;
  const folder = dataFolder();
  await writeBackup(await studio(), join(backupsIn(folder), kept));
  try {
    await replaceStudio(() => openInPlace(folder, file, counts));
  } catch (error) {
    console.error(error);
    throw new Problem({
      type: "urn:dermagraph:problem:not-restored",
      title: "The backup could not take the studio's place.",
      status: 500,
      detail: "The studio is as it was before. Nothing was changed.",
    });
  }
  pruneLeftovers(folder);
  return { counts: await countsOf(await studio()), kept };
}

/** Copies of the studio in the folder backups. */
export const copies = (): Leftover[] => listLeftovers(dataFolder());

/** Deletes one of them for good. @throws Problem */
export async function deleteCopy(name: string): Promise<void> {
  deleteLeftover(dataFolder(), name);
}

export const DELETE_WORDS = "delete everything";
export const EverythingSchema = z
  .object({
    words: z.string().refine((typed) => typed === DELETE_WORDS, `type ${DELETE_WORDS}`),
    /** The copies in backups/ too. */
    copies: z.boolean(),
  })
  .strict();

/** Deletes the studio for good, and begins an empty one. @throws Problem */
export async function deleteEverything({
  copies: withCopies,
}: z.output<typeof EverythingSchema>): Promise<{ copies: readonly Leftover[] }> {
  const folder = dataFolder();
  await replaceStudio(async () => {
    for (const tail of ["", "-wal", "-shm"]) rmSync(databasePath(folder) + tail, { force: true });
    return openStore(folder);
  });
  if (withCopies) for (const { name } of copies()) deleteLeftover(folder, name);
  return { copies: copies() };
}

import "server-only";
import { isDeepStrictEqual } from "node:util";
import {
  formatStudio,
  rowOf,
  STUDIO_PARTS,
  type Pictured,
  type RejectedPart,
  type StudioContent,
  type StudioPart,
  type StudioRow,
} from "@/core/formats";
import { isProp, type Product } from "@/core/paint";
import { contentOf, partOf, putRow, type Store, listAllProducts } from "@/store";
import { invalid, Problem, type Incoming, type Listener, type Report, type Takes } from "./problem";
import { cleanPicture } from "./references";
import { studio, today } from "./studio";
import { inThread } from "./threads/inThread";

/** The whole studio in open formats. */
export async function studioFile(): Promise<{ body: Uint8Array; name: string }> {
  return {
    body: formatStudio(await contentOf(await studio()), new Date().toISOString()),
    name: `studio-${today()}.zip`,
  };
}

/** What came of each kind of row: new ones, such as are here already, and such as are here otherwise: of those yours is kept. */
export interface Arrival {
  readonly fresh: number;
  readonly known: number;
  readonly kept: number;
}
export interface StudioArrival {
  readonly parts: Readonly<Record<StudioPart, Arrival>>;
  readonly refused: readonly RejectedPart[];
}

/** What a studio may be sent as. */
export const STUDIO_FILE: Takes = { types: ["application/zip"], most: 700_000_000 };
/** Longer than the largest studio takes, seconds. */
const LONGEST_READ = 60;

interface Read {
  readonly content: StudioContent;
  readonly rejected: readonly RejectedPart[];
}

/** Unpacks and reads a studio in a thread of its own. @throws Problem */
async function readIn(file: Incoming, { gone, report }: Listener): Promise<Read> {
  const rows = new Map<StudioPart, unknown[]>(STUDIO_PARTS.map((part) => [part, []]));
  await report(0, "unpacking it");
  const read = await inThread("studioOf", await file.bytes(), {
    seconds: LONGEST_READ,
    signal: gone,
    onTold: (slice) => rows.get(slice.part)?.push(...slice.rows),
  });
  if ("why" in read) throw invalid([{ field: "file", message: read.why }]);
  return {
    content: Object.fromEntries(rows) as unknown as StudioContent,
    rejected: read.rejected,
  };
}

/** What a studio file would bring; nothing is written. @throws Problem */
export async function previewStudio(file: Incoming, listener: Listener): Promise<StudioArrival> {
  const { content, rejected } = await readIn(file, listener);
  const arrival = await take(await studio(), content, listener.report, false);
  return { ...arrival, refused: [...rejected, ...arrival.refused] };
}

/** Brings in what a studio file has that is not here, all of it or nothing. What is here is never written over, so that a second time brings nothing. @throws Problem */
export async function importStudio(file: Incoming, listener: Listener): Promise<StudioArrival> {
  const read = await readIn(file, listener);
  const { content, rejected } = await withPlainPictures(read, listener.report);
  const arrival = await (
    await studio()
  )
    .transaction()
    .execute((tx) => take(tx, content, listener.report, true));
  return { ...arrival, refused: [...rejected, ...arrival.refused] };
}

/** Pictures that are new here are written anew, as those that are uploaded: nothing comes in with them but their pixels. */
async function withPlainPictures({ content, rejected }: Read, report: Report): Promise<Read> {
  const refused = [...rejected];
  const plain = async <Part extends Pictured>(part: Part) => {
    const known = new Set((await partOf(await studio(), part)).map(({ id }) => id));
    const rows: StudioRow<Part>[] = [];
    for (const [i, row] of content[part].entries()) {
      if (known.has(row.id)) rows.push(row);
      else
        try {
          rows.push({ ...row, ...(await cleanPicture(row.bytes, "image/jpeg")) });
        } catch (error) {
          if (!(error instanceof Problem)) throw error;
          const why = error.document.errors?.[0]?.message ?? error.document.title;
          refused.push({ file: `${part}.json`, row: i + 1, why });
        }
      await report(i / content[part].length, "looking through the pictures");
    }
    return rows;
  };
  const [references, pictures] = [await plain("references"), await plain("pictures")];
  return { content: { ...content, references, pictures }, rejected: refused };
}

/** What tells a row of a part from any other. Lines of the ledger have no id that holds between studios: all they say tells them, and how many say the same. */
const KEYS: { readonly [Part in StudioPart]: (row: StudioRow<Part>) => string } = {
  people: ({ id }) => id,
  products: ({ id }) => id,
  mixes: ({ id }) => id,
  looks: ({ id }) => id,
  versions: ({ id }) => id,
  jobs: ({ id }) => id,
  practice: ({ id }) => id,
  trays: ({ id }) => id,
  records: ({ id }) => id,
  calls: ({ id }) => id,
  references: ({ id }) => id,
  pictures: ({ id }) => id,
  house: ({ version }) => String(version),
  settings: ({ id }) => id,
  chair: ({ event }) => event.id,
  ledger: (row) =>
    JSON.stringify([
      row.productId,
      row.kind,
      row.delta,
      row.on,
      row.note,
      row.at,
      row.jobId,
      row.pan?.trayId,
      row.pan?.panId,
      row.priceMinor,
      row.batch,
    ]),
};

type Ids = Readonly<Record<StudioPart, Set<string>>>;
type Missing = readonly (readonly [what: string, there: boolean])[];

/** What a row stands on: without it, it can't be taken. */
const NEEDS: { readonly [Part in StudioPart]?: (row: StudioRow<Part>, ids: Ids) => Missing } = {
  mixes: ({ fields }, ids) =>
    fields.parts.map(({ productId }) => [`product ${productId}`, ids.products.has(productId)]),
  versions: ({ lookId }, ids) => [[`look ${lookId}`, ids.looks.has(lookId)]],
  jobs: ({ lookId, personId }, ids) => [
    [`look ${lookId}`, ids.looks.has(lookId)],
    [`person ${personId}`, ids.people.has(personId)],
  ],
  trays: ({ fields }, ids) => [
    [`job ${fields.jobId ?? ""}`, fields.jobId === null || ids.jobs.has(fields.jobId)],
    ...fields.pans.flatMap(({ parts }) =>
      parts.map(({ productId }) => [`product ${productId}`, ids.products.has(productId)] as const),
    ),
  ],
  ledger: ({ productId, jobId, pan }, ids) => [
    [`product ${productId}`, ids.products.has(productId)],
    [`job ${jobId ?? ""}`, jobId === null || ids.jobs.has(jobId)],
    [`palette ${pan?.trayId ?? ""}`, pan === null || ids.trays.has(pan.trayId)],
  ],
  records: ({ lookId, personId, jobId }, ids) => [
    [`look ${lookId}`, ids.looks.has(lookId)],
    [`person ${personId ?? ""}`, personId === null || ids.people.has(personId)],
    [`job ${jobId ?? ""}`, jobId === null || ids.jobs.has(jobId)],
  ],
  chair: ({ lookId, jobId }, ids) => [
    [`look ${lookId}`, ids.looks.has(lookId)],
    [`job ${jobId ?? ""}`, jobId === null || ids.jobs.has(jobId)],
  ],
  references: ({ lookId }, ids) => [[`look ${lookId}`, ids.looks.has(lookId)]],
  pictures: ({ recordId }, ids) => [[`record ${recordId}`, ids.records.has(recordId)]],
};

/** What is not made for skin is not laid beside what is (SAFE-1). A look that is stopped comes in as a draft. */
function refusedPalette(products: readonly Product[]) {
  const props = new Map(products.filter(isProp).map(({ id, name }) => [id, name]));
  return ({ fields }: StudioRow<"trays">): string | null => {
    const [prop] = fields.pans.flatMap(({ parts }) =>
      parts.flatMap(({ productId }) => props.get(productId) ?? []),
    );
    return prop === undefined
      ? null
      : `${prop} is not made for skin and does not go into a palette of paints (SAFE-1)`;
  };
}

const everyProduct = async (tx: Store): Promise<Product[]> => await listAllProducts(tx);

async function take(
  tx: Store,
  content: StudioContent,
  report: Report,
  isWritten: boolean,
): Promise<StudioArrival> {
  const ids = Object.fromEntries(
    STUDIO_PARTS.map((part) => [part, new Set<string>()]),
  ) as unknown as Record<StudioPart, Set<string>>;
  const refused: RejectedPart[] = [];
  const parts = {} as Record<StudioPart, Arrival>;
  const whole = STUDIO_PARTS.reduce((sum, part) => sum + content[part].length, 0);
  const begun = Date.now();
  let done = 0;
  let refusal: ReturnType<typeof refusedPalette> = () => null;
  const part = async <Part extends StudioPart>(name: Part): Promise<void> => {
    const own = new Map<string, unknown>();
    const times = new Map<string, number>();
    for (const row of await partOf(tx, name)) {
      const key = KEYS[name](row);
      times.set(key, (times.get(key) ?? 0) + 1);
      own.set(key, row);
      ids[name].add(key);
    }
    if (name === "trays") refusal = refusedPalette(await everyProduct(tx));
    let [fresh, known, kept] = [0, 0, 0];
    for (const [i, row] of (content[name] as readonly StudioRow<Part>[]).entries()) {
      done++;
      if (done % 500 === 0) await report(done / Math.max(1, whole), `looking through ${name}`);
      const key = KEYS[name](row);
      const no = (why: string) => {
        refused.push({ file: `${name}.json`, row: i + 1, why });
      };
      const left = times.get(key) ?? 0;
      if (left > 0) {
        if (name === "ledger") times.set(key, left - 1);
        if (same(name, row, own.get(key))) known++;
        else kept++;
        continue;
      }
      // The house rules are one line of versions: where some are here, another line can't be put beside them.
      if (name === "house" && own.size) {
        kept++;
        continue;
      }
      const missing = (NEEDS[name]?.(row, ids) ?? [])
        .filter(([, there]) => !there)
        .map(([what]) => what);
      if (missing.length) {
        no(`${missing.slice(0, 3).join(", ")} is not there`);
        continue;
      }
      const stop = name === "trays" ? refusal(row as StudioRow<"trays">) : null;
      if (stop) {
        no(stop);
        continue;
      }
      if (isWritten) await putRow(tx, name, row, new Date(begun + done).toISOString());
      ids[name].add(key);
      fresh++;
    }
    parts[name] = { fresh, known, kept };
  };
  for (const name of STUDIO_PARTS) await part(name);
  return { parts, refused };
}

function same<Part extends StudioPart>(part: Part, row: StudioRow<Part>, own: unknown): boolean {
  const plain = (value: unknown) => {
    const { bytes: _, ...rest } = value as { bytes?: Uint8Array };
    return rowOf(part, rest);
  };
  return isDeepStrictEqual(plain(row), plain(own));
}

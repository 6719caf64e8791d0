import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from "fflate";
import { z } from "zod";
import { BriefSchema } from "../brief";
import { ChairEventSchema } from "../chair";
import { MOVEMENT_KINDS, PaletteSchema, type MovementKind } from "../kit";
import { LookSchema, productsUsed, ReferenceSchema } from "../look";
import { DateSchema, isProp, MixSchema, ProductSchema, type Product } from "../paint";
import { PracticeSchema } from "../practice";
import { PersonSchema } from "../people";
import { CallSchema } from "../plan";
import { RecordSchema } from "../record";
import { HouseChangesSchema } from "../rules";
import { LOOK_FILE_VERSION, LookFileSchema } from "./lookFile";
import { formatGpl } from "./gpl";
import { formatKitCsv } from "./productCsv";
import { StudioSchema } from "../studio";
import { readJson } from "../text/plainText";

/** The version this Dermagraph writes, and the newest it reads: 2 has looks of version 2, 3 briefs that say where one paints, 4 looks of version 3, 5 those of version 4 and briefs that say what is worn, 6 those of version 5. */
export const STUDIO_FILE_VERSION = 6;
const READ_VERSIONS = [1, 2, 3, 4, 5, STUDIO_FILE_VERSION] as const;

const Id = z.string().regex(/^[\w.:-]{1,64}$/, "is no id");
const Moment = z.string().min(1).max(40);
const archived = z.boolean().default(false);
const Side = z.number().int().min(1).max(20_000);

/** Every kind of row of a studio, each a file of its own in the ZIP. A new kind is a line here. */
const ROWS = {
  people: z.object({ id: Id, archived, fields: PersonSchema }).strict(),
  products: z.object({ id: Id, archived, fields: ProductSchema }).strict(),
  mixes: z.object({ id: Id, archived, fields: MixSchema }).strict(),
  looks: z.object({ id: Id, archived, design: LookSchema }).strict(),
  versions: z
    .object({
      id: Id,
      lookId: Id,
      name: z.string().max(200),
      createdAt: Moment,
      design: LookSchema,
    })
    .strict(),
  jobs: z.object({ id: Id, archived, lookId: Id, personId: Id, brief: BriefSchema }).strict(),
  practice: z.object({ id: Id, fields: PracticeSchema }).strict(),
  trays: z.object({ id: Id, archived, fields: PaletteSchema }).strict(),
  ledger: z
    .object({
      productId: Id,
      kind: z.enum(Object.keys(MOVEMENT_KINDS) as [MovementKind, ...MovementKind[]]),
      delta: z.number().min(-1e6).max(1e6),
      on: DateSchema,
      note: z.string().max(300),
      at: Moment,
      jobId: Id.nullable(),
      pan: z.object({ trayId: Id, panId: Id }).strict().nullable(),
      priceMinor: z.number().int().min(0).nullable(),
      batch: z.string().max(40),
    })
    .strict(),
  house: z
    .object({ version: z.number().int().min(1), createdAt: Moment, changes: HouseChangesSchema })
    .strict(),
  settings: z.object({ id: z.literal("studio"), archived, fields: StudioSchema }).strict(),
  records: z
    .object({
      id: Id,
      archived,
      lookId: Id,
      personId: Id.nullable(),
      jobId: Id.nullable(),
      fields: RecordSchema,
    })
    .strict(),
  calls: z.object({ id: Id, archived, fields: CallSchema }).strict(),
  chair: z.object({ lookId: Id, jobId: Id.nullable(), event: ChairEventSchema }).strict(),
  references: z
    .object({ id: Id, archived, lookId: Id, width: Side, height: Side, fields: ReferenceSchema })
    .strict(),
  pictures: z
    .object({
      id: Id,
      recordId: Id,
      caption: z.string().max(500),
      width: Side,
      height: Side,
      createdAt: Moment,
    })
    .strict(),
} as const;
export type StudioPart = keyof typeof ROWS;
export const STUDIO_PARTS = Object.keys(ROWS) as StudioPart[];
/** Parts whose rows have a picture beside them. */
const PICTURED = ["references", "pictures"] as const satisfies readonly StudioPart[];
export type Pictured = (typeof PICTURED)[number];
const isPictured = (part: StudioPart): part is Pictured =>
  (PICTURED as readonly StudioPart[]).includes(part);

export type StudioRow<Part extends StudioPart> = z.output<(typeof ROWS)[Part]> &
  (Part extends Pictured ? { readonly bytes: Uint8Array } : unknown);
/** A whole studio, row by row. */
export type StudioContent = { readonly [Part in StudioPart]: readonly StudioRow<Part>[] };

/** A row as it is kept, checked and with what older ones do not say filled in; null where it is none. Pictures are not part of it. */
export function rowOf<Part extends StudioPart>(
  part: Part,
  value: unknown,
): z.output<(typeof ROWS)[Part]> | null {
  const row = ROWS[part].safeParse(value);
  return row.success ? (row.data as z.output<(typeof ROWS)[Part]>) : null;
}

export const emptyStudio = (): StudioContent =>
  Object.fromEntries(STUDIO_PARTS.map((part) => [part, []])) as unknown as StudioContent;

const TABLE = Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});
/** CRC-32 (ISO 3309) of some bytes: by it damage is noticed. */
export function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) crc = (TABLE[(crc ^ byte) & 0xff] as number) ^ (crc >>> 8);
  return (crc ^ 0xffffffff) >>> 0;
}

const ManifestSchema = z.object({
  format: z.literal("dermagraph studio"),
  version: z.literal(READ_VERSIONS),
  written: Moment,
  sums: z.record(z.string(), z.number().int().min(0)).optional(),
});

const fileOf = (part: StudioPart) => `${part}.json`;
const pictureOf = (part: Pictured, id: string) => `${part}/${encodeURIComponent(id)}.jpg`;
const lookOf = (id: string) => `looks/${encodeURIComponent(id)}.look.json`;
const json = (value: unknown) => strToU8(JSON.stringify(value, null, 1));

const READ_ME = `A whole studio of Dermagraph, in open formats.

studio.json   what this file is, with a CRC-32 of every other file
*.json        rows of one kind each: people, products, ledger, jobs, records and so on
looks/        a look a file, as it is handed on by itself (JSON)
references/, pictures/   photographs (JPEG)
kit.csv       the shelf as a table, for spreadsheets (RFC 4180)
shelf.gpl     the colours of the shelf, for paint programs

Read back are the JSON files and the photographs; kit.csv and shelf.gpl are for others.
`;

/** A studio as one ZIP: JSON, a look a file, photographs, and its shelf as a table and a palette for other programs. */
export function formatStudio(content: StudioContent, written: string): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  const products = new Map(
    content.products.map(({ id, fields }): [string, Product] => [
      id,
      { ...fields, id, version: 1 },
    ]),
  );
  for (const part of STUDIO_PARTS) {
    if (part === "looks") {
      files[fileOf(part)] = json(
        content.looks.map(({ id, archived: away }) => ({ id, archived: away, file: lookOf(id) })),
      );
      continue;
    }
    files[fileOf(part)] = json(
      isPictured(part) ? content[part].map(({ bytes: _, ...row }) => row) : content[part],
    );
    if (isPictured(part))
      for (const { id, bytes } of content[part]) files[pictureOf(part, id)] = bytes;
  }
  for (const { id, design } of content.looks) {
    files[lookOf(id)] = json({
      format: "dermagraph look",
      version: LOOK_FILE_VERSION,
      look: design,
      products: productsUsed(design).flatMap((productId) => {
        const product = products.get(productId);
        return product
          ? [
              {
                id: product.id,
                name: product.name,
                maker: product.maker,
                material: product.material,
                colour: product.colour,
              },
            ]
          : [];
      }),
    });
  }
  const sums = Object.fromEntries(
    Object.entries(files).map(([name, bytes]) => [name, crc32(bytes)]),
  );
  const left = new Map<string, number>();
  for (const { productId, delta } of content.ledger)
    left.set(productId, (left.get(productId) ?? 0) + delta);
  const standing = content.products.filter(({ archived: away }) => !away);
  const packed: Zippable = {
    "studio.json": json({
      format: "dermagraph studio",
      version: STUDIO_FILE_VERSION,
      written,
      sums,
    }),
    "read-me.txt": strToU8(READ_ME),
    "kit.csv": strToU8(
      formatKitCsv(
        standing.map(({ id, fields }) => ({
          fields,
          left: Math.round((left.get(id) ?? 0) * 1000) / 1000,
        })),
      ),
    ),
    "shelf.gpl": strToU8(
      formatGpl({
        name: "Shelf",
        colours: standing.flatMap(({ fields }) =>
          fields.colour && !isProp(fields) ? [{ name: fields.name, hex: fields.colour }] : [],
        ),
      }),
    ),
  };
  // What is a JPEG already is stored as it is.
  for (const [name, bytes] of Object.entries(files))
    packed[name] = name.endsWith(".jpg") ? [bytes, { level: 0 }] : bytes;
  return zipSync(packed, {
    level: 6,
    mtime: new Date(Number.isFinite(Date.parse(written)) ? written : "2000-01-01"),
  });
}

export interface RejectedPart {
  readonly file: string;
  readonly row: number;
  readonly why: string;
}
export type StudioRead =
  | {
      readonly ok: true;
      readonly content: StudioContent;
      readonly rejected: readonly RejectedPart[];
    }
  | { readonly ok: false; readonly why: string };

/** More than this no studio has: what claims to be larger is not unpacked. */
const [MOST_FILES, MOST_BYTES] = [60_000, 700_000_000];
/** A studio's JSON shrinks to a thirtieth; what claims to shrink far more was made to burst, above a size that could do it. */
const [MOST_RATIO, SMALL_BYTES] = [200, 2_000_000];
/** Rows of all kinds together; how many may be unreadable before the whole is, and how many of them are told. */
const [MOST_ROWS, MOST_BAD, MOST_TOLD] = [600_000, 5000, 1000];
const reasons = (error: z.ZodError) =>
  error.issues
    .slice(0, 3)
    .map(({ path, message }) => `${path.map(String).join(".") || "it"}: ${message}`)
    .join("; ");

class Unreadable extends Error {}

function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  let [files, size] = [0, 0];
  try {
    return unzipSync(bytes, {
      filter: ({ name, size: packed, originalSize }) => {
        files++;
        size += originalSize;
        if (files > MOST_FILES || size > MOST_BYTES)
          throw new Unreadable("it holds more than a studio can");
        if (originalSize > SMALL_BYTES && originalSize > packed * MOST_RATIO)
          throw new Unreadable(
            `${name} in it would unpack to ${MOST_RATIO} times its size or more`,
          );
        return true;
      },
    });
  } catch (error) {
    throw error instanceof Unreadable ? error : new Unreadable("it is no ZIP, or a damaged one");
  }
}

function parsed(files: Record<string, Uint8Array>, name: string): unknown {
  const bytes = files[name];
  if (!bytes) throw new Unreadable(`${name} is missing in it`);
  try {
    return readJson(strFromU8(bytes));
  } catch {
    throw new Unreadable(`${name} is not JSON`);
  }
}

/**
 * Reads what {@link formatStudio} wrote, or what was written by hand in the same way (without `sums`). Rows that can't be taken are told with their file and
 * place; a damaged file, or one of a newer Dermagraph, is refused whole. Never throws.
 */
export function readStudio(bytes: Uint8Array): StudioRead {
  try {
    const files = unpack(bytes);
    const manifest = parsed(files, "studio.json");
    const head = z.object({ format: z.unknown(), version: z.unknown() }).safeParse(manifest);
    if (!head.success || head.data.format !== "dermagraph studio")
      return { ok: false, why: "it is no studio of Dermagraph" };
    if (typeof head.data.version === "number" && head.data.version > STUDIO_FILE_VERSION)
      return {
        ok: false,
        why: `it was written by a newer Dermagraph (version ${head.data.version}; this one reads ${STUDIO_FILE_VERSION})`,
      };
    const known = ManifestSchema.safeParse(manifest);
    if (!known.success) return { ok: false, why: `studio.json: ${reasons(known.error)}` };
    for (const [name, sum] of Object.entries(known.data.sums ?? {})) {
      const file = files[name];
      if (!file) return { ok: false, why: `${name} is missing in it` };
      if (crc32(file) !== sum) return { ok: false, why: `${name} in it is damaged` };
    }
    const rejected: RejectedPart[] = [];
    const lists = Object.fromEntries(
      STUDIO_PARTS.map((part) => [part, listIn(files, part)]),
    ) as unknown as Lists;
    const rows = Object.values(lists).reduce((sum, list) => sum + list.length, 0);
    if (rows > MOST_ROWS) return { ok: false, why: `it holds more than ${MOST_ROWS} rows` };
    const content = Object.fromEntries(
      STUDIO_PARTS.map((part) => [
        part,
        part === "looks"
          ? looksOf(files, lists.looks, rejected)
          : rowsOf(files, part, lists[part], rejected),
      ]),
    ) as unknown as StudioContent;
    return { ok: true, content, rejected: rejected.slice(0, MOST_TOLD) };
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, why: error.message };
    throw error;
  }
}

type Lists = Readonly<Record<StudioPart, readonly unknown[]>>;

function listIn(files: Record<string, Uint8Array>, part: StudioPart): unknown[] {
  const list = files[fileOf(part)] ? parsed(files, fileOf(part)) : [];
  if (!Array.isArray(list)) throw new Unreadable(`${fileOf(part)} holds no list`);
  return list;
}

function rowsOf(
  files: Record<string, Uint8Array>,
  part: Exclude<StudioPart, "looks">,
  list: readonly unknown[],
  rejected: RejectedPart[],
): unknown[] {
  return list.flatMap((value, i) => {
    const row = ROWS[part].safeParse(value);
    const no = (why: string) => {
      rejected.push({ file: fileOf(part), row: i + 1, why });
      if (rejected.length > MOST_BAD)
        throw new Unreadable(`more than ${MOST_BAD} rows in it can't be read`);
      return [];
    };
    if (!row.success) return no(reasons(row.error));
    if (!isPictured(part)) return [row.data];
    const name = pictureOf(part, (row.data as { id: string }).id);
    const picture = files[name];
    return picture ? [{ ...row.data, bytes: picture }] : no(`${name} is missing`);
  });
}

const ListedSchema = z.object({ id: Id, archived, file: z.string().max(400) }).strict();

function looksOf(
  files: Record<string, Uint8Array>,
  list: readonly unknown[],
  rejected: RejectedPart[],
): StudioContent["looks"][number][] {
  return list.flatMap((value, i) => {
    const no = (why: string) => {
      rejected.push({ file: fileOf("looks"), row: i + 1, why });
      return [];
    };
    const listed = ListedSchema.safeParse(value);
    if (!listed.success) return no(reasons(listed.error));
    if (!files[listed.data.file]) return no(`${listed.data.file} is missing`);
    const file = LookFileSchema.safeParse(parsed(files, listed.data.file));
    return file.success
      ? [{ id: listed.data.id, archived: listed.data.archived, design: file.data.look }]
      : no(`${listed.data.file}: ${reasons(file.error)}`);
  });
}

import Papa from "papaparse";
import type { ProductFields } from "../paint";
import {
  ALLERGEN_KEYS,
  COUNTED,
  FINISHES,
  GLITTERS,
  GRADES,
  guessedStrength,
  HexSchema,
  MATERIAL_KEYS,
  material,
  ProductSchema,
  type Allergen,
  type Grade,
} from "../paint";
import { plainText } from "../text/plainText";

/** A product with what is left of it, as a kit list hands it on. */
export interface KitRow {
  readonly fields: ProductFields;
  readonly left: number;
}
/** A row that can't be taken, with the line of the file it begins on (1 is the heading) and every reason. */
export interface RejectedRow {
  readonly line: number;
  readonly name: string;
  readonly why: readonly string[];
}
export interface KitRead {
  readonly rows: readonly (KitRow & { readonly line: number })[];
  readonly rejected: readonly RejectedRow[];
  readonly unknownColumns: readonly string[];
}

/** How a table is written: with commas and points as most programs want it, or with semicolons and decimal commas as much of Europe does. */
export const DIALECTS = {
  comma: { label: "commas, decimal points", delimiter: ",", decimal: "." },
  semicolon: { label: "semicolons, decimal commas", delimiter: ";", decimal: "," },
} as const;
export type Dialect = keyof typeof DIALECTS;

type Cell = string | number | null;
interface Column {
  readonly head: string;
  readonly other: readonly string[];
  readonly of: (row: KitRow) => Cell;
}

/** Columns in the order they are written; other headings they are known by. */
const COLUMNS = {
  name: { head: "name", other: ["product"], of: ({ fields }) => fields.name },
  maker: { head: "maker", other: ["brand", "manufacturer"], of: ({ fields }) => fields.maker },
  code: { head: "code", other: ["barcode", "ean"], of: ({ fields }) => fields.code },
  kind: {
    head: "kind",
    other: ["type", "material"],
    of: ({ fields }) => material(fields.material).label,
  },
  grade: { head: "made for", other: ["grade"], of: ({ fields }) => fields.grade },
  colour: { head: "colour", other: ["color", "hex"], of: ({ fields }) => fields.colour },
  wet: { head: "colour wet", other: [], of: ({ fields }) => fields.wetColour },
  letDown: { head: "colour 1 in 10 of white", other: [], of: ({ fields }) => fields.letDown },
  hiding: { head: "hiding", other: ["cover"], of: ({ fields }) => fields.hiding },
  tint: { head: "tint", other: [], of: ({ fields }) => fields.tint },
  size: { head: "size g", other: ["size", "grams"], of: ({ fields }) => fields.sizeGrams },
  price: { head: "price", other: [], of: ({ fields }) => fields.priceMinor / 100 },
  opened: { head: "opened", other: ["opened on"], of: ({ fields }) => fields.openedOn },
  expires: {
    head: "expires",
    other: ["expires on", "best before"],
    of: ({ fields }) => fields.expiresOn,
  },
  months: {
    head: "months once opened",
    other: ["pao", "period after opening"],
    of: ({ fields }) => fields.monthsOpen,
  },
  eyes: { head: "eyes", other: ["eye safe"], of: ({ fields }) => (fields.eyeSafe ? "yes" : "no") },
  lips: { head: "lips", other: ["lip safe"], of: ({ fields }) => (fields.lipSafe ? "yes" : "no") },
  read: {
    head: "label read",
    other: ["ingredients read"],
    of: ({ fields }) => (fields.labelRead ? "yes" : "no"),
  },
  dye: {
    head: "hair dye",
    other: ["ppd"],
    of: ({ fields: { isHairDye } }) => (isHairDye === null ? "" : isHairDye ? "yes" : "no"),
  },
  contains: {
    head: "contains",
    other: ["allergens"],
    of: ({ fields }) => fields.allergens.join(" "),
  },
  keepFrom: {
    head: "keep away from",
    other: [],
    of: ({ fields }) => fields.keepFrom.join(" "),
  },
  colourIndex: {
    head: "colour index",
    other: ["ci", "ci numbers"],
    of: ({ fields }) => fields.colourIndex.join("; "),
  },
  finish: { head: "finish", other: [], of: ({ fields }) => fields.finish },
  glitter: { head: "glitter", other: [], of: ({ fields }) => fields.glitter },
  activator: { head: "activator", other: [], of: ({ fields }) => fields.needs.activator },
  thinner: { head: "thinner", other: [], of: ({ fields }) => fields.needs.thinner },
  remover: { head: "remover", other: [], of: ({ fields }) => fields.needs.remover },
  counted: { head: "counted in", other: [], of: ({ fields }) => fields.counted },
  batch: { head: "batch", other: ["lot"], of: ({ fields }) => fields.batch },
  left: { head: "left g", other: ["left"], of: ({ left }) => left },
  notes: { head: "notes", other: ["note"], of: ({ fields }) => fields.notes },
} as const satisfies Record<string, Column>;
type ColumnKey = keyof typeof COLUMNS;
const COLUMN_KEYS = Object.keys(COLUMNS) as ColumnKey[];

const numberWords = (value: number, decimal: "." | ",") => String(value).replace(".", decimal);

/** A cell that a spreadsheet would take for a formula is kept from being one; so is one that looks kept already, or it would come back with one quote too few. */
const inert = (text: string) => (/^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text);
const alive = (text: string) => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text);

/** The kit as a table (RFC 4180), with a byte-order mark so that spreadsheets read it as UTF-8. */
export function formatKitCsv(rows: readonly KitRow[], dialect: Dialect = "comma"): string {
  const { delimiter, decimal } = DIALECTS[dialect];
  const cells = rows.map((row) =>
    COLUMN_KEYS.map((key) => {
      const value: Cell = COLUMNS[key].of(row);
      return value === null
        ? ""
        : typeof value === "number"
          ? numberWords(value, decimal)
          : inert(value);
    }),
  );
  return `\ufeff${Papa.unparse({ fields: COLUMN_KEYS.map((key) => COLUMNS[key].head), data: cells }, { delimiter, newline: "\r\n" })}\r\n`;
}

const plain = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, " ");
const columnOf = (head: string): ColumnKey | null =>
  COLUMN_KEYS.find(
    (key) =>
      COLUMNS[key].head === plain(head) ||
      (COLUMNS[key].other as readonly string[]).includes(plain(head)),
  ) ?? null;

/** A number with a point or a comma; thousands are not guessed at. */
function numberIn(text: string): number | null {
  const found = /^[+-]?(\d+)(?:[.,](\d+))?(?:e[+-]?\d+)?$/i.exec(text.trim());
  return found ? Number(text.trim().replace(",", ".")) : null;
}
const YES = new Set(["yes", "y", "true", "1", "x"]);
const NO = new Set(["no", "n", "false", "0", ""]);

function fieldsOf(
  cell: (key: ColumnKey) => string,
  has: ReadonlySet<ColumnKey>,
): { fields: unknown; left: number | null; why: string[] } {
  const why: string[] = [];
  const number = (key: ColumnKey, usual: number) => {
    const text = cell(key);
    if (!text.trim()) return usual;
    const value = numberIn(text);
    if (value === null) why.push(`${COLUMNS[key].head}: "${text.slice(0, 30)}" is no number`);
    return value ?? usual;
  };
  const flag = (key: ColumnKey) => {
    const text = plain(cell(key));
    if (!YES.has(text) && !NO.has(text))
      why.push(`${COLUMNS[key].head}: yes or no, not "${text.slice(0, 30)}"`);
    return YES.has(text);
  };
  const kindText = plain(cell("kind"));
  const kind = MATERIAL_KEYS.find(
    (key) => plain(key) === kindText || plain(material(key).label) === kindText,
  );
  if (!kind) why.push(`kind: "${cell("kind").slice(0, 40)}" is none that is known`);
  const allergens = cell("contains")
    .split(/[\s;,|]+/)
    .filter(Boolean);
  for (const name of allergens)
    if (!ALLERGEN_KEYS.includes(name as Allergen))
      why.push(`contains: "${name.slice(0, 30)}" is none that is known`);
  const oneOf = <Key extends string>(
    key: ColumnKey,
    table: Readonly<Record<Key, unknown>>,
    usual: Key | null,
  ): Key | null => {
    const text = cell(key).trim();
    if (text && !(text in table))
      why.push(`${COLUMNS[key].head}: "${text.slice(0, 30)}" is none that is known`);
    return text in table ? (text as Key) : usual;
  };
  const parted = (key: ColumnKey, by: RegExp) => cell(key).split(by).filter(Boolean);
  const gradeText = cell("grade").trim();
  if (gradeText && !(gradeText in GRADES))
    why.push(`made for: "${gradeText.slice(0, 30)}" is none that is known`);
  const size = number("size", NaN);
  if (!has.has("size") || !cell("size").trim()) why.push("size g: is missing");
  const left = cell("left").trim() ? number("left", 0) : size;
  if (left < 0) why.push("left g: 0 or more");
  // An open jar says "12 M", or 12M.
  const monthsText = cell("months").trim().replace(/\s*m$/i, "");
  const months = monthsText ? numberIn(monthsText) : null;
  if (monthsText && months === null)
    why.push(`${COLUMNS.months.head}: "${monthsText.slice(0, 30)}" is no number`);
  // Who lists no strength has none swatched: it follows from the colour.
  const typed = HexSchema.safeParse(cell("colour").trim());
  const guess = typed.success ? guessedStrength(typed.data) : { hiding: 0.85, tint: 1 };
  const orNull = (key: ColumnKey) => cell(key).trim().toLowerCase() || null;
  return {
    why,
    left: Number.isFinite(left) ? left : null,
    fields: {
      name: cell("name"),
      maker: cell("maker"),
      code: cell("code"),
      material: kind,
      colour: orNull("colour"),
      wetColour: orNull("wet"),
      letDown: orNull("letDown"),
      hiding: number("hiding", guess.hiding),
      tint: number("tint", guess.tint),
      grade: (gradeText || "cosmetic") as Grade,
      eyeSafe: flag("eyes"),
      lipSafe: flag("lips"),
      labelRead: flag("read"),
      allergens: allergens as Allergen[],
      isHairDye: cell("dye").trim() === "" ? null : flag("dye"),
      keepFrom: parted("keepFrom", /[\s;,|]+/),
      colourIndex: parted("colourIndex", /[;,|]+/),
      finish: oneOf("finish", FINISHES, null),
      glitter: oneOf("glitter", GLITTERS, null),
      needs: {
        activator: cell("activator"),
        thinner: cell("thinner"),
        remover: cell("remover"),
      },
      counted: oneOf("counted", COUNTED, "grams"),
      batch: cell("batch"),
      sizeGrams: size,
      priceMinor: Math.round(number("price", 0) * 100),
      openedOn: orNull("opened"),
      expiresOn: orNull("expires"),
      monthsOpen: months,
      notes: cell("notes"),
    },
  };
}

export const MOST_ROWS = 20_000;
/** Twenty thousand rows of a hundred columns. */
const MOST_CELLS = 2_000_000;

/** Rows of a table; null as soon as it has more cells than any of ours could. */
function cellsOf(text: string, delimiter: string): string[][] | null {
  const rows: string[][] = [];
  let cells = 0;
  Papa.parse<string[]>(text, {
    delimiter,
    skipEmptyLines: false,
    step: ({ data }, parser) => {
      rows.push(data);
      cells += data.length;
      if (cells > MOST_CELLS) parser.abort();
    },
  });
  return cells > MOST_CELLS ? null : rows;
}

/**
 * Reads a kit table, whatever its separators, quotes, decimal signs and order of columns. Rows that can't be taken are named with every reason; none is half
 * taken. Never throws.
 * @returns null with a reason where it is no such table at all
 */
export function readKitCsv(text: string): KitRead | { readonly why: string } {
  const source = text.replace(/^\ufeff/, "");
  const first = source.split(/\r\n|\n|\r/, 1)[0] ?? "";
  const delimiter =
    [";", "\t", ","]
      .map((mark) => ({ mark, count: first.split(mark).length }))
      .sort((a, b) => b.count - a.count)[0]?.mark ?? ",";
  const data = cellsOf(plainText(source), delimiter);
  if (!data) return { why: `more than ${MOST_CELLS / 1e6} million cells` };
  const [heads = [], ...body] = data;
  const columns = heads.map(columnOf);
  const has = new Set(columns.filter((key): key is ColumnKey => key !== null));
  if (!has.has("name") || !has.has("kind"))
    return { why: 'the first line names no columns "name" and "kind"' };
  if (body.length > MOST_ROWS + 1) return { why: `more than ${MOST_ROWS} rows` };
  const rows: (KitRow & { line: number })[] = [];
  const rejected: RejectedRow[] = [];
  let line = 1;
  for (const row of [heads, ...body]) {
    const at = line;
    // A quoted cell may run over lines.
    line += 1 + row.reduce((sum, cell) => sum + (cell.match(/\r\n|\n|\r/g)?.length ?? 0), 0);
    if (row === heads || row.every((cell) => !cell.trim())) continue;
    const cell = (key: ColumnKey): string => {
      const i = columns.indexOf(key);
      return i < 0 ? "" : alive(row[i] ?? "");
    };
    const { fields, left, why } = fieldsOf(cell, has);
    if (row.length > heads.length && row.slice(heads.length).some((extra) => extra.trim()))
      why.push("has more cells than the heading");
    const parsed = ProductSchema.safeParse(fields);
    const reasons = [
      ...why,
      ...(parsed.success
        ? []
        : parsed.error.issues
            .filter(
              ({ path }) =>
                !why.some((reason) =>
                  reason.startsWith(
                    path[0] === "material"
                      ? "kind"
                      : path[0] === "sizeGrams"
                        ? "size"
                        : String(path[0]),
                  ),
                ),
            )
            .map(({ path, message }) => `${String(path[0])}: ${message}`)),
    ];
    if (reasons.length || !parsed.success || left === null)
      rejected.push({
        line: at,
        name: cell("name").slice(0, 80),
        why: reasons.length ? reasons : ["can't be read"],
      });
    else rows.push({ line: at, fields: parsed.data, left });
  }
  return {
    rows,
    rejected,
    unknownColumns: heads.filter((_, i) => columns[i] === null && (heads[i] ?? "").trim() !== ""),
  };
}

/** What two products that are one have in common: name, maker and kind. */
export const keyOfProduct = ({
  name,
  maker,
  material: kind,
}: Pick<ProductFields, "name" | "maker" | "material">): string =>
  [name, maker, kind].map((part) => part.trim().toLowerCase()).join("\u0000");

import fc from "fast-check";
import {
  ALLERGEN_KEYS,
  COUNTED,
  FINISHES,
  GLITTERS,
  GRADES,
  MATERIAL_KEYS,
  isPaintType,
  ProductSchema,
  type ProductFields,
} from "../paint";
import {
  DIALECTS,
  formatKitCsv,
  keyOfProduct,
  readKitCsv,
  type Dialect,
  type KitRow,
} from "./productCsv";

const keysOf = <Table extends object>(table: Table) => Object.keys(table) as (keyof Table)[];
const hex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, "0")}`);
const words = (most: number) =>
  fc
    .string({ maxLength: most, unit: "grapheme" })
    .map((text) => text.trim())
    .filter((text) => text.length <= most);
const date = fc
  .date({ min: new Date("2020-01-01"), max: new Date("2035-12-31"), noInvalidDate: true })
  .map((day) => day.toISOString().slice(0, 10));
const fraction = (least: number, most: number) =>
  fc
    .integer({ min: Math.ceil(least * 1000), max: Math.floor(most * 1000) })
    .map((value) => value / 1000);
const row: fc.Arbitrary<KitRow> = fc
  .record({
    name: words(60).filter((text) => text !== ""),
    maker: words(40),
    code: words(30),
    material: fc.constantFrom(...MATERIAL_KEYS),
    colour: hex,
    wetColour: fc.option(hex),
    letDown: fc.option(hex),
    hiding: fraction(0.02, 0.995),
    tint: fraction(0.1, 10),
    grade: fc.constantFrom(...(Object.keys(GRADES) as (keyof typeof GRADES)[])),
    eyeSafe: fc.boolean(),
    lipSafe: fc.boolean(),
    labelRead: fc.boolean(),
    isHairDye: fc.option(fc.boolean()),
    colourIndex: fc.array(
      fc.integer({ min: 10000, max: 99999 }).map((digits) => `CI ${digits}`),
      { maxLength: 3 },
    ),
    finish: fc.option(fc.constantFrom(...keysOf(FINISHES))),
    glitter: fc.option(fc.constantFrom(...keysOf(GLITTERS))),
    needs: fc.record({ activator: words(60), thinner: words(60), remover: words(60) }),
    counted: fc.constantFrom(...keysOf(COUNTED)),
    batch: words(40),
    allergens: fc.uniqueArray(fc.constantFrom(...ALLERGEN_KEYS), { maxLength: 4 }),
    sizeGrams: fraction(0.1, 5000),
    priceMinor: fc.nat(200_000),
    openedOn: fc.option(date),
    expiresOn: fc.option(date),
    monthsOpen: fc.option(fc.integer({ min: 1, max: 120 })),
    notes: words(80).map((text) => (text ? `${text}, "quoted"; two\nlines` : "")),
  })
  .map((fields) => ({
    fields: ProductSchema.parse({
      ...fields,
      colour: isPaintType(fields.material) ? fields.colour : null,
      keepFrom: fields.eyeSafe ? [] : ["eyes"],
    }),
    left: Math.round(fields.sizeGrams * 500) / 1000,
  }));

const taken = (text: string) => {
  const read = readKitCsv(text);
  if ("why" in read) throw new Error(read.why);
  return read;
};

describe("the kit as a table", () => {
  it.each(Object.keys(DIALECTS) as Dialect[])("comes back as it went out, with %s", (dialect) => {
    fc.assert(
      fc.property(fc.array(row, { maxLength: 8 }), (rows) => {
        const read = taken(formatKitCsv(rows, dialect));
        expect(read.rejected).toEqual([]);
        expect(read.rows.map(({ fields, left }) => ({ fields, left }))).toEqual(rows);
        expect(read.unknownColumns).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });
  it("is read in any order of columns, with tabs, other headings, decimal commas and no byte-order mark", () => {
    const read = taken(
      "Size\tColor\tType\tProduct\tshelf\n12,5\t#A0C4DE\twaterGlycerine\tIce\tB3\n",
    );
    expect(read.unknownColumns).toEqual(["shelf"]);
    expect(read.rows[0]).toMatchObject({
      line: 2,
      left: 12.5,
      fields: {
        name: "Ice",
        material: "waterGlycerine",
        sizeGrams: 12.5,
        colour: "#a0c4de",
        grade: "cosmetic",
      },
    });
  });
  it("names each row that can't be taken by its line and every reason, and takes the others", () => {
    const read = taken(
      'name;kind;colour;size g;eyes\n"Two\nlines";cream;#f0f0f0;10;yes\nNo kind;honey;#f0f0f0;10;no\nNo colour;cream;;10;no\nNo size;cream;#f0f0f0;;no\nToo much;cream;#f0f0f0;1.234,5;maybe\n',
    );
    expect(read.rows.map(({ line, fields }) => [line, fields.name])).toEqual([[2, "Two\nlines"]]);
    expect(read.rejected.map(({ line, name }) => [line, name])).toEqual([
      [4, "No kind"],
      [5, "No colour"],
      [6, "No size"],
      [7, "Too much"],
    ]);
    expect(read.rejected.map(({ why }) => why.length)).toEqual([1, 1, 1, 2]);
    expect(read.rejected[0]?.why[0]).toContain("honey");
    expect(read.rejected[1]?.why[0]).toContain("a paint needs its colour");
  });
  it("takes the open jar as labels have it, and refuses what is none", () => {
    const months = (text: string) =>
      taken(`name,kind,colour,size g,PAO\nA,cream,#f0f0f0,10,${text}\n`);
    expect(["12M", "6 m", "18", ""].map((text) => months(text).rows[0]?.fields.monthsOpen)).toEqual(
      [12, 6, 18, null],
    );
    expect(months("a year").rejected[0]?.why).toEqual([
      'months once opened: "a year" is no number',
    ]);
    expect(months("400").rejected[0]?.why.join()).toContain("at most 120");
  });
  it("keeps a spreadsheet from running a name as a formula", () => {
    const fields: ProductFields = ProductSchema.parse({
      name: "=1+1",
      material: "cream",
      colour: "#ffffff",
      hiding: 0.9,
      grade: "cosmetic",
      eyeSafe: true,
      lipSafe: false,
      allergens: [],
      sizeGrams: 10,
      priceMinor: 100,
    });
    const text = formatKitCsv([{ fields, left: 10 }]);
    expect(text).toContain("'=1+1");
    expect(taken(text).rows[0]?.fields.name).toBe("=1+1");
  });
  it("tells a file that is no such table", () => {
    expect(readKitCsv("")).toHaveProperty("why");
    expect(readKitCsv("a,b\n1,2")).toHaveProperty("why");
    expect(readKitCsv("\u0000\u0001PNG")).toHaveProperty("why");
  });
  it("survives two thousand mutations of a file: no crash, and nothing half taken", () => {
    const [rows] = fc.sample(fc.array(row, { minLength: 5, maxLength: 5 }), {
      numRuns: 1,
      seed: 7,
    });
    const file = formatKitCsv(rows ?? [], "semicolon");
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ at: fc.nat(file.length), put: fc.string({ maxLength: 4 }), cut: fc.nat(8) }),
          { minLength: 1, maxLength: 6 },
        ),
        (edits) => {
          const read = readKitCsv(
            edits.reduce(
              (text, { at, put, cut }) => text.slice(0, at) + put + text.slice(at + cut),
              file,
            ),
          );
          if ("why" in read) return;
          for (const { fields, left } of read.rows) {
            expect(ProductSchema.safeParse(fields).success).toBe(true);
            expect(Number.isFinite(left)).toBe(true);
          }
          for (const { why } of read.rejected) expect(why.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 2000 },
    );
  });
  it("takes products for one by name, maker and kind, whatever their letters", () =>
    expect(keyOfProduct({ name: " Ice ", maker: "Mill", material: "cream" })).toBe(
      keyOfProduct({ name: "ice", maker: "mill ", material: "cream" }),
    ));
});

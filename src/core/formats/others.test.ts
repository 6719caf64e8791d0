import { readFileSync } from "node:fs";
import { join } from "node:path";
import { formatKitCsv, readGpl, readKitCsv, type KitRow } from ".";

// Files that other programs and people wrote. The tables were saved by LibreOffice Calc 7.4 (npm run outside makes them anew from the same rows): one with
// commas and points, one by a German Calc with semicolons, decimal commas and every text quoted.
const fixture = (name: string) => readFileSync(join(__dirname, "fixtures", name), "utf8");
const rowsOf = (text: string) => {
  const read = readKitCsv(text);
  if ("why" in read) throw new Error(read.why);
  expect(read.rejected).toEqual([]);
  return read.rows.map(({ fields, left }): KitRow => ({ fields, left }));
};

describe("tables saved by LibreOffice", () => {
  it("are read in both dialects, every row and value the same", () => {
    const [english, german] = [
      rowsOf(fixture("libreoffice-comma.csv")),
      rowsOf(fixture("libreoffice-german.csv")),
    ];
    expect(english).toHaveLength(60);
    expect(german).toEqual(english);
    expect(english[0]).toMatchObject({
      left: 31,
      fields: {
        name: "Chalk white",
        hiding: 0.8,
        priceMinor: 1450,
        openedOn: "2026-03-01",
        eyeSafe: true,
        allergens: [],
      },
    });
    expect(rowsOf(formatKitCsv(english, "semicolon"))).toEqual(english);
  });
});

describe("a palette typed by hand", () => {
  it("is read with comments, tabs, several spaces, Windows line ends and names left out", () => {
    const typed =
      "GIMP Palette\r\nName: Reservoir, night\r\nColumns:\t4\r\n# greys first\r\n#\r\n  0\t  0   0\tBlack of the water\r\n255 255 255\r\n\r\n12\t34 56\tDeep   blue\r\n  # indented comment\r\n 300 0 0 too much\r\n1 2\r\n";
    expect(readGpl(typed)).toEqual({
      ok: true,
      file: {
        name: "Reservoir, night",
        colours: [
          { name: "Black of the water", hex: "#000000" },
          { name: "unnamed", hex: "#ffffff" },
          { name: "Deep   blue", hex: "#0c2238" },
        ],
      },
      rejected: [
        { line: 11, why: "a part is more than 255" },
        { line: 12, why: "is no colour: three numbers and a name are" },
      ],
    });
  });
});

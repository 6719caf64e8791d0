import fc from "fast-check";
import { formatGpl, readGpl } from "./gpl";

const hex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, "0")}`);
// eslint-disable-next-line no-control-regex -- names are one line
const control = /[\u0000-\u001f\u007f]/g;
const name = fc
  .string({ minLength: 1, maxLength: 40 })
  .map((text) => text.replace(control, " ").trim())
  .filter((text) => text !== "" && text.length <= 80);

describe("palettes", () => {
  it("come back as they went out", () => {
    fc.assert(
      fc.property(name, fc.array(fc.record({ name, hex }), { maxLength: 30 }), (title, colours) => {
        const read = readGpl(formatGpl({ name: title, colours }));
        expect(read).toEqual({ ok: true, file: { name: title, colours }, rejected: [] });
      }),
    );
  });
  it("are read as typed by hand: comments, tabs, blanks, other line ends, no names", () => {
    const text =
      "GIMP Palette\r\nName: By hand\r\n# a comment\r\nColumns: 4\r\n\r\n255\t0 0\tWarm red\r\n  0 128   0\r\n#0 0 0 off\r\n12 13 14   slate, cold\r\n";
    expect(readGpl(text)).toEqual({
      ok: true,
      rejected: [],
      file: {
        name: "By hand",
        colours: [
          { name: "Warm red", hex: "#ff0000" },
          { name: "unnamed", hex: "#008000" },
          { name: "slate, cold", hex: "#0c0d0e" },
        ],
      },
    });
  });
  it("tell each line that is no colour, and keep the others", () => {
    const read = readGpl("GIMP Palette\n300 0 0 too much\nred\n1 2 3 fine\n1 2 short");
    expect(read).toMatchObject({
      ok: true,
      rejected: [{ line: 2 }, { line: 3 }, { line: 5 }],
      file: { colours: [{ name: "fine" }] },
    });
    expect(readGpl("something else")).toMatchObject({ ok: false });
  });
  it("survive two thousand mutations of a file without a crash", () => {
    const file = formatGpl({
      name: "Shelf",
      colours: Array.from({ length: 12 }, (_, i) => ({
        name: `c${i}`,
        hex: `#0${i.toString(16)}1020`,
      })),
    });
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ at: fc.nat(file.length), put: fc.string({ maxLength: 4 }), cut: fc.nat(6) }),
          { minLength: 1, maxLength: 5 },
        ),
        (edits) => {
          const mutated = edits.reduce(
            (text, { at, put, cut }) => text.slice(0, at) + put + text.slice(at + cut),
            file,
          );
          const read = readGpl(mutated);
          if (read.ok)
            for (const { hex: value } of read.file.colours) expect(value).toMatch(/^#[0-9a-f]{6}$/);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

import fc from "fast-check";
import { PANS, type Pan, type PanKey, type Palette } from "../kit";
import { aProduct } from "../testing";
import { PAPER_KEYS, PAPERS, paletteLabels } from ".";

const products = new Map(
  [
    aProduct({ id: "a", name: "Slate grey", openedOn: "2026-01-15" }),
    aProduct({
      id: "b",
      name: "A name that is a great deal longer than any label is wide",
      expiresOn: "2026-09-01",
    }),
  ].map((product) => [product.id, product]),
);
const palette = (pans: Pan[], width = 180, height = 110): Palette => ({
  id: "t",
  version: 1,
  name: "Trial",
  width,
  height,
  pans,
  jobId: null,
  notes: "",
});
const words = (pans: Pan[]) =>
  paletteLabels({ palette: palette(pans), products, paper: "a4", today: "2026-06-01" }).map(
    ({ texts }) => texts.map(({ text }) => text),
  );

describe("labels of a palette", () => {
  it("name each pan's paint, its kind, and until when the first of its paints is good", () => {
    const [lid, labels] = words([
      { id: "1", pan: "half", parts: [{ productId: "a", parts: 1 }] },
      {
        id: "2",
        pan: "full",
        parts: [
          { productId: "a", parts: 2 },
          { productId: "b", parts: 1 },
        ],
      },
      { id: "3", pan: "small", parts: [] },
    ]);
    expect(lid).toEqual(
      expect.arrayContaining([
        "Trial: from above",
        "180 × 110 mm inside, 3 pans; printed 2026-06-01.",
      ]),
    );
    expect(labels).toEqual(
      expect.arrayContaining([
        "Slate grey",
        "good until 2027-07-15",
        "good until 2026-09-01",
        "empty",
      ]),
    );
  });
  it("draw the lid at 1:1 where it fits on the sheet, and say so where it does not", () => {
    const sizeOf = (width: number, height: number) => {
      const [lid] = paletteLabels({
        palette: palette([], width, height),
        products,
        paper: "a4",
        today: "2026-06-01",
      });
      const box = lid?.shapes.find(({ lineMm }) => lineMm === 0.5)?.points ?? [];
      return [
        Math.max(...box.map(({ x }) => x)) - Math.min(...box.map(({ x }) => x)),
        lid?.texts[0]?.text,
      ];
    };
    expect(sizeOf(180, 110)).toEqual([180, "Trial: from above"]);
    expect(sizeOf(280, 190)).toEqual([140, "Trial: from above, at 1:2"]);
  });
  it("stay on their paper, however many and whatever sizes there are; every pan has one", () => {
    const pans = fc.array(
      fc.record({
        pan: fc.constantFrom(...(Object.keys(PANS) as PanKey[])),
        with: fc.constantFrom("a", "b", "gone"),
      }),
      { maxLength: 120 },
    );
    fc.assert(
      fc.property(
        pans,
        fc.constantFrom(...PAPER_KEYS),
        fc.integer({ min: 40, max: 800 }),
        (list, paper, width) => {
          const sheets = paletteLabels({
            palette: palette(
              list.map((entry, i) => ({
                id: String(i),
                pan: entry.pan,
                parts: [{ productId: entry.with, parts: 1 }],
              })),
              width,
              300,
            ),
            products,
            paper,
            today: "2026-06-01",
          });
          for (const { shapes, texts } of sheets) {
            for (const { points } of shapes)
              for (const { x, y } of points)
                expect(
                  x >= 0 && y >= 0 && x <= PAPERS[paper].widthMm && y <= PAPERS[paper].heightMm,
                ).toBe(true);
            for (const { x, y } of texts)
              expect(
                x >= 0 && y >= 0 && x <= PAPERS[paper].widthMm && y <= PAPERS[paper].heightMm,
              ).toBe(true);
          }
          expect(
            sheets.slice(1).flatMap(({ shapes }) => shapes.filter(({ lineMm }) => lineMm === 0.15)),
          ).toHaveLength(list.length);
        },
      ),
      { numRuns: 40 },
    );
  });
});

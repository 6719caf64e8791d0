import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import { safetyNotes, untestedProducts } from ".";

const paints = ["moss", "peat", "fern", "bog", "reed", "ash"].map((id) =>
  aProduct({ id, name: id }),
);
const look = aLook(...paints.map(({ id }) => aLayer({ id, paint: product(id) })));
const said = (person: object) =>
  safetyNotes(look, aContext({ products: paints, person }))
    .filter(({ kind }) => kind !== "health")
    .map(({ text }) => text);
const cleared = paints.map(({ id }) => ({
  productId: id,
  on: "2026-05-01",
  first: "nothing" as const,
  late: "nothing" as const,
  result: "clear" as const,
}));

describe("what is said before anything else", () => {
  it("names the allergies, and that they are to be asked again where none is known", () => {
    expect(said({ allergies: ["latex"], patchTests: cleared })).toEqual([
      expect.stringMatching(/^Allergic to .*latex/),
    ]);
    expect(said({ allergies: [], patchTests: cleared })).toEqual([
      "No allergies on the card: ask again today.",
    ]);
  });

  it("names what nobody has tested, the first four and how many more", () => {
    const [, open] = said({ patchTests: [] });
    expect(open).toBe("No clear patch test of moss, peat, fern, bog and 2 more.");
    const old = { ...cleared[0], on: "2020-01-01" };
    expect(said({ patchTests: [old, ...cleared.slice(2)] })[1]).toBe(
      "No clear patch test of peat; that of moss is over 12 months old.",
    );
    const context = aContext({ products: paints, person: { patchTests: cleared.slice(1) } });
    expect(untestedProducts(look, context).map(({ id }) => id)).toEqual(["moss"]);
  });

  it("says of a child whether somebody has consented", () => {
    const child = { ageYears: 8, patchTests: cleared };
    expect(said({ ...child, guardianConsent: false })[1]).toMatch(/no parent's or guardian's/);
    expect(said({ ...child, guardianConsent: true })[1]).toMatch(/has consented/);
    expect(said({ ageYears: 30, patchTests: cleared })).toHaveLength(1);
  });
});

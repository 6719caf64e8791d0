import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import type { Product } from "../paint";
import { USUAL_STUDIO } from "../studio";
import { reactionPlan, safetyNotes, untestedProducts } from "../look";

const paints = ["moss", "peat", "fern", "bog", "reed", "ash"].map((id) =>
  aProduct({ id, name: id }),
);
const look = aLook(...paints.map(({ id }) => aLayer({ id, paint: product(id) })));
const said = (person: object) =>
  safetyNotes(look, aContext({ products: paints, person }))
    .filter(({ kind }) => kind !== "health" && kind !== "reaction")
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
      "No clear patch test of peat. Patch tests that no longer count: moss (over 12 months ago).",
    );
    const context = aContext({ products: paints, person: { patchTests: cleared.slice(1) } });
    expect(untestedProducts(look, context).map(({ id }) => id)).toEqual(["moss"]);
  });

  it("says of a child who has agreed, and to what, or that nobody has", () => {
    const child = { ageYears: 8, patchTests: cleared };
    expect(said({ ...child, guardianConsent: false })[1]).toMatch(/Don't begin/);
    expect(said({ ...child, guardianConsent: true })[1]).toMatch(/Ask who is here today/);
    const consent = { who: "Ada Moor", on: "2026-06-01", to: "a leaf" };
    const notes = safetyNotes(
      look,
      aContext({ products: paints, person: child, brief: { consent } }),
    );
    expect(notes.find(({ kind }) => kind === "consent")).toMatchObject({
      isOpen: false,
      text: "A child: Ada Moor agreed today, to a leaf, and stays.",
    });
    expect(said({ ageYears: 30, patchTests: cleared })).toHaveLength(1);
  });

  it("says what stays bare, what lasts by the card, and whom to ring, with the studio's own number", () => {
    const context = aContext({
      products: paints,
      person: {
        asthma: true,
        concerns: [{ what: "eczema", zones: ["cheekAppleLeft"], unpainted: true }],
      },
      brief: { bareToday: ["chin"], healthAsked: true },
    });
    const textOf = (kind: string) =>
      safetyNotes(look, context).find((note) => note.kind === kind)?.text;
    expect(textOf("bare")).toBe("Leave bare: left cheek apple and chin.");
    expect(textOf("health")).toBe("By the card: asthma.");
    expect(textOf("reaction")).toMatch(/^If it stings.*ring 112 at once\.$/);
    expect(reactionPlan({ ...USUAL_STUDIO, emergency: "911" })).toMatch(/ring 911/);
  });

  it("a clear test lapses with another batch and with a later reaction, and stands where neither is known", () => {
    const moss = (values: object, person: object) => {
      const products = [aProduct({ id: "moss", name: "moss", ...values })];
      return untestedWordsOf(products, { patchTests: [cleared[0]], ...person });
    };
    expect(moss({}, {})).toBe("");
    expect(moss({ batch: "B2" }, {})).toBe("");
    expect(moss({ batch: "B2" }, { patchTests: [{ ...cleared[0], batch: "B1" }] })).toMatch(
      /moss \(of another batch\)/,
    );
    expect(moss({ batch: "B1" }, { patchTests: [{ ...cleared[0], batch: "B1" }] })).toBe("");
    expect(moss({}, { reactedOn: "2026-05-20" })).toMatch(/moss \(before their last reaction\)/);
    expect(moss({}, { reactedOn: "2026-04-20" })).toBe("");
    const reacted = { productId: "peat", on: "2026-05-10", result: "reacted" };
    expect(moss({}, { patchTests: [cleared[0], reacted] })).toMatch(/before their last reaction/);
  });
});

function untestedWordsOf(products: readonly Product[], person: object): string {
  const context = aContext({ products, person });
  const design = aLook(aLayer({ id: "moss", paint: product("moss") }));
  const open = safetyNotes(design, context).find(({ kind }) => kind === "patchTests");
  return open?.text ?? "";
}

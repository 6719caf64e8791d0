import { nothingProved, prove, sumOf } from "../../tests/proof/prove";

describe("random people, products and looks", () => {
  it("nothing is planned, mended into or offered that a stop forbids, no unread label is silent, and buttons end: 300 of the 20,000 of npm run proof", () => {
    const proved = Array.from({ length: 300 }, (_, i) => prove(i + 1)).reduce(
      sumOf,
      nothingProved(),
    );
    expect(proved.faults).toEqual([]);
    // Both kinds are among them, or nothing was proved.
    expect(proved.stopped).toBeGreaterThan(100);
    expect(proved.planned).toBeGreaterThan(20);
    expect(proved.presses).toBeGreaterThan(100);
    expect(proved.offers).toBeGreaterThan(500);
    expect(proved.unread).toBeGreaterThan(100);
  }, 300_000);
});

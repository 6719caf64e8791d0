import fc from "fast-check";
import { hexToLab, hideUnder, paintOptics, reflectanceFromLab } from ".";

const paint = (hex: string, hiding: number) => paintOptics({ masstone: hexToLab(hex), hiding });
const skinOf = (hex: string) => reflectanceFromLab(hexToLab(hex));
const corrector = { optics: paint("#d98a5b", 0.75), filmPerCoat: 1 };
const concealer = { optics: paint("#d8b79a", 0.85), filmPerCoat: 1 };
const hexes = fc
  .integer({ min: 0x101010, max: 0xe0e0e0 })
  .map((n) => `#${n.toString(16).padStart(6, "0")}`);

// BROW-3: common practice, no published source.
describe("hiding a dark patch under a base", () => {
  const under = (
    patch: string,
    beside: string,
    hiding: number,
    given: Partial<Parameters<typeof hideUnder>[0]> = {},
  ) =>
    hideUnder({
      patch: skinOf(patch),
      beside: skinOf(beside),
      base: paint("#f3f2ec", hiding),
      baseFilm: 1,
      corrector,
      concealer,
      ...given,
    });
  it("asks for nothing where patch and skin are one colour, and for more the thinner the base", () => {
    expect(under("#e2b899", "#e2b899", 0.5)).toMatchObject({
      corrector: 0,
      concealer: 0,
      reached: true,
    });
    const coats = ({ corrector: a, concealer: b }: ReturnType<typeof under>) => a + b;
    expect(coats(under("#17110d", "#e2b899", 0.5))).toBeGreaterThanOrEqual(
      coats(under("#17110d", "#e2b899", 0.95)),
    );
  });
  it("takes the fewest coats of all that reach, or the nearest where none does", () => {
    fc.assert(
      fc.property(
        hexes,
        hexes,
        fc.double({ min: 0.2, max: 0.95, noNaN: true }),
        (patch, beside, hiding) => {
          const best = under(patch, beside, hiding);
          expect(best.reached).toBe(best.deltaE <= 2);
          const without = under(patch, beside, hiding, { corrector: null, concealer: null });
          expect(without).toMatchObject({ corrector: 0, concealer: 0 });
          if (without.reached) expect(best).toMatchObject({ corrector: 0, concealer: 0 });
          else expect(best.deltaE).toBeLessThanOrEqual(without.deltaE + 1e-9);
          expect(best.corrector).toBeLessThanOrEqual(3);
          expect(best.concealer).toBeLessThanOrEqual(3);
        },
      ),
      { numRuns: 60 },
    );
  });
});

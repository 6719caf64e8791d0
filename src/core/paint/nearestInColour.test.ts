import fc from "fast-check";
import { deltaE00, hexToLab } from "../colour";
import { nearestInColour } from "./nearestInColour";

const hex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, "0")}`);
const shelf = fc.array(fc.record({ colour: fc.option(hex), dear: fc.nat(20) }), { maxLength: 12 });

describe("the product nearest in colour", () => {
  it("is the one a list in order of distance begins with", () => {
    fc.assert(
      fc.property(shelf, hex, (products, target) => {
        const wanted = hexToLab(target);
        const off = ({ colour, dear }: (typeof products)[number]) =>
          (colour ? deltaE00(hexToLab(colour), wanted) : Infinity) + dear;
        const [first] = [...products].sort((a, b) => off(a) - off(b) || 0);
        const found = nearestInColour(products, wanted, ({ dear }) => dear);
        expect(found?.far).toBe(first && off(first));
        if (found) expect(off(found.product)).toBe(found.far);
      }),
    );
  });
  it("is none on an empty shelf, and the first where no colour is asked for", () => {
    expect(nearestInColour([], hexToLab("#808080"))).toBeNull();
    const [a, b] = [{ colour: null }, { colour: "#ffffff" }];
    expect(nearestInColour([a, b], null)?.product).toBe(a);
    expect(nearestInColour([a, b], hexToLab("#000000"))?.product).toBe(b);
  });
});

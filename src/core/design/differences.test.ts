import { middle } from "./part";
import { aContext, aLayer, aLook, product } from "../testing";
import { applyPatch, differences, MarkSchema, type LookPatch } from "../look";

const { products } = aContext();
const mark = MarkSchema.parse({ kind: "star", x: 0, y: 30 });
const look = aLook(
  aLayer({ id: "base", name: "Ground" }),
  aLayer({ id: "lines", name: "Lines", role: "detail", paint: product("line"), marks: [mark] }),
  aLayer({ id: "veil", name: "Veil", role: "shade", part: middle(0.4) }),
);
const after = (patch: LookPatch) =>
  differences(look, applyPatch(look, patch), products).map(({ words }) => words);

describe("differences between two designs, in words", () => {
  it("are none between a design and itself", () =>
    expect(differences(look, look, products)).toEqual([]));
  it.each<[LookPatch, string]>([
    [
      { op: "changeLayer", id: "base", change: { paint: product("white") } },
      "Ground is painted with white instead of grey",
    ],
    [{ op: "changeLayer", id: "base", change: { coats: 1 } }, "Ground has 1 coat"],
    [
      { op: "changeLayer", id: "veil", change: { part: middle(0.6) } },
      "Veil covers 60 % of each area, in its middle",
    ],
    [{ op: "changeLayer", id: "veil", change: { edge: "faded" } }, "Veil has faded edges"],
    [
      { op: "changeLayer", id: "lines", change: { marks: [{ ...mark, x: 3, y: 34 }] } },
      "Lines has moved star 1 by 5 mm",
    ],
    [
      { op: "changeLayer", id: "lines", change: { marks: [mark, mark] } },
      "Lines has 2 shapes instead of 1",
    ],
    [{ op: "changeLayer", id: "base", change: { zones: ["chin"] } }, "Ground lies on chin"],
    [{ op: "removeLayer", id: "veil" }, "Veil is gone"],
    [
      {
        op: "addLayer",
        layer: aLayer({ id: "new", name: "Glow", paint: product("yellow"), zones: ["chin"] }),
      },
      "Glow is new: yellow on chin",
    ],
    [{ op: "moveLayer", id: "veil", to: 0 }, "Veil is painted earlier"],
    [{ op: "tag", tags: ["autumn", "chorus"] }, "The look is filed under autumn and chorus"],
    [{ op: "rename", name: "Second try" }, "The look is called Second try instead of trial"],
  ])("%j", (patch, words) => expect(after(patch)).toEqual([words]));
});

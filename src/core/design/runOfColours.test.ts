import fc from "fast-check";
import { deltaE00, hexToLab } from "../colour";
import {
  applyPatch,
  LookSchema,
  RUN_KEYS,
  newMark,
  runOfColours,
  runRound,
  withBridges,
  type Layer,
  type Run,
} from "../look";
import { point } from "../anatomy";
import { layerAreaCm2 } from "../kit";
import { aContext, aLayer, aLook, aProduct } from "../testing";

const sky = ["#243a6b", "#5a4f9a", "#b5577f", "#dd8a5c", "#e8c45a", "#f4ecd0"].map((colour, i) =>
  aProduct({ id: `sky${i}`, colour, eyeSafe: true }),
);
const context = aContext({ products: sky });
const zones = ["forehead", "cheekAppleLeft", "cheekAppleRight", "chin"] as const;
const laid = (run: Run, count = sky.length): readonly Layer[] => {
  const look = aLook();
  const patch = runOfColours({ zones, run, products: sky.slice(0, count) }, look, context, 0);
  if (!patch) throw new Error("nothing laid");
  return LookSchema.parse(applyPatch(look, patch)).layers;
};
/** How much of each colour is seen at a place across the run, each fading in over the one before. */
function seenAt(layers: readonly Layer[], mm: number): number[] {
  const seen = layers.map(() => 0);
  layers.forEach(({ part, fadeMm }, i) => {
    if (part.kind !== "strip") throw new Error("no strip");
    const rise = (mm - (part.fromMm - fadeMm / 2)) / fadeMm;
    const fall = (part.toMm + fadeMm / 2 - mm) / fadeMm;
    const cover = Math.max(0, Math.min(1, rise, fall));
    for (let k = 0; k < i; k++) seen[k] = (seen[k] ?? 0) * (1 - cover);
    seen[i] = cover;
  });
  return seen;
}

describe("colours that run into each other", () => {
  it("cover their areas without a gap, and go from one stop to the next and never back", () => {
    fc.assert(
      fc.property(fc.constantFrom(...RUN_KEYS), fc.integer({ min: 2, max: 6 }), (run, count) => {
        const layers = laid(run, count);
        expect(layers).toHaveLength(count);
        const reach = layers.flatMap(({ part }) =>
          part.kind === "strip" ? [part.fromMm, part.toMm] : [],
        );
        const fade = layers[0]?.fadeMm ?? 0;
        const [from, to] = [Math.min(...reach) + fade, Math.max(...reach) - fade];
        let before = -1;
        for (let mm = from; mm <= to; mm += 0.5) {
          const seen = seenAt(layers, mm);
          expect(seen.reduce((sum, share) => sum + share, 0)).toBeGreaterThan(0.999);
          const mean = seen.reduce((sum, share, i) => sum + share * i, 0);
          expect(mean).toBeGreaterThanOrEqual(before - 1e-9);
          before = mean;
        }
        expect(before).toBeGreaterThan(count - 1.01);
      }),
    );
  });
  it("are mirrored when they run the other way", () => {
    const ends = (run: Run) =>
      laid(run).map(({ part }) => (part.kind === "strip" ? [part.fromMm, part.toMm] : []));
    const [left, right] = [ends("left"), ends("right")];
    expect(left).toEqual(right);
  });
  it("keep off where a label keeps one of them off, and are none under two", () => {
    const eyes = aProduct({ id: "noEyes", colour: "#223344", eyeSafe: false });
    const own = aContext({ products: [...sky, eyes] });
    const given = { zones: ["upperLidLeft", "forehead"] as const, run: "down" as const };
    const patch = runOfColours({ ...given, products: [sky[0] ?? eyes, eyes] }, aLook(), own, 0);
    const layers = patch ? applyPatch(aLook(), patch).layers : [];
    expect(layers.map((layer) => layer.zones)).toEqual([["forehead"], ["forehead"]]);
    expect(runOfColours({ ...given, products: sky.slice(0, 1) }, aLook(), own, 0)).toBeNull();
  });
  it("are bridged by what lies half-way on the shelf, where they are far apart (COLOUR-4)", () => {
    const shelf = ["#b93226", "#dd8336", "#f1cf45"].map((colour, i) =>
      aProduct({ id: `warm${i}`, colour }),
    );
    const [red, orange, yellow] = shelf;
    if (!red || !orange || !yellow) throw new Error("no shelf");
    const own = aContext({ products: shelf });
    expect(withBridges([red, yellow], own)).toEqual([red, orange, yellow]);
    expect(withBridges([red, orange, yellow], own)).toEqual([red, orange, yellow]);
    const lab = ({ colour }: typeof red) => hexToLab(colour ?? "#000000");
    expect(deltaE00(lab(red), lab(orange))).toBeLessThan(deltaE00(lab(red), lab(yellow)));
    const near = aProduct({ id: "near", colour: "#bd3a2b" });
    expect(withBridges([red, near], own)).toEqual([red, near]);
  });
});

describe("colours round a shape", () => {
  const star = aLayer({
    id: "star",
    role: "detail",
    zones: ["forehead"],
    marks: [newMark("star", point(0, 30), 1)],
    tool: "roundBrush",
    technique: "draw",
  });
  it("lie right under it, each a border wider than the one nearer to it", () => {
    const look = aLook(star);
    const patch = runRound(star, sky.slice(0, 3), 2, look, context);
    if (!patch) throw new Error("nothing laid");
    const { layers } = LookSchema.parse(applyPatch(look, patch));
    expect(layers.map(({ marks }) => marks[0]?.outsetMm)).toEqual([6, 4, 2, 0]);
    expect(layers.map(({ paint }) => paint.kind === "product" && paint.productId)).toEqual([
      "sky2",
      "sky1",
      "sky0",
      "grey",
    ]);
    const areas = layers.map((layer) => layerAreaCm2(layer, context));
    expect(areas).toEqual([...areas].sort((a, b) => b - a));
  });
  it("are not laid round areas, nor in what may not lie there", () => {
    const areas = { ...star, marks: [] };
    expect(runRound(areas, sky, 2, aLook(areas), context)).toBeNull();
    const eye = { ...star, zones: ["upperLidLeft" as const] };
    const harsh = [aProduct({ id: "harsh", colour: "#335577", eyeSafe: false })];
    expect(runRound(eye, harsh, 2, aLook(eye), context)).toBeNull();
  });
});

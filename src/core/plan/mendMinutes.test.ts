import { applyPatch, checkLook, finished } from "../look";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import { withMinutes } from "./mendMinutes";
import { seat } from "./seat";

const context = aContext({
  products: [...SHELF, aProduct({ id: "grease", material: "cream", colour: "#b98a6a" })],
});
const unpowdered = aLook(
  aLayer({ id: "base", zones: ["cheekAppleLeft", "cheekAppleRight"], paint: product("grease") }),
);

describe("what a button costs", () => {
  const [powder] = finished(unpowdered, context, checkLook(unpowdered, context)).filter(
    ({ rule, fix }) => rule === "SET-1" && fix,
  );
  it("is said after what it does, in minutes of hands that the plan then has more", () => {
    expect(powder?.does).toBeTruthy();
    const told = powder && withMinutes(powder, unpowdered, context);
    expect(told?.does?.startsWith(powder?.does ?? "nothing")).toBe(true);
    const [, said = ""] = / (Less than a minute|\d+ min) more work\.$/.exec(told?.does ?? "") ?? [];
    expect(said).not.toBe("");
    const minutes = said.startsWith("Less") ? 0.4 : parseInt(said, 10);
    const after = powder?.fix ? applyPatch(unpowdered, powder.fix) : unpowdered;
    const more = seat(after, context).handsOn - seat(unpowdered, context).handsOn;
    expect(Math.abs(minutes - more)).toBeLessThanOrEqual(0.5 + 1e-9);
  });
  it("is less where work falls away, and nothing where only the order changes", () => {
    const two = aLook(...unpowdered.layers, aLayer({ id: "second", zones: ["forehead"] }));
    const finding = {
      ...{ key: "k", rule: "LAYER-10" as const, severity: "tip" as const, message: "" },
      where: { zones: [] },
      does: "Done.",
    };
    const less = withMinutes(
      { ...finding, fix: { op: "removeLayer", id: "second" } },
      two,
      context,
    );
    expect(less.does).toMatch(/^Done\. (\d+ min|Less than a minute) less work\.$/);
    const same = { op: "changeLayer", id: "base", change: { name: "Cheeks" } } as const;
    expect(withMinutes({ ...finding, fix: same }, two, context).does).toBe(
      "Done. It takes no longer.",
    );
    expect(withMinutes(finding, two, context)).toBe(finding);
  });
});

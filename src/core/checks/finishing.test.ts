import { makeCase } from "../../../tests/proof/make";
import {
  applyPatch,
  checkLook,
  finished,
  finishing,
  lookContext,
  stopsOf,
  type Look,
  type LookContext,
} from "../look";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";

const cream = aProduct({
  id: "cream",
  material: "cream",
  colour: "#b98a6a",
  lipSafe: true,
  eyeSafe: true,
});
const context = aContext({ products: [...SHELF.filter(({ id }) => id !== "cream"), cream] });
const pressed = (look: Look, rule: string, given: LookContext = context): Look => {
  const finding = finished(look, given, checkLook(look, given)).find(
    (one) => one.rule === rule && one.fix,
  );
  return finding?.fix ? applyPatch(look, finding.fix) : look;
};

describe("a mend is done in one press", () => {
  it("powder over cream on cheeks and lips: the cheeks are powdered once, the lips left alone, nothing comes back", () => {
    const look = aLook(
      aLayer({
        id: "c",
        paint: product("cream"),
        zones: ["cheekAppleLeft", "chin", "upperLip", "lowerLip"],
      }),
    );
    const once = pressed(look, "SET-1");
    expect(once.layers.map(({ role, zones }) => [role, zones])).toEqual([
      ["base", ["cheekAppleLeft", "chin", "upperLip", "lowerLip"]],
      ["set", ["cheekAppleLeft", "chin"]],
    ]);
    expect(checkLook(once, context).filter(({ rule }) => rule === "SET-1")).toEqual([]);
    expect(stopsOf(once, context)).toEqual(stopsOf(look, context));
  });
  it("a powder step that stands there is carried on, not laid a second time", () => {
    const look = aLook(
      aLayer({ id: "c", paint: product("cream"), zones: ["cheekAppleLeft", "chin"] }),
      aLayer({
        id: "p",
        role: "set",
        zones: ["chin"],
        paint: product("neutral"),
        tool: "puff",
        technique: "press",
      }),
    );
    const once = pressed(look, "SET-1");
    expect(once.layers).toHaveLength(2);
    expect(once.layers[1]?.zones).toEqual(expect.arrayContaining(["chin", "cheekAppleLeft"]));
  });
  it("powder under a child's suit is not offered there: it would be stopped", () => {
    const child = aContext({
      products: [...SHELF, cream],
      person: { ageYears: 8, guardianConsent: true },
    });
    const look = aLook(aLayer({ id: "c", paint: product("cream"), zones: ["chin", "collar"] }));
    const once = pressed(look, "SET-1", child);
    expect(once.layers.find(({ role }) => role === "set")?.zones).toEqual(["chin"]);
  });
  it("a brow cover that this person may not wear is no button", () => {
    const child = aContext({
      person: { ageYears: 8, guardianConsent: true },
      brief: { farthestM: 3 },
    });
    const look = aLook(
      aLayer({ id: "b", paint: product("yellow"), zones: ["forehead", "browLeft", "browRight"] }),
    );
    for (const finding of checkLook(look, child))
      if (finding.rule === "BROW-3") expect(finding.fix).toBeUndefined();
  });
  it("an order that would bury a star stays a word, not a button", () => {
    const look = aLook(
      aLayer({ id: "star", role: "detail", zones: ["forehead"], paint: product("line") }),
      aLayer({ id: "base", zones: ["forehead"], paint: product("white") }),
    );
    const [some] = checkLook(look, context);
    const burying = {
      ...(some ?? { key: "k", severity: "tip" as const, where: { zones: [] }, message: "" }),
      rule: "BASE-4" as const,
      fix: { op: "order", ids: ["base", "star"] } as const,
      fixLabel: "Put it in that order",
    };
    const over = aLook(...[...look.layers].reverse());
    expect(
      finishing(over, context, { ...burying, fix: { op: "order", ids: ["star", "base"] } }),
    ).toBeNull();
  });
});

describe("mends of 120 random looks", () => {
  const about = ({ rule, where }: ReturnType<typeof checkLook>[number]) =>
    `${rule} ${where.layerId ?? ""}`;
  it("take the matter away for good, stop nothing new, hide and double nothing", () => {
    let count = 0;
    for (let seed = 1; seed <= 120; seed++) {
      const { person, brief, shelf, look } = makeCase(seed);
      const given = lookContext({ person, brief, products: shelf, today: "2026-06-01" });
      const findings = finished(look, given, checkLook(look, given));
      const stops = new Set(stopsOf(look, given).map(about));
      for (const finding of findings.slice(0, 6)) {
        if (!finding.fix || finding.severity === "stop") continue;
        count++;
        const after = applyPatch(look, finding.fix);
        const left = checkLook(after, given);
        const again = left.filter(
          (one) =>
            about(one) === about(finding) &&
            one.severity === finding.severity &&
            one.fixLabel === finding.fixLabel &&
            one.where.zones.some((zone) => finding.where.zones.includes(zone)),
        );
        expect([seed, finding.fixLabel, again.map(({ message }) => message)]).toEqual([
          seed,
          finding.fixLabel,
          [],
        ]);
        expect(stopsOf(after, given).filter((stop) => !stops.has(about(stop)))).toEqual([]);
        expect(after.layers.filter(({ hidden }) => hidden)).toEqual([]);
        expect(after.accepted).toEqual(look.accepted);
      }
    }
    expect(count).toBeGreaterThan(30);
  });
});

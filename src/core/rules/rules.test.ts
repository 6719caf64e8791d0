import { RULE_IDS, RULES, rule } from ".";

/** How many rules each group of the trade page has. */
const GROUPS: Readonly<Record<string, number>> = {
  PREP: 4,
  BROW: 6,
  MAP: 4,
  BASE: 8,
  SET: 6,
  LAYER: 12,
  ORDER: 6,
  FORM: 8,
  EDGE: 4,
  DIST: 4,
  COLOUR: 4,
  PROS: 6,
  PIECE: 5,
  CLIM: 1,
  WEAR: 5,
  TIME: 5,
  KIT: 6,
  RECORD: 2,
  PRACTICE: 3,
  REMOVE: 3,
  // SAFE-16 is our own: what a child wears in every picture (docs/decisions.md).
  SAFE: 16,
};
describe("rules", () => {
  it.each(Object.entries(GROUPS))(
    "has the %s rules of the trade page, %p of them, numbered from one",
    (group, count) => {
      const ids = RULE_IDS.filter((id) => id.startsWith(`${group}-`));
      expect(ids.map((id) => Number(id.split("-")[1])).sort((a, b) => a - b)).toEqual(
        Array.from({ length: count }, (_, i) => i + 1),
      );
    },
  );
  it("has no other group", () => {
    expect(new Set(RULE_IDS.map((id) => id.split("-")[0]))).toEqual(new Set(Object.keys(GROUPS)));
  });
  it("gives every rule a title, a reason and a source", () => {
    for (const id of RULE_IDS) {
      const { title, reason, source, severity } = rule(id);
      expect(title.length).toBeGreaterThan(5);
      expect(reason.length).toBeGreaterThan(10);
      expect(source).toMatch(/common practice|\d{4}/);
      expect(["stop", "caution", "tip"]).toContain(severity);
    }
  });
  it("marks the stops of the trade page", () => {
    for (const id of ["BROW-2", "SAFE-1", "SAFE-2", "SAFE-3"] as const)
      expect(RULES[id].severity).toBe("stop");
  });
});

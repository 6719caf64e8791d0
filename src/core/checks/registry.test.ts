import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { makeCase } from "../../../tests/proof/make";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoPeople } from "../../demo";
import { STAND_IN } from "../people";
import { USUAL_BRIEF, type Brief } from "../brief";
import { RULES, rule, RULE_IDS, type RuleId, type Severity } from "../rules";
import {
  CHECKED_RULES,
  CHECKS,
  lookContext,
  readStack,
  type Look,
  type LookContext,
} from "../look";

const TODAY = "2026-06-01";
const HARD: Brief = {
  ...USUAL_BRIEF,
  airDegC: 33,
  sun: true,
  hood: true,
  mask: true,
  meal: true,
  handProps: true,
  hatLineMm: 50,
  farthestM: 40,
  activity: "dancing",
};

/** Random looks, and the demo's on each of its people, in an easy and in a hard brief. */
function* settings(): Generator<[Look, LookContext]> {
  for (let seed = 1; seed <= 120; seed++) {
    const { person, brief, shelf, look } = makeCase(seed);
    yield [look, lookContext({ person, brief, products: shelf, today: TODAY })];
  }
  const day = (offset: number) =>
    new Date(Date.parse(TODAY) + offset * 86_400_000).toISOString().slice(0, 10);
  const products = DEMO_PRODUCTS(TODAY).map(({ id, fields }) => ({ ...fields, id, version: 1 }));
  // Laid the wrong way round, what is meant to be seen lies under the rest.
  for (const { design } of DEMO_LOOKS)
    yield [
      { ...design, layers: [...design.layers].reverse() },
      lookContext({ person: STAND_IN, brief: USUAL_BRIEF, products, today: TODAY }),
    ];
  for (const { design } of DEMO_LOOKS)
    for (const { id, fields } of demoPeople(day).slice(0, 3))
      for (const brief of [USUAL_BRIEF, HARD])
        yield [
          design,
          lookContext({ person: { ...fields, id, version: 1 }, brief, products, today: TODAY }),
        ];
}

describe("the registry and the checks", () => {
  it("agree: a check names no rule but its own, and is as grave as the registry says, or has its reason there", () => {
    const wrong = new Set<string>();
    const spoke = new Set<RuleId>();
    for (const [look, context] of settings()) {
      const stack = readStack(look, context);
      for (const { rules, run } of CHECKS)
        for (const { rule: id, severity } of run(stack)) {
          spoke.add(id);
          if (!rules.includes(id)) wrong.add(`${run.name} names ${id}`);
          const { severity: grave, also = {} } = rule(id);
          if (severity !== grave && !(severity in also)) wrong.add(`${id} says ${severity}`);
        }
    }
    expect([...wrong]).toEqual([]);
    // Enough of them spoke for that to mean something.
    expect(spoke.size).toBeGreaterThan(40);
  });
  it("a reason for another severity is given in words, and never for the one the rule has", () => {
    for (const id of RULE_IDS) {
      const { severity, also = {}, always } = rule(id);
      for (const [other, why] of Object.entries(also) as [Severity, string][]) {
        expect(other).not.toBe(severity);
        expect(why.length).toBeGreaterThan(20);
      }
      if (always !== undefined) expect(severity).not.toBe("stop");
    }
  });
  it("every rule that stops is one some check looks for, so that nothing only promises to", () => {
    for (const id of RULE_IDS)
      if (RULES[id].severity === "stop") expect([id, CHECKED_RULES.has(id)]).toEqual([id, true]);
  });
  it("every rule id in the source is one of the registry", () => {
    const files = (folder: string): string[] =>
      readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
        entry.isDirectory()
          ? files(join(folder, entry.name))
          : /\.tsx?$/.test(entry.name) && !entry.name.includes(".test.")
            ? [join(folder, entry.name)]
            : [],
      );
    const groups = new Set(RULE_IDS.map((id) => id.split("-")[0] ?? ""));
    const named = files(join(__dirname, "..", "..")).flatMap((file) =>
      [...readFileSync(file, "utf8").matchAll(/\b([A-Z]{3,8})-(\d{1,2})\b/g)]
        .filter(([, group]) => groups.has(group ?? ""))
        .map(([id]) => id),
    );
    expect(named.length).toBeGreaterThan(200);
    expect([...new Set(named)].filter((id) => !(id in RULES))).toEqual([]);
  });
});

import { ZONES } from "../anatomy";
import { outOfReach, checkLook, applyPatch, middle } from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import { isUnreached, regionOf } from "./regions";
import { handsAt, makePlan, pacesOf, seat, whatToDrop } from ".";
import { withoutRest } from "./series";

const face = aLook(
  aLayer({
    id: "base",
    zones: [
      "forehead",
      "chin",
      "cheekAppleLeft",
      "cheekAppleRight",
      "neckFront",
      "nape",
      "backOfHead",
    ],
    coats: 2,
  }),
  aLayer({
    id: "shadow",
    role: "shade",
    zones: ["cheekAppleLeft", "cheekAppleRight"],
    paint: product("blue"),
    tool: "roundBrush",
    technique: "pat",
    part: middle(0.5),
    edge: "faded",
  }),
  aLayer({
    id: "line",
    role: "detail",
    zones: ["forehead"],
    paint: product("line"),
    tool: "roundBrush",
    technique: "pat",
  }),
);

describe("whose hands are at the chair", () => {
  it("two artists are never slower, hurried is shorter and comfortable longer, with breaks; waits stay what the air makes them", () => {
    const one = seat(face, aContext());
    expect(seat(face, aContext({ brief: { artists: 2 } })).until).toBeLessThan(one.until);
    const { hurried, usual, comfortable } = pacesOf(face, aContext());
    expect(hurried).toBeLessThan(usual);
    expect(comfortable).toBeGreaterThan(usual);
    expect(seat(face, aContext({ brief: { pace: "hurried" } })).tasks[0]?.wait).toBe(
      one.tasks[0]?.wait,
    );
  });
  it("who paints themselves needs somebody for the back of the head, or is told to leave it out (TIME-3)", () => {
    const alone = aContext({ brief: { self: true } });
    const finding = checkLook(face, alone).find(({ rule }) => rule === "TIME-3");
    expect(finding?.where.zones.every(outOfReach)).toBe(true);
    if (!finding?.fix) throw new Error("it has a fix");
    const without = applyPatch(face, finding.fix);
    expect(checkLook(without, alone).some(({ rule }) => rule === "TIME-3")).toBe(false);
    const helped = aContext({ brief: { self: true, helper: true } });
    expect(checkLook(face, helped).some(({ rule }) => rule === "TIME-3")).toBe(false);
    expect(handsAt(helped.brief).map(({ reaches }) => reaches)).toEqual(["front", "back"]);
    const { placed, tasks } = seat(face, helped);
    for (const { id, hand } of placed)
      expect(hand === 1).toBe(isUnreached(tasks.find((task) => task.id === id)?.region ?? "eyes"));
  });
  it("what one can't reach is the same by zone and by region", () => {
    for (const { id } of ZONES) expect(isUnreached(regionOf(id))).toBe(outOfReach(id));
  });
  it("a pin holds a step back, and the plan says so", () => {
    const task = seat(face, aContext()).tasks.find(({ layerId }) => layerId === "line")?.id ?? "";
    const plan = makePlan(
      face,
      aContext({
        brief: {
          pins: [
            { task, minute: 90 },
            { task: "nobody", minute: 5 },
          ],
        },
      }),
    );
    expect(plan.bars.find(({ id }) => id === task)).toMatchObject({ start: 90, pinned: true });
    expect(plan.chairMinutes).toBeGreaterThan(90);
  });
  it("measured minutes of a layer go before the mean of the painter", () => {
    const context = { ...aContext(), speed: { factor: 2, layers: { line: 3 } } };
    const sum = (of: ReturnType<typeof seat>, layer: string) =>
      of.tasks
        .filter(({ layerId }) => layerId === layer)
        .reduce((total, { handsOn }) => total + handsOn, 0);
    const house = seat(face, aContext());
    expect(sum(seat(face, context), "base")).toBeCloseTo(2 * sum(house, "base"), 6);
    expect(sum(seat(face, context), "line")).toBeCloseTo(3 * sum(house, "line"), 6);
  });
});

describe("what to drop when it runs late", () => {
  const context = aContext();
  const { tasks } = seat(face, context);
  it("offers what the look loses least by a minute saved, never what protects or holds, nor what is begun", () => {
    const cuts = whatToDrop(face, context, { done: [], now: 0, tasks });
    expect(cuts.length).toBeGreaterThan(1);
    const worth = cuts.map(({ loss, saves }) => loss / saves);
    expect(worth).toEqual([...worth].sort((a, b) => a - b));
    for (const { patch, saves, loss } of cuts) {
      expect(saves).toBeGreaterThan(0);
      expect(loss).toBeGreaterThanOrEqual(0);
      const shorter = seat(applyPatch(face, patch), context);
      expect(seat(face, context).until - shorter.until).toBeCloseTo(saves, 6);
    }
    expect(cuts.some(({ patch }) => patch.op === "removeLayer" && patch.id === "base")).toBe(false);
    const begun = tasks
      .filter(({ layerId }) => layerId === "shadow")
      .map(({ id }, i) => ({ id, start: i, end: i + 1 }));
    expect(
      whatToDrop(face, context, { done: begun, now: 10, tasks }).some(
        ({ patch }) => patch.op === "removeLayer" && patch.id === "shadow",
      ),
    ).toBe(false);
  });
  it("counts what was left out before: it is offered no more, and saves nothing twice", () => {
    const [gone] = whatToDrop(face, context, { done: [], now: 0, tasks }).flatMap(({ patch }) =>
      patch.op === "removeLayer" ? [patch.id] : [],
    );
    if (!gone) throw new Error("a layer can go here");
    const without = new Set(tasks.filter(({ layerId }) => layerId === gone).map(({ id }) => id));
    const again = whatToDrop(face, context, { done: [], now: 0, tasks, without });
    expect(again.length).toBeGreaterThan(0);
    expect(again.some(({ patch }) => patch.op === "removeLayer" && patch.id === gone)).toBe(false);
    const rest = seat(face, context, { without }).until;
    for (const { patch, saves } of again)
      expect(rest - seat(applyPatch(face, patch), context, { without }).until).toBeCloseTo(
        saves,
        6,
      );
  });
  it("says that nobody sees a line too fine for the last seat", () => {
    const far = aContext({ brief: { farthestM: 40 } });
    const fine = aLook(
      ...face.layers.slice(0, 1),
      aLayer({
        id: "crack",
        role: "detail",
        zones: ["forehead"],
        paint: product("line"),
        tool: "linerBrush",
        technique: "draw",
        marks: [],
      }),
      aLayer({
        id: "spots",
        role: "detail",
        zones: ["forehead"],
        paint: product("line"),
        tool: "roundBrush",
        technique: "pat",
      }),
    );
    expect(
      whatToDrop(fine, far, { done: [], now: 0, tasks: seat(fine, far).tasks }).every(
        ({ lossWords }) => /colour difference/.test(lossWords),
      ),
    ).toBe(true);
  });
});

describe("a series", () => {
  it("asks for a rest day after three days running, of each person by themselves, over the end of a month (TIME-5)", () => {
    const on = (personId: string, ...days: string[]) =>
      days.map((day) => ({ personId, name: personId.toUpperCase(), on: day }));
    expect(
      withoutRest([
        ...on("a", "2026-06-29", "2026-06-30", "2026-07-01", "2026-07-03"),
        ...on("b", "2026-06-29", "2026-07-01", "2026-07-02"),
      ]),
    ).toEqual([{ name: "A", from: "2026-06-29", days: 3 }]);
    expect(withoutRest([...on("a", "2026-06-29", "2026-06-29")])).toEqual([]);
  });
});

import fc from "fast-check";
import { groupMoved, startsGroup } from "./groups";

const stack = (groups: string) =>
  Array.from(groups, (group, i) => ({
    id: `${group}${i}`,
    group: group === "-" ? "" : group,
    locked: false,
  }));
const ids = (groups: string) => stack(groups).map(({ id }) => id);

describe("a group that is moved", () => {
  it("goes as a whole before what it is dropped on when it goes up, behind it when it goes down", () => {
    expect(groupMoved(stack("--aab"), "a2", "-0")).toEqual(["a2", "a3", "-0", "-1", "b4"]);
    expect(groupMoved(stack("aa--b"), "a0", "-2")).toEqual(["-2", "a0", "a1", "-3", "b4"]);
  });
  it("never lands within another group", () => {
    expect(groupMoved(stack("aabbb-"), "a0", "b3")).toEqual(["b2", "b3", "b4", "a0", "a1", "-5"]);
    expect(groupMoved(stack("bbb-aa"), "a4", "b1")).toEqual(["a4", "a5", "b0", "b1", "b2", "-3"]);
  });
  it("stays where it is dropped on itself, and where one of its layers is locked", () => {
    expect(groupMoved(stack("aab"), "a0", "a1")).toBeNull();
    const locked = stack("aab").map((layer, i) => ({ ...layer, locked: i === 1 }));
    expect(groupMoved(locked, "a0", "b2")).toBe("locked");
  });
  it("loses no layer, keeps its own order, and leaves each heading its own run", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("a", "a", "b", "b", "c", "-"), { minLength: 2, maxLength: 12 }),
        fc.nat(),
        fc.nat(),
        (groups, i, j) => {
          const layers = stack(groups.join(""));
          const heads = layers.filter((_, at) => startsGroup(layers, at));
          const first = heads[i % Math.max(1, heads.length)];
          const onto = layers[j % layers.length];
          if (!first || !onto) return;
          const order = groupMoved(layers, first.id, onto.id);
          if (order === null || order === "locked") return;
          expect([...order].sort()).toEqual(ids(groups.join("")).sort());
          const after = order.map((id) => layers.find((layer) => layer.id === id) ?? onto);
          const runs = (list: typeof layers) =>
            list.filter((_, at) => startsGroup(list, at)).length;
          expect(runs(after)).toBeLessThanOrEqual(runs(layers));
        },
      ),
    );
  });
});

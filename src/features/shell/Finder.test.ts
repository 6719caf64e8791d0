import type { Place } from "@/server/find";
import { matching } from "./Finder";

const place = (name: string, kind: Place["kind"] = "look"): Place => ({
  name,
  kind,
  href: `/${kind}/${name}`,
});
const PLACES = [
  place("First Frost"),
  place("First Frost, Nomi Tarrow, reservoir", "job"),
  place("Frost blue", "product"),
  place("The last frost"),
  place("SAFE-2: Patch test", "rule"),
];
const names = (typed: string) => matching(PLACES, typed).map(({ name }) => name);

describe("finding anything", () => {
  it("needs all words, in any order, and puts what begins so first", () => {
    expect(names("frost")).toEqual([
      "Frost blue",
      "First Frost",
      "First Frost, Nomi Tarrow, reservoir",
      "The last frost",
    ]);
    expect(names("nomi first")).toEqual(["First Frost, Nomi Tarrow, reservoir"]);
    expect(names("frost product")).toEqual(["Frost blue"]);
    expect(names("safe-2")).toEqual(["SAFE-2: Patch test"]);
    expect(names("snow")).toEqual([]);
  });
  it("shows nothing before a letter, and never more than one reads", () => {
    expect(names("  ")).toEqual([]);
    const many = Array.from({ length: 500 }, (_, i) => place(`Look ${i}`));
    expect(matching(many, "look")).toHaveLength(60);
  });
});

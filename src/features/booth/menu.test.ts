import type { MenuLine } from "@/server/booth";
import { menuOf, minutesToday, notForThem, paintFor } from "./menu";

const line = (id: string, more: Partial<MenuLine> = {}): MenuLine => ({
  id,
  name: id,
  minutes: 3,
  colours: [],
  takes: [{ id: "red", name: "Red", amount: 0.5, left: 3, allergens: ["carmine"] }],
  stops: [],
  off: [],
  mark: "",
  ...more,
});

describe("the menu of a booth", () => {
  const lines = [
    line("heart"),
    line("tiger", { minutes: 40 }),
    line("spangle", { stops: ["craft glitter"] }),
  ];

  it("has what is quick until somebody chooses, and never what a rule stops", () => {
    expect(menuOf(lines, { menu: null }).map(({ id }) => id)).toEqual(["heart"]);
    expect(menuOf(lines, { menu: ["tiger", "spangle"] }).map(({ id }) => id)).toEqual(["tiger"]);
  });

  it("goes by the minutes that turns really took, without their turnover", () => {
    const turns = [
      { id: "heart", minutes: 6.5 },
      { id: "heart", minutes: 8.5 },
      { id: "heart", minutes: null },
      { id: "tiger", minutes: 60 },
    ];
    // The plan's 3, then 5 and 7.
    expect(minutesToday(line("heart"), { turns }, 1.5)).toBeCloseTo(5, 9);
    expect(minutesToday(line("heart"), { turns: [] }, 1.5)).toBe(3);
  });

  it("counts paint down with every turn of whatever takes it", () => {
    expect(paintFor(line("heart"), lines, { turns: [] })).toEqual({ more: 6, first: "Red" });
    const turns = [
      { id: "tiger", minutes: null },
      { id: "heart", minutes: 4 },
    ];
    expect(paintFor(line("heart"), lines, { turns })).toEqual({ more: 4, first: "Red" });
    expect(paintFor(line("clear", { takes: [] }), lines, { turns })).toEqual({
      more: Infinity,
      first: null,
    });
  });

  it("names what somebody with an allergy must not have", () => {
    expect(notForThem(line("heart"), ["carmine"])).toEqual(["Red"]);
    expect(notForThem(line("heart"), ["latex"])).toEqual([]);
  });
});

import { clock, dayWords, gramsWords, minutesWords, money } from "./format";

describe("words for figures", () => {
  it.each([
    [0.2, "under 1 min"],
    [1, "1 min"],
    [14.4, "14 min"],
    [59.6, "1 h 00"],
    [65, "1 h 05"],
    [125, "2 h 05"],
  ])("%p minutes are %p", (minutes, words) => {
    expect(minutesWords(minutes)).toBe(words);
  });
  it.each([
    [0, "0 g"],
    [0.04, "a trace"],
    [-0.04, "a trace below 0"],
    [0.44, "0.4 g"],
    [9.96, "10.0 g"],
    [12.4, "12 g"],
    [-2, "-2.0 g"],
  ])("%p g are %p", (grams, words) => {
    expect(gramsWords(grams)).toBe(words);
  });
  it("reads clock and day as they were written, whatever the machine's zone", () => {
    expect(clock("2026-11-25T19:30:00+13:00")).toBe("19:30");
    expect(dayWords("2026-11-25T19:30:00-11:00")).toBe("Wed 25 Nov");
    expect(dayWords("2026-03-01")).toBe("Sun 1 Mar");
    expect(money(1050)).toBe("10.50");
  });
});

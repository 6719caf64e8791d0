import { money, dayWords } from "@/core/text/words";
import { amountWords, bytesWords, clock, gramsWords, minutesWords } from "./format";

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
    expect(amountWords(grams, "grams")).toBe(words);
  });
  it("reads clock and day as they were written, whatever the machine's zone", () => {
    expect(clock("2026-11-25T19:30:00+13:00")).toBe("19:30");
    expect(dayWords("2026-11-25T19:30:00-11:00")).toBe("Wed 25 Nov");
    expect(dayWords("2026-03-01")).toBe("Sun 1 Mar");
    expect(money(1050)).toBe("10.50");
  });
});

describe("how large a file is", () => {
  it.each([
    [0, "1 kB"],
    [499, "1 kB"],
    [343_900, "344 kB"],
    [999_999, "1000 kB"],
    [1_000_000, "1 MB"],
    [12_400_000, "12 MB"],
    [999_000_000, "999 MB"],
    [1_250_000_000, "1.3 GB"],
  ])("%p bytes: %s", (bytes, words) => expect(bytesWords(bytes)).toBe(words));
  it("never says nothing of what is there", () => {
    for (const bytes of [1, 10, 100, 1000]) expect(bytesWords(bytes)).not.toMatch(/^0/);
  });
});

describe("what is counted", () => {
  it.each([
    [1, "1 piece"],
    [3, "3 pieces"],
    [0, "0 pieces"],
    [-1, "-1 piece"],
  ])("%s is %s", (amount, words) => expect(amountWords(amount, "pieces")).toBe(words));
});

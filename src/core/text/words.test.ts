import { countRetired, RETIRED, retiredTerms } from "../../../tests/words/retired";

describe("the count of phrases that read translated", () => {
  it("finds each that is planted, as often as it stands there, over line ends and capitals", () => {
    for (const phrase of RETIRED) {
      expect(countRetired(`Before. ${phrase} After.`)).toBeGreaterThanOrEqual(1);
      expect(countRetired(phrase.toUpperCase().replace(/ /g, "\n"))).toBeGreaterThanOrEqual(1);
    }
    const once = countRetired("Take it down");
    expect(countRetired("Take it down. Take it down!")).toBe(2 * once);
    expect(countRetired("Save record")).toBe(0);
  });
  it("finds words that another one stands for, and lets their likes be", () => {
    const found = (text: string) => retiredTerms(text).map((one) => one.split(":")[0]);
    expect(found("Click a zone, then its marks.\nTake out the stack. Leave it.")).toEqual([
      "zone",
      "mark",
      "stack",
      "take out",
      "leave it",
    ]);
    expect(found("ΔE 3 from #a0b1c2, 0.0 g; expected number")).toEqual([
      "dE",
      "hex code",
      "0.0",
      "validator",
    ]);
    expect(
      found("Landmarks; remarkable. Leave it bare; 10.0 and 0.05; the seat is taken out"),
    ).toEqual([]);
  });
});

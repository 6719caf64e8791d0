import fc from "fast-check";
import { isWithin, limitsWords, numberText, readNumber } from "./number";

describe("a number that is typed", () => {
  it.each([
    ["12", 12],
    ["-5", -5],
    ["\u22125", -5],
    ["0,4", 0.4],
    [" .5 ", 0.5],
    ["+3", 3],
    ["7.", 7],
  ])("%s", (text, value) => expect(readNumber(text)).toBe(value));

  it.each(["", "-", "1e3", "0x10", "1 2", "abc", "1.2.3", "Infinity", "NaN"])(
    "%p is none",
    (text) => expect(readNumber(text)).toBeNull(),
  );

  it("is read back as it is written, to three places", () => {
    fc.assert(
      fc.property(fc.double({ min: -9999, max: 9999, noNaN: true }), (value) => {
        expect(readNumber(numberText(value))).toBeCloseTo(value, 2);
      }),
    );
  });

  it("is judged by its limits, and they are told", () => {
    expect(isWithin(0.4, { least: 0, most: 8, whole: true })).toBe(false);
    expect(isWithin(9, { least: 0, most: 8 })).toBe(false);
    expect(isWithin(8, { least: 0, most: 8 })).toBe(true);
    expect(limitsWords({ least: 1, most: 8, whole: true })).toBe(
      "Enter a whole number from 1 to 8.",
    );
    expect(limitsWords({ least: -20, most: 50 }, "°C")).toBe("Enter a number from -20 to 50 °C.");
    expect(limitsWords({ least: 0 }, "g")).toBe("Enter a number of at least 0 g.");
    expect(limitsWords({})).toBe("Enter a number.");
  });
});

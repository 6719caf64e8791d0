import fc from "fast-check";
import { colourWords, hexToLab } from "./index";

describe("colours in plain words", () => {
  // By eye, no published source.
  it.each([
    ["#ffffff", "white"],
    ["#0d0d0d", "black"],
    ["#808080", "grey"],
    ["#b3202c", "dark red"],
    ["#d9772b", "orange"],
    ["#6b442c", "dark brown"],
    ["#e8d13a", "pale yellow"],
    ["#2f8f46", "green"],
    ["#33557f", "dark blue"],
    ["#bcd8ea", "pale greyish blue"],
    ["#7b4b9a", "dark violet"],
    ["#f2a7b5", "light pink"],
  ])("%s is %s", (hex, words) => {
    expect(colourWords(hexToLab(hex))).toBe(words);
  });
  it("has words for every colour, and none of them a code", () => {
    const channel = fc.integer({ min: 0, max: 255 });
    fc.assert(
      fc.property(channel, channel, channel, (r, g, b) => {
        const hex = `#${[r, g, b].map((value) => value.toString(16).padStart(2, "0")).join("")}`;
        return /^[a-z -]+$/.test(colourWords(hexToLab(hex)));
      }),
    );
  });
});

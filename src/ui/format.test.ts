import { bytesWords } from "./format";

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

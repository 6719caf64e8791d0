import fc from "fast-check";
import { plainText, readJson } from "./plainText";

describe("text from outside", () => {
  it("loses controls and half characters, and keeps everything else", () => {
    expect(plainText("a\u0000b\u001bc\u0085d")).toBe("abcd");
    expect(plainText("one\r\ntwo\rthree\tfour")).toBe("one\ntwo\nthree\tfour");
    expect(plainText("\ud83d")).toBe("");
    for (const kept of ["Łukasz Żółć", "Θεοδώρα", "Ольга", "李", "🎭", "O'Neill", "é"])
      expect(plainText(kept)).toBe(kept);
  });

  it("has nothing a pen can't write, whatever came", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary" }), (text) => {
        const plain = plainText(text);
        // eslint-disable-next-line no-control-regex -- none may be left
        expect(plain).not.toMatch(/[\u0000-\u0008\u000b-\u001f\u007f-\u009f]/);
        expect(() => encodeURIComponent(plain)).not.toThrow();
        expect(plainText(plain)).toBe(plain);
      }),
    );
  });

  it("is cleaned wherever it stands in JSON", () => {
    expect(readJson('{"a":["x\\u0007y",{"b":"\\u0000"}],"n":3}')).toEqual({
      a: ["xy", { b: "" }],
      n: 3,
    });
  });
});

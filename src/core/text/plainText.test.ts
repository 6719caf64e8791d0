import { money, oneOrMore, plural, slug } from "./words";
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

describe("words", () => {
  it("say one as one, and any other number as many", () => {
    expect([0, 1, 2].map((n) => plural(n, "coat"))).toEqual(["coats", "coat", "coats"]);
    expect(plural(2, "is", "are")).toBe("are");
    expect([1, 12].map((n) => oneOrMore(n, "look"))).toEqual(["one look", "12 looks"]);
  });
  it("name files by small letters, digits and dashes", () => {
    expect(slug("First Frost: night, 2nd")).toBe("first-frost-night-2nd");
    expect(slug("Ärger")).toMatch(/^[a-z0-9-]+$/);
  });
  it("say money to the minor unit", () => {
    expect([5, 1150, 0].map(money)).toEqual(["¤0.05", "¤11.50", "¤0.00"]);
  });
});

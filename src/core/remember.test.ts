import { remember, rememberBy, rememberPair } from "./remember";

describe("what is remembered", () => {
  it("is worked out once for a value, an answer of nothing included", () => {
    const work = jest.fn((key: { n: number }) => (key.n ? key.n * 2 : null));
    const asked = remember(work);
    const [two, none] = [{ n: 2 }, { n: 0 }];
    expect([asked(two), asked(two), asked(none), asked(none)]).toEqual([4, 4, null, null]);
    expect(work).toHaveBeenCalledTimes(2);
    expect(asked({ n: 2 })).toBe(4);
    expect(work).toHaveBeenCalledTimes(3);
  });
  it("is worked out once for a pair", () => {
    const work = jest.fn((a: { n: number }, b: { n: number }) => a.n - b.n);
    const asked = rememberPair(work);
    const [a, b] = [{ n: 5 }, { n: 3 }];
    expect([asked(a, b), asked(a, b), asked(b, a)]).toEqual([2, 2, -2]);
    expect(work).toHaveBeenCalledTimes(2);
  });
  it("is forgotten in the order it was worked out, beyond so many", () => {
    const work = jest.fn((n: number) => n * n);
    const asked = rememberBy(2, String, work);
    expect([asked(1), asked(2), asked(1), asked(3), asked(2)]).toEqual([1, 4, 1, 9, 4]);
    expect(work).toHaveBeenCalledTimes(3);
    expect(asked(1)).toBe(1);
    expect(work).toHaveBeenCalledTimes(4);
  });
  it("is asked for anew where a promise of it was broken", async () => {
    let isFirst = true;
    const work = jest.fn((n: number) => {
      if (!isFirst) return Promise.resolve(n);
      isFirst = false;
      return Promise.reject(new Error("no"));
    });
    const asked = rememberBy(2, String, work);
    await expect(asked(1)).rejects.toThrow("no");
    await expect(asked(1)).resolves.toBe(1);
    await expect(asked(1)).resolves.toBe(1);
    expect(work).toHaveBeenCalledTimes(2);
  });
});

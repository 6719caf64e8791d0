import { boothWait, designsToOffer, erlangC } from ".";

describe("a booth with a queue", () => {
  it("has Erlang's C by hand: load 1.5 on two servers, 9/14; and of one server the load itself", () => {
    // (1.5^2 / 2) / (1 - 0.75) = 4.5; 4.5 / (1 + 1.5 + 4.5) = 9/14.
    expect(erlangC(2, 1.5)).toBeCloseTo(9 / 14, 12);
    expect(erlangC(1, 0.6)).toBeCloseTo(0.6, 12);
    expect(erlangC(3, 4)).toBe(1);
  });
  it("has the textbook's M/M/1: 2 come and 3 can be served an hour: busy 2/3, waiting 40 minutes (rho / (mu - lambda))", () => {
    expect(boothWait({ arrivalsPerHour: 2, minutesEach: 20, artists: 1 })).toMatchObject({
      busyShare: 2 / 3,
      perHour: 3,
    });
    expect(boothWait({ arrivalsPerHour: 2, minutesEach: 20, artists: 1 }).waitMinutes).toBeCloseTo(
      40,
      9,
    );
  });
  it("says when the queue only grows, and that a second artist helps more than half", () => {
    expect(boothWait({ arrivalsPerHour: 20, minutesEach: 4, artists: 1 }).waitMinutes).toBe(
      Infinity,
    );
    const [one, two] = [1, 2].map(
      (artists) => boothWait({ arrivalsPerHour: 12, minutesEach: 4, artists }).waitMinutes,
    );
    expect(two).toBeLessThan((one ?? 0) / 2);
    expect(boothWait({ arrivalsPerHour: 0, minutesEach: 4, artists: 1 }).waitMinutes).toBe(0);
    expect(() => boothWait({ arrivalsPerHour: 1, minutesEach: 0, artists: 1 })).toThrow(RangeError);
    expect(() => boothWait({ arrivalsPerHour: 1, minutesEach: 1, artists: 0 })).toThrow(RangeError);
  });
  it("offers as many designs as keep the wait, the quickest first", () => {
    const menu = [8, 2, 3, 6, 3, 4];
    const offered = designsToOffer(menu, { arrivalsPerHour: 15, artists: 1 }, 10);
    const mean = (n: number) =>
      [2, 3, 3, 4, 6, 8].slice(0, n).reduce((sum, value) => sum + value, 0) / n;
    expect(
      boothWait({ arrivalsPerHour: 15, minutesEach: mean(offered), artists: 1 }).waitMinutes,
    ).toBeLessThanOrEqual(10);
    expect(
      boothWait({ arrivalsPerHour: 15, minutesEach: mean(offered + 1), artists: 1 }).waitMinutes,
    ).toBeGreaterThan(10);
    expect(designsToOffer(menu, { arrivalsPerHour: 2, artists: 1 }, 10)).toBe(6);
    expect(designsToOffer([30], { arrivalsPerHour: 20, artists: 1 }, 5)).toBe(0);
  });
});

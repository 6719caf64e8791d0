import fc from "fast-check";
import { addDays } from "../days";
import { planSeries, USUAL_RUN, withoutRest } from ".";

const names = (n: number) => Array.from({ length: n }, (_, i) => `look ${i}`);
const from = "2026-11-30";

describe("a look a day", () => {
  it("rests after every so many days, and says what there is no day for", () => {
    const looks = names(5);
    const { days, rests, left } = planSeries({
      ...{ looks, from, running: 2, practise: new Set<string>() },
      until: "2026-12-04",
    });
    expect(days.map(({ on }) => on)).toEqual([
      "2026-11-30",
      "2026-12-01",
      "2026-12-03",
      "2026-12-04",
    ]);
    expect(rests).toEqual(["2026-12-02"]);
    expect(left).toEqual(["look 4"]);
  });
  it("has none where the last day is before the first", () => {
    const asked = { looks: names(2), from, until: "2026-11-29", running: 2 };
    expect(planSeries({ ...asked, practise: new Set() })).toEqual({
      days: [],
      practice: [],
      rests: [],
      left: names(2),
    });
  });
  it("has a day to practise before what is hard, and skin rests on it", () => {
    const practise = new Set(["look 2"]);
    const asked = { looks: names(4), from, until: null, running: 2, practise };
    const { days, practice, rests } = planSeries(asked);
    expect(practice).toEqual([{ on: "2026-12-02", lookId: "look 2" }]);
    expect(days.map(({ on }) => on.slice(8))).toEqual(["30", "01", "03", "04"]);
    expect(rests).toEqual([]);
    // No day to practise is left over for a look there is no day for.
    expect(planSeries({ ...asked, until: "2026-12-02" }).practice).toEqual([]);
  });
  it("is painted whole and in order, within its days, and at the usual run no rest is overdue", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 14 }),
        fc.option(fc.integer({ min: -1, max: 60 }), { nil: null }),
        fc.array(fc.nat(39), { maxLength: 10 }),
        (n, running, span, hard) => {
          const until = span === null ? null : addDays(from, span);
          const looks = names(n);
          const practise = new Set(hard.map((i) => `look ${i}`));
          const planned = planSeries({ looks, from, until, running, practise });
          const { days, practice, left } = planned;
          const rests = [...planned.rests, ...practice.map(({ on }) => on)];
          expect(practice.map(({ lookId }) => lookId)).toEqual(
            days.map(({ lookId }) => lookId).filter((id) => practise.has(id)),
          );
          expect([...days.map(({ lookId }) => lookId), ...left]).toEqual(looks);
          const dates = days.map(({ on }) => on);
          expect([...dates, ...rests].sort()).toEqual(
            [...dates, ...rests].map((_, i) => addDays(from, i)),
          );
          if (until !== null) for (const on of dates) expect(on <= until).toBe(true);
          const runs = withoutRest(dates.map((on) => ({ personId: "a", name: "A", on })));
          if (running <= USUAL_RUN) expect(runs).toEqual([]);
          expect(Math.max(0, ...runs.map((run) => run.days))).toBeLessThanOrEqual(running);
        },
      ),
    );
  });
});

import fc from "fast-check";
import { addDays, addMonths, minutesBetween } from "./days";

const day = fc
  .date({ min: new Date("1990-01-01"), max: new Date("2090-01-01"), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

describe("days", () => {
  it("go over the ends of months, years and summer time", () => {
    expect(addDays("2027-02-28", 1)).toBe("2027-03-01");
    expect(addDays("2028-02-28", 1)).toBe("2028-02-29");
    expect(addDays("2026-12-31T23:30:00+05:00", 1)).toBe("2027-01-01");
    expect(addDays("2027-03-28", 1)).toBe("2027-03-29");
    expect(addDays("2027-01-01", -1)).toBe("2026-12-31");
  });
  it("there and back is the same day, and agree with days counted from 1970", () => {
    fc.assert(
      fc.property(day, fc.integer({ min: -4000, max: 4000 }), (from, days) => {
        const to = addDays(from, days);
        expect(addDays(to, -days)).toBe(from);
        expect((Date.parse(to) - Date.parse(from)) / 86_400_000).toBe(days);
      }),
    );
  });
  it("months end on their last day where they are shorter", () => {
    expect(addMonths("2027-01-31", 1)).toBe("2027-02-28");
    expect(addMonths("2027-03-31", -1)).toBe("2027-02-28");
    expect(addMonths("2026-12-15", 24)).toBe("2028-12-15");
  });
  it("minutes are told across offsets, with their fraction", () => {
    expect(minutesBetween("2026-12-01T19:30:00+01:00", "2026-12-01T19:00:00Z")).toBe(30);
    expect(minutesBetween("2026-12-01T19:30:00Z", "2026-12-01T19:29:30Z")).toBe(-0.5);
  });
});

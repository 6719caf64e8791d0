import { aContext, aLayer, aLook, product } from "../testing";
import { planCall, type Artist, type CallJob } from ".";

const crew = (count: number, late = 0): Artist[] =>
  Array.from({ length: count }, (_, i) => ({
    name: `artist ${i + 1}`,
    skills: null,
    lateMinutes: i ? 0 : late,
  }));

const face = aLook(
  aLayer({
    id: "base",
    zones: ["forehead", "chin", "cheekAppleLeft", "cheekAppleRight", "neckFront"],
    coats: 3,
  }),
  aLayer({
    id: "line",
    role: "detail",
    zones: ["forehead"],
    paint: product("line"),
    tool: "roundBrush",
    technique: "pat",
  }),
);
const job = (id: string, curtainAt: string | null, more: object = {}): CallJob => ({
  id,
  look: face,
  context: aContext({
    brief: { curtainAt, travelMinutes: 20, costumeMinutes: 15, bufferMinutes: 10, ...more },
  }),
});
const EVENING = "2026-06-01T20:00:00+02:00";

describe("planCall", () => {
  it("begins as late as every performer is still in time, on the curtain's own clock", () => {
    const plan = planCall([job("a", EVENING), job("b", "2026-06-01T20:30:00+02:00")], {
      artists: crew(1),
      chairs: 1,
    });
    expect(plan.performers.map(({ late }) => late)).toEqual([0, 0]);
    for (const { neededBy, jobId } of plan.performers)
      expect(neededBy).toBe(
        jobId === "a" ? "2026-06-01T19:15:00+02:00" : "2026-06-01T19:45:00+02:00",
      );
    // One of them is painted just when needed: a minute later would be too late.
    expect(plan.performers.some(({ paintedAt, neededBy }) => paintedAt === neededBy)).toBe(true);
    expect(plan.startAt?.endsWith("+02:00")).toBe(true);
  });
  it("is shorter with a second artist and chair, and never shorter than its bound", () => {
    const jobs = ["a", "b", "c"].map((id) => job(id, EVENING));
    const [one, two] = [
      planCall(jobs, { artists: crew(1), chairs: 1 }),
      planCall(jobs, { artists: crew(2), chairs: 2 }),
    ];
    expect(two.makespan).toBeLessThan(one.makespan);
    for (const { makespan, lowerBound } of [one, two])
      expect(makespan).toBeGreaterThanOrEqual(lowerBound - 1e-9);
    expect(new Set(two.placed.map(({ artist }) => artist)).size).toBe(2);
  });
  it("re-plans around an artist who is late: nothing of theirs before they are there, and who is too late is said", () => {
    const jobs = ["a", "b"].map((id) => job(id, EVENING));
    const usual = planCall(jobs, { artists: crew(2), chairs: 2 });
    const late = planCall(jobs, { artists: crew(2, 30), chairs: 2, startAt: usual.startAt });
    expect(
      Math.min(...late.placed.filter(({ artist }) => artist === 0).map(({ start }) => start), 999),
    ).toBeGreaterThanOrEqual(30);
    expect(late.makespan).toBeGreaterThanOrEqual(usual.makespan);
    for (const { late: by, paintedAt, neededBy } of late.performers)
      expect(by > 0).toBe(Date.parse(paintedAt ?? "") > Date.parse(neededBy ?? ""));
    expect(late.performers.some(({ late: by }) => by > 0)).toBe(true);
  });
  it("paints first who is needed first, and says what nobody there can do", () => {
    const plan = planCall([job("late", "2026-06-01T21:30:00+02:00"), job("early", EVENING)], {
      artists: crew(1),
      chairs: 1,
    });
    expect(plan.performers.map(({ jobId }) => jobId)).toEqual(["early", "late"]);
    expect(plan.performers.every(({ late }) => late === 0)).toBe(true);
    const sprayed = {
      ...job("a", EVENING),
      look: aLook(aLayer({ id: "base", tool: "airbrush", technique: "spray" })),
    };
    const unable = planCall([sprayed], {
      artists: [{ name: "A", skills: ["pieces"], lateMinutes: 0 }],
      chairs: 1,
    });
    expect(unable.conflicts).toEqual([
      expect.stringContaining("Nobody at this call does airbrush"),
    ]);
    expect(unable.performers).toHaveLength(1);
    const able = planCall([sprayed], {
      artists: [
        { name: "A", skills: ["pieces"], lateMinutes: 0 },
        { name: "B", skills: ["airbrush"], lateMinutes: 0 },
      ],
      chairs: 1,
    });
    expect(able.conflicts).toEqual([]);
    expect(able.performers[0]?.artists).toEqual([1]);
  });
  it("says when one person is called for two looks of a day", () => {
    const jobs = [job("a", EVENING), job("b", "2026-06-01T22:00:00+02:00")];
    expect(planCall(jobs, { artists: crew(1), chairs: 1 }).conflicts).toEqual([
      expect.stringContaining("is called twice this day"),
    ]);
    const apart = jobs.map((entry, i) => ({
      ...entry,
      context: { ...entry.context, person: { ...entry.context.person, id: `p${i}` } },
    }));
    expect(planCall(apart, { artists: crew(1), chairs: 1 }).conflicts).toEqual([]);
  });
  it("works without a curtain, and leaves out a look that has nothing to paint", () => {
    const plan = planCall([job("a", null), { ...job("b", EVENING), look: aLook() }], {
      artists: crew(1),
      chairs: 1,
    });
    expect(plan.startAt).toBeNull();
    expect(plan.performers.map(({ jobId, sitsAt, late }) => [jobId, sitsAt, late])).toEqual([
      ["a", null, 0],
    ]);
  });
  it("goes over midnight and over the night the clocks change, in real minutes", () => {
    // Clocks go back at 3:00 on 25 October 2026 in central Europe: a curtain at 00:30 the night before, and one after the change, with their offsets.
    const midnight = planCall([job("a", "2026-10-25T00:30:00+02:00")], {
      artists: crew(1),
      chairs: 1,
    });
    expect(midnight.performers[0]?.neededBy).toBe("2026-10-24T23:45:00+02:00");
    expect(midnight.startAt?.slice(0, 10)).toBe("2026-10-24");
    const changed = planCall([job("a", "2026-10-25T03:00:00+01:00", { travelMinutes: 90 })], {
      artists: crew(1),
      chairs: 1,
    });
    expect(changed.performers[0]?.neededBy).toBe("2026-10-25T01:05:00+01:00");
    const twoZones = planCall(
      [job("a", "2026-06-01T20:00:00+02:00"), job("b", "2026-06-01T20:00:00+01:00")],
      { artists: crew(2), chairs: 2 },
    );
    const [a, b] = ["a", "b"].map(
      (id) => twoZones.performers.find(({ jobId }) => jobId === id)?.neededBy ?? "",
    );
    expect(Date.parse(b ?? "") - Date.parse(a ?? "")).toBe(3_600_000);
    expect(twoZones.performers.every(({ late }) => late === 0)).toBe(true);
  });
});

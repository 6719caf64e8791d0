import { ZONES } from "../anatomy";
import { aContext, aLayer, aLook, product } from "../testing";
import { newMark } from "../shapes";
import { planCall, removalOf, type Artist, type CallJob } from ".";

const crew = (count: number, late = 0): Artist[] =>
  Array.from({ length: count }, (_, i) => ({
    name: `artist ${i + 1}`,
    skills: null,
    lateMinutes: i ? 0 : late,
  }));

const FACE = ZONES.filter(({ group }) => group === "face").map(({ id }) => id);
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
const job = (
  id: string,
  curtainAt: string | null,
  more: object = {},
  personId: string = id,
): CallJob => ({
  id,
  look: face,
  context: aContext({
    person: { id: personId },
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
  it("paints one person a second time only when the first look is off again: worn, and taken off", () => {
    const hours = { hoursWorn: 2 };
    const [first, second] = [
      job("matinee", "2026-06-01T14:00:00+02:00", hours, "wearer"),
      job("evening", "2026-06-01T20:30:00+02:00", hours, "wearer"),
    ];
    const plan = planCall([second, first, job("other", EVENING)], {
      artists: crew(2),
      chairs: 2,
    });
    const at = (id: string) => plan.performers.find(({ jobId }) => jobId === id);
    const off =
      Date.parse("2026-06-01T16:00:00+02:00") +
      removalOf(first.look, first.context).minutes * 60_000;
    expect(Date.parse(at("evening")?.sitsAt ?? "")).toBeGreaterThanOrEqual(off - 60_000);
    expect(plan.performers.every(({ late }) => late === 0)).toBe(true);
    // Nobody is painted at noon for the evening.
    for (const { jobId, paintedAt, neededBy } of plan.performers)
      if (jobId !== "matinee")
        expect(Date.parse(neededBy ?? "") - Date.parse(paintedAt ?? "")).toBeLessThan(3_600_000);
    // Painted hours too early by a fixed beginning: they still wear it until the matinee is over.
    const early = planCall([second, first], {
      artists: crew(1),
      chairs: 1,
      startAt: "2026-06-01T09:00:00+02:00",
    });
    const again = early.performers.find(({ jobId }) => jobId === "evening");
    expect(Date.parse(again?.sitsAt ?? "")).toBeGreaterThanOrEqual(off - 60_000);
    // Two shows too close for that: said as late, by the minutes it takes.
    const close = planCall([first, job("again", "2026-06-01T16:30:00+02:00", hours, "wearer")], {
      artists: crew(1),
      chairs: 1,
      startAt: plan.startAt,
    });
    expect(close.performers.find(({ jobId }) => jobId === "again")?.late).toBeGreaterThan(10);
  });
  it("who paints themselves needs no artist and no chair, and is ready when needed", () => {
    const plan = planCall([job("a", EVENING), job("own", EVENING, { self: true })], {
      artists: crew(1),
      chairs: 1,
    });
    const own = plan.performers.find(({ jobId }) => jobId === "own");
    expect(own).toMatchObject({ chair: -1, late: 0 });
    expect(plan.hands).toEqual(["artist 1", "Tester"]);
    expect(
      plan.placed.filter(({ artist }) => artist === 1).map(({ performer }) => performer),
    ).toEqual(expect.arrayContaining(["own"]));
  });
  it("a second chair is used only where it wins, and an artist stays with a face", () => {
    const jobs = ["a", "b", "c", "d"].map((id) => job(id, EVENING));
    const plan = planCall(jobs, { artists: crew(1), chairs: 4 });
    expect(new Set(plan.placed.map(({ chair }) => chair)).size).toBe(1);
    const faces = plan.placed.map(({ performer }) => performer);
    expect(faces.filter((face, i) => face !== faces[i - 1])).toHaveLength(4);
  });
  it("twelve performers, three artists, four chairs: no artist changes face more than twice a face, and the end is near the bound", () => {
    const ratios = Array.from({ length: 12 }, (_, seed) => {
      const jobs = Array.from({ length: 12 }, (__, i) => {
        const coats = 1 + ((i * 7 + seed) % 3);
        const zones = [...FACE.slice(0, 6 + ((i * 5 + seed) % 12)), "neckFront" as const];
        return {
          ...job(`job${i}`, EVENING, { airDegC: 18 + (seed % 4) * 4, rh: 40 + seed * 4 }),
          look: aLook(
            aLayer({ id: "base", zones, coats }),
            aLayer({
              id: "line",
              role: "detail",
              zones: ["forehead"],
              paint: product("line"),
              tool: "roundBrush",
              technique: "pat",
              coats,
            }),
          ),
        };
      });
      const plan = planCall(jobs, { artists: crew(3), chairs: 4 });
      for (const artist of [0, 1, 2]) {
        const faces = plan.placed
          .filter((entry) => entry.artist === artist)
          .map(({ performer }) => performer);
        const changes = faces.filter((face, n) => n > 0 && face !== faces[n - 1]).length;
        expect(changes).toBeLessThanOrEqual(2 * new Set(faces).size);
      }
      expect(plan.performers.every(({ late }) => late === 0)).toBe(true);
      return plan.makespan / plan.lowerBound;
    }).sort((a, b) => a - b);
    // The bound knows nothing of the minutes it takes to go on to another face.
    expect(ratios[6]).toBeLessThan(1.45);
    expect(ratios[0]).toBeGreaterThanOrEqual(1 - 1e-9);
  });
  it("names who hands over to whom, and when", () => {
    const sprayed = {
      ...job("a", EVENING),
      look: aLook(
        aLayer({ id: "base", coats: 2, tool: "airbrush", technique: "spray" }),
        aLayer({
          id: "letters",
          role: "detail",
          paint: product("line"),
          tool: "roundBrush",
          technique: "draw",
          marks: [newMark("lettering", { x: 0, y: 30 }, 1)],
        }),
      ),
    };
    const [performer] = planCall([sprayed], {
      artists: [
        { name: "A", skills: ["airbrush"], lateMinutes: 0 },
        { name: "B", skills: ["lines"], lateMinutes: 0 },
      ],
      chairs: 1,
    }).performers;
    expect(performer?.handovers).toEqual([expect.objectContaining({ from: 0, to: 1 })]);
    expect(performer?.handovers[0]?.minute).toBeGreaterThan(10);
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

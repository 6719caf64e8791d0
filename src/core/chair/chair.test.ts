import fc from "fast-check";
import { aContext, aLayer, aLook, product } from "../testing";
import { seat } from "../plan";
import {
  chairSteps,
  ChairEventSchema,
  isDone,
  lastSitting,
  meanwhile,
  nextSeq,
  nextStep,
  progressOf,
  readLog,
  readyFrom,
  stepsSeen,
  type ChairEvent,
} from ".";

const look = aLook(
  aLayer({
    id: "base",
    zones: ["forehead", "chin", "cheekAppleLeft", "cheekAppleRight"],
    coats: 2,
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
const context = aContext({
  brief: {
    curtainAt: "2026-06-01T20:00:00+02:00",
    travelMinutes: 20,
    costumeMinutes: 15,
    bufferMinutes: 10,
    airDegC: 32,
    rh: 88,
  },
});
const plan = seat(look, context);
const steps = chairSteps(look, context, plan);
const BEGIN = Date.parse("2026-06-01T18:00:00+02:00");
const SESSION = "6f9619ff-8b86-4d01-b42d-00cf4fc964ff";
let count = 0;
const event = (minute: number, values: Partial<ChairEvent>): ChairEvent =>
  ChairEventSchema.parse({
    id: `00000000-0000-4000-8000-${String(++count).padStart(12, "0")}`,
    session: SESSION,
    at: new Date(BEGIN + minute * 60_000).toISOString(),
    kind: "done",
    ...values,
  });
const begin = event(0, { kind: "begin" });
const done = (minute: number, at: number) =>
  event(minute, { tasks: [...(steps[at]?.tasks ?? [])] });

describe("the steps of a chair", () => {
  it("are the schedule, once through: every task in one step, in order, none before what it lies on", () => {
    expect(steps.flatMap(({ tasks }) => tasks).sort()).toEqual(
      plan.tasks.map(({ id }) => id).sort(),
    );
    for (const step of steps)
      for (const under of step.waitsFor?.tasks ?? [])
        expect(steps.findIndex(({ tasks }) => tasks.includes(under))).toBeLessThan(
          steps.indexOf(step),
        );
    expect(steps.reduce((sum, { handsOn }) => sum + handsOn, 0)).toBeCloseTo(plan.handsOn, 6);
  });
  it("say how a coat is seen to be ready: a clock for water, the eye for latex, powder for cream (ORDER-6)", () => {
    const ready = (under: string, key: string) =>
      chairSteps(
        ...([
          aLook(
            aLayer({ id: "a", paint: product(under), coats: 1 }),
            aLayer({ id: "b", role: "detail", paint: product(key), coats: 1 }),
          ),
          aContext(),
        ] as const),
      ).find(({ layerId }) => layerId === "b")?.waitsFor?.ready;
    expect(ready("grey", "line")).toBe("timer");
    expect(ready("adhesive", "line")).toBe("clear");
  });
});

describe("open adhesive", () => {
  it("is waited for by what would soil it, though it lies elsewhere; what follows that waits no more", () => {
    const near = aLook(
      aLayer({
        id: "glue",
        role: "attach",
        zones: ["noseTip"],
        paint: product("adhesive"),
        tool: "flatBrush",
        technique: "stroke",
        coats: 1,
      }),
      aLayer({ id: "grease", zones: ["chin"], paint: product("cream"), coats: 1 }),
      aLayer({ id: "more", zones: ["forehead"], paint: product("cream"), coats: 1 }),
    );
    const [glue, grease, more] = chairSteps(near, aContext());
    expect(grease?.waitsFor).toEqual({ tasks: glue?.tasks, ready: "clear", isBeside: true });
    const log = [begin, event(3, { tasks: [...(glue?.tasks ?? [])] })];
    const all = chairSteps(near, aContext());
    const state = readLog(all, log);
    if (!grease) throw new Error("there is grease");
    expect(readyFrom(grease, all, state)).toBeCloseTo(3 + (glue?.rest ?? 0), 6);
    expect(meanwhile(grease, all, state, 3)).toBeNull();
    expect(more?.waitsFor).toBeNull();
  });
});

describe("coats", () => {
  it("are one step where they dry faster than another thing is worth taking up", () => {
    const quick = chairSteps(look, aContext());
    expect(quick.map(({ layerId, coat, lastCoat }) => [layerId, coat, lastCoat])).toEqual([
      ["base", 1, 2],
      ["line", 1, 1],
    ]);
    expect(quick[0]?.between).toBeGreaterThan(0.5);
    expect(steps.filter(({ layerId }) => layerId === "base")).toHaveLength(2);
  });
});

describe("the log", () => {
  it("times hands apart from pauses and from waiting for a coat (by hand)", () => {
    const state = readLog(steps, [
      begin,
      event(2, { kind: "pause", text: "phone" }),
      event(5, { kind: "resume" }),
      done(8, 0),
    ]);
    expect(state.done).toEqual([expect.objectContaining({ from: 0, to: 8, handsOn: 5 })]);
    expect(state.interruptions).toEqual([{ minutes: 3, why: "phone" }]);
    const waits = steps.findIndex((step) =>
      (step.waitsFor?.tasks ?? []).some((id) => steps[0]?.tasks.includes(id)),
    );
    const log = [begin, ...steps.slice(0, waits).map((_, i) => done(10 + i, i))];
    const rested = readyFrom(steps[waits] as (typeof steps)[number], steps, readLog(steps, log));
    const after = readLog(steps, [...log, done(rested + 3, waits)]);
    expect(after.done.at(-1)?.handsOn).toBeCloseTo(
      Math.min(3, rested + 3 - Math.max(rested, 10 + waits - 1)),
      3,
    );
  });
  it("takes a done step back, and the step is next again", () => {
    const log = [begin, done(5, 0), done(9, 1)];
    expect(nextStep(steps, readLog(steps, log))).toBe(steps[2]);
    expect(nextStep(steps, readLog(steps, [...log, event(10, { kind: "back" })]))).toBe(steps[1]);
  });
  it("reads the same whatever comes twice, and in whatever order it arrives", () => {
    const log = [
      begin,
      done(5, 0),
      event(6, { kind: "pause" }),
      event(7, { kind: "resume" }),
      event(7.5, { kind: "note", text: "dry" }),
      done(9, 1),
      event(9.5, { kind: "back" }),
      done(11, 1),
    ];
    const whole = readLog(steps, log);
    fc.assert(
      fc.property(
        fc.shuffledSubarray(log, { minLength: log.length }),
        fc.subarray(log),
        (shuffled, again) => expect(readLog(steps, [...shuffled, ...again])).toEqual(whole),
      ),
    );
  });
  it("goes by the places of its events: a clock set back, or one that ran ahead, hides no sitting", () => {
    const [early, late] = [SESSION, "7f9619ff-8b86-4d01-b42d-00cf4fc964ff"];
    const sitting = (session: string, seq: number, minute: number) => [
      event(minute, { kind: "begin", session, seq }),
      event(minute + 5, { session, seq: seq + 1, tasks: [...(steps[0]?.tasks ?? [])] }),
    ];
    const minutes = fc.integer({ min: -600_000, max: 600_000 });
    fc.assert(
      fc.property(minutes, minutes, (first, second) => {
        const log = [...sitting(late, 3, second), ...sitting(early, 1, first)];
        expect(lastSitting(log).map(({ session, seq }) => [session, seq])).toEqual([
          [late, 3],
          [late, 4],
        ]);
        expect(nextSeq(log)).toBe(5);
      }),
    );
    // Without places, as they were written once, the moments tell; time never runs back within a sitting.
    expect(
      lastSitting([...sitting(early, 0, 0), event(9, { kind: "begin", session: late })])[0],
    ).toMatchObject({ session: late });
    const back = readLog(steps, [
      event(0, { kind: "begin", seq: 1 }),
      event(8, { seq: 2, tasks: [...(steps[0]?.tasks ?? [])] }),
      event(-50, { seq: 3, tasks: [...(steps[1]?.tasks ?? [])] }),
    ]);
    expect(back.done.map(({ from, to }) => [from, to])).toEqual([
      [0, 8],
      [8, 8],
    ]);
  });
  it("leaves out what makes no sense: nothing before the beginning, no step twice, no end of a pause that never was", () => {
    expect(readLog(steps, [done(3, 0)]).done).toEqual([]);
    expect(
      readLog(steps, [begin, done(3, 0), done(4, 0), event(5, { kind: "resume" })]).done,
    ).toHaveLength(1);
  });
  it("offers something to do meanwhile that is ready and skips nothing under it", () => {
    fc.assert(
      fc.property(fc.nat(steps.length - 1), fc.integer({ min: 0, max: 90 }), (upTo, minute) => {
        const state = readLog(steps, [
          begin,
          ...steps.slice(0, upTo).map((_, i) => done((minute * (i + 1)) / Math.max(1, upTo), i)),
        ]);
        const next = nextStep(steps, state);
        const other = next && meanwhile(next, steps, state, minute);
        if (!other) return;
        expect(other).not.toBe(next);
        expect(readyFrom(other, steps, state)).toBeLessThanOrEqual(minute);
        for (const before of steps.slice(0, steps.indexOf(other)))
          if (!isDone(before, state))
            expect(before.regions.some((region) => other.regions.includes(region))).toBe(false);
      }),
    );
  });
});

describe("running late", () => {
  it("says how far behind, what of the buffer is gone, and when the curtain is missed", () => {
    const at = (minute: number, count: number) => {
      const state = readLog(steps, [
        begin,
        ...steps
          .slice(0, count)
          .map((step, i) => done(step.end + (i === count - 1 ? minute : 0), i)),
      ]);
      return progressOf(look, context, {
        steps,
        state,
        now: (steps[count - 1]?.end ?? 0) + minute,
        plan,
      });
    };
    const calm = at(0, 2);
    expect(Math.abs(calm.behind)).toBeLessThan(3);
    expect(calm.late).toBe(0);
    const slow = at(20, 2);
    expect(slow.behind).toBeGreaterThan(12);
    const missed = at(120, 2);
    expect(missed.neededBy).toBe("2026-06-01T19:25:00+02:00");
    expect(missed.late).toBeGreaterThan(20);
    expect(missed.bufferSpent).toBe(10);
  });
  it("hands on to a record the minutes of each layer beside the house's own, whoever's speed it was planned with", () => {
    const state = readLog(steps, [begin, ...steps.map((step, i) => done(step.end * 2, i))]);
    const seen = stepsSeen(look, { ...context, speed: { factor: 3, layers: {} } }, state);
    expect(seen.map(({ layerId }) => layerId)).toEqual(["base", "line"]);
    expect(seen.reduce((sum, { plannedMinutes }) => sum + plannedMinutes, 0)).toBeCloseTo(
      plan.handsOn,
      1,
    );
    expect(seen.reduce((sum, { actualMinutes }) => sum + actualMinutes, 0)).toBeGreaterThan(
      plan.handsOn,
    );
  });
});

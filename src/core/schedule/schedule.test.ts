import fc from "fast-check";
import { backwards, chairLowerBound, scheduleChair, shiftMinutes, type Placed, type Task } from ".";

/** Judges a schedule by the rules alone, without the scheduler's code. */
function faults(tasks: readonly Task[], placed: readonly Placed[]): string[] {
  const at = new Map(placed.map((entry) => [entry.id, entry]));
  const wrong: string[] = [];
  if (placed.length !== tasks.length) wrong.push("not every task once");
  for (const task of tasks) {
    const own = at.get(task.id);
    if (!own || own.start < 0 || Math.abs(own.end - own.start - task.handsOn) > 1e-6) {
      wrong.push(`${task.id} has the wrong length`);
      continue;
    }
    for (const id of task.after) {
      const before = tasks.find((other) => other.id === id);
      if (own.start < (at.get(id)?.end ?? Infinity) + (before?.wait ?? 0) - 1e-6)
        wrong.push(`${task.id} before ${id} has rested`);
    }
    for (const other of tasks) {
      const theirs = at.get(other.id);
      if (
        other.id === task.id ||
        !theirs ||
        theirs.start > own.start ||
        (theirs.start === own.start && other.id > task.id)
      )
        continue;
      if (theirs.end > own.start + 1e-6)
        wrong.push(`${task.id} and ${other.id} with the same hands`);
      if (other.zone === task.zone && theirs.end + other.wait > own.start + 1e-6)
        wrong.push(`${task.id} on resting ${task.zone}`);
    }
  }
  return wrong;
}

/** Shortest schedule by trying every order; start in that order as soon as possible. */
function bruteForce(tasks: readonly Task[]): number {
  let best = Infinity;
  const go = (done: { task: Task; end: number }[], now: number) => {
    if (now >= best) return;
    if (done.length === tasks.length) {
      best = now;
      return;
    }
    for (const task of tasks) {
      if (done.some((entry) => entry.task === task)) continue;
      const befores = task.after.map((id) => done.find((entry) => entry.task.id === id));
      if (befores.some((entry) => !entry)) continue;
      const start = Math.max(
        now,
        ...befores.map((entry) => (entry?.end ?? 0) + (entry?.task.wait ?? 0)),
        ...done
          .filter((entry) => entry.task.zone === task.zone)
          .map((entry) => entry.end + entry.task.wait),
      );
      go([...done, { task, end: start + task.handsOn }], start + task.handsOn);
    }
  };
  go([], 0);
  return best;
}

const anyTasks = (most: number, zones: number) =>
  fc
    .array(
      fc.record({
        handsOn: fc.integer({ min: 1, max: 9 }),
        wait: fc.integer({ min: 0, max: 14 }),
        zone: fc.nat(zones - 1),
        backs: fc.array(fc.nat(8), { maxLength: 2 }),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((list) =>
      list.map(({ handsOn, wait, zone, backs }, i): Task => ({
        id: `t${i}`,
        zone: `z${zone}`,
        handsOn,
        wait,
        after: [
          ...new Set(
            backs
              .map((back) => i - 1 - back)
              .filter((k) => k >= 0)
              .map((k) => `t${k}`),
          ),
        ],
      })),
    );

describe("scheduleChair", () => {
  it("fills a drying gap with another zone (by hand: 5 + 5 + 5 with 4 min of drying hidden)", () => {
    const tasks: Task[] = [
      { id: "a1", zone: "a", handsOn: 5, wait: 4, after: [] },
      { id: "a2", zone: "a", handsOn: 5, wait: 4, after: ["a1"] },
      { id: "b1", zone: "b", handsOn: 5, wait: 0, after: [] },
    ];
    const { makespan, placed, lowerBound } = scheduleChair(tasks);
    expect(makespan).toBe(15);
    expect(lowerBound).toBe(15);
    expect(placed.map(({ id }) => id)).toEqual(["a1", "b1", "a2"]);
  });
  it("is as short as the best of all orders on small cases, and never below its bound", () => {
    fc.assert(
      fc.property(anyTasks(6, 3), (tasks) => {
        const { placed, makespan, lowerBound } = scheduleChair(tasks);
        expect(faults(tasks, placed)).toEqual([]);
        expect(makespan).toBeCloseTo(bruteForce(tasks), 6);
        expect(lowerBound).toBeLessThanOrEqual(makespan + 1e-6);
      }),
      { numRuns: 250 },
    );
  });
  it("is feasible for faces of fifty tasks", () => {
    fc.assert(
      fc.property(anyTasks(50, 7), (tasks) => {
        const { placed, makespan, lowerBound } = scheduleChair(tasks);
        expect(faults(tasks, placed)).toEqual([]);
        expect(makespan).toBeGreaterThanOrEqual(lowerBound - 1e-6);
      }),
      { numRuns: 60 },
    );
  });
  it("knows the critical path as a bound: a chain of work and rest", () => {
    const chain: Task[] = [1, 2, 3].map((n) => ({
      id: `c${n}`,
      zone: `z${n}`,
      handsOn: 2,
      wait: 10,
      after: n > 1 ? [`c${n - 1}`] : [],
    }));
    expect(chairLowerBound(chain)).toBe(26); // 2 + 10 + 2 + 10 + 2
    expect(scheduleChair(chain).makespan).toBe(26);
  });
  it("refuses circles, strangers, doubles and negative minutes, and takes no tasks at all", () => {
    const task = (values: Partial<Task>): Task => ({
      id: "a",
      zone: "z",
      handsOn: 1,
      wait: 0,
      after: [],
      ...values,
    });
    expect(() => scheduleChair([task({ after: ["b"] }), task({ id: "b", after: ["a"] })])).toThrow(
      /circle/,
    );
    expect(() => scheduleChair([task({ after: ["x"] })])).toThrow(RangeError);
    expect(() => scheduleChair([task({}), task({})])).toThrow(RangeError);
    expect(() => scheduleChair([task({ handsOn: -1 })])).toThrow(RangeError);
    expect(scheduleChair([])).toMatchObject({ placed: [], makespan: 0, lowerBound: 0, strain: 0 });
  });
});

describe("backwards", () => {
  it("has the worked example of TIME-1: noon start, an hour's travel, a 90-minute face: begin at 9:30", () => {
    expect(
      backwards({ curtainAt: "2026-11-25T12:00:00+00:00", chairMinutes: 90, travelMinutes: 60 })
        .startAt,
    ).toBe("2026-11-25T09:30:00+00:00");
  });
  it("counts costume and what is kept in hand, on the curtain's own clock, over midnight", () => {
    const times = backwards({
      curtainAt: "2026-11-25T00:30:00-05:00",
      chairMinutes: 44.2,
      travelMinutes: 20,
      costumeMinutes: 15,
      bufferMinutes: 10,
    });
    expect(times).toEqual({
      curtainAt: "2026-11-25T00:30:00-05:00",
      leaveBy: "2026-11-25T00:10:00-05:00",
      paintedBy: "2026-11-24T23:45:00-05:00",
      startAt: "2026-11-24T23:00:00-05:00",
    });
  });
  it("refuses a moment without an offset", () =>
    expect(() => shiftMinutes("2026-11-25T12:00:00", 5)).toThrow(RangeError));
});

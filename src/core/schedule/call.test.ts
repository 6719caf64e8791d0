import fc from "fast-check";
import {
  learningMinutes,
  fitLearning,
  HOUSE_RATE,
  scheduleCall,
  scheduleChair,
  type Call,
  type Performer,
  type PlacedInCall,
  type Task,
} from ".";
import { seededRandom as seeded } from "../random";
import { someTasks as face } from "../testing";

/** Judges a call by the rules alone, without the scheduler's code. */
function faults({ performers, artists, chairs }: Call, placed: readonly PlacedInCall[]): string[] {
  const wrong: string[] = [];
  const overlap = (a: { start: number; end: number }, b: { start: number; end: number }) =>
    a.start < b.end - 1e-6 && b.start < a.end - 1e-6;
  const same = (list: readonly PlacedInCall[], what: string) =>
    list.forEach((a, i) =>
      list.slice(i + 1).forEach((b) => {
        if (overlap(a, b))
          wrong.push(`${what}: ${a.performer}/${a.task} and ${b.performer}/${b.task}`);
      }),
    );
  for (let artist = 0; artist < artists; artist++)
    same(
      placed.filter((entry) => entry.artist === artist),
      "the same hands",
    );
  const stays = performers.map(({ id, tasks }) => {
    const own = placed.filter(({ performer }) => performer === id);
    same(own, "two on one face");
    if (own.length !== tasks.length || new Set(own.map(({ task }) => task)).size !== tasks.length)
      wrong.push(`${id}: not every task once`);
    if (new Set(own.map(({ chair }) => chair)).size > 1) wrong.push(`${id} changes the chair`);
    for (const task of tasks) {
      const at = own.find((entry) => entry.task === task.id);
      if (
        !at ||
        at.start < 0 ||
        Math.abs(at.end - at.start - task.handsOn) > 1e-6 ||
        at.artist < 0 ||
        at.artist >= artists ||
        at.chair < 0 ||
        at.chair >= chairs
      ) {
        wrong.push(`${id}/${task.id} is out of bounds`);
        continue;
      }
      for (const other of tasks) {
        const theirs = own.find((entry) => entry.task === other.id);
        if (!theirs || other === task) continue;
        if (task.after.includes(other.id) && at.start < theirs.end + other.wait - 1e-6)
          wrong.push(`${id}/${task.id} before ${other.id} has rested`);
        if (
          other.zone === task.zone &&
          theirs.start < at.start &&
          at.start < theirs.end + other.wait - 1e-6
        )
          wrong.push(`${id}/${task.id} on a resting zone`);
      }
    }
    return {
      performer: id,
      task: "",
      artist: 0,
      chair: own[0]?.chair ?? -1,
      start: Math.min(...own.map(({ start }) => start)),
      end: Math.max(...own.map(({ end }) => end)),
    };
  });
  for (let chair = 0; chair < chairs; chair++)
    same(
      stays.filter((stay) => stay.chair === chair),
      "the same chair",
    );
  return wrong;
}

const middle = (list: readonly number[]) =>
  [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN;
const worst = (list: readonly number[]) => Math.max(...list);

// Orderings of 2-core section 8: medians against the bound, over many made-up faces and calls.
describe("how near schedules come to their bounds", () => {
  it.each([
    ["dry air: short waits, seven zones", 7, [0, 4], 1.01],
    ["wet air: waits up to 24 min, four zones", 4, [4, 24], 1.1],
  ] as const)("200 faces of 50 tasks in %s", (_, zones, waits, most) => {
    const ratios = Array.from({ length: 200 }, (__, seed) => {
      const { makespan, lowerBound } = scheduleChair(face(seeded(seed + 1), 50, zones, waits));
      return makespan / lowerBound;
    });
    for (const ratio of ratios) expect(ratio).toBeGreaterThanOrEqual(1 - 1e-9);
    expect(middle(ratios)).toBeLessThanOrEqual(most);
    expect(worst(ratios)).toBeLessThan(most + 0.15);
  });
  it("60 calls of 12 performers, 3 artists and 4 chairs: feasible each, median within 1.08", () => {
    const ratios = Array.from({ length: 60 }, (_, seed) => {
      const random = seeded(seed + 500);
      const call: Call = {
        artists: 3,
        chairs: 4,
        performers: Array.from({ length: 12 }, (__, i): Performer => ({
          id: `p${i}`,
          tasks: face(random, 10 + Math.floor(random() * 10), 5, [0, 6]),
        })),
      };
      const { placed, makespan, lowerBound } = scheduleCall(call);
      expect(faults(call, placed)).toEqual([]);
      return makespan / lowerBound;
    });
    for (const ratio of ratios) expect(ratio).toBeGreaterThanOrEqual(1 - 1e-9);
    expect(middle(ratios)).toBeLessThanOrEqual(1.08);
    expect(worst(ratios)).toBeLessThan(1.2);
  });
});

/** Shortest call by taking up tasks in every order with every pair of hands and every chair. */
function bruteForce({ performers, artists, chairs }: Call): number {
  let best = Infinity;
  const all = performers.flatMap(({ id, tasks }) =>
    tasks.map((task) => ({ id, task, size: tasks.length })),
  );
  const go = (done: PlacedInCall[]) => {
    const now = Math.max(0, ...done.map(({ end }) => end));
    if (now >= best - 1e-9) return;
    if (done.length === all.length) {
      best = now;
      return;
    }
    for (const { id, task } of all) {
      const own = done.filter(({ performer }) => performer === id);
      if (
        own.some((entry) => entry.task === task.id) ||
        task.after.some((other) => !own.some((entry) => entry.task === other))
      )
        continue;
      const tasks = performers.find((performer) => performer.id === id)?.tasks ?? [];
      for (let artist = 0; artist < artists; artist++)
        for (let chair = 0; chair < chairs; chair++) {
          if (own[0] && own[0].chair !== chair) continue;
          const others = performers.filter(
            (performer) =>
              performer.id !== id &&
              done.some((entry) => entry.performer === performer.id && entry.chair === chair),
          );
          if (
            !own[0] &&
            others.some(
              (other) =>
                done.filter(({ performer }) => performer === other.id).length < other.tasks.length,
            )
          )
            continue;
          const start = Math.max(
            0,
            ...done
              .filter((entry) => entry.artist === artist || (!own[0] && entry.chair === chair))
              .map(({ end }) => end),
            ...own.map((entry) => {
              const before = tasks.find((other) => other.id === entry.task);
              return (
                entry.end +
                (before && (before.zone === task.zone || task.after.includes(before.id))
                  ? before.wait
                  : 0)
              );
            }),
          );
          go([
            ...done,
            { performer: id, task: task.id, artist, chair, start, end: start + task.handsOn },
          ]);
        }
    }
  };
  go([]);
  return best;
}

describe("scheduleCall", () => {
  it("is as short as the best of all ways on small calls, with one chair or two, one artist or two", () => {
    const anyCall = fc
      .record({
        artists: fc.integer({ min: 1, max: 2 }),
        chairs: fc.integer({ min: 1, max: 2 }),
        performers: fc.array(
          fc.array(
            fc.record({
              handsOn: fc.integer({ min: 1, max: 6 }),
              wait: fc.integer({ min: 0, max: 8 }),
              zone: fc.nat(1),
            }),
            { minLength: 1, maxLength: 2 },
          ),
          { minLength: 1, maxLength: 3 },
        ),
      })
      .map(({ performers, ...rest }): Call => ({
        ...rest,
        performers: performers.map((tasks, p) => ({
          id: `p${p}`,
          tasks: tasks.map(({ handsOn, wait, zone }, i) => ({
            id: `t${i}`,
            zone: `z${zone}`,
            handsOn,
            wait,
            after: i && zone ? [`t${i - 1}`] : [],
          })),
        })),
      }));
    fc.assert(
      fc.property(anyCall, (call) => {
        const { placed, makespan, lowerBound } = scheduleCall(call);
        expect(faults(call, placed)).toEqual([]);
        expect(makespan).toBeCloseTo(bruteForce(call), 6);
        expect(lowerBound).toBeLessThanOrEqual(makespan + 1e-9);
      }),
      { numRuns: 120, seed: 4 },
    );
  });
  it("uses the gap of one face for the next (by hand: two faces of 10 with 10 min between coats take one artist 40, not 60)", () => {
    const tasks: Task[] = [
      { id: "a", zone: "f", handsOn: 10, wait: 10, after: [] },
      { id: "b", zone: "f", handsOn: 10, wait: 0, after: ["a"] },
    ];
    const two = (chairs: number) =>
      scheduleCall({
        artists: 1,
        chairs,
        performers: [
          { id: "one", tasks },
          { id: "two", tasks },
        ],
      }).makespan;
    expect([two(2), two(1)]).toEqual([40, 60]);
  });
  it("with one performer, one artist and one chair is a chair", () => {
    const tasks = face(seeded(8), 9, 3, [0, 10]);
    expect(
      scheduleCall({ artists: 1, chairs: 1, performers: [{ id: "p", tasks }] }).makespan,
    ).toBeGreaterThanOrEqual(scheduleChair(tasks).makespan - 1e-6);
  });
  it("refuses nonsense and takes an empty call", () => {
    expect(() => scheduleCall({ artists: 0, chairs: 1, performers: [] })).toThrow(RangeError);
    expect(() => scheduleCall({ artists: 1, chairs: 0, performers: [] })).toThrow(RangeError);
    expect(() =>
      scheduleCall({
        artists: 1,
        chairs: 1,
        performers: [
          { id: "p", tasks: [] },
          { id: "p", tasks: [] },
        ],
      }),
    ).toThrow(/same id/);
    expect(scheduleCall({ artists: 2, chairs: 2, performers: [] })).toMatchObject({
      placed: [],
      makespan: 0,
      lowerBound: 0,
    });
  });
});

describe("learning", () => {
  it("follows Wright's curve: at 80 per cent the first 100 minutes become 80, 64 and 51.2 at 2, 4 and 8 (each doubling takes a fifth off)", () => {
    expect([1, 2, 4, 8].map((n) => Math.round(learningMinutes(100, n, 0.8) * 10) / 10)).toEqual([
      100, 80, 64, 51.2,
    ]);
    // Handbook table, 80 per cent curve, unit 3: 0.7021.
    expect(learningMinutes(1, 3, 0.8)).toBeCloseTo(0.7021, 4);
    expect(() => learningMinutes(100, 0, 0.8)).toThrow(RangeError);
    expect(() => learningMinutes(100, 2, 1.2)).toThrow(RangeError);
  });
  it("recovers a painter's own rate from ten faces within 0.04, with some noise; with none it is the house's, said as such", () => {
    for (const rate of [0.78, 0.85, 0.92]) {
      const random = seeded(Math.round(rate * 100));
      const log = Array.from(
        { length: 10 },
        (_, i) => learningMinutes(90, i + 1, rate) * (0.97 + 0.06 * random()),
      );
      const found = fitLearning(log, 60);
      expect(Math.abs(found.rate - rate)).toBeLessThan(0.04);
      expect(Math.abs(found.first - 90)).toBeLessThan(8);
      expect(found.from).toBe(10);
    }
    expect(fitLearning([], 60)).toEqual({ first: 60, rate: HOUSE_RATE, from: 0 });
    expect(fitLearning([50], 60).rate).toBeCloseTo(HOUSE_RATE, 6);
    expect(() => fitLearning([0], 60)).toThrow(RangeError);
  });
});

import fc from "fast-check";
import {
  chairLowerBound,
  headsAndTails,
  jackson,
  scheduleCall,
  scheduleChair,
  type Hand,
  type Placed,
  type Task,
} from ".";
import { seededRandom } from "../random";

const ONE: readonly Hand[] = [{ reaches: "all" }];

/** Judges a schedule of several hands by the rules alone, without the scheduler's code. `loose`: tasks that keep their own real length. */
function faults(
  tasks: readonly Task[],
  placed: readonly Placed[],
  o: {
    hands?: readonly Hand[];
    breaks?: { every: number; minutes: number };
    loose?: ReadonlySet<string>;
  } = {},
): string[] {
  const { hands = ONE, breaks, loose = new Set() } = o;
  const wrong: string[] = [];
  const at = new Map(placed.map((entry) => [entry.id, entry]));
  if (placed.length !== tasks.length || at.size !== tasks.length) wrong.push("not every task once");
  for (const task of tasks) {
    const own = at.get(task.id);
    if (
      !own ||
      own.start < 0 ||
      (!loose.has(task.id) && Math.abs(own.end - own.start - task.handsOn) > 1e-6)
    ) {
      wrong.push(`${task.id} has the wrong length`);
      continue;
    }
    const hand = hands[own.hand ?? 0];
    if (
      !hand ||
      (hand.reaches === "front" && task.helper) ||
      (hand.reaches === "back" && !task.helper)
    )
      wrong.push(`${task.id} by hands that don't reach it`);
    if (
      !loose.has(task.id) &&
      (own.start < (hand?.from ?? 0) - 1e-6 || own.end > (hand?.until ?? Infinity) + 1e-6)
    )
      wrong.push(`${task.id} while those hands are away`);
    if (!loose.has(task.id) && own.start < (task.notBefore ?? 0) - 1e-6)
      wrong.push(`${task.id} before its pin`);
    for (const id of task.after)
      if (
        own.start <
        (at.get(id)?.end ?? Infinity) + (tasks.find((other) => other.id === id)?.wait ?? 0) - 1e-6
      )
        wrong.push(`${task.id} before ${id} has rested`);
    for (const other of tasks) {
      const theirs = at.get(other.id);
      if (
        other.id === task.id ||
        !theirs ||
        theirs.start > own.start ||
        (theirs.start === own.start && other.id > task.id)
      )
        continue;
      if ((theirs.hand ?? 0) === (own.hand ?? 0) && theirs.end > own.start + 1e-6)
        wrong.push(`${task.id} and ${other.id} with the same hands`);
      if (other.zone === task.zone && theirs.end + other.wait > own.start + 1e-6)
        wrong.push(`${task.id} on resting ${task.zone}`);
    }
  }
  if (breaks)
    hands.forEach((_, h) => {
      let [worked, last] = [0, 0];
      for (const { start, end } of placed
        .filter((entry) => (entry.hand ?? 0) === h)
        .sort((a, b) => a.start - b.start)) {
        if (start - last >= breaks.minutes - 1e-6) worked = 0;
        const alone = worked === 0;
        worked += end - start;
        last = end;
        if (!alone && worked > breaks.every + 1e-6)
          wrong.push(`no break before ${worked.toFixed(1)} min of work`);
      }
    });
  return wrong;
}

const anyTasks = (most: number, zones: number) =>
  fc
    .array(
      fc.record({
        handsOn: fc.integer({ min: 1, max: 9 }),
        wait: fc.integer({ min: 0, max: 14 }),
        zone: fc.nat(zones - 1),
        back: fc.nat(6),
        pin: fc.option(fc.nat(60), { freq: 5, nil: undefined }),
        helper: fc.boolean(),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((list) =>
      list.map(({ handsOn, wait, zone, back, pin, helper }, i): Task => ({
        id: `t${i}`,
        zone: `z${zone}`,
        handsOn,
        wait,
        after: i - 1 - back >= 0 ? [`t${i - 1 - back}`] : [],
        ...(pin !== undefined && { notBefore: pin }),
        ...(helper && { helper }),
      })),
    );

describe("more hands, helpers, breaks and pins", () => {
  it("two artists work on two zones at once, never on one (by hand: 6 + 6 on two zones and 4 on one of them)", () => {
    const tasks: Task[] = [
      { id: "a", zone: "a", handsOn: 6, wait: 0, after: [] },
      { id: "b", zone: "b", handsOn: 6, wait: 0, after: [] },
      { id: "a2", zone: "a", handsOn: 4, wait: 0, after: ["a"] },
    ];
    expect(scheduleChair(tasks).makespan).toBe(16);
    expect(scheduleChair(tasks, { hands: [{ reaches: "all" }, { reaches: "all" }] }).makespan).toBe(
      10,
    );
    expect(chairLowerBound(tasks, [{ reaches: "all" }, { reaches: "all" }])).toBe(10);
  });
  it("what one can't reach waits for the helper, who does nothing else (by hand: helper comes at 8, paints 3)", () => {
    const tasks: Task[] = [
      { id: "face", zone: "face", handsOn: 5, wait: 0, after: [] },
      { id: "nape", zone: "nape", handsOn: 3, wait: 0, after: [], helper: true },
    ];
    const { placed, makespan } = scheduleChair(tasks, {
      hands: [{ reaches: "front" }, { reaches: "back", from: 8 }],
    });
    expect(placed).toEqual([
      { id: "face", start: 0, end: 5, hand: 0 },
      { id: "nape", start: 8, end: 11, hand: 1 },
    ]);
    expect(makespan).toBe(11);
    expect(() => scheduleChair(tasks, { hands: [{ reaches: "front" }] })).toThrow(
      /no hands here do nape/,
    );
    expect(() => scheduleChair(tasks, { hands: [{ reaches: "all", until: 6 }] })).toThrow(
      /before they leave/,
    );
  });
  it("rests after so much work, and a drying gap is a rest (by hand: 20 + 5 + 20 with a break at 20; a wait of 6 does as well)", () => {
    const tasks = (wait: number): Task[] => [
      { id: "a", zone: "a", handsOn: 20, wait, after: [] },
      { id: "b", zone: "a", handsOn: 20, wait: 0, after: ["a"] },
    ];
    expect(scheduleChair(tasks(0), { breaks: { every: 30, minutes: 5 } }).makespan).toBe(45);
    expect(scheduleChair(tasks(6), { breaks: { every: 30, minutes: 5 } }).makespan).toBe(46);
    expect(scheduleChair(tasks(0), { breaks: { every: 45, minutes: 5 } }).makespan).toBe(40);
  });
  it("is feasible and never below its bound for any hands, pins and breaks", () => {
    const hands = fc.constantFrom<readonly Hand[]>(
      ONE,
      [{ reaches: "all" }, { reaches: "all", from: 12 }],
      [{ reaches: "front" }, { reaches: "back", from: 7 }],
      [{ reaches: "all" }, { reaches: "all" }, { reaches: "all" }],
    );
    fc.assert(
      fc.property(
        anyTasks(24, 4),
        hands,
        fc.option(fc.constant({ every: 25, minutes: 5 }), { nil: undefined }),
        (tasks, pairs, breaks) => {
          const { placed, makespan, lowerBound } = scheduleChair(tasks, {
            hands: pairs,
            ...(breaks && { breaks }),
          });
          expect(faults(tasks, placed, { hands: pairs, ...(breaks && { breaks }) })).toEqual([]);
          expect(lowerBound).toBeLessThanOrEqual(makespan + 1e-6);
        },
      ),
      { numRuns: 150 },
    );
  });
  it("re-plans from now: what is done stays as it was, and what it left resting still rests", () => {
    fc.assert(
      fc.property(
        anyTasks(18, 4),
        fc.double({ min: 0.5, max: 3, noNaN: true }),
        fc.nat(17),
        (tasks, slower, count) => {
          const plan = scheduleChair(tasks);
          // What was done took longer than planned: each entry is stretched from the start.
          const done = plan.placed.slice(0, Math.min(count, tasks.length)).map((entry) => ({
            ...entry,
            start: entry.start * (1 + slower),
            end: entry.start * (1 + slower) + (entry.end - entry.start) * slower,
          }));
          const sorted = [...done]
            .sort((a, b) => a.start - b.start)
            .reduce<Placed[]>(
              (list, entry) => [
                ...list,
                {
                  ...entry,
                  start: Math.max(entry.start, list.at(-1)?.end ?? 0),
                  end: Math.max(entry.start, list.at(-1)?.end ?? 0) + entry.end - entry.start,
                },
              ],
              [],
            );
          const now = Math.max(0, ...sorted.map(({ end }) => end)) + 1;
          const { placed } = scheduleChair(tasks, { done: sorted, now });
          for (const entry of sorted) expect(placed).toContainEqual(entry);
          const left = placed.filter(({ id }) => !sorted.some((entry) => entry.id === id));
          for (const { start } of left) expect(start).toBeGreaterThanOrEqual(now - 1e-6);
          // Rests of what was done are judged for what is left; the stretched part itself is what happened.
          const real = new Set(sorted.map(({ id }) => id));
          expect(
            faults(tasks, placed, { loose: real }).filter((text) =>
              left.some(({ id }) => text.startsWith(`${id} `)),
            ),
          ).toEqual([]);
        },
      ),
      { numRuns: 150 },
    );
  });
});

// Worked examples from outside.
describe("the bounds against textbooks", () => {
  it("critical path of a building project of 14 activities: 44 weeks, A-B-C-E-F-J-L-N (Hillier & Lieberman, Introduction to Operations Research, chapter on project management; from memory)", () => {
    const weeks: Readonly<Record<string, readonly [number, string]>> = {
      A: [2, ""],
      B: [4, "A"],
      C: [10, "B"],
      D: [6, "C"],
      E: [4, "C"],
      F: [5, "E"],
      G: [7, "D"],
      H: [9, "EG"],
      I: [7, "C"],
      J: [8, "FI"],
      K: [4, "J"],
      L: [5, "J"],
      M: [2, "H"],
      N: [6, "KL"],
    };
    // An activity that needs nobody's hands: it only takes its time.
    const tasks = Object.entries(weeks).map(([id, [wait, before]]): Task => ({
      id,
      zone: id,
      handsOn: 0,
      wait,
      after: Array.from(before),
    }));
    const { head } = headsAndTails(tasks);
    const length = (id: string) => (head.get(id) ?? 0) + (weeks[id]?.[0] ?? 0);
    expect(Object.fromEntries(head)).toMatchObject({
      A: 0,
      B: 2,
      C: 6,
      D: 16,
      E: 16,
      F: 20,
      G: 22,
      H: 29,
      I: 16,
      J: 25,
      K: 33,
      L: 33,
      M: 38,
      N: 38,
    });
    expect(Math.max(...Object.keys(weeks).map(length))).toBe(44);
    // On the critical path is what lies on a chain of 44.
    const longest = (id: string): number =>
      (weeks[id]?.[0] ?? 0) +
      Math.max(
        0,
        ...tasks.filter(({ after }) => after.includes(id)).map((next) => longest(next.id)),
      );
    expect(
      Object.keys(weeks)
        .filter((id) => (head.get(id) ?? 0) + longest(id) === 44)
        .join(""),
    ).toBe("ABCEFJLN");
  });
  it("one machine with heads and tails, seven jobs: the bound 49 and the best 50 (Carlier, The one-machine sequencing problem, 1982; from memory)", () => {
    const [heads, bodies, tails] = [
      [10, 13, 11, 20, 30, 0, 30],
      [5, 6, 7, 4, 3, 6, 2],
      [7, 26, 24, 21, 8, 17, 0],
    ];
    const body = (i: number): Task => ({
      id: `job${i}`,
      zone: `job${i}`,
      handsOn: bodies[i] ?? 0,
      wait: tails[i] ?? 0,
      after: [],
      notBefore: heads[i] ?? 0,
    });
    // The delivery after the machine is a rest, and something of no length that waits for it.
    const tasks = heads.flatMap((_, i): Task[] => [
      body(i),
      { id: `end${i}`, zone: `end${i}`, handsOn: 0, wait: 0, after: [`job${i}`] },
    ]);
    const of = (list: readonly number[]) => new Map(list.map((value, i) => [`job${i}`, value]));
    expect(
      jackson(
        heads.map((_, i) => body(i)),
        of(heads),
        of(tails),
      ),
    ).toBe(49);
    const { makespan, placed } = scheduleChair(tasks);
    expect(makespan).toBeGreaterThanOrEqual(49);
    expect(makespan).toBeLessThanOrEqual(50);
    expect(faults(tasks, placed)).toEqual([]);
  });
});

describe("a call with first comers and skills", () => {
  const task = (id: string, handsOn: number, more: Partial<Task> = {}): Task => ({
    id,
    zone: id,
    handsOn,
    wait: 0,
    after: [],
    ...more,
  });
  it("paints first who goes on first (by hand: one pair of hands, the short job is due 30 min sooner)", () => {
    const performers = [
      { id: "long", tasks: [task("a", 40)] },
      { id: "short", tasks: [task("b", 10)], sooner: 30 },
    ];
    expect(
      scheduleCall({ performers, artists: 1, chairs: 1 }).placed.map(({ performer }) => performer),
    ).toEqual(["short", "long"]);
    expect(
      scheduleCall({
        performers: [...performers].map(({ sooner: _, ...rest }) => ({
          ...rest,
          sooner: rest.id === "long" ? 30 : 0,
        })),
        artists: 1,
        chairs: 1,
      }).placed.map(({ performer }) => performer),
    ).toEqual(["long", "short"]);
  });
  it("gives a task that asks for a skill to those who have it, and says when nobody has", () => {
    const performers = [
      { id: "p", tasks: [task("spray", 10, { skills: ["airbrush"] }), task("brush", 10)] },
      { id: "q", tasks: [task("spray", 10, { skills: ["airbrush"] })] },
    ];
    const skills = [["pieces"], ["airbrush"]];
    const { placed } = scheduleCall({ performers, artists: 2, chairs: 2, skills });
    for (const entry of placed) if (entry.task === "spray") expect(entry.artist).toBe(1);
    expect(() => scheduleCall({ performers, artists: 2, chairs: 2, skills: [[], []] })).toThrow(
      /nobody at this call does airbrush/,
    );
  });
  it("stays feasible with both, and never gives work to who can't do it", () => {
    for (let seed = 1; seed <= 40; seed++) {
      const random = seededRandom(seed);
      const performers = Array.from({ length: 5 }, (_, p) => ({
        id: `p${p}`,
        sooner: Math.round(random() * 40),
        tasks: Array.from({ length: 6 }, (__, i) => ({
          ...task(
            `t${i}`,
            1 + Math.round(random() * 8),
            random() < 0.3 ? { skills: ["airbrush"] } : {},
          ),
          wait: Math.round(random() * 6),
          zone: `z${i % 3}`,
          after: i > 2 ? [`t${i - 3}`] : [],
        })),
      }));
      const { placed } = scheduleCall({
        performers,
        artists: 3,
        chairs: 2,
        skills: [null, [], ["airbrush"]],
      });
      expect(placed).toHaveLength(30);
      for (const a of placed) {
        expect(
          a.artist === 1 &&
            performers.find(({ id }) => id === a.performer)?.tasks.find(({ id }) => id === a.task)
              ?.skills,
        ).toBeFalsy();
        for (const b of placed)
          if (a !== b && a.artist === b.artist)
            expect(a.end <= b.start + 1e-6 || b.end <= a.start + 1e-6).toBe(true);
      }
    }
  });
});

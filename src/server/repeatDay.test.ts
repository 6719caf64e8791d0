import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { addDays } from "@/core/days";
import { callOf } from "./callOf";
import { loadCalls, repeatDay } from "./calls";
import { loadDemoWhenEmpty } from "./demo";
import { statusOf } from "./testing";
import { today } from "./studio";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-repeat-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const dayOf = async (date: string) => (await loadCalls()).days.find((day) => day.date === date);
const withTwo = async () => {
  const day = (await loadCalls()).days.find(({ jobs }) => jobs.length > 1);
  if (!day) throw new Error("the demo has a day with two jobs");
  return day;
};
const wall = (moment: string) => moment.slice(0, 16);

describe("a day repeated", () => {
  it("on another day has a job for each, as far apart as before, and asks anew what is asked on the day", async () => {
    const day = await withTwo();
    const on = addDays(day.date, 43);
    expect(await repeatDay(day.date, { on, at: "14:30" })).toEqual({ added: day.jobs.length });
    const copied = (await dayOf(on))?.jobs ?? [];
    const curtains = (jobs: typeof copied) => jobs.map(({ brief }) => brief.curtainAt).sort();
    expect(wall(curtains(copied)[0] ?? "")).toBe(`${on}T14:30`);
    const apart = (jobs: typeof copied) => {
      const [first = "", last = ""] = [curtains(jobs)[0], curtains(jobs).at(-1)];
      return Date.parse(last) - Date.parse(first);
    };
    expect(apart(copied)).toBe(apart([...day.jobs]));
    expect(copied.map(({ person }) => person.name).sort()).toEqual(
      day.jobs.map(({ person }) => person.name).sort(),
    );
    for (const { brief } of copied)
      expect(brief).toMatchObject({ healthAsked: false, health: [], consent: null, pins: [] });
  });
  it("adds nothing twice, and a second show of one day is one call", async () => {
    const day = await withTwo();
    const on = addDays(day.date, 45);
    await repeatDay(day.date, { on, at: "14:00" });
    expect(await repeatDay(day.date, { on, at: "14:00" })).toEqual({ added: 0 });
    const { added } = await repeatDay(on, { on, at: "20:30" });
    expect(added).toBe(day.jobs.length);
    const both = await dayOf(on);
    expect(both?.jobs).toHaveLength(2 * day.jobs.length);
    const { plan } = await callOf(on);
    expect(plan.performers).toHaveLength(2 * day.jobs.length);
    expect(new Set(plan.performers.map(({ jobId }) => jobId)).size).toBe(2 * day.jobs.length);
  });
  it("is refused for a day nobody has a curtain on, and for one that has been", async () => {
    const day = await withTwo();
    expect(await statusOf(repeatDay("2020-01-01", { on: day.date, at: "19:30" }))).toBe(400);
    expect(await statusOf(repeatDay(day.date, { on: addDays(today(), -1), at: "19:30" }))).toBe(
      400,
    );
  });
});

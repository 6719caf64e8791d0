import { mkdtempSync } from "node:fs";
import { spawnSync } from "node:child_process";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { loadDemoWhenEmpty } from "./demo";
import { callCalendar } from "./calendar";
import { callOf } from "./callOf";
import { buildList } from "@/core/piece";
import { makePlan, USUAL_CALL } from "@/core/plan";
import { contextOf } from "@/core/record";
import { changeCall, loadCalls } from "./calls";
import { loadToday } from "./today";
import { loadWorkspace } from "./workspace";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-calendar-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

/** Events of an iCalendar file as ical.js reads them, in a process of its own (it is a module of another kind). */
function read(
  text: string,
): { uid: string; summary: string; start: string; end: string; alarms: number; again: boolean }[] {
  const script = `import ICAL from "ical.js"; const chunks = []; for await (const chunk of process.stdin) chunks.push(chunk);
    const calendar = new ICAL.Component(ICAL.parse(Buffer.concat(chunks).toString()));
    const again = new ICAL.Component(ICAL.parse(calendar.toString()));
    console.log(JSON.stringify(calendar.getAllSubcomponents("vevent").map((part, i) => { const event = new ICAL.Event(part); const other = new ICAL.Event(again.getAllSubcomponents("vevent")[i]);
      return { uid: event.uid, summary: event.summary, start: event.startDate.toJSDate().toISOString(), end: event.endDate.toJSDate().toISOString(), alarms: part.getAllSubcomponents("valarm").length, again: other.uid === event.uid && other.startDate.compare(event.startDate) === 0 && other.summary === event.summary }; })));`;
  const run = spawnSync(process.execPath, ["--input-type=module", "-e", script], {
    input: text,
    cwd: process.cwd(),
  });
  if (run.status !== 0) throw new Error(run.stderr.toString().slice(0, 1000));
  return JSON.parse(run.stdout.toString()) as ReturnType<typeof read>;
}

describe("the start", () => {
  it("is one: of two performers of one artist, who is painted first sits down when the call says so, on the card and in the look", async () => {
    const calls = await loadCalls();
    const day = calls.days.find(({ jobs }) => jobs.length > 1);
    if (!day) throw new Error("the demo has a day with two jobs");
    const { plan } = await callOf(day.date);
    const today = await loadToday();
    const starts = await Promise.all(
      plan.performers.map(async ({ jobId, sitsAt }) => {
        const card = today.next.find(({ job }) => job?.id === jobId);
        const opened = await loadWorkspace(card?.look.id ?? "", jobId);
        if (!opened || !card) throw new Error("it is on Today");
        const whole = makePlan(opened.look.design, contextOf(opened));
        expect(opened.sitsAt).toBe(sitsAt);
        expect(card.plan.times?.startAt).toBe(whole.times?.startAt);
        return { own: whole.times?.startAt, sitsAt, byCall: whole.times?.byCall };
      }),
    );
    // Whoever is painted last sits down as late as alone; the first one sooner, by the call.
    expect(starts[0]).toMatchObject({ own: starts[0]?.sitsAt, byCall: true });
    for (const { own, sitsAt } of starts)
      expect(Date.parse(own ?? "")).toBeLessThanOrEqual(Date.parse(sitsAt ?? ""));
  });
});

describe("the calendar of a call", () => {
  it("parses in ical.js and round-trips: call, touch-ups and removal of each performer, with alarms, at the plan's own moments", async () => {
    const calls = await loadCalls();
    const day = calls.days.find(({ jobs }) => jobs.length > 1);
    if (!day) throw new Error("the demo has a day with two jobs");
    await changeCall(day.date, {
      version: 0,
      fields: {
        ...USUAL_CALL,
        chairs: 2,
        artists: ["Ada", "Bo"].map((who) => ({ name: who, skills: null, lateMinutes: 0 })),
      },
    });
    const { plan } = await callOf(day.date);
    const { body, name } = await callCalendar(day.date);
    const events = read(body);
    expect(name).toBe(`call-${day.date}.ics`);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    for (const event of events) {
      expect(event.alarms).toBe(1);
      expect(event.again).toBe(true);
      expect(Date.parse(event.end)).toBeGreaterThan(Date.parse(event.start));
    }
    for (const performer of plan.performers) {
      const painting = events.find(({ uid }) => uid === `${performer.jobId}-call@dermagraph`);
      expect(Date.parse(painting?.start ?? "")).toBe(Date.parse(performer.sitsAt ?? ""));
      expect(events.some(({ uid }) => uid === `${performer.jobId}-removal@dermagraph`)).toBe(true);
      expect(events.some(({ uid }) => uid.startsWith(`${performer.jobId}-touch-up-1`))).toBe(true);
    }
  });
  it("has the days of building before a look with pieces, and its events survive another reading", async () => {
    const day = (await loadCalls()).days.find(({ jobs }) =>
      jobs.some(({ look }) => look.pieces.length > 0),
    );
    const piece = day?.jobs.flatMap(({ look }) => look.pieces)[0];
    if (!day || !piece) throw new Error("the demo has a look with a piece on a day");
    const builds = read((await callCalendar(day.date)).body).filter(({ uid }) =>
      uid.includes(piece.id),
    );
    expect(builds.map(({ start }) => start.slice(0, 10))).toEqual([
      ...new Set(
        buildList(piece, day.date)
          .steps.filter(({ done }) => !done)
          .map(({ on }) => on),
      ),
    ]);
    for (const event of builds) {
      expect(event.again).toBe(true);
      expect(event.alarms).toBe(1);
    }
  });
  it("refuses what is not there, a stale save, and a day that is none", async () => {
    expect(await statusOf(callCalendar("2020-01-01"))).toBe(404);
    const day = (await loadCalls()).days[0];
    await expect(changeCall(day?.date ?? "", { version: 9, fields: USUAL_CALL })).rejects.toThrow();
    expect(await statusOf(changeCall("soon", { version: 0, fields: USUAL_CALL }))).toBe(400);
  });
});

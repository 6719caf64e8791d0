import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { ChairEventSchema, type ChairEvent } from "@/core/chair";
import { TodaySchema } from "@/core/brief";
import { findJob } from "@/store";
import { answerToday, loadChair, takeLog } from "./chair";
import { loadDemoWhenEmpty } from "./demo";
import { studio } from "./studio";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-chair-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const JOB = { lookId: "first-frost", jobId: "frost-reservoir" };
const event = (session: string, minute: number, values: Partial<ChairEvent>): ChairEvent =>
  ChairEventSchema.parse({
    id: crypto.randomUUID(),
    session,
    at: new Date(Date.UTC(2026, 5, 1, 12, minute)).toISOString(),
    kind: "done",
    ...values,
  });

async function eventsOf(lookId: string, jobId: string) {
  const chair = await loadChair(lookId, jobId);
  if (!chair || "stops" in chair) throw new Error("no chair");
  return chair.events;
}

describe("the log of a chair", () => {
  it("takes each event once, in whatever pieces and however often it is sent", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { minLength: 1, maxLength: 6 }),
        async (slices) => {
          const session = crypto.randomUUID();
          const events = [
            event(session, 0, { kind: "begin" }),
            ...Array.from({ length: 7 }, (_, i) =>
              event(session, i + 1, { tasks: [`layer/1/${i}`] }),
            ),
          ];
          for (const [a, b] of slices) {
            const part = events.slice(Math.min(a, b), Math.max(a, b) + 1);
            if (part.length) await takeLog({ ...JOB, events: part });
          }
          const { taken, known } = await takeLog({ ...JOB, events });
          expect(taken + known).toBe(8);
          expect(await takeLog({ ...JOB, events })).toEqual({ taken: 0, known: 8, stops: [] });
          const held = (await eventsOf(JOB.lookId, JOB.jobId)).filter(
            (entry) => entry.session === session,
          );
          // Another sitting with the same beginning may be the last one: what is held of this one is whole or nothing.
          if (held.length)
            expect(held.map(({ id }) => id).sort()).toEqual(events.map(({ id }) => id).sort());
        },
      ),
      { numRuns: 15 },
    );
  });
  it("answers the sitting that was begun last, and none of another job", async () => {
    const session = crypto.randomUUID();
    await takeLog({ ...JOB, events: [event(session, 59, { kind: "begin" })] });
    expect((await eventsOf(JOB.lookId, JOB.jobId)).map((entry) => entry.session)).toEqual([
      session,
    ]);
    expect(await eventsOf("hail", "hail-reservoir")).toEqual([]);
  });
  it("refuses a look or a job that is not there, and another look's job", async () => {
    const events = [event(crypto.randomUUID(), 0, { kind: "begin" })];
    expect(await statusOf(takeLog({ lookId: "none", jobId: null, events }))).toBe(404);
    expect(await statusOf(takeLog({ lookId: "hail", jobId: "frost-reservoir", events }))).toBe(400);
    expect(await statusOf(takeLog({ lookId: "hail", jobId: "none", events }))).toBe(400);
  });
});

describe("what is asked before the first step", () => {
  const answers = TodaySchema.parse({ health: ["coldSore"], healthAsked: true });
  const briefOf = async () => (await findJob(await studio(), JOB.jobId))?.brief;

  it("comes with the beginning of a sitting, counts in the brief, and is taken once", async () => {
    const begin = event(crypto.randomUUID(), 50, { kind: "begin", answers });
    await takeLog({ ...JOB, events: [begin] });
    expect(await briefOf()).toMatchObject(answers);
    // Changed in the brief since: what is sent again does not take that back.
    await answerToday(JOB.jobId, { ...answers, health: [] });
    await takeLog({ ...JOB, events: [begin] });
    expect((await briefOf())?.health).toEqual([]);
  });
  it("stops the chair where something lies on what stays bare, and lets it go on when that is taken back", async () => {
    await answerToday(JOB.jobId, { ...answers, bareToday: ["forehead"] });
    const stopped = await loadChair(JOB.lookId, JOB.jobId);
    expect(stopped && "stops" in stopped && stopped.stops.map(({ rule }) => rule)).toEqual([
      "SAFE-7",
    ]);
    expect(await statusOf(answerToday("nobody", answers))).toBe(404);
    await answerToday(JOB.jobId, answers);
    expect(await loadChair(JOB.lookId, JOB.jobId)).toHaveProperty("given");
  });
});

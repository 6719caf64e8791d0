import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { planKit } from "@/core/kit";
import { findLook, jobMovements, listMovements, stockLevels } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import { loadPlanning, planJobs, substitute, writeUse, type PlannedJob } from "./kit";
import { studio, today } from "./studio";
import { nobody, statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-kit-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

describe("planning", () => {
  it("adds up the jobs ahead and finds what the demo is short of", async () => {
    const {
      heads,
      shelf: { items },
      leadDays,
    } = await loadPlanning();
    const jobs: PlannedJob[] = [];
    const told: string[] = [];
    const answer = await planJobs(
      { jobIds: [...heads.map(({ jobId }) => jobId), "no such job"] },
      {
        ...nobody(),
        report: async (_, words, job) => {
          told.push(words);
          jobs.push(job as PlannedJob);
        },
      },
    );
    expect(answer.jobs).toBe(heads.length);
    expect(told.at(-1)).toBe(`${heads.length} of ${heads.length}`);
    expect(jobs.map(({ jobId, stamp }) => [jobId, stamp])).toEqual(
      heads.map(({ jobId, stamp }) => [jobId, stamp]),
    );
    const plan = planKit(
      jobs,
      new Map(items.map(({ id, left }) => [id, left])),
      new Map(items.map((product) => [product.id, product])),
      leadDays,
    );
    expect(jobs.length).toBeGreaterThan(4);
    expect(plan.lines.find(({ name }) => name === "Ochre ground")?.missing).toBeGreaterThan(0);
    expect(plan.buyMinor).toBeGreaterThan(0);
  });
});

describe("putting one product in the place of another", () => {
  it("changes every layer that uses it, in mixes too, and nothing else", async () => {
    const before = (await findLook(await studio(), "drought"))?.design;
    const { layers } = await substitute("drought", { from: "ochre-ground", to: "sand" });
    const after = (await findLook(await studio(), "drought"))?.design;
    expect(layers).toBeGreaterThan(0);
    expect(JSON.stringify(after?.layers.map(({ paint }) => paint))).not.toContain("ochre-ground");
    expect(after?.layers.map(({ zones }) => zones)).toEqual(
      before?.layers.map(({ zones }) => zones),
    );
  });
  it("refuses a stranger, what is not used, and what a safety rule stops", async () => {
    expect(await statusOf(substitute("none", { from: "sand", to: "moss" }))).toBe(404);
    expect(await statusOf(substitute("drought", { from: "sand", to: "none" }))).toBe(400);
    expect(await statusOf(substitute("drought", { from: "leaf", to: "moss" }))).toBe(400);
    expect(await statusOf(substitute("drought", { from: "sand", to: "workshop-gold" }))).toBe(422);
  });
});

describe("what a job used", () => {
  it("is written once, corrected by another line, and the sum is always what was said last", async () => {
    const db = await studio();
    const start = await stockLevels(db);
    expect((await writeUse("frost-reservoir", { on: today(), grams: {} })).written).toBeGreaterThan(
      3,
    );
    expect((await writeUse("frost-reservoir", { on: today(), grams: {} })).written).toBe(0);
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 1, maxLength: 4 }),
        async (said) => {
          for (const grams of said)
            await writeUse("frost-reservoir", { on: today(), grams: { "chalk-white": grams } });
          const used = (await jobMovements(db, "frost-reservoir"))
            .filter(({ productId }) => productId === "chalk-white")
            .reduce((sum, { delta }) => sum - delta, 0);
          expect(used).toBeCloseTo(said.at(-1) ?? NaN, 2);
          expect((await stockLevels(db)).get("chalk-white")).toBeCloseTo(
            (start.get("chalk-white") ?? 0) - used,
            6,
          );
        },
      ),
      { numRuns: 12 },
    );
    const ledger = await listMovements(db, "chalk-white");
    expect(ledger.filter(({ note }) => note.startsWith("corrected: ")).length).toBeGreaterThan(0);
    expect(await statusOf(writeUse("none", { on: today(), grams: {} }))).toBe(404);
    expect(await statusOf(writeUse("frost-reservoir", { on: today(), grams: { leaf: 2 } }))).toBe(
      400,
    );
  });
});

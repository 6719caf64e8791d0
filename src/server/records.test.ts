import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { loadDemoWhenEmpty } from "./demo";
import { Problem } from "./problem";
import { NewRecordSchema, takeDown } from "./records";
import { loadWorkspace } from "./workspace";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-records-"));
beforeAll(async () => { await loadDemoWhenEmpty(); });

const statusOf = (act: Promise<unknown>) => act.then(() => 200, (error: unknown) => (error instanceof Problem ? error.document.status : 500));
const record = (values: object = {}) => NewRecordSchema.parse({ lookId: "sundog", jobId: "sundog-hillside", on: "2026-06-01", seen: [{ zone: "forehead", afterHours: 2, wholePercent: 5 }], verdict: "ran", ...values });

describe("a record", () => {
  it("keeps what was seen beside the house's forecast of that hour, and moves the forecasts of its paint", async () => {
    const before = await loadWorkspace("sundog", "sundog-hillside");
    await takeDown(record());
    const after = await loadWorkspace("sundog", "sundog-hillside");
    expect(after?.records).toHaveLength((before?.records.length ?? 0) + 1);
    const [kept] = after?.records ?? [];
    expect(kept).toMatchObject({ verdict: "ran", personId: "ilse-marrow", wear: [{ zone: "forehead", wholePercent: 5 }] });
    expect(kept?.wear[0]?.forecastPercent).toBeGreaterThan(5);
    const type = kept?.wear[0]?.type;
    if (!type) throw new Error("nothing was taken down");
    const mean = (workspace: typeof after) => { const factor = workspace?.factors[type]; return factor ? factor.shape / factor.rate : 1; };
    expect(mean(after)).toBeGreaterThan(mean(before));
    // A second record is compared with the house again, not with what the first one taught.
    await takeDown(record());
    const again = await loadWorkspace("sundog", "sundog-hillside");
    expect(new Set(again?.records.map(({ wear }) => wear[0]?.forecastPercent)).size).toBe(1);
  });
  it("refuses what is not there: another look's job, a zone nobody painted, nothing seen", async () => {
    expect(await statusOf(takeDown(record({ jobId: "frost-reservoir" })))).toBe(404);
    expect(await statusOf(takeDown(record({ seen: [{ zone: "heelLeft", afterHours: 2, wholePercent: 50 }] })))).toBe(400);
    expect(NewRecordSchema.safeParse({ ...record(), seen: [] }).success).toBe(false);
  });
});

import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { loadDemoWhenEmpty } from "./demo";
import sharp from "sharp";
import { emptyLook, HOUSE_SPEED } from "@/core/look";
import { makePlan } from "@/core/plan";
import { contextOf } from "@/core/record";
import { NewRecordSchema, recordPicture, takeDown, takeRecordPicture } from "./records";
import { changeJob } from "./looks";
import { loadWorkspace } from "./workspace";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-records-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const record = (values: object = {}) =>
  NewRecordSchema.parse({
    lookId: "sundog",
    jobId: "sundog-hillside",
    on: "2026-06-01",
    seen: [{ zone: "forehead", afterHours: 2, wholePercent: 5 }],
    verdict: "ran",
    ...values,
  });

describe("a record", () => {
  it("keeps what was seen beside the house's forecast of that hour, and moves the forecasts of its paint", async () => {
    const before = await loadWorkspace("sundog", "sundog-hillside");
    await takeDown(record());
    const after = await loadWorkspace("sundog", "sundog-hillside");
    expect(after?.records).toHaveLength((before?.records.length ?? 0) + 1);
    const [kept] = after?.records ?? [];
    expect(kept).toMatchObject({
      verdict: "ran",
      personId: "ilse-marrow",
      wear: [{ zone: "forehead", wholePercent: 5 }],
    });
    expect(kept?.wear[0]?.forecastPercent).toBeGreaterThan(5);
    const type = kept?.wear[0]?.type;
    if (!type) throw new Error("nothing was taken down");
    const mean = (workspace: typeof after) => {
      const factor = workspace?.factors[type];
      return factor ? factor.shape / factor.rate : 1;
    };
    expect(mean(after)).toBeGreaterThan(mean(before));
    // A second record is compared with the house again, not with what the first one taught.
    await takeDown(record());
    const again = await loadWorkspace("sundog", "sundog-hillside");
    expect(new Set(again?.records.map(({ wear }) => wear[0]?.forecastPercent)).size).toBe(1);
  });
  it("keeps minutes by step beside the house's own, and the next plan of the look goes by them", async () => {
    const before = await loadWorkspace("sundog", "sundog-hillside");
    const plan = makePlan(
      before?.look.design ?? emptyLook("none"),
      contextOf({ ...(before as NonNullable<typeof before>), speed: HOUSE_SPEED }),
    );
    const steps = plan.steps.map(({ layerId, handsOnMinutes }) => ({
      layerId,
      actualMinutes: handsOnMinutes * 1.5,
    }));
    await takeDown(
      record({
        seen: [],
        steps,
        rehearsal: true,
        interruptions: [{ minutes: 4, why: "phone" }],
        changes: ["fewer rings"],
      }),
    );
    const after = await loadWorkspace("sundog", "sundog-hillside");
    expect(after?.speed.from.same).toBe(1);
    expect(after?.speed.factor).toBeCloseTo(1.5, 2);
    expect(after?.records[0]?.steps[0]).toMatchObject({
      layerId: plan.steps[0]?.layerId,
      name: plan.steps[0]?.title,
    });
    const slower = makePlan(
      after?.look.design ?? emptyLook("none"),
      contextOf(after as NonNullable<typeof after>),
    );
    expect(slower.handsOnMinutes / plan.handsOnMinutes).toBeCloseTo(1.5, 1);
    expect(
      await statusOf(
        takeDown(record({ seen: [], steps: [{ layerId: "nobody", actualMinutes: 3 }] })),
      ),
    ).toBe(400);
  });
  it("takes a sitting of the chair's log down once, and at the pace it was meant to be painted", async () => {
    const session = crypto.randomUUID();
    const { id } = await takeDown(record({ session }));
    expect(
      (await loadWorkspace("sundog", "sundog-hillside"))?.records.find((entry) => entry.id === id)
        ?.session,
    ).toBe(session);
    expect(await statusOf(takeDown(record({ session })))).toBe(400);
    const at = crypto.randomUUID();
    const four = [1, 2, 3, 4].map(() => statusOf(takeDown(record({ session: at }))));
    expect((await Promise.all(four)).sort()).toEqual([200, 400, 400, 400]);
    const given = await loadWorkspace("sundog", "sundog-hillside");
    if (!given?.job) throw new Error("the demo has the job");
    const step = given.look.design.layers[1]?.id ?? "";
    const planned = async () =>
      (await loadWorkspace("sundog", "sundog-hillside"))?.records[0]?.steps[0]?.plannedMinutes ?? 0;
    await takeDown(record({ seen: [], steps: [{ layerId: step, actualMinutes: 20 }] }));
    const usual = await planned();
    await changeJob(given.job.id, {
      version: given.job.version,
      personId: given.job.personId,
      brief: { ...given.brief, pace: "comfortable" },
    });
    await takeDown(record({ seen: [], steps: [{ layerId: step, actualMinutes: 28 }] }));
    expect((await planned()) / usual).toBeCloseTo(1.4, 2);
  });
  it("keeps pictures, cleaned, and refuses one for no record or none at all", async () => {
    const { id } = await takeDown(record());
    const png = await sharp({
      create: { width: 40, height: 30, channels: 3, background: "#884422" },
    })
      .png()
      .toBuffer();
    const picture = await takeRecordPicture(id, new Uint8Array(png), "image/png");
    expect(picture).toMatchObject({ width: 40, height: 30 });
    expect((await recordPicture(picture.id))?.slice(0, 2)).toEqual(new Uint8Array([0xff, 0xd8]));
    expect(
      (await loadWorkspace("sundog", "sundog-hillside"))?.pictures.map(({ recordId }) => recordId),
    ).toEqual([id]);
    expect(await statusOf(takeRecordPicture("none", new Uint8Array(png), "image/png"))).toBe(404);
    expect(await statusOf(takeRecordPicture(id, new Uint8Array([1, 2, 3]), "image/png"))).toBe(400);
  });
  it("refuses what is not there: another look's job, a zone nobody painted, nothing seen", async () => {
    expect(await statusOf(takeDown(record({ jobId: "frost-reservoir" })))).toBe(404);
    expect(
      await statusOf(
        takeDown(record({ seen: [{ zone: "heelLeft", afterHours: 2, wholePercent: 50 }] })),
      ),
    ).toBe(400);
    expect(NewRecordSchema.safeParse({ ...record(), seen: [], verdict: " " }).success).toBe(false);
  });
});

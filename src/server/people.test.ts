import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { USUAL_BRIEF } from "@/core/brief";
import { STAND_IN } from "@/core/people";
import {
  contentOf,
  databasePath,
  findPerson,
  listJobs,
  listPeople,
  listRecords,
  WasArchived,
  writeBackup,
} from "@/store";
import { ChairLogSchema, takeLog } from "./chair";
import { askForecast } from "./devices";
import { loadDemoWhenEmpty } from "./demo";
import { changeHouse, ChangeHouseSchema, house, houseHistory } from "./house";
import { writeUse } from "./kit";
import { newJob, saveDesign } from "./looks";
import { loadToday } from "./today";
import {
  archivePerson,
  changePerson,
  deletePerson,
  goneOf,
  personCard,
  SavePersonSchema,
  tracesOf,
} from "./people";
import { NewRecordSchema, takeDown } from "./records";
import { removalCard } from "./removalCard";
import { studio, today } from "./studio";
import { loadWorkspace } from "./workspace";
import { template } from "./templates";
import { statusOf } from "./testing";

let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-people-"));
  process.env.DERMAGRAPH_DATA = folder;
  await loadDemoWhenEmpty();
});
afterAll(async () => {
  await (await studio()).destroy();
  rmSync(folder, { recursive: true, force: true });
});

async function cardOf(id: string) {
  const card = await personCard(id);
  if (!card) throw new Error(`nobody by ${id}`);
  return card;
}
async function fieldsOf(id: string) {
  const { id: _, version, ...fields } = (await cardOf(id)).person;
  return { version, fields };
}

describe("an allergy added later", () => {
  it("is taken down and flags every job it touches: on the card, in the answer, on Today, and in what one may paint from", async () => {
    const before = await cardOf("bram-oskell");
    expect(before.jobs.map(({ lookName }) => lookName).sort()).toEqual(["Bog Light", "Drought"]);
    expect(before.jobs.flatMap(({ stops }) => stops)).toEqual([]);
    const { version, fields } = await fieldsOf("bram-oskell");
    const answer = await changePerson("bram-oskell", {
      version,
      fields: { ...fields, allergies: ["latex"] },
    });
    // Foam is latex: Bog Light is stopped by its ridge; Drought has none in it.
    expect(answer.stopped.map(({ lookName }) => lookName)).toEqual(["Bog Light"]);
    const after = await cardOf("bram-oskell");
    expect(
      after.jobs
        .find(({ lookName }) => lookName === "Bog Light")
        ?.stops.map(({ rule, message }) => `${rule} ${message}`)
        .join(" "),
    ).toMatch(/SAFE-2 Bram Oskell is allergic to natural rubber latex.*Ridge foam/);
    expect((await loadToday()).next.find(({ look }) => look.id === "bog-light")?.plan.stopped).toBe(
      true,
    );
    const bog = await loadWorkspace("bog-light");
    if (!bog) throw new Error("no bog light");
    // Accepted or not: a stop is no matter of opinion.
    await saveDesign("bog-light", {
      version: bog.look.version,
      design: { ...bog.look.design, accepted: ["SAFE-2:stop:ridge:x"], notes: "all the same" },
    });
    expect(
      await statusOf(
        template("bog-light", { kind: "chart", format: "pdf", job: bog.job?.id ?? "" }),
      ),
    ).toBe(422);
    await changePerson("bram-oskell", { version: answer.version, fields });
    expect((await cardOf("bram-oskell")).jobs.flatMap(({ stops }) => stops)).toEqual([]);
  });
});

describe("patch tests", () => {
  it("come to what their readings say, whatever is sent beside them", async () => {
    const { fields } = await fieldsOf("ilse-marrow");
    const sent = (test: object) =>
      SavePersonSchema.parse({
        version: 1,
        fields: {
          ...fields,
          patchTests: [{ productId: "leaf", on: "2026-06-01", result: "clear", ...test }],
        },
      }).fields.patchTests[0]?.result;
    expect([
      sent({}),
      sent({ first: "nothing" }),
      sent({ first: "nothing", late: "nothing" }),
      sent({ first: "reaction" }),
      sent({ first: "nothing", late: "reaction" }),
    ]).toEqual(["clear", "waiting", "clear", "reacted", "reacted"]);
    expect(
      SavePersonSchema.safeParse({
        version: 1,
        fields: {
          ...fields,
          patchTests: [{ productId: "leaf", on: "2026-06-01", result: "clear", late: "perhaps" }],
        },
      }).success,
    ).toBe(false);
  });
});

describe("house rules", () => {
  it("are kept as versions, one after another, and plans are made with the newest", async () => {
    expect((await house()).version).toBe(0);
    expect(
      await changeHouse({ version: 0, changes: { numbers: { touchUpShare: 90 }, off: ["SET-4"] } }),
    ).toEqual({ version: 1 });
    expect(await statusOf(changeHouse({ version: 0, changes: { numbers: {}, off: [] } }))).toBe(
      409,
    );
    expect((await loadWorkspace("drought"))?.house).toMatchObject({
      version: 1,
      changes: { numbers: { touchUpShare: 90 } },
    });
    expect((await house()).off.has("SET-4")).toBe(true);
    await changeHouse({ version: 1, changes: { numbers: {}, off: [] } });
    expect(
      (await houseHistory()).map(({ version, changes }) => [
        version,
        changes.numbers.touchUpShare ?? 85,
      ]),
    ).toEqual([
      [2, 85],
      [1, 90],
    ]);
    expect(
      ChangeHouseSchema.safeParse({ version: 2, changes: { numbers: {}, off: ["SAFE-1"] } })
        .success,
    ).toBe(false);
  });
});

describe("the forecast", () => {
  it("gives two days of hours for a curtain, or says why not", async () => {
    const at = new Date(Date.now() + 86_400_000).toISOString();
    const { hours, service } = await askForecast({ place: "quarry", at });
    expect(hours).toHaveLength(48);
    expect(service).toContain("simulated");
    expect(await statusOf(askForecast({ place: "quarry", at: "2031-01-01T12:00:00Z" }))).toBe(422);
  });
});

describe("the removal card", () => {
  it("is a page to take home, larger in large print, with the contact; of nothing it is refused", async () => {
    const usual = await removalCard("drought", { contact: "A. Painter, 0000" });
    const large = await removalCard("drought", { print: "large", contact: "A. Painter, 0000" });
    for (const { body, type } of [usual, large]) {
      expect(Buffer.from(body).subarray(0, 5).toString()).toBe("%PDF-");
      expect(type).toBe("application/pdf");
    }
    expect([usual.name, large.name]).toEqual(["drought-removal.pdf", "drought-removal-large.pdf"]);
    expect(await statusOf(removalCard("none", {}))).toBe(404);
    expect(await statusOf(removalCard("drought", { job: "none" }))).toBe(404);
    expect(await statusOf(removalCard("drought", { print: "huge" }))).toBe(400);
  });
});

const NO_MORE = { copies: [], pictures: [] };
describe("deleting a person", () => {
  it("asks for the name, then leaves nothing of them in the studio's file but what was worn, of nobody", async () => {
    const db = await studio();
    const backups = join(folder, "backups");
    await writeBackup(db, join(backups, "before-restore-2026.db"));
    const { copies, named } = await tracesOf("nomi-tarrow");
    expect(copies.map((file) => file.name)).toEqual(["before-restore-2026.db"]);
    expect(named).toEqual([]);
    expect(await goneOf({ jobs: "frost-reservoir,no-job", people: "nomi-tarrow" })).toEqual({
      jobs: ["no-job"],
      people: [],
    });
    expect(await statusOf(deletePerson("nomi-tarrow", { ...NO_MORE, name: "Nomi" }))).toBe(400);
    expect(await findPerson(db, "nomi-tarrow")).toMatchObject({
      name: "Nomi Tarrow",
      skin: "#50331f",
    });
    expect(
      await deletePerson("nomi-tarrow", {
        name: "Nomi Tarrow",
        copies: copies.map((file) => file.name),
        pictures: [],
      }),
    ).toEqual({
      records: 1,
      jobs: 1,
    });
    expect((await listPeople(db)).map(({ name }) => name)).not.toContain("Nomi Tarrow");
    const { id: _, version: __, ...left } = (await findPerson(db, "nomi-tarrow")) ?? STAND_IN;
    expect(left).toMatchObject({
      name: "somebody deleted",
      skin: "#808080",
      measures: null,
      landmarks: null,
      allergies: [],
      patchTests: [],
    });
    expect(await listJobs(db, { personId: "nomi-tarrow" })).toEqual([]);
    const [record] = await listRecords(db, { lookId: "first-frost" });
    expect(record).toMatchObject({ personId: null, reaction: "", verdict: "" });
    expect(record?.wear).toHaveLength(2);
    // Not a trace of the words in the file itself, nor in what is written ahead of it.
    const bytes = Buffer.concat(
      [databasePath(folder), `${databasePath(folder)}-wal`]
        .filter(existsSync)
        .map((path) => readFileSync(path)),
    );
    expect(bytes.includes("Ilse Marrow")).toBe(true);
    for (const words of ["Nomi Tarrow", "redness at the hairline", "#50331f"])
      expect(bytes.includes(words)).toBe(false);
    expect(await statusOf(deletePerson("nobody", { ...NO_MORE, name: "x" }))).toBe(404);
  });
  it("holds: a stale tab can neither save, record, log, photograph nor begin anything with them any more", async () => {
    const person = await findPerson(await studio(), "nomi-tarrow");
    const before = await contentOf(await studio());
    const { id: _, version, ...fields } = person ?? STAND_IN;
    const event = {
      id: crypto.randomUUID(),
      session: crypto.randomUUID(),
      at: "2026-06-01T18:00:00+02:00",
      kind: "begin",
    };
    const stale: Readonly<Record<string, () => Promise<unknown>>> = {
      card: () => changePerson("nomi-tarrow", { version, fields }),
      job: () => newJob({ lookId: "sundog", personId: "nomi-tarrow", brief: USUAL_BRIEF }),
      log: () =>
        takeLog(
          ChairLogSchema.parse({
            lookId: "first-frost",
            jobId: "frost-reservoir",
            events: [event],
          }),
        ),
      record: () =>
        takeDown(
          NewRecordSchema.parse({
            lookId: "first-frost",
            jobId: "frost-reservoir",
            on: today(),
            verdict: "worn",
          }),
        ),
      used: () => writeUse("frost-reservoir", { on: today(), grams: {} }),
    };
    for (const [what, act] of Object.entries(stale))
      await expect(act().then(() => what)).rejects.toBeInstanceOf(WasArchived);
    expect(await statusOf(archivePerson("nomi-tarrow", false))).toBe(404);
    expect(await personCard("nomi-tarrow")).toBeNull();
    expect(await goneOf({ jobs: "frost-reservoir", people: "nomi-tarrow" })).toEqual({
      jobs: ["frost-reservoir"],
      people: ["nomi-tarrow"],
    });
    expect(await contentOf(await studio())).toEqual(before);
    expect(readdirSync(join(folder, "backups"))).toEqual([]);
  });
});

import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { USUAL_BRIEF } from "@/core/brief";
import { applyPatch, emptyLook } from "@/core/look";
import { NOTHING_SAID } from "@/core/paint";
import { STAND_IN } from "@/core/people";
import { aLayer } from "@/core/testing";
import { sql } from "kysely";
import { countLooks, findJob, findLook, findPerson, listJobs, listPeople } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import { changeJob, copyLook, lookNames, newJob, saveDesign, startLook, takeLayer } from "./looks";
import { cardPicture, lookCards } from "./lookCards";
import { loadToday } from "./today";
import { takeDown } from "./records";
import { changePerson } from "./people";
import { Problem } from "./problem";
import { createProduct, move, productWithLedger, takeDemoShelf } from "./shelf";
import { studio } from "./studio";
import { loadWorkspace } from "./workspace";
import { callCalendar } from "./calendar";
import { callOf } from "./callOf";
import { loadCalls } from "./calls";
import { loadChair, takeLog } from "./chair";
import { ingredientSheet } from "./ingredientSheet";
import { removalCard } from "./removalCard";
import { template } from "./templates";
import { ChairEventSchema } from "@/core/chair";
import { statusOf } from "./testing";

let folder: string;
const { id: _id, version: _version, ...person } = STAND_IN;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-server-"));
  process.env.DERMAGRAPH_DATA = folder;
  await loadDemoWhenEmpty();
});
afterAll(async () => {
  await (await studio()).destroy();
  rmSync(folder, { recursive: true, force: true });
});

const latexLayer = aLayer({
  id: "strand",
  zones: ["forehead"],
  paint: { kind: "product", productId: "clear-strand-latex" },
  tool: "stippleSponge",
});

describe("demo", () => {
  it("is the scenario: eight looks and two for the booth, five people, seven jobs, forty products and more, and is loaded once", async () => {
    const db = await studio();
    expect((await lookCards()).cards.map((card) => card.look.design.name).sort()).toEqual([
      "Bog Light",
      "Drought",
      "First Frost",
      "Fog",
      "Gate leaf",
      "Hail",
      "Small sundog",
      "Sundog",
      "Thunderhead",
      "Two hailstones",
    ]);
    expect(await listPeople(db)).toHaveLength(5);
    expect(await listJobs(db)).toHaveLength(7);
    expect((await loadToday()).products).toBeGreaterThanOrEqual(40);
    expect(await loadDemoWhenEmpty()).toBe(false);
  });
  it("marks a card's picture anew when anything it is drawn from changes, and only then", async () => {
    const marks = async () =>
      new Map((await lookCards()).cards.map(({ look, mark }) => [look.id, mark]));
    const before = await marks();
    expect(new Set(before.values()).size).toBe(10);
    const fog = await findLook(await studio(), "fog");
    if (!fog) throw new Error("no fog");
    const layers = fog.design.layers.map((layer) => ({ ...layer, coats: 1 as const }));
    await saveDesign("fog", { version: fog.version, design: { ...fog.design, layers } });
    const after = await marks();
    for (const [id, mark] of before) expect(after.get(id) === mark).toBe(id !== "fog");
    expect(await statusOf(cardPicture("fog", "frost-reservoir", null))).toBe(404);
    expect(await statusOf(cardPicture("nobody", null, null))).toBe(404);
  });
  it("has no stop in any look, and something due on Today", async () => {
    for (const card of (await lookCards()).cards)
      expect({
        look: card.look.design.name,
        stops: card.plan.findings
          .filter(({ severity }) => severity === "stop")
          .map(({ message }) => message),
      }).toEqual({ look: card.look.design.name, stops: [] });
    const today = await loadToday();
    expect(today.next.map((card) => card.look.design.name)).toEqual([
      "First Frost",
      "Hail",
      "Drought",
      "Sundog",
      "Bog Light",
    ]);
    expect(today.patchTests).toHaveLength(1);
    expect(today.expiring.list.some((product) => product.past)).toBe(true);
    expect(today.builds.map(({ name, look }) => `${name} for ${look}`)).toEqual([
      "Reed horns for Bog Light",
    ]);
    expect(
      (today.builds[0]?.startOn ?? "") <=
        (today.next.find(({ look }) => look.id === "bog-light")?.job?.brief.curtainAt ?? ""),
    ).toBe(true);
    expect(today.unrecorded.map(({ jobId }) => jobId)).toEqual(["sundog-dress"]);
    // A rehearsal is no record of how it was worn; a record is.
    const taken = {
      lookId: "sundog",
      jobId: "sundog-dress",
      on: today.date,
      seen: [],
      steps: [],
      verdict: "timed",
      reaction: "",
      reacted: false,
      rehearsal: true,
      interruptions: [],
      check: null,
      fits: null,
      reads: null,
      changes: [],
      session: null,
    };
    await takeDown(taken);
    expect((await loadToday()).unrecorded).toHaveLength(1);
    await takeDown({ ...taken, rehearsal: false, verdict: "worn" });
    expect((await loadToday()).unrecorded).toEqual([]);
    // A reaction goes to the card of whoever had it: patch tests from before count no longer.
    const job = await findJob(await studio(), "sundog-dress");
    const cardOf = async () => findPerson(await studio(), job?.personId ?? "");
    expect((await cardOf())?.reactedOn).toBeNull();
    await takeDown({ ...taken, reaction: "red at the jaw", reacted: true, rehearsal: false });
    expect((await cardOf())?.reactedOn).toBe(today.date);
    for (const order of today.orders) {
      expect(order.missing).toBeGreaterThan(0);
      expect(order.by < (today.next.at(-1)?.job?.brief.curtainAt ?? "")).toBe(true);
    }
    expect(today.orders.length).toBeGreaterThan(0);
    expect(today.low.list.map((product) => product.name)).toEqual(["Leaf"]);
  });
});

describe("stops", () => {
  const withLatex = (name: string) =>
    applyPatch(emptyLook(name), { op: "addLayer", layer: latexLayer });
  /** Every way by which one would paint from a look, for one job of it. */
  const ways = (lookId: string, jobId: string) => ({
    chart: statusOf(template(lookId, { kind: "chart", format: "pdf", job: jobId })),
    stencil: statusOf(template(lookId, { kind: "stencil", format: "svg", job: jobId })),
    body: statusOf(template(lookId, { kind: "body", format: "svg", job: jobId })),
    sheet: statusOf(ingredientSheet(lookId, { job: jobId })),
    chair: loadChair(lookId, jobId).then((chair) => (chair && "given" in chair ? 200 : 422)),
  });
  const asked = async (lookId: string, jobId: string) =>
    [...new Set(await Promise.all(Object.values(ways(lookId, jobId))))].join();

  it("save the draft all the same, and withhold whatever one would paint from, by every way", async () => {
    const { lookId, jobId } = await startLook({
      name: "Latex trial",
      brief: USUAL_BRIEF,
      personId: "ilse-marrow",
    });
    await saveDesign(lookId, { version: 1, design: withLatex("Latex trial") });
    expect(await findLook(await studio(), lookId)).toMatchObject({ version: 2 });
    expect(await asked(lookId, jobId)).toBe("422");
    const [refusal] = await Promise.allSettled([
      template(lookId, { kind: "chart", format: "pdf", job: jobId }),
    ]);
    expect(refusal).toMatchObject({
      reason: { document: { findings: [{ rule: "SAFE-2", severity: "stop" }] } },
    });
    // How it comes off is always told.
    expect(await statusOf(removalCard(lookId, { job: jobId }))).toBe(200);
    const chair = await loadChair(lookId, jobId);
    expect(chair && "stops" in chair && chair.stops[0]?.rule).toBe("SAFE-2");
    expect(JSON.stringify(chair)).not.toContain("products");
  });

  it("withhold for the job whose person it concerns, and a chair that was kept is told", async () => {
    const { lookId, jobId } = await startLook({
      name: "Strands",
      brief: USUAL_BRIEF,
      personId: "nomi-tarrow",
    });
    await saveDesign(lookId, { version: 1, design: withLatex("Strands") });
    const other = await newJob({ lookId, personId: "ilse-marrow", brief: USUAL_BRIEF });
    expect(await asked(lookId, jobId)).toBe("200");
    expect(await asked(lookId, other.jobId)).toBe("422");
    await changeJob(jobId, { version: 1, personId: "ilse-marrow", brief: USUAL_BRIEF });
    expect(await asked(lookId, jobId)).toBe("422");
    await changeJob(jobId, { version: 2, personId: "nomi-tarrow", brief: USUAL_BRIEF });
    // An allergy learned later is always taken down.
    const nomi = (await listPeople(await studio())).find((entry) => entry.id === "nomi-tarrow");
    const { id: _nomi, version, ...fields } = nomi ?? { ...STAND_IN };
    await changePerson("nomi-tarrow", { version, fields: { ...fields, allergies: ["latex"] } });
    expect((await lookCards()).cards.find((card) => card.look.id === lookId)?.plan.stopped).toBe(
      true,
    );
    expect(await asked(lookId, jobId)).toBe("422");
    const begun = {
      id: crypto.randomUUID(),
      session: crypto.randomUUID(),
      at: "2026-11-27T10:00:00+00:00",
    };
    const event = ChairEventSchema.parse({ ...begun, kind: "begin" });
    const told = await takeLog({ lookId, jobId, events: [event] });
    expect(told.stops.join()).toContain("latex");
    await changePerson("nomi-tarrow", { version: version + 1, fields });
    expect(await asked(lookId, jobId)).toBe("200");
  });

  it("withhold in a call that performer only, on its sheet and in its calendar", async () => {
    const { days } = await loadCalls();
    const day = days.find(({ jobs }) => jobs.length > 1);
    const [first] = day?.jobs ?? [];
    if (!day || !first) throw new Error("no call of several");
    const stored = await findLook(await studio(), first.lookId);
    if (!stored) throw new Error("no look");
    await saveDesign(first.lookId, {
      version: stored.version,
      design: applyPatch(stored.design, {
        op: "addLayer",
        layer: { ...latexLayer, paint: { kind: "product", productId: "workshop-gold" } },
      }),
    });
    const { plan } = await callOf(day.date);
    expect(plan.withheld.map(({ jobId }) => jobId)).toContain(first.id);
    expect(plan.performers.some(({ jobId }) => jobId === first.id)).toBe(false);
    expect(plan.performers.length).toBe(day.jobs.length - plan.withheld.length);
    expect((await callCalendar(day.date)).body).not.toContain(`${first.id}-call`);
    await saveDesign(first.lookId, { version: stored.version + 1, design: stored.design });
    expect((await callCalendar(day.date)).body).toContain(`${first.id}-call`);
  });
});

describe("use cases", () => {
  it("start a look with a new person all or nothing", async () => {
    const before = (await listPeople(await studio())).length;
    expect(
      await statusOf(startLook({ name: "Nobody", brief: USUAL_BRIEF, personId: "none" })),
    ).toBe(404);
    const { lookId, jobId } = await startLook({
      name: "Somebody",
      brief: USUAL_BRIEF,
      person: { ...person, name: "New person" },
    });
    expect((await listPeople(await studio())).length).toBe(before + 1);
    const workspace = await loadWorkspace(lookId);
    expect(workspace).toMatchObject({ job: { id: jobId }, person: { name: "New person" } });
    expect(await loadWorkspace("none")).toBeNull();
  });
  it("keep the ledger: a new pot is bought, used, and weighed; stock may go below nothing without a crash", async () => {
    const { id } = await createProduct({
      ...NOTHING_SAID,
      name: "Trial pot",
      maker: "",
      code: "",
      material: "cream",
      colour: "#aaaaaa",
      wetColour: null,
      monthsOpen: null,
      letDown: null,
      hiding: 0.9,
      tint: 1,
      grade: "cosmetic",
      eyeSafe: false,
      lipSafe: false,
      labelRead: true,
      isHairDye: null,
      allergens: [],
      sizeGrams: 10,
      priceMinor: 100,
      openedOn: null,
      expiresOn: null,
      notes: "",
    });
    expect(await move(id, { kind: "used", grams: 12, on: "2026-06-01", note: "" })).toEqual({
      left: -2,
    });
    expect(await move(id, { kind: "weighed", grams: 3.5, on: "2026-06-02", note: "" })).toEqual({
      left: 3.5,
    });
    expect((await productWithLedger(id))?.ledger.map((line) => line.delta)).toEqual([10, -12, 5.5]);
    expect(await takeDemoShelf()).toEqual({ added: 0 });
  });
});

describe("a layer copied to another look", () => {
  const stones = aLayer({
    id: "great-stones",
    role: "detail",
    zones: ["forehead"],
    paint: { kind: "product", productId: "line-white" },
    tool: "roundBrush",
  });
  const designOf = async (id: string) =>
    (await findLook(await studio(), id))?.design ?? emptyLook("gone");

  it("lies on top of what is there and under what seals it, with an id of its own", async () => {
    const before = await designOf("hail");
    await takeLayer("hail", { layer: stones });
    const { layers } = await designOf("hail");
    expect(layers).toHaveLength(before.layers.length + 1);
    expect(new Set(layers.map(({ id }) => id)).size).toBe(layers.length);
    expect(layers.at(-1)?.role).toBe("seal");
    expect(layers.at(-2)).toMatchObject({ id: "great-stones-2", name: stones.name });
  });

  it("is refused where the look is full, and where there is no look; nothing changes", async () => {
    const refused = async (id: string, layer: typeof stones) =>
      takeLayer(id, { layer }).then(
        () => "taken",
        (error: unknown) => (error instanceof Problem ? error.document.status : "crashed"),
      );
    expect(await refused("nowhere", stones)).toBe(404);
    const db = await studio();
    const full = await findLook(db, "fog");
    const fill = {
      ...(full?.design ?? emptyLook("fog")),
      layers: Array.from({ length: 80 }, (_, i) => ({ ...stones, id: `l${i}` })),
    };
    await saveDesign("fog", { version: full?.version ?? 1, design: fill });
    expect(await refused("fog", stones)).toBe(400);
    expect((await designOf("fog")).layers).toHaveLength(80);
  });

  it("is offered every look by name", async () => {
    const names = (await lookNames()).map(({ name }) => name);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
    expect(names).toContain("Gate leaf");
  });
});

describe("a full disk", () => {
  it("refuses what does not fit in words, and loses nothing of what was there", async () => {
    const db = await studio();
    const pages = async (query: ReturnType<typeof sql<Record<string, number>>>) =>
      Object.values((await query.execute(db)).rows[0] ?? {})[0] ?? 0;
    const now = await pages(sql`PRAGMA page_count`);
    const looks = await countLooks(db);
    await sql`PRAGMA max_page_count = ${sql.lit(now)}`.execute(db);
    const design = { ...emptyLook("Too much"), notes: "x".repeat(4000) };
    const answers: number[] = [];
    for (let i = 0; i < 40; i++)
      answers.push(await statusOf(copyLook("none", { name: `No ${i}`, design })));
    expect(answers).toContain(507);
    expect(new Set(answers)).toEqual(new Set([...answers.filter((status) => status === 200), 507]));
    await sql`PRAGMA max_page_count = 1073741823`.execute(db);
    const done = answers.filter((status) => status === 200).length;
    expect(await countLooks(db)).toBe(looks + done);
    expect(await statusOf(copyLook("none", { name: "Fits again", design }))).toBe(200);
  });
});

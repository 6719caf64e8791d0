import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ADVICE_GROUPS, recommendPaint } from "@/core/advice";
import type { ZoneId } from "@/core/anatomy";
import { USUAL_BRIEF, type Brief } from "@/core/brief";
import { formatStudio } from "@/core/formats";
import { applyPatch, checkLook, emptyLook, isWearable, mayHold, tooYoungFor } from "@/core/look";
import { ProductSchema, toolsFor, type MaterialKey, type ProductFields } from "@/core/paint";
import { PersonSchema, STAND_IN, type PersonFields } from "@/core/people";
import { contextOf } from "@/core/record";
import type { RuleId } from "@/core/rules";
import type { StudioSettings } from "@/core/studio";
import { aLayer } from "@/core/testing";
import { contentOf, findLook, findPerson, listProducts, openStore } from "@/store";
import { callCalendar } from "./calendar";
import { callOf } from "./callOf";
import { loadChair } from "./chair";
import { ingredientSheet } from "./ingredientSheet";
import { saveDesign, startLook } from "./looks";
import { createPerson } from "./people";
import { changeSettings, settings } from "./settings";
import { createProduct } from "./shelf";
import { importStudio } from "./studioFile";
import { replaceStudio, studio, today } from "./studio";
import { exportLook, importLook, template } from "./templates";
import { nobody, sent, statusOf } from "./testing";
import { loadWorkspace } from "./workspace";

// Who, with what, where, when, and what is expected; each tried by every way there is.

interface Probe {
  readonly who?: Partial<PersonFields>;
  readonly what: Partial<ProductFields> & { readonly material: MaterialKey };
  readonly where?: readonly ZoneId[];
  readonly when?: Partial<Brief>;
  readonly expected: readonly (readonly [RuleId, "stop" | "caution"])[];
  /** Stopped by where it lies, not by what it is. */
  readonly byPlace?: true;
  /** The studio's dressing room, where it matters. */
  readonly room?: Partial<StudioSettings["room"]>;
  /** Rules that must not speak. */
  readonly silent?: readonly RuleId[];
}

const child = (ageYears: number) => ({ ageYears, guardianConsent: true });
const read = { labelRead: true };
const hot = { airDegC: 33, rh: 50, sun: true, activity: "dancing", hoursWorn: 5 } as const;

const PROBES: Readonly<Record<string, Probe>> = {
  "a blank label on somebody without allergies": {
    what: { material: "waterGlycerine" },
    expected: [["SAFE-12", "caution"]],
    silent: ["SAFE-11", "SAFE-14"],
  },
  "a blank label of a cream, on an allergy to lanolin": {
    who: { allergies: ["lanolin"] },
    what: { material: "cream" },
    expected: [
      ["SAFE-2", "stop"],
      ["SAFE-12", "caution"],
    ],
  },
  "the same cream, its label read": {
    who: { allergies: ["lanolin"] },
    what: { material: "cream", ...read },
    expected: [],
    silent: ["SAFE-12"],
  },
  "a red nobody has read, on an allergy to carmine": {
    who: { allergies: ["carmine"] },
    what: { material: "waterWax", colour: "#a02030" },
    expected: [["SAFE-2", "stop"]],
  },
  "a green nobody has read, on an allergy to carmine": {
    who: { allergies: ["carmine"] },
    what: { material: "waterWax", colour: "#3d7842" },
    expected: [["SAFE-12", "caution"]],
  },
  "a bald cap nobody has read, on an allergy to latex": {
    who: { allergies: ["latex"] },
    what: { material: "baldCap", colour: "#d6b096", grade: "skinAdhesive" },
    where: ["scalp"],
    expected: [["SAFE-2", "stop"]],
  },
  "liquid latex, read, on an allergy to latex: it is made of it": {
    who: { allergies: ["latex"] },
    what: { material: "latex", ...read },
    expected: [["SAFE-2", "stop"]],
  },
  "spirit gum on an allergy to rosin": {
    who: { allergies: ["rosin"] },
    what: { material: "spiritGum", colour: null, grade: "skinAdhesive", ...read },
    expected: [["SAFE-2", "stop"]],
  },
  "glitter nobody has read, on an allergy to nickel": {
    who: { allergies: ["nickel"] },
    what: { material: "glitter" },
    expected: [["SAFE-2", "stop"]],
  },
  "powder nobody has read, on an allergy to talc": {
    who: { allergies: ["talc"] },
    what: { material: "powder" },
    expected: [["SAFE-2", "stop"]],
  },
  "a lip colour nobody has read, on an allergy to propolis": {
    who: { allergies: ["propolis"] },
    what: { material: "lipLong", lipSafe: true },
    where: ["upperLip", "lowerLip"],
    expected: [["SAFE-2", "stop"]],
  },
  "black henna": {
    what: { material: "waterGlycerine", name: "Black henna", ...read },
    expected: [["SAFE-11", "stop"]],
  },
  "black henna on a hand": {
    what: { material: "waterGlycerine", name: "Black Henna cone", ...read },
    where: ["handBackLeft"],
    expected: [["SAFE-11", "stop"]],
  },
  "plain henna": {
    what: { material: "waterGlycerine", name: "Plain henna", ...read },
    expected: [],
    silent: ["SAFE-11"],
  },
  "a line whose label names PPD": {
    what: { material: "waterWax", allergens: ["ppd"], ...read },
    expected: [["SAFE-11", "stop"]],
  },
  "hair dye that its notes give away": {
    what: { material: "pencil", notes: "hair dye, thinned", ...read },
    expected: [["SAFE-11", "stop"]],
  },
  "what is called henna and was asked about": {
    what: { material: "waterGlycerine", name: "Henna brown", isHairDye: false, ...read },
    expected: [],
    silent: ["SAFE-11"],
  },
  "hair colour on a cheek, and nobody has said that it holds none": {
    what: { material: "hairColour", ...read },
    byPlace: true,
    expected: [["SAFE-11", "stop"]],
  },
  "alcohol colour on a child of six": {
    who: child(6),
    what: { material: "alcoholActivated", ...read },
    expected: [["SAFE-14", "stop"]],
  },
  "alcohol colour at thirteen": {
    who: child(13),
    what: { material: "alcoholActivated", ...read },
    expected: [["SAFE-14", "caution"]],
  },
  "latex on a child of eight": {
    who: child(8),
    what: { material: "latex", ...read },
    expected: [["SAFE-14", "stop"]],
  },
  "adhesive on a child of eleven": {
    who: child(11),
    what: { material: "medicalAdhesive", colour: null, grade: "skinAdhesive", ...read },
    expected: [["SAFE-14", "stop"]],
  },
  "adhesive acrylic on a child of nine": {
    who: child(9),
    what: { material: "adhesiveAcrylic", grade: "skinAdhesive", ...read },
    expected: [["SAFE-14", "stop"]],
  },
  "water colour on a child of six": {
    who: child(6),
    what: { material: "waterGlycerine", ...read },
    expected: [],
    silent: ["SAFE-14", "SAFE-12"],
  },
  "glitter round a child's eyes": {
    who: child(7),
    what: { material: "glitter", eyeSafe: true, ...read },
    where: ["upperLidLeft"],
    byPlace: true,
    expected: [["SAFE-14", "stop"]],
  },
  "medical adhesive on a bare brow": {
    what: { material: "medicalAdhesive", colour: null, grade: "skinAdhesive", ...read },
    where: ["browLeft"],
    byPlace: true,
    expected: [["BROW-2", "stop"]],
  },
  "spirit gum on a bare brow": {
    what: { material: "spiritGum", colour: null, grade: "skinAdhesive", ...read },
    where: ["browLeft"],
    expected: [["BROW-2", "caution"]],
  },
  "a cheek with eczema, left bare by the card": {
    who: { concerns: [{ what: "eczema", zones: ["cheekAppleLeft"], unpainted: true }] },
    what: { material: "waterGlycerine", ...read },
    byPlace: true,
    expected: [["SAFE-7", "stop"]],
  },
  "a cheek with a scar that may be painted": {
    who: { concerns: [{ what: "scar", zones: ["cheekAppleLeft"], unpainted: false }] },
    what: { material: "waterGlycerine", ...read },
    expected: [],
    silent: ["SAFE-7"],
  },
  "a chin that is sore today": {
    what: { material: "waterGlycerine", ...read },
    where: ["chin"],
    when: { bareToday: ["chin"], healthAsked: true },
    byPlace: true,
    expected: [["SAFE-7", "stop"]],
  },
  "a label that says to keep it away from the eyes, on a brow": {
    what: { material: "waterGlycerine", keepFrom: ["eyes"], ...read },
    where: ["browLeft"],
    byPlace: true,
    expected: [["SAFE-3", "stop"]],
  },
  "a fluorescent lid, its label unread": {
    what: { material: "waterGlycerine", finish: "fluorescent", eyeSafe: true },
    where: ["upperLidLeft"],
    expected: [
      ["SAFE-15", "caution"],
      ["SAFE-12", "caution"],
    ],
  },
  "the same lid, its label read": {
    what: { material: "waterGlycerine", finish: "fluorescent", eyeSafe: true, ...read },
    where: ["upperLidLeft"],
    expected: [],
    silent: ["SAFE-15", "SAFE-12"],
  },
  "a lid with a pigment that is not listed for eyes": {
    what: { material: "powder", eyeSafe: true, colourIndex: ["CI 45410"], ...read },
    where: ["upperLidLeft"],
    expected: [["SAFE-15", "caution"]],
  },
  "a red whose label lists CI 75470, on an allergy to carmine": {
    who: { allergies: ["carmine"] },
    what: { material: "pencil", colour: "#a02030", colourIndex: ["CI 75470"], ...read },
    expected: [["SAFE-2", "stop"]],
  },
  "craft glitter that was put down as cosmetic": {
    what: { material: "glitter", glitter: "craft", ...read },
    expected: [["SAFE-1", "stop"]],
  },
  "glitter on a lid, and nobody has said what it is cut from": {
    what: { material: "glitter", eyeSafe: true, ...read },
    where: ["upperLidLeft"],
    expected: [["SAFE-15", "caution"]],
  },
  "asthma by the card, and powder": {
    who: { asthma: true },
    what: { material: "powder", ...read },
    expected: [["SAFE-13", "caution"]],
  },
  "a cold sore said today, and lip colour": {
    what: { material: "lipLong", lipSafe: true, ...read },
    where: ["upperLip"],
    when: { health: ["coldSore"], healthAsked: true },
    expected: [["SAFE-13", "caution"]],
  },
  "alcohol colour in a room that nothing airs": {
    what: { material: "alcoholActivated", ...read },
    room: { ventilation: "none" },
    expected: [["SAFE-5", "caution"]],
  },
  "powder near a child of two": {
    who: child(2),
    what: { material: "powder", ...read },
    expected: [["SAFE-6", "caution"]],
  },
  "a child of whom a parent has agreed today": {
    who: { ageYears: 8 },
    what: { material: "waterGlycerine", ...read },
    when: { consent: { who: "Ada Moor, mother", on: "2026-06-01", to: "a leaf" } },
    expected: [],
    silent: ["SAFE-8"],
  },
  "a painted body dancing five hours at 33 °C in the sun": {
    what: { material: "waterGlycerine", ...read },
    when: hot,
    expected: [["SAFE-9", "caution"]],
  },
  "a cool evening": {
    what: { material: "waterGlycerine", ...read },
    expected: [],
    silent: ["SAFE-9"],
  },
};

const folders: string[] = [];
const newFolder = () => {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-probes-"));
  folders.push(folder);
  return folder;
};
process.env.DERMAGRAPH_DATA = newFolder();
jest.setTimeout(60_000);
afterAll(async () => {
  await (await studio()).destroy();
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
});

const { id: _id, version: _version, ...somebody } = STAND_IN;
const productOf = (what: Probe["what"]): ProductFields =>
  ProductSchema.parse({
    name: "Probe",
    colour: "#5b6f38",
    hiding: 0.9,
    grade: "cosmetic",
    eyeSafe: false,
    lipSafe: false,
    allergens: [],
    sizeGrams: 30,
    priceMinor: 100,
    ...what,
  });
const tomorrow = () =>
  new Date(Date.parse(`${today()}T12:00:00Z`) + 86_400_000).toISOString().slice(0, 10);

/** Puts a probe into the studio as a painter would: person, product, look, its layer. */
async function set({ who, what, where, when, room }: Probe) {
  if (room) {
    const { version, fields } = await settings();
    await changeSettings({ version, fields: { ...fields, room: { ...fields.room, ...room } } });
  }
  const person = await createPerson(PersonSchema.parse({ ...somebody, name: "Probe", ...who }));
  const product = await createProduct(productOf(what));
  const brief = { ...USUAL_BRIEF, curtainAt: `${tomorrow()}T19:30:00+00:00`, ...when };
  const { lookId, jobId } = await startLook({ name: "Probe", brief, personId: person.id });
  const layer = aLayer({
    id: "probe",
    role: "detail",
    zones: [...(where ?? (["cheekAppleLeft"] as const))],
    paint: { kind: "product", productId: product.id },
    tool: toolsFor(what.material)[0] ?? "flatBrush",
  });
  const design = applyPatch(emptyLook("Probe"), { op: "addLayer", layer });
  expect(await statusOf(saveDesign(lookId, { version: 1, design }))).toBe(200);
  return { lookId, jobId, personId: person.id, productId: product.id };
}

const prints = (lookId: string, jobId: string) =>
  Promise.all([
    statusOf(template(lookId, { kind: "chart", format: "pdf", job: jobId })),
    statusOf(ingredientSheet(lookId, { job: jobId })),
    loadChair(lookId, jobId).then((chair) => (chair && "given" in chair ? 200 : 422)),
  ]);

describe.each(Object.entries(PROBES))("%s", (_, probe) => {
  const stops = probe.expected.filter(([, severity]) => severity === "stop").map(([rule]) => rule);
  const status = stops.length ? 422 : 200;

  it("is judged so in the form, by the routes, in a call, by the advice and after import", async () => {
    const { lookId, jobId, personId, productId } = await set(probe);
    const given = await loadWorkspace(lookId, jobId);
    if (!given) throw new Error("no workspace");
    const found = checkLook(given.look.design, contextOf(given));
    const said = found.map(({ rule, severity }) => `${rule} ${severity}`);
    for (const [rule, severity] of probe.expected) expect(said).toContain(`${rule} ${severity}`);
    for (const rule of probe.silent ?? [])
      expect(found.filter((finding) => finding.rule === rule)).toEqual([]);
    expect(found.filter(({ severity }) => severity === "stop").map(({ rule }) => rule)).toEqual(
      stops,
    );

    expect(await prints(lookId, jobId)).toEqual([status, status, status]);

    const { plan } = await callOf(tomorrow());
    expect(plan.withheld.some((entry) => entry.jobId === jobId)).toBe(stops.length > 0);
    expect((await callCalendar(tomorrow())).body.includes(`${jobId}-call`)).toBe(!stops.length);

    const db = await studio();
    const person = await findPerson(db, personId);
    const shelf = await listProducts(db);
    const product = shelf.find(({ id }) => id === productId);
    if (!person || !product) throw new Error("not there");
    const { byPlace } = probe;
    if (!byPlace) expect(mayHold(product, person)).toBe(!stops.length);
    if (stops.length && !byPlace) {
      expect(isWearable(product, person)).toBe(false);
      const advised = recommendPaint(
        { person, brief: given.brief, shelf: [product] },
        ADVICE_GROUPS,
      );
      const kinds = advised.options.flatMap(({ kit: { base, detail } }) => [base, detail]);
      if (tooYoungFor(product.material, person) === "stop")
        expect(kinds).not.toContain(product.material);
    }

    const { file } = await exportLook(lookId);
    const imported = await importLook(new TextEncoder().encode(JSON.stringify(file)));
    expect(await findLook(db, imported.lookId)).not.toBeNull();
    // A whole studio carries the facts with it: there it is judged the same.
    const whole = formatStudio(await contentOf(db), "2026-01-01T00:00:00Z");
    await replaceStudio(() => openStore(newFolder()));
    await importStudio(sent(whole), nobody());
    expect(await prints(lookId, jobId)).toEqual([status, status, status]);
    const there = await loadWorkspace(lookId, jobId);
    if (!there) throw new Error("did not come along");
    expect(
      checkLook(there.look.design, contextOf(there)).map(
        ({ rule, severity }) => `${rule} ${severity}`,
      ),
    ).toEqual(said);
    await replaceStudio(() => openStore(newFolder()));
  });
});

import { hexToLab, individualTypologyAngle, itaClass } from "@/core/colour";
import { layOut, PaletteSchema } from "@/core/kit";
import { checkLook, lookContext, LookSchema, wearForecast } from "@/core/look";
import { BriefSchema, USUAL_BRIEF } from "@/core/brief";
import { PAINT_TYPE_KEYS, ProductSchema } from "@/core/paint";
import { PersonSchema, STAND_IN } from "@/core/people";
import { makePlan } from "@/core/plan";
import { disagreements, RecordSchema } from "@/core/record";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoJobs, demoPeople, demoRecords, demoPalettes } from ".";

const TODAY = "2026-06-01";
const day = (offset: number) =>
  new Date(Date.parse(`${TODAY}T12:00:00Z`) + offset * 86_400_000).toISOString().slice(0, 10);
const products = DEMO_PRODUCTS(TODAY);
const people = demoPeople(day);
const jobs = demoJobs((days, clock) => `${day(days)}T${clock}:00+00:00`);

describe("the Weather Court", () => {
  it("is valid data with ids of its own", () => {
    for (const { fields } of products)
      expect(ProductSchema.safeParse(fields).error).toBeUndefined();
    for (const { fields } of people) expect(PersonSchema.safeParse(fields).error).toBeUndefined();
    for (const { design } of DEMO_LOOKS) expect(LookSchema.safeParse(design).error).toBeUndefined();
    for (const { brief } of jobs) expect(BriefSchema.safeParse(brief).error).toBeUndefined();
    for (const list of [products, people, DEMO_LOOKS, jobs])
      expect(new Set(list.map(({ id }) => id)).size).toBe(list.length);
  });

  it("has some sixty products of every paint type on its shelf, an expired pot, one nearly empty, and a craft paint to stumble over", () => {
    const kinds = new Set(products.map(({ fields }) => fields.material));
    expect(products).toHaveLength(67);
    expect(PAINT_TYPE_KEYS.filter((key) => !kinds.has(key))).toEqual([]);
    expect(
      products.some(({ fields }) => fields.expiresOn !== null && fields.expiresOn < TODAY),
    ).toBe(true);
    expect(products.some(({ grams, fields }) => grams < fields.sizeGrams * 0.1)).toBe(true);
    expect(products.some(({ fields }) => fields.grade === "prop")).toBe(true);
  });

  it("has palettes whose pans all fit, of paints that are on the shelf", () => {
    const ids = new Set(products.map(({ id }) => id));
    for (const { fields } of demoPalettes()) {
      expect(PaletteSchema.safeParse(fields).error).toBeUndefined();
      expect(layOut(fields).every(({ fits }) => fits)).toBe(true);
      for (const { parts } of fields.pans)
        for (const { productId } of parts) expect(ids).toContain(productId);
    }
  });

  it("has people of different skins, a latex allergy, a heavy sweater, a beard, lenses and a child", () => {
    const skins = new Set(
      people.map(({ fields }) => itaClass(individualTypologyAngle(hexToLab(fields.skin)))),
    );
    expect(skins.size).toBeGreaterThanOrEqual(4);
    const some = (test: (fields: (typeof people)[number]["fields"]) => boolean) =>
      people.some(({ fields }) => test(fields));
    expect(some((fields) => fields.allergies.includes("latex"))).toBe(true);
    expect(some((fields) => fields.sweat === "heavy")).toBe(true);
    expect(some((fields) => fields.beard === "beard")).toBe(true);
    expect(some((fields) => fields.lenses)).toBe(true);
    expect(some((fields) => fields.ageYears < 16 && fields.guardianConsent)).toBe(true);
  });

  it("uses products that exist, and looks that nothing stops on the people they are planned for", () => {
    const shelf = products.map(({ id, fields }) => ({ ...fields, id, version: 1 }));
    for (const { id, design } of DEMO_LOOKS) {
      const job = jobs.find((entry) => entry.lookId === id);
      const person = people.find((entry) => entry.id === job?.personId);
      const context = lookContext({
        person: person ? { ...person.fields, id: person.id, version: 1 } : STAND_IN,
        brief: job?.brief ?? USUAL_BRIEF,
        products: shelf,
        today: TODAY,
      });
      const findings = checkLook(design, context);
      expect(
        findings.filter((finding) => finding.severity === "stop" || finding.rule === "KIT-1"),
      ).toEqual([]);
      expect(
        findings.filter((finding) => finding.rule === "LAYER-1" || finding.rule === "SET-1"),
      ).toEqual([]);
    }
  });
});

describe("the forecasts of the demo", () => {
  const shelf = products.map(({ id, fields }) => ({ ...fields, id, version: 1 }));
  const contextOf = (lookId: string) => {
    const job = jobs.find((entry) => entry.lookId === lookId);
    const person = people.find((entry) => entry.id === job?.personId);
    return lookContext({
      person: person ? { ...person.fields, id: person.id, version: 1 } : STAND_IN,
      brief: job?.brief ?? USUAL_BRIEF,
      products: shelf,
      today: TODAY,
    });
  };

  it("has eight looks, two small ones for the booth, and seven jobs, each with a forecast of its wear", () => {
    expect([DEMO_LOOKS.length, jobs.length]).toEqual([10, 7]);
    for (const { id, design } of DEMO_LOOKS) {
      const forecast = wearForecast(design, contextOf(id));
      expect(forecast.length).toBeGreaterThan(0);
      for (const wear of forecast) expect(wear.hazardPerHour).toBeGreaterThan(0);
    }
  });

  it("lays cap and foam piece as pieces: glued, edged, powdered, with make-up between foam and alcohol colour", () => {
    for (const id of ["hail", "bog-light"]) {
      const design = DEMO_LOOKS.find((look) => look.id === id)?.design;
      if (!design) throw new Error(`no ${id}`);
      expect(
        checkLook(design, contextOf(id))
          .filter(
            ({ rule }) =>
              rule.startsWith("PROS") ||
              rule.startsWith("LAYER-2") ||
              rule.startsWith("LAYER-3") ||
              rule.startsWith("LAYER-9"),
          )
          .map(({ message }) => message),
      ).toEqual([]);
    }
  });

  it("is half modelling and detail: prep, base and powder take less than 45 % of the hands over all looks", () => {
    // Of what is painted: putting on a wig is neither.
    const steps = DEMO_LOOKS.flatMap(({ id, design }) =>
      makePlan(design, contextOf(id)).steps.filter(({ role }) => role !== null),
    );
    const minutes = (of: typeof steps) =>
      of.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0);
    const ground = steps.filter(({ role }) => ["prep", "base", "set"].includes(role ?? ""));
    expect(minutes(ground) / minutes(steps)).toBeLessThan(0.45);
  });

  it("has two records that disagree with their forecast", () => {
    const records = demoRecords(day);
    for (const { fields } of records) expect(RecordSchema.safeParse(fields).error).toBeUndefined();
    expect(records.filter(({ fields }) => disagreements(fields).length > 0)).toHaveLength(2);
  });
});

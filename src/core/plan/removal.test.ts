import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import { HOUSE, houseOf } from "../rules";
import { dayOf, makePlan, removalOf } from ".";

const PRODUCTS = [
  ...SHELF,
  aProduct({ id: "foam", material: "foamPiece", colour: "#e3cdb4", grade: "skinAdhesive" }),
  aProduct({ id: "red", material: "waterWax", colour: "#b5232c" }),
  aProduct({ id: "tooth", material: "toothLacquer", colour: "#5b4a36" }),
];
const context = aContext({ products: PRODUCTS });
const water = aLayer({ id: "water", zones: ["forehead", "chin", "earLeft"] });
const piece = aLayer({
  id: "piece",
  role: "attach",
  zones: ["forehead"],
  paint: product("foam"),
  tool: "finger",
  technique: "dab",
  coats: 1,
});
const glue = aLayer({
  id: "glue",
  role: "attach",
  zones: ["forehead"],
  paint: product("adhesive"),
  tool: "flatBrush",
  technique: "stroke",
  coats: 1,
});
const alcohol = aLayer({
  id: "alcohol",
  role: "shade",
  zones: ["chin"],
  paint: product("alcohol"),
  tool: "flatBrush",
  technique: "pat",
});
const veil = aLayer({ id: "veil", role: "highlight", zones: ["chin"], paint: product("cream") });
const prep = aLayer({
  id: "prep",
  role: "prep",
  zones: ["chin"],
  paint: { kind: "material", material: "skinPrep" },
});

describe("taking it off", () => {
  it("goes in order: piece, adhesive, alcohol, cream, then what soap takes; prep and powder come with them (REMOVE-1)", () => {
    const removal = removalOf(aLook(prep, glue, piece, water, alcohol, veil), context);
    expect(removal.steps.map(({ label }) => label)).toEqual([
      "foam piece",
      "medical adhesive",
      "alcohol colour",
      "cream or grease",
      "glycerine water colour",
    ]);
    expect(removal.minutes).toBe(removal.steps.reduce((sum, { minutes }) => sum + minutes, 0));
    for (const step of removal.steps) expect(step.with && step.care && step.where).toBeTruthy();
  });
  it("takes longer for more skin: a whole body more than a chin, and no less than a share of a face", () => {
    const minutes = (zones: typeof water.zones) =>
      removalOf(aLook({ ...water, zones }), context).minutes;
    const body = context.figure.allZones.map(({ id }) => id);
    expect(minutes(["chin"])).toBe(3);
    expect(minutes(body)).toBe(40);
    expect(minutes(context.figure.zones.map(({ id }) => id))).toBeGreaterThan(minutes(["chin"]));
  });
  it("warns of stains by pigment and skin, of ears and nails, and of a reaction that comes late (REMOVE-2, SAFE-2)", () => {
    const red = aLayer({
      id: "red",
      role: "detail",
      zones: ["earLeft", "handBackLeft"],
      paint: product("red"),
      tool: "roundBrush",
      technique: "stroke",
    });
    const [stain] = removalOf(
      aLook(red),
      aContext({ products: PRODUCTS, person: { skin: "#f0d3c0" } }),
    ).stains;
    expect(stain).toMatchObject({
      hue: "red",
      words: expect.stringContaining("shows on fair skin"),
    });
    expect(
      removalOf(aLook(red), aContext({ products: PRODUCTS, person: { skin: "#4a2f1f" } })).stains[0]
        ?.words,
    ).not.toContain("fair");
    expect(removalOf(aLook(water), context).stains).toEqual([]);
    const words = removalOf(aLook(red), context)
      .aftercare.map(({ rule, text }) => `${rule} ${text}`)
      .join(" ");
    expect(words).toMatch(/Ears and hairline/);
    expect(words).toMatch(/Nails/);
    expect(words).toMatch(/SAFE-2 A sting/);
  });
  it("puts lenses first of all", () => {
    expect(
      removalOf(aLook(water), aContext({ products: PRODUCTS, person: { lenses: true } }))
        .aftercare[0],
    ).toMatchObject({ rule: "SAFE-4" });
  });
});

describe("powder", () => {
  it("goes over creases that have been smoothed first (SET-3), and rests as long as the house says", () => {
    const powder = (zones: typeof water.zones) =>
      aLayer({
        id: "powder",
        role: "set",
        zones,
        paint: product("neutral"),
        tool: "puff",
        technique: "press",
        coats: 1,
      });
    const rest = (zones: typeof water.zones, house = HOUSE) =>
      makePlan(
        aLook({ ...water, zones }, powder(zones)),
        aContext({ products: PRODUCTS, house }),
      ).steps.find(({ layerId }) => layerId === "powder")?.rest;
    expect(rest(["smileFoldLeft"])).toBe("smooth the creases, press, rest a minute, dust off");
    expect(rest(["cheekAppleLeft"], houseOf({ numbers: { powderRest: 3 }, off: [] }, 1))).toBe(
      "press, rest 3 min, dust off",
    );
  });
});

describe("the order of the day", () => {
  it("has lenses in before paint, teeth never hurried, headpiece after all, and what a hood hinders", () => {
    const somebody = aContext({
      products: PRODUCTS,
      person: { lenses: true, beard: "stubble" },
      brief: { hood: true, meal: true },
    });
    const teeth = aLayer({
      id: "teeth",
      role: "detail",
      zones: [],
      paint: product("tooth"),
      tool: "roundBrush",
      technique: "stroke",
    });
    const { before, after } = dayOf(aLook(water, alcohol, teeth), somebody);
    expect(before.map(({ rule }) => rule)).toEqual([
      "PREP-1",
      "PREP-4",
      "PREP-3",
      "SAFE-4",
      "ORDER-6",
    ]);
    expect(after.map(({ rule }) => rule)).toEqual(["SAFE-5", "ORDER-4", "SAFE-10", "WEAR-2"]);
    const plan = makePlan(aLook(water, teeth), somebody);
    expect(plan.steps.find(({ layerId }) => layerId === "teeth")?.handsOnMinutes).toBeGreaterThan(
      2,
    );
    expect(plan.day.before).toHaveLength(5);
  });
  it("asks nothing of whom it does not concern", () => {
    const { before, after } = dayOf(aLook(water), aContext({ products: PRODUCTS }));
    expect(before.map(({ rule }) => rule)).toEqual(["PREP-1", "PREP-4"]);
    expect(after.map(({ rule }) => rule)).toEqual(["ORDER-4"]);
  });
});

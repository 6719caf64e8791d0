import { ZONES, type ZoneId } from "../anatomy";
import { newMark } from "../shapes";
import type { Layer, Look } from "../look";
import type { MaterialKey } from "../paint";
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
  it("goes in order: the piece with its one edge and what is painted on it, alcohol, cream, then what soap takes; prep and powder come with them (REMOVE-1)", () => {
    const removal = removalOf(aLook(prep, glue, piece, water, alcohol, veil), context);
    expect(removal.steps.map(({ label }) => label)).toEqual([
      "piece",
      "alcohol colour",
      "cream or grease",
      "glycerine water colour",
    ]);
    expect(removal.minutes).toBe(removal.steps.reduce((sum, { minutes }) => sum + minutes, 0));
    for (const step of removal.steps) expect(step.with && step.care && step.where).toBeTruthy();
  });
  it("takes longer for more skin, and a body under the shower less than its share", () => {
    const minutes = (zones: typeof water.zones) =>
      removalOf(aLook({ ...water, zones }), context).minutes;
    const body = context.figure.allZones.map(({ id }) => id);
    expect(minutes(["chin"])).toBe(3);
    expect(minutes(body)).toBeLessThan(minutes(FACE) + 20);
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

const areas = (is: (zone: (typeof ZONES)[number]) => boolean): ZoneId[] =>
  ZONES.filter(is).map(({ id }) => id);
const FACE = areas(({ group }) => ["face", "eyes", "lips"].includes(group));
const ALL = areas(() => true);
const CAP = areas(({ group }) => group === "scalp");
const layer = (material: MaterialKey, zones: readonly ZoneId[], values: Partial<Layer> = {}) =>
  aLayer({ id: material, zones: [...zones], paint: { kind: "material", material }, ...values });
const attached = (material: MaterialKey, zones: readonly ZoneId[]) =>
  layer(material, zones, { role: "attach", tool: "finger", technique: "pat" });
const lines = aLayer({
  id: "lines",
  role: "detail",
  paint: product("alcohol"),
  tool: "roundBrush",
  technique: "draw",
  marks: [-40, -20, 20, 40].map((x) => newMark("crack", { x, y: -20 }, 50 + x)),
});

describe("minutes of taking it off", () => {
  // Common practice, no published source; the cap and the foam face with their glue and the paint on them.
  const EXPECTED: readonly (readonly [what: string, look: Look, from: number, to: number])[] = [
    ["water colour, a face", aLook(layer("waterGlycerine", FACE)), 8, 12],
    [
      "water colour with powder and wax lines on it: one wash",
      aLook(layer("waterGlycerine", FACE), layer("powder", FACE), layer("waterWax", ["chin"])),
      8,
      13,
    ],
    ["cream, a face", aLook(layer("cream", FACE)), 10, 15],
    ["water colour, a full body, in the shower", aLook(layer("waterGlycerine", ALL)), 20, 30],
    ["alcohol colour, lines", aLook(lines), 4, 10],
    ["alcohol colour, a face", aLook(layer("alcoholActivated", FACE)), 15, 25],
    ["adhesive acrylic, a face", aLook(layer("adhesiveAcrylic", FACE)), 40, 60],
    [
      "a bald cap",
      aLook(attached("medicalAdhesive", CAP), attached("baldCap", CAP), layer("cream", CAP)),
      15,
      20,
    ],
    [
      "a foam face",
      aLook(attached("medicalAdhesive", FACE), attached("foamPiece", FACE), layer("cream", FACE)),
      20,
      30,
    ],
  ];
  it.each(EXPECTED)("%s", (_, look, from, to) => {
    const { minutes } = removalOf(look, context);
    expect(minutes).toBeGreaterThanOrEqual(from);
    expect(minutes).toBeLessThanOrEqual(to);
  });
  it("says what helps in a hurry, and nothing where one wash does", () => {
    expect(removalOf(aLook(layer("waterGlycerine", FACE)), context).hurry).toBeNull();
    const mixed = aLook(attached("medicalAdhesive", ["chin"]), layer("cream", ALL));
    expect(removalOf(mixed, context).hurry).toMatch(/never hurried.*shower at home/);
  });
});

describe("powder", () => {
  it("goes over creases that have been smoothed first (SET-3), and rests as long as the default is", () => {
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

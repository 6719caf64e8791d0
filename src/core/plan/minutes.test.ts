import { ZONES, type ZoneId } from "../anatomy";
import { LookSchema, type Layer, type Look } from "../look";
import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import { makePlan } from "./";

// Expected minutes of a practised painter at 21 degC, 50 %, still air: common practice, no published
// source. A test takes half the lower to one and a half of the upper figure.

const paints = ["#f2f1ec", "#33455f", "#b5577f", "#e8c45a", "#17171a"].map((colour, i) =>
  aProduct({ id: `p${i}`, colour, hiding: 0.95, eyeSafe: true, lipSafe: true }),
);
const context = aContext({ products: paints, brief: { airDegC: 21, rh: 50 } });
const areas = (is: (zone: (typeof ZONES)[number]) => boolean): ZoneId[] =>
  ZONES.filter(is).map(({ id }) => id);
const face = areas(({ group, kind }) => group === "face" && kind !== "brow");
const body = areas(({ part }) => part === "body");
const layer = (id: string, values: Partial<Layer>) =>
  aLayer({ id, paint: product("p1"), coats: 1, ...values });
const lettering = (text: string, heightMm: number) =>
  layer("letters", {
    role: "detail",
    tool: "roundBrush",
    technique: "draw",
    marks: [{ kind: "lettering", x: 0, y: 30, text, heightMm } as never],
  });
const strip = (i: number, paint: string): Layer =>
  layer(`run${i}`, {
    zones: face,
    paint: product(paint),
    edge: "faded",
    fadeMm: 30,
    part: { kind: "strip", turnDeg: -90, fromMm: -60 + i * 60, toMm: i * 60 + 25 },
  });

const EXPECTED: readonly (readonly [what: string, look: Look, from: number, to: number])[] = [
  [
    "cheek heart, one colour",
    aLook(
      layer("heart", {
        role: "detail",
        tool: "roundBrush",
        technique: "draw",
        marks: [{ kind: "heart", x: 38, y: -40, breadthMm: 22, heightMm: 20 } as never],
      }),
    ),
    0.5,
    2.2,
  ],
  ["a face coat by sponge", aLook(layer("face", { zones: face })), 1.5, 2 + 1.2],
  [
    "a face powdered",
    aLook(layer("powder", { role: "set", zones: face, tool: "puff", technique: "press" })),
    1,
    1.5 + 1.2,
  ],
  ["full body, one colour, sponge, one coat", aLook(layer("body", { zones: body })), 30, 60],
  [
    "full body, airbrush, one coat",
    aLook(layer("body", { zones: body, tool: "airbrush", technique: "spray" })),
    25,
    45,
  ],
  [
    "both arms to the shoulder, two coats",
    aLook(layer("arms", { zones: areas(({ group }) => group === "arms"), coats: 2 })),
    12,
    20,
  ],
  [
    "both hands, one coat",
    aLook(layer("hands", { zones: areas(({ group }) => group === "hands") })),
    3,
    5,
  ],
  ["three-tone gradient face", aLook(strip(0, "p1"), strip(1, "p2"), strip(2, "p3")), 8, 15],
  ["lettering, eight letters of 12 mm", aLook(lettering("WEATHERS", 12)), 3, 5],
];

describe("hands-on minutes", () => {
  it.each(EXPECTED)("%s", (_, look, from, to) => {
    const { handsOnMinutes } = makePlan(LookSchema.parse(look), context);
    expect(handsOnMinutes).toBeGreaterThan(from / 2);
    expect(handsOnMinutes).toBeLessThan(to * 1.5);
  });
  it("count what is filled, and blending on both sides of what models", () => {
    const minutes = (...layers: Layer[]) =>
      makePlan(LookSchema.parse(aLook(...layers)), context).handsOnMinutes;
    const heart = (filled: boolean, size: number) =>
      layer("heart", {
        role: "detail",
        tool: "roundBrush",
        technique: "draw",
        marks: [{ kind: "heart", x: 0, y: 20, breadthMm: size, heightMm: size, filled } as never],
      });
    expect(minutes(heart(true, 60))).toBeGreaterThan(minutes(heart(false, 60)));
    const flat = layer("flat", { zones: ["cheekHollowLeft", "cheekHollowRight"] });
    const shade = { ...flat, role: "shade" as const, edge: "faded" as const };
    const changing = context.house.numbers.loading;
    expect((minutes(shade) - changing) / (minutes(flat) - changing)).toBeCloseTo(3, 1);
  });
  it("set a compressor up once", () => {
    const sprayed = (id: string, zone: ZoneId, paint: string) =>
      layer(id, { zones: [zone], tool: "airbrush", technique: "spray", paint: product(paint) });
    const one = makePlan(aLook(sprayed("a", "chest", "p1")), context).handsOnMinutes;
    const two = makePlan(
      aLook(sprayed("a", "chest", "p1"), sprayed("b", "belly", "p2")),
      context,
    ).handsOnMinutes;
    expect(two - one).toBeLessThan(one - 5);
  });
});

import { ZONES, type ZoneId } from "../anatomy";
import { newMark } from "../shapes";
import type { Layer, Look } from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import { planCall, seat } from ".";

// Ten orders that nobody would paint in, each told by painters of the trade as a thing that goes wrong:
// common practice, no published source. All in damp air, where waits tempt.

const context = aContext({ brief: { airDegC: 28, rh: 85 } });
const head = (is: (zone: (typeof ZONES)[number]) => boolean): ZoneId[] =>
  ZONES.filter((zone) => zone.part === "head" && is(zone)).map(({ id }) => id);
const BROWS: ZoneId[] = ["browLeft", "browRight"];
const CHEEKS: ZoneId[] = ["cheekAppleLeft", "cheekAppleRight", "cheekboneLeft", "cheekboneRight"];
const MASK: ZoneId[] = ["forehead", ...BROWS, "glabella", "noseBridge", ...CHEEKS, "chin"];
const NECK: ZoneId[] = ["neckFront", "earLeft", "earRight", "nape"];
const face = head(({ group, kind }) => group === "face" && kind !== "brow");

const layer = (id: string, values: Partial<Layer>) =>
  aLayer({ id, coats: 1, paint: product("grey"), ...values });
const cream = (id: string, zones: readonly ZoneId[], values: Partial<Layer> = {}) =>
  layer(id, { zones: [...zones], paint: product("cream"), ...values });
const base = (id: string, zones: readonly ZoneId[], coats = 2) =>
  layer(id, { zones: [...zones], coats });
const powder = (id: string, zones: readonly ZoneId[], coats = 1) =>
  layer(id, {
    role: "set",
    zones: [...zones],
    paint: product("neutral"),
    tool: "puff",
    technique: "press",
    coats,
  });
const stick = (coats = 3) =>
  layer("stick", {
    role: "cover",
    zones: BROWS,
    paint: product("stick"),
    tool: "stick",
    technique: "draw",
    coats,
  });
const glue = (id: string, zones: readonly ZoneId[]) =>
  layer(id, {
    role: "attach",
    zones: [...zones],
    paint: product("adhesive"),
    tool: "flatBrush",
    technique: "stroke",
  });
const piece = (id: string, zones: readonly ZoneId[]) =>
  layer(id, {
    role: "attach",
    zones: [...zones],
    paint: { kind: "material", material: "foamPiece" },
    tool: "finger",
    technique: "pat",
  });
const shape = (id: string, x: number, y: number, size = 1) =>
  layer(id, {
    role: "detail",
    paint: product("line"),
    tool: "roundBrush",
    technique: "draw",
    marks: [
      { ...newMark("disc", { x, y }, 1), breadthMm: 60 * size, heightMm: 60 * size },
    ] as never,
  });

/** What is done to one layer, in order of start. */
function chair(look: Look) {
  const { placed, tasks } = seat(look, context);
  const of = (id: string) => {
    const own = new Set(tasks.filter(({ layerId }) => layerId === id).map((task) => task.id));
    const entries = placed.filter((entry) => own.has(entry.id));
    return {
      starts: Math.min(...entries.map(({ start }) => start)),
      ends: Math.max(...entries.map(({ end }) => end)),
      entries,
    };
  };
  /** Layers in the order in which they are taken up, each stretch once. */
  const layers = placed.map(({ id }) => tasks.find((task) => task.id === id)?.layerId ?? "");
  return { of, layers, stretches: layers.filter((id, i) => id !== layers[i - 1]) };
}

describe("orders nobody would paint in", () => {
  it("1: one foam piece is not glued in two halves", () => {
    const { stretches, of } = chair(
      aLook(glue("glue", MASK), piece("mask", MASK), base("base", [...NECK])),
    );
    expect(stretches.filter((id) => id === "mask")).toHaveLength(1);
    expect(of("mask").entries).toHaveLength(1);
  });
  it("2: no base between two coats of brow glue", () => {
    const { of } = chair(aLook(stick(), powder("powder", BROWS), base("base", face)));
    expect(of("base").starts).toBeGreaterThanOrEqual(of("powder").ends);
    expect(of("powder").starts).toBeGreaterThanOrEqual(of("stick").starts);
  });
  it("3: no powder before what it sets, where a shape reaches over", () => {
    const spots = { ...shape("spots", 0, -14), paint: product("cream") };
    const { of } = chair(
      aLook(base("base", ["noseBridge", "noseTip"], 3), spots, powder("powder", CHEEKS)),
    );
    expect(of("powder").starts).toBeGreaterThanOrEqual(of("spots").ends - 1e-6);
  });
  it("4: no crossing shape before the base under it", () => {
    const { of } = chair(aLook(base("base", CHEEKS, 3), shape("mouth", 0, -30, 2)));
    expect(of("mouth").starts).toBeGreaterThanOrEqual(of("base").ends - 1e-6);
  });
  it("5: no grease beside open adhesive", () => {
    const { of } = chair(aLook(glue("glue", ["noseBridge", "noseTip"]), cream("grease", CHEEKS)));
    const clear =
      of("glue").ends + (seat(aLook(glue("glue", ["noseTip"])), context).tasks[0]?.wait ?? 0);
    expect(of("grease").starts).toBeGreaterThanOrEqual(clear - 1e-6);
  });
  it("6: no prep after base on one head", () => {
    const prep = (id: string, zones: readonly ZoneId[]) =>
      layer(id, {
        role: "prep",
        zones: [...zones],
        paint: { kind: "material", material: "skinPrep" },
        tool: "finger",
        technique: "dab",
      });
    const { of } = chair(aLook(base("base", ["forehead"], 4), prep("neck", NECK)));
    expect(of("base").starts).toBeGreaterThanOrEqual(of("neck").ends - 1e-6);
  });
  it("7: no neck and ears before the mask is on", () => {
    const { of } = chair(
      aLook(glue("glue", MASK), piece("mask", MASK), base("neckAndEars", NECK), base("face", MASK)),
    );
    expect(of("neckAndEars").starts).toBeGreaterThanOrEqual(of("mask").ends - 1e-6);
  });
  it("8: no last coat of lips before the muzzle round them", () => {
    const lips = layer("lips", {
      role: "detail",
      zones: ["upperLip", "lowerLip"],
      tool: "roundBrush",
      technique: "pat",
      coats: 3,
    });
    const { of } = chair(aLook(base("base", face, 1), shape("muzzle", 0, -48, 1.4), lips));
    expect(of("lips").starts).toBeGreaterThanOrEqual(of("muzzle").ends - 1e-6);
  });
  it("9: no pass is torn into stretches of seconds", () => {
    const { stretches } = chair(aLook(stick(), base("a", [...face, ...BROWS], 2)));
    expect(stretches).toEqual(["stick", "a"]);
  });
  it("10: no artist goes from face to face every few minutes", () => {
    const jobs = Array.from({ length: 4 }, (_, i) => ({
      id: `job${i}`,
      look: aLook(base("base", face, 3), shape("d", 40, -30), shape("e", -40, -30)),
      context: {
        ...context,
        person: { ...context.person, id: `p${i}` },
        brief: { ...context.brief, curtainAt: "2026-06-01T20:00:00+02:00" },
      },
    }));
    const { placed } = planCall(jobs, {
      artists: [1, 2].map((n) => ({ name: `artist ${n}`, skills: null, lateMinutes: 0 })),
      chairs: 4,
    });
    for (const artist of [0, 1]) {
      const faces = placed
        .filter((entry) => entry.artist === artist)
        .map(({ performer }) => performer);
      const changes = faces.filter((one, i) => i > 0 && one !== faces[i - 1]).length;
      expect(changes).toBeLessThanOrEqual(2 * new Set(faces).size);
    }
  });
});

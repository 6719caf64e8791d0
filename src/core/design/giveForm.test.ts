import { hexToLab } from "../colour";
import {
  applyPatch,
  checkLook,
  formOf,
  giveForm,
  LIGHTS_FROM,
  LookSchema,
  PatchSchema,
  readEdges,
  predict,
  touched,
  type Look,
} from "../look";
import { makePlan } from "../plan";
import { aContext, aLayer, aLook, product, SHELF } from "../testing";

const context = aContext({});
const stone = { kind: "disc", x: 30, y: -40, breadthMm: 14, heightMm: 12 };
const source = (marks: readonly object[] = [stone]) =>
  LookSchema.parse(
    aLook(
      aLayer({
        id: "stones",
        name: "Stones",
        role: "detail",
        zones: ["cheekAppleLeft"],
        marks: marks as never,
        paint: product("grey"),
      }),
    ),
  );
const formed = (look: Look, sunken = false, light: Look["light"] = "above") => {
  const [layer] = look.layers;
  const patch = layer && giveForm(layer, sunken, look, context);
  if (!patch) throw new Error("no form");
  return { ...applyPatch(look, patch), light };
};
const partsOf = (look: Look) => {
  const { layers } = touched(look, context);
  const as = (part: "cast" | "shade" | "light") => layers.find(({ form }) => form?.as === part);
  return { cast: as("cast"), shade: as("shade"), light: as("light") };
};

describe("the form of shapes", () => {
  it("is a shadow under them, shade and light on them, darker and lighter than they are", () => {
    const look = formed(source());
    expect(look.layers.map(({ name }) => name)).toEqual([
      "Shadow under Stones",
      "Stones",
      "Shade of Stones",
      "Light on Stones",
    ]);
    const lightness = (id: string | undefined) => {
      const paint = look.layers.find((layer) => layer.id === id)?.paint;
      const own = paint?.kind === "product" && SHELF.find((item) => item.id === paint.productId);
      return own && own.colour ? hexToLab(own.colour)[0] : NaN;
    };
    const { shade, light } = partsOf(look);
    expect(lightness(shade?.id)).toBeLessThan(lightness("stones"));
    expect(lightness(light?.id)).toBeGreaterThan(lightness("stones"));
  });
  it("goes where the shapes go, and is gone with them", () => {
    const look = formed(source());
    const moved = applyPatch(look, {
      op: "changeLayer",
      id: "stones",
      change: { marks: [{ ...look.layers[1]?.marks[0], x: 12, y: 20 } as never] },
    });
    const { cast, shade } = partsOf(moved);
    expect(shade?.marks[0]).toMatchObject({ x: 12, y: 20 });
    expect(cast?.marks[0]).toMatchObject({ x: 12, y: 18 });
    expect(applyPatch(moved, { op: "removeLayer", id: "stones" }).layers).toEqual([]);
  });
  it("changes places when the light is turned by 180 degrees, and in a hole", () => {
    const opposite = { above: "below", below: "above", left: "right", right: "left" } as const;
    for (const light of LIGHTS_FROM) {
      const [one, other] = [light, opposite[light]].map((from) =>
        partsOf(formed(source(), false, from)),
      );
      expect(one?.shade?.fades).toBe(other?.light?.fades);
      expect(one?.light?.fades).toBe(other?.shade?.fades);
      const [a, b] = [one?.cast?.marks[0], other?.cast?.marks[0]];
      expect([(a?.x ?? 0) + (b?.x ?? 0), (a?.y ?? 0) + (b?.y ?? 0)]).toEqual([60, -80]);
      const hole = partsOf(formed(source(), true, light));
      expect(hole.cast).toBeUndefined();
      expect(hole.shade?.fades).toBe(one?.light?.fades);
    }
    expect(partsOf(formed(source())).shade?.fades).toBe("up");
  });
  it("lies beside a line, on either side of it, and fades into what is filled", () => {
    const crack = { kind: "crack", x: 10, y: 30, widthMm: 2 };
    const hole = partsOf(formed(source([crack, stone]), true));
    const [line, disc] = [hole.shade?.marks ?? [], hole.light?.marks ?? []];
    expect(line[0]?.y).toBeGreaterThan(30);
    expect(disc[0]?.y).toBeLessThan(30);
    expect([line[1]?.y, disc[1]?.y]).toEqual([-40, -40]);
  });
  it("falls all round where mirrored shapes are lit from the side", () => {
    const { cast } = partsOf(formed(source([{ ...stone, mirrored: true }]), false, "left"));
    expect(cast?.marks[0]).toMatchObject({ x: 30, outsetMm: 1 });
  });
  it("is no edge of its own, takes its minutes, and survives a file", () => {
    const look = formed(source());
    const edges = readEdges(look, context, predict(look, context));
    expect(edges.filter(({ a }) => a.layerId?.startsWith("stones-"))).toEqual([]);
    expect(edges.some(({ a }) => a.layerId === "stones")).toBe(true);
    const minutes = (of: Look) => makePlan(of, context).handsOnMinutes;
    expect(minutes(look)).toBeGreaterThan(minutes(source()));
    expect(LookSchema.parse(JSON.parse(JSON.stringify(look)))).toEqual(look);
    expect(PatchSchema.parse({ op: "light", light: "left" })).toEqual({
      op: "light",
      light: "left",
    });
  });
  it("is taken out by the button of a stop that it alone brings, the shapes stay", () => {
    const eyes = aContext({
      products: SHELF.map((item) => ({ ...item, eyeSafe: item.id !== "blue" })),
    });
    const [over] = source([{ ...stone, x: 31, y: -9 }]).layers;
    const look = aLook(
      ...(over ? [over] : []),
      aLayer({
        id: "shade",
        role: "shade",
        zones: [],
        paint: product("blue"),
        form: { of: "stones", as: "shade", sunken: false, reachMm: 2 },
      }),
    );
    const stops = (of: Look) =>
      checkLook(of, eyes).filter(({ severity, rule }) => severity === "stop" && rule === "SAFE-3");
    const [stop] = stops(look);
    expect(stop?.where.layerId).toBe("shade");
    const mended = stop?.fix ? applyPatch(look, stop.fix) : look;
    expect(stops(mended)).toEqual([]);
    expect(mended.layers.map(({ id }) => id)).toContain("stones");
  });
  it("is given to shapes alone, and once removed from a look by hand lies nowhere", () => {
    const look = formed(source());
    const [, , shade] = look.layers;
    expect(shade && giveForm(shade, false, look, context)).toBeNull();
    expect(formOf(look, "stones")).toHaveLength(3);
    const orphaned = { ...look, layers: look.layers.filter(({ id }) => id !== "stones") };
    expect(touched(orphaned, context).layers.flatMap(({ zones }) => zones)).toEqual([]);
  });
});

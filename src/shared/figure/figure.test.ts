import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { FACE_ZONES, zoneInfo } from "@/core/anatomy";
import { hexOf, newMark, predict, type Layer, type Look } from "@/core/look";
import { aContext, aLayer, aLook, product } from "@/core/testing";
import { makePlan } from "@/core/plan";
import { FaceFigure, type FaceFigureProps } from "./FaceFigure";
import { PlanTimeline } from "./PlanTimeline";
import { fadeLine } from "./fade";
import { pathOf } from "./path";
import { ViewFigure } from "./ViewFigure";
import { sceneOf, VIEW_KEYS, type ViewKey } from "./views";

const context = aContext({ brief: { hatLineMm: 48 } });
const draw = (look: Look, values: Partial<FaceFigureProps> = {}, at = context) =>
  renderToStaticMarkup(
    createElement(FaceFigure, {
      id: "f",
      look,
      context: at,
      prediction: predict(look, at),
      title: "trial on Tester",
      ...values,
    }),
  );
const count = (text: string, part: string) => text.split(part).length - 1;

describe("the figure", () => {
  it("draws the bare person in the skin's own colour, with a name for those who can't see it", () => {
    const svg = draw(aLook());
    expect(svg).toContain('aria-label="trial on Tester"');
    expect(svg).toContain(`fill="${context.person.skin}"`);
    for (const { id } of FACE_ZONES) expect(svg).toContain(`id="f-${id}"`);
  });

  it("draws the predicted colour of each layer, never the raw swatch where the skin shows through", () => {
    const look = aLook(aLayer({ id: "w", paint: product("white"), coats: 1, zones: ["chin"] }));
    const film = predict(look, context).films.get("chin")?.[0];
    const svg = draw(look);
    expect(svg).toContain(`fill="${film ? hexOf(film.colour) : "?"}"`);
    expect(svg).not.toContain('fill="#f3f2ec"');
  });

  it("draws zones of one colour together, faded edges soft, part of a zone smaller", () => {
    const svg = draw(
      aLook(
        aLayer({
          id: "s",
          role: "shade",
          zones: ["cheekHollowLeft", "cheekHollowRight"],
          edge: "faded",
          part: { kind: "middle", share: 0.5 },
        }),
      ),
    );
    const use = (zone: string) =>
      new RegExp(`<use href="#f-${zone}" transform="translate\\([^"]+\\) scale\\(0\\.76`);
    expect(svg).toMatch(use("cheekHollowLeft"));
    expect(svg).toMatch(use("cheekHollowRight"));
    expect(svg).toContain('filter="url(#f-soft-s)"');
    expect(svg).toContain('<feGaussianBlur stdDeviation="4"');
  });

  it("draws marks as strokes of their own width, within the skin", () => {
    const mark = newMark("fern", { x: 30, y: -40 }, 4);
    const svg = draw(
      aLook(
        aLayer({
          id: "m",
          role: "detail",
          zones: ["cheekAppleLeft"],
          paint: product("line"),
          tool: "linerBrush",
          marks: [mark],
        }),
      ),
    );
    expect(svg).toContain('stroke-width="1.2"');
    expect(svg).toContain('clip-path="url(#f-skin)"');
  });

  it("shows as many layers as asked, guides when asked, and zones to click only where they can be chosen", () => {
    const look = aLook(
      aLayer({ id: "a" }),
      aLayer({ id: "b", zones: ["chin"], paint: product("blue") }),
    );
    expect(draw(look, { upTo: 0 }).length).toBeLessThan(draw(look, { upTo: 1 }).length);
    expect(draw(look, { upTo: 1 }).length).toBeLessThan(draw(look).length);
    expect(draw(look)).toContain("hat line");
    expect(draw(look, { guides: { hat: false } })).not.toContain("hat line");
    expect(count(draw(look, { guides: { creases: true } }), "<path")).toBeGreaterThan(
      count(draw(look), "<path"),
    );
    expect(draw(look)).not.toContain("data-zone");
    expect(count(draw(look, { onZone: () => undefined }), "data-zone=")).toBe(FACE_ZONES.length);
    expect(draw(look, { selected: ["chin"] })).toContain('filter="url(#f-edge)"');
  });

  it("draws brow hair until it is painted over, and a beard where there is one", () => {
    const brow = `stroke="${context.person.brow}"`;
    expect(count(draw(aLook()), brow)).toBeGreaterThan(
      count(draw(aLook(aLayer({ id: "b", zones: ["browLeft", "browRight"] }))), brow),
    );
    expect(
      count(draw(aLook(), {}, aContext({ person: { beard: "beard" } })), "url(#f-stubble)"),
    ).toBe(6);
    expect(draw(aLook())).not.toContain("url(#f-stubble)");
  });

  it("writes paths in tenths of a millimetre, y down", () => {
    expect(
      pathOf(
        [
          { x: 1.26, y: 2 },
          { x: -3, y: -4.04 },
        ],
        true,
      ),
    ).toBe("M1.3 -2L-3 4Z");
    expect(
      pathOf(
        [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
        false,
      ),
    ).toBe("M0 0L1 -1");
  });
});

describe("the chair's timeline", () => {
  it("has a bar for each coat in each region and says its length in words", () => {
    const plan = makePlan(
      aLook(aLayer({ id: "g", zones: ["forehead", "chin"], coats: 2 })),
      context,
    );
    const svg = renderToStaticMarkup(createElement(PlanTimeline, { plan }));
    expect(count(svg, "<rect")).toBe(4);
    expect(svg).toContain(`within ${Math.round(plan.chairMinutes)} minutes`);
    expect(svg).toContain("upper face");
    expect(svg).not.toContain(">eyes<");
  });
});

describe("other views", () => {
  const look = aLook(
    aLayer({
      id: "b",
      paint: product("white"),
      coats: 2,
      zones: ["chest", "upperBack", "nape", "cheekHollowLeft", "palmLeft"],
    }),
    aLayer({
      id: "m",
      role: "detail",
      paint: product("line"),
      tool: "linerBrush",
      zones: ["upperBack"],
      marks: [{ ...newMark("star", { x: 40, y: -320 }, 1), frame: "back" as const }],
    }),
  );
  const view = (key: ViewKey, values: Partial<FaceFigureProps> = {}, design: Look = look) =>
    renderToStaticMarkup(
      createElement(ViewFigure, {
        view: key,
        id: "v",
        look: design,
        context,
        prediction: predict(design, context),
        title: key,
        ...values,
      }),
    );
  const star = predict(look, context)
    .films.get("upperBack")
    ?.find(({ layer }) => layer.id === "m");
  const marks = (svg: string) => count(svg, `stroke="${star ? hexOf(star.colour) : "?"}"`);

  it("show their own zones, each once, painted where the layer lies", () => {
    const zones = (key: ViewKey) => sceneOf(context.figure, key).zones.map(({ id }) => id);
    expect(zones("bodyFront")).toEqual(
      expect.arrayContaining(["chest", "forehead", "handBackLeft", "footTopRight"]),
    );
    expect(zones("bodyBack")).toEqual(
      expect.arrayContaining(["upperBack", "nape", "palmLeft", "heelRight"]),
    );
    expect(zones("backOfHead").every((id) => zoneInfo(id).part === "head")).toBe(true);
    expect(zones("leftProfile").some((id) => id.endsWith("Right"))).toBe(false);
    for (const key of VIEW_KEYS) expect(new Set(zones(key)).size).toBe(zones(key).length);
    const film = predict(look, context).films.get("chest")?.[0];
    expect(view("bodyFront")).toContain(`fill="${film ? hexOf(film.colour) : "?"}"`);
  });

  it("keep front and back apart: a star on the back is seen from behind, on the person's left, and nowhere else", () => {
    const without = aLook(...look.layers.slice(0, 1));
    expect(marks(view("bodyBack"))).toBeGreaterThan(marks(view("bodyBack", {}, without)));
    for (const key of ["bodyFront", "leftProfile", "face"] as const)
      expect(marks(view(key))).toBe(marks(view(key, {}, without)));
    expect(sceneOf(context.figure, "bodyBack").carry.back?.({ x: 40, y: -320 })).toEqual({
      x: -40,
      y: -320,
    });
    expect(sceneOf(context.figure, "bodyBack").carry.front).toBeNull();
  });

  it("close in on what they name, and offer zones to choose and what the costume hides", () => {
    const box = (key: ViewKey) => sceneOf(context.figure, key).box;
    expect(box("armLeft").height).toBeLessThan(box("bodyFront").height / 2);
    expect(box("armLeft").left).toBeGreaterThan(0);
    expect(box("palmLeft").left + box("palmLeft").width).toBeLessThan(10);
    expect(count(view("torsoFront", { onZone: () => undefined }), "data-zone=")).toBe(
      sceneOf(context.figure, "torsoFront").zones.length,
    );
    expect(
      count(view("bodyFront", { guides: { costume: true } }), 'fill="url(#v-costume)"'),
    ).toBeGreaterThan(15);
  });
});

describe("a fade to one side", () => {
  const line = (fades: Layer["fades"], x: number) =>
    fadeLine({ edge: "faded", fades }, { x, y: 0 });
  it("goes where it is told: up, down, outwards from the midline or in towards it", () => {
    expect(line("up", 30)).toMatchObject({ y1: 1, y2: 0 });
    expect(line("out", 30)).toMatchObject({ x1: 0, x2: 1 });
    expect(line("out", -30)).toMatchObject({ x1: 1, x2: 0 });
    expect(line("in", 30)).toEqual(line("out", -30));
    expect(line("out", 0)).toEqual(line("down", 30));
    expect(fadeLine({ edge: "hard", fades: "up" }, { x: 3, y: 0 })).toBeNull();
  });
  it("is drawn as a gradient, and a hidden layer not at all", () => {
    const shade = aLayer({
      id: "s",
      role: "shade",
      zones: ["cheekHollowLeft"],
      edge: "faded",
      fades: "up",
    });
    expect(draw(aLook(shade))).toContain('<linearGradient id="f-s-cheekHollowLeft"');
    expect(draw(aLook({ ...shade, hidden: true }))).toBe(draw(aLook()));
  });
});

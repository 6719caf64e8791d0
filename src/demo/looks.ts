import { buildFigure, defaultFace, ZONES, type ZoneId, type ZoneGroup } from "@/core/anatomy";
import { newMark, PLAIN_LAYER, USUAL_SCHOOLS, zonesOfMarks, type Layer, type Look, type Mark, type MarkKind, type System } from "@/core/look";
import type { HelperKey, PaintTypeKey } from "@/core/paint";
import { slug } from "./products";

const groups = (...wanted: ZoneGroup[]): ZoneId[] => ZONES.filter((zone) => zone.part === "head" && wanted.includes(zone.group) && zone.kind !== "collar").map((zone) => zone.id);
const kinds = (...wanted: string[]): ZoneId[] => ZONES.filter((zone) => wanted.includes(zone.kind)).map((zone) => zone.id);
const without = (zones: readonly ZoneId[], out: readonly ZoneId[]) => zones.filter((zone) => !out.includes(zone));

const FACE = groups("face", "eyes", "ears", "neck");
const PROTECTED = groups("face", "ears", "neck").filter((zone) => !zone.startsWith("brow") && !zone.startsWith("lipSide") && zone !== "philtrum");

const product = (name: string): Layer["paint"] => ({ kind: "product", productId: slug(name) });
const mix = (...parts: [number, string][]): Layer["paint"] => ({ kind: "mix", parts: parts.map(([amount, name]) => ({ productId: slug(name), parts: amount })) });

type Given = Pick<Layer, "role" | "name" | "zones" | "paint" | "tool" | "technique"> & Partial<Layer>;
const layer = (given: Given): Layer => ({ id: slug(given.name), ...PLAIN_LAYER, ...given });
const prep = layer({ id: "system-prep", role: "prep", name: "Skin prep", zones: without(PROTECTED, []), paint: product("Prep dab"), tool: "dampSponge", technique: "pat", coats: 1 });
const seal = layer({ id: "system-seal", role: "seal", name: "Barrier spray", zones: PROTECTED, paint: product("Last coat"), tool: "spray", technique: "spray", coats: 1 });
const powderOver = (name: string, zones: readonly ZoneId[], with_: string, id = slug(name)): Layer => layer({ id, role: "set", name, zones: [...zones], paint: product(with_), tool: "puff", technique: "press", coats: 1 });
const system = (base: PaintTypeKey, detail: PaintTypeKey, activate: HelperKey | null): System => ({ base, detail, eyes: base, lips: "lipLong", prep: "skinPrep", activate, set: "settingPowder", seal: "barrierSpray" });
const mark = <Kind extends MarkKind>(kind: Kind, x: number, y: number, more: Partial<Extract<Mark, { kind: Kind }>>): Mark => ({ ...newMark(kind, { x, y }, 1), ...USUAL[kind], ...more }) as Mark;

/** Widths the demo's marks are drawn in where a look does not say. */
const USUAL: Readonly<Partial<Record<MarkKind, { widthMm: number }>>> = { crack: { widthMm: 1.8 }, fork: { widthMm: 2.6 }, fern: { widthMm: 1.3 }, spots: { widthMm: 3 } };

const thunderhead: Look = {
  schema: 1, name: "Thunderhead", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], notes: "Under a hood; the forks must read from the path, ten metres off.",
  layers: [
    prep,
    layer({ role: "base", name: "Cloud base", zones: FACE, paint: mix([3, "Slate grey"], [1, "Chalk white"]), tool: "dampSponge", technique: "stipple" }),
    powderOver("Powder over the cloud", FACE, "Slate powder"),
    layer({ role: "contour", name: "Undersides", zones: kinds("cheekHollow", "temple", "noseSide", "jawline"), paint: product("Storm blue"), tool: "foundationBrush", technique: "buff", edge: "faded", share: 0.45 }),
    layer({ role: "shade", name: "Rain sockets", zones: kinds("browBone", "underEye", "upperLid"), paint: product("Storm blue"), tool: "roundBrush", technique: "stroke", edge: "faded", share: 0.6 }),
    layer({ role: "highlight", name: "Cloud tops", zones: kinds("forehead", "noseBridge", "cheekbone", "chin"), paint: product("Ice blue"), tool: "foundationBrush", technique: "pat", edge: "faded", share: 0.4 }),
    powderOver("Powder before the lines", groups("face"), "Slate powder"),
    layer({ role: "detail", name: "Forked lines", zones: ["forehead", "cheekAppleLeft", "cheekHollowRight", "neckFront"], paint: product("Line white"), tool: "linerBrush", technique: "draw", coats: 2, marks: [mark("fork", 27, 38, { turnDeg: 18, seed: 4, lengthMm: 32 }), mark("fork", -48, -60, { seed: 11, lengthMm: 52, turnDeg: -6 }), mark("fork", 44, -52, { seed: 23, lengthMm: 44, forks: 2 })] }),
    layer({ role: "detail", name: "Ash lips", zones: ["upperLip", "lowerLip"], paint: product("Ash lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

const drought: Look = {
  schema: 1, name: "Drought", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], notes: "Ground that has not seen rain since spring.",
  layers: [
    prep,
    layer({ role: "base", name: "Ochre ground", zones: FACE, paint: mix([3, "Ochre ground"], [1, "Sand"]), tool: "dampSponge", technique: "stipple", notes: "Activate with sealing medium instead of water." }),
    powderOver("Powder over the ground", FACE, "Ochre powder"),
    layer({ role: "contour", name: "Dry hollows", zones: kinds("cheekHollow", "temple", "noseSide"), paint: product("Clay brown"), tool: "foundationBrush", technique: "buff", edge: "faded", share: 0.5 }),
    layer({ role: "shade", name: "Sockets", zones: kinds("browBone", "underEye"), paint: product("Peat"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.55 }),
    layer({ role: "highlight", name: "Dust", zones: kinds("forehead", "cheekbone", "noseBridge", "chin"), paint: product("Sand"), tool: "foundationBrush", technique: "pat", edge: "faded", share: 0.35 }),
    layer({ role: "detail", name: "Cracks", zones: ["forehead", "cheekAppleLeft", "cheekAppleRight", "cheekHollowLeft", "cheekHollowRight", "chin", "neckFront"], paint: product("Rust line"), tool: "linerBrush", technique: "pat",
      marks: [mark("crack", 4, 36, { turnDeg: 84, seed: 3, lengthMm: 62, branches: 6 }), mark("crack", 42, -54, { turnDeg: 22, seed: 8, lengthMm: 52, branches: 5 }), mark("crack", -46, -54, { turnDeg: -30, seed: 15, lengthMm: 60, branches: 6 }), mark("crack", -14, -103, { turnDeg: 60, seed: 21, lengthMm: 26, branches: 3 }), mark("crack", 16, -136, { turnDeg: 12, seed: 34, lengthMm: 44, branches: 4 })] }),
    layer({ role: "detail", name: "Parched lips", zones: ["upperLip", "lowerLip"], paint: product("Bone lip"), tool: "roundBrush", technique: "pat" }),
    seal,
  ],
};

const firstFrost: Look = {
  schema: 1, name: "First Frost", system: system("waterGlycerine", "waterWax", null), schools: USUAL_SCHOOLS, bare: [], accepted: [], notes: "Pale over deep skin: the ground decides the coats.",
  layers: [
    prep,
    layer({ role: "cover", name: "Brows flat", zones: ["browLeft", "browRight"], paint: product("Brow stick"), tool: "stick", technique: "stroke" }),
    layer({ role: "cover", name: "Brow concealer", zones: ["browLeft", "browRight"], paint: product("Deep cover"), tool: "flatBrush", technique: "pat", coats: 2 }),
    powderOver("Powder over the brows", ["browLeft", "browRight"], "Neutral set"),
    layer({ role: "base", name: "Frost base", zones: FACE, paint: mix([3, "Chalk white"], [1, "Ice blue"]), tool: "foundationBrush", technique: "buff" }),
    powderOver("White powder", FACE, "White powder"),
    layer({ role: "contour", name: "Blue hollows", zones: kinds("cheekHollow", "temple", "noseSide"), paint: product("Frost blue"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.5 }),
    layer({ role: "shade", name: "Cold sockets", zones: kinds("browBone", "underEye"), paint: product("Storm blue"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.55 }),
    layer({ role: "highlight", name: "Rime", zones: kinds("cheekApple", "noseTip", "chin"), paint: product("Line white"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.3 }),
    layer({ role: "detail", name: "Fern strokes", zones: ["forehead", "templeLeft", "templeRight", "cheekAppleLeft", "cheekAppleRight", "cheekHollowLeft", "cheekHollowRight"], paint: product("Storm blue"), tool: "linerBrush", technique: "pat",
      marks: [mark("fern", 27, 29, { turnDeg: -52, seed: 5, lengthMm: 46, mirrored: true, curl: 0.5 }), mark("fern", 47, -38, { turnDeg: 24, seed: 9, lengthMm: 58, mirrored: true, pairs: 9, curl: -0.5 })] }),
    layer({ role: "detail", name: "Spangle", zones: ["cheekboneLeft", "cheekboneRight"], paint: product("Frost spangle"), tool: "finger", technique: "dab", coats: 1, marks: [mark("spots", 57, -20, { mirrored: true, seed: 7, spreadMm: 24, widthMm: 2.4, count: 22 })] }),
    layer({ role: "detail", name: "Ash lips", zones: ["upperLip", "lowerLip"], paint: product("Ash lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

const RING = { x: 0, y: -30 } as const;
const sundog: Look = {
  schema: 1, name: "Sundog", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], notes: "Two false suns beside the true one; must carry to the hillside.",
  layers: [
    prep,
    layer({ role: "base", name: "Pale haze", zones: FACE, paint: mix([3, "Chalk white"], [1, "Sand"]), tool: "foundationBrush", technique: "buff" }),
    powderOver("Powder over the haze", FACE, "White powder"),
    layer({ role: "contour", name: "Cold hollows", zones: kinds("cheekHollow", "temple"), paint: product("Slate grey"), tool: "foundationBrush", technique: "buff", edge: "faded", share: 0.5 }),
    layer({ role: "detail", name: "Outer ring", zones: ["forehead"], paint: product("Wheat light"), tool: "roundBrush", technique: "pat", marks: [mark("ring", RING.x, RING.y, { diameterMm: 125, widthMm: 6, openDeg: 84 })] }),
    layer({ role: "detail", name: "Gold ring", zones: ["forehead"], paint: product("Flash yellow"), tool: "roundBrush", technique: "pat", marks: [mark("ring", RING.x, RING.y, { diameterMm: 113, widthMm: 7, openDeg: 84 })] }),
    layer({ role: "detail", name: "Inner red ring", zones: ["forehead"], paint: mix([3, "Brick"], [1, "Ochre ground"]), tool: "roundBrush", technique: "pat", marks: [mark("ring", RING.x, RING.y, { diameterMm: 101, widthMm: 6, openDeg: 84 })] }),
    layer({ role: "detail", name: "Mock suns", zones: ["cheekboneLeft", "cheekboneRight"], paint: product("Wheat light"), tool: "roundBrush", technique: "pat", marks: [mark("rays", 55, -36, { mirrored: true, diameterMm: 24, rays: 0, discShare: 0.9, widthMm: 2 })] }),
    layer({ role: "detail", name: "Rayed disc", zones: ["forehead"], paint: product("Ember"), tool: "roundBrush", technique: "pat", marks: [mark("rays", 0, 30, { diameterMm: 40, rays: 16, discShare: 0.5, widthMm: 2.4 })] }),
    layer({ role: "detail", name: "Brick lips", zones: ["upperLip", "lowerLip"], paint: product("Brick lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

/** Marks know the zones they lie on only on a figure: filled in here on the average one. */
const onFigure = (design: Look): Look => ({ ...design, layers: design.layers.map((entry) => (entry.marks.length ? { ...entry, zones: zonesOfMarks(entry.marks, buildFigure(defaultFace())) } : entry)) });

export const DEMO_LOOKS: readonly { readonly id: string; readonly design: Look }[] = [thunderhead, drought, firstFrost, onFigure(sundog)].map((design) => ({ id: slug(design.name), design }));

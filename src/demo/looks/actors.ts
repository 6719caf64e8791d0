import { USUAL_SCHOOLS, type Look } from "@/core/look";
import { FACE, groups, kinds, layer, mark, mix, powderOver, prep, product, seal, system } from "./kit";

export const thunderhead: Look = {
  schema: 1, name: "Thunderhead", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "Under a hood; the forks must read from the path, ten metres off.",
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

export const drought: Look = {
  schema: 1, name: "Drought", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "Ground that has not seen rain since spring.",
  layers: [
    prep,
    layer({ role: "base", name: "Ochre ground", zones: [...FACE, ...kinds("collar", "shoulderFront", "chest", "upperArmFront", "upperArmBack", "shoulderBack")], paint: mix([3, "Ochre ground"], [1, "Sand"]), tool: "dampSponge", technique: "stipple", notes: "Activate with sealing medium instead of water." }),
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

export const firstFrost: Look = {
  schema: 1, name: "First Frost", system: system("waterGlycerine", "waterWax", null), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "Pale over deep skin: the ground decides the coats.",
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
export const sundog: Look = {
  schema: 1, name: "Sundog", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "Two false suns beside the true one; must carry to the hillside.",
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

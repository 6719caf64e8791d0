import { USUAL_SCHOOLS, type Look } from "@/core/look";
import { FACE, groups, kinds, layer, mark, mix, powderOver, prep, product, seal, system, without } from "./kit";

/** Soft gradients only: nothing with an edge. */
export const fog: Look = {
  schema: 1, name: "Fog", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "No line anywhere: every tone goes over into the next.",
  layers: [
    prep,
    layer({ role: "base", name: "Grey air", zones: FACE, paint: mix([2, "Chalk white"], [1, "Slate grey"]), tool: "foundationBrush", technique: "buff", group: "Ground" }),
    powderOver("Powder over the air", FACE, "Slate powder"),
    layer({ role: "shade", name: "Wet hollows", zones: kinds("browBone", "underEye"), paint: product("Slate grey"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.7, group: "Drift" }),
    layer({ role: "contour", name: "Bank from the side", zones: kinds("cheekHollow", "temple", "jawline"), paint: product("Storm blue"), tool: "foundationBrush", technique: "buff", edge: "faded", share: 0.75, group: "Drift" }),
    layer({ role: "contour", name: "Bank from below", zones: kinds("neckFront"), paint: product("Storm blue"), tool: "foundationBrush", technique: "buff", edge: "faded", fades: "up", group: "Drift" }),
    layer({ role: "highlight", name: "Light above it", zones: kinds("forehead", "cheekbone", "noseBridge"), paint: product("Chalk white"), tool: "foundationBrush", technique: "pat", edge: "faded", share: 0.6, group: "Drift" }),
    layer({ role: "detail", name: "Ash lips", zones: ["upperLip", "lowerLip"], paint: product("Ash lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

const CAP_EDGE = ["forehead", "templeLeft", "templeRight", "nape"] as const;
const CAPPED = [...FACE, "scalp", "backOfHead"] as const;

/** Spots that get smaller to the edge, over a cap that is painted with the face. */
export const hail: Look = {
  schema: 1, name: "Hail", system: system("waterGlycerine", "waterWax", "sealingMedium"), schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [], toDo: [], notes: "Over a bald cap: its edge is filled, powdered and covered by the ground. The stones are larger where they strike.",
  layers: [
    prep,
    layer({ role: "attach", name: "Adhesive for the cap", zones: [...CAP_EDGE], paint: product("Medical hold"), tool: "flatBrush", technique: "stroke", coats: 1, share: 0.1, group: "Cap" }),
    layer({ role: "attach", name: "Cap", zones: ["scalp", "backOfHead", ...CAP_EDGE], paint: product("Thin cap"), tool: "finger", technique: "dab", coats: 1, group: "Cap", notes: "Front first, pressed when the adhesive is clear; then the sides and the nape." }),
    layer({ role: "attach", name: "Edge of the cap", zones: [...CAP_EDGE], paint: product("Edge paste"), tool: "spatula", technique: "press", coats: 2, share: 0.1, group: "Cap" }),
    { ...powderOver("Powder on the cap", ["scalp", "backOfHead", ...CAP_EDGE], "Neutral set"), group: "Cap" },
    layer({ role: "base", name: "Squall", zones: [...CAPPED], paint: mix([3, "Slate grey"], [1, "Storm blue"]), tool: "dampSponge", technique: "stipple", notes: "Stipple over the edge of the cap until it can't be found." }),
    powderOver("Powder over the squall", CAPPED, "Slate powder"),
    layer({ role: "contour", name: "Under the wind", zones: kinds("cheekHollow", "temple", "noseSide"), paint: product("Storm blue"), tool: "foundationBrush", technique: "buff", edge: "faded", share: 0.5 }),
    layer({ role: "detail", name: "Great stones", zones: ["forehead"], paint: product("Line white"), tool: "roundBrush", technique: "pat", group: "Stones", marks: [mark("spots", 10, 44, { seed: 12, spreadMm: 46, widthMm: 7, count: 14, falloff: 0.75 }), mark("spots", 48, -34, { seed: 3, spreadMm: 30, widthMm: 6, count: 11, falloff: 0.7 })] }),
    layer({ role: "detail", name: "Small stones", zones: ["forehead"], paint: product("Frost blue"), tool: "roundBrush", technique: "pat", group: "Stones", marks: [mark("spots", -42, -52, { seed: 21, spreadMm: 34, widthMm: 3.5, count: 20, falloff: 0.6 }), mark("spots", -18, 32, { seed: 8, spreadMm: 30, widthMm: 3, count: 16, falloff: 0.5 }), mark("spots", 0, -108, { seed: 5, spreadMm: 22, widthMm: 3, count: 9, falloff: 0.5 })] }),
    layer({ role: "detail", name: "Stones on the crown", zones: ["backOfHead"], paint: product("Line white"), tool: "roundBrush", technique: "pat", group: "Stones", marks: [mark("spots", 12, 40, { frame: "back", seed: 30, spreadMm: 80, widthMm: 7, count: 26, falloff: 0.6 })] }),
    layer({ role: "detail", name: "Ash lips", zones: ["upperLip", "lowerLip"], paint: product("Ash lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

/** A light over the marsh: alcohol colour round a piece on the brow, green that glows under the blue gel. */
export const bogLight: Look = {
  schema: 1, name: "Bog Light", system: { ...system("waterGlycerine", "waterWax", "sealingMedium"), also: { prosthetic: { base: "rubberMaskGrease", detail: "alcoholActivated", prep: null, activate: null, set: "settingPowder", seal: "barrierSpray" } } }, schools: USUAL_SCHOOLS, bare: [], accepted: [], pieces: [{
    id: "reed-horns", kind: "horns", name: "Reed horns", source: "made", leadDays: 7, done: 0, measureMm: 90, hides: [], colour: "#3f5a37", finish: "matte", notes: "Two, mirrored; on the band before the hood goes up.",
    builds: [{ material: "paperPulp", coats: 1 }, { material: "primer", coats: 2 }, { material: "propPaint", coats: 2 }], cone: { footMm: 40, topMm: 0, heightMm: 130, slopeDeg: 25 },
  }], toDo: [], notes: "The foam piece sits on the forehead above the brows; look at it under the blue gel.",
  layers: [
    prep,
    layer({ role: "attach", name: "Adhesive for the ridge", zones: ["forehead"], paint: product("Medical hold"), tool: "flatBrush", technique: "stroke", coats: 1, share: 0.15, group: "Ridge" }),
    layer({ role: "attach", name: "Ridge", zones: ["forehead"], paint: product("Ridge foam"), tool: "finger", technique: "dab", coats: 1, share: 0.7, group: "Ridge", notes: "Pressed on when the adhesive is clear, middle first." }),
    layer({ role: "attach", name: "Edge of the ridge", zones: ["forehead"], paint: product("Edge paste"), tool: "spatula", technique: "press", coats: 2, share: 0.15, group: "Ridge" }),
    { ...powderOver("Powder on the ridge", ["forehead"], "Neutral set"), group: "Ridge" },
    layer({ role: "base", name: "Grease under the green", zones: ["forehead"], paint: product("Marsh grease"), tool: "stippleSponge", technique: "dab", coats: 2, group: "Ridge" }),
    { ...powderOver("Powder over the grease", ["forehead"], "Neutral set"), group: "Ridge" },
    layer({ role: "shade", name: "Bog green on the ridge", zones: ["forehead"], paint: product("Bog green"), tool: "stippleSponge", technique: "dab", edge: "faded", share: 0.8, group: "Ridge" }),
    layer({ role: "base", name: "Wet moss", zones: without(FACE, [...kinds("upperLid", "lowerLid"), "forehead"]), paint: mix([3, "Moss"], [1, "Peat"]), tool: "dampSponge", technique: "stipple" }),
    powderOver("Powder over the moss", without(FACE, [...kinds("upperLid", "lowerLid"), "forehead"]), "Neutral set"),
    layer({ role: "shade", name: "Peat water", zones: kinds("browBone", "underEye", "cheekHollow"), paint: product("Peat"), tool: "roundBrush", technique: "pat", edge: "faded", share: 0.6 }),
    layer({ role: "detail", name: "Lights", zones: ["forehead"], paint: product("Flash yellow"), tool: "roundBrush", technique: "pat", marks: [mark("rays", 0, 36, { diameterMm: 30, rays: 12, discShare: 0.55, widthMm: 2 }), mark("drip", 46, -48, { seed: 6 }), mark("drip", -52, -40, { seed: 14 })] }),
    layer({ role: "detail", name: "Reeds", zones: ["cheekHollowLeft"], paint: product("Line black"), tool: "linerBrush", technique: "pat", marks: [mark("leaf", 40, -70, { turnDeg: 20, seed: 2, mirrored: true, varied: true })] }),
    layer({ role: "detail", name: "Ash lips", zones: ["upperLip", "lowerLip"], paint: product("Ash lip"), tool: "roundBrush", technique: "stroke" }),
    seal,
  ],
};

/** Three minutes at the gate: two leaves and their berries on one cheek, nothing near the eye. */
export const gateLeaf: Look = {
  schema: 1, name: "Gate leaf", system: null, schools: USUAL_SCHOOLS, bare: groups("face", "eyes", "lips", "ears", "neck"), accepted: [], pieces: [], toDo: [], notes: "For the booth: one cheek, clean brush and water for every child.",
  layers: [
    layer({ role: "detail", name: "Leaves", zones: ["cheekAppleLeft"], paint: product("Moss"), tool: "roundBrush", technique: "stroke", coats: 1, marks: [mark("leaf", 44, -36, { turnDeg: 48, seed: 1, lengthMm: 26, veins: 2 }), mark("leaf", 53, -46, { turnDeg: -6, seed: 2, lengthMm: 22, veins: 2 })] }),
    layer({ role: "detail", name: "Berries", zones: ["cheekAppleLeft"], paint: product("Brick"), tool: "roundBrush", technique: "pat", coats: 1, marks: [mark("spots", 42, -48, { seed: 9, spreadMm: 9, widthMm: 4, count: 3, falloff: 0.2 })] }),
  ],
};

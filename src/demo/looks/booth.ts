import { USUAL_SCHOOLS, type Layer, type Look } from "@/core/look";
import { groups, layer, mark, onAnyFace, product } from "./kit";

/** A small design on one cheek, for the booth at the gate: the rest of the face stays as it is. */
const onCheek = (name: string, layers: Layer[]): Look => ({
  schema: 1,
  name,
  system: null,
  schools: USUAL_SCHOOLS,
  light: "above",
  bare: groups("face", "eyes", "lips", "ears", "neck"),
  accepted: [],
  pieces: [],
  steps: [],
  toDo: [],
  tags: ["booth"],
  notes: "For the booth: one cheek, clean brush and water for every child.",
  layers: onAnyFace(layers),
});

export const twoHailstones = onCheek("Two hailstones", [
  layer({
    role: "detail",
    name: "Stones",
    zones: ["cheekAppleLeft"],
    paint: product("Ice blue"),
    tool: "roundBrush",
    technique: "pat",
    coats: 1,
    marks: [mark("spots", 46, -40, { seed: 4, spreadMm: 14, widthMm: 9, count: 2, falloff: 0.1 })],
  }),
  layer({
    role: "detail",
    name: "Sparks",
    zones: ["cheekAppleLeft"],
    paint: product("Line white"),
    tool: "linerBrush",
    technique: "pat",
    coats: 1,
    marks: [mark("spots", 48, -38, { seed: 2, spreadMm: 24, widthMm: 2, count: 7, falloff: 0.5 })],
  }),
]);

export const smallSundog = onCheek("Small sundog", [
  layer({
    role: "detail",
    name: "Little sun",
    zones: ["cheekAppleLeft"],
    paint: product("Flash yellow"),
    tool: "roundBrush",
    technique: "pat",
    coats: 1,
    marks: [mark("rays", 48, -40, { diameterMm: 26, rays: 9, discShare: 0.5, widthMm: 2.4 })],
  }),
  layer({
    role: "detail",
    name: "Its ring",
    zones: ["cheekAppleLeft"],
    paint: product("Ember"),
    tool: "linerBrush",
    technique: "pat",
    coats: 1,
    marks: [mark("ring", 48, -40, { diameterMm: 34, widthMm: 1.6 })],
  }),
]);

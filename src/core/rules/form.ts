import { TRADE as source, type Rule } from "./rule";

export const FORM = {
  "FORM-1": {
    title: "Light from above",
    reason: "High points lighter; under, sides and corners darker.",
    severity: "tip",
    source,
  },
  "FORM-2": {
    title: "A fold is hard on one side",
    reason: "The fade goes over the fuller form; the flat side keeps the edge.",
    severity: "tip",
    source,
  },
  "FORM-3": {
    title: "On the skin or into it",
    reason:
      "An object has a shadow round it and a light top; a hole is dark with a light lower rim.",
    severity: "tip",
    source,
  },
  "FORM-4": {
    title: "Veil or build",
    reason: "Shadows too dark and veiled, or built up gradually: repeat until enough.",
    severity: "tip",
    source,
  },
  "FORM-5": {
    title: "Lines in skin are never straight",
    reason: "They wedge in width and are patted on in short touches.",
    severity: "tip",
    source,
  },
  "FORM-6": {
    title: "Mottle and natural unevenness",
    reason:
      "Dots broken up with a finger, teeth of different heights: or symmetry, where a look must unsettle.",
    severity: "tip",
    source,
  },
  "FORM-7": {
    title: "Eyes carry the mood",
    reason: "Curved under for smiling, sharp arches for anger, dark sockets for sunken.",
    severity: "tip",
    source,
  },
  "FORM-8": {
    title: "Find the hollow of the cheek",
    reason: "Suck the cheeks in.",
    severity: "tip",
    source,
  },
  "EDGE-1": {
    title: "Never end a colour in a crease",
    reason: "The edge vanishes when the face moves: keep it a few millimetres clear.",
    severity: "caution",
    source,
  },
  "EDGE-2": {
    title: "Moving features on moving skin",
    reason: "Drawn elsewhere they go dead.",
    severity: "tip",
    source,
  },
  "EDGE-3": {
    title: "Clown faces within the eye corners",
    reason: "So the front row reads them; lower lip only.",
    severity: "tip",
    source,
  },
  "EDGE-4": {
    title: "Headgear hides the upper forehead",
    reason: "Keep brows and shapes under the hat or fringe line.",
    severity: "caution",
    source,
  },
  "DIST-1": {
    title: "Close tones merge at a distance",
    reason: "Put a lighter line between two darks, a darker one between two lights.",
    severity: "caution",
    source,
  },
  "DIST-2": {
    title: "Too fine to see is wasted work",
    reason: "Fewer, thicker strokes for a big house.",
    severity: "tip",
    source,
  },
  "DIST-3": {
    title: "Step back",
    reason: "Photograph it, squint: the product simulates it.",
    severity: "tip",
    source,
  },
  "DIST-4": {
    title: "Light changes colour",
    reason:
      "Gels and warm lamps shift or kill hues; under ultraviolet only what is fluorescent shows.",
    severity: "tip",
    source,
  },
  "COLOUR-1": {
    title: "Solve the mix",
    reason: "Three tries at one orange are normal; whole-number parts are better.",
    severity: "tip",
    source,
  },
  "COLOUR-2": {
    title: "Shadow is a darker, duller relative",
    reason: "Not plain black; highlight is a warm tint.",
    severity: "tip",
    source,
  },
  "COLOUR-3": {
    title: "Limit the colours",
    reason: "Each one added makes the design harder.",
    severity: "tip",
    source,
  },
  "COLOUR-4": {
    title: "Gradients keep hue order",
    reason: "Blend neighbours with a clean brush and re-blend the joins.",
    severity: "tip",
    source,
  },
  "PROS-1": {
    title: "Dry-fit, then glue thin",
    reason: "Past the edge, until clear; press, roll, dissolve and powder the edge.",
    severity: "caution",
    source,
  },
  "PROS-2": {
    title: "Glue stays off hair",
    reason: "Protect hairline and brows.",
    severity: "caution",
    source,
  },
  "PROS-3": {
    title: "Wax softens with warmth",
    reason: "Keep it off lids and creases; powder it hard.",
    severity: "caution",
    source,
  },
  "PROS-4": {
    title: "Darks into every recess",
    reason: "Brown first, black only in the deepest.",
    severity: "tip",
    source,
  },
  "PROS-5": {
    title: "A piece in one go",
    reason:
      "Dry-fit, glue from the centre outwards, fill the edge, carry the texture over the join, powder, then paint.",
    severity: "caution",
    also: { tip: "a flat base over a filled edge is a matter of finish" },
    source,
  },
  "PROS-6": {
    title: "What is worn is work",
    reason:
      "Ears, lashes, lenses, teeth, wig and headpiece have minutes, glue and a place: lenses first in and first out, lashes and lips near the end, headpiece last.",
    severity: "tip",
    source,
  },
  "PIECE-1": {
    title: "Build before the day",
    reason: "Coats and nights of drying go in the calendar back from the job.",
    severity: "tip",
    source,
  },
  "PIECE-2": {
    title: "Coatings shrink the inside",
    reason: "Add an allowance for each layer to the head measure.",
    severity: "tip",
    source,
  },
  "PIECE-3": {
    title: "Left and right mirrored and equal",
    reason: "Parts on a slope are cut on that bevel.",
    severity: "tip",
    source,
  },
  "PIECE-4": {
    title: "Paint the piece first",
    reason: "Then match the face to it.",
    severity: "tip",
    source,
  },
  "PIECE-5": {
    title: "Prop materials stay off skin",
    reason: "And so do their brushes.",
    severity: "caution",
    source,
  },
} as const satisfies Record<string, Rule>;

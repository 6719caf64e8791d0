import { TRADE as source, type Rule } from "./rule";

export const PREPARING = {
  "PREP-1": {
    title: "Clean, dry, moisturised skin first",
    reason: "Paint grips clean skin; barrier cream spares skin that breaks out.",
    severity: "tip",
    source,
    also: { caution: "what goes over a remover, or under hair colour, does not hold" },
  },
  "PREP-2": {
    title: "Prep sweaty skin",
    reason:
      "A thin dab of skin prep, left to dry some minutes, keeps sweat from lifting the paint.",
    severity: "caution",
    source,
  },
  "PREP-3": {
    title: "Beard or stubble breaks up chin and mouth designs",
    reason: "Hair scatters the paint: shave, move the design, or accept it and say so.",
    severity: "caution",
    source,
  },
  "PREP-4": {
    title: "Hair back, old clothes, disposable palette",
    reason: "Nothing should fall into wet paint or carry it from one person to the next.",
    severity: "tip",
    source,
  },
  "BROW-1": {
    title: "Hide brows in thin layers",
    reason:
      "Two or three thin layers, each dry and pressed with powder, until the hair ridges are filled and smooth.",
    severity: "tip",
    source,
    also: { caution: "brows under a piece that are not flat reach the glue" },
  },
  "BROW-2": {
    title: "No medical adhesive or latex on hair",
    reason:
      "On bare brow, lash or scalp hair it tears the hair out when it comes off. Over brows that are blocked, or a cap, it is a caution, and so is spirit gum on bare brows: glue round rather than over, and take it off gently.",
    severity: "stop",
    source,
    also: { caution: "spirit gum on a bare brow, and anything over blocked brows or a cap" },
  },
  "BROW-3": {
    title: "A dark brow shows through a light base",
    reason:
      "Orange corrector cancels dark hair before white or base-tone concealer goes on, each powdered.",
    severity: "caution",
    source,
  },
  "BROW-4": {
    title: "A dark shape can hide the brow by itself",
    reason: "Skip the cover there, but add a coat.",
    severity: "tip",
    source,
  },
  "BROW-5": {
    title: "Place rebuilt brows by three points",
    reason:
      "Start above the inner eye corner, arch past the iris, end past the outer corner, both sides measured.",
    severity: "tip",
    source,
  },
  "BROW-6": {
    title: "Hidden brows are drawn anew",
    reason:
      "A face without brows reads blank, unless that is meant. Brows are covered before a cap goes on, never after.",
    severity: "tip",
    source,
    also: {
      caution: "brows covered after a cap: the cap's edge is in the way, and glue reaches it",
    },
  },
  "MAP-1": {
    title: "Map first or base first",
    reason:
      "Graphic shapes are outlined before painting; a one-colour base goes on before the map.",
    severity: "tip",
    source,
  },
  "MAP-2": {
    title: "Largest shape first",
    reason: "What moves everything else is placed before what depends on it.",
    severity: "tip",
    source,
  },
  "MAP-3": {
    title: "Align a shape to something",
    reason: "Midline, pupils, nostril wing, mouth corner or brow line: then both sides agree.",
    severity: "tip",
    source,
  },
  "MAP-4": {
    title: "Nothing is final in pencil",
    reason: "Shapes get raised and redrawn: keep versions.",
    severity: "tip",
    source,
  },
} as const satisfies Record<string, Rule>;

import type { Rule } from "./rule";

const source =
  "common practice, no published source; the product label, local rules and licensed professionals decide";

export const SAFETY = {
  "SAFE-1": {
    title: "Only products made for skin on skin",
    reason:
      "Craft acrylic, spray paint, plaster, hot glue, craft glitter and office adhesive are for props.",
    severity: "stop",
    source,
  },
  "SAFE-2": {
    title: "Patch test, and never a known allergen",
    reason:
      "Test each new product on that person 24 to 48 hours before, on intact skin; a known allergy rules the product out.",
    severity: "stop",
    source,
    also: { caution: "a patch test that is missing, or counts no longer" },
  },
  "SAFE-3": {
    title: "Eyes and mouth need products made for them",
    reason:
      "Only eye-grade inside the orbital rim and lip-grade on lips; alcohol products and their vapour stay out of both.",
    severity: "stop",
    source,
  },
  "SAFE-4": {
    title: "Lenses only as fitted by a professional",
    reason:
      "In before paint, out before removal, never shared, none that block sight on stairs or in the dark.",
    severity: "caution",
    source,
  },
  "SAFE-5": {
    title: "Alcohol and sprays burn",
    reason: "Ventilate, no flame or hot dryer near; wait until dry before lights and pyrotechnics.",
    severity: "caution",
    source,
    also: { tip: "said of every alcohol and spray; a caution where the room makes it one" },
  },
  "SAFE-6": {
    title: "Don't breathe powder",
    reason: "None blown near babies; talc-free where asked.",
    severity: "caution",
    source,
  },
  "SAFE-7": {
    title: "One clean sponge per person, and no paint on broken skin",
    reason:
      "No double dipping. Broken or infected skin, and what the card or the person says stays bare, is not painted.",
    severity: "stop",
    source,
  },
  "SAFE-8": {
    title: "Small children",
    reason:
      "Under three years no face paint: a cheek design instead, a parent present and consenting.",
    severity: "stop",
    source,
    also: {
      caution: "nobody has agreed to a child being painted",
      tip: "agreed by the card, and to be noted for today",
    },
  },
  "SAFE-9": {
    title: "Heat and paint strain the body",
    reason: "Breaks and water; medical questions go to a professional.",
    severity: "caution",
    source:
      "US National Weather Service, Heat Index (Rothfusz 1990), up to 8 °C more in full sun; the limits are common practice, no published source; medical questions go to a professional",
  },
  "SAFE-11": {
    title: "Hair dye never goes on skin",
    reason:
      "Black henna and other hair dyes hold para-phenylenediamine: on skin it burns and sensitises for life. Hair dye goes in hair only, by its label, and is not patch tested here: the test itself sensitises.",
    severity: "stop",
    source:
      "EU Regulation 1223/2009, Annex III, entries 8 and 8a (hair dye only); US FDA, Temporary Tattoos, Henna/Mehndi and Black Henna; both from memory",
  },
  "SAFE-12": {
    title: "An unread label is free of nothing",
    reason:
      "Until somebody has read the ingredients, what such products usually hold counts as in them. Read the label, tick what it names, then tick it as read.",
    severity: "caution",
    source,
    always: "what it counts as in a product decides what SAFE-2 stops",
  },
  "SAFE-13": {
    title: "Ask before the first step, every day",
    reason:
      "Asthma, pregnancy, broken, sunburnt or infected skin, a cold sore, an eye infection, a peel, lenses: each changes what may go where today. What stays bare is not painted.",
    severity: "caution",
    source,
  },
  "SAFE-14": {
    title: "Under twelve only mild paint",
    reason:
      "Only cosmetic, water-based face paint, powder, pencil, and glitter in gel away from the eyes: no alcohol colour, grease, adhesive, latex or acrylic. From twelve to fifteen it is a caution. Spray on a puff, not on a child's face.",
    severity: "stop",
    source,
    also: { caution: "from twelve to fifteen, and what is sprayed near a child's face" },
  },
  "SAFE-15": {
    title: "Bright colours near eyes and lips by their label",
    reason:
      "Fluorescent and metallic colours, and pigments that are not listed for the eye, go near eyes and lips only where the label allows it. Keep the colour index numbers from the label.",
    severity: "caution",
    source:
      "US FDA, Summary of Color Additives (cosmetics, eye area); EU Regulation 1223/2009, Annex IV; both from memory; the product label decides",
  },
  "SAFE-16": {
    title: "A child is painted on face, neck, arms, hands and lower legs",
    reason:
      "Whoever is under eighteen wears a plain fitted suit from the neck to the middle of the thigh: nothing is painted under it, and every picture shows it.",
    severity: "stop",
    source,
  },
  "SAFE-10": {
    title: "Breathing, sight and hearing stay free",
    reason: "Nothing over nose and mouth that hinders breathing.",
    severity: "caution",
    source,
  },
} as const satisfies Record<string, Rule>;

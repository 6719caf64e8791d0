import { TRADE as source, type Rule } from "./rule";

export const WEARING = {
  "CLIM-1": {
    title: "Heat, humidity and sweat",
    reason:
      "Heat softens wax, humidity slows drying, sweat lifts water colours and creams; worse under a hood.",
    severity: "caution",
    source,
    also: { tip: "paint that dries slowly costs time and harms nothing" },
  },
  "WEAR-1": {
    title: "Hands and rubbed places need touch-ups",
    reason: "Whatever the paint; keep grease off hands.",
    severity: "caution",
    source,
  },
  "WEAR-2": {
    title: "Drinking and eating",
    reason: "A straw; lips and teeth repaint.",
    severity: "tip",
    source,
  },
  "WEAR-3": {
    title: "Sweat runs an unprotected face",
    reason: "In about half an hour.",
    severity: "caution",
    source,
  },
  "WEAR-4": {
    title: "Bodies take hours",
    reason:
      "A full head, arms and body took experienced hobbyists four to six hours; a simple face 20 to 90 minutes.",
    severity: "tip",
    source,
  },
  "WEAR-5": {
    title: "Clothes over paint",
    reason:
      "Rest, powder or seal the area first, wait until it is dry, and wear loose clothes that open in front.",
    severity: "tip",
    source,
  },
  "TIME-1": {
    title: "Plan backwards",
    reason: "From the curtain: travel, costume, paint, prep.",
    severity: "tip",
    source,
  },
  "TIME-2": {
    title: "Rehearse the day before",
    reason: "And use the measured time.",
    severity: "tip",
    source,
  },
  "TIME-3": {
    title: "Alone you can't reach everything",
    reason: "Back of the head and nape need a helper or a design without them.",
    severity: "caution",
    source,
  },
  "TIME-4": {
    title: "Interruptions cost quality",
    reason: "Keep a buffer, and a hurried and a comfortable time for each look.",
    severity: "tip",
    source,
  },
  "TIME-5": {
    title: "A series needs rest days",
    reason: "For skin, restocking and a realistic count.",
    severity: "tip",
    source,
  },
  "KIT-1": {
    title: "Is the pot enough?",
    reason: "Small pots are one or two faces, not a body; shops may need days.",
    severity: "caution",
    source,
  },
  "KIT-2": {
    title: "Opened products expire",
    reason: "Record the opening date; adhesives go off.",
    severity: "caution",
    source,
  },
  "KIT-3": { title: "Some gear may not travel", reason: "Pack by job.", severity: "tip", source },
  "KIT-4": {
    title: "Record what was used",
    reason: "So that it can be repeated.",
    severity: "tip",
    source,
  },
  "KIT-5": {
    title: "Substitutes lose something",
    reason: "Cover and wear: show what.",
    severity: "tip",
    source,
  },
  "KIT-6": {
    title: "A refill is a movement",
    reason: "Liquid dried into an empty pan counts as stock.",
    severity: "tip",
    source,
  },
  "RECORD-1": {
    title: "A card for each face",
    reason: "Drawing, colours, photo, what worked, what to change.",
    severity: "tip",
    source,
  },
  "RECORD-2": {
    title: "A painter's face is theirs",
    reason: "Make it different, credit a reference, don't copy.",
    severity: "tip",
    source,
  },
  "PRACTICE-1": {
    title: "Design within your skill",
    reason: "A five-point star is hard, a triangle easier.",
    severity: "tip",
    source,
  },
  "PRACTICE-2": {
    title: "Steady the hand",
    reason: "Little finger on the cheek, damp fine brush, slow.",
    severity: "tip",
    source,
  },
  "PRACTICE-3": {
    title: "Repetition shows",
    reason: "Log it and see the curve.",
    severity: "tip",
    source,
  },
  "REMOVE-1": {
    title: "Each type has its remover and its minutes",
    reason: "Never rush: skin tears.",
    severity: "tip",
    source,
  },
  "REMOVE-2": {
    title: "Ears, hairline and nails hold colour",
    reason: "For days: say so before painting.",
    severity: "tip",
    source,
  },
  "REMOVE-3": {
    title: "A removal card goes home",
    reason: "With the painter's contact.",
    severity: "tip",
    source,
  },
} as const satisfies Record<string, Rule>;

import type { PersonFields } from "@/core/people";
import { slug } from "./products";

const usual = { guardianConsent: false, allergyNotes: "", beard: "none", lenses: false, measures: null, landmarks: null, heightCm: null, weightKg: null, notes: "", build: "average" } as const;

/** Invented people of the Weather Court; `day` shifts a date from the day the demo is loaded. */
export function demoPeople(day: (offset: number) => string): { id: string; fields: PersonFields }[] {
  const clear = (offset: number, ...names: string[]) => names.map((name) => ({ productId: slug(name), on: day(offset), first: "nothing" as const, late: "nothing" as const, result: "clear" as const }));
  return [
    { id: "ilse-marrow", fields: { ...usual, name: "Ilse Marrow", ageYears: 34, skin: "#e2b899", skinKind: "normal", sweat: "average", allergies: ["latex"], brow: "#6b4a35", build: "narrow", patchTests: [...clear(-20, "Chalk white", "Slate grey", "Sand", "White powder", "Wheat light", "Flash yellow", "Ember", "Brick lip", "Prep dab", "Last coat"), { productId: slug("Frost spangle"), on: day(-1), result: "waiting" }] } },
    { id: "nomi-tarrow", fields: { ...usual, name: "Nomi Tarrow", ageYears: 28, skin: "#50331f", skinKind: "normal", sweat: "light", allergies: [], brow: "#17110d", measures: { faceLength: 116, faceWidth: 137, jawWidth: 111, hairlineHeight: 60, pupilDistance: 63, mouthWidth: 53 }, patchTests: clear(-9, "Chalk white", "Ice blue", "Frost blue", "White powder", "Frost spangle", "Prep dab", "Last coat", "Brow stick", "Deep cover", "Apricot", "Line white", "Ash lip", "Storm blue") } },
    { id: "bram-oskell", fields: { ...usual, name: "Bram Oskell", ageYears: 41, skin: "#93603f", skinKind: "oily", sweat: "heavy", allergies: [], brow: "#2a1c14", build: "broad", patchTests: clear(-14, "Ochre ground", "Clay brown", "Sand", "Rust line", "Peat", "Ochre powder", "Prep dab", "Last coat", "Bone lip", "Ash lip", "Neutral set") } },
    { id: "perrin-vaile", fields: { ...usual, name: "Perrin Vaile", ageYears: 52, skin: "#c58d68", skinKind: "dry", sweat: "average", allergies: [], beard: "beard", brow: "#5a4636", lenses: true, patchTests: [] } },
    { id: "wren-hallam", fields: { ...usual, name: "Wren Hallam", ageYears: 6, guardianConsent: true, skin: "#f0d3c0", skinKind: "sensitive", sweat: "light", allergies: ["fragrance"], brow: "#a07a55", patchTests: [] } },
  ];
}

import { bodySurfaceArea } from "./body";

/** What the size of a body is drawn and counted from. */
export interface Physique {
  readonly heightCm: number;
  readonly weightKg: number;
  readonly ageYears: number;
}

/** Beyond these a number is a slip (common practice, no published source). */
export const PHYSIQUE_LIMITS = { heightCm: [60, 220], weightKg: [5, 250] } as const;

/** Usual height and weight by age, both sexes together: rounded medians of growth charts and of adults, from memory. */
const USUAL = [
  [0, 60, 6],
  [1, 75, 9.5],
  [2, 87, 12],
  [4, 103, 16.5],
  [6, 116, 20.5],
  [8, 128, 26],
  [10, 138, 32],
  [12, 150, 41],
  [14, 161, 50],
  [16, 167, 59],
  [18, 170, 66],
] as const;

/** The body of somebody nobody has measured. @throws RangeError for a negative age */
export function usualPhysique(ageYears: number): Physique {
  if (!(ageYears >= 0)) throw new RangeError(`age must be zero or more, not ${ageYears}`);
  const above = USUAL.findIndex(([age]) => age >= ageYears);
  const [age, height, weight] = USUAL[above < 0 ? USUAL.length - 1 : above] ?? USUAL[0];
  const [from, short, light] = USUAL[Math.max(0, above - 1)] ?? USUAL[0];
  if (above <= 0 || age === from) return { heightCm: height, weightKg: weight, ageYears };
  const share = (ageYears - from) / (age - from);
  return {
    heightCm: short + (height - short) * share,
    weightKg: light + (weight - light) * share,
    ageYears,
  };
}

/** Skin of a body, cm2. */
export const skinCm2 = ({ heightCm, weightKg }: Physique): number =>
  bodySurfaceArea({ heightCm, weightKg }) * 10_000;

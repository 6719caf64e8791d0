/** Regions of the skin as Lund & Browder chart them, left and right, front and back together. */
export type BodyRegion =
  | "head"
  | "neck"
  | "trunkFront"
  | "trunkBack"
  | "buttocks"
  | "genitalia"
  | "upperArms"
  | "forearms"
  | "hands"
  | "thighs"
  | "lowerLegs"
  | "feet";

const AGES = [0, 1, 5, 10, 15, 21] as const;

/** Per cent of the whole skin by age (Lund & Browder 1944, table of relative areas; arms, legs, hands, feet and buttocks are both sides). */
const SHARES: Readonly<
  Record<BodyRegion, readonly [number, number, number, number, number, number]>
> = {
  head: [19, 17, 13, 11, 9, 7],
  neck: [2, 2, 2, 2, 2, 2],
  trunkFront: [13, 13, 13, 13, 13, 13],
  trunkBack: [13, 13, 13, 13, 13, 13],
  buttocks: [5, 5, 5, 5, 5, 5],
  genitalia: [1, 1, 1, 1, 1, 1],
  upperArms: [8, 8, 8, 8, 8, 8],
  forearms: [6, 6, 6, 6, 6, 6],
  hands: [5, 5, 5, 5, 5, 5],
  thighs: [11, 13, 16, 17, 18, 19],
  lowerLegs: [10, 10, 11, 12, 13, 14],
  feet: [7, 7, 7, 7, 7, 7],
};

export const BODY_REGIONS = Object.keys(SHARES) as BodyRegion[];

/**
 * Share of the whole skin, 0-1, of a region at an age in years, straight lines between the columns of Lund & Browder (1944).
 * @throws RangeError for a negative age
 */
export function regionShare(region: BodyRegion, ageYears: number): number {
  if (!(ageYears >= 0)) throw new RangeError(`age must be zero or more, not ${ageYears}`);
  const row = SHARES[region];
  const above = AGES.findIndex((age) => age >= ageYears);
  if (above <= 0) return (above === 0 ? row[0] : row[5]) / 100;
  const [from = 0, to = 0] = [AGES[above - 1], AGES[above]];
  const share = (ageYears - from) / (to - from);
  return ((row[above - 1] ?? 0) * (1 - share) + (row[above] ?? 0) * share) / 100;
}

/**
 * Skin of the whole body in m2. DuBois & DuBois 1916: 0.007184 W^0.425 H^0.725; Mosteller 1987: sqrt(H W / 3600).
 * @throws RangeError when height or weight is not above zero
 */
export function bodySurfaceArea(o: {
  heightCm: number;
  weightKg: number;
  formula?: "dubois" | "mosteller";
}): number {
  const { heightCm, weightKg, formula = "dubois" } = o;
  if (!(heightCm > 0) || !(weightKg > 0))
    throw new RangeError("height and weight must be above zero");
  return formula === "mosteller"
    ? Math.sqrt((heightCm * weightKg) / 3600)
    : 0.007184 * weightKg ** 0.425 * heightCm ** 0.725;
}

import { ACTIVITIES, type Brief } from "../brief";
import { heatIndex } from "../climate";
import { skinCm2 } from "../anatomy";
import { physiqueOf, type Person } from "../people";
import { HOUSE, type House } from "../rules";
import { sweatOf } from "./exposure";

/** From walking on: who sits or stands makes little heat of their own, met. */
const MOVING_MET = 2;
/** Why paint and costume strain somebody in this weather, in words, and how much they sweat. */
export interface HeatStrain {
  readonly reasons: readonly string[];
  /** Litres an hour. */
  readonly sweat: number;
}

/**
 * How hot it feels to somebody in it, °C: the heat index, and more in full sun. Every screen says this one.
 *
 * @see US National Weather Service, heat index: full sunshine adds up to 15 °F
 */
export const feelsLike = (
  { airDegC, rh, sun }: Pick<Brief, "airDegC" | "rh" | "sun">,
  house: House = HOUSE,
): number => heatIndex(airDegC, rh) + (sun ? house.numbers.sunHeat : 0);

/**
 * Sweat of the whole person, litres an hour: nobody thinks of it by the square metre.
 *
 * @param sweat g/m² an hour
 */
export const sweatLitres = (
  sweat: number,
  person: Pick<Person, "ageYears"> & Partial<Pick<Person, "heightCm" | "weightKg">>,
): number => (sweat * skinCm2(physiqueOf(person))) / 10_000 / 1000;

/** "about 0.2 litres of sweat an hour". */
export function sweatWords(...of: Parameters<typeof sweatLitres>): string {
  const litres = sweatLitres(...of);
  return `${litres < 0.1 ? "under 0.1" : `about ${litres.toFixed(1)}`} litres of sweat an hour`;
}

/**
 * Whether heat is a caution (SAFE-9): it feels hot, in full sun the hotter; the body sweats much; or it
 * is covered and moves in warm air.
 *
 * @param covered most of the body is painted
 * @returns null where none of these is so
 * @see US National Weather Service, heat index: "extreme caution" from 90 °F, full sunshine adds up to 15 °F
 */
export function heatStrain(
  person: Pick<Person, "sweat" | "ageYears"> & Partial<Pick<Person, "heightCm" | "weightKg">>,
  brief: Brief,
  covered: boolean,
  house: House = HOUSE,
): HeatStrain | null {
  const { heatCaution, heatSweat, heatCovered } = house.numbers;
  const feels = feelsLike(brief, house);
  const sweat = sweatOf(person, brief, undefined, house);
  const { label, met } = ACTIVITIES[brief.activity];
  const isShut = (covered || brief.hood) && met >= MOVING_MET && brief.airDegC >= heatCovered;
  const cover = brief.hood ? "a hood" : "most of the skin covered";
  const litres = sweatLitres(sweat, person);
  const reasons = [
    feels >= heatCaution &&
      `it feels like ${Math.round(feels)} °C${brief.sun ? " in the sun" : ""}`,
    sweat > heatSweat && sweatWords(sweat, person),
    isShut && `${cover}, ${label} at ${Math.round(brief.airDegC)} °C`,
  ].filter((reason): reason is string => reason !== false);
  return reasons.length ? { reasons, sweat: litres } : null;
}

/** What to do about it, the same words wherever it is said. */
export const HEAT_ADVICE =
  "Breaks in the shade and water, patches left unpainted if asked; stop at dizziness, headache or chills, cool down, and get medical help.";

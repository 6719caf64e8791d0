import { AIR, type Air, type Brief } from "../brief";
import { dryingMinutes, hoursWithin, type HourOfWeather } from "../climate";
import type { Person } from "../people";
import { HOUSE, type House } from "../rules";
import { hazardsOf, wearUnder } from "./zoneWear";

/** The wind of the trade's words that is nearest to a speed. */
export function airOf(windMs: number): Air {
  const words = Object.keys(AIR) as Air[];
  return words.reduce((best, word) =>
    Math.abs(AIR[word].speed - windMs) < Math.abs(AIR[best].speed - windMs) ? word : best,
  );
}

/** A brief in the weather of one hour. */
export const inWeather = (brief: Brief, hour: HourOfWeather): Brief => ({
  ...brief,
  airDegC: Math.round(hour.airDegC * 2) / 2,
  rh: Math.round(hour.rh),
  air: airOf(hour.windMs),
  sun: hour.sun,
  wet: hour.rain,
});

export interface HourJudged {
  readonly hour: HourOfWeather;
  /** Wear of plain water colour on the forehead in an hour of it. */ readonly hazard: number;
  /** Minutes that a usual water coat takes to dry. */ readonly dryMinutes: number;
}

/** A usual wet coat of water colour, g/m2 (by core/paint: 10 g/m2 dry at 0.64). */
const WET_COAT = 18;

/** The hours a job is worn, each judged by what it does to paint; the same paint and zone for all, so that only the weather differs. */
export function judgeHours(
  hours: readonly HourOfWeather[],
  from: string,
  brief: Brief,
  person: Pick<Person, "sweat" | "skinKind">,
  house: House = HOUSE,
): HourJudged[] {
  return hoursWithin(hours, from, brief.hoursWorn).map((hour) => {
    const then = inWeather(brief, hour);
    return {
      hour,
      hazard: wearUnder(
        "forehead",
        hazardsOf("forehead", person, then, house),
        "waterGlycerine",
        [],
        house,
      ).hazardPerHour,
      dryMinutes: dryingMinutes({
        wetGramsPerM2: WET_COAT,
        solvent: "water",
        airDegC: hour.airDegC,
        rh: hour.rh,
        airSpeed: AIR[then.air].speed,
      }),
    };
  });
}

/** The hour that wears paint most while it is worn: what a system is chosen for. Null when the forecast does not reach it. */
export const worstHour = (judged: readonly HourJudged[]): HourJudged | null =>
  judged.reduce<HourJudged | null>(
    (worst, hour) => (worst && worst.hazard >= hour.hazard ? worst : hour),
    null,
  );

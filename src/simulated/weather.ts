import type { HourOfWeather, WeatherService } from "@/core/climate";

/** Kinds of place the stand-in knows by a word in their name; anywhere else is a mild town. Invented. */
const PLACES: readonly {
  readonly word: RegExp;
  readonly low: number;
  readonly high: number;
  readonly rhLow: number;
  readonly rhHigh: number;
  readonly wind: number;
  readonly cloud: number;
  readonly rain: number;
}[] = [
  {
    word: /quarry|desert|roof/i,
    low: 21,
    high: 34,
    rhLow: 24,
    rhHigh: 46,
    wind: 1.4,
    cloud: 0.1,
    rain: 0,
  },
  {
    word: /reservoir|river|lake|marsh/i,
    low: 9,
    high: 13,
    rhLow: 84,
    rhHigh: 95,
    wind: 0.4,
    cloud: 0.8,
    rain: 0.12,
  },
  {
    word: /hall|theatre|studio|indoors/i,
    low: 20,
    high: 23,
    rhLow: 42,
    rhHigh: 52,
    wind: 0.1,
    cloud: 1,
    rain: 0,
  },
];
const TOWN = { low: 13, high: 24, rhLow: 48, rhHigh: 78, wind: 1.2, cloud: 0.4, rain: 0.08 };

/** A number from 0 to 1 that a text always gives (FNV-1a), so that one place on one day has one weather. */
function chance(text: string): number {
  let h = 0x811c9dc5;
  for (const c of text) h = Math.imul(h ^ c.charCodeAt(0), 0x01000193) >>> 0;
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d) >>> 0;
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 32;
}

/** The afternoon is warmest and driest, the hour before sunrise coldest and dampest. */
const warmth = (hour: number) => (1 + Math.cos(((hour - 15) / 24) * 2 * Math.PI)) / 2;

/** Days ahead that the stand-in has an opinion of. */
const REACH_DAYS = 14;

/**
 * A stand-in for a weather service: hour by hour, invented, the same for the same place and day.
 * @param o.now milliseconds of a clock
 */
export function simulatedWeather(o: { now: () => number }): WeatherService {
  return {
    name: "simulated forecast",
    forecast: (place, date, offset) => {
      const midnight = Date.parse(`${date}T00:00:00${offset}`);
      const days = (midnight - o.now()) / 86_400_000;
      if (!Number.isFinite(midnight)) return Promise.reject(new RangeError("no such day"));
      if (days > REACH_DAYS)
        return Promise.reject(new RangeError(`the forecast reaches ${REACH_DAYS} days ahead`));
      if (days < -REACH_DAYS) return Promise.reject(new RangeError("that day is long past"));
      const kind = PLACES.find(({ word }) => word.test(place)) ?? TOWN;
      const day = (chance(`${place}${date}`) - 0.5) * 3;
      return Promise.resolve(
        Array.from({ length: 24 }, (_, hour): HourOfWeather => {
          const warm = warmth(hour);
          const rain = chance(`rain${place}${date}${hour}`) < kind.rain;
          return {
            at: `${date}T${String(hour).padStart(2, "0")}:00:00${offset}`,
            airDegC: Math.round((kind.low + (kind.high - kind.low) * warm + day) * 10) / 10,
            rh: Math.round(
              Math.min(100, kind.rhHigh - (kind.rhHigh - kind.rhLow) * warm + (rain ? 6 : 0)),
            ),
            windMs:
              Math.round(kind.wind * (0.6 + 0.8 * chance(`wind${place}${date}${hour}`)) * 10) / 10,
            sun:
              hour >= 7 &&
              hour <= 19 &&
              !rain &&
              chance(`cloud${place}${date}${hour}`) >= kind.cloud,
            rain,
          };
        }),
      );
    },
  };
}

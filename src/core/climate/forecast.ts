/** The air of one hour as a weather service tells it. */
export interface HourOfWeather {
  /** ISO 8601 with its offset, on the hour. */
  readonly at: string;
  readonly airDegC: number;
  readonly rh: number;
  /** m/s, as felt two metres up. */
  readonly windMs: number;
  readonly sun: boolean;
  readonly rain: boolean;
}

/** A weather service: what a real one has to offer to stand in for the simulated one. */
export interface WeatherService {
  readonly name: string;
  /** Hours of a day at a place, from midnight to midnight on that place's clock. @throws RangeError when it knows nothing of that day */
  forecast(place: string, date: string, offset: string): Promise<readonly HourOfWeather[]>;
}

const HOUR_MS = 3_600_000;

/** Hours that touch a span of time, the first the one it begins in. */
export function hoursWithin(
  hours: readonly HourOfWeather[],
  from: string,
  lasting: number,
): HourOfWeather[] {
  const start = Date.parse(from);
  const end = start + lasting * HOUR_MS;
  return hours.filter(({ at }) => {
    const hour = Date.parse(at);
    return hour + HOUR_MS > start && hour < end;
  });
}

import { DAYS, MONTHS } from "./words";
import type { Manner } from "./manner";
import { shownAs, unitOf, type Measure } from "./measures";

/** "1,234.5": a number as it is written in a place, to so many decimals. */
function numberIn({ decimal, group }: Manner, value: number, places: number): string {
  const [whole = "", part] = Math.abs(value).toFixed(places).split(".");
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, group) : whole;
  const isNought = Number(Math.abs(value).toFixed(places)) === 0;
  return `${value < 0 && !isNought ? "-" : ""}${grouped}${part ? decimal + part : ""}`;
}

/** Figures as a painter says them, in what the studio has chosen. */
export interface Say {
  readonly manner: Manner;
  /** "6.2": with the place's decimal mark. */
  readonly number: (value: number, places?: number) => string;
  /** "€11.50" of minor units, hundredths whatever the currency. */
  readonly money: (minor: number) => string;
  /** "€", "zł", "CHF". */
  readonly currencySign: string;
  /** "under 0.1 g", "0.4 g", "12 g", "0.42 oz". */
  readonly mass: (grams: number) => string;
  /** "12 g", "3 pieces": so much of what is weighed, or counted. */
  readonly amount: (amount: number, counted: "grams" | "pieces") => string;
  /** "1.4 kg", "3.1 lb": what is carried. */
  readonly load: (grams: number) => string;
  /** "19:30", "7:30 pm": of an ISO moment, on the clock it was written for. */
  readonly clock: (iso: string) => string;
  /** "Wed 25 Nov" of an ISO date or moment, on the calendar it was written for. */
  readonly day: (iso: string) => string;
  /** "25 Nov 2026" of an ISO date or moment. */
  readonly date: (iso: string) => string;
  /** "Jun 2026" of "2026-06" or of any day in it. */
  readonly month: (iso: string) => string;
  /** "21 °C", "70 °F". */
  readonly degrees: (degC: number) => string;
  /** "172 cm", "68 in". */
  readonly length: (cm: number) => string;
  /** "12 m", "39 ft". */
  readonly distance: (metres: number) => string;
  /** A sentence of the core (degrees Celsius, grams, metres, 24 hours, decimal points), said anew. */
  readonly sentence: (text: string) => string;
}

/** Less than this no scale at hand shows: a tenth of a gram, or a hundredth of an ounce. */
const LEAST_SHOWN = { g: 0.1, oz: 0.01 } as const;

const withSign = (manner: Manner, measure: Measure, shown: number, places: number): string =>
  `${numberIn(manner, shown, places)} ${unitOf(measure, manner.units).sign}`;

function massIn(manner: Manner, grams: number): string {
  const { mass } = manner.units;
  if (grams === 0) return `0 ${mass}`;
  const shown = shownAs("mass", manner.units, grams);
  const least = LEAST_SHOWN[mass];
  if (Math.abs(shown) < least)
    return grams < 0
      ? `just below 0 ${mass}`
      : `under ${numberIn(manner, least, mass === "g" ? 1 : 2)} ${mass}`;
  const isSmall = Math.abs(shown) < (mass === "g" ? 10 : 1);
  const places = mass === "g" ? Number(isSmall) : 1 + Number(isSmall);
  return withSign(manner, "mass", shown, places);
}

/** "07:30" to "7:30 am". */
function clockIn({ units }: Manner, hhmm: string): string {
  if (units.clock === "24") return hhmm;
  const hour = Number(hhmm.slice(0, 2));
  return `${hour % 12 || 12}${hhmm.slice(2)} ${hour < 12 ? "am" : "pm"}`;
}

const fill = (pattern: string, parts: Readonly<Record<string, string>>): string =>
  pattern.replace(/\{(\w)\}/g, (_, key: string) => parts[key] ?? "");

const dayIn = (manner: Manner, weekday: number, day: number, month: number): string =>
  fill(manner.day, {
    w: manner.days[weekday] ?? "",
    d: String(day),
    m: manner.months[month] ?? "",
  });

function dayOf(manner: Manner, iso: string): string {
  const date = new Date(`${iso.slice(0, 10)}T00:00:00Z`);
  return dayIn(manner, date.getUTCDay(), date.getUTCDate(), date.getUTCMonth());
}

const dateOf = (manner: Manner, iso: string): string =>
  fill(manner.date, {
    d: String(Number(iso.slice(8, 10))),
    m: manner.months[Number(iso.slice(5, 7)) - 1] ?? "",
    y: iso.slice(0, 4),
  });

/** "Jun 2026" */
const monthOf = (manner: Manner, iso: string): string =>
  `${manner.months[Number(iso.slice(5, 7)) - 1] ?? ""} ${iso.slice(0, 4)}`;

const moneyIn = (manner: Manner, minor: number): string => {
  const written = fill(manner.money, {
    n: numberIn(manner, Math.abs(minor) / 100, manner.moneyPlaces),
  });
  return minor < 0 ? `-${written}` : written;
};

const degreesIn = (manner: Manner, degC: number): string =>
  withSign(manner, "temperature", shownAs("temperature", manner.units, degC), 0);

const lengthIn = (manner: Manner, cm: number): string => {
  const shown = shownAs("length", manner.units, cm);
  return withSign(manner, "length", shown, Number(Math.abs(shown) < 10));
};

const distanceIn = (manner: Manner, metres: number): string => {
  const shown = shownAs("distance", manner.units, metres);
  const hasPart = shown < 10 && Math.abs(shown - Math.round(shown)) > 0.05;
  return withSign(manner, "distance", shown, Number(hasPart));
};

const N = String.raw`(-?\d+(?:\.\d+)?)`;
const TOLD = {
  day: new RegExp(String.raw`\b(${DAYS.join("|")}) (\d{1,2}) (${MONTHS.join("|")})\b`, "g"),
  date: /\b\d{4}-[01]\d-[0-3]\d\b/g,
  clock: /\b(?:[01]\d|2[0-3]):[0-5]\d\b/g,
  degreeRange: new RegExp(`${N} (to|and) ${N} °C`, "g"),
  degrees: new RegExp(`${N} °C`, "g"),
  grams: new RegExp(String.raw`${N} g(?![\w/])`, "g"),
  cm: new RegExp(String.raw`${N} cm(?![\w²])`, "g"),
  metres: new RegExp(String.raw`${N} m(?![\w²/])`, "g"),
  figures: /¤(-?\d+(?:\.\d+)?)|\d\.\d/g,
} as const;

/** The core's sentences are in one dialect; whoever has chosen another reads it in theirs. */
function sentenceIn(manner: Manner, text: string): string {
  const { units } = manner;
  const inUnit = (measure: Measure, value: string, digits: number) =>
    String(Number(shownAs(measure, units, Number(value)).toPrecision(digits)));
  const degrees = (value: string) =>
    String(Math.round(shownAs("temperature", units, Number(value))));
  let said = text
    .replace(TOLD.day, (_, w: string, d: string, m: string) =>
      dayIn(manner, DAYS.indexOf(w), Number(d), MONTHS.indexOf(m)),
    )
    .replace(TOLD.date, (iso) => dateOf(manner, iso))
    .replace(TOLD.clock, (at) => clockIn(manner, at));
  if (units.temperature === "F")
    said = said
      .replace(TOLD.degreeRange, (_, a: string, word: string, b: string) =>
        [degrees(a), word, degrees(b), "°F"].join(" "),
      )
      .replace(TOLD.degrees, (_, degC: string) => `${degrees(degC)} °F`);
  if (units.mass === "oz")
    said = said.replace(TOLD.grams, (_, grams: string) => `${inUnit("mass", grams, 2)} oz`);
  if (units.length === "in")
    said = said
      .replace(TOLD.cm, (_, cm: string) => `${inUnit("length", cm, 2)} in`)
      .replace(TOLD.metres, (_, metres: string) => `${inUnit("distance", metres, 2)} ft`);
  // Both in one pass: the point that groups thousands of euros is no decimal point.
  return said.replace(TOLD.figures, (figure, amount?: string) => {
    if (amount === undefined) return figure.replace(".", manner.decimal);
    return moneyIn(manner, Math.round(Number(amount) * 100));
  });
}

export function sayer(manner: Manner): Say {
  const mass = (grams: number) => massIn(manner, grams);
  return {
    manner,
    number: (value, places = 0) => numberIn(manner, value, places),
    money: (minor) => moneyIn(manner, minor),
    currencySign: fill(manner.money, {}).trim(),
    mass,
    amount: (amount, counted) => {
      if (counted === "grams") return mass(amount);
      const whole = Math.round(amount);
      return Math.abs(whole) === 1 ? `${whole} piece` : `${whole} pieces`;
    },
    load: (grams) => withSign(manner, "weight", shownAs("weight", manner.units, grams / 1000), 1),
    clock: (iso) => clockIn(manner, iso.slice(11, 16)),
    day: (iso) => dayOf(manner, iso),
    date: (iso) => dateOf(manner, iso),
    month: (iso) => monthOf(manner, iso),
    degrees: (degC) => degreesIn(manner, degC),
    length: (cm) => lengthIn(manner, cm),
    distance: (metres) => distanceIn(manner, metres),
    sentence: (text) => sentenceIn(manner, text),
  };
}

import { keysOf } from "../keysOf";

/** What is usual at a place; left out is the metric way: grams, °C, centimetres, 24 hours, A4. */
interface Place {
  readonly label: string;
  /** ISO 4217. */
  readonly currency: string;
  readonly units?: Partial<Units>;
  readonly paper?: "A4" | "Letter";
  /** Whom one rings where 112 is not the number one knows. From memory. */
  readonly emergency?: string;
}

/**
 * How dates, numbers and money are written; the language itself stays English. Money and paper by
 * place: ISO 4217 and, of paper and clock, Unicode CLDR (from memory).
 */
export const LOCALES = {
  "en-GB": { label: "United Kingdom", currency: "GBP" },
  "en-IE": { label: "Ireland", currency: "EUR" },
  "en-US": {
    label: "United States",
    currency: "USD",
    units: { mass: "oz", temperature: "F", length: "in", clock: "12" },
    paper: "Letter",
    emergency: "911",
  },
  "en-CA": {
    label: "Canada",
    currency: "CAD",
    units: { clock: "12" },
    paper: "Letter",
    emergency: "911",
  },
  "en-AU": { label: "Australia", currency: "AUD", units: { clock: "12" }, emergency: "000" },
  "en-NZ": { label: "New Zealand", currency: "NZD", units: { clock: "12" }, emergency: "111" },
  "de-DE": { label: "Germany", currency: "EUR" },
  "de-AT": { label: "Austria", currency: "EUR" },
  "de-CH": { label: "Switzerland", currency: "CHF" },
  "fr-FR": { label: "France", currency: "EUR" },
  "es-ES": { label: "Spain", currency: "EUR" },
  "it-IT": { label: "Italy", currency: "EUR" },
  "nl-NL": { label: "Netherlands", currency: "EUR" },
  "pt-PT": { label: "Portugal", currency: "EUR" },
  "pl-PL": { label: "Poland", currency: "PLN" },
  "da-DK": { label: "Denmark", currency: "DKK" },
  "sv-SE": { label: "Sweden", currency: "SEK" },
  "nb-NO": { label: "Norway", currency: "NOK" },
} as const satisfies Record<string, Place>;
export type LocaleKey = keyof typeof LOCALES;

/** What measures are read in. */
export interface Units {
  readonly mass: "g" | "oz";
  readonly temperature: "C" | "F";
  readonly length: "cm" | "in";
  readonly clock: "24" | "12";
}

/** What a studio has chosen. */
export interface Ways {
  readonly locale: LocaleKey;
  /** ISO 4217. */
  readonly currency: string;
  readonly units: Units;
}

const METRIC: Units = { mass: "g", temperature: "C", length: "cm", clock: "24" };

export interface UsualWays extends Ways {
  readonly paper: "A4" | "Letter";
  readonly emergency: string;
}

/** All that is usual at a place. */
export function usualWays(locale: LocaleKey): UsualWays {
  const { currency, units, paper = "A4", emergency = "112" }: Place = LOCALES[locale];
  return { locale, currency, units: { ...METRIC, ...units }, paper, emergency };
}

/** Whether a number is one that is usual somewhere, and none the painter wrote for themselves. */
export const isUsualEmergency = (number: string): boolean =>
  keysOf(LOCALES).some((locale) => usualWays(locale).emergency === number);

const isLocale = (key: string): key is LocaleKey => key in LOCALES;

/** The place nearest to a language tag as a browser gives it: the same, or another of its language. */
export function localeNear(tag: string): LocaleKey {
  if (isLocale(tag)) return tag;
  const language = tag.slice(0, 2).toLowerCase();
  return keysOf(LOCALES).find((key) => key.startsWith(`${language}-`)) ?? "en-GB";
}

/**
 * The same in letters and marks. Asked of Intl once, on the server, and handed on: two programs
 * with two editions of the Unicode locale data would write "Sep" and "Sept" over each other.
 */
export interface Manner {
  readonly units: Units;
  readonly days: readonly string[];
  readonly months: readonly string[];
  /** "{w} {d} {m}" in the order of the place. */
  readonly day: string;
  /** "{d} {m} {y}". */
  readonly date: string;
  readonly decimal: string;
  readonly group: string;
  /** "€{n}" or "{n} €". */
  readonly money: string;
  /** Places of the currency's small coin. */
  readonly moneyPlaces: number;
}

const HELD = { weekday: "{w}", day: "{d}", month: "{m}", year: "{y}" } as const;
const isHeld = (type: string): type is keyof typeof HELD => type in HELD;

const DAY = { weekday: "short", day: "numeric", month: "short", timeZone: "UTC" } as const;
const DATE = { day: "numeric", month: "short", year: "numeric", timeZone: "UTC" } as const;
/** The first day of 2023, which began on a Sunday. */
const FIRST = Date.UTC(2023, 0, 1);

type Written = Intl.DateTimeFormatOptions;
const partsOf = (locale: string, how: Written, at: number) =>
  new Intl.DateTimeFormat(locale, how).formatToParts(at);

/** "{w} {d} {m}": where the parts of a date stand. */
const patternOf = (locale: string, how: Written): string =>
  partsOf(locale, how, FIRST)
    .map(({ type, value }) => (isHeld(type) ? HELD[type] : value))
    .join("");

const partOf = (locale: string, at: number, type: "weekday" | "month"): string =>
  partsOf(locale, DAY, at).find((part) => part.type === type)?.value ?? "";

/** @param ways a currency that Intl does not know stands by its letters */
export function mannerOf({ locale, currency, units }: Ways): Manner {
  const numbers = new Intl.NumberFormat(locale).formatToParts(12345.6);
  const money = new Intl.NumberFormat(locale, {
    style: "currency",
    currency,
    currencyDisplay: "narrowSymbol",
  });
  const mark = (type: string, usual: string) =>
    numbers.find((part) => part.type === type)?.value ?? usual;
  const written = money.formatToParts(1);
  const isNumber = ({ type }: { type: string }) =>
    ["integer", "decimal", "fraction"].includes(type);
  const first = written.findIndex(isNumber);
  return {
    units,
    days: Array.from({ length: 7 }, (_, i) => partOf(locale, Date.UTC(2023, 0, 1 + i), "weekday")),
    months: Array.from({ length: 12 }, (_, i) => partOf(locale, Date.UTC(2023, i, 1), "month")),
    day: patternOf(locale, DAY),
    date: patternOf(locale, DATE),
    decimal: mark("decimal", "."),
    group: mark("group", ""),
    money: written
      .map((part, i) => (isNumber(part) ? (i === first ? "{n}" : "") : part.value))
      .join(""),
    moneyPlaces: money.resolvedOptions().maximumFractionDigits ?? 2,
  };
}

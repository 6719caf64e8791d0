import fc from "fast-check";
import { keysOf } from "../keysOf";
import {
  isUsualEmergency,
  LOCALES,
  localeNear,
  mannerOf,
  usualWays,
  type LocaleKey,
} from "./manner";
import { reckonedAs, shownAs, unitOf } from "./measures";
import { sayer } from "./say";
import { dayWords, minutesWords, money } from "./words";

const at = (locale: LocaleKey) => sayer(mannerOf(usualWays(locale)));
const [gb, us, de] = [at("en-GB"), at("en-US"), at("de-DE")];

describe("figures in the units of a place", () => {
  it.each([
    [0, "0 g", "0 oz"],
    [0.04, "under 0.1 g", "under 0.01 oz"],
    [-0.04, "just below 0 g", "just below 0 oz"],
    [0.25, "0.3 g", "under 0.01 oz"],
    [0.44, "0.4 g", "0.02 oz"],
    [9.96, "10.0 g", "0.35 oz"],
    [12.4, "12 g", "0.44 oz"],
    [-2, "-2.0 g", "-0.07 oz"],
    [283.5, "284 g", "10.0 oz"],
  ])("%p g are %p or %p", (grams, metric, imperial) => {
    expect(gb.mass(grams)).toBe(metric);
    expect(us.mass(grams)).toBe(imperial);
    expect(gb.amount(grams, "grams")).toBe(metric);
  });
  it.each([
    [1, "1 piece"],
    [3, "3 pieces"],
    [0, "0 pieces"],
    [-1, "-1 piece"],
  ])("%s is %s", (amount, words) => expect(gb.amount(amount, "pieces")).toBe(words));

  it("writes money as CLDR has it for the place", () => {
    expect([gb, us, de].map((say) => say.money(123450))).toEqual([
      "£1234.50",
      "$1234.50",
      "1234,50\u00a0€",
    ]);
    expect(gb.money(-250)).toBe("-£2.50");
    expect(de.money(1234500)).toBe("12.345,00\u00a0€");
    expect(sayer(mannerOf({ ...usualWays("en-GB"), currency: "JPY" })).money(1050)).toBe("¥11");
    expect([gb.currencySign, de.currencySign, at("pl-PL").currencySign]).toEqual(["£", "€", "zł"]);
  });
  it("takes a currency nobody has heard of by its letters", () => {
    expect(sayer(mannerOf({ ...usualWays("en-GB"), currency: "XQZ" })).money(250)).toMatch(
      /^XQZ\s?2\.50$/,
    );
  });
  it("reads clock and day as they were written, whatever the machine's zone", () => {
    const late = "2026-11-25T19:30:00+13:00";
    expect([gb, us, de].map((say) => say.clock(late))).toEqual(["19:30", "7:30 pm", "19:30"]);
    expect([gb, us, de].map((say) => say.day(late))).toEqual([
      "Wed 25 Nov",
      "Wed, Nov 25",
      "Mi., 25. Nov.",
    ]);
    expect([gb, us, de].map((say) => say.date(late))).toEqual([
      "25 Nov 2026",
      "Nov 25, 2026",
      "25. Nov. 2026",
    ]);
    expect(dayWords("2026-11-25T19:30:00-11:00")).toBe("Wed 25 Nov");
    expect(["2026-01-01T00:05:00Z", "2026-01-01T12:00:00Z"].map(us.clock)).toEqual([
      "12:05 am",
      "12:00 pm",
    ]);
  });
  it("has every day and month of every place", () => {
    for (const locale of keysOf(LOCALES)) {
      const { days, months, day, date } = mannerOf(usualWays(locale));
      expect([new Set(days).size, new Set(months).size]).toEqual([7, 12]);
      for (const part of ["{w}", "{d}", "{m}"]) expect(day).toContain(part);
      for (const part of ["{d}", "{m}", "{y}"]) expect(date).toContain(part);
    }
  });
  // NIST Handbook 44, appendix C: 1 oz 28.349523125 g, 1 lb 0.45359237 kg, 1 in 2.54 cm, 1 ft 0.3048 m; water boils at 212 °F and freezes at 32 °F.
  it("converts by their definitions", () => {
    const { units } = us.manner;
    expect(shownAs("temperature", units, 100)).toBeCloseTo(212, 9);
    expect(shownAs("temperature", units, 0)).toBeCloseTo(32, 9);
    expect(shownAs("mass", units, 28.349523125)).toBe(1);
    expect(shownAs("weight", units, 0.45359237)).toBe(1);
    expect(shownAs("length", units, 2.54)).toBe(1);
    expect(shownAs("distance", units, 0.3048)).toBe(1);
    expect(unitOf("distance", units).sign).toBe("ft");
  });
  it("gives back what was typed, in any unit", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("temperature", "mass", "weight", "length", "distance" as const),
        fc.double({ min: -200, max: 2000, noNaN: true }),
        fc.constantFrom(gb, us, de),
        (measure, value, { manner: { units } }) => {
          const there = reckonedAs(measure, units, value);
          expect(shownAs(measure, units, there)).toBeCloseTo(value, 6);
        },
      ),
    );
  });
});

describe("a sentence of the core", () => {
  const told =
    "By 19:30 on Wed 25 Nov it softens at 33 °C: 2.5 g more for ¤2.13 on 172 cm, read to 29 m, 6.2 mm wide, 400 g/m² h. Between 5 and 45 °C until 2026-12-01.";
  it("stays as it is where the core's way is the place's", () => {
    expect(gb.sentence(told)).toBe(
      told.replace("¤2.13", "£2.13").replace("2026-12-01", "1 Dec 2026"),
    );
  });
  it("is told in pounds and inches", () => {
    expect(us.sentence(told)).toBe(
      "By 7:30 pm on Wed, Nov 25 it softens at 91 °F: 0.088 oz more for $2.13 on 68 in, read to 95 ft, 6.2 mm wide, 400 g/m² h. Between 41 and 113 °F until Dec 1, 2026.",
    );
  });
  it("is told with a comma", () => {
    expect(de.sentence(told)).toBe(
      "By 19:30 on Mi., 25. Nov. it softens at 33 °C: 2,5 g more for 2,13\u00a0€ on 172 cm, read to 29 m, 6,2 mm wide, 400 g/m² h. Between 5 and 45 °C until 1. Dez. 2026.",
    );
  });
  it("leaves no mark of money behind", () => {
    for (const locale of keysOf(LOCALES))
      expect(at(locale).sentence(`${money(1050)} or ${money(5)}`)).not.toContain("¤");
  });
});

describe("where a browser is", () => {
  it("has the number one rings there, and knows one's own from it", () => {
    const numbers = (["en-US", "en-AU", "en-NZ", "de-DE"] as const).map(
      (locale) => usualWays(locale).emergency,
    );
    expect(numbers).toEqual(["911", "000", "111", "112"]);
    expect(["911", "112", "0171 123"].map(isUsualEmergency)).toEqual([true, true, false]);
  });
  it.each([
    ["en-US", "en-US"],
    ["de", "de-DE"],
    ["fr-CA", "fr-FR"],
    ["ja-JP", "en-GB"],
    ["", "en-GB"],
  ])("%p is nearest to %p", (tag, locale) => expect(localeNear(tag)).toBe(locale));
});

describe("minutes", () => {
  it.each([
    [0.2, "under 1 min"],
    [1, "1 min"],
    [14.4, "14 min"],
    [59.6, "1 h 00"],
    [65, "1 h 05"],
    [125, "2 h 05"],
  ])("%p are %p", (minutes, words) => expect(minutesWords(minutes)).toBe(words));
});

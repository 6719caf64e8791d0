import { z } from "zod";

/** A colour index number as a label prints it ("CI 77491", "C.I. 77491", "77491"), written one way. */
export const ColourIndexSchema = z
  .string()
  .trim()
  .transform((text) => text.replace(/^c\.?\s*i\.?\s*/i, ""))
  .pipe(z.string().regex(/^\d{5}(:\d{1,2})?$/, "five digits, like CI 77491"))
  .transform((digits) => `CI ${digits}`);

/** The pigment itself, whatever salt or lake of it: "CI 15850:1" is 15850. */
const pigmentOf = (number: string): string => /\d{5}/.exec(number)?.[0] ?? "";

/** Cochineal: the pigment that carmine allergies are about. */
const CARMINE = "75470";

/** Whether a list of colour index numbers names carmine. */
export const namesCarmine = (numbers: readonly string[]): boolean =>
  numbers.some((number) => pigmentOf(number) === CARMINE);

/**
 * Pigments that the United States list for the area of the eye; anything else is not permitted there.
 *
 * @see US FDA, Summary of Color Additives (21 CFR 73, 74, 82), cosmetics, eye area; from memory. The label decides: other countries have
 * lists of their own (EU 1223/2009 Annex IV).
 */
const EYE_AREA: ReadonlySet<string> = new Set([
  "16035", // FD&C Red 40
  "19140", // FD&C Yellow 5
  "40800", // beta-carotene
  "42090", // FD&C Blue 1
  "61570", // D&C Green 5
  "75120", // annatto
  "75130", // carotene
  "75170", // guanine
  CARMINE,
  "77000", // aluminium powder
  "77007", // ultramarines
  "77019", // mica
  "77163", // bismuth oxychloride
  "77266", // D&C Black 2
  "77267", // bone black
  "77288", // chromium oxide green
  "77289", // chromium hydroxide green
  "77400", // bronze and copper powder
  "77491", // iron oxides
  "77492",
  "77499",
  "77510", // ferric ferrocyanide
  "77742", // manganese violet
  "77891", // titanium dioxide
  "77947", // zinc oxide
]);

/** Of these numbers, those that are not on that list. */
export const notListedForEyes = (numbers: readonly string[]): string[] =>
  numbers.filter((number) => !EYE_AREA.has(pigmentOf(number)));

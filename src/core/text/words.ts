/** A noun for so many: "coat" for one, "coats" for any other number; `more` where it is no mere s. */
export const plural = (n: number, one: string, more = `${one}s`): string => (n === 1 ? one : more);

/** "one look", "3 looks": so many of something inside a sentence. */
export const oneOrMore = (n: number, one: string): string =>
  n === 1 ? `one ${one}` : `${n} ${one}s`;

/** "a", "a and b", "a, b and c". */
export const listed = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(", ")} and ${words.at(-1)}` : (words[0] ?? "");

/** A name as part of a file's: small letters and digits, the rest dashes. */
export const slug = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]+/g, "-");

/** "¤11.50": money in minor units as the core writes it; `say` puts the currency in. */
export const money = (minor: number): string => `¤${(minor / 100).toFixed(2)}`;

export const DAYS: readonly string[] = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
export const MONTHS: readonly string[] = "Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec".split(
  " ",
);

/** "Wed 25 Nov" of an ISO date or moment as the core writes it, on the calendar it was written for. */
export function dayWords(iso: string): string {
  const date = new Date(`${iso.slice(0, 10)}T00:00:00Z`);
  return `${DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
}

/** "under 1 min", "55 min", "1 h 05": minutes as one says them. */
export function minutesWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 1) return "under 1 min";
  return whole < 60
    ? `${whole} min`
    : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
}

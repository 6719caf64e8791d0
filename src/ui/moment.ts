import { lightFormat } from "date-fns";

const two = (n: number): string => String(Math.floor(Math.abs(n))).padStart(2, "0");

/** The offset of this browser's clock at a moment, as +HH:MM. */
export function offsetAt(date: Date): string {
  const ahead = -date.getTimezoneOffset();
  return `${ahead < 0 ? "-" : "+"}${two(ahead / 60)}:${two(ahead % 60)}`;
}

/** A moment as this browser's clock shows it, ISO 8601 with its offset, to the millisecond: what is cut out of it is the day and the time one saw. */
export function localIso(date: Date): string {
  return `${lightFormat(date, "yyyy-MM-dd'T'HH:mm:ss.SSS")}${offsetAt(date)}`;
}

/** ISO with this browser's offset, from a local date and time as a picker gives it; null while it is empty. */
export const withOffset = (local: string): string | null =>
  local ? `${local}:00${offsetAt(new Date(local))}` : null;

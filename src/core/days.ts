import {
  addDays as daysOn,
  addMonths as monthsOn,
  differenceInMilliseconds,
  formatISO,
  parseISO,
} from "date-fns";
import { millisecondsInMinute } from "date-fns/constants";

/** The day of an ISO date or moment, on the calendar it was written for: YYYY-MM-DD. */
export const dayOf = (iso: string): string => iso.slice(0, 10);

const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/**
 * So many days after a day, or before it where they are negative.
 * @param iso a date or a moment, ISO 8601
 * @returns YYYY-MM-DD
 */
export const addDays = (iso: string, days: number): string =>
  isoDay(daysOn(parseISO(dayOf(iso)), days));

/**
 * So many months after a day, or before it; the last day of the month where it has no such day.
 * @param iso a date or a moment, ISO 8601
 * @returns YYYY-MM-DD
 */
export const addMonths = (iso: string, months: number): string =>
  isoDay(monthsOn(parseISO(dayOf(iso)), months));

/** Minutes from one moment to another, with their fraction; negative when it is earlier. */
export const minutesBetween = (from: string, to: string): number =>
  differenceInMilliseconds(parseISO(to), parseISO(from)) / millisecondsInMinute;

import { zoneInfo, type ZoneId } from "../anatomy";

/** So many zones of the body are most of it. */
const MOST_OF_BODY = 16;

/** Whether most of the body below the head is among these. */
export const coversBody = (zones: readonly ZoneId[]): boolean =>
  new Set(zones.filter((zone) => zoneInfo(zone).part === "body")).size >= MOST_OF_BODY;

const MINUTE = 60_000;

/** Another moment on the same clock: ISO 8601 with the offset it came with. @throws RangeError when the text is no such moment */
export function shiftMinutes(iso: string, minutes: number): string {
  const match = /^(\d{4}-\d{2}-\d{2}T\d{2}:\d{2})(?::\d{2}(?:\.\d+)?)?(Z|[+-]\d{2}:\d{2})$/.exec(
    iso,
  );
  const at = Date.parse(iso);
  const offset = match?.[2];
  if (!offset || Number.isNaN(at))
    throw new RangeError(`not a date and time with an offset: ${iso}`);
  const sign = offset.startsWith("-") ? -1 : 1;
  const ahead =
    offset === "Z" ? 0 : sign * (Number(offset.slice(1, 3)) * 60 + Number(offset.slice(4, 6)));
  return (
    new Date(at + minutes * MINUTE + ahead * MINUTE).toISOString().slice(0, 16) + ":00" + offset
  );
}

export interface Backwards {
  /** Sit down and begin. */
  readonly startAt: string;
  /** Painted and dry; costume next. */
  readonly paintedBy: string;
  readonly leaveBy: string;
  readonly curtainAt: string;
}

/** Counts back from the curtain (TIME-1): travel, then what is kept in hand, costume, and the chair. Start is rounded down to a whole minute. */
export function backwards(o: {
  curtainAt: string;
  chairMinutes: number;
  travelMinutes?: number;
  costumeMinutes?: number;
  bufferMinutes?: number;
}): Backwards {
  const { curtainAt, chairMinutes, travelMinutes = 0, costumeMinutes = 0, bufferMinutes = 0 } = o;
  const leaveBy = shiftMinutes(curtainAt, -travelMinutes);
  const paintedBy = shiftMinutes(leaveBy, -(costumeMinutes + bufferMinutes));
  return {
    curtainAt,
    leaveBy,
    paintedBy,
    startAt: shiftMinutes(paintedBy, -Math.ceil(chairMinutes)),
  };
}

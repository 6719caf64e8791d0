/** What a number box takes. */
export interface NumberLimits {
  readonly least?: number;
  readonly most?: number;
  /** Whole numbers only. */
  readonly whole?: boolean;
}

/**
 * The number that was typed: digits with a point or a comma, a sign in front.
 *
 * @returns null where it is no number, or none at all
 */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace("\u2212", "-").replace(",", ".");
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

export const isWithin = (
  value: number,
  { least = -Infinity, most = Infinity, whole = false }: NumberLimits,
): boolean => value >= least && value <= most && (!whole || Number.isInteger(value));

/** What would be right, to stand beside what is wrong: "Enter a whole number from 1 to 8." */
export function limitsWords({ least, most, whole }: NumberLimits, unit = ""): string {
  const of = unit && ` ${unit}`;
  const kind = whole ? "a whole number" : "a number";
  if (least !== undefined && most !== undefined)
    return `Enter ${kind} from ${least} to ${most}${of}.`;
  if (least !== undefined) return `Enter ${kind} of at least ${least}${of}.`;
  if (most !== undefined) return `Enter ${kind} of at most ${most}${of}.`;
  return `Enter ${kind}${of && ` (${unit})`}.`;
}

/** A number as it stands in a box: no more than three places, no trailing noughts. */
export const numberText = (value: number | null): string =>
  value === null || Number.isNaN(value) ? "" : String(Number(value.toFixed(3)));

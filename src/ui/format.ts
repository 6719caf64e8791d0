/** "55 min", "1 h 05": minutes as one says them. */
export function minutesWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 1) return "under 1 min";
  return whole < 60
    ? `${whole} min`
    : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
}

/** "0.4 g", "12 g": grams as a painter weighs them. */
export function gramsWords(grams: number): string {
  if (grams === 0) return "0 g";
  if (Math.abs(grams) < 0.1) return grams < 0 ? "a trace below 0" : "a trace";
  return `${Math.abs(grams) < 10 ? grams.toFixed(1) : Math.round(grams)} g`;
}

/** "12 g", "3 pieces": so much of what is weighed, or counted. */
export const amountWords = (amount: number, counted: "grams" | "pieces"): string => {
  if (counted === "grams") return gramsWords(amount);
  const whole = Math.round(amount);
  return Math.abs(whole) === 1 ? `${whole} piece` : `${whole} pieces`;
};

/** Clock time of an ISO moment, on the clock it was written for. */
export const clock = (iso: string): string => iso.slice(11, 16);

/** How large a file is. */
export const bytesWords = (bytes: number): string =>
  bytes >= 1e9
    ? `${(bytes / 1e9).toFixed(1)} GB`
    : bytes >= 1e6
      ? `${Math.round(bytes / 1e6)} MB`
      : `${Math.max(1, Math.round(bytes / 1e3))} kB`;

import { z } from "zod";
import { DateSchema } from "../paint";

export const MOVEMENT_KINDS = {
  bought: "bought",
  used: "used",
  refilled: "refilled",
  wasted: "wasted",
  weighed: "weighed",
} as const;
export type MovementKind = keyof typeof MOVEMENT_KINDS;

/** What is written down by hand. A pan is refilled out of a pot by two lines at once: {@link refill}. */
export const WRITTEN_KINDS = [
  "bought",
  "used",
  "wasted",
  "weighed",
] as const satisfies readonly MovementKind[];

const grams = z.number().max(50_000, "at most 50 kg");

/** One line of the ledger as a painter gives it: how much came or went, or what the scale says is left. */
export const MovementSchema = z
  .object({
    kind: z.enum(WRITTEN_KINDS),
    /** bought, used, wasted: that many grams. weighed: grams found in the pot. */
    grams: grams.min(0, "0 g or more"),
    on: DateSchema,
    note: z.string().max(200).default(""),
    /** bought: what was paid for it all, minor units; null where nobody knows. */
    priceMinor: z
      .number()
      .int("whole pence or cents")
      .min(0, "0 or more")
      .max(10_000_000, "at most 100 000")
      .nullable()
      .default(null),
    /** The maker's batch on the pot, by which a bad one is found again. */
    batch: z.string().trim().max(40).default(""),
  })
  .strict()
  .refine((movement) => movement.kind === "weighed" || movement.grams > 0, {
    path: ["grams"],
    message: "more than 0 g",
  })
  .refine((movement) => movement.kind === "bought" || movement.priceMinor === null, {
    path: ["priceMinor"],
    message: "only what is bought has a price",
  });
/** Without a price and a batch it has none. */
export type MovementFields = z.input<typeof MovementSchema>;

/** How much is put into a pan out of its pots, or is found in it by the scale (0: it is empty). */
export const RefillSchema = z
  .object({
    panId: z.string().min(1).max(64),
    kind: z.enum(["refilled", "weighed"]).default("refilled"),
    grams: grams.min(0, "0 g or more"),
    on: DateSchema,
  })
  .strict()
  .refine(({ kind, grams: amount }) => kind === "weighed" || amount > 0, {
    path: ["grams"],
    message: "more than 0 g",
  });

/** A line as it is kept: `delta` is what it changes, in grams. Never rewritten. */
export interface Movement {
  readonly id: number;
  readonly productId: string;
  readonly kind: MovementKind;
  readonly delta: number;
  readonly on: string;
  readonly note: string;
  /** The job it was used for, if it was. */
  readonly jobId: string | null;
  /** The pan it lies in; null for the pot itself. */
  readonly pan: { readonly trayId: string; readonly panId: string } | null;
  readonly priceMinor: number | null;
  readonly batch: string;
}

/** What a movement changes, given what the ledger says is left. Weighing corrects by the difference. */
export function deltaOf(movement: Pick<MovementFields, "kind" | "grams">, left: number): number {
  if (movement.kind === "weighed") return movement.grams - left;
  return movement.kind === "bought" ? movement.grams : -movement.grams;
}

/** Out of the pot and into a pan (KIT-6): two lines that add up to nothing, since nothing was used. */
export const refill = (amount: number): { readonly pot: number; readonly pan: number } => ({
  pot: -amount,
  pan: amount,
});

/** What weighing a pan changes, product by product: its grams are shared out by the parts of what is in it; of what else lay in it nothing is left. */
export function weighPan(
  parts: readonly { readonly productId: string; readonly parts: number }[],
  inIt: ReadonlyMap<string, number>,
  amount: number,
): { productId: string; delta: number }[] {
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  const wanted = new Map(parts.map(({ productId, parts: n }) => [productId, (amount * n) / whole]));
  return [...new Set([...wanted.keys(), ...inIt.keys()])].flatMap((productId) => {
    const delta = (wanted.get(productId) ?? 0) - (inIt.get(productId) ?? 0);
    return Math.abs(delta) < 1e-9 ? [] : [{ productId, delta }];
  });
}

/** What is left: always the sum of the ledger, in grams. */
export function balance(movements: readonly Pick<Movement, "delta">[]): number {
  return movements.reduce((sum, { delta }) => sum + delta, 0);
}

/** What is left in the pot alone, pans left out: what the scale is asked about. */
export const potBalance = (movements: readonly Pick<Movement, "delta" | "pan">[]): number =>
  balance(movements.filter(({ pan }) => pan === null));

import { z } from "zod";
import { DateSchema } from "../paint";

export const MOVEMENT_KINDS = { bought: "bought", used: "used", refilled: "refilled", wasted: "wasted", weighed: "weighed" } as const;
export type MovementKind = keyof typeof MOVEMENT_KINDS;

/** One line of the ledger as a painter gives it: how much came or went, or what the scale says is left. */
export const MovementSchema = z.object({
  kind: z.enum(Object.keys(MOVEMENT_KINDS) as [MovementKind, ...MovementKind[]]),
  /** bought, refilled, used, wasted: that many grams. weighed: grams found in the pot. */
  grams: z.number().min(0, "0 g or more").max(50_000, "at most 50 kg"),
  on: DateSchema,
  note: z.string().max(200).default(""),
}).strict().refine((movement) => movement.kind === "weighed" || movement.grams > 0, { path: ["grams"], message: "more than 0 g" });
export type MovementFields = z.infer<typeof MovementSchema>;

/** A line as it is kept: `delta` is what it changes, in grams. Never rewritten. */
export interface Movement { readonly id: number; readonly productId: string; readonly kind: MovementKind; readonly delta: number; readonly on: string; readonly note: string; /** The job it was used for, if it was. */ readonly jobId: string | null }

/** What a movement changes, given what the ledger says is left. Weighing corrects by the difference. */
export function deltaOf(movement: MovementFields, left: number): number {
  if (movement.kind === "weighed") return movement.grams - left;
  return movement.kind === "used" || movement.kind === "wasted" ? -movement.grams : movement.grams;
}

/** What is left: always the sum of the ledger, in grams. */
export function balance(movements: readonly Pick<Movement, "delta">[]): number {
  return movements.reduce((sum, { delta }) => sum + delta, 0);
}

import type { AuxiliaryKey } from "../paint";

/** When a thing goes on, beside the paint. */
export const WHEN = {
  first: "before anything else",
  skin: "on clean skin, before any base",
  late: "once the paint is done",
  last: "last of all",
} as const;
export type When = keyof typeof WHEN;

/** Who puts it on. */
export const BY = {
  painter: "the painter",
  performer: "the performer",
  helper: "a helper",
} as const;
export type By = keyof typeof BY;

/** What may hold a worn thing. */
export const GLUES = [
  "medicalAdhesive",
  "spiritGum",
  "thickenedAdhesive",
  "lashGlue",
] as const satisfies readonly AuxiliaryKey[];
export type Glue = (typeof GLUES)[number];

/** How one kind of thing goes on at the chair, and comes off. Minutes and grams: common practice, no published source. */
export interface AtTheChair {
  readonly when: When;
  /** Minutes for one of it (a pair of ears is one). */
  readonly minutes: number;
  readonly by: By;
  /** What usually holds it, and how much of that, g; null where it holds by itself. */
  readonly glue: Glue | null;
  readonly grams: number;
  readonly off: { readonly minutes: number; readonly how: string };
  /** Longest it may be worn, h; missing where nothing limits it. The label and who fitted it decide. */
  readonly mostHours?: number;
  /** Said with it, at the chair. */
  readonly how: string;
}

import { z } from "zod";
import { RULES, RULE_IDS, rule, type RuleId } from "./registry";
import { NUMBERS, NUMBER_IDS, numberOf, type NumberId } from "./numbers";

/** A rule that may be switched off: a stop can't. */
export const canBeOff = (id: RuleId): boolean =>
  rule(id).severity !== "stop" && rule(id).always === undefined;

const changed = z.partialRecord(z.enum(NUMBER_IDS), z.number()).superRefine((numbers, context) => {
  for (const [id, value] of Object.entries(numbers)) {
    const { least, most, label, unit } = numberOf(id as NumberId);
    if (value < least || value > most)
      context.addIssue({
        code: "custom",
        path: [id],
        message: `${label}: ${least} to ${most} ${unit}`,
      });
  }
});

/** What a painter holds differently from the house: numbers, and rules switched off. Nothing in it touches a stop. */
export const HouseChangesSchema = z
  .object({
    numbers: changed.default({}),
    off: z
      .array(z.enum(RULE_IDS))
      .max(RULE_IDS.length)
      .default([])
      .refine((ids) => ids.every(canBeOff), "a safety rule that stops can't be switched off"),
  })
  .strict()
  .refine(
    ({ numbers }) =>
      (numbers.failureShare ?? NUMBERS.failureShare.value) <
      (numbers.touchUpShare ?? NUMBERS.touchUpShare.value),
    {
      path: ["numbers", "failureShare"],
      message: "a touch-up comes before the paint has gone too far",
    },
  )
  .refine(
    ({ numbers }) =>
      (numbers.patchFrom ?? NUMBERS.patchFrom.value) <
      (numbers.patchUntil ?? NUMBERS.patchUntil.value),
    { path: ["numbers", "patchUntil"], message: "the late reading comes after the first" },
  );
export type HouseChanges = z.infer<typeof HouseChangesSchema>;

/** The numbers and rules in force. */
export interface House {
  /** 0 is the house as it ships; every change makes a new one. */
  readonly version: number;
  readonly numbers: Readonly<Record<NumberId, number>>;
  readonly off: ReadonlySet<RuleId>;
}

export const NO_CHANGES: HouseChanges = { numbers: {}, off: [] };

/** The house with a painter's changes. What would switch off a stop is not taken over, wherever it came from. */
export function houseOf(changes: HouseChanges, version: number): House {
  const numbers = Object.fromEntries(
    NUMBER_IDS.map((id) => [id, changes.numbers[id] ?? NUMBERS[id].value]),
  ) as Record<NumberId, number>;
  return {
    version,
    numbers,
    off: new Set(changes.off.filter((id) => id in RULES && canBeOff(id))),
  };
}

/** The house as it ships. */
export const HOUSE: House = houseOf(NO_CHANGES, 0);

/** What was changed, in words: "Touch up when less than this is intact: 80 % (default 85 %)". */
export function changeWords({ numbers, off }: HouseChanges): string[] {
  return [
    ...NUMBER_IDS.flatMap((id) =>
      numbers[id] === undefined || numbers[id] === NUMBERS[id].value
        ? []
        : [
            `${NUMBERS[id].label}: ${numbers[id]} ${NUMBERS[id].unit} (default ${NUMBERS[id].value} ${NUMBERS[id].unit})`,
          ],
    ),
    ...off.map((id) => `${id} switched off: ${rule(id).title.toLowerCase()}`),
  ];
}

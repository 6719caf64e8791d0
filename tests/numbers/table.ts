import {
  AUXILIARY_KEYS,
  auxiliary,
  material,
  PAINT_TYPE_KEYS,
  paintType,
  TOOL_KEYS,
  toolOf,
  type Hazard,
} from "../../src/core/paint";
import { NUMBER_IDS, NUMBERS } from "../../src/core/rules";

const HAZARDS: readonly Hazard[] = ["sweat", "rubbing", "flexing", "sebum", "heat", "water"];
const TRADE = "common practice, no published source";
type Row = readonly (string | number)[];

const table = (head: readonly string[], rows: readonly Row[]): string =>
  [head, head.map(() => "---"), ...rows].map((row) => `| ${row.join(" | ")} |`).join("\n");
const shares = (of: Readonly<Partial<Record<Hazard, number>>>): Row =>
  HAZARDS.map((hazard) => of[hazard] ?? "");

/** Every number a painter may hold differently or ask the origin of, as Markdown: what docs/numbers.md holds. */
export const numbersMarkdown = (): string =>
  [
    "# Numbers",
    "Written by `npm run numbers` from the code; a test fails where it is not as the code has it.",
    "## Kept in Rules and numbers, where a painter changes them",
    table(
      ["number", "value", "unit", "from", "to", "rule", "source"],
      NUMBER_IDS.map((id) => NUMBERS[id]).map(
        ({ label, value, unit, least, most, rule, source }) => [
          label,
          value,
          unit,
          least,
          most,
          rule,
          source,
        ],
      ),
    ),
    `## Tools: skin and line in a minute, and what stays in the tool (${TRADE})`,
    table(
      [
        "tool",
        "cm2/min, head",
        "cm2/min, body",
        "mm/min",
        "paint taken / paint on skin",
        "set-up, min",
      ],
      TOOL_KEYS.map(toolOf).map((tool) => [
        tool.label,
        tool.cm2PerMinute,
        tool.bodyCm2PerMinute ?? tool.cm2PerMinute,
        tool.mmPerMinute,
        tool.waste,
        tool.setUpMinutes ?? "",
      ]),
    ),
    `## Paint: share of each hazard it resists (${TRADE})`,
    table(
      ["paint", ...HAZARDS, "removal, min a face", "months once opened"],
      PAINT_TYPE_KEYS.map((key) => [
        material(key).label,
        ...shares(paintType(key).resists),
        material(key).removal.minutes,
        material(key).monthsAfterOpening,
      ]),
    ),
    `## Preps, powders and seals: what they leave of each hazard, over grease after the stroke where it differs (${TRADE})`,
    table(
      ["helper", ...HAZARDS],
      AUXILIARY_KEYS.filter((key) => Object.keys(auxiliary(key).eases).length > 0).map((key) => {
        const { eases, easesGrease = {} } = auxiliary(key);
        return [
          auxiliary(key).label,
          ...HAZARDS.map((hazard) =>
            [eases[hazard] ?? "", easesGrease[hazard] ?? ""].filter(String).join(" / "),
          ),
        ];
      }),
    ),
    "",
  ].join("\n\n");

import { zoneInfo } from "../anatomy";
import { healthOf, materialOf, type Look, type LookContext, touched } from "../look";
import { material } from "../paint";
import type { RuleId } from "../rules";

/** A thing of the day that is no layer, with its rule. */
export interface DayStep {
  readonly rule: RuleId;
  readonly text: string;
}

/** What comes before the first layer and after the last, in the order of the day: skin, lenses and hair; teeth, lenses, lashes, wig and headpiece (1-trade, order of work). */
export function dayOf(stored: Look, context: LookContext): { before: DayStep[]; after: DayStep[] } {
  const look = touched(stored, context);
  const { person, brief } = context;
  const lensesIn = healthOf(context).some(({ answer }) => answer === "lenses");
  const keys = new Set(look.layers.map((layer) => materialOf(layer, context.products)));
  const zones = new Set(look.layers.flatMap((layer) => layer.zones));
  const lists = (entries: (DayStep | false)[]) =>
    entries.filter((entry): entry is DayStep => entry !== false);
  return {
    before: lists([
      { rule: "PREP-1", text: "Clean, dry, moisturised skin; nothing on broken or infected skin." },
      { rule: "PREP-4", text: "Hair pinned back under a band, old clothes, a disposable palette." },
      person.beard !== "none" &&
        [...zones].some((zone) => zoneInfo(zone).flags.includes("beard")) && {
          rule: "PREP-3",
          text: `Shave, or leave the ${person.beard} and say so: it breaks up what is painted on chin and mouth.`,
        },
      lensesIn && {
        rule: "SAFE-4",
        text: "Lenses in now, with clean hands, before any paint or powder; only as an eye-care professional fitted them.",
      },
      keys.has("toothLacquer") && {
        rule: "ORDER-6",
        text: "Teeth early or last, never hurried: dry each with tissue, lacquer, and keep the mouth open until it is dry.",
      },
    ]),
    after: lists([
      [...keys].some((key) => key !== null && material(key).flammable) && {
        rule: "SAFE-5",
        text: "Wait until alcohol and sprays are dry before hot lights, dryers and flames.",
      },
      {
        rule: "ORDER-4",
        text: "Then lashes, wig, headpiece and costume, and one last touch-up of lips and edges once the headpiece is on.",
      },
      brief.hood || brief.hatLineMm !== null || brief.mask
        ? {
            rule: "SAFE-10",
            text: "Check that breathing, sight and hearing are free under hood, hat and mask.",
          }
        : false,
      brief.meal && { rule: "WEAR-2", text: "A straw, and the lip colour in the kit to carry." },
    ]),
  };
}

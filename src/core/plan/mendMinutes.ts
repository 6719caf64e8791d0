import { applyPatch, type Finding, type Look, type LookContext } from "../look";
import { rememberPair } from "../remember";
import { seat } from "./seat";

/** Less than this is not told, minutes of hands. */
const TOLD = 0.1;
/** Minutes as one says them. */
const spoken = (minutes: number): string =>
  minutes < 0.75 ? "Less than a minute" : `${Math.round(minutes)} min`;

/** Minutes of hands, of a look that is asked for again and again while its findings are tried. */
const handsOf = rememberPair((context: LookContext, look: Look) => seat(look, context).handsOn);

/** A finding whose button is said with what it costs: "Adds Powder over both cheeks. 1 min more." */
export function withMinutes(finding: Finding, look: Look, context: LookContext): Finding {
  const { fix, does } = finding;
  if (!fix || !does) return finding;
  const change = seat(applyPatch(look, fix), context).handsOn - handsOf(context, look);
  const words =
    Math.abs(change) < TOLD
      ? "It takes no longer."
      : `${spoken(Math.abs(change))} ${change > 0 ? "more" : "less"} work.`;
  return { ...finding, does: `${does} ${words}` };
}

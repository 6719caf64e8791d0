import { buriedBy } from "../design/buried";
import type { LookContext } from "../design/context";
import { differences } from "../design/differences";
import { applyPatch, type LookPatch } from "../design/patch";
import type { Look } from "../design/schema";
import { plural } from "../text/words";
import { checkLook, stopsOf } from "./checkLook";
import type { Finding } from "./finding";

/** So often is a mend followed by the next of its kind before it counts as one that never ends. */
const MOST_ROUNDS = 4;

const aboutOf = ({ rule, severity, where }: Finding) =>
  `${rule} ${severity} ${where.layerId ?? ""}`;
/** How a message ends tells what is asked; how it begins tells where. */
const askOf = ({ message }: Finding) => message.split(" ").slice(-5).join(" ");

/** Whether two findings, of the look before and after, are of one matter. */
const isSame = (a: Finding, b: Finding): boolean =>
  aboutOf(a) === aboutOf(b) &&
  (a.fixLabel === b.fixLabel || askOf(a) === askOf(b)) &&
  (a.where.zones.length === 0 || b.where.zones.some((zone) => a.where.zones.includes(zone)));

/** Two steps of one kind side by side over the same areas, which the look had not before. */
function doubled(before: Look, after: Look): boolean {
  const pairsOf = ({ layers }: Look) =>
    new Set(
      layers.flatMap((layer, i) => {
        const last = layers[i - 1];
        return last &&
          last.role === layer.role &&
          !last.marks.length &&
          !layer.marks.length &&
          JSON.stringify(last.paint) === JSON.stringify(layer.paint) &&
          last.zones.some((zone) => layer.zones.includes(zone))
          ? [`${last.id} ${layer.id}`]
          : [];
      }),
    );
  const known = pairsOf(before);
  return [...pairsOf(after)].some((pair) => !known.has(pair));
}

/**
 * The change that mends a finding for good in one press, over all it named: its own, followed by the next of its kind where that is called for.
 *
 * @returns null where none does: where the matter comes back, another stop would come, or a layer be hidden, buried or laid twice
 */
export function finishing(look: Look, context: LookContext, finding: Finding): LookPatch | null {
  const patches: LookPatch[] = [];
  const stops = new Set(stopsOf(look, context).map(aboutOf));
  let now = look;
  for (let open: Finding | undefined = finding, round = 0; open; round++) {
    if (!open.fix || round === MOST_ROUNDS || open.fixLabel !== finding.fixLabel) return null;
    patches.push(open.fix);
    now = applyPatch(now, open.fix);
    open = checkLook(now, context).find((next) => isSame(finding, next));
  }
  const isStopped = stopsOf(now, context).some((stop) => !stops.has(aboutOf(stop)));
  const gone = buriedBy(look, context);
  const isBuried = [...buriedBy(now, context).keys()].some((id) => !gone.has(id));
  const shown = new Map(look.layers.map(({ id, hidden }) => [id, hidden]));
  const isHidden = now.layers.some(({ id, hidden }) => hidden && !shown.get(id));
  if (isStopped || isHidden || isBuried || doubled(look, now)) return null;
  const [only] = patches;
  return patches.length === 1 && only ? only : { op: "several", patches };
}

/** Findings with the button of each that mends it for good; those that no button mends keep their words alone. */
export const finished = (
  look: Look,
  context: LookContext,
  findings: readonly Finding[],
): Finding[] =>
  findings.map((finding) => {
    if (!finding.fix) return finding;
    const { fix: raw, fixLabel, ...words } = finding;
    // A stop keeps its way out whatever else it costs: nothing is planned until it is taken.
    const fix = finishing(look, context, finding) ?? (finding.severity === "stop" ? raw : null);
    if (!fix) return words;
    return { ...words, fix, ...(fixLabel && { fixLabel }), does: doesWords(look, fix, context) };
  });

/** Changes that are told of a mend before it is made; of more one reads how many. */
const TOLD = 2;

/** What a mend will do, before it is made: "Powder over Base is new: Neutral on both cheeks." */
function doesWords(look: Look, fix: LookPatch, { products }: LookContext): string {
  const changes = differences(look, applyPatch(look, fix), products).map(
    ({ words }) => `${words}.`,
  );
  const more = changes.length - TOLD;
  return [
    ...changes.slice(0, TOLD),
    ...(more > 0
      ? [`${more} more ${plural(more, "change")} like ${more > 1 ? "these" : "it"}.`]
      : []),
  ].join(" ");
}

import { beardInTheWay, inTheCrease, underTheHat } from "./edges";
import { browShowing, darkOverBrow, gaps, lostProduct, thinCover, vanishing } from "./covering";
import { lostFromAfar } from "./distance";
import { mud, pairs } from "./layering";
import { browUnderPiece, flatPiece, openEdge, unglued, waxInTheCrease } from "./pieces";
import {
  barePowder,
  clothesOver,
  coveredInHeat,
  eatenLips,
  givesOut,
  greasyHands,
  sealBetween,
  shinyHollow,
  slowToDry,
  softWax,
  stains,
  swept,
  unprepared,
  unprotected,
} from "./wearing";
import {
  againstTheLight,
  crooked,
  dead,
  dragged,
  earToEar,
  fadeOfFold,
  lipsTooSoon,
  mask,
  outOfSchool,
  smallFirst,
  straight,
  tooEven,
  underClean,
  unequalPairs,
} from "./form";
import { airOfTheRoom } from "./air";
import { adhesiveOnHair } from "./browHair";
import { children, tooStrongForChildren, underSuit } from "./children";
import { doubtfulNearEyes, eyesAndMouth, onTheInnerRim } from "./eyesAndMouth";
import { paintedBare, saidToday } from "./health";
import { allergy, hairDye, propOnSkin, unreadLabels, unsafeSystem, untested } from "./safety";
import { beyondReach } from "./reach";
import { blankBrows, buriedWork, darkUnderUltraviolet, dimHighlight, fallOut } from "./seen";
import { gluedOn, pieceLate, underPiece, unmatchedPiece, wornTooLong } from "./worn";
import { beyondHand, missingMood, tooManyColours } from "./skill";
import { neutralOverWhite, thinHold, unset } from "./setting";
import type { RuleId } from "../rules";
import { capOverPiece, flatJoin, openJoin } from "./joins";
import { canStop, defineCheck, type Check } from "./defineCheck";
import type { LookContext } from "../design/context";
import { SEVERITY_ORDER, type Finding, type Remark } from "./finding";
import type { Look } from "../design/schema";
import { readStack } from "../design/stack";

/** Every check of a look with the rules it speaks for; a new one is its function and one line here. */
export const CHECKS: readonly Check[] = [
  defineCheck(propOnSkin, ["SAFE-1"]),
  defineCheck(allergy, ["SAFE-2"]),
  defineCheck(eyesAndMouth, ["SAFE-3"]),
  defineCheck(onTheInnerRim, ["SAFE-3"]),
  defineCheck(adhesiveOnHair, ["BROW-2"]),
  defineCheck(paintedBare, ["SAFE-7"]),
  defineCheck(children, ["SAFE-8"]),
  defineCheck(hairDye, ["SAFE-11"]),
  defineCheck(tooStrongForChildren, ["SAFE-14"]),
  defineCheck(underSuit, ["SAFE-16"]),
  defineCheck(doubtfulNearEyes, ["SAFE-15"]),
  defineCheck(unreadLabels, ["SAFE-12"]),
  defineCheck(saidToday, ["SAFE-13"]),
  defineCheck(unsafeSystem, ["SAFE-2", "SAFE-3", "SAFE-14"]),
  defineCheck(untested, ["SAFE-2"]),
  defineCheck(airOfTheRoom, ["SAFE-5", "SAFE-6"]),
  defineCheck(unset, ["SET-1"]),
  defineCheck(mud, ["LAYER-1"]),
  defineCheck(pairs, [
    "BROW-1",
    "BROW-2",
    "LAYER-1",
    "LAYER-2",
    "LAYER-3",
    "LAYER-4",
    "LAYER-7",
    "LAYER-9",
    "ORDER-6",
    "PREP-1",
    "PREP-2",
    "PROS-1",
    "PROS-3",
    "REMOVE-1",
    "SET-1",
    "SET-6",
  ]),
  defineCheck(unglued, ["PROS-1", "PROS-2"]),
  defineCheck(openEdge, ["PROS-1"]),
  defineCheck(browUnderPiece, ["BROW-1"]),
  defineCheck(waxInTheCrease, ["PROS-3"]),
  defineCheck(flatPiece, ["PROS-4"]),
  defineCheck(openJoin, ["PROS-5"]),
  defineCheck(flatJoin, ["PROS-5"]),
  defineCheck(capOverPiece, ["PROS-5"]),
  defineCheck(neutralOverWhite, ["SET-2"]),
  defineCheck(thinCover, ["BASE-1", "LAYER-5"]),
  defineCheck(gaps, ["BASE-5"]),
  defineCheck(browShowing, ["BROW-3"]),
  defineCheck(darkOverBrow, ["BROW-4"]),
  defineCheck(vanishing, ["LAYER-8"]),
  defineCheck(buriedWork, ["LAYER-10"]),
  defineCheck(fallOut, ["LAYER-11"]),
  defineCheck(dimHighlight, ["LAYER-12"]),
  defineCheck(darkUnderUltraviolet, ["DIST-4"]),
  defineCheck(blankBrows, ["BROW-6"]),
  defineCheck(lostFromAfar, ["DIST-1", "DIST-2"]),
  defineCheck(lostProduct, ["KIT-1"]),
  defineCheck(inTheCrease, ["EDGE-1"]),
  defineCheck(underTheHat, ["EDGE-4"]),
  defineCheck(beardInTheWay, ["PREP-3"]),
  defineCheck(outOfSchool, ["BASE-4", "MAP-1"]),
  defineCheck(smallFirst, ["MAP-2"]),
  defineCheck(dragged, ["BASE-2"]),
  defineCheck(mask, ["BASE-3"]),
  defineCheck(underClean, ["BASE-6"]),
  defineCheck(lipsTooSoon, ["ORDER-4"]),
  defineCheck(againstTheLight, ["FORM-1"]),
  defineCheck(unequalPairs, ["MAP-3"]),
  defineCheck(crooked, ["MAP-3"]),
  defineCheck(dead, ["EDGE-2"]),
  defineCheck(earToEar, ["EDGE-3"]),
  defineCheck(fadeOfFold, ["FORM-2"]),
  defineCheck(straight, ["FORM-5"]),
  defineCheck(tooEven, ["FORM-6"]),
  defineCheck(missingMood, ["FORM-7"]),
  defineCheck(tooManyColours, ["COLOUR-3"]),
  defineCheck(beyondHand, ["PRACTICE-1"]),
  defineCheck(unprepared, ["PREP-1"]),
  defineCheck(unprotected, ["PREP-2"]),
  defineCheck(givesOut, ["SET-5", "WEAR-3"]),
  defineCheck(softWax, ["CLIM-1"]),
  defineCheck(slowToDry, ["CLIM-1"]),
  defineCheck(greasyHands, ["WEAR-1"]),
  defineCheck(eatenLips, ["WEAR-2"]),
  defineCheck(sealBetween, ["SET-6"]),
  defineCheck(shinyHollow, ["SET-4"]),
  defineCheck(barePowder, ["LAYER-4"]),
  defineCheck(swept, ["LAYER-7"]),
  defineCheck(stains, ["REMOVE-1"]),
  defineCheck(clothesOver, ["WEAR-5"]),
  defineCheck(coveredInHeat, ["SAFE-9"]),
  defineCheck(thinHold, ["BROW-1"]),
  defineCheck(beyondReach, ["TIME-3"]),
  defineCheck(underPiece, ["EDGE-4"]),
  defineCheck(unmatchedPiece, ["PIECE-4"]),
  defineCheck(gluedOn, ["SAFE-2", "SAFE-3", "SAFE-14"]),
  defineCheck(wornTooLong, ["SAFE-4", "PROS-6"]),
  defineCheck(pieceLate, ["PIECE-1"]),
];

/** Those that can say stop, by the registry: safety is judged by them alone, without colours, wear or distance. */
const STOPPING = CHECKS.filter(canStop);

/** Rules that some check looks for; the others are advice, printed where they belong. */
export const CHECKED_RULES: ReadonlySet<RuleId> = new Set(CHECKS.flatMap(({ rules }) => rules));

/** FNV-1a, so that a key stays short however many zones it speaks of. */
const hash = (text: string): string =>
  Array.from(text)
    .reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 0x01000193) >>> 0, 0x811c9dc5)
    .toString(36);

/** The same rule, as grave, about the same layer in the same zones is the same matter. */
const keyOf = ({ rule, severity, where }: Remark): string =>
  `${rule}:${severity}:${where.layerId ?? ""}:${hash([...where.zones].sort().join(","))}`;

/**
 * Remarks with keys of their own. Where several speak of the same matter in other words (two paints
 * of one mix), each is known by its words too; where the words are the same it is one.
 */
function keyed(remarks: readonly Remark[]): Finding[] {
  const alike = new Map<string, Set<string>>();
  for (const remark of remarks) {
    const key = keyOf(remark);
    alike.set(key, (alike.get(key) ?? new Set()).add(remark.message));
  }
  const findings = remarks.map((remark): [string, Finding] => {
    const key = keyOf(remark);
    const own = (alike.get(key)?.size ?? 0) > 1 ? `${key}:${hash(remark.message)}` : key;
    return [own, { ...remark, key: own }];
  });
  return [...new Map(findings.reverse()).values()].reverse();
}

/**
 * Every rule that can be decided from the data, worst first. What the painter has accepted or switched off is left out, except stops.
 * @example checkLook(look, context).filter((finding) => finding.severity === "stop")
 */
export function checkLook(look: Look, context: LookContext): Finding[] {
  const stack = readStack(look, context);
  const findings = keyed(CHECKS.flatMap(({ run }) => run(stack)));
  const open = findings.filter(
    (finding) =>
      finding.severity === "stop" ||
      (!look.accepted.includes(finding.key) && !context.house.off.has(finding.rule)),
  );
  return open
    .map((finding, i) => ({ finding, i }))
    .sort(
      (a, b) =>
        SEVERITY_ORDER[a.finding.severity] - SEVERITY_ORDER[b.finding.severity] || a.i - b.i,
    )
    .map(({ finding }) => finding);
}

/** The findings that no route, import or override gets past. */
export function stopsOf(look: Look, context: LookContext): Finding[] {
  const stack = readStack(look, context);
  const stops = STOPPING.flatMap(({ run }) => run(stack)).filter(
    ({ severity }) => severity === "stop",
  );
  return keyed(stops);
}

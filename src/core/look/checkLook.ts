import { beardInTheWay, inTheCrease, underTheHat } from "./checks/edges";
import {
  browShowing,
  darkOverBrow,
  gaps,
  lostProduct,
  thinCover,
  vanishing,
} from "./checks/covering";
import { lostFromAfar } from "./checks/distance";
import { mud, pairs } from "./checks/layering";
import { browUnderPiece, flatPiece, openEdge, unglued, waxInTheCrease } from "./checks/pieces";
import {
  barePowder,
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
} from "./checks/wearing";
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
} from "./checks/form";
import { airOfTheRoom, flammable } from "./checks/air";
import { adhesiveOnHair } from "./checks/browHair";
import { children, tooStrongForChildren } from "./checks/children";
import { doubtfulNearEyes, eyesAndMouth } from "./checks/eyesAndMouth";
import { paintedBare, saidToday } from "./checks/health";
import {
  allergy,
  hairDye,
  propOnSkin,
  unreadLabels,
  unsafeSystem,
  untested,
} from "./checks/safety";
import { beyondReach } from "./checks/reach";
import { underPiece, unmatchedPiece } from "./checks/worn";
import { neutralOverWhite, thinHold, unset } from "./checks/setting";
import type { LookContext } from "./context";
import { SEVERITY_ORDER, type Finding, type Remark } from "./finding";
import type { Look } from "./schema";
import { readStack, type Stack } from "./stack";

/** Every check of a look; a new one is its function and one line here. */
const CHECKS: readonly ((stack: Stack) => Remark[])[] = [
  propOnSkin,
  allergy,
  eyesAndMouth,
  adhesiveOnHair,
  paintedBare,
  children,
  hairDye,
  tooStrongForChildren,
  doubtfulNearEyes,
  unreadLabels,
  saidToday,
  unsafeSystem,
  untested,
  flammable,
  airOfTheRoom,
  unset,
  mud,
  pairs,
  unglued,
  openEdge,
  browUnderPiece,
  waxInTheCrease,
  flatPiece,
  neutralOverWhite,
  thinCover,
  gaps,
  browShowing,
  darkOverBrow,
  vanishing,
  lostFromAfar,
  lostProduct,
  inTheCrease,
  underTheHat,
  beardInTheWay,
  outOfSchool,
  smallFirst,
  dragged,
  mask,
  underClean,
  lipsTooSoon,
  againstTheLight,
  crooked,
  dead,
  earToEar,
  fadeOfFold,
  straight,
  tooEven,
  unprepared,
  unprotected,
  givesOut,
  softWax,
  slowToDry,
  greasyHands,
  eatenLips,
  sealBetween,
  shinyHollow,
  barePowder,
  swept,
  stains,
  coveredInHeat,
  thinHold,
  beyondReach,
  underPiece,
  unmatchedPiece,
];

/** Those that can say stop: safety is judged by them alone, without colours, wear or distance. */
const STOPPING: readonly ((stack: Stack) => Remark[])[] = [
  propOnSkin,
  allergy,
  eyesAndMouth,
  adhesiveOnHair,
  paintedBare,
  children,
  hairDye,
  tooStrongForChildren,
  unsafeSystem,
  pairs,
];

/** FNV-1a, so that a key stays short however many zones it speaks of. */
const hash = (text: string): string =>
  [...text]
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
  const findings = keyed(CHECKS.flatMap((check) => check(stack)));
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
  const stops = STOPPING.flatMap((check) => check(stack)).filter(
    ({ severity }) => severity === "stop",
  );
  return keyed(stops);
}

import { beardInTheWay, inTheCrease, underTheHat } from "./checks/edges";
import { browShowing, gaps, lostProduct, thinCover, vanishing } from "./checks/covering";
import { lostFromAfar } from "./checks/distance";
import { beading, mud, neverOver } from "./checks/layering";
import { againstTheLight, crooked, dead, dragged, earToEar, fadeOfFold, lipsTooSoon, mask, outOfSchool, smallFirst, straight, tooEven, underClean } from "./checks/form";
import { adhesiveOnHair, allergy, children, eyesAndMouth, flammable, propOnSkin, untested } from "./checks/safety";
import { neutralOverWhite, unset } from "./checks/setting";
import type { LookContext } from "./context";
import { SEVERITY_ORDER, type Finding, type Remark } from "./finding";
import type { Look } from "./schema";
import { readStack, type Stack } from "./stack";

/** Every check of a look; a new one is its function and one line here. */
const CHECKS: readonly ((stack: Stack) => Remark[])[] = [
  propOnSkin, allergy, eyesAndMouth, adhesiveOnHair, children, untested, flammable,
  unset, mud, beading, neverOver, neutralOverWhite, thinCover, gaps, browShowing, vanishing, lostFromAfar, lostProduct, inTheCrease, underTheHat, beardInTheWay,
  outOfSchool, smallFirst, dragged, mask, underClean, lipsTooSoon, againstTheLight, crooked, dead, earToEar, fadeOfFold, straight, tooEven,
];

/** FNV-1a, so that a key stays short however many zones it speaks of. */
const hash = (text: string): string => [...text].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 0x01000193) >>> 0, 0x811c9dc5).toString(36);

/** The same rule, as grave, about the same layer in the same zones is the same matter. */
const keyOf = ({ rule, severity, where }: Remark): string => `${rule}:${severity}:${where.layerId ?? ""}:${hash([...where.zones].sort().join(","))}`;

/**
 * Every rule that can be decided from the data, worst first. What the painter has accepted is left out, except stops.
 * @example checkLook(look, context).filter((finding) => finding.severity === "stop")
 */
export function checkLook(look: Look, context: LookContext): Finding[] {
  const stack = readStack(look, context);
  const findings = CHECKS.flatMap((check) => check(stack)).map((remark) => ({ ...remark, key: keyOf(remark) }));
  const open = findings.filter((finding) => finding.severity === "stop" || !look.accepted.includes(finding.key));
  return open.map((finding, i) => ({ finding, i })).sort((a, b) => SEVERITY_ORDER[a.finding.severity] - SEVERITY_ORDER[b.finding.severity] || a.i - b.i).map(({ finding }) => finding);
}

/** The findings that no route, import or override gets past. */
export const stopsOf = (look: Look, context: LookContext): Finding[] => checkLook(look, context).filter((finding) => finding.severity === "stop");

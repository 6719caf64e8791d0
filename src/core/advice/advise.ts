import type { Look, PaintKit } from "../look";
import { kitOf } from "./adoptSystem";
import type { AdviceBrief } from "./candidates";
import { groupsOf, type AdviceGroup } from "./groups";
import {
  bestOfKinds,
  recommendPaint,
  whatBuysTime,
  type Gain,
  type PaintSystem,
} from "./recommendPaint";
import type { Refusal } from "./refusals";

/** What is said of one part of the person: the best of each kind side by side, how many were looked at, what was left out, and what would buy time. */
export interface GroupAdvice {
  readonly group: AdviceGroup;
  readonly shown: readonly PaintSystem[];
  /** Options that no other beats in everything. */
  readonly count: number;
  readonly refused: readonly Refusal[];
  /** The kit whose hours the gains are counted from: the one in use, or the best. */
  readonly from: PaintKit | null;
  readonly gains: readonly Gain[];
}

/** Most gains that are told. */
const MOST_GAINS = 5;

/** All that the paint chapter says, part by part, for a look as it stands. */
export function advise(look: Look, advice: AdviceBrief): GroupAdvice[] {
  const groups = groupsOf(
    advice.brief,
    look,
    new Map(advice.shelf.map((product) => [product.id, product])),
  );
  const { options, refused } = recommendPaint(advice, groups);
  return groups.map((group): GroupAdvice => {
    const own = options.filter((option) => option.group === group);
    const used = kitOf(look.system, group);
    const from =
      (group === "eyes" || group === "lips"
        ? own.find((option) => option.kit.base === used?.base)?.kit
        : used) ??
      own[0]?.kit ??
      null;
    return {
      group,
      shown: bestOfKinds(own),
      count: own.length,
      refused: refused.filter((entry) => entry.group === group),
      from,
      gains: from ? whatBuysTime(from, group, advice).slice(0, MOST_GAINS) : [],
    };
  });
}

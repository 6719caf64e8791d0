import type { ZoneId } from "../../src/core/anatomy";
import {
  deltaE00,
  filmReflectance,
  hexToLab,
  labFromReflectance,
  paintOptics,
  type Spectrum,
} from "../../src/core/colour";
import { auxiliary, filmsPerCoat } from "../../src/core/paint";
import { ADVICE_GROUPS, adoptSystem, recommendPaint, withKit } from "../../src/core/advice";
import {
  applyPatch,
  checkLook,
  lookContext,
  predict,
  recipeOf,
  safetyNotes,
  stopsOf,
  suggestLayer,
  touched,
  visibleLayers,
  type Look,
  type LookContext,
} from "../../src/core/look";
import { makePlan, planCall } from "../../src/core/plan";
import { emptyLook } from "../../src/core/look";
import { makeCase, type Case } from "./make";
import { forbidden } from "./oracle";

/** What a number of cases came to. */
export interface Proved {
  cases: number;
  /** Looks that a rule stops, and looks that could be planned as they were. */
  stopped: number;
  planned: number;
  /** Presses of a stop's own button until nothing was stopped. */
  mends: number;
  /** Presses of any finding's button until none was left, and cases that took more of them than there were findings. */
  presses: number;
  long: number;
  /** Paint systems offered. */
  offers: number;
  /** Looks with a label nobody has read. */
  unread: number;
  /** What went wrong, with the number of its case. */
  faults: string[];
}

export const nothingProved = (): Proved => ({
  cases: 0,
  stopped: 0,
  planned: 0,
  mends: 0,
  presses: 0,
  long: 0,
  offers: 0,
  unread: 0,
  faults: [],
});

export const sumOf = (a: Proved, b: Proved): Proved => ({
  cases: a.cases + b.cases,
  stopped: a.stopped + b.stopped,
  planned: a.planned + b.planned,
  mends: a.mends + b.mends,
  presses: a.presses + b.presses,
  long: a.long + b.long,
  offers: a.offers + b.offers,
  unread: a.unread + b.unread,
  faults: [...a.faults, ...b.faults],
});

/** Rules whose findings are of what is seen itself: skin or hair that shows, work that is buried, wax and pieces that are taken off, cut back or put in their place. */
const ABOUT_COLOUR = new Set<string>([
  ...["BASE-5", "BROW-1", "BROW-3", "LAYER-10"],
  ...["PROS-2", "PROS-3", "PROS-5"],
]);

const contextOf = ({ person, brief, shelf }: Case): LookContext =>
  lookContext({ person, brief, products: shelf, today: "2026-06-01" });

/** What the second telling of the rules forbids of a look. */
function forbiddenIn(given: Case, stored: Look, context: LookContext): string[] {
  const look = touched(stored, context);
  return look.layers.flatMap((layer, at) =>
    recipeOf(layer, context.products).flatMap(({ product }) =>
      layer.zones.flatMap((zone) => {
        const why = forbidden(given, layer, product, zone, look.layers.slice(0, at));
        return why ? [`${product.name} on ${zone}: ${why}`] : [];
      }),
    ),
  );
}

/** More presses than any look of four layers takes. */
const MOST_PRESSES = 60;

function mended(look: Look, context: LookContext): { look: Look; presses: number; stuck: boolean } {
  let now = look;
  for (let presses = 0; presses < MOST_PRESSES; presses++) {
    const [stop] = stopsOf(now, context);
    if (!stop) return { look: now, presses, stuck: false };
    if (!stop.fix) return { look: now, presses, stuck: true };
    now = applyPatch(now, stop.fix);
  }
  return { look: now, presses: MOST_PRESSES, stuck: true };
}

/** The colour each area has on the figure, under all that is pressed on it later; shapes apart. */
function seenOf(look: Look, context: LookContext): Map<ZoneId, Spectrum> {
  const seen = visibleLayers(look, context, predict(look, context));
  return new Map(
    seen.filter(({ layer }) => !layer.marks.length).flatMap(({ colours }) => [...colours]),
  );
}

/** Farther apart than this a mend has changed the look, dE00 (design 4: the look is kept). */
const KEEPS = 3;

/** What a press of neutral powder makes of a colour. */
function powdered(colour: Spectrum): Spectrum {
  const { veil } = auxiliary("settingPowder");
  if (!veil) return colour;
  const optics = paintOptics({ masstone: hexToLab(veil.hex), hiding: veil.hiding });
  return filmReflectance(optics, filmsPerCoat("settingPowder", "puff"), colour);
}

/** Areas that were painted before and after, and whose colour a mend has changed by more than neutral powder does. */
function changedBy(before: Map<ZoneId, Spectrum>, after: Map<ZoneId, Spectrum>): ZoneId[] {
  const apart = (a: Spectrum, b: Spectrum) =>
    deltaE00(labFromReflectance(a), labFromReflectance(b));
  return [...before].flatMap(([zone, colour]) => {
    const now = after.get(zone);
    const allowed = KEEPS + apart(colour, powdered(colour));
    return now && apart(colour, now) > allowed ? [zone] : [];
  });
}

/** Presses every button that a look's findings have, first the first, until none is left; and what was wrong with any. */
function pressed(look: Look, context: LookContext): { presses: number; wrong: string[] } {
  let now = look;
  const wrong: string[] = [];
  for (let presses = 0; presses < MOST_PRESSES; presses++) {
    const finding = checkLook(now, context).find(({ fix }) => fix);
    if (!finding?.fix) return { presses, wrong };
    const after = applyPatch(now, finding.fix);
    const button = `${finding.rule} "${finding.fixLabel}"`;
    if (JSON.stringify(after) === JSON.stringify(now)) wrong.push(`${button} does nothing`);
    if (stopsOf(after, context).length) wrong.push(`${button} brings a stop`);
    if (after.accepted.length > now.accepted.length) wrong.push(`${button} ignores a finding`);
    const shown = new Set(now.layers.filter(({ hidden }) => !hidden).map(({ id }) => id));
    if (after.layers.some(({ id, hidden }) => hidden && shown.has(id)))
      wrong.push(`${button} hides a layer`);
    const changed = changedBy(seenOf(now, context), seenOf(after, context));
    if (changed.length && !ABOUT_COLOUR.has(finding.rule))
      wrong.push(`${button} changes the colour of ${changed.join(", ")}`);
    if (wrong.length) return { presses, wrong };
    now = after;
  }
  const last = checkLook(now, context).find(({ fix }) => fix);
  return {
    presses: MOST_PRESSES,
    wrong: [`no end of mending: ${last?.rule} "${last?.fixLabel}"`],
  };
}

/** A look as the advice lays it: the system taken up, and a base and a line as they are then proposed. */
function advised(given: Case, context: LookContext): { offers: number; looks: Look[] } {
  const { person, brief, shelf } = given;
  const { options } = recommendPaint({ person, brief, shelf }, ADVICE_GROUPS.slice(0, 3));
  const looks = options.slice(0, 6).map(({ group, kit }) => {
    const empty = emptyLook("advised");
    const system = withKit(null, group, kit);
    const taken = applyPatch(empty, adoptSystem(empty, system, shelf, person, brief));
    return (["base", "detail"] as const).reduce(
      (look, role) =>
        applyPatch(look, { op: "addLayer", layer: suggestLayer(role, look, context) }),
      taken,
    );
  });
  return { offers: options.length, looks };
}

/** Proves one case: what is forbidden is stopped everywhere, what is mended is forbidden no more, no unread label is silent, every button does something and none harm, and nothing is offered that would be stopped. */
export function prove(seed: number): Proved {
  const given = makeCase(seed);
  const context = contextOf(given);
  const faults: string[] = [];
  const fault = (words: string) => faults.push(`case ${seed}: ${words}`);
  const { look } = given;
  const stops = stopsOf(look, context);
  const wrong = forbiddenIn(given, look, context);
  if (wrong.length && !stops.length) fault(`not stopped: ${wrong[0]}`);

  const plan = makePlan(look, context);
  if (plan.stopped !== stops.length > 0) fault("the plan is stopped where the look is not");
  const call = planCall([{ id: "a", look, context }], {
    artists: [{ name: "A", skills: null, lateMinutes: 0 }],
    chairs: 1,
  });
  if (stops.length && (call.performers.length > 0 || call.withheld.length !== 1))
    fault("a call plans what is stopped");

  const unread = recipesOf(look, context).filter(({ labelRead }) => !labelRead);
  if (unread.length) {
    if (!checkLook(look, context).some(({ rule }) => rule === "SAFE-12"))
      fault("an unread label is silent among the findings");
    if (!safetyNotes(look, context).some(({ kind }) => kind === "labels"))
      fault("an unread label is silent on the prints");
  }

  const mend = mended(look, context);
  if (mend.stuck) fault(`no way out of: ${stopsOf(mend.look, context)[0]?.message}`);
  const left = forbiddenIn(given, mend.look, context);
  if (!mend.stuck && left.length) fault(`mended, and still: ${left[0]}`);
  for (const finding of checkLook(mend.look, context)) {
    if (!finding.fix) continue;
    const after = stopsOf(applyPatch(mend.look, finding.fix), context);
    if (after.length) fault(`"${finding.fixLabel}" brings: ${after[0]?.message}`);
  }

  const findings = checkLook(mend.look, context).length;
  const { presses, wrong: harm } = pressed(mend.look, context);
  harm.forEach(fault);

  const { offers, looks } = advised(given, context);
  for (const offered of looks) {
    const [stop] = stopsOf(offered, context);
    if (stop) fault(`the advice lays what is stopped: ${stop.message}`);
    const [no] = forbiddenIn(given, offered, context);
    if (no) fault(`the advice lays what is forbidden: ${no}`);
  }
  return {
    cases: 1,
    stopped: stops.length ? 1 : 0,
    planned: stops.length ? 0 : 1,
    mends: mend.presses,
    presses,
    long: presses > findings ? 1 : 0,
    offers,
    unread: unread.length ? 1 : 0,
    faults,
  };
}

const recipesOf = (look: Look, context: LookContext) =>
  look.layers.flatMap((layer) => recipeOf(layer, context.products).map(({ product }) => product));

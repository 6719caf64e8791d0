import { zoneInfo, type Traits, type ZoneId } from "../anatomy";
import { ACTIVITIES, AIR, type Brief } from "../brief";
import { sweatRate } from "../climate";
import { helper, paintType, type Hazard, type HelperKey, type PaintTypeKey } from "../paint";
import type { Person } from "../people";

/** Costume insulation assumed under stage clothes, and with a hood, in clo. Common practice, no published source. */
const CLO = { plain: 0.7, hood: 1.2 } as const;
/** Direct sun raises the mean radiant temperature by about this, degC (from memory of outdoor comfort studies). */
const SUN_RADIANT = 18;
const SWEAT_FACTOR = { light: 0.6, average: 1, heavy: 1.6 } as const;

/** Sweat of this person in this brief, g/m2 an hour. */
export function sweatOf(person: Pick<Person, "sweat">, brief: Brief): number {
  const rate = sweatRate({
    met: ACTIVITIES[brief.activity].met, clo: brief.hood ? CLO.hood : CLO.plain, airDegC: brief.airDegC,
    rh: brief.hood ? Math.min(100, brief.rh + 20) : brief.rh, airSpeed: brief.hood ? 0.1 : AIR[brief.air].speed, radiantDegC: brief.airDegC + (brief.sun ? SUN_RADIANT : 0),
  });
  return rate * SWEAT_FACTOR[person.sweat];
}

/** Beyond this the sweat runs off and takes no more paint with it, g/m2 an hour. Common practice, no published source. */
const RUNS_OFF = 900;

/**
 * Hazard of each kind in an hour on a zone with no protection, as a rate: 1 takes an unresisting paint down to 37 % in an hour. Scaled so
 * that unprotected water colour on a heavily sweating face (500 g/m2h) needs a touch-up within about half an hour (WEAR-3); the
 * rest common practice, no published source.
 */
function hazards(traits: Traits, person: Pick<Person, "sweat" | "skinKind">, brief: Brief): Readonly<Record<Hazard, number>> {
  const met = ACTIVITIES[brief.activity].met;
  const warmth = brief.airDegC + (brief.sun ? 8 : 0) + (brief.hood ? 4 : 0);
  return {
    sweat: traits.sweat * (Math.min(sweatOf(person, brief), RUNS_OFF) / 500) * 1.15,
    rubbing: traits.rubbing * 0.12 * (0.6 + met / 4),
    flexing: (traits.movement * 0.6 + traits.crease * 0.4) * 0.16,
    sebum: traits.sebum * (person.skinKind === "oily" ? 0.14 : 0.07),
    heat: 0.35 / (1 + Math.exp(-(warmth - 33) / 3)),
    water: traits.rubbing > 0.9 ? 0.05 : 0,
  };
}

/** How much of the paint is still whole after so many hours: S(t) = exp(-hazard t). */
export interface ZoneWear {
  readonly zone: ZoneId;
  readonly hazardPerHour: number;
  readonly cause: Hazard;
  /** Hours to the first touch-up (S under 0.85) and to failure (S under 0.6). */
  readonly touchUpHours: number;
  readonly failureHours: number;
}

const TOUCH_UP = 0.85;
const FAILURE = 0.6;
const HAZARDS: readonly Hazard[] = ["sweat", "rubbing", "flexing", "sebum", "heat", "water"];

/** Wear of one paint type on one zone under prep, powder, sealing medium and barrier. */
export function zoneWear(o: { zone: ZoneId; type: PaintTypeKey; helpers: readonly HelperKey[]; person: Pick<Person, "sweat" | "skinKind">; brief: Brief }): ZoneWear {
  const raw = hazards(zoneInfo(o.zone).traits, o.person, o.brief);
  const { resists } = paintType(o.type);
  const left = HAZARDS.map((hazard) => {
    const eased = o.helpers.reduce((share, key) => share * (helper(key).eases[hazard] ?? 1), 1);
    return { hazard, rate: raw[hazard] * (1 - resists[hazard]) * eased };
  });
  const hazardPerHour = left.reduce((sum, { rate }) => sum + rate, 0);
  const worst = left.reduce((most, entry) => (entry.rate > most.rate ? entry : most));
  const hoursTo = (share: number) => (hazardPerHour > 0 ? -Math.log(share) / hazardPerHour : Infinity);
  return { zone: o.zone, hazardPerHour, cause: worst.hazard, touchUpHours: hoursTo(TOUCH_UP), failureHours: hoursTo(FAILURE) };
}

/** Share still whole after some hours. */
export const survival = (wear: ZoneWear, hours: number): number => Math.exp(-wear.hazardPerHour * hours);

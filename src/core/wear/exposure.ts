import { zoneInfo, type ZoneId } from "../anatomy";
import { ACTIVITIES, AIR, type Brief } from "../brief";
import { MOST_SWEAT, sweatRate, underCover, type Air, type Cover } from "../climate";
import type { Person } from "../people";
import { HOUSE, type House } from "../rules";

/** Insulation of stage clothes, and of those with a hood, in clo. Common practice, no published source. */
const CLO = { plain: 0.7, hood: 1.2 } as const;

const UNDER_MASK: readonly string[] = [
  "noseBridge",
  "noseSide",
  "noseTip",
  "noseWing",
  "cheekApple",
  "smileFold",
  "lipSide",
  "philtrum",
  "upperLip",
  "lowerLip",
  "chin",
  "jawline",
];

/** What covers a zone while the paint is worn. */
export function coverOf(brief: Pick<Brief, "hood" | "mask">, zone: ZoneId): Cover | null {
  const { kind, group, part } = zoneInfo(zone);
  if (brief.mask && UNDER_MASK.includes(kind)) return "mask";
  return brief.hood &&
    part === "head" &&
    (group === "scalp" || group === "ears" || kind === "nape" || kind === "temple")
    ? "hood"
    : null;
}

/** The air at the skin: the room's, or what a cover has made of it. */
export function climateOf(brief: Pick<Brief, "airDegC" | "rh" | "air">, cover: Cover | null): Air {
  const room: Air = { airDegC: brief.airDegC, rh: brief.rh, airSpeed: AIR[brief.air].speed };
  return cover ? underCover(room, cover) : room;
}

const shareOf = (sweat: Person["sweat"], house: House): number =>
  ({ light: house.numbers.sweatLight, average: 1, heavy: house.numbers.sweatHeavy })[sweat];

/**
 * Sweat of this person in this brief where a cover makes its own air, g/m2 an hour; the whole person sweats under a hood as in its air.
 * Magnitudes: ACSM's position stand of 2007 gives 0.5 to 2 L an hour for work in heat, some 300 to 1100 g/m2 h on 1.8 m2.
 */
export function sweatOf(
  person: Pick<Person, "sweat">,
  brief: Brief,
  cover: Cover | null = brief.hood ? "hood" : null,
  house: House = HOUSE,
): number {
  const air = climateOf(brief, cover);
  const rate = sweatRate({
    ...air,
    met: ACTIVITIES[brief.activity].met,
    clo: brief.hood ? CLO.hood : CLO.plain,
    radiantDegC: air.airDegC + (brief.sun && cover !== "mask" ? house.numbers.sunRadiant : 0),
  });
  return Math.min(MOST_SWEAT, rate * shareOf(person.sweat, house));
}

import { ZONES, zoneInfo, type ZoneId } from "../anatomy";
import type { Bared, Brief } from "../brief";
import { wearsSuit, type Person } from "../people";

/** Zones that each part of a costume leaves bare. */
const BARED: Readonly<Record<Bared, readonly string[]>> = {
  shoulders: ["collar", "shoulderFront", "shoulderBack"],
  chest: ["chest"],
  belly: ["belly"],
  back: ["upperBack", "lowerBack"],
  upperArms: ["upperArmFront", "upperArmBack"],
  forearms: ["elbowInner", "elbowBack", "forearmFront", "forearmBack"],
  hands: ["handBack", "palm", "fingersBack", "fingersFront"],
  thighs: ["thighFront", "thighBack"],
  lowerLegs: ["kneeFront", "kneeBack", "shin", "calf"],
  feet: ["footTop", "heel"],
};

/** Whether a place may be painted on somebody at all: not under the suit a child wears (SAFE-16). */
export const isBareOn = (zone: ZoneId, person: Pick<Person, "ageYears">): boolean =>
  !(wearsSuit(person) && zoneInfo(zone).flags.includes("suit"));

/** What the audience can see: the face without hair, and what neither hood, collar nor costume hides, nor a child's suit. */
export function exposedZones(
  brief: Pick<Brief, "hood" | "highCollar" | "bares">,
  person: Pick<Person, "ageYears"> | null = null,
): ZoneId[] {
  const bared = new Set(brief.bares.flatMap((part) => BARED[part]));
  return ZONES.filter((zone) => {
    if (person && !isBareOn(zone.id, person)) return false;
    if (zone.part === "body" || zone.kind === "collar") return bared.has(zone.kind);
    if (zone.group === "scalp" || zone.kind === "brow") return false;
    if (zone.group === "ears") return !brief.hood;
    return zone.group === "neck"
      ? !brief.highCollar && (zone.frame === "front" || !brief.hood)
      : true;
  }).map((zone) => zone.id);
}

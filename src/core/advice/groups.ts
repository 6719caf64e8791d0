import { ZONES, zoneInfo, type ZoneId } from "../anatomy";
import type { Brief } from "../brief";
import {
  exposedZones,
  isColour,
  materialOf,
  type Look,
  type LookContext,
  type OtherGroup,
  BANS,
} from "../look";
import {
  auxiliary,
  AUXILIARY_KEYS,
  isPiece,
  material,
  paintType,
  PAINT_TYPE_KEYS,
  type AuxiliaryKey,
  type PaintTypeKey,
} from "../paint";

export type AdviceGroup = "face" | "eyes" | "lips" | OtherGroup;

/** A part of the person that one chooses paint for: what may be its base and its lines, where it is judged, and what is asked of it. */
export interface GroupDefinition {
  readonly label: string;
  /** Zones that speak for it where wear is worked out, the first always. */
  readonly judged: readonly ZoneId[];
  /** Zones that count as its skin. */
  readonly covers: (zone: ZoneId) => boolean;
  readonly bases: readonly PaintTypeKey[];
  readonly details: readonly PaintTypeKey[];
  /** Share of its work that is lines and marks, 0-1: the rest is the base. Common practice, no published source. */
  readonly lines: number;
}

const good = (...uses: readonly string[]) =>
  PAINT_TYPE_KEYS.filter((type) => paintType(type).goodFor.some((use) => uses.includes(use)));
const on =
  (...groups: readonly string[]) =>
  (zone: ZoneId) =>
    groups.includes(zoneInfo(zone).group);
const BASES = good("base");
const LINES: readonly PaintTypeKey[] = ["waterWax", "waterGlycerine", "alcoholActivated", "cream"];
const noGrease = (type: PaintTypeKey) => material(type).behaves !== "cream";

export const GROUPS: Readonly<Record<AdviceGroup, GroupDefinition>> = {
  face: {
    label: "face",
    judged: ["forehead", "cheekAppleLeft", "noseBridge", "chin", "lipSideLeft"],
    covers: on("face", "ears", "neck"),
    bases: BASES,
    details: LINES,
    lines: 0.35,
  },
  eyes: {
    label: "round the eyes",
    judged: ["upperLidLeft", "underEyeLeft", "browBoneLeft"],
    covers: on("eyes"),
    bases: [...BASES.filter((type) => !BANS.eyes.why(type, null)), "gelLiner", "powder"],
    details: ["gelLiner", "waterWax", "waterGlycerine"],
    lines: 0.4,
  },
  lips: {
    label: "lips",
    judged: ["upperLip", "lowerLip"],
    covers: on("lips"),
    bases: ["lipLong", "cream", "waterGlycerine", "waterWax"],
    details: ["lipLong", "cream", "waterGlycerine", "waterWax"],
    lines: 0,
  },
  hands: {
    label: "hands",
    judged: ["handBackLeft", "fingersBackLeft", "palmLeft"],
    covers: on("hands"),
    bases: BASES.filter(noGrease),
    details: LINES.filter(noGrease),
    lines: 0.2,
  },
  body: {
    label: "body",
    judged: ["chest", "elbowInnerLeft", "upperBack", "forearmFrontLeft", "thighFrontLeft"],
    covers: (zone) => zoneInfo(zone).part === "body" && zoneInfo(zone).group !== "hands",
    bases: BASES,
    details: LINES,
    lines: 0.2,
  },
  prosthetic: {
    label: "piece",
    judged: ["forehead", "noseBridge"],
    covers: () => false,
    bases: ["rubberMaskGrease", "adhesiveAcrylic", "alcoholActivated"],
    details: ["alcoholActivated", "rubberMaskGrease", "waterWax"],
    lines: 0.3,
  },
  teeth: {
    label: "teeth",
    judged: ["upperLip"],
    covers: () => false,
    bases: ["toothLacquer"],
    details: ["toothLacquer"],
    lines: 0,
  },
};
export const ADVICE_GROUPS = Object.keys(GROUPS) as AdviceGroup[];

/** Preps, ways to activate, powders and seals that may lie on the zones a group is judged by. */
export interface Protections {
  readonly prep: readonly (AuxiliaryKey | null)[];
  readonly activate: readonly (AuxiliaryKey | null)[];
  readonly set: readonly (AuxiliaryKey | null)[];
  readonly seal: readonly (AuxiliaryKey | null)[];
}

const PREPS: readonly AuxiliaryKey[] = ["skinPrep", "barrierCream", "primer"];

/** Helpers for a group that the person may have; nothing is always one of the choices. */
export function protectionsFor(
  group: AdviceGroup,
  mayUse: (key: AuxiliaryKey) => boolean,
): Protections {
  if (group === "teeth") return { prep: [null], activate: [null], set: [null], seal: [null] };
  // Nothing goes under or over a lip colour but the powder that sets a cream.
  if (group === "lips")
    return {
      prep: [null],
      activate: [null],
      set: mayUse("settingPowder") ? [null, "settingPowder"] : [null],
      seal: [null],
    };
  const fit = (keys: readonly AuxiliaryKey[]) =>
    keys.filter((key) => mayUse(key) && (group !== "eyes" || !BANS.eyes.why(key, null)));
  const preps =
    group === "prosthetic"
      ? []
      : fit(PREPS.filter((key) => (key === "primer" ? group === "eyes" : true)));
  return {
    prep: [null, ...preps],
    activate: [null, ...fit(["sealingMedium"])],
    set: [null, ...fit(["settingPowder"])],
    seal: [null, ...fit(AUXILIARY_KEYS.filter((key) => auxiliary(key).use === "seal"))],
  };
}

/** Which parts of the person this brief and this look ask paint for. */
export function groupsOf(
  brief: Pick<Brief, "hood" | "highCollar" | "bares" | "wears">,
  look: Look | null,
  products: LookContext["products"] = new Map(),
): AdviceGroup[] {
  const shown = new Set(exposedZones(brief));
  for (const layer of look?.layers ?? [])
    if (isColour(layer.role)) layer.zones.forEach((zone) => shown.add(zone));
  const uses = new Set((look?.layers ?? []).map((layer) => materialOf(layer, products)));
  const has = (group: AdviceGroup) =>
    ZONES.some(({ id }) => shown.has(id) && GROUPS[group].covers(id));
  return ADVICE_GROUPS.filter((group) => {
    if (group === "prosthetic")
      return (
        brief.wears.some((one) => one === "glued" || one === "cap") ||
        [...uses].some((key) => key !== null && isPiece(key))
      );
    if (group === "teeth") return uses.has("toothLacquer");
    return group === "face" || group === "eyes" || group === "lips" || has(group);
  });
}

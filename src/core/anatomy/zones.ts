import { BODY_ZONE_TABLE } from "./bodyZones";
import type { BodyRegion } from "./body";
import type { BodyStrandName } from "./bodyStrands";
import type { StrandName } from "./strands";
import { traits, type Frame, type ZoneDefinition, type Relief, type ZoneFlag } from "./zone";

type FaceZone = Omit<ZoneDefinition<StrandName>, "part" | "frame" | "region"> & {
  readonly region?: BodyRegion;
};

/** Zones of the front of the head, top down: the order they are painted in (ORDER-1). A new zone is one entry here. */
export const ZONE_TABLE = {
  scalp: {
    label: "scalp and hair",
    group: "scalp",
    place: "midline",
    ring: [
      ["hairline", "trichion", "sideburn"],
      ["outline", "sideburn", "vertex"],
    ],
    traits: traits(0, 0.1, 0.7, 0.5, 0.5, 1),
    flags: ["hair"],
  },
  forehead: {
    label: "forehead",
    group: "face",
    place: "midline",
    ring: [
      ["hairline", "trichion", "temporal"],
      ["temporal", "temporal", "browTail"],
      ["browTop", "browTail", "browHeadTop"],
      ["glabellaTop", "browHeadTop", "glabellaTop"],
    ],
    traits: traits(0.5, 0.5, 0.9, 0.9, 0.3),
    relief: "high",
  },
  temple: {
    label: "temple",
    group: "face",
    place: "paired",
    ring: [
      ["hairline", "temporal", "sideburn"],
      ["boneTop", "sideburn", "orbitOuter"],
      ["orbitSide", "orbitOuter", "browTail"],
      ["temporal", "browTail", "temporal"],
    ],
    traits: traits(0.2, 0.2, 0.7, 0.4, 0.3, 0.2),
    relief: "hollow",
  },
  brow: {
    label: "brow",
    group: "face",
    place: "paired",
    ring: [
      ["browTop", "browTail", "browHeadTop"],
      ["browHead", "browHeadTop", "browHead"],
      ["browBottom", "browHead", "browTail"],
    ],
    traits: traits(0.2, 0.8, 0.7, 0.6, 0.2, 1),
    flags: ["hair"],
  },
  glabella: {
    label: "between the brows",
    group: "face",
    place: "midline",
    ring: [
      ["glabellaTop", "glabellaTop", "browHeadTop"],
      ["browHead", "browHeadTop", "browHead"],
      ["nasion", "browHead", "nasion"],
    ],
    traits: traits(0.7, 0.7, 0.8, 0.9, 0.1),
  },
  browBone: {
    label: "brow bone",
    group: "eyes",
    place: "paired",
    ring: [
      ["browBottom", "browHead", "browTail"],
      ["orbitSide", "browTail", "orbitOuter"],
      ["outerCorner", "orbitOuter", "creaseOuter"],
      ["crease", "creaseOuter", "creaseInner"],
      ["orbitInner", "creaseInner", "browHead"],
    ],
    traits: traits(0.4, 0.6, 0.5, 0.5, 0.1),
    flags: ["eye"],
    relief: "high",
  },
  upperLid: {
    label: "upper lid",
    group: "eyes",
    place: "paired",
    ring: [
      ["upperLid", "endocanthion", "exocanthion"],
      ["outerCorner", "exocanthion", "creaseOuter"],
      ["crease", "creaseOuter", "creaseInner"],
      ["innerCorner", "creaseInner", "endocanthion"],
    ],
    traits: traits(1, 1, 0.4, 0.6, 0.2),
    flags: ["eye", "clean"],
  },
  underEye: {
    label: "under the eye",
    group: "eyes",
    place: "paired",
    ring: [
      ["lowerLid", "endocanthion", "exocanthion"],
      ["outerCorner", "exocanthion", "orbitOuter"],
      ["orbitLower", "orbitOuter", "orbitNose"],
      ["noseCheek", "orbitNose", "creaseInner"],
      ["innerCorner", "creaseInner", "endocanthion"],
    ],
    traits: traits(0.7, 0.6, 0.4, 0.4, 0.2),
    flags: ["eye"],
    relief: "hollow",
  },
  noseBridge: {
    label: "nose bridge",
    group: "face",
    place: "midline",
    ring: [
      ["nasion", "nasion", "bridgeTop"],
      ["bridge", "bridgeTop", "bridgeFoot"],
      ["tipTop", "bridgeFoot", "tipTop"],
    ],
    traits: traits(0.2, 0.2, 0.7, 0.8, 0.3),
    relief: "high",
  },
  noseSide: {
    label: "side of the nose",
    group: "face",
    place: "paired",
    ring: [
      ["nasion", "bridgeTop", "browHead"],
      ["orbitInner", "browHead", "creaseInner"],
      ["noseCheek", "creaseInner", "wingTop"],
      ["alarTop", "wingTop", "bridgeFoot"],
      ["bridge", "bridgeFoot", "bridgeTop"],
    ],
    traits: traits(0.3, 0.3, 0.6, 0.9, 0.2),
    relief: "hollow",
  },
  noseTip: {
    label: "nose tip",
    group: "face",
    place: "midline",
    ring: [
      ["tipTop", "tipTop", "bridgeFoot"],
      ["alarGroove", "bridgeFoot", "wingFoot"],
      ["noseBase", "wingFoot", "columella"],
      ["columella", "columella", "subnasale"],
    ],
    traits: traits(0.1, 0.2, 0.8, 1, 0.4),
  },
  noseWing: {
    label: "nose wing",
    group: "face",
    place: "paired",
    ring: [
      ["alarTop", "bridgeFoot", "wingTop"],
      ["wing", "wingTop", "wingFoot"],
      ["alarGroove", "wingFoot", "bridgeFoot"],
    ],
    traits: traits(0.6, 0.5, 0.8, 1, 0.4),
  },
  cheekbone: {
    label: "cheekbone",
    group: "face",
    place: "paired",
    ring: [
      ["boneTop", "orbitOuter", "sideburn"],
      ["outline", "sideburn", "cheekSide"],
      ["boneLow", "cheekSide", "boneFoot"],
      ["appleOuter", "boneFoot", "appleTop"],
      ["orbitLower", "appleTop", "orbitOuter"],
    ],
    traits: traits(0.2, 0.3, 0.5, 0.4, 0.3),
    relief: "high",
    flags: ["cheek"],
  },
  cheekApple: {
    label: "cheek apple",
    group: "face",
    place: "paired",
    ring: [
      ["orbitLower", "orbitNose", "appleTop"],
      ["appleOuter", "appleTop", "appleFoot"],
      ["smileOuter", "appleFoot", "foldOuter"],
      ["wing", "foldOuter", "wingTop"],
      ["noseCheek", "wingTop", "orbitNose"],
    ],
    traits: traits(0.2, 0.7, 0.5, 0.5, 0.3),
    relief: "high",
    flags: ["cheek"],
  },
  cheekHollow: {
    label: "cheek hollow",
    group: "face",
    place: "paired",
    ring: [
      ["boneLow", "boneFoot", "cheekSide"],
      ["outline", "cheekSide", "jawBack"],
      ["jawTop", "jawBack", "foldFoot"],
      ["smileOuter", "foldFoot", "appleFoot"],
      ["appleOuter", "appleFoot", "boneFoot"],
    ],
    traits: traits(0.2, 0.5, 0.4, 0.3, 0.3, 0.3),
    relief: "hollow",
    flags: ["cheek"],
  },
  smileFold: {
    label: "smile fold",
    group: "face",
    place: "paired",
    ring: [
      ["wing", "foldOuter", "foldInner"],
      ["smileInner", "foldInner", "foldFootInner"],
      ["foldFoot", "foldFootInner", "foldFoot"],
      ["smileOuter", "foldFoot", "foldOuter"],
    ],
    traits: traits(1, 0.9, 0.6, 0.7, 0.3, 0.2),
    flags: ["cheek"],
  },
  lipSide: {
    label: "above the lip",
    group: "face",
    place: "paired",
    ring: [
      ["wing", "foldInner", "wingFoot"],
      ["noseBase", "wingFoot", "columella"],
      ["philtrumEdge", "columella", "cristaPhiltri"],
      ["lipTop", "cristaPhiltri", "cheilion"],
      ["mouthCorner", "cheilion", "foldMouth"],
      ["smileInner", "foldMouth", "foldInner"],
    ],
    traits: traits(0.4, 0.9, 0.9, 0.5, 0.6, 0.6),
    flags: ["mouth", "beard", "cheek"],
  },
  philtrum: {
    label: "philtrum",
    group: "face",
    place: "midline",
    ring: [
      ["columella", "subnasale", "columella"],
      ["philtrumEdge", "columella", "cristaPhiltri"],
      ["lipTop", "cristaPhiltri", "labraleSuperius"],
    ],
    traits: traits(0.3, 0.8, 0.9, 0.5, 0.6, 0.6),
    flags: ["mouth", "beard"],
  },
  upperLip: {
    label: "upper lip",
    group: "lips",
    place: "midline",
    ring: [
      ["lipTop", "labraleSuperius", "cheilion"],
      ["lipLine", "cheilion", "stomion"],
    ],
    traits: traits(0.6, 1, 0.2, 0, 1),
    flags: ["mouth", "clean"],
  },
  lowerLip: {
    label: "lower lip",
    group: "lips",
    place: "midline",
    ring: [
      ["lipLine", "stomion", "cheilion"],
      ["lipBottom", "cheilion", "labraleInferius"],
    ],
    traits: traits(0.6, 1, 0.2, 0, 1),
    flags: ["mouth", "clean"],
  },
  chin: {
    label: "chin",
    group: "face",
    place: "midline",
    ring: [
      ["lipBottom", "labraleInferius", "cheilion"],
      ["mouthCorner", "cheilion", "foldMouth"],
      ["smileInner", "foldMouth", "foldFootInner"],
      ["foldFoot", "foldFootInner", "foldFoot"],
      ["chinSide", "foldFoot", "chinSide"],
      ["outline", "chinSide", "menton"],
    ],
    traits: traits(0.5, 0.8, 0.7, 0.7, 0.6, 0.7),
    relief: "high",
    flags: ["beard"],
  },
  jawline: {
    label: "jawline",
    group: "face",
    place: "paired",
    ring: [
      ["outline", "jawBack", "chinSide"],
      ["chinSide", "chinSide", "foldFoot"],
      ["jawTop", "foldFoot", "jawBack"],
    ],
    traits: traits(0.2, 0.5, 0.5, 0.4, 0.6, 0.6),
    flags: ["beard", "cheek"],
  },
  ear: {
    label: "ear",
    group: "ears",
    place: "paired",
    ring: "ear",
    traits: traits(0.3, 0, 0.3, 0.5, 0.5),
  },
  neckFront: {
    label: "neck, front",
    group: "neck",
    region: "neck",
    place: "midline",
    ring: [
      ["outline", "menton", "neckTop"],
      ["neckSide", "neckTop", "neckFoot"],
      ["neckFoot", "neckFoot", "jugulare"],
    ],
    traits: traits(0.6, 0.6, 0.8, 0.3, 0.9, 0.3),
  },
  collar: {
    label: "collar and shoulders",
    group: "neck",
    region: "trunkFront",
    place: "midline",
    ring: [
      ["neckFoot", "jugulare", "neckFoot"],
      ["shoulder", "neckFoot", "acromial"],
      ["figureEdge", "acromial", "edgeMiddle"],
    ],
    traits: traits(0.1, 0.4, 0.7, 0.4, 0.9),
    flags: ["suit"],
  },
} as const satisfies Record<string, FaceZone>;

type Table = typeof ZONE_TABLE & typeof BODY_ZONE_TABLE;
export type ZoneKind = keyof Table;
export type MidlineZone = {
  [K in ZoneKind]: Table[K]["place"] extends "midline" ? K : never;
}[ZoneKind];
export type PairedZone = Exclude<ZoneKind, MidlineZone>;
/** A zone of this person's skin: a midline zone, or one side of a pair. */
export type ZoneId = MidlineZone | `${PairedZone}Left` | `${PairedZone}Right`;

export interface ZoneInfo extends Pick<
  ZoneDefinition<StrandName | BodyStrandName>,
  "group" | "traits" | "ring" | "region" | "halfOf" | "part"
> {
  readonly id: ZoneId;
  readonly kind: ZoneKind;
  readonly side: "left" | "right" | null;
  readonly frame: Frame;
  readonly label: string;
  readonly flags: readonly ZoneFlag[];
  /** Null for what neither stands out nor lies back. */
  readonly relief: Relief | null;
}

const FACE_PLACE = { part: "head", frame: "front", region: "head" } as const;
const describe = ([kind, definition]: readonly [
  string,
  ZoneDefinition<StrandName | BodyStrandName>,
]): ZoneInfo[] => {
  const { place, label, flags = [], relief = null, ...rest } = definition;
  const base = { ...rest, kind: kind as ZoneKind, flags, relief };
  if (place === "midline") return [{ ...base, id: kind as MidlineZone, side: null, label }];
  return (["left", "right"] as const).map((side) => ({
    ...base,
    id: `${kind as PairedZone}${side === "left" ? "Left" : "Right"}` as const,
    side,
    label: `${side} ${label}`,
  }));
};

/** Zones of the front of the head in painting order: what a face is made up of. */
export const FACE_ZONES: readonly ZoneInfo[] = Object.entries(ZONE_TABLE).flatMap(([kind, zone]) =>
  describe([kind, { ...FACE_PLACE, ...zone }]),
);
/** Every zone, face first, in painting order. */
export const ZONES: readonly ZoneInfo[] = [
  ...FACE_ZONES,
  ...Object.entries(BODY_ZONE_TABLE).flatMap(describe),
];
export const ZONE_IDS: readonly ZoneId[] = ZONES.map((zone) => zone.id);

const BY_ID = new Map(ZONES.map((zone) => [zone.id, zone]));

/** What is known of a zone, whoever the person. @throws RangeError for an unknown id */
export function zoneInfo(id: ZoneId): ZoneInfo {
  const zone = BY_ID.get(id);
  if (!zone) throw new RangeError(`no such zone: ${id as string}`);
  return zone;
}

/** The same zone on the other side; a midline zone is its own. */
export function otherSide(id: ZoneId): ZoneId {
  const zone = zoneInfo(id);
  if (zone.side === null) return id;
  return `${zone.kind as PairedZone}${zone.side === "left" ? "Right" : "Left"}`;
}

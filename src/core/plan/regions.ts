import {
  contains,
  distance,
  centroid,
  zoneInfo,
  type Figure,
  type ZoneGroup,
  type ZoneId,
} from "../anatomy";
import type { Layer, Mark } from "../look";

/** Parts of the face and body that dry as one: the hand moves from one to the next, top down (ORDER-1). */
export const REGIONS = [
  "upper face",
  "eyes",
  "nose",
  "cheeks",
  "mouth",
  "chin and jaw",
  "ears",
  "neck",
  "back of the head",
  "torso",
  "back",
  "arms",
  "hands",
  "legs",
  "feet",
] as const;
export type Region = (typeof REGIONS)[number];

const BY_KIND: Readonly<Record<string, Region>> = {
  scalp: "upper face",
  forehead: "upper face",
  temple: "upper face",
  brow: "upper face",
  glabella: "upper face",
  browBone: "eyes",
  upperLid: "eyes",
  underEye: "eyes",
  noseBridge: "nose",
  noseSide: "nose",
  noseTip: "nose",
  noseWing: "nose",
  cheekbone: "cheeks",
  cheekApple: "cheeks",
  cheekHollow: "cheeks",
  smileFold: "mouth",
  lipSide: "mouth",
  philtrum: "mouth",
  upperLip: "mouth",
  lowerLip: "mouth",
  chin: "chin and jaw",
  jawline: "chin and jaw",
  ear: "ears",
  neckFront: "neck",
  collar: "neck",
};

const BY_GROUP: Readonly<Partial<Record<ZoneGroup, Region>>> = {
  torso: "torso",
  back: "back",
  arms: "arms",
  hands: "hands",
  legs: "legs",
  feet: "feet",
  neck: "neck",
};

/** What one can't reach on oneself: see the check beyondReach for the zones. */
export const isUnreached = (region: Region): boolean =>
  region === "back of the head" || region === "back";

export function regionOf(zone: ZoneId): Region {
  const { kind, group, part, frame } = zoneInfo(zone);
  if (part === "head" && frame === "back") return "back of the head";
  return BY_KIND[kind] ?? BY_GROUP[group] ?? "neck";
}

/** The region a mark is drawn in: that of the zone under its centre, or of the layer's nearest zone. */
export function regionOfMark(
  mark: Pick<Mark, "x" | "y" | "frame">,
  layer: Layer,
  figure: Figure,
): Region {
  const under = figure.zonesOn(mark.frame).find((zone) => contains(zone.polygon, mark));
  if (under) return regionOf(under.id);
  const nearest = [...layer.zones].sort(
    (a, b) =>
      distance(centroid(figure.zone(a).polygon), mark) -
      distance(centroid(figure.zone(b).polygon), mark),
  )[0];
  return nearest ? regionOf(nearest) : "cheeks";
}

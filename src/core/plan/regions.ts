import { contains, distance, centroid, zoneInfo, type Figure, type ZoneId } from "../anatomy";
import type { Layer } from "../look";

/** Parts of the face that dry as one: the hand moves from one to the next, top down (ORDER-1). */
export const REGIONS = ["upper face", "eyes", "nose", "cheeks", "mouth", "chin and jaw", "ears", "neck"] as const;
export type Region = (typeof REGIONS)[number];

const BY_KIND: Readonly<Record<string, Region>> = {
  scalp: "upper face", forehead: "upper face", temple: "upper face", brow: "upper face", glabella: "upper face", browBone: "eyes", upperLid: "eyes", underEye: "eyes",
  noseBridge: "nose", noseSide: "nose", noseTip: "nose", noseWing: "nose", cheekbone: "cheeks", cheekApple: "cheeks", cheekHollow: "cheeks",
  smileFold: "mouth", lipSide: "mouth", philtrum: "mouth", upperLip: "mouth", lowerLip: "mouth", chin: "chin and jaw", jawline: "chin and jaw", ear: "ears", neckFront: "neck", collar: "neck",
};

export const regionOf = (zone: ZoneId): Region => BY_KIND[zoneInfo(zone).kind] ?? "neck";

/** The region a mark is drawn in: that of the zone under its centre, or of the layer's nearest zone. */
export function regionOfMark(mark: { x: number; y: number }, layer: Layer, figure: Figure): Region {
  const under = figure.zones.find((zone) => contains(zone.polygon, mark));
  if (under) return regionOf(under.id);
  const nearest = [...layer.zones].sort((a, b) => distance(centroid(figure.zone(a).polygon), mark) - distance(centroid(figure.zone(b).polygon), mark))[0];
  return nearest ? regionOf(nearest) : "cheeks";
}

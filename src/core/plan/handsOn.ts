import { zoneInfo, type ZoneId } from "../anatomy";
import { strokeLengthMm } from "../kit";
import {
  isVeil,
  materialOf,
  placedStrokes,
  strokeArea,
  type Blend,
  type Layer,
  type LookContext,
  type Mark,
  isArea,
  shapesOf,
  shareFilled,
  zonesFilledBy,
} from "../look";
import {
  auxiliary,
  cm2PerMinuteOn,
  isPaintType,
  toolOf,
  WIPED_CM2_PER_MINUTE,
  type MaterialKey,
} from "../paint";
import { regionOf, regionOfMark, type Region } from "./regions";

/** Drying and lacquering the front teeth, one coat. Common practice, no published source. */
const TEETH_MINUTES = 3;

/** The face itself; neck, nape and scalp are as smooth and wide as a body. */
const isOnFace = (zone: ZoneId): boolean => {
  const { part, group } = zoneInfo(zone);
  return part === "head" && !["neck", "scalp"].includes(group);
};

/** Skin that a layer covers in a minute on a zone, cm2. */
function cm2PerMinute(layer: Layer, zone: ZoneId, context: LookContext): number {
  const key = materialOf(layer, context.products);
  if (key && !isPaintType(key) && auxiliary(key).use === "prep" && layer.tool !== "spray")
    return WIPED_CM2_PER_MINUTE;
  return cm2PerMinuteOn(layer.tool, isOnFace(zone) ? "head" : "body");
}

/** How many times a flat coat with hard edges a layer takes: modelling is laid, then blended on both sides, with the same tool where no other is named. */
function blending({ role, edge, blend }: Layer, { house: { numbers } }: LookContext): number {
  if (blend) return 1;
  if (isVeil(role)) return numbers.blending;
  return edge === "faded" ? numbers.fading : 1;
}

/** How many times the minutes it was laid in a coat is then blended, or its edges softened or cleaned. */
const workedOver = (how: Blend, { house: { numbers } }: LookContext): number =>
  (how === "blended" ? numbers.blending : numbers.fading) - 1;

/** What is filled within its outline, cm2: neither a line drawn as one stroke nor a fade that is patted out. */
const filledCm2 = (mark: Mark): number =>
  placedStrokes(mark)
    .filter(({ fill, lengthMm, strength }) => fill && lengthMm === undefined && !strength)
    .reduce((sum, stroke) => sum + strokeArea(stroke), 0) / 100;

/** Minutes a mark is drawn and filled in. */
function markMinutes(mark: Mark, layer: Layer): number {
  const { mmPerMinute, cm2PerMinute: filling } = toolOf(layer.tool);
  return strokeLengthMm({ ...layer, marks: [mark] }) / mmPerMinute + filledCm2(mark) / filling;
}

/** Minutes in which a mark is then gone along with the tool that blends it. */
const blendMinutes = (mark: Mark, layer: Layer, { how, tool }: NonNullable<Layer["blend"]>) =>
  (strokeLengthMm({ ...layer, marks: [mark] }) / toolOf(tool).mmPerMinute) *
  (how === "blended" ? 2 : 1);

/** Minutes a piece of a material takes, whatever its size; undefined for what is spread or drawn. */
const minutesEach = (key: MaterialKey | null): number | undefined =>
  key && !isPaintType(key) ? auxiliary(key).minutesEach : undefined;

/** Whether a layer is put on in one go: what is counted by the piece is never torn in two. */
export const isInOneGo = (layer: Layer, key: MaterialKey): boolean =>
  !layer.marks.length && minutesEach(key) !== undefined;

/** Minutes in which one coat of a layer is blended, softened or cleaned with the tool named for it, by region; none where none is named. */
export function blendByRegion(layer: Layer, context: LookContext): Map<Region, number> {
  const { blend } = layer;
  const work = new Map<Region, number>();
  if (!blend) return work;
  const shapes = shapesOf(layer);
  const areas = { ...layer, marks: layer.marks.filter(isArea) };
  if (!shapes.length || areas.marks.length)
    for (const [region, minutes] of handsOnByRegion(areas, context))
      work.set(region, minutes * workedOver(blend.how, context));
  for (const mark of shapes) {
    const region = regionOfMark(mark, layer, context.figure);
    work.set(region, (work.get(region) ?? 0) + blendMinutes(mark, layer, blend));
  }
  return work;
}

/** Hands-on minutes of one coat of a layer, by region; loading and changing come on top. */
export function handsOnByRegion(layer: Layer, context: LookContext): Map<Region, number> {
  const work = new Map<Region, number>();
  const add = (region: Region, minutes: number) =>
    work.set(region, (work.get(region) ?? 0) + minutes);
  const each = minutesEach(materialOf(layer, context.products));
  const [first] = layer.zones;
  if (each !== undefined && first && !layer.marks.length) {
    add(regionOf(first), each);
    return work;
  }
  if (!layer.zones.length && materialOf(layer, context.products) === "toothLacquer")
    add("mouth", TEETH_MINUTES);
  for (const mark of shapesOf(layer))
    add(regionOfMark(mark, layer, context.figure), markMinutes(mark, layer));
  for (const zone of zonesFilledBy(layer))
    add(
      regionOf(zone),
      ((context.figure.zone(zone).areaCm2 * shareFilled(layer, zone, context)) /
        cm2PerMinute(layer, zone, context)) *
        blending(layer, context),
    );
  return work;
}

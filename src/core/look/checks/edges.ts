import { boundingBox, contains, type Polygon, type ZoneId } from "../../anatomy";
import type { Remark } from "../finding";
import { placedStrokes } from "../motifs";
import type { Layer } from "../schema";
import { isColour } from "../roles";
import type { Stack } from "../stack";
import { zoneWords } from "../words";

/** Room under the brim so that its shadow does not take the mark, mm. Common practice, no published source. */
const CLEARANCE_MM = 4;

/** Share of a zone that lies above a height, by a 2 mm grid. */
function shareAbove(polygon: Polygon, y: number): number {
  const box = boundingBox(polygon);
  let inside = 0;
  let above = 0;
  for (let v = box.bottom + 1; v < box.top; v += 2) for (let u = box.left + 1; u < box.right; u += 2) {
    if (!contains(polygon, { x: u, y: v })) continue;
    inside++;
    if (v > y) above++;
  }
  return inside ? above / inside : 0;
}

const reach = (layer: Layer) => Math.max(...layer.marks.flatMap(placedStrokes).flatMap((stroke) => stroke.points.map((p) => p.y + stroke.widthMm / 2)));

/** EDGE-4: brows and marks under the hat or fringe. */
export function underTheHat(stack: Stack): Remark[] {
  const line = stack.context.brief.hatLineMm;
  if (line === null) return [];
  const limit = line - CLEARANCE_MM;
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (!isColour(layer.role) || layer.role === "base") return [];
    if (layer.marks.length) {
      const over = reach(layer) - limit;
      if (over <= 0.05) return [];
      const lowerBy = Math.ceil(over * 2) / 2;
      const high = layer.marks.map((mark) => (reach({ ...layer, marks: [mark] }) > limit ? { ...mark, y: mark.y - (reach({ ...layer, marks: [mark] }) - limit) } : mark));
      return [{
        rule: "EDGE-4", severity: "caution", where: { layerId: layer.id, zones: layer.zones }, message: `${layer.name} reaches ${lowerBy} mm into the shade of the hat line at ${line} mm.`,
        fix: { op: "changeLayer", id: layer.id, change: { marks: high } }, fixLabel: `Lower by ${lowerBy} mm`,
      }];
    }
    const hidden: ZoneId[] = layer.zones.filter((zone) => shareAbove(stack.context.figure.zone(zone).polygon, line) > 0.5);
    if (!hidden.length) return [];
    const rest = layer.zones.filter((zone) => !hidden.includes(zone));
    return [{
      rule: "EDGE-4", severity: "caution", where: { layerId: layer.id, zones: hidden }, message: `${layer.name} on ${zoneWords(hidden)} lies mostly above the hat line at ${line} mm: nobody will see it.`,
      fix: rest.length ? { op: "changeLayer", id: layer.id, change: { zones: rest } } : { op: "removeLayer", id: layer.id }, fixLabel: rest.length ? `Leave out ${zoneWords(hidden)}` : `Take out ${layer.name}`,
    }];
  });
}

/** PREP-3: hair on chin and mouth breaks up what is painted there. */
export function beardInTheWay(stack: Stack): Remark[] {
  const { beard } = stack.context.person;
  if (beard === "none") return [];
  return stack.look.layers.flatMap((layer): Remark[] => {
    const hairy = layer.zones.filter((zone) => zone === "chin" || zone === "philtrum" || zone.startsWith("lipSide") || zone.startsWith("jawline"));
    if (!hairy.length || !isColour(layer.role) || isGroundOnly(layer)) return [];
    return [{
      rule: "PREP-3", severity: "caution", where: { layerId: layer.id, zones: hairy },
      message: `${stack.context.person.name} has ${beard === "beard" ? "a beard" : "stubble"}: it breaks up ${layer.name} on ${zoneWords(hairy)}. Shave, move it, or leave it and say so.`,
    }];
  });
}

const isGroundOnly = (layer: Layer) => layer.role === "base" && layer.edge === "faded";

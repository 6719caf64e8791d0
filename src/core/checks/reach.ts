import { zoneInfo, type ZoneId } from "../anatomy";
import type { Remark } from "./finding";
import type { LookPatch } from "../design/patch";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import { withoutZones } from "./safety";

/** What nobody reaches on themselves with a brush: the back, and the back of head and neck. */
export function outOfReach(zone: ZoneId): boolean {
  const { group, part, frame } = zoneInfo(zone);
  return group === "back" || (part === "head" && frame === "back");
}

/** TIME-3: who paints themselves without anybody to help leaves out what they can't reach. */
export function beyondReach(stack: Stack): Remark[] {
  const { look } = stack;
  const { brief } = stack.context;
  if (!brief.self || brief.helper) return [];
  const zones = [...new Set(look.layers.flatMap((layer) => layer.zones.filter(outOfReach)))];
  if (!zones.length) return [];
  const without = look.layers.flatMap((layer): LookPatch[] => {
    const far = layer.zones.filter(outOfReach);
    return far.length ? [withoutZones(stack, layer, far).fix] : [];
  });
  return [
    {
      rule: "TIME-3",
      severity: "caution",
      where: { zones },
      message: `${zoneWords(zones)}: nobody reaches that on themselves. Ask somebody to help, and say so in the chapter Time, or leave it out.`,
      fix: { op: "several", patches: [...without, { op: "leaveBare", zones, bare: true }] },
      fixLabel: `Leave out ${zoneWords(zones, 3)}`,
    },
  ];
}

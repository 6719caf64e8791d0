import { otherSide, zoneInfo } from "../anatomy";
import { zoneWords } from "../look";
import { angleDeg, type AreaSeen } from "./coverSeen";
import type { Seen } from "./compareToPlan";

/** Sides that differ by so much in cover, or by so many degrees in colour, are seen to. By eye, no published source. */
const [UNEVEN, OTHER_DEG] = [0.15, 5];
/** Sides that were planned alike are no farther apart than this, degrees. */
const ALIKE_DEG = 2;
/** Fewer places than this say nothing about an area. */
const LEAST_PLACES = 60;

/** Sides of the face that were planned alike and did not come out alike, the worst first. */
export function symmetrySeen(areas: readonly AreaSeen[]): Seen[] {
  const told = areas.flatMap((left): { by: number; seen: Seen }[] => {
    const right = areas.find(({ zone }) => zone === otherSide(left.zone));
    const isLeft = zoneInfo(left.zone).label.startsWith("left ");
    if (!right || !isLeft || Math.min(left.places, right.places) < LEAST_PLACES) return [];
    if (angleDeg(left.planned, right.planned) > ALIKE_DEG) return [];
    const cover = left.cover - right.cover;
    const hue = angleDeg(left.seen, right.seen);
    if (Math.abs(cover) < UNEVEN && hue < OTHER_DEG) return [];
    const [less, more] = cover < 0 ? ["left", "right"] : ["right", "left"];
    const where = zoneWords([left.zone, right.zone]);
    const isCover = Math.abs(cover) >= UNEVEN;
    return [
      {
        by: Math.max(Math.abs(cover) / UNEVEN, hue / OTHER_DEG),
        seen: {
          kind: "uneven",
          zones: [left.zone, right.zone],
          at: [left.at, right.at],
          isSure: Math.abs(cover) >= 1.5 * UNEVEN || hue >= 1.5 * OTHER_DEG,
          message: isCover
            ? `Uneven on ${where}: the ${less} has less paint.`
            : `Uneven on ${where}: left and right are of two colours.`,
          toDo: isCover
            ? `Pat more onto the ${less}, or lift some off the ${more}.`
            : "Paint both out of one pot, one after the other.",
        },
      },
    ];
  });
  return told.sort((a, b) => b.by - a.by).map(({ seen }) => seen);
}

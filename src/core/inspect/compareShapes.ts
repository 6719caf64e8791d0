import type { Box } from "../anatomy";
import { LEAST_OFF_MM, type Nearness } from "./nearness";
import type { Seen } from "./compareToPlan";
import type { ShapeSeen } from "./shapesSeen";

/** So alike a shape is one that was found; less alike than the lesser in its whole reach it is not there. By eye, no published source. */
const [FOUND, NOT_THERE] = [0.45, 0.2];
/** So much more alike it has to be off its place than in it. */
const GAIN = 0.06;

/** A smaller turn nobody sees. By eye, no published source. */
const LEAST_TURN_DEG = 8;

const mmWords = (mm: number): string => `${Math.round(Math.abs(mm))} mm`;

/** "3 mm lower and 2 mm to their left". */
function offWords({ x, y }: { x: number; y: number }): string {
  const ways = [
    Math.abs(y) >= 1 && `${mmWords(y)} ${y > 0 ? "higher" : "lower"}`,
    Math.abs(x) >= 1 && `${mmWords(x)} to their ${x > 0 ? "left" : "right"}`,
  ];
  return ways.filter((way) => way !== false).join(" and ");
}

function isOff({ off, like, likeHere }: ShapeSeen, least: number): boolean {
  return like >= FOUND && like - likeHere >= GAIN && Math.hypot(off.x, off.y) >= least;
}

/** Skin round a shape that its edge may reach, mm. */
const SOFT_MM = 3;

/** Where shapes lie that are off their places, mm on the chart. */
export const strayBoxes = (seen: readonly ShapeSeen[], nearness: Nearness): Box[] =>
  seen
    .filter((one) => isOff(one, LEAST_OFF_MM[nearness]))
    .map(({ shape: { box }, off }) => ({
      left: box.left + off.x - SOFT_MM,
      right: box.right + off.x + SOFT_MM,
      bottom: box.bottom + off.y - SOFT_MM,
      top: box.top + off.y + SOFT_MM,
    }));

/** What is said of shapes that lie elsewhere than planned, or that are not there. */
export function compareShapes(seen: readonly ShapeSeen[], nearness: Nearness): Seen[] {
  const least = LEAST_OFF_MM[nearness];
  return seen.flatMap((one): Seen[] => {
    const { shape, off, like } = one;
    const place = { zones: [], at: [shape.middle] };
    if (like < NOT_THERE)
      return [
        {
          ...place,
          kind: "missing",
          isSure: like < NOT_THERE / 2,
          message: `The ${shape.words} can’t be seen.`,
          toDo: "Paint it, if it should be there by now.",
        },
      ];
    const { turnDeg, likeTurned } = one;
    if (Math.abs(turnDeg) >= LEAST_TURN_DEG && likeTurned >= FOUND && likeTurned - like >= GAIN)
      return [
        {
          ...place,
          kind: "moved",
          isSure: likeTurned - like >= 2 * GAIN,
          message: `The ${shape.words} is turned by some ${Math.abs(turnDeg)}° ${turnDeg > 0 ? "anticlockwise" : "clockwise"} as you look at it.`,
          toDo: "Wipe back the end that is farther off and redraw it.",
        },
      ];
    if (!isOff(one, least)) return [];
    const twin = seen.find(({ shape: { words } }) => words === shape.twin);
    const isTwinIn = twin && !isOff(twin, least);
    return [
      {
        ...place,
        kind: "moved",
        isSure: like >= 0.6 && Math.hypot(off.x, off.y) >= 1.5 * least,
        message: `The ${shape.words} sits ${offWords(off)} than planned${isTwinIn ? "; the one on the other side is in its place" : ""}.`,
        toDo: isTwinIn
          ? "Wipe the nearer edge back and redraw it to match the other side."
          : "Leave it where both sides agree; else wipe the nearer edge back and redraw it.",
      },
    ];
  });
}

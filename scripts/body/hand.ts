import { mix, type Vec } from "../../src/core/anatomy/surface/smooth";
import type { Form } from "./field";
import { FINGERS, FINGER_GIRTH, PALM, PALM_LENGTH, PALM_TURN } from "./forms";
import { lathe, type Ellipsoid, type Lathe, type Section } from "./lathe";
import type { Person } from "./person";
import { add, unit } from "./vectors";

/** A section so many times as wide and deep. */
const widened = ([t, u, v, ru, rl, rf, rb, power, turn]: Section, by: number): Section => [
  ...([t, u * by, v * by] as const),
  ...([ru * by, rl * by, rf * by, rb * by, power, turn] as const),
];

/** Palm, fingers and thumb of a person, from the wrist on down the arm. */
export function handOf({ share, measures }: Person, arm: Lathe, wrist: Vec, down: Vec) {
  const h = measures.handLength / 184;
  const hw = 1.07 * h * mix(1, share.wrist / h, 0.45);
  const forth: Vec = down;
  const [cos, sin] = [Math.cos(PALM_TURN), Math.sin(PALM_TURN)];
  const thumbward = add([arm.side[0] * cos, arm.side[1] * cos, arm.side[2] * cos], arm.front, sin);
  const palmward = add(
    [arm.front[0] * cos, arm.front[1] * cos, arm.front[2] * cos],
    arm.side,
    -sin,
  );
  const onHand = ([d, r, n]: Vec): Vec =>
    add(add(add(wrist, forth, d * h), thumbward, r * hw), palmward, n * hw);
  const turned = (d: number, r: number, n: number): Vec =>
    unit(add(add([forth[0] * d, forth[1] * d, forth[2] * d], thumbward, r), palmward, n));
  const handAxes: Ellipsoid["axes"] = [forth, thumbward, palmward];
  const palm = lathe({
    name: "palm",
    from: wrist,
    to: onHand([PALM_LENGTH, 0, 0]),
    front: palmward,
    side: thumbward,
    caps: [14 * h, 12 * h],
    sections: PALM.map((section) => widened(section, hw)),
  });
  const fingers = FINGERS.map(({ name, at, spread, drop, length, radius, curl }) => {
    const from = onHand(at);
    const way = turned(Math.cos(spread), Math.sin(spread), drop);
    const tip = radius * 0.95;
    const long = (length - tip) * h;
    return lathe({
      name,
      from,
      to: add(from, way, long),
      front: palmward,
      side: thumbward,
      caps: [radius * 1.1 * hw, tip * h],
      sections: FINGER_GIRTH.map(([t, across_, thick]): Section => {
        const bend = curl * (t * t - 0.35 * t) * hw;
        const [a, b] = [radius * across_ * hw, radius * thick * 0.93 * hw];
        return [t, 0, bend, a, a, b * mix(1, 1.04, t), b, 2.1, 0];
      }),
    });
  });
  const thumbFrom = onHand([15, 17, 5]);
  const thumbWay = turned(Math.cos(0.68), Math.sin(0.68), 0.24);
  const thumb = lathe({
    name: "thumb",
    from: thumbFrom,
    to: add(thumbFrom, thumbWay, 93 * h),
    front: add(palmward, thumbward, -0.55),
    side: thumbward,
    caps: [13 * h, 10 * h],
    sections: (
      [
        [0, 0, 0, 13, 13, 13, 13],
        [0.25, 0, 0, 14.5, 14.5, 14.5, 13.5],
        [0.47, 1, -1.5, 12, 12, 11.5, 11.5],
        [0.6, 1, -1.5, 10.8, 10.8, 10.2, 10.2],
        [0.72, 0, -1, 11.2, 11.2, 10, 9.8],
        [0.86, -2, 0, 11, 11, 9.4, 8.6],
        [1, -4, 0, 9.4, 9.4, 7.4, 6.6],
      ] as const
    ).map((section) => widened([...section, 2.1, 0], hw)),
  });
  const handForms: Form[] = [
    { k: 1, lathe: palm },
    { k: 14 * h, lathe: thumb },
    {
      k: 10 * h,
      ellipsoid: { at: onHand([34, 20, 9]), r: [30 * h, 17 * hw, 12 * hw], axes: handAxes },
    },
    {
      k: 10 * h,
      ellipsoid: { at: onHand([40, -24, 7]), r: [36 * h, 13 * hw, 11 * hw], axes: handAxes },
    },
  ];
  return { palm, fingers, thumb, handForms, handSize: h, handWidth: hw, handAxes, onHand };
}

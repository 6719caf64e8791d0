import { clamp, type Vec } from "../../src/core/anatomy/surface/smooth";
import type { Form } from "./field";
import { TRUNK } from "./forms";
import { UPRIGHT, lathe, type Lathe, type Section } from "./lathe";
import type { Person } from "./person";

/** Trunk and neck of a person. */
export function trunkOf({ size, share, height, wide, deep, place }: Person) {
  const [foot, top] = [height(790), height(1430)];
  const belly = clamp((share.waist / size - 1) * 2.2, -0.4, 1.2);
  const trunk = lathe({
    name: "trunk",
    from: [0, foot, 0],
    to: [0, top, 0],
    front: [0, 0, 1],
    caps: [22 * size, 30 * size],
    sections: TRUNK.map(([y, half, front, back, widest, power]): Section => {
      const [w, d] = [wide(y), deep(y)];
      const paunch = belly * 16 * size * Math.exp(-(((y - 1005) / 95) ** 2));
      const z = widest * d;
      return [
        (height(y) - foot) / (top - foot),
        0,
        z,
        half * w,
        half * w,
        front * d - z + paunch,
        z - back * d - paunch * 0.25,
        power,
        0,
      ];
    }),
  });
  const neckHalf = 54 * share.neck;
  const neck = lathe({
    name: "neck",
    from: place([0, 1375, -34]),
    to: [0, height(1490), 8 * size],
    front: [0, 0, 1],
    caps: [30 * size, 40 * size],
    sections: [
      [0, 0, 0, neckHalf * 1.2, neckHalf * 1.2, neckHalf, neckHalf, 2, 0],
      [0.5, 0, 0, neckHalf * 1.03, neckHalf * 1.03, neckHalf * 0.98, neckHalf * 1, 2, 0],
      [1, 0, 0, neckHalf, neckHalf, neckHalf * 0.98, neckHalf, 2, 0],
    ],
  });
  return { trunk, neck };
}

/** Chest, back and seat: smooth masses, as on a fitting figure. */
export function trunkForms(
  { size, place, sized }: Person,
  { trunk, neck, girdle }: Readonly<Record<"trunk" | "neck" | "girdle", Lathe>>,
): Form[] {
  const ball = (at: Vec, r: Vec, k: number): Form => ({
    k: k * size,
    ellipsoid: { at: place(at), r: sized(r, at[1]), axes: UPRIGHT },
  });
  return [
    { k: 1, lathe: trunk },
    { k: 34 * size, lathe: neck },
    { k: 30 * size, lathe: girdle },
    ball([76, 1266, 45], [74, 64, 44], 52),
    ball([118, 1318, 6], [62, 50, 50], 46),
    ball([118, 1310, -62], [60, 58, 44], 46),
    // Between the thighs: smooth, as on a fitting figure.
    ball([0, 838, -7], [68, 56, 88], 32),
    ball([0, 850, 24], [86, 62, 70], 44),
    ball([77, 866, -66], [77, 86, 64], 36),
  ];
}

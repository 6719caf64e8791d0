import { curve, mix, type Vec } from "../../src/core/anatomy/surface/smooth";
import { FOOT, LEG, TOES } from "./forms";
import { lathe, type Section } from "./lathe";
import type { Person } from "./person";
import { add } from "./vectors";

/** Leg of a person, clear of the other at any girth. */
export function legOf({ size, share, height }: Person) {
  const legGirth = curve(
    [
      [60, share.ankle],
      [130, share.ankle],
      [345, share.calf],
      [485, share.knee],
      [600, mix(share.knee, share.thigh, 0.6)],
      [740, share.thigh],
      [900, share.thigh],
    ],
    "straight",
  );
  const legX = 82 * share.thigh + 7 * size;
  const hip: Vec = [legX, height(900), -6 * size];
  const ankle: Vec = [legX + 2 * size, height(60), -30 * size];
  const legTop = height(900);
  const legFoot = height(60);
  const leg = lathe({
    name: "leg",
    from: hip,
    to: ankle,
    front: [0, 0, 1],
    caps: [30 * share.thigh, 16 * share.ankle],
    sections: LEG.map(([y, u, v, outer, inner, front, back]): Section => {
      const g = legGirth(y);
      return [
        (legTop - height(y)) / (legTop - legFoot),
        u * size,
        v * size,
        outer * g,
        inner * g,
        front * g,
        back * g,
        2.05,
        0,
      ];
    }),
  });
  return { leg, hip, ankle, legTop, legFoot };
}

/** Foot and toes of a person from the ankle. */
export function footOf({ share, measures }: Person, ankle: Vec) {
  const f = measures.footLength / 258;
  const fw = 1.03 * f * mix(1, share.ankle / f, 0.5);
  const ahead: Vec = [Math.sin(0.15), 0, Math.cos(0.15)];
  const across: Vec = [ahead[2], 0, -ahead[0]];
  const heel = add([ankle[0], 0, ankle[2]], ahead, -62 * f);
  const onFoot = ([s, u, y]: Vec): Vec =>
    add(add(add(heel, ahead, s * f), across, u * fw), [0, y * f, 0]);
  const [heelAt, ballAt] = [24, 205];
  const footLathe = lathe({
    name: "foot",
    from: onFoot([heelAt, 0, 0]),
    to: onFoot([ballAt, 0, 0]),
    front: [0, 1, 0],
    caps: [24 * f, 16 * f],
    sections: FOOT.map(([s, u, up, outer, inner, above, sole, n]): Section => [
      (s - heelAt) / (ballAt - heelAt),
      u * fw,
      up * f,
      outer * fw,
      inner * fw,
      above * f,
      sole * f,
      n,
      0,
    ]),
  });
  const toes = TOES.map(([from, to, r0, r1], i) => {
    const [a, b] = [r0 * fw, r1 * fw];
    return lathe({
      name: `toe${i + 1}`,
      from: onFoot(from),
      to: onFoot(to),
      front: [0, 1, 0],
      caps: [10 * f, b],
      sections: [
        [0, 0, 0, a, a, a, a, 2, 0],
        [0.55, 0, -1.2 * f, a * 0.92, a * 0.92, a * 0.86, a, 2, 0],
        [0.85, 0, -1 * f, b * 1.06, b * 1.06, b * 0.98, b, 2, 0],
        [1, 0, -1 * f, b, b, b * 0.86, b, 2, 0],
      ],
    });
  });
  return { footLathe, toes, toeSize: f, onFoot, heel };
}

import { curve, mix, type Vec } from "../../src/core/anatomy/surface/smooth";
import type { Form } from "./field";
import { ARM, ARM_OUT } from "./forms";
import { lathe, type Ellipsoid, type Section } from "./lathe";
import type { Person } from "./person";
import { add, unit } from "./vectors";

/** Shoulder girdle and arm of a person, down to the wrist. */
export function armOf({ size, share, height, wide, deep, measures, place }: Person) {
  const fleshy = share.arm / size;
  const chestGain = 151 * (wide(1215) - wide(1350));
  const jointX = measures.shoulderBreadth / 2 - 32 * size + 0.5 * chestGain;
  const shoulder: Vec = [jointX, height(1338), -27 * deep(1330)];
  const out = ARM_OUT + 0.2 * (fleshy - 1);
  const down: Vec = unit([Math.sin(out), -Math.cos(out), 0.05]);
  const armLength = measures.upperArmLength + measures.forearmLength;
  const wrist = add(shoulder, down, armLength);
  const girthAt = curve(
    [
      [0, share.arm],
      [0.35, share.arm],
      [0.54, mix(share.arm, share.forearm, 0.7)],
      [0.66, share.forearm],
      [0.95, share.wrist],
      [1, share.wrist],
    ],
    "straight",
  );
  const elbowAt = measures.upperArmLength / armLength;
  const armT = curve(
    [
      [0, 0],
      [0.546, elbowAt],
      [1, 1],
    ],
    "straight",
  );
  const arm = lathe({
    name: "arm",
    from: shoulder,
    to: wrist,
    front: [0, 0, 1],
    caps: [30 * share.arm, 14 * share.wrist],
    sections: ARM.map(([t, u, v, ru, rl, rf, rb, n, turn]): Section => {
      const g = girthAt(t);
      return [armT(t), u * g, v * size, ru * g, rl * g, rf * g, rb * g, n, turn];
    }),
  });
  const girdle = lathe({
    name: "girdle",
    from: place([48, 1404, -42]),
    to: add(shoulder, [2 * size, 5 * size, -2 * size]),
    front: [0, 0, 1],
    caps: [34 * size, 20 * size],
    sections: [
      [0, 0, 0, 27 * size, 34 * size, 36 * size, 40 * size, 2, 0],
      [0.45, 0, 0, 34 * size, 40 * size, 38 * size, 44 * size, 2, 0],
      [1, 0, 0, 34 * size, 40 * size, 40 * size, 42 * size, 2, 0],
    ],
  });
  const armSide = arm.side;
  const deltoidAxes: Ellipsoid["axes"] = [armSide, [-down[0], -down[1], -down[2]], arm.front];
  const deltoidSize = mix(size, share.arm, 0.6);
  const deltoid: Form = {
    k: 26 * size,
    ellipsoid: {
      at: add(add(shoulder, down, 42 * size), armSide, 6 * size),
      r: [45 * deltoidSize, 86 * size, 52 * deltoidSize],
      axes: deltoidAxes,
    },
  };
  return { arm, girdle, deltoid, shoulder, wrist, down, armT, elbowAt };
}

import { clamp, type Vec } from "../../src/core/anatomy/surface/smooth";
import type { armOf } from "./arm";
import type { Relief } from "./field";
import { FINGERS } from "./forms";
import type { handOf } from "./hand";
import { UPRIGHT, fromLocal, type Ellipsoid } from "./lathe";
import type { legOf } from "./leg";
import type { Person } from "./person";
import { cross, square, unit } from "./vectors";

type Swell = (at: Vec, r: Vec, by: number, axes?: Ellipsoid["axes"]) => void;

/** How clearly muscle and bone show through. */
const leanOf = ({ share, size, child }: Person) =>
  clamp(1 - 1.6 * (share.waist / size - 1), 0.15, 1.3) * (1 - 0.4 * child);

/** Swellings and dents of the skin that the tubes do not have: furrows, bones, creases, nails. All by eye. */
export function smallForms(
  person: Person,
  arm: ReturnType<typeof armOf>,
  leg: ReturnType<typeof legOf>,
  hand: ReturnType<typeof handOf>,
): Relief[] {
  const reliefs: Relief[] = [];
  const swell: Swell = (at, r, by, axes = UPRIGHT) =>
    reliefs.push({ at, r, axes, by: by * person.size, far: 6 * Math.max(...r) ** 2 });
  trunkDetails(person, swell);
  legDetails(person, leg, swell);
  armDetails(person, arm, swell);
  handDetails(hand, swell);
  return reliefs;
}

function trunkDetails(person: Person, swell: Swell) {
  const { place, sized } = person;
  const onTrunk = (at: Vec, r: Vec, by: number, axes = UPRIGHT) =>
    swell(place(at), sized(r, at[1]), by, axes);
  const lean = leanOf(person);
  const tilt = (x: number, y: number, z: number): Ellipsoid["axes"] => {
    const a = unit([x, y, z]);
    const b = square([0, 0, 1], a);
    return [a, b, cross(a, b)];
  };
  onTrunk([0, 1120, -84], [17, 190, 40], -5.5 * lean);
  onTrunk([36, 1060, -72], [20, 110, 34], 4 * lean);
  onTrunk([0, 1240, 106], [16, 70, 40], -3.4);
  onTrunk([0, 1110, 92], [11, 90, 30], -2.6 * lean);
  onTrunk([0, 1020, 95], [9, 10, 24], -7);
  onTrunk([0, 1398, 40], [15, 15, 26], -6);
  onTrunk([78, 1374, 36], [60, 10, 34], 3 * lean, tilt(1, 0.16, -0.32));
  onTrunk([92, 1350, 36], [40, 16, 34], -2 * lean, tilt(1, 0.16, -0.4));
  onTrunk([92, 1268, -106], [36, 56, 30], 4.4 * lean);
  onTrunk([58, 1275, -112], [15, 60, 30], -1.3 * lean);
  onTrunk([52, 968, -80], [16, 16, 30], -3 * lean);
  onTrunk([0, 880, -98], [9, 62, 40], -13);
  onTrunk([0, 822, -70], [12, 34, 40], -8);
  onTrunk([112, 972, 72], [32, 24, 36], 3 * lean);
}

function legDetails(
  person: Person,
  { leg, legTop, legFoot }: ReturnType<typeof legOf>,
  swell: Swell,
) {
  const { share, size, height } = person;
  const lean = leanOf(person);
  const onLeg = (y: number, u: number, v: number, r: Vec, by: number) => {
    const p = fromLocal(leg, { t: (legTop - height(y)) / (legTop - legFoot), a: u, b: v, c: 0 });
    swell(p, [r[0] * share.knee, r[1] * size, r[2] * share.knee], by);
  };
  onLeg(494, 0.02, 1, [23, 25, 22], 6);
  onLeg(530, -0.55, 0.8, [18, 26, 18], 3.2 * lean);
  onLeg(452, 0, 1, [17, 16, 18], 2.8);
  onLeg(478, -0.7, 0.72, [12, 24, 16], -3.4 * lean);
  onLeg(478, 0.7, 0.72, [12, 24, 16], -3.4 * lean);
  onLeg(480, 0.05, -1, [20, 34, 22], -3.6 * lean);
  onLeg(330, 0, -1, [8, 56, 20], -2.2 * lean);
  onLeg(120, -0.65, -0.85, [9, 36, 13], -4);
  onLeg(120, 0.65, -0.85, [9, 36, 13], -4);
  onLeg(82, -1, 0.1, [17, 17, 18], 6);
  onLeg(72, 1, -0.15, [16, 17, 17], 6);
}

function armDetails(person: Person, { arm, armT }: ReturnType<typeof armOf>, swell: Swell) {
  const { size } = person;
  const lean = leanOf(person);
  const onArm = (t: number, a: number, b: number, r: Vec, by: number) =>
    swell(fromLocal(arm, { t: armT(t), a, b, c: 0 }), [r[0] * size, r[1] * size, r[2] * size], by);
  onArm(0.545, -0.1, -1, [15, 15, 16], 4.5);
  onArm(0.33, 0, 1, [26, 44, 24], 2.1 * lean);
  onArm(0.26, 0.4, -0.9, [22, 52, 24], 3 * lean);
  onArm(0.565, 0, 1, [18, 14, 18], -3);
  onArm(0.95, -0.9, -0.7, [8, 9, 9], 2.6);
}

function handDetails(
  { fingers, thumb, handSize: h, handWidth: hw, handAxes, onHand }: ReturnType<typeof handOf>,
  swell: Swell,
) {
  const onHandRelief = (at: Vec, r: Vec, by: number) =>
    swell(onHand(at), [r[0] * h, r[1] * hw, r[2] * hw], by, handAxes);
  onHandRelief([52, -2, 16], [24, 13, 10], -3.4);
  FINGERS.forEach(({ at, radius }) => {
    onHandRelief([at[0] + 1, at[1], -13], [8, 7, 7], 2 + 0.06 * radius);
    onHandRelief([at[0] - 26, at[1] * 0.72, -14], [24, 3.2, 8], 1);
  });
  for (let i = 0; i < 3; i++) {
    const [p, q] = [FINGERS[i]!.at, FINGERS[i + 1]!.at];
    onHandRelief([(p[0] + q[0]) / 2 + 4, (p[1] + q[1]) / 2, -13], [10, 4, 8], -1.8);
  }
  // Nails: a flat bed with a rim, and a crease over each joint of the fingers.
  [...fingers, thumb].forEach((l, i) => {
    const r = (i < 4 ? FINGERS[i]!.radius : 11) * hw;
    const axes: Ellipsoid["axes"] = [l.axis, l.side, l.front];
    const nail = fromLocal(l, { t: 0.985, a: 0, b: -1.02, c: 0 });
    swell(nail, [r * 0.75, r * 0.62, r * 0.6], -0.9, axes);
    swell(fromLocal(l, { t: 0.87, a: 0, b: -1, c: 0 }), [r * 0.25, r * 0.7, r * 0.5], 0.7, axes);
    for (const t of i < 4 ? [0.5, 0.76] : [0.72]) {
      swell(fromLocal(l, { t, a: 0, b: -1, c: 0 }), [r * 0.5, r * 0.6, r * 0.5], 0.8, axes);
      swell(fromLocal(l, { t, a: 0, b: 1, c: 0 }), [r * 0.16, r * 1.1, r * 0.5], -0.8, axes);
    }
  });
}

import type { Vec } from "../../src/core/anatomy/surface/smooth";
import { armOf } from "./arm";
import { smallForms } from "./details";
import type { Form, Group, JointName, Sculpture } from "./field";
import { handOf } from "./hand";
import { fromLocal, sectionAt, section } from "./lathe";
import { footOf, legOf } from "./leg";
import type { Person } from "./person";
import { trunkForms, trunkOf } from "./trunk";
import { add, distance } from "./vectors";

/** The left half of a person's body: mm from the floor and from the plumb line of ear and shoulder. */
export function sculpt(person: Person): Sculpture {
  const { size, height, deep, measures, place } = person;
  const { trunk, neck } = trunkOf(person);
  const upper = armOf(person);
  const { arm, girdle, deltoid, shoulder, wrist, down, elbowAt } = upper;
  const lower = legOf(person);
  const { leg, hip, ankle, legTop, legFoot } = lower;
  const { footLathe, toes, toeSize: f, onFoot, heel } = footOf(person, ankle);
  const hand = handOf(person, arm, wrist, down);
  const { palm, fingers, thumb, handForms, handSize: h, onHand } = hand;
  const armForms: Form[] = [{ k: 1, lathe: arm }, deltoid];
  const legForms: Form[] = [
    { k: 1, lathe: leg },
    { k: 22 * size, lathe: footLathe },
  ];
  const toeForms = toes.map((toe): Form => ({ k: 2.5 * f, lathe: toe }));
  const group = (
    forms: readonly Form[],
    k: number,
    middle: Vec,
    reach: number,
    across_ = 0,
  ): Group => ({ forms, k: k * size, middle, reach, across: across_ * size });
  const legMiddle = add(add(hip, ankle, 1), [0, 0, 0], 1).map((v) => v / 2) as unknown as Vec;
  const groups = [
    group(
      trunkForms(person, { trunk, neck, girdle }),
      1,
      add(trunk.middle, [0, 20 * size, 0]),
      trunk.reach + 60 * size,
    ),
    group(armForms, 26, arm.middle, arm.reach + 20 * size),
    group(handForms, 9, onHand([60, 15, 0]), 115 * h),
    group(
      fingers.map((finger): Form => ({ k: 3.5 * h, lathe: finger })),
      8,
      onHand([130, 0, 0]),
      90 * h,
    ),
    group(toeForms, 15, onFoot([215, 0, 10]), 75 * f),
    group(legForms, 30, legMiddle, distance(hip, ankle) / 2 + 240 * size, 8),
  ];
  const lathes = [trunk, neck, arm, girdle, leg, footLathe, ...toes, palm, ...fingers, thumb];
  const joints: Record<JointName, Vec> = {
    neck: place([0, 1397, 0]),
    shoulder,
    elbow: fromLocal(arm, { t: elbowAt, a: 0, b: 0, c: 0 }),
    wrist,
    knuckle: onHand([91, 9, 0]),
    fingertip: add(fingers[1]!.from, fingers[1]!.axis, fingers[1]!.length + 9 * h),
    hip,
    knee: fromLocal(leg, { t: (legTop - height(485)) / (legTop - legFoot), a: 0, b: 0, c: 0 }),
    ankle: [ankle[0], height(75), ankle[2]],
    heel,
    toe: add(toes[0]!.from, toes[0]!.axis, toes[0]!.length + 12 * f),
    navel: [0, height(1020), 95 * deep(1020)],
    crotch: [0, height(799), 0],
    acromion: [measures.shoulderBreadth / 2, height(1392), shoulder[2]],
  };
  const reliefs = smallForms(person, upper, lower, hand);
  return { groups, reliefs, lathes, joints, person };
}

/** Litres in all tubes of a person: overlaps count twice, what is between them not at all. */
export const tubeLitres = (person: Person): number =>
  sculpt(person).lathes.reduce((sum, l) => {
    let area = 0;
    for (let i = 0; i < 40; i++) {
      sectionAt(l, (i + 0.5) / 40);
      area += ((section[2]! + section[3]!) * (section[4]! + section[5]!)) / 40;
    }
    const sides = l.name === "trunk" || l.name === "neck" ? 1 : 2;
    return sum + ((sides * Math.PI) / 4) * area * l.length * 1e-6;
  }, 0);

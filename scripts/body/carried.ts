import type { Vec } from "../../src/core/anatomy/surface/smooth";
import { settle } from "./field";
import { KIND, onRing, type Half } from "./half";
import { fromLocal } from "./lathe";
import { fullnessOf, personOf, type BodyParameters } from "./person";
import { sculpt, tubeLitres } from "./sculpture";
import { add } from "./vectors";

/** The half carried onto a person along their own lathes and settled on their own skin: the same triangles for everybody. */
export function carriedTo(half: Half, parameters: BodyParameters): Vec[] {
  const own = sculpt(personOf(parameters, fullnessOf(parameters, tubeLitres)));
  return half.mesh.points.map((p, i): Vec => {
    let q: Vec = [0, 0, 0];
    for (const [l, w, local] of half.weights[i]!) q = add(q, fromLocal(own.lathes[l]!, local), w);
    q = p[0] === 0 ? [0, q[1], q[2]] : [Math.max(0.05, q[0]), q[1], q[2]];
    return half.kinds[i] === KIND.ring ? onRing(own, q) : settle(own, q, 4, 0.6);
  });
}

import { EAR_AT } from "./ear";
import { EYE, LIP_LINE, MOUTH_HALF } from "./faceCurves";
import { DRAWN_HEAD, type HeadMeasures, type Traits } from "./headMeasures";
import { PART } from "./mesh";
import { bell, clamp, mix, smoothMax, step, type Vec } from "./smooth";

/** A local change of form: where, how far it reaches, where to it moves (mm), and for whom. */
interface Form {
  readonly at: Vec;
  readonly reach: Vec;
  readonly move: Vec;
  readonly share: (t: Traits) => number;
}
const FORMS: readonly Form[] = [
  // Brow ridge, and the forehead over it: men's slopes, women's and children's stands.
  { at: [17, 10, 3], reach: [22, 8, 30], move: [0, 0, 1.5], share: (t) => t.sex - 0.9 * t.child },
  { at: [0, 48, -3], reach: [50, 26, 45], move: [0, 0, -1.6], share: (t) => t.sex - 2 * t.child },
  { at: [34, 12, 0], reach: [20, 8, 25], move: [0, -1, 0], share: (t) => t.sex },
  // Nose: bridge and tip.
  { at: [0, -14, 6], reach: [13, 24, 30], move: [0, 0, -2.6], share: (t) => t.child - 0.2 * t.sex },
  {
    at: [0, -48, 22],
    reach: [16, 9, 20],
    move: [0, 1.3, 0],
    share: (t) => 1.2 * t.child - 0.6 * t.sex + 1.1 * t.build,
  },
  // Cheeks, under the chin.
  {
    at: [41, -52, -20],
    reach: [24, 20, 34],
    move: [1.5, 0, 2.4],
    share: (t) => t.child + 0.7 * t.build - 0.4 * t.sex,
  },
  {
    at: [44, -82, -40],
    reach: [18, 20, 34],
    move: [4, -1, 2],
    share: (t) => t.child + 0.4 * t.build,
  },
  // Mouth: a child's stands back, a man's lower lip forward over his heavier chin.
  { at: [0, -74, 8], reach: [22, 13, 24], move: [0, 0, -1.8], share: (t) => t.child },
  {
    at: [0, -82, 8],
    reach: [22, 9, 24],
    move: [0, 0, 0.8],
    share: (t) => Math.max(0, t.sex),
  },
  {
    at: [58, -60, -60],
    reach: [20, 24, 34],
    move: [2, 0, 0],
    share: (t) => 0.8 * t.build + t.child,
  },
  {
    at: [0, -125, -35],
    reach: [40, 14, 26],
    move: [0, -2.6, 0],
    share: (t) => t.build + 0.6 * t.child,
  },
  // Chin and corners of the jaw.
  {
    at: [0, -108, 0],
    reach: [20, 14, 30],
    move: [0, 0, 1.6],
    share: (t) => 0.15 * t.sex - 0.8 * t.child,
  },
  {
    at: [20, -110, -12],
    reach: [13, 11, 22],
    move: [1.8, 0, 0],
    share: (t) => t.sex + 0.9 * t.child,
  },
  { at: [57, -72, -84], reach: [20, 16, 26], move: [0.8, -2, 0], share: (t) => t.sex },
  { at: [0, -148, -53], reach: [9, 10, 16], move: [0, 0, 2], share: (t) => t.sex - t.child },
];

const EYE_AT: Vec = [EYE.x, EYE.y, -14];

/** Share of a place that moves with the eye as one stiff piece. */
const withEye = ([x, y, z]: Vec) =>
  z < -50 ? 0 : step(37, 19.5, Math.hypot((x - EYE_AT[0]) * 1.25, (y - EYE_AT[1]) * 0.95));

/** Moves the average adult to a person's measures. */
export function toPerson(m: HeadMeasures, t: Traits): (p: Vec, part: number) => Vec {
  const ratio = (name: keyof HeadMeasures) => m[name] / DRAWN_HEAD[name];
  const [long, skull, face] = [ratio("headLength"), ratio("headBreadth"), ratio("faceWidth")];
  const [jaw, neck] = [ratio("jawWidth"), ratio("neckWidth")];
  const [up, down] = [ratio("vertexHeight"), ratio("faceLength")];
  const [mouth, lip] = [ratio("mouthWidth"), ratio("lipHeight") / ratio("faceLength")];
  const [noseWide, noseDeep] = [ratio("noseWidth"), ratio("noseDepth")];
  const forms = FORMS.map((form) => ({ ...form, amount: form.share(t) })).filter((f) => f.amount);

  const across = (y: number, z: number) => {
    const high = step(-32, 45, y);
    const low = step(-30, -76, y);
    const rear = step(-80, -112, z);
    const front = mix(mix(face, jaw, low), skull, high);
    const behind = mix(skull, mix(skull, neck, step(-10, -75, y)), 1 - high);
    return mix(mix(front, behind, rear), neck, step(-104, -134, y));
  };
  const height = (y: number) => {
    if (y < -119) return -119 * down + (y + 119) * mix(1, neck, 0.5);
    const share = clamp((y + 12) / 24);
    return y <= -12 ? y * down : y >= 12 ? y * up : y * mix(down, up, step(0, 1, share));
  };
  /** Depth: the neck keeps its place under the ears and takes its own girth. */
  const depth = (y: number, z: number) => {
    const plain = z * long;
    const share = step(-66, -130, y - 0.25 * (z + 60));
    if (share === 0) return plain;
    const middle = -100 + 0.34 * (y + 100);
    return mix(plain, middle * long + (z - middle) * mix(neck, long, 0.35), share);
  };
  const plain = (p: Vec): Vec => {
    let [x, y, z] = p;
    const free = 1 - withEye(p);
    for (const { at, reach, move, amount } of forms) {
      const d =
        ((p[0] - at[0]) / reach[0]) ** 2 +
        ((p[1] - at[1]) / reach[1]) ** 2 +
        ((p[2] - at[2]) / reach[2]) ** 2;
      if (d > 9) continue;
      const w = amount * free * Math.exp(-d);
      x += at[0] === 0 ? 0 : w * move[0];
      y += w * move[1];
      z += w * move[2];
    }
    const wide = across(p[1], p[2]);
    let own = wide;
    if (p[2] > -48) {
      const ofMouth = step(44, 26, p[0]) * step(-50, -64, p[1]) * step(-104, -90, p[1]);
      own = mix(own, mouth, ofMouth);
      const wings = step(30, 18, p[0]) * step(-6, -32, p[1]) * step(-62, -54, p[1]);
      own = mix(own, noseWide, wings);
      const tall = step(-55, -64, p[1]) * step(-99, -88, p[1]) * step(38, 24, p[0]);
      const from = LIP_LINE(Math.min(p[0], MOUTH_HALF));
      y += (p[1] - from) * (lip - 1) * tall;
      z += 2.5 * (lip - 1) * tall * bell(p[0], 18);
      const ofNose = step(24, 14, p[0]) * step(4, -8, p[1]) * step(-57, -53, p[1]);
      z += (noseDeep - 1) * smoothMax(z - 1, 0, 4) * ofNose;
    }
    return [x * own, height(y), depth(y, z)];
  };
  const eyeSize = ratio("eyeWidth");
  const eyeMiddle: Vec = [m.pupilDistance / 2, height(EYE_AT[1]), EYE_AT[2] * mix(1, long, 0.5)];
  const earSize = ratio("earHeight");
  const earMiddle = plain(EAR_AT);
  return (p, part) => {
    if (part === PART.ear) {
      return [0, 1, 2].map((k) => earMiddle[k]! + (p[k]! - EAR_AT[k]!) * earSize) as unknown as Vec;
    }
    const moved = plain(p);
    const stiff = part === PART.skin ? withEye(p) : 1;
    if (stiff === 0) return moved;
    return [0, 1, 2].map((k) =>
      mix(moved[k]!, eyeMiddle[k]! + (p[k]! - EYE_AT[k]!) * eyeSize, stiff),
    ) as unknown as Vec;
  };
}

import { EYE } from "./faceCurves";
import { PART, type Builder } from "./mesh";
import type { Pair, Vec } from "./smooth";

/**
 * Where each landmark lies on the average adult: on the front drawing (x, y), or, where the front
 * does not see it, in space. Anthropometric names (Farkas 1994; Kolar & Salter 1997).
 */
const FRONT_LANDMARKS = {
  trichion: [0, 61],
  metopion: [0, 40],
  glabella: [0, 11.5],
  sellion: [0, 0],
  rhinion: [0, -20],
  supratip: [0, -39],
  pronasale: [0, -45.5],
  columella: [0, -51.8],
  subnasale: [0, -55.4],
  labraleSuperius: [0, -65.4],
  stomion: [0, -74],
  labraleInferius: [0, -85.8],
  sublabiale: [0, -93.5],
  pogonion: [0, -106],
  gnathion: [0, -114.5],
  frontalEminence: [32, 42],
  frontotemporale: [55, 30],
  browInner: [14, 9.4],
  superciliare: [37, 13.7],
  browOuter: [55.5, 6.8],
  supraorbitale: [30, 7],
  lidCreaseMiddle: [31, -0.4],
  endocanthion: [15, -11.8],
  exocanthion: [47, -9.8],
  palpebraleSuperius: [31.5, -4.3],
  palpebraleInferius: [30, -15.3],
  orbitale: [31, -26.5],
  orbitalSide: [52, -12],
  noseRootSide: [11, -4],
  noseSide: [13, -28],
  alarCrease: [18.6, -44.5],
  alare: [17.2, -44.5],
  subalare: [12, -52.6],
  wingTop: [11.5, -37.4],
  nostrilTop: [7, -47.6],
  cheekApple: [36, -32],
  malar: [50, -28],
  smileFoldTop: [20, -42],
  smileFoldEnd: [32.5, -71],
  cheekHollow: [48, -62],
  philtrumRidge: [4, -59],
  cristaPhiltri: [6.3, -63.6],
  upperLipSide: [17, -69],
  cheilion: [25.8, -73.9],
  lowerLipSide: [15, -82.2],
  chinCorner: [19, -108],
} as const satisfies Record<string, Pair>;

const SPACE_LANDMARKS = {
  vertex: [0, 105, -95],
  opisthocranion: [0, 24, -185],
  inion: [0, -30, -172],
  nape: [0, -92, -148],
  vertebra7: [0, -185, -180],
  menton: [0, -119, -13],
  cervicale: [0, -130, -47],
  larynx: [0, -148, -53],
  jugulare: [0, -195, -63],
  euryon: [73.5, 35, -107],
  temple: [63, 24, -55],
  zygion: [69.5, -21, -70],
  tragion: [70.3, -14, -98],
  gonion: [57.6, -71, -86],
  jawMiddle: [45, -96, -55],
  gnathionSide: [28, -111, -29],
  mastoid: [60, -48, -118],
  neckSide: [54, -137, -112],
  otobasionSuperius: [71, -3, -99],
  otobasionInferius: [66, -47, -97],
} as const satisfies Record<string, Vec>;

/** Landmarks of the ear, in its plane. */
const EAR_LANDMARKS = {
  superaurale: [16, 34],
  postaurale: [34.5, 12],
  subaurale: [9.5, -33],
  earTragus: [0.5, -5.5],
} as const satisfies Record<string, Pair>;

export type HeadLandmark =
  | keyof typeof FRONT_LANDMARKS
  | keyof typeof SPACE_LANDMARKS
  | keyof typeof EAR_LANDMARKS
  | "pupil";
export type HeadLandmarks = Readonly<Record<HeadLandmark, Vec>>;

export function marksOf(b: Builder): Record<HeadLandmark, number> {
  const nearest = (distance: (i: number) => number) => {
    let [best, least] = [0, Infinity];
    for (let i = 0; i < b.part.length; i++) {
      const d = distance(i);
      if (d < least) [best, least] = [i, d];
    }
    return best;
  };
  const onChart =
    (part: number, [x, y]: Pair) =>
    (i: number) => {
      if (b.part[i] !== part || (part === PART.skin && b.xyz[3 * i + 2]! < -48)) return Infinity;
      if (part === PART.skin && x === 0 && b.xyz[3 * i] !== 0) return Infinity;
      return (b.chart[2 * i]! - x) ** 2 + (b.chart[2 * i + 1]! - y) ** 2;
    };
  const inSpace =
    ([x, y, z]: Vec) =>
    (i: number) => {
      const p = b.point(i);
      if (b.part[i] !== PART.skin || (x === 0 && p[0] !== 0)) return Infinity;
      return (p[0] - x) ** 2 + (p[1] - y) ** 2 + (p[2] - z) ** 2;
    };
  const entries: [string, number][] = [
    ...Object.entries(FRONT_LANDMARKS).map(([name, at]): [string, number] => [
      name,
      nearest(onChart(PART.skin, at)),
    ]),
    ...Object.entries(SPACE_LANDMARKS).map(([name, at]): [string, number] => [
      name,
      nearest(inSpace(at)),
    ]),
    ...Object.entries(EAR_LANDMARKS).map(([name, at]): [string, number] => [
      name,
      nearest(onChart(PART.ear, at)),
    ]),
    ["pupil", nearest(onChart(PART.eye, [EYE.x, EYE.y]))],
  ];
  return Object.fromEntries(entries) as Record<HeadLandmark, number>;
}

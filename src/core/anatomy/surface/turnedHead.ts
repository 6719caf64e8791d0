import type { Landmarks } from "../landmarks";
import { addColour, lightOfCode, type ChartPicture } from "./chartPicture";
import { onChart } from "./depths";
import type { Head } from "./head";
import { lampLight, lampTowards, type LightKey } from "./light";
import { PART } from "./mesh";
import { headOfFace } from "./ofFace";
import { valueOn, type Spot } from "./raster";
import { lightOnHead, plainOf, shareOfLight, type HeadChart } from "./relief";
import { step } from "./smooth";
import type { TurnedSurface } from "./turnedSurface";

/** The charts that a turned head takes its colours from. */
export type TurnChart = Exclude<HeadChart, "topOfHead">;

export interface PaintedHead {
  readonly face: Landmarks;
  readonly ageYears: number;
  readonly light: LightKey;
  readonly charts: Readonly<Record<TurnChart, ChartPicture>>;
  /** How each place shines, 0 to 255 in red, drawn as the charts are; nothing shines without. */
  readonly sheen?: Readonly<Record<TurnChart, ChartPicture>>;
  /** Bare skin, for what no chart shows: red, green, blue, 0 to 255. */
  readonly skin: readonly [number, number, number];
}

/** Fineness of the surface, and where its neck is cut, mm on the chart: no chart shows all round what lies below. */
const [DETAIL, CUT] = [0.5, -142];
/** How far the surface may turn away before the front's chart is left for the side's, and the side's for the back's. By eye, no published source. */
const [FRONT_FROM, FRONT_TO, BACK_FROM, BACK_TO] = [0.12, 0.42, 0.35, 0.65];
/** A vertex turned so far to the front is of the face. */
const FACES_FRONT = 0.2;

/** Puts what the charts show at one pixel into a sum; answers the weight that found something. */
function fromCharts(
  charts: PaintedHead["charts"],
  { head, chart }: Readied,
  spot: Spot,
  sum: Float32Array,
): number {
  const x = valueOn(spot, chart, 2, 0);
  const y = valueOn(spot, chart, 2, 1);
  const z = valueOn(spot, head.positions, 3, 2);
  const across = valueOn(spot, head.normals, 3, 0);
  const forward = valueOn(spot, head.normals, 3, 2);
  const part = head.parts[spot.a]!;
  const isEye = part === PART.eye || part === PART.lidEdge;
  const front = isEye ? 1 : step(FRONT_FROM, FRONT_TO, forward);
  const back = isEye || part === PART.ear ? 0 : step(BACK_FROM, BACK_TO, -forward);
  const side = Math.max(0, 1 - front - back);
  const { face, leftProfile, rightProfile, backOfHead } = charts;
  sum.fill(0);
  const found = addColour(face, x, y, front, sum) + addColour(backOfHead, -x, y, back, sum);
  // What lies on the side that is turned away from both charts of the sides belongs to the nearer one.
  const left = Math.abs(across) > 0.05 ? across > 0 : x > 0;
  const beside = left
    ? addColour(leftProfile, -z, y, side, sum)
    : addColour(rightProfile, z, y, side, sum);
  return found + beside > 0.2 ? found + beside : found + beside + addColour(face, x, y, 1, sum);
}

interface Readied {
  readonly head: Head;
  readonly chart: Float32Array;
}

/**
 * A painted head, ready to be looked at from anywhere: its surface, and the light, which stays where it hangs.
 *
 * @param hasBody whether its neck goes on in a body, or is cut
 */
export function turnedHead(painted: PaintedHead, hasBody: boolean): TurnedSurface {
  const cut = hasBody ? -Infinity : CUT;
  const { face, ageYears, light, charts, sheen, skin } = painted;
  const head = headOfFace(face, ageYears, DETAIL);
  const chart = onChart(head, face, DETAIL);
  const corners: number[] = [];
  for (let t = 0; t < head.triangles.length; t += 3) {
    const [a, b, c] = [head.triangles[t]!, head.triangles[t + 1]!, head.triangles[t + 2]!];
    if (Math.max(chart[2 * a + 1]!, chart[2 * b + 1]!, chart[2 * c + 1]!) > cut)
      corners.push(a, b, c);
  }
  const triangles = Uint32Array.from(corners);
  const lamp = lampTowards(light, false);
  const all = lightOnHead(head, lamp, DETAIL);
  // What is plain is told by the face, as on its chart: the back of the head lies in shade.
  const plain = plainOf(all.filter((_, i) => head.normals[3 * i + 2]! > FACES_FRONT));
  const readied = { head, chart };
  const shine = new Float32Array(3);
  return {
    positions: head.positions,
    normals: head.normals,
    triangles,
    light: all.map((value) => shareOfLight(value, plain)),
    lit: lampLight(head, lamp),
    isShown: (spot) => cut === -Infinity || valueOn(spot, chart, 2, 1) >= cut,
    colourAt(spot, sum) {
      const found = fromCharts(charts, readied, spot, sum);
      if (found < 0.2) skin.forEach((code, k) => (sum[k] = lightOfCode(code)));
      else for (let k = 0; k < 3; k++) sum[k]! /= found;
    },
    sheenAt: sheen
      ? (spot) => {
          const found = fromCharts(sheen, readied, spot, shine);
          return found ? shine[0]! / found : 0;
        }
      : null,
  };
}

import { bodyShapeOf } from "../bodyShape";
import type { Physique } from "../physique";
import { bodySurface } from "./body";
import { SOFT, type BodyChart } from "./bodyRelief";
import { addColour, lightOfCode, type ChartPicture } from "./chartPicture";
import { lampLightOnBody, lampTowards, type LightKey } from "./light";
import { valueOn, type Spot } from "./raster";
import { FRONT, LAMP, plainOf, ROOM, shareOfLight } from "./relief";
import { step } from "./smooth";
import type { TurnedSurface } from "./turnedSurface";

export interface PaintedBody {
  readonly physique: Physique;
  /** How high the bridge of the nose is above the floor, mm. */
  readonly bridgeMm: number;
  readonly light: LightKey;
  readonly charts: Readonly<Record<BodyChart, ChartPicture>>;
  /** How each place shines, as of a head. */
  readonly sheen?: Readonly<Record<BodyChart, ChartPicture>>;
  readonly skin: readonly [number, number, number];
}

/** How far the surface turns either way at its side while one chart gives way to the other. By eye, no published source. */
const MEET = 0.18;
/** Where a limb turns away, colours are looked for so much nearer to its middle, mm: the edge of a drawing is a blend with what lies under it. */
const INWARD_MM = [5, 8, 12, 18] as const;
const FACES_FRONT = 0.2;

/** A painted body without its head, ready to be looked at from anywhere. */
export function turnedBody(painted: PaintedBody): TurnedSurface {
  const { physique, bridgeMm, light, charts, sheen, skin } = painted;
  const { positions, normals, triangles, room } = bodySurface(physique, bridgeMm);
  const lamp = lampTowards(light, false);
  const lit = lampLightOnBody(
    { positions, normals, triangles },
    lamp,
    bodyShapeOf(physique).size,
    bridgeMm,
  );
  const all = lit.map(
    (share, i) => LAMP * share + ROOM * room[i]! + FRONT * Math.max(0, normals[3 * i + 2]!),
  );
  const plain = plainOf(all.filter((_, i) => normals[3 * i + 2]! > FACES_FRONT));
  /** What the charts show at a pixel, looked for a little further in where the drawing ends first. */
  const fromCharts = (of: PaintedBody["charts"], spot: Spot, sum: Float32Array): number => {
    const x = valueOn(spot, positions, 3, 0);
    const y = valueOn(spot, positions, 3, 1);
    const across = valueOn(spot, normals, 3, 0);
    const front = step(-MEET, MEET, valueOn(spot, normals, 3, 2));
    sum.fill(0);
    for (const mm of INWARD_MM) {
      const inward = x - across * Math.abs(across) * mm;
      const found =
        addColour(of.bodyFront, inward, y, front, sum) +
        addColour(of.bodyBack, -inward, y, 1 - front, sum);
      if (found > 0.2) return found;
    }
    return addColour(of.bodyFront, x, y, 1, sum) + addColour(of.bodyBack, -x, y, 1, sum);
  };
  const shine = new Float32Array(3);
  return {
    ...{ positions, normals, triangles, lit },
    light: all.map((value) => shareOfLight(value, plain) ** SOFT),
    isShown: () => true,
    colourAt(spot, sum) {
      const found = fromCharts(charts, spot, sum);
      if (found < 0.2) skin.forEach((code, k) => (sum[k] = lightOfCode(code)));
      else for (let k = 0; k < 3; k++) sum[k]! /= found;
    },
    sheenAt: sheen
      ? (spot) => {
          const found = fromCharts(sheen, spot, shine);
          return found ? shine[0]! / found : 0;
        }
      : null,
  };
}

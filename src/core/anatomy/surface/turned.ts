import { codeOfLight } from "./chartPicture";
import { lampTowards, type LightKey } from "./light";
import { newSpot, rasterise, spotAt, valueOn, type Raster, type Spot } from "./raster";
import { MOST_WHITE, mirroredAt } from "./relief";
import type { Vec } from "./smooth";
import { turnedBody, type PaintedBody } from "./turnedBody";
import { turnedHead, type PaintedHead } from "./turnedHead";
import type { TurnedSurface } from "./turnedSurface";

/** What is turned: a head, with its body or by itself. */
export interface PaintedFigure {
  readonly head: PaintedHead;
  readonly body: PaintedBody | null;
}

/** From where it is looked at: degrees to the person's left and upwards, and pixels a side. */
export interface Standpoint {
  readonly yaw: number;
  readonly pitch: number;
  readonly width: number;
  readonly height: number;
}

/** What a picture shows: the height of its middle, how far forward it turns, and the mm that are in its height. */
interface Frame {
  readonly y: number;
  readonly z: number;
  readonly mm: number;
}
const OF_HEAD: Frame = { y: -22, z: -82, mm: 300 };
/** Above the crown and under the soles of a body, mm. */
const ROUND_MM = 60;
const frameOf = ({ head, body }: PaintedFigure): Frame => {
  if (!body) return OF_HEAD;
  const [top, floor] = [head.face.vertex.y, -body.bridgeMm];
  return { y: (top + floor) / 2, z: -105, mm: top - floor + 2 * ROUND_MM };
};

/** The two axes of a turn. */
function axesOf({ yaw, pitch }: Standpoint) {
  const [turn, tilt] = [(yaw * Math.PI) / 180, (pitch * Math.PI) / 180];
  return { ct: Math.cos(turn), st: Math.sin(turn), cp: Math.cos(tilt), sp: Math.sin(tilt) };
}

function laidFrom(positions: Float32Array, frame: Frame, from: Standpoint) {
  const { ct, st, cp, sp } = axesOf(from);
  const { width, height } = from;
  const px = height / frame.mm;
  const count = positions.length / 3;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    const x = positions[3 * i]!;
    const y = positions[3 * i + 1]! - frame.y;
    const z = positions[3 * i + 2]! - frame.z;
    const forward = x * st + z * ct;
    laid.x[i] = width / 2 + px * (x * ct - z * st);
    laid.y[i] = height / 2 - px * (y * cp - forward * sp);
    laid.near[i] = y * sp + forward * cp;
  }
  return laid;
}

/** A surface as it is seen from somewhere. */
interface Seen {
  readonly surface: TurnedSurface;
  readonly raster: Raster;
  readonly near: Float32Array;
}

/** Which of the surfaces is nearest at a pixel, its spot filled; null where there is none. */
function nearestAt(seen: readonly Seen[], at: number, spot: Spot): TurnedSurface | null {
  let nearest: Seen | null = null;
  let most = -Infinity;
  for (const one of seen) {
    if (one.raster.triangle[at]! < 0) continue;
    spotAt(one.raster, one.surface.triangles, at, spot);
    const depth = valueOn(spot, one.near);
    if (depth <= most || !one.surface.isShown(spot)) continue;
    most = depth;
    nearest = one;
  }
  // The one looked at last may lie behind.
  if (nearest && nearest !== seen.at(-1))
    spotAt(nearest.raster, nearest.surface.triangles, at, spot);
  return nearest?.surface ?? null;
}

/** The share of white that the lamp puts on what shines at a spot. */
function glossAt(
  { sheenAt, normals, lit }: TurnedSurface,
  spot: Spot,
  lamp: Vec,
  towards: Vec,
): number {
  const sheen = sheenAt ? sheenAt(spot) : 0;
  if (!sheen) return 0;
  const normal: Vec = [
    valueOn(spot, normals, 3, 0),
    valueOn(spot, normals, 3, 1),
    valueOn(spot, normals, 3, 2),
  ];
  return sheen * MOST_WHITE * mirroredAt(normal, valueOn(spot, lit), lamp, towards);
}

/**
 * A painted figure that can be looked at from anywhere. Each pixel takes its colour from the chart that sees it
 * most squarely, and is lit in linear light by the lamp, which stays where it hangs on the stage; what shines
 * mirrors it towards who looks.
 *
 * @returns pixels for a standpoint; nothing is drawn round the figure
 */
export function turnable(
  painted: PaintedFigure,
): (from: Standpoint) => Uint8ClampedArray<ArrayBuffer> {
  const surfaces = [
    turnedHead(painted.head, painted.body !== null),
    ...(painted.body ? [turnedBody(painted.body)] : []),
  ];
  const frame = frameOf(painted);
  const lamp = lampTowards(painted.head.light satisfies LightKey, false);
  const [sum, spot] = [new Float32Array(3), newSpot()];
  return (from) => {
    const { width, height } = from;
    const { ct, st, cp, sp } = axesOf(from);
    const towards: Vec = [st * cp, sp, ct * cp];
    const seen = surfaces.map((surface): Seen => {
      const laid = laidFrom(surface.positions, frame, from);
      const raster = rasterise(laid, surface.triangles, width, height);
      return { surface, raster, near: laid.near };
    });
    const pixels = new Uint8ClampedArray(width * height * 4);
    for (let at = 0; at < width * height; at++) {
      const surface = nearestAt(seen, at, spot);
      if (!surface) continue;
      surface.colourAt(spot, sum);
      const light = valueOn(spot, surface.light);
      const white = glossAt(surface, spot, lamp, towards);
      for (let k = 0; k < 3; k++) {
        const code = codeOfLight(sum[k]! * light);
        pixels[4 * at + k] = code + white * (255 - code);
      }
      pixels[4 * at + 3] = 255;
    }
    return pixels;
  };
}

/** How turned it is, as one says it. */
export function turnWords(yaw: number): string {
  const far = Math.round(Math.abs(yaw));
  const side = yaw > 0 ? "left" : "right";
  if (far < 8) return "from the front";
  if (far > 172) return "from behind";
  if (far < 70) return `three-quarter, their ${side}`;
  if (far <= 110) return `their ${side} profile`;
  return `from behind, their ${side}`;
}

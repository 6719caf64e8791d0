import { bodyShapeOf } from "../bodyShape";
import type { Physique } from "../physique";
import { bodySurface, type Body } from "./body";
import { lampLightOnBody, lampTowards, type LightKey } from "./light";
import { rasterise } from "./raster";
import {
  FRONT,
  formPicture,
  glossPicture,
  LAMP,
  mirrored,
  onPixels,
  ROOM,
  type ChartBox,
  type Relief,
} from "./relief";
import type { Vec } from "./smooth";

/** Flat maps of the body: towards whom the surface is seen. From behind the person's left is on the left. */
const BODY_CHARTS = {
  bodyFront: { towards: [0, 0, 1] },
  bodyBack: { towards: [0, 0, -1] },
} as const satisfies Record<string, { towards: Vec }>;
export type BodyChart = keyof typeof BODY_CHARTS;

export interface BodyReliefRequest {
  readonly part: "body";
  readonly physique: Physique;
  /** How high the bridge of the nose is above the floor, mm. */
  readonly bridgeMm: number;
  readonly chart: BodyChart;
  readonly light: LightKey;
  readonly what: "form" | "gloss";
  readonly box: ChartBox;
}

/** Shade on a body is drawn softer than on a face, that its colours are read first. By eye, no published source. */
export const SOFT = 0.75;
/** Fineness of the picture, pixels a mm. */
const PX = 0.8;

/** Where the vertices lie on a chart, in pixels of its picture. */
function laidOn({ positions }: Body, { chart, box }: BodyReliefRequest) {
  const [, , towards] = BODY_CHARTS[chart].towards;
  const count = positions.length / 3;
  const laid = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    near: new Float32Array(count),
  };
  for (let i = 0; i < count; i++) {
    laid.x[i] = (towards * positions[3 * i]! - box.left) * PX;
    laid.y[i] = (-positions[3 * i + 1]! - box.top) * PX;
    laid.near[i] = towards * positions[3 * i + 2]!;
  }
  return laid;
}

/** The relief of a body on one of its flat maps, in one light: pure, for a worker. */
export function bodyRelief(request: BodyReliefRequest): Relief {
  const { physique, bridgeMm, chart, light, what, box } = request;
  const body = bodySurface(physique, bridgeMm);
  const { towards } = BODY_CHARTS[chart];
  const [width, height] = [Math.round(box.width * PX), Math.round(box.height * PX)];
  const raster = rasterise(laidOn(body, request), body.triangles, width, height);
  const lamp = lampTowards(light, towards[2] < 0);
  const lit = lampLightOnBody(body, lamp, bodyShapeOf(physique).size, bridgeMm);
  if (what === "gloss") {
    const shine = mirrored(body.normals, lit, lamp, towards);
    return { width, height, box, rgba: glossPicture(onPixels(raster, body.triangles, shine, 0)) };
  }
  const all = lit.map((share, i) => {
    const front = Math.max(0, towards[2] * body.normals[3 * i + 2]!);
    return (LAMP * share + ROOM * body.room[i]! + FRONT * front) ** SOFT;
  });
  return {
    ...{ width, height, box },
    rgba: formPicture(onPixels(raster, body.triangles, all, NaN), width, height),
  };
}

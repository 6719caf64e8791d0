import { z } from "zod";
import { DRAWN, type LandmarkName, type Landmarks } from "../landmarks";
import { PHYSIQUE_LIMITS } from "../physique";
import { point } from "../point";
import type { BodyReliefRequest } from "./bodyRelief";
import { LIGHT_KEYS } from "./light";
import type { HeadReliefRequest } from "./relief";

export type ReliefRequest = HeadReliefRequest | BodyReliefRequest;

const NAMES = Object.keys(DRAWN) as LandmarkName[];
/** What is finer than this shows in no picture, and asks for the same one; a mm has so many parts. */
const PARTS = 10;
const rounded = (value: number) => Math.round(value * PARTS) / PARTS;

/** Farthest that anything of a head is from its middle, and largest picture of a body, mm. */
const [FAR_MM, LARGE_MM] = [500, 3200];

const numbers = (count: number, most: number) =>
  z
    .string()
    .transform((text) => text.split(",").map(Number))
    .pipe(z.array(z.number().min(-most).max(most)).length(count));

const between = ([min, max]: readonly [number, number]) => z.coerce.number().min(min).max(max);

const Common = z.object({ light: z.enum(LIGHT_KEYS), what: z.enum(["form", "gloss"]) });

const HeadQuery = Common.extend({
  part: z.literal("head"),
  chart: z.enum(["face", "leftProfile", "rightProfile", "backOfHead", "topOfHead"]),
  age: between([0, 130]),
  face: numbers(2 * NAMES.length, FAR_MM),
}).transform(({ age, face, ...same }): HeadReliefRequest => ({
  ...same,
  ageYears: age,
  face: Object.fromEntries(
    NAMES.map((name, i) => [name, point(face[2 * i]!, face[2 * i + 1]!)]),
  ) as Record<LandmarkName, Landmarks[LandmarkName]>,
}));

const BodyQuery = Common.extend({
  part: z.literal("body"),
  chart: z.enum(["bodyFront", "bodyBack"]),
  age: between([0, 130]),
  height: between(PHYSIQUE_LIMITS.heightCm),
  weight: between(PHYSIQUE_LIMITS.weightKg),
  bridge: between([0, LARGE_MM]),
  box: numbers(4, LARGE_MM).refine(
    ([, , width = 0, height = 0]) => width > 0 && height > 0,
    "has no size",
  ),
}).transform(({ age, height, weight, bridge, box, ...same }): BodyReliefRequest => ({
  ...same,
  physique: { heightCm: height, weightKg: weight, ageYears: age },
  bridgeMm: bridge,
  box: { left: box[0]!, top: box[1]!, width: box[2]!, height: box[3]! },
}));

/** What a picture of a relief is asked for with, from a query's words. */
export const ReliefQuerySchema = z.union([HeadQuery, BodyQuery], {
  error: "asks for no relief of a head or a body",
});

/** The words of a query that asks for a relief: the same for whatever would look the same. */
export function reliefQuery(request: ReliefRequest): string {
  const { part, chart, light, what } = request;
  const own: Readonly<Record<string, string | number>> =
    request.part === "head"
      ? {
          age: Math.round(request.ageYears),
          face: NAMES.flatMap((name) => {
            const { x, y } = request.face[name];
            return [rounded(x), rounded(y)];
          }).join(),
        }
      : {
          age: Math.round(request.physique.ageYears),
          height: request.physique.heightCm,
          weight: request.physique.weightKg,
          bridge: rounded(request.bridgeMm),
          box: [request.box.left, request.box.top, request.box.width, request.box.height].join(),
        };
  return Object.entries({ part, chart, light, what, ...own })
    .map(([name, value]) => `${name}=${value}`)
    .join("&");
}

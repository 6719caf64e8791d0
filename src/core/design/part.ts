import { z } from "zod";
import {
  between,
  boundingBox,
  centroid,
  inStrip,
  point,
  shareInStrip,
  type Figure,
  type Polygon,
  type Strip,
  type ZoneId,
} from "../anatomy";
import type { Layer } from "./schema";

/** Thirds of an area: across it, or from the midline outwards. */
export const THIRDS = ["upper", "level", "lower", "inner", "middle", "outer"] as const;
export type Third = (typeof THIRDS)[number];

const across = z.number().min(-2200, "at least -2200 mm").max(2200, "at most 2200 mm");

/** Sides that a part can run along. */
export const RIM_SIDES = ["upper", "lower", "inner", "outer"] as const;
export type RimSide = (typeof RIM_SIDES)[number];

/** A middle of less than this share of its area is a shape. */
export const LEAST_MIDDLE = 0.02;

/** What of its areas a layer covers: all of each, its middle, a third of it, so many mm along a side, or what lies between two lines across the figure. */
export const PartSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("whole") }).strict(),
  z
    .object({
      kind: z.literal("middle"),
      /** Of the area, shrunk round its centre. */
      share: z.number().min(LEAST_MIDDLE, "at least 2 %").max(1, "at most 100 %"),
    })
    .strict(),
  z.object({ kind: z.literal("third"), side: z.enum(THIRDS) }).strict(),
  z
    .object({
      kind: z.literal("along"),
      side: z.enum(RIM_SIDES),
      mm: z.number().min(1, "at least 1 mm").max(200, "at most 200 mm"),
    })
    .strict(),
  z
    .object({
      kind: z.literal("strip"),
      /** Which way it runs across: 0 from the person's right to their left, 90 upwards. */
      turnDeg: z.number().min(-180).max(180),
      /** Its lines, mm from the bridge of the nose in that way. */
      fromMm: across,
      toMm: across,
    })
    .strict()
    .refine(({ fromMm, toMm }) => fromMm < toMm, {
      path: ["toMm"],
      message: "it ends before it begins",
    }),
]);
export type Part = z.infer<typeof PartSchema>;
export const WHOLE: Part = { kind: "whole" };
/** So much of the middle of each area; all of it from 1 on. */
export const middle = (share: number): Part => (share < 1 ? { kind: "middle", share } : WHOLE);
/** How much of the middle of its areas it asks for; 1 where it asks for no middle. */
export const middleOf = (part: Part): number => (part.kind === "middle" ? part.share : 1);

/** What a part is called where it is chosen and told. */
export const THIRD_WORDS: Readonly<Record<Third, string>> = {
  upper: "upper third",
  level: "middle third, top to bottom",
  lower: "lower third",
  inner: "inner third, next to the midline",
  middle: "middle third, inner to outer",
  outer: "outer third",
};

/** Whether it lies between straight lines: a third, along an edge, a strip. */
export const liesInStrips = ({ kind }: Part): boolean => kind !== "whole" && kind !== "middle";

/** "all of its areas", "the upper third of each area", "a strip 24 mm wide". */
export function partWords(part: Part): string {
  switch (part.kind) {
    case "whole":
      return "all of its areas";
    case "middle":
      return `${Math.round(part.share * 100)} % of each area, in its middle`;
    case "third":
      return `the ${THIRD_WORDS[part.side]} of each area`;
    case "along":
      return `${part.mm} mm along the ${part.side} edge of each area`;
    case "strip":
      return `a strip ${Math.round(part.toMm - part.fromMm)} mm wide`;
  }
}

export const isSamePart = (a: Part, b: Part): boolean => JSON.stringify(a) === JSON.stringify(b);

/** An area whose middle is nearer to the midline than this lies on both sides of it, mm. */
const ON_MIDLINE_MM = 1;
const UP = point(0, 1);

/** The strips that a third of an area is: the outer third of one on the midline is two. */
function thirdOf(polygon: Polygon, side: Third): readonly Strip[] {
  const { left, right, top, bottom } = boundingBox(polygon);
  const [width, height] = [(right - left) / 3, (top - bottom) / 3];
  const level = (fromMm: number, toMm: number): Strip => ({ across: UP, fromMm, toMm });
  if (side === "upper") return [level(top - height, Infinity)];
  if (side === "level") return [level(bottom + height, top - height)];
  if (side === "lower") return [level(-Infinity, bottom + height)];
  const x = centroid(polygon).x;
  const out = (fromMm: number, toMm: number, sign: 1 | -1): Strip => ({
    across: point(sign, 0),
    fromMm,
    toMm,
  });
  if (Math.abs(x) < ON_MIDLINE_MM) {
    const sixth = width / 2;
    if (side === "inner") return [out(-sixth, sixth, 1)];
    const [from, to] = side === "middle" ? [sixth, 2 * sixth] : [2 * sixth, Infinity];
    return [out(from, to, 1), out(from, to, -1)];
  }
  const sign = x > 0 ? 1 : -1;
  const near = x > 0 ? left : -right;
  if (side === "inner") return [out(-Infinity, near + width, sign)];
  return side === "middle"
    ? [out(near + width, near + 2 * width, sign)]
    : [out(near + 2 * width, Infinity, sign)];
}

/** The strips along a side of an area: both outer edges of one on the midline, whose inner is the midline itself. */
function alongSide(polygon: Polygon, side: RimSide, mm: number): readonly Strip[] {
  const { left, right, top, bottom } = boundingBox(polygon);
  if (side === "upper") return [{ across: UP, fromMm: top - mm, toMm: Infinity }];
  if (side === "lower") return [{ across: UP, fromMm: -Infinity, toMm: bottom + mm }];
  const x = centroid(polygon).x;
  const isCentral = Math.abs(x) < ON_MIDLINE_MM;
  const signs = isCentral ? [1, -1] : [x > 0 ? 1 : -1];
  return signs.map((sign): Strip => {
    const [near, far] = sign > 0 ? [left, right] : [-right, -left];
    const start = isCentral ? 0 : near;
    return side === "inner"
      ? { across: point(sign, 0), fromMm: isCentral ? 0 : -Infinity, toMm: start + mm }
      : { across: point(sign, 0), fromMm: Math.max(start, far - mm), toMm: Infinity };
  });
}

/** Where a layer of some part lies on an area, as strips of it; null for all of it or its middle. */
export function stripsOf(part: Part, polygon: Polygon): readonly Strip[] | null {
  if (part.kind === "whole" || part.kind === "middle") return null;
  if (part.kind === "third") return thirdOf(polygon, part.side);
  if (part.kind === "along") return alongSide(polygon, part.side, part.mm);
  const turn = (part.turnDeg * Math.PI) / 180;
  return [{ across: point(Math.cos(turn), Math.sin(turn)), fromMm: part.fromMm, toMm: part.toMm }];
}

/** Share of an area that a part of it is, 0 to 1. */
export const partShare = (part: Part, polygon: Polygon): number =>
  Math.min(
    1,
    stripsOf(part, polygon)?.reduce((sum, strip) => sum + shareInStrip(polygon, strip), 0) ??
      middleOf(part),
  );

/** What of an area a layer of some part covers, as outlines. */
export const coveredOf = ({ part }: Pick<Layer, "part">, polygon: Polygon): readonly Polygon[] =>
  stripsOf(part, polygon)?.map((strip) => inStrip(polygon, strip)) ?? [
    shrunk(polygon, middleOf(part)),
  ];

/** A polygon made smaller round its centre to a share of its area. */
function shrunk(polygon: Polygon, share: number): Polygon {
  if (share >= 1) return polygon;
  const centre = centroid(polygon);
  return polygon.map((p) => between(centre, p, Math.sqrt(share)));
}

/** Share of a zone that a layer without shapes covers, 0 to 1. */
export const shareOfZone = (
  { part }: Pick<Layer, "part">,
  zone: ZoneId,
  of: { readonly figure: Figure },
): number =>
  part.kind === "whole" || part.kind === "middle"
    ? middleOf(part)
    : partShare(part, of.figure.zone(zone).polygon);

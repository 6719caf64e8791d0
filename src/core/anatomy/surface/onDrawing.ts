import { rememberBy } from "../../remember";
import { buildFigure } from "../figure";
import { DRAWN } from "../landmarks";
import type { Polygon } from "../polygon";
import { headSurface, type Head } from "./head";
import { PART } from "./mesh";
import { clamp, curve, mix, step } from "./smooth";

/**
 * The drawing of the front is a map of the surface: its crown stands 5 mm higher and its neck ends
 * sooner. Heights of the surface of the average adult and where they lie on the drawing, mm.
 */
const ENDS = curve([
  [-200, -190],
  [-182, -171],
  [-172, -162],
  [-165, -153],
  [-150, -138],
  [-119, -119],
  [61, 61],
  [105, DRAWN.vertex.y],
]);

const [CHIN, HAIRLINE] = [-119, 61];
const heightOn = (y: number) => (y >= CHIN && y <= HAIRLINE ? y : ENDS(y));

/** Between these heights the edge of the drawing goes over from the face to the neck behind it, mm. */
const [JAW, NECK] = [-66, -84];
/** From this share of the breadth outwards the surface is fitted to the drawing's edge. */
const FITTED = 0.6;
const [TOP, FOOT] = [DRAWN.vertex.y, -190];
/** The edges of drawing and surface differ by less than this; where they seem to differ by more, one has ended. */
const [LEAST, MOST] = [0.8, 1.3];

/** The farthest that a closed line reaches to its left at a height, mm. */
export function breadthAt(outline: Polygon, y: number): number {
  let widest = 0;
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p;
    if (p.y > y !== q.y > y)
      widest = Math.max(widest, p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y));
  });
  return widest;
}

/** Half the breadth of the average surface at each whole height of the drawing, from its foot up. */
function breadths({ drawn, parts }: Head): Float32Array {
  const widest = new Float32Array(TOP - FOOT + 1);
  for (let i = 0; i < parts.length; i++) {
    if (parts[i] !== PART.skin) continue;
    const row = Math.round(heightOn(drawn[2 * i + 1]!)) - FOOT;
    const x = Math.abs(drawn[2 * i]!);
    // Rows between those of the mesh take from both sides.
    for (let k = row - 3; k <= row + 3; k++)
      if (k >= 0 && k < widest.length) widest[k] = Math.max(widest[k]!, x);
  }
  return widest;
}

/** How much wider the drawing is than the surface at a height. */
const edgeRatio = rememberBy(1, String, (detail: number) => {
  const figure = buildFigure(DRAWN);
  const neck: Polygon = [
    ...figure.strand("neckSide", "left"),
    ...figure.strand("shoulder", "left"),
    ...[...figure.strand("shoulder", "right")].reverse(),
    ...[...figure.strand("neckSide", "right")].reverse(),
  ];
  const widest = breadths(headSurface({ detail }));
  const ratios = Float32Array.from(widest, (own, k) => {
    const y = k + FOOT;
    const face = breadthAt(figure.outline, y);
    const edge = mix(face, breadthAt(neck, y) || face, step(JAW, NECK, y));
    return own > 1 && edge > 1 ? clamp(edge / own, LEAST, MOST) : 1;
  });
  return (y: number): { readonly ratio: number; readonly own: number } => {
    const row = clamp(y - FOOT, 0, ratios.length - 1);
    const [low, high] = [Math.floor(row), Math.ceil(row)];
    return {
      ratio: mix(ratios[low]!, ratios[high]!, row - low),
      own: Math.max(1, mix(widest[low]!, widest[high]!, row - low)),
    };
  };
});

/**
 * Where each vertex lies on the drawing of the average adult, mm: inside as the surface is seen from the
 * front, at its edge exactly on the drawing's own.
 */
export function onDrawing(head: Head, detail: number): Float32Array {
  const edge = edgeRatio(detail);
  const placed = new Float32Array(head.drawn.length);
  for (let i = 0; i < head.parts.length; i++) {
    const [x, y] = [head.drawn[2 * i]!, heightOn(head.drawn[2 * i + 1]!)];
    const { ratio, own } = edge(y);
    const share = head.parts[i] === PART.ear ? 1 : step(FITTED, 1, Math.abs(x) / own);
    placed[2 * i] = x * mix(1, ratio, share);
    placed[2 * i + 1] = y;
  }
  return placed;
}

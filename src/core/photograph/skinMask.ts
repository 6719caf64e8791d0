import { convexHull, type Point } from "../anatomy";
import { LIGHT_OF_CODES } from "../anatomy/surface";
import type { Photograph } from "./paintOver";

/** Every pixel's share of skin, 0 to 255. */
export type SkinMask = Uint8Array;

/** Logarithms of light, so that how bright it is falls out of a difference; nothing is darker than this. */
const LOGS = Float32Array.from(LIGHT_OF_CODES, (light) => Math.log(Math.max(0.002, light)));

const middleOf = (values: Float32Array): number => values.toSorted()[values.length >> 1] ?? 0;

/** So far off in hue something is hardly skin any more, and so far it is none: in logarithms of light. By eye, no published source. */
const [NEAR, FAR] = [0.22, 0.38];
/** Skin that is mottled is given as many of its own spreads. */
const SPREADS = 3;

/**
 * How much of each pixel of a bare face is skin: all of what lies between its landmarks, and outside of them what has its hue,
 * as ears and neck have and a wall has not. Round the eyes hue tells too: their whites take no paint.
 *
 * @param eyes the corners of each
 */
export function skinMask(
  photo: Photograph,
  landmarks: readonly Point[],
  eyes: readonly (readonly [Point, Point])[] = [],
): SkinMask {
  const { width, height, data } = photo;
  const outline = convexHull(landmarks);
  const mask = new Uint8Array(width * height);
  const hue = (i: number): [number, number] => {
    const [red, green, blue] = [0, 1, 2].map((k) => LOGS[data[4 * i + k] ?? 0] ?? 0) as [
      number,
      number,
      number,
    ];
    return [red - green, blue - green];
  };
  const [reds, blues]: [number[], number[]] = [[], []];
  for (let y = 0; y < height; y += 4) {
    const [from, to] = span(outline, y);
    for (let x = Math.max(0, Math.ceil(from)); x <= Math.min(width - 1, to); x += 4) {
      const [red, blue] = hue(y * width + x);
      reds.push(red);
      blues.push(blue);
    }
  }
  const known = [reds, blues].map((values) => {
    const sorted = Float32Array.from(values);
    const middle = middleOf(sorted);
    return { middle, spread: middleOf(sorted.map((value) => Math.abs(value - middle))) };
  }) as [{ middle: number; spread: number }, { middle: number; spread: number }];
  const wide = Math.max(1, (SPREADS * Math.hypot(known[0].spread, known[1].spread)) / NEAR);
  for (let y = 0; y < height; y++) {
    // Where a row enters the outline and leaves it: it is convex.
    const [from, to] = span(outline, y);
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      if (x >= from && x <= to && !eyes.some((eye) => isInEye(eye, x, y))) {
        mask[i] = 255;
        continue;
      }
      const [red, blue] = hue(i);
      const off = Math.hypot(red - known[0].middle, blue - known[1].middle) / wide;
      mask[i] = Math.round(255 * Math.min(1, Math.max(0, (FAR - off) / (FAR - NEAR))));
    }
  }
  return mask;
}

/** An eye is so much wider than its corners are apart, and so high against that. By eye, no published source. */
const [EYE_WIDE, EYE_HIGH] = [0.65, 0.3];

function isInEye([a, b]: readonly [Point, Point], x: number, y: number): boolean {
  const wide = Math.hypot(a.x - b.x, a.y - b.y);
  const [u, v] = [x - (a.x + b.x) / 2, y - (a.y + b.y) / 2];
  return (u / (EYE_WIDE * wide)) ** 2 + (v / (EYE_HIGH * wide)) ** 2 <= 1;
}

/** From where to where a row lies inside a convex outline; nowhere where it does not. */
function span(outline: readonly Point[], y: number): [from: number, to: number] {
  let [from, to] = [Infinity, -Infinity];
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p;
    if (p.y > y === q.y > y) return;
    const x = p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x);
    from = Math.min(from, x);
    to = Math.max(to, x);
  });
  return [from, to];
}

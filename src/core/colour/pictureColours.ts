import { converter } from "culori";
import { seededRandom } from "../random";
import { deltaE00 } from "./difference";
import { hexToLab, type Lab } from "./lab";

export interface PictureColour {
  readonly hex: string;
  readonly lab: Lab;
  /** Of the picture's area, 0-1. */
  readonly share: number;
  /** A small area kept because nothing else in the picture is like it. */
  readonly accent: boolean;
}

const toOklab = converter("oklab");
const toRgb = converter("rgb");

type Triple = readonly [number, number, number];
interface Bin {
  readonly at: Triple;
  readonly weight: number;
}

const distance2 = (a: Triple, b: Triple) =>
  (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2;

/** Pixels that differ by less than this in sRGB's top five bits count as one colour while clustering. */
const BITS = 5;
/** Pixels more see-through than this are not of the picture. */
const OPAQUE = 128;

/** Colours of a picture with how often each comes, as means of 32 x 32 x 32 bins, in OKLab. */
function bins(pixels: Uint8ClampedArray): Bin[] {
  const sums = new Map<number, [r: number, g: number, b: number, n: number]>();
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    if ((pixels[i + 3] ?? 0) < OPAQUE) continue;
    const [r, g, b] = [pixels[i] ?? 0, pixels[i + 1] ?? 0, pixels[i + 2] ?? 0];
    const key = ((r >> (8 - BITS)) << (2 * BITS)) | ((g >> (8 - BITS)) << BITS) | (b >> (8 - BITS));
    const sum = sums.get(key);
    if (sum) {
      sum[0] += r;
      sum[1] += g;
      sum[2] += b;
      sum[3]++;
    } else sums.set(key, [r, g, b, 1]);
  }
  return [...sums.values()].map(([r, g, b, n]) => {
    const {
      l,
      a,
      b: bb,
    } = toOklab({ mode: "rgb", r: r / n / 255, g: g / n / 255, b: b / n / 255 });
    return { at: [l, a, bb] as const, weight: n };
  });
}

function hexOfOklab([l, a, b]: Triple): string {
  const rgb = toRgb({ mode: "oklab", l, a, b });
  const part = (v: number) =>
    Math.round(Math.min(1, Math.max(0, v)) * 255)
      .toString(16)
      .padStart(2, "0");
  return `#${part(rgb.r)}${part(rgb.g)}${part(rgb.b)}`;
}

const nearest = (at: Triple, centres: readonly Triple[]): { index: number; away: number } =>
  centres.reduce(
    (best, centre, index) => {
      const away = distance2(at, centre);
      return away < best.away ? { index, away } : best;
    },
    { index: 0, away: Infinity },
  );

/** k-means++ seeding (Arthur & Vassilvitskii 2007) and Lloyd's iterations on weighted points. */
function kMeans(points: readonly Bin[], k: number, random: () => number): Triple[] {
  const draw = (weights: readonly number[]): number => {
    let at = random() * weights.reduce((sum, w) => sum + w, 0);
    return Math.max(
      0,
      weights.findIndex((w) => (at -= w) < 0),
    );
  };
  const centres: Triple[] = [(points[draw(points.map(({ weight }) => weight))] as Bin).at];
  while (centres.length < Math.min(k, points.length)) {
    const away = points.map((p) => p.weight * nearest(p.at, centres).away);
    if (away.every((w) => w === 0)) break;
    centres.push((points[draw(away)] as Bin).at);
  }
  return settle(points, centres, 40);
}

/** Lloyd's iterations: each centre moves to the mean of what is nearest to it. */
function settle(points: readonly Bin[], from: readonly Triple[], rounds: number): Triple[] {
  let centres = [...from];
  for (let round = 0; round < rounds; round++) {
    const sums = centres.map(() => [0, 0, 0, 0] as [number, number, number, number]);
    for (const { at, weight } of points) {
      const sum = sums[nearest(at, centres).index];
      if (sum) {
        sum[0] += at[0] * weight;
        sum[1] += at[1] * weight;
        sum[2] += at[2] * weight;
        sum[3] += weight;
      }
    }
    const moved = sums.map(([x, y, z, n], i): Triple =>
      n ? [x / n, y / n, z / n] : (centres[i] as Triple),
    );
    const shift = Math.max(...moved.map((centre, i) => distance2(centre, centres[i] as Triple)));
    centres = moved;
    if (shift < 1e-8) break;
  }
  return centres;
}

/** Distance in OKLab from which a small colour is a thing of its own (some dE00 15). Common practice, no published source. */
const DISTINCT = 0.13;
/** An accent is at least this much of the picture: less is noise of its compression. */
const LEAST_ACCENT = 0.0015;
/** Whether a colour is a blend of two others, as the smoothed edge between them is. */
function liesBetween(p: Triple, a: Triple, b: Triple): boolean {
  const along = [b[0] - a[0], b[1] - a[1], b[2] - a[2]] as const;
  const length2 = along[0] ** 2 + along[1] ** 2 + along[2] ** 2;
  const t = length2
    ? ((p[0] - a[0]) * along[0] + (p[1] - a[1]) * along[1] + (p[2] - a[2]) * along[2]) / length2
    : 0;
  return (
    t > 0.1 &&
    t < 0.9 &&
    distance2(p, [a[0] + t * along[0], a[1] + t * along[1], a[2] + t * along[2]]) < SEAM ** 2
  );
}
/** How far from the straight way between two colours a blend of them may lie in OKLab. Common practice, no published source. */
const SEAM = 0.04;
/** An area is at least this much of the picture; less, and a blend of two others, lies on their seam. */
const LEAST_AREA = 0.008;
/** Swatches closer than this are one, dE00. */
const SAME = 5;

/**
 * The palette of a picture: k-means++ in OKLab on its areas, then the small colours that no area stands for, the most distinct first.
 * @param pixels RGBA, four bytes a pixel, of a picture already made small (some 200 x 200)
 * @param o.count swatches at most, accents included, 6 by default
 * @param o.accents how many of them may be accents, 2 by default
 * @param o.seed the same seed gives the same palette, 1 by default
 * @returns largest share first; shares add up to 1; empty for a picture with nothing opaque in it
 * @throws RangeError when count is below one
 */
export function coloursOfPicture(
  pixels: Uint8ClampedArray,
  o: { count?: number; accents?: number; seed?: number } = {},
): PictureColour[] {
  const { count = 6, accents = 2, seed = 1 } = o;
  if (!(count >= 1)) throw new RangeError("a palette has a swatch or more");
  const points = bins(pixels);
  if (!points.length) return [];
  const whole = points.reduce((sum, { weight }) => sum + weight, 0);
  let centres = kMeans(points, Math.max(1, count - accents), seededRandom(seed));
  const areas = centres.length;
  while (centres.length < areas + accents) {
    // Of what lies far from every swatch, the colour with most area and distance; its neighbours move it to their mean.
    const far = points
      .map((p) => ({ p, away: Math.sqrt(nearest(p.at, centres).away) }))
      .filter(({ away }) => away > DISTINCT);
    const clumps = far.map(({ p, away }) => {
      const near = far.filter((q) => distance2(q.p.at, p.at) < (DISTINCT / 2) ** 2);
      return { near, weight: near.reduce((sum, q) => sum + q.p.weight, 0), away };
    });
    const best = clumps
      .filter(({ weight }) => weight / whole >= LEAST_ACCENT)
      .sort((a, b) => b.away * b.weight ** 0.25 - a.away * a.weight ** 0.25)[0];
    if (!best) break;
    const mean = [0, 1, 2].map(
      (axis) =>
        best.near.reduce((sum, { p }) => sum + (p.at[axis] ?? 0) * p.weight, 0) / best.weight,
    ) as unknown as Triple;
    centres = [...centres, mean];
  }
  // What the accents took no longer pulls at the areas.
  centres = settle(points, centres, 3);
  const weigh = (among: readonly Triple[]) => {
    const sums = among.map(() => 0);
    for (const { at, weight } of points) {
      const { index } = nearest(at, among);
      sums[index] = (sums[index] ?? 0) + weight;
    }
    return sums;
  };
  // What little is left on the seams between areas is no colour of the picture.
  const first = weigh(centres);
  const large = centres.filter((_, i) => (first[i] ?? 0) / whole >= LEAST_AREA);
  const onSeam = (centre: Triple) =>
    large.some((a, k) => large.slice(k + 1).some((b) => liesBetween(centre, a, b)));
  const kept = centres
    .map((_, i) => i)
    .filter((i) => (first[i] ?? 0) / whole >= LEAST_AREA || !onSeam(centres[i] as Triple));
  centres = kept.map((i) => centres[i] as Triple);
  const weights = weigh(centres);
  const swatches = centres.map((centre, i): PictureColour => {
    const hex = hexOfOklab(centre);
    return {
      hex,
      lab: hexToLab(hex),
      share: (weights[i] ?? 0) / whole,
      accent: (kept[i] ?? 0) >= areas,
    };
  });
  const merged = swatches
    .filter(({ share }) => share > 0)
    .sort((a, b) => b.share - a.share)
    .reduce<PictureColour[]>((kept, swatch) => {
      const twin = kept.findIndex((other) => deltaE00(other.lab, swatch.lab) < SAME);
      return twin < 0
        ? [...kept, swatch]
        : kept.map((other, i) =>
            i === twin ? { ...other, share: other.share + swatch.share } : other,
          );
    }, []);
  return merged.sort((a, b) => b.share - a.share);
}

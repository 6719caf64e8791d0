import { PART, type Builder } from "./mesh";
import { weights } from "./net";
import { bell, clamp, mix, step, type Pair, type Vec } from "./smooth";

/** Outline of the ear in its own plane: backwards, up, mm from the middle of its root. */
const EAR_OUTLINE: readonly Pair[] = [
  [0, 14],
  [3, 23.5],
  [8, 29.5],
  [15.5, 32.5],
  [24, 30],
  [30.5, 23],
  [33.5, 12],
  [32.5, 0],
  [28.5, -11],
  [23, -19.5],
  [17.5, -26.5],
  [10.5, -31.3],
  [4, -30],
  [0, -24],
  [-2.5, -15],
  [-3.5, -5],
  [-2.5, 5],
];
/** Crests of the ear in its plane, each with its height and breadth, mm. */
const EAR_RIDGES: readonly { line: readonly Pair[]; high: number; wide: number }[] = [
  {
    line: [
      [9, -1.5],
      [5, 1.5],
      [2.5, 7],
      [2, 14],
      [4.5, 22],
      [9.5, 27.5],
      [16, 29.8],
      [23, 27.6],
      [28, 21.5],
      [30.8, 12],
      [30, 1],
      [26.5, -9.5],
      [22, -17],
    ],
    high: 3.6,
    wide: 2.5,
  },
  {
    line: [
      [12, -16.5],
      [18, -14.5],
      [22, -9],
      [23.5, -1],
      [22.8, 7],
      [20, 14],
      [17, 21],
    ],
    high: 3,
    wide: 3.2,
  },
  {
    line: [
      [22.5, 8.5],
      [17, 11.5],
      [11, 12],
      [6, 11],
    ],
    high: 2,
    wide: 2.4,
  },
];
export const EAR_AT: Vec = [68.7, -21.5, -99.5];
/** The long axis then leans back some 18 degrees; the ear stands off the head by some 25. */
const EAR_TILT = (13.5 * Math.PI) / 180;
const EAR_OUT = (25 * Math.PI) / 180;

/** Distance from a point to a line of straight pieces. */
function distanceTo(line: readonly Pair[], x: number, y: number): number {
  let least = Infinity;
  for (let i = 0; i + 1 < line.length; i++) {
    const [[ax, ay], [bx, by]] = [line[i]!, line[i + 1]!];
    const t = clamp(
      ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2),
    );
    least = Math.min(least, Math.hypot(x - mix(ax, bx, t), y - mix(ay, by, t)));
  }
  return least;
}

/** Height of the ear over its plane at a place in it; `rho` is 1 on the outline. */
function earRelief(rho: number, a: number, c: number): number {
  const spot = (x: number, y: number, rx: number, ry: number) =>
    Math.exp(-(((a - x) / rx) ** 2 + ((c - y) / ry) ** 2));
  let h = 1.5;
  for (const { line, high, wide } of EAR_RIDGES) h += high * bell(distanceTo(line, a, c), wide);
  const bowl = Math.hypot((a - 11.5) / 9.8, (c + 5.5) / 11.5);
  h -= 8 * step(1.12, 0.45, bowl);
  h += 5.5 * spot(0.5, -5.5, 3.6, 5.5) + 2.4 * spot(11, -17.8, 3.4, 2.4);
  h -= 2.5 * spot(4.5, -15, 2.4, 2.6) + 1 * spot(13, 17.5, 5, 3.5);
  h += 1.2 * spot(9, -25, 6, 4);
  h -= 2.6 * step(0.93, 1, rho) * (a > 3 ? 1 : 0.6);
  // Its front sinks into the cheek.
  return h - 5 * step(1, -4, a) * step(-27, -22, c);
}

/** The ear: an outer sheet with its relief and an inner one that runs into the head. */
export function addEar(b: Builder, detail: number): void {
  const n = EAR_OUTLINE.length;
  const centre: Pair = [10.5, -3];
  const spokes = Math.round(84 * detail);
  const rings = Math.round(28 * detail);
  const outline = (t: number): Pair => {
    const i = Math.floor(t);
    const w = weights(t - i);
    let [x, y] = [0, 0];
    for (let k = 0; k < 4; k++) {
      const p = EAR_OUTLINE[(i + k - 1 + n) % n]!;
      x += w[k]! * p[0];
      y += w[k]! * p[1];
    }
    return [x * 1.04, y * 1.035];
  };
  const up: Vec = [0.06, Math.cos(EAR_TILT), -Math.sin(EAR_TILT)];
  const back: Vec = [
    Math.sin(EAR_OUT),
    -Math.sin(EAR_TILT) * Math.cos(EAR_OUT),
    -Math.cos(EAR_TILT) * Math.cos(EAR_OUT),
  ];
  const out: Vec = [Math.cos(EAR_OUT), -0.04, Math.sin(EAR_OUT)];
  const place = (a: number, c: number, h: number): Vec =>
    [0, 1, 2].map((k) => EAR_AT[k]! + a * back[k]! + c * up[k]! + h * out[k]!) as unknown as Vec;
  const sheets = [true, false].map((lateral) =>
    Array.from({ length: rings + 1 }, (_, i) => {
      const rho = (i / rings) ** 0.8;
      return Array.from({ length: spokes }, (__, k) => {
        const [ox, oy] = outline((k / spokes) * n);
        const [a, c] = [mix(centre[0], ox, rho), mix(centre[1], oy, rho)];
        // The back of the shell runs into the head; the lobe hangs free and thin.
        const thick = 4.2 + 9 * (1 - rho) * (1 - 0.85 * step(-10, -24, c));
        const h = lateral
          ? earRelief(rho, a, c)
          : mix(-0.5, earRelief(1, ox, oy), rho ** 4) - thick * Math.sqrt(1 - rho ** 6);
        return b.add(place(a, c, h), [a, c], PART.ear);
      });
    }),
  );
  sheets.forEach((sheet, side) => {
    for (let i = 0; i < rings; i++)
      for (let k = 0; k < spokes; k++) {
        const next = (k + 1) % spokes;
        const [p, q] = [sheet[i]![k]!, sheet[i]![next]!];
        const [r, s] = [sheet[i + 1]![next]!, sheet[i + 1]![k]!];
        if (side === 0) b.faces.push(p, q, r, p, r, s);
        else b.faces.push(p, r, q, p, s, r);
      }
  });
}

import { eyeDepth, opening } from "./eye";
import { EYE, LIP_LINE, LOWER_LID, MOUTH_HALF, UPPER_LID } from "./faceCurves";
import { PART, type Builder } from "./mesh";
import { fitted, onSpline, ROWS } from "./net";
import { sculpted } from "./sculpt";
import { mix, step, type Pair, type Vec } from "./smooth";

/** Divisions of each span between rows and between columns at detail 1: some 1 mm on the face. */
const ROW_PIECES = [
  3, 4, 5, 6, 6, 7, 8, 10, 13, 16, 16, 14, 26, 24, 16, 16, 11, 11, 9, 5, 7, 7, 5, 6, 6, 6,
];
const COLUMN_PIECES = [17, 22, 14, 11, 10, 10, 8, 7, 7, 7, 7];

/** Under the nose the surface runs far back in little height: the rows crowd there. */
const CROWDED = ROWS.indexOf("noseBase");

const stations = (pieces: readonly number[], detail: number, crowded = -1): number[] => [
  0,
  ...pieces.flatMap((n, i) => {
    const count = Math.max(2, Math.round(n * detail));
    return Array.from({ length: count }, (_, k) => {
      const t = (k + 1) / count;
      if (i === crowded) return i + t ** 1.5;
      return i + (i === crowded - 1 ? 1 - (1 - t) ** 1.4 : t);
    });
  }),
];

/** Cuts a triangle along the opening of the eye and keeps the skin. */
function clipped(b: Builder, tri: readonly number[], cuts: Map<string, number>, rim: Pair[]): void {
  const g = tri.map((i) => {
    const p = b.point(i);
    return p[2] < -60 ? -9 : opening(p[0], p[1]);
  });
  if (g.every((v) => v <= 0)) {
    b.faces.push(...tri);
    return;
  }
  if (g.every((v) => v > 0)) return;
  const keep: number[] = [];
  const made: number[] = [];
  tri.forEach((i, k) => {
    const j = tri[(k + 1) % 3]!;
    const [gi, gj] = [g[k]!, g[(k + 1) % 3]!];
    if (gi <= 0) keep.push(i);
    if (gi <= 0 === gj <= 0) return;
    const key = i < j ? `${i} ${j}` : `${j} ${i}`;
    let at = cuts.get(key);
    if (at === undefined) {
      let [inside, outside] = gi > 0 ? [b.point(i), b.point(j)] : [b.point(j), b.point(i)];
      for (let n = 0; n < 14; n++) {
        const mid: Vec = [0, 1, 2].map((a) => (inside[a]! + outside[a]!) / 2) as unknown as Vec;
        if (opening(mid[0], mid[1]) > 0) inside = mid;
        else outside = mid;
      }
      const share =
        Math.hypot(outside[0] - b.xyz[3 * i]!, outside[1] - b.xyz[3 * i + 1]!) /
        (Math.hypot(b.xyz[3 * j]! - b.xyz[3 * i]!, b.xyz[3 * j + 1]! - b.xyz[3 * i + 1]!) || 1);
      const net = [0, 1].map((a) => mix(b.net[2 * i + a]!, b.net[2 * j + a]!, share));
      at = b.add(outside, [outside[0], outside[1]], PART.skin, net as unknown as Pair);
      cuts.set(key, at);
    }
    keep.push(at);
    made.push(at);
  });
  for (let k = 1; k + 1 < keep.length; k++) b.faces.push(keep[0]!, keep[k]!, keep[k + 1]!);
  // The rim runs as the kept polygon does.
  const [p, q] = made;
  if (p !== undefined && q !== undefined) {
    const at = keep.indexOf(p);
    rim.push(keep[(at + 1) % keep.length] === q ? [p, q] : [q, p]);
  }
}

/** Samples the sculpted net, opens the lids, and turns their edges back to the eye. */
export function addSkin(b: Builder, detail: number): void {
  const net = fitted();
  const [vs, us] = [stations(ROW_PIECES, detail, CROWDED), stations(COLUMN_PIECES, detail)];
  const mouthRow = ROWS.indexOf("mouth");
  const mouth = us.map((u) => onSpline(net, mouthRow, u));
  // The first row is one point: the vertex of the head.
  const top = b.add(onSpline(net, 0, 0), [0, onSpline(net, 0, 0)[1]], PART.skin, [0, 0]);
  const grid = vs.map((v) =>
    us.map((u, column) => {
      if (v === 0) return top;
      let [x, y, z] = onSpline(net, v, u);
      // The row of the mouth is drawn onto the line between the lips, so that the mesh folds there.
      if (x < 34 && z > -40 && Math.abs(v - mouthRow) < 1) {
        const on = mouth[column]!;
        const share = step(34, 26, x) * (1 - Math.abs(v - mouthRow)) ** 2;
        y += (LIP_LINE(Math.min(on[0], MOUTH_HALF)) - on[1]) * share;
      }
      [x, y, z] = sculpted([x, y, z]);
      return b.add([x, y, z], [x, y], PART.skin, [u, v]);
    }),
  );
  const cuts = new Map<string, number>();
  const rim: Pair[] = [];
  for (let i = 0; i + 1 < vs.length; i++)
    for (let k = 0; k + 1 < us.length; k++) {
      const [p, q, r, s] = [grid[i]![k]!, grid[i]![k + 1]!, grid[i + 1]![k + 1]!, grid[i + 1]![k]!];
      if (i > 0) clipped(b, [p, r, q], cuts, rim);
      clipped(b, [p, s, r], cuts, rim);
    }
  // The edge of the lid turns back to the eye.
  const inner = new Map<number, number>();
  const inward = (i: number) => {
    const known = inner.get(i);
    if (known !== undefined) return known;
    const [x, y] = b.point(i);
    const toY = (UPPER_LID(x) + LOWER_LID(x)) / 2;
    const towards = Math.min(0.5, Math.abs(toY - y) * 0.6) * Math.sign(toY - y);
    const made = b.add([x, y + towards, eyeDepth(x, y + towards) - 0.25], [x, y], PART.lidEdge);
    inner.set(i, made);
    return made;
  };
  const edge = new Map<number, number>();
  const copy = (i: number) => {
    const known = edge.get(i);
    if (known !== undefined) return known;
    const p = b.point(i);
    const made = b.add(p, [p[0], p[1]], PART.lidEdge);
    edge.set(i, made);
    return made;
  };
  for (const [p, q] of rim) {
    b.faces.push(copy(p), inward(q), copy(q), copy(p), inward(p), inward(q));
  }
}

/** The part of the eye that can be seen, and a little under the lids. */
export function addEye(b: Builder, detail: number): void {
  // Even, so that the middle of the eye is a vertex.
  const across = 2 * Math.ceil(((EYE.outer - EYE.inner + 2) * detail) / 2);
  const UP = 14;
  const grid: number[][] = [];
  for (let i = 0; i <= across; i++) {
    const x = EYE.inner - 1 + ((EYE.outer - EYE.inner + 2) * i) / across;
    const [top, bottom] = [UPPER_LID(x) + 1.2, LOWER_LID(x) - 1.2];
    grid.push(
      Array.from({ length: UP + 1 }, (_, k) => {
        const y = mix(top, bottom, k / UP);
        return b.add([x, y, eyeDepth(x, y)], [x, y], PART.eye);
      }),
    );
  }
  for (let i = 0; i < across; i++)
    for (let k = 0; k < UP; k++) {
      const [p, q, r, s] = [grid[i]![k]!, grid[i + 1]![k]!, grid[i + 1]![k + 1]!, grid[i]![k + 1]!];
      b.faces.push(p, s, r, p, r, q);
    }
}

import type { Vec } from "./smooth";

/** Angles round the head of the twelve columns of the cranium, degrees. */
const COLUMN_ANGLES = [0, 9, 20, 31, 43, 57, 75, 95, 118, 140, 160, 180] as const;
export const COLUMNS = COLUMN_ANGLES.length;

interface Section {
  readonly y: number;
  readonly front: number;
  readonly back: number;
  readonly half: number;
  readonly widestAt: number;
  readonly square: number;
}

/** Egg-shaped sections of the cranium above the forehead, mm. */
const CRANIUM: readonly Section[] = [
  { y: 103.4, front: -73, back: -115, half: 20.5, widestAt: -95, square: 2 },
  { y: 98.5, front: -51, back: -133, half: 35.5, widestAt: -95, square: 2 },
  { y: 89.5, front: -32, back: -151, half: 50, widestAt: -97, square: 2.05 },
  { y: 77, front: -16, back: -166, half: 61, widestAt: -100, square: 2.1 },
  { y: 61, front: -4.3, back: -177.5, half: 69, widestAt: -103, square: 2.2 },
  { y: 43, front: 1.8, back: -183.4, half: 73.4, widestAt: -105, square: 2.25 },
];

function cranium({ y, front, back, half, widestAt, square }: Section): Vec[] {
  return COLUMN_ANGLES.map((degrees) => {
    const angle = (degrees * Math.PI) / 180;
    const [s, c] = [Math.sin(angle), Math.cos(angle)];
    const power = 2 / square;
    const reach = c >= 0 ? front - widestAt : widestAt - back;
    const x = degrees === 180 ? 0 : half * Math.abs(s) ** power;
    return [x, y, widestAt + reach * Math.sign(c) * Math.abs(c) ** power];
  });
}

export const ROWS = [
  "vertex",
  "crown1",
  "crown2",
  "crown3",
  "crown4",
  "trichion",
  "metopion",
  "forehead",
  "brow",
  "upperOrbit",
  "eye",
  "orbitale",
  "cheek",
  "noseBase",
  "upperLip",
  "mouth",
  "lowerLip",
  "chinFold",
  "pogonion",
  "gnathion",
  "jaw",
  "underChin",
  "throat",
  "neck1",
  "neck2",
  "neck3",
  "neck4",
] as const;

/** Rows from the forehead down, column by column, mm. */
const FACE_AND_NECK: readonly (readonly Vec[])[] = [
  // forehead
  [
    [0, 26, 5],
    [12, 26, 4.3],
    [25, 26, 0.8],
    [38, 26, -6.5],
    [49, 26, -17.5],
    [58.6, 25, -33],
    [69.2, 24, -68],
    [72.8, 24, -100],
    [72, 24, -132],
    [57.5, 24, -162],
    [30, 24, -180],
    [0, 24, -184.8],
  ],
  // brow
  [
    [0, 12, 5],
    [12, 12, 4.8],
    [25, 13, 3],
    [38, 14, -2.8],
    [49, 12, -13],
    [56.6, 9, -25],
    [68.1, 8, -66],
    [72, 8, -100],
    [71, 8, -132],
    [56, 8, -161],
    [29.5, 8, -178.5],
    [0, 8, -183.8],
  ],
  // upperOrbit
  [
    [0, 1.5, -1],
    [12, 2, -3.8],
    [25, 3, -3.9],
    [38, 3.5, -8.1],
    [48.5, 2, -17],
    [57.2, 0, -29],
    [67.7, -1, -66],
    [71.4, -2, -100],
    [70, -4, -131],
    [55, -5, -159.5],
    [29, -5, -176.5],
    [0, -5, -181.5],
  ],
  // eye
  [
    [0, -10, -6],
    [12, -10, -11.5],
    [25, -10, -12.8],
    [38, -10, -15.6],
    [48.5, -10, -23.6],
    [58.5, -11, -33],
    [68.3, -10, -67],
    [71, -10, -100],
    [68.8, -12, -130],
    [54, -13, -157],
    [28.5, -14, -174],
    [0, -14, -179],
  ],
  // orbitale
  [
    [0, -24, -2],
    [12, -24, -8],
    [25, -24, -9.6],
    [38, -24, -11.9],
    [50, -24, -20.5],
    [60, -23, -37],
    [69.1, -20, -69],
    [70.5, -18, -100],
    [67, -21, -128.5],
    [52.5, -22, -154],
    [28, -23, -170.5],
    [0, -23, -175.5],
  ],
  // cheek
  [
    [0, -37, 1],
    [12, -37, -3.5],
    [25, -37, -6],
    [38, -37, -11.5],
    [50.5, -38, -22.5],
    [60, -37, -40],
    [68.8, -31, -70],
    [69.5, -27, -100],
    [64.8, -30, -126.5],
    [50.8, -31, -150.5],
    [27.2, -32, -166],
    [0, -32, -171],
  ],
  // noseBase
  [
    [0, -51, 8],
    [12, -51, 3.5],
    [25, -50.5, -4.3],
    [38, -50, -14],
    [49.8, -50, -26.5],
    [58.8, -48, -45],
    [67, -40, -72],
    [68, -35, -100],
    [62, -38, -124.5],
    [49, -39, -147],
    [26.4, -40, -161.5],
    [0, -40, -167],
  ],
  // upperLip
  [
    [0, -62, 10],
    [11.5, -62, 7],
    [24.5, -62, -5],
    [37.5, -61.5, -17.5],
    [48.5, -60, -30.5],
    [57.5, -56, -49],
    [65.2, -47, -74],
    [66, -42, -100],
    [59.5, -45, -122.5],
    [47.5, -46, -144],
    [25.8, -47, -157.5],
    [0, -47, -163],
  ],
  // mouth
  [
    [0, -73.8, 8],
    [11.5, -73.5, 5.7],
    [24.5, -74, -6.5],
    [37, -72, -20.5],
    [47.5, -69, -34.5],
    [56.3, -63, -53],
    [63.5, -53, -76],
    [64, -48, -100],
    [57.3, -51, -120.5],
    [46.3, -52.5, -141.5],
    [25.3, -54, -154],
    [0, -54, -159.5],
  ],
  // lowerLip
  [
    [0, -85.5, 6.3],
    [11.5, -85, 3.7],
    [24.5, -84, -9],
    [36.8, -82, -24.5],
    [47, -78, -39.5],
    [55.2, -70, -57],
    [61.8, -58.5, -78],
    [61.5, -54, -100],
    [55.5, -57, -119],
    [45.3, -59, -139.5],
    [25, -61, -151],
    [0, -61, -156],
  ],
  // chinFold
  [
    [0, -95, 3],
    [11.5, -94.5, 1],
    [24.5, -93.5, -11],
    [36.8, -90.5, -28],
    [46.8, -84.5, -44],
    [54.4, -75.5, -61],
    [60.3, -63, -80.5],
    [59.5, -59, -100],
    [54.2, -62, -118],
    [44.6, -64.5, -138],
    [24.8, -67, -149],
    [0, -67, -153.5],
  ],
  // pogonion
  [
    [0, -106, 2.6],
    [12, -105.5, 0],
    [24.5, -103, -14.5],
    [36.8, -98, -32],
    [46.5, -90, -48],
    [53.8, -80, -65],
    [59, -67, -83],
    [57.6, -64, -100],
    [53.6, -69, -117.3],
    [44.3, -72, -136.6],
    [24.7, -74, -147],
    [0, -74, -151.3],
  ],
  // gnathion
  [
    [0, -115, -3],
    [12.5, -114, -5.5],
    [25, -109, -20],
    [36.8, -102.5, -35.5],
    [46.2, -94, -51.5],
    [53.4, -82.8, -67.5],
    [58.3, -69.8, -84.8],
    [56.2, -67.5, -100],
    [53, -74.5, -117],
    [44, -78, -135.9],
    [24.8, -80.5, -145.8],
    [0, -81, -149.5],
  ],
  // jaw
  [
    [0, -119, -13],
    [13, -117.5, -16],
    [25, -113, -26],
    [36.2, -106, -40],
    [45.2, -96.5, -55],
    [52.4, -85, -70],
    [57, -72.5, -86.5],
    [54.8, -71, -100],
    [52.5, -80, -117],
    [44, -84.5, -135.4],
    [25, -87.5, -145],
    [0, -88, -148.4],
  ],
  // underChin
  [
    [0, -122.5, -28],
    [11, -120.5, -30],
    [22, -117, -37.5],
    [32, -110, -49],
    [40, -101, -62],
    [47.8, -90.5, -74.5],
    [52.5, -79, -88.5],
    [52.8, -78, -101],
    [52, -88, -117.3],
    [44.1, -93, -135.3],
    [25.3, -96.5, -144.9],
    [0, -97, -148.1],
  ],
  // throat
  [
    [0, -127, -43.5],
    [10, -125.5, -45],
    [19.5, -122, -49.5],
    [29, -116, -57],
    [37, -108, -66.5],
    [44.5, -99, -77],
    [50, -89, -89.5],
    [51.6, -88.5, -102],
    [51.8, -98, -118.5],
    [44.8, -103, -136.4],
    [26, -106, -145.9],
    [0, -107, -149],
  ],
  // neck1
  [
    [0, -134, -50],
    [9, -133, -51.5],
    [18, -131, -55.5],
    [27.5, -127, -62],
    [36, -121, -70.5],
    [43.5, -116, -80.5],
    [49.5, -112, -92],
    [52.2, -110, -105],
    [52.4, -115, -121.8],
    [46.6, -118.5, -140.4],
    [27.3, -120.5, -149.4],
    [0, -121, -152.4],
  ],
  // neck2
  [
    [0, -150, -54],
    [9, -150, -55],
    [20, -148, -60],
    [31, -146, -67],
    [40, -143, -76],
    [47, -140, -87],
    [52, -138, -98],
    [54.5, -137, -111],
    [54, -137, -128],
    [49, -138, -147],
    [28, -139, -156.5],
    [0, -140, -159],
  ],
  // neck3
  [
    [0, -172, -59],
    [10, -172, -60],
    [22, -171, -65],
    [34, -170, -73],
    [45, -168, -83],
    [54, -166, -95],
    [61, -164, -107],
    [65, -163, -121],
    [65, -163, -139],
    [58, -165, -158],
    [32, -168, -169.5],
    [0, -170, -172.5],
  ],
  // neck4
  [
    [0, -198, -63],
    [13, -198, -63],
    [30, -197, -67],
    [50, -194, -77],
    [70, -190, -89],
    [88, -186, -103],
    [102, -182, -117],
    [108, -180, -132],
    [103, -182, -150],
    [78, -188, -169],
    [40, -196, -184],
    [0, -200, -189],
  ],
];

const NET: readonly (readonly Vec[])[] = [
  COLUMN_ANGLES.map((): Vec => [0, 105, -95]),
  ...CRANIUM.map(cranium),
  ...FACE_AND_NECK,
];

/** Weights of a uniform cubic B-spline at `t` within its span. */
export function weights(t: number): readonly [number, number, number, number] {
  const s = 1 - t;
  return [
    (s * s * s) / 6,
    (3 * t * t * t - 6 * t * t + 4) / 6,
    (-3 * t * t * t + 3 * t * t + 3 * t + 1) / 6,
    (t * t * t) / 6,
  ];
}

type Grid = readonly (readonly Vec[])[];

/** Adds one point all round: mirrored at the midlines, carried over the vertex, on at the foot. */
function padded(net: Grid): Grid {
  const last = COLUMNS - 1;
  const mirrored = ([x, y, z]: Vec): Vec => [-x, y, z];
  const wide = net.map((row) => [mirrored(row[1]!), ...row, mirrored(row[last - 1]!)]);
  // Beyond the vertex lies the row after it, seen from the other side of the head.
  const over = wide[1]!.map((_, k) => mirrored(wide[1]![last + 2 - k]!));
  const [end, before] = [wide[wide.length - 1]!, wide[wide.length - 2]!];
  const on = end.map((p, k): Vec => {
    const q = before[k]!;
    return [2 * p[0] - q[0], 2 * p[1] - q[1], 2 * p[2] - q[2]];
  });
  return [over, ...wide, on];
}

/** The point of a padded net at row `v` and column `u`. */
export function onSpline(net: Grid, v: number, u: number): Vec {
  const row = Math.min(Math.floor(v), net.length - 4);
  const column = Math.min(Math.floor(u), COLUMNS - 2);
  const [wv, wu] = [weights(v - row), weights(u - column)];
  let [x, y, z] = [0, 0, 0];
  for (let i = 0; i < 4; i++)
    for (let k = 0; k < 4; k++) {
      const p = net[row + i]![column + k]!;
      const w = wv[i]! * wu[k]!;
      x += w * p[0];
      y += w * p[1];
      z += w * p[2];
    }
  return [u === 0 || u === COLUMNS - 1 ? 0 : x, y, z];
}

/** Control points (padded) whose surface passes close by the net: smooth first, exact second. */
export function fitted(): Grid {
  let controls: Grid = NET;
  for (let pass = 0; pass < 3; pass++) {
    const now = padded(controls);
    controls = controls.map((row, i) =>
      row.map((p, k): Vec => {
        const [want, have] = [NET[i]![k]!, onSpline(now, i, k)];
        const move = (axis: 0 | 1 | 2) => p[axis] + 0.8 * (want[axis] - have[axis]);
        return [move(0), move(1), move(2)];
      }),
    );
  }
  return padded(controls);
}

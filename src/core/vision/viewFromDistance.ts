import { rememberBy } from "../remember";
import { hexUnder, LAMP_KEYS, hexToLab, reflectanceFromLab, type LampKey } from "../colour";
import { addBlurred, type Plane } from "./blur";
import { EYE, EYE_FOR_COLOUR } from "./eye";
import { OPPONENT } from "./opponent";
import { degreesAcross } from "./smallestVisible";

/** A picture in sRGB, four bytes a pixel. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

// sRGB primaries and transfer (IEC 61966-2-1), XYZ with Y = 1 for white.
const TO_XYZ = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
] as const;
const decode = Float32Array.from({ length: 256 }, (_, i) => {
  const v = i / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});
const STEPS = 8192;
const encode = Uint8ClampedArray.from({ length: STEPS + 1 }, (_, i) => {
  const v = i / STEPS;
  return Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055));
});

type Matrix = readonly (readonly [number, number, number])[];
const multiply = (a: Matrix, b: Matrix): Matrix =>
  a.map(
    (row) =>
      [0, 1, 2].map(
        (j) => row[0] * (b[0]?.[j] ?? 0) + row[1] * (b[1]?.[j] ?? 0) + row[2] * (b[2]?.[j] ?? 0),
      ) as unknown as readonly [number, number, number],
  );
function inverse(m: Matrix): Matrix {
  const at = (i: number, j: number) => m[i % 3]?.[j % 3] ?? 0;
  const cofactor = (i: number, j: number) =>
    at(i + 1, j + 1) * at(i + 2, j + 2) - at(i + 1, j + 2) * at(i + 2, j + 1);
  const whole = at(0, 0) * cofactor(0, 0) + at(0, 1) * cofactor(0, 1) + at(0, 2) * cofactor(0, 2);
  return [0, 1, 2].map(
    (i) =>
      [0, 1, 2].map((j) => cofactor(j, i) / whole) as unknown as readonly [number, number, number],
  );
}
const RGB_TO_OPPONENT = multiply(
  OPPONENT.map(({ ofXyz }) => ofXyz),
  TO_XYZ,
);
const OPPONENT_TO_RGB = inverse(RGB_TO_OPPONENT);
/** What each code of each channel adds to each axis. */
const OPPONENT_OF_CODE = RGB_TO_OPPONENT.map((row) =>
  row.map((share) => decode.map((light) => share * light)),
) as unknown as readonly (readonly [Float32Array, Float32Array, Float32Array])[] as readonly [
  readonly [Float32Array, Float32Array, Float32Array],
  readonly [Float32Array, Float32Array, Float32Array],
  readonly [Float32Array, Float32Array, Float32Array],
];

/** Cells of the colour cube that light is worked out for; between them it is interpolated. */
const CUBE = 9;

/** What a lamp makes of sRGB colours seen by day, on a cube of colours; each is given its smooth reflectance first. */
const lampCube = rememberBy(
  LAMP_KEYS.length,
  (lamp: LampKey) => lamp,
  (lamp): Float32Array => {
    const cube = new Float32Array(CUBE ** 3 * 3);
    const hex = (i: number) =>
      Math.round((i / (CUBE - 1)) * 255)
        .toString(16)
        .padStart(2, "0");
    for (let r = 0, at = 0; r < CUBE; r++)
      for (let g = 0; g < CUBE; g++)
        for (let b = 0; b < CUBE; b++, at += 3) {
          const shown = hexUnder(
            reflectanceFromLab(hexToLab(`#${hex(r)}${hex(g)}${hex(b)}`)),
            lamp,
          );
          for (let c = 0; c < 3; c++)
            cube[at + c] = parseInt(shown.slice(1 + 2 * c, 3 + 2 * c), 16);
        }
    return cube;
  },
);

/** The picture under another lamp; daylight leaves it as it is. */
export function underLamp(picture: Picture, lamp: LampKey): Picture {
  if (lamp === "D65") return picture;
  const cube = lampCube(lamp);
  const data = new Uint8ClampedArray(picture.data.length);
  const cell = (value: number) => {
    const place = (value / 255) * (CUBE - 1);
    const low = Math.min(CUBE - 2, Math.floor(place));
    return [low, place - low] as const;
  };
  for (let i = 0; i < data.length; i += 4) {
    const [[r, u], [g, v], [b, w]] = [
      cell(picture.data[i] ?? 0),
      cell(picture.data[i + 1] ?? 0),
      cell(picture.data[i + 2] ?? 0),
    ];
    for (let c = 0; c < 3; c++) {
      let sum = 0;
      for (let corner = 0; corner < 8; corner++) {
        const [x, y, z] = [corner & 1, (corner >> 1) & 1, corner >> 2];
        sum +=
          (x ? u : 1 - u) *
          (y ? v : 1 - v) *
          (z ? w : 1 - w) *
          (cube[(((r + x) * CUBE + g + y) * CUBE + b + z) * 3 + c] ?? 0);
      }
      data[i + c] = sum;
    }
    data[i + 3] = picture.data[i + 3] ?? 255;
  }
  return { ...picture, data };
}

/**
 * The picture as an eye at a distance makes it out: blurred by the eye's optics ({@link EYE}), and on the axes of colour by what is told apart behind them, so
 * that fine light and dark outlasts fine colour. A uniform field stays as it is, and nothing dark turns light. What is beyond the picture's edge goes on as
 * it ends.
 * @param o.pixelsPerMm of the picture, on the face
 * @param o.distanceM 0 gives the picture itself
 * @param o.lamp daylight by default; see {@link underLamp}
 * @throws RangeError when pixels per mm is not above zero or the distance is negative
 */
export function viewFromDistance(
  picture: Picture,
  o: { pixelsPerMm: number; distanceM: number; lamp?: LampKey },
): Picture {
  if (!(o.pixelsPerMm > 0) || !(o.distanceM >= 0))
    throw new RangeError("pixels per mm above 0, distance from 0 m on");
  const { width, height, data } = underLamp(picture, o.lamp ?? "D65");
  if (o.distanceM === 0) return { width, height, data: Uint8ClampedArray.from(data) };
  const pixelsPerDegree = o.pixelsPerMm / degreesAcross(1, o.distanceM);
  const n = width * height;
  const planes = OPPONENT.map(() => new Float32Array(n));
  const [[a0, a1, a2], [b0, b1, b2], [c0, c1, c2]] = OPPONENT_OF_CODE;
  const [p0, p1, p2] = planes as [Float32Array, Float32Array, Float32Array];
  for (let i = 0, k = 0; i < n; i++, k += 4) {
    const r = data[k] as number;
    const g = data[k + 1] as number;
    const b = data[k + 2] as number;
    p0[i] = (a0[r] as number) + (a1[g] as number) + (a2[b] as number);
    p1[i] = (b0[r] as number) + (b1[g] as number) + (b2[b] as number);
    p2[i] = (c0[r] as number) + (c1[g] as number) + (c2[b] as number);
  }
  const [q0, q1, q2] = [EYE, EYE_FOR_COLOUR, EYE_FOR_COLOUR].map((spread, axis) => {
    const plane: Plane = { width, height, values: planes[axis] as Float32Array };
    const blurred = new Float32Array(n);
    for (const { weight, degrees } of spread)
      addBlurred(blurred, plane, degrees * pixelsPerDegree, weight);
    return blurred;
  }) as [Float32Array, Float32Array, Float32Array];
  const [[d0, d1, d2], [e0, e1, e2], [f0, f1, f2]] = OPPONENT_TO_RGB as unknown as [
    [number, number, number],
    [number, number, number],
    [number, number, number],
  ];
  const out = new Uint8ClampedArray(data.length);
  const code = (v: number) => encode[v <= 0 ? 0 : v >= 1 ? STEPS : Math.round(v * STEPS)] as number;
  for (let i = 0, k = 0; i < n; i++, k += 4) {
    const x = q0[i] as number;
    const y = q1[i] as number;
    const z = q2[i] as number;
    out[k] = code(d0 * x + d1 * y + d2 * z);
    out[k + 1] = code(e0 * x + e1 * y + e2 * z);
    out[k + 2] = code(f0 * x + f1 * y + f2 * z);
    out[k + 3] = data[k + 3] as number;
  }
  return { width, height, data: out };
}

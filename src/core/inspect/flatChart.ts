import { PHOTO_LANDMARKS, point, thinPlate, type Landmarks, type Point } from "../anatomy";
import { COVERED, LIGHT_OF_CODES, type ChartPicture } from "../anatomy/surface";
import { boxSums, type Photograph, type PhotoPoints } from "../photograph";

/** The part of the front chart that a photograph of a face shows, mm: from under the chin to the hair. */
export const FACE_BOX = { left: -100, top: 110, width: 200, height: 260 } as const;
/** Pixels to the mm of a chart that shapes are looked for on. */
export const PER_MM = 2;
const [WIDE, HIGH] = [FACE_BOX.width * PER_MM, FACE_BOX.height * PER_MM];

/** A face laid flat, as what no lamp can change: in each place how its colour and its light differ from those round it. */
export interface FlatChart {
  readonly width: number;
  readonly height: number;
  /** Logarithms of light, and of red and of blue against green, each less its mean round about. */
  readonly channels: readonly [Float32Array, Float32Array, Float32Array];
  /** 1 where something is known, 0 elsewhere. */
  readonly known: Uint8Array;
}

/** Nothing is taken for darker than this: a camera sees no colour there. */
const LEAST = 0.004;
const LOGS = Float32Array.from(LIGHT_OF_CODES, (light) => Math.log(Math.max(LEAST, light)));
/** Light changes slowly over a face: what is even over so many mm is light, not paint. By eye, no published source. */
const ROUND_MM = 9;

/** Codes of a pixel in one number, so that none of a quarter of a million makes an array. */
const packed = (data: ArrayLike<number>, at: number): number =>
  ((data[at] ?? 0) << 16) | ((data[at + 1] ?? 0) << 8) | (data[at + 2] ?? 0);
const NOTHING = -1;

/** @param codeAt the packed colour at a place of the chart, mm; NOTHING where none is known */
function flat(codeAt: (x: number, y: number) => number): FlatChart {
  const channels = [0, 1, 2].map(() => new Float32Array(WIDE * HIGH)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  const known = new Uint8Array(WIDE * HIGH);
  for (let row = 0; row < HIGH; row++)
    for (let column = 0; column < WIDE; column++) {
      const codes = codeAt(FACE_BOX.left + column / PER_MM, FACE_BOX.top - row / PER_MM);
      if (codes === NOTHING) continue;
      const i = row * WIDE + column;
      const [red, green, blue] = [
        LOGS[codes >> 16]!,
        LOGS[(codes >> 8) & 255]!,
        LOGS[codes & 255]!,
      ];
      channels[0][i] = (red + green + blue) / 3;
      channels[1][i] = red - green;
      channels[2][i] = blue - green;
      known[i] = 1;
    }
  const by = ROUND_MM * PER_MM;
  const counts = boxSums(Float32Array.from(known), WIDE, HIGH, by);
  for (const channel of channels) {
    const round = boxSums(channel, WIDE, HIGH, by);
    for (let i = 0; i < channel.length; i++)
      channel[i] = known[i] ? channel[i]! - round[i]! / counts[i]! : 0;
  }
  return { width: WIDE, height: HIGH, channels, known };
}

/** The design, laid flat. */
export const flatOfChart = ({ width, height, data, box }: ChartPicture): FlatChart =>
  flat((x, y) => {
    const px = Math.round(((x - box.left) * width) / box.width);
    const py = Math.round(((-y - box.top) * height) / box.height);
    if (px < 0 || py < 0 || px >= width || py >= height) return NOTHING;
    const at = 4 * (py * width + px);
    return (data[at + 3] ?? 0) < COVERED ? NOTHING : packed(data, at);
  });

/** Every so many mm it is worked out where a place lies on the photograph: a face bends little between. */
const CELL_MM = 5;

/** A photograph, laid flat by its landmarks. */
export function flatOfPhoto(photo: Photograph, points: PhotoPoints, face: Landmarks): FlatChart {
  const onto = ontoPhoto(points, face);
  const columns = Math.ceil(FACE_BOX.width / CELL_MM) + 2;
  const grid = Array.from(
    { length: columns * (Math.ceil(FACE_BOX.height / CELL_MM) + 2) },
    (_, i): Point =>
      onto(
        point(
          FACE_BOX.left + (i % columns) * CELL_MM,
          FACE_BOX.top - Math.floor(i / columns) * CELL_MM,
        ),
      ),
  );
  const { width, height, data } = photo;
  return flat((x, y) => {
    const [u, v] = [(x - FACE_BOX.left) / CELL_MM, (FACE_BOX.top - y) / CELL_MM];
    const [column, row] = [Math.floor(u), Math.floor(v)];
    const i = row * columns + column;
    const [a, b, c, d] = [grid[i]!, grid[i + 1]!, grid[i + columns]!, grid[i + columns + 1]!];
    const [s, t] = [u - column, v - row];
    const px = Math.round((1 - t) * ((1 - s) * a.x + s * b.x) + t * ((1 - s) * c.x + s * d.x));
    const py = Math.round((1 - t) * ((1 - s) * a.y + s * b.y) + t * ((1 - s) * c.y + s * d.y));
    return px < 0 || py < 0 || px >= width || py >= height
      ? NOTHING
      : packed(data, 4 * (py * width + px));
  });
}

/** Where a place of the front chart, mm, lies on a photograph, pixels. */
export const ontoPhoto = (points: PhotoPoints, face: Landmarks): ((p: Point) => Point) =>
  thinPlate(
    PHOTO_LANDMARKS.map((name) => face[name]),
    PHOTO_LANDMARKS.map((name) => points[name]),
  );

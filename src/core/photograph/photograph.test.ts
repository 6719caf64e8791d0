import { converter } from "culori";
import fc from "fast-check";
import {
  defaultFace,
  faceFromMeasures,
  AVERAGE,
  PHOTO_LANDMARKS,
  point,
  type Point,
} from "../anatomy";
import type { ChartPicture } from "../anatomy/surface";
import { headOfFace } from "../anatomy/surface/ofFace";
import { seededRandom } from "../random";
import {
  AS_TAKEN,
  balanceByCard,
  balanceBySkin,
  boxSums,
  headTurnDeg,
  ontoChart,
  paintOver,
  photoFrom,
  photoMap,
  pixelsPerMm,
  smaller,
  pointsFromThree,
  type Photograph,
  type PhotoPoints,
} from ".";
import { TIP_BEFORE_EYES_MM } from "./registration";

const face = defaultFace();
/** Points of a face as a camera would see them: so many pixels a mm, turned in the picture, and off the middle. */
const seenBy = (perMm: number, turnDeg: number, of = face): PhotoPoints => {
  const [c, s] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  return Object.fromEntries(
    PHOTO_LANDMARKS.map((name) => {
      const { x, y } = of[name];
      return [name, point(400 + perMm * (x * c + y * s), 380 + perMm * (x * s - y * c))];
    }),
  ) as PhotoPoints;
};

describe("a face on a photograph", () => {
  it("is registered from three points: exactly where it is the known face, however large and tilted", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 9, noNaN: true }),
        fc.double({ min: -25, max: 25, noNaN: true }),
        (perMm, turn) => {
          const seen = seenBy(perMm, turn);
          const fitted = pointsFromThree(face, seen);
          for (const name of PHOTO_LANDMARKS) {
            expect(fitted[name].x).toBeCloseTo(seen[name].x, 4);
            expect(fitted[name].y).toBeCloseTo(seen[name].y, 4);
          }
        },
      ),
    );
  });

  it("asks for three points that are apart", () => {
    const on = (x: number) => point(x, 100);
    const three = { exocanthionRight: on(10), exocanthionLeft: on(200), menton: on(120) };
    expect(() => pointsFromThree(face, three)).toThrow("outer eye corners and on the chin");
  });

  it("carries every landmark onto the chart within 0.01 mm, and what lies between near where it belongs", () => {
    const other = faceFromMeasures({
      ...AVERAGE,
      faceWidth: AVERAGE.faceWidth + 8,
      mouthWidth: 55,
    });
    const points = seenBy(4, 5, other);
    const onto = ontoChart(points, other);
    for (const name of PHOTO_LANDMARKS) {
      const at = onto(points[name]);
      expect(Math.hypot(at.x - other[name].x, at.y - other[name].y)).toBeLessThan(0.01);
    }
    // The wing and the pit under the lip are none of the points.
    const seen = (p: Point) => {
      const [c, s] = [Math.cos(Math.PI / 36), Math.sin(Math.PI / 36)];
      return point(400 + 4 * (p.x * c + p.y * s), 380 + 4 * (p.x * s - p.y * c));
    };
    for (const name of ["glabella", "pogonion"] as const) {
      const at = onto(seen(other[name]));
      expect(Math.hypot(at.x - other[name].x, at.y - other[name].y)).toBeLessThan(1);
    }
  });

  it("tells how far a head is turned, by the nose against the eyes: the surface turned by known angles, within 2 degrees", () => {
    const { landmarks } = headOfFace(face, 30, 1);
    const [tip, eye] = [landmarks.pronasale, landmarks.exocanthion];
    expect(tip[2] - eye[2]).toBeCloseTo(TIP_BEFORE_EYES_MM, 0);
    for (const turn of [-25, -12, -5, 0, 5, 12, 25]) {
      const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
      const seen = ([x, y, z]: readonly number[]) =>
        point(300 + 4 * ((x ?? 0) * c + (z ?? 0) * s), 300 - 4 * (y ?? 0));
      const points = {
        ...seenBy(4, 0),
        pronasale: seen(tip),
        exocanthionLeft: seen(eye),
        exocanthionRight: seen([-eye[0], eye[1], eye[2]]),
      };
      expect(Math.abs(headTurnDeg(points, face) - turn)).toBeLessThan(2);
    }
  });
});

/** What culori makes of the codes of a display, and back: a reference of its own. */
const lightOf = (code: number) => {
  const value = code / 255;
  return converter("lrgb")({ mode: "rgb", r: value, g: value, b: value }).r;
};
const codeOf = (light: number) => {
  const value = Math.min(1, light);
  return Math.round(255 * converter("rgb")({ mode: "lrgb", r: value, g: value, b: value }).r);
};

describe("a design over a photograph", () => {
  const [width, height] = [160, 200];
  const random = seededRandom(5);
  const photo: Photograph = {
    ...{ width, height },
    data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) =>
      i % 4 === 3 ? 255 : 60 + Math.floor(random() * 120),
    ),
  };
  // One pixel of the photograph is a mm of the chart.
  const map = photoMap(photo, ({ x, y }) => point(x - 80, 100 - y));
  const chart = (colourAt: (x: number, y: number) => readonly number[]): ChartPicture => {
    const data = new Uint8ClampedArray(width * height * 4);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) data.set(colourAt(x, y), 4 * (y * width + x));
    return { width, height, data, box: { left: -80, top: -100, width, height } };
  };
  const SKIN = [190, 140, 120, 255];
  const PAINT = [90, 110, 200, 255];
  const bare = chart((x) => (x < 140 ? SKIN : [0, 0, 0, 0]));
  const painted = chart((x, y) => (x < 140 ? (y < 100 ? PAINT : SKIN) : [0, 0, 0, 0]));
  const at = (data: ArrayLike<number>, x: number, y: number) =>
    [0, 1, 2].map((k) => data[4 * (y * width + x) + k] ?? 0);

  it("leaves what is bare, and what is no face, as it was taken, to the last bit", () => {
    const result = paintOver(photo, map, { painted, bare }, AS_TAKEN);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        if (y > 101 || x > 141) expect(at(result, x, y)).toEqual(at(photo.data, x, y));
  });

  it("is the photograph times painted over bare in linear light, as culori has it, within a code", () => {
    const result = paintOver(photo, map, { painted, bare }, AS_TAKEN);
    for (let y = 5; y < 95; y += 9)
      for (let x = 5; x < 135; x += 11)
        at(result, x, y).forEach((code, k) => {
          const light = lightOf(at(photo.data, x, y)[k] ?? 0);
          const wanted = codeOf((light * lightOf(PAINT[k] ?? 0)) / lightOf(SKIN[k] ?? 1));
          expect(Math.abs(code - wanted)).toBeLessThan(1.6);
        });
  });

  it("undoes a coloured light by skin that was measured, and by a grey card, within 3 %", () => {
    const cast = [0.6, 1, 1.5] as const;
    const lit = (codes: readonly number[]) =>
      codes.slice(0, 3).map((code, k) => codeOf(lightOf(code) * (cast[k] ?? 1) * 0.6));
    const data = new Uint8ClampedArray(width * height * 4);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        data.set([...lit(x < 80 ? SKIN : [128, 128, 128]), 255], 4 * (y * width + x));
    const taken = { width, height, data };
    const gain = balanceBySkin(taken, [point(30, 40), point(40, 120)], [190, 140, 120]);
    gain.forEach((value, k) => {
      const wanted = 1 / ((cast[k] ?? 1) * 0.6);
      expect(Math.abs(value / wanted - 1)).toBeLessThan(0.03);
    });
    const byCard = balanceByCard(taken, point(120, 100));
    const after = lit([128, 128, 128]).map((code, k) => lightOf(code) * (byCard[k] ?? 1));
    for (const light of after) expect(Math.abs(light / (after[0] ?? 1) - 1)).toBeLessThan(0.03);
  });
});

describe("a photograph from the seats", () => {
  /** Stripes of so many pixels, black and white. */
  const striped = (px: number): Photograph => ({
    width: 240,
    height: 200,
    data: Uint8ClampedArray.from({ length: 240 * 200 * 4 }, (_, i) =>
      i % 4 === 3 ? 255 : Math.floor(((i >> 2) % 240) / px) % 2 ? 210 : 60,
    ),
  });
  const contrast = ({ width, height, data }: Photograph) => {
    const row = Array.from(
      { length: width },
      (_, x) => data[4 * (Math.floor(height / 2) * width + x)] ?? 0,
    ).slice(40, -40);
    return Math.max(...row) - Math.min(...row);
  };
  it("loses stripes of 2 mm at 40 m, keeps those of 30 mm, and is as it was before the mirror", () => {
    const perMm = 2;
    expect(contrast(photoFrom(striped(4), perMm, 0.6))).toBeGreaterThan(100);
    expect(contrast(photoFrom(striped(4), perMm, 40))).toBeLessThan(20);
    expect(contrast(photoFrom(striped(60), perMm, 40))).toBeGreaterThan(60);
  });
  it("is made smaller by means, without becoming lighter or darker", () => {
    const small = smaller(striped(3), 6);
    expect([small.width, small.height]).toEqual([40, 33]);
    for (const code of small.data.filter((_, i) => i % 4 === 0)) expect(code).toBe(135);
  });
  it("has its scale by the eyes: so many pixels to the mm as it was taken with", () => {
    for (const perMm of [1.5, 4])
      expect(pixelsPerMm(seenBy(perMm, 10), face)).toBeCloseTo(perMm, 6);
  });
});

describe("sums over squares", () => {
  it("are those one gets by adding up each square by itself", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 0, max: 1000 }),
        (width, height, by, seed) => {
          const random = seededRandom(seed);
          const values = Float32Array.from({ length: width * height }, () =>
            Math.floor(20 * random()),
          );
          const found = boxSums(values, width, height, by);
          for (let y = 0; y < height; y++)
            for (let x = 0; x < width; x++) {
              let sum = 0;
              for (let v = Math.max(0, y - by); v <= Math.min(height - 1, y + by); v++)
                for (let u = Math.max(0, x - by); u <= Math.min(width - 1, x + by); u++)
                  sum += values[v * width + u] ?? 0;
              expect(found[y * width + x]).toBe(sum);
            }
        },
      ),
    );
  });
});

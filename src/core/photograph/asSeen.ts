import { distance, type Landmarks } from "../anatomy";
import { viewFromDistance } from "../vision";
import type { Balance, Photograph } from "./paintOver";
import type { PhotoPoints } from "./registration";

/** Pixels of a photograph to the mm of the face on it: by the breadth between the outer corners of the eyes. */
export const pixelsPerMm = (points: PhotoPoints, face: Landmarks): number =>
  distance(points.exocanthionLeft, points.exocanthionRight) /
  distance(face.exocanthionLeft, face.exocanthionRight);

/** No wider than so many pixels is a view from the seats worked out: it is soft. */
const MOST_PX = 480;

/** A picture made smaller by a whole number, each pixel the mean of those it stands for. */
export function smaller({ width, height, data }: Photograph, by: number): Photograph {
  if (by <= 1) return { width, height, data };
  const [wide, high] = [Math.floor(width / by), Math.floor(height / by)];
  const small = new Uint8ClampedArray(4 * wide * high);
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++)
      for (let k = 0; k < 4; k++) {
        let sum = 0;
        for (let v = 0; v < by; v++)
          for (let u = 0; u < by; u++) sum += data[4 * ((y * by + v) * width + x * by + u) + k]!;
        small[4 * (y * wide + x) + k] = sum / by ** 2;
      }
  return { width: wide, height: high, data: small };
}

/** What an eye so many metres away makes of a photograph. */
export function photoFrom(photo: Photograph, perMm: number, distanceM: number): Photograph {
  const by = Math.max(1, Math.ceil(photo.width / MOST_PX));
  return viewFromDistance(smaller(photo, by), { pixelsPerMm: perMm / by, distanceM });
}

/** Two balances one after the other. */
export const both = (a: Balance, b: Balance): Balance => [a[0] * b[0], a[1] * b[1], a[2] * b[2]];

import { boxSums } from "./boxSums";
import type { Photograph } from "./paintOver";

/** Light of a pixel as a display codes it, 0 to 255. */
const greyAt = (data: ArrayLike<number>, i: number): number =>
  0.2126 * (data[i] ?? 0) + 0.7152 * (data[i + 1] ?? 0) + 0.0722 * (data[i + 2] ?? 0);

function greyOf({ width, height, data }: Photograph): Float32Array {
  const grey = new Float32Array(width * height);
  for (let i = 0; i < grey.length; i++) grey[i] = greyAt(data, 4 * i);
  return grey;
}

function fromGrey({ width, height }: Photograph, grey: Float32Array): Photograph {
  const data = new Uint8ClampedArray(4 * grey.length);
  for (let i = 0; i < grey.length; i++) {
    data.fill(grey[i] ?? 0, 4 * i, 4 * i + 3);
    data[4 * i + 3] = 255;
  }
  return { width, height, data };
}

/** Means over a square of so many pixels either way. */
function softened(grey: Float32Array, width: number, height: number, by: number): Float32Array {
  const counts = boxSums(new Float32Array(grey.length).fill(1), width, height, by);
  return boxSums(grey, width, height, by).map((sum, i) => sum / (counts[i] ?? 1));
}

/** Without colours, and as light on one side of the face as on the other: paint changes colours more than it changes forms. */
function evened(photo: Photograph): Photograph {
  const { width, height } = photo;
  const grey = greyOf(photo);
  const round = softened(grey, width, height, Math.round(Math.max(width, height) / 6));
  return fromGrey(
    photo,
    grey.map((value, i) => 128 + 1.4 * (value - (round[i] ?? 128))),
  );
}

/** Fine strokes gone: what is left are the forms of a face. */
function withoutStrokes(photo: Photograph): Photograph {
  const { width, height } = photo;
  const by = Math.max(1, Math.round(Math.max(width, height) / 160));
  return fromGrey(photo, softened(greyOf(photo), width, height, by));
}

/** One half of the picture and its mirror image: where only the other half is painted beyond knowing. */
function mirrored(photo: Photograph, half: "left" | "right"): Photograph {
  const { width, height } = photo;
  const data = new Uint8ClampedArray(photo.data);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const isKept = half === "left" ? x < width / 2 : x >= width / 2;
      if (isKept) continue;
      const [to, from] = [4 * (y * width + x), 4 * (y * width + width - 1 - x)];
      for (let k = 0; k < 3; k++) data[to + k] = photo.data[from + k] ?? 0;
    }
  return { width, height, data };
}

/** The same picture in other guises, in which a painted face that was not found as it is may be. Places stay where they are. */
export const LOOKED_AT_AGAIN: readonly ((photo: Photograph) => Photograph)[] = [
  evened,
  withoutStrokes,
  (photo) => mirrored(photo, "left"),
  (photo) => mirrored(photo, "right"),
];

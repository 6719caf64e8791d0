/** Longest side a picture is read in for its palette, pixels. */
const READ_SIDE = 220;

/** Part of a picture, as shares of its width and height. */
export interface Part {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Pixels of a picture, or a part of it, made small. @throws Error when it can't be decoded */
export async function pixelsOf(
  url: string,
  part: Part | null = null,
): Promise<{ data: Uint8ClampedArray; width: number; height: number }> {
  const image = new Image();
  image.src = url;
  await image.decode();
  const { x, y, width, height } = part ?? { x: 0, y: 0, width: 1, height: 1 };
  const [sw, sh] = [
    Math.max(1, image.naturalWidth * width),
    Math.max(1, image.naturalHeight * height),
  ];
  const scale = Math.min(1, READ_SIDE / Math.max(sw, sh));
  const [w, h] = [Math.max(1, Math.round(sw * scale)), Math.max(1, Math.round(sh * scale))];
  const canvas = new OffscreenCanvas(w, h);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) throw new Error("this browser can't read pictures");
  context.imageSmoothingQuality = "high";
  context.drawImage(image, image.naturalWidth * x, image.naturalHeight * y, sw, sh, 0, 0, w, h);
  return { data: context.getImageData(0, 0, w, h).data, width: w, height: h };
}

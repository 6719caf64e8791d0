import type { ChartPicture } from "@/core/anatomy/surface";

/** A drawing in millimetres, as pixels. */
export type Taken = ChartPicture;

/**
 * Takes an SVG drawing as pixels.
 *
 * @param width of the picture in pixels; its height follows
 * @param ground what lies behind the drawing; nothing by default
 * @throws Error where the browser gives no canvas
 */
export async function takePicture(
  svg: SVGSVGElement,
  width: number,
  ground?: string,
): Promise<Taken> {
  const { x, y, width: w, height: h } = svg.viewBox.baseVal;
  const height = Math.round((width * h) / w);
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
  await image.decode();
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) throw new Error("The figure could not be drawn.");
  if (ground) {
    context.fillStyle = ground;
    context.fillRect(0, 0, width, height);
  }
  context.drawImage(image, 0, 0, width, height);
  const { data } = context.getImageData(0, 0, width, height);
  return { width, height, data, box: { left: x, top: y, width: w, height: h } };
}

/** Shows pixels in a canvas of their own size. */
export function showPicture(
  { width, height, data }: Omit<Taken, "box">,
  canvas: HTMLCanvasElement,
): void {
  canvas.width = width;
  canvas.height = height;
  const pixels = new ImageData(Uint8ClampedArray.from(data), width, height);
  canvas.getContext("2d")?.putImageData(pixels, 0, 0);
}

/** A colour as its three bytes. */
export const bytesOf = (hex: string): readonly [number, number, number] => {
  const code = parseInt(hex.slice(1), 16);
  return [code >> 16, (code >> 8) & 255, code & 255];
};

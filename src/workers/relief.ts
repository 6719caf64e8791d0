import { expose } from "comlink";
import { headRelief, type ReliefRequest } from "@/core/anatomy/surface";

/** How true the picture's colours are kept: form is soft, and it is laid over colours that are drawn themselves. */
const QUALITY = 0.9;

/** The body's surface is half a megabyte: it is fetched by who looks at a body. */
const body = () => import("@/core/anatomy/surface/bodyRelief");

const worker = {
  /** The relief as the address of a picture that holds all of it, so that a copy of the drawing has it too. */
  picture: async (request: ReliefRequest): Promise<string> => {
    const relief =
      request.part === "head" ? headRelief(request) : (await body()).bodyRelief(request);
    const { width, height, rgba } = relief;
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext("2d")?.putImageData(new ImageData(rgba, width, height), 0, 0);
    const picture = await canvas.convertToBlob({ type: "image/webp", quality: QUALITY });
    const bytes = new Uint8Array(await picture.arrayBuffer());
    const coded = Array.from(bytes, (byte) => String.fromCharCode(byte)).join("");
    return `data:${picture.type};base64,${btoa(coded)}`;
  },
};
export type ReliefWorker = typeof worker;

expose(worker);

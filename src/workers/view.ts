import { expose, transfer } from "comlink";
import { viewFromDistance } from "@/core/vision";

export interface ViewRequest {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
  readonly pixelsPerMm: number;
  readonly distanceM: number;
}

const worker = {
  see: ({ width, height, data, ...at }: ViewRequest): Uint8ClampedArray => {
    const seen = viewFromDistance({ width, height, data }, at).data;
    return transfer(seen, [seen.buffer]);
  },
};
export type ViewWorker = typeof worker;

expose(worker);

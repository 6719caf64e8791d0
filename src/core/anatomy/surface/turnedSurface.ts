import type { Raster } from "./raster";

/** A painted surface that can be looked at from anywhere. */
export interface TurnedSurface {
  /** Three numbers a vertex, mm: to the person's left, up, and forward. */
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  readonly triangles: Uint32Array;
  /** What comes back from each vertex, as a share of its own colour. */
  readonly light: Float32Array;
  /** How much of the lamp reaches each vertex. */
  readonly lit: Float32Array;
  /** Whether what is at a pixel is drawn. */
  readonly isShown: (raster: Raster, at: number) => boolean;
  /** Puts the colour at a pixel, in linear light before it is lit, into a sum. */
  readonly colourAt: (raster: Raster, at: number, sum: Float32Array) => void;
  /** How what is at a pixel shines, 0 to 1. */
  readonly sheenAt: (raster: Raster, at: number) => number;
}

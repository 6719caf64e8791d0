import type { Spot } from "./raster";

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
  /** Whether a spot is drawn. */
  readonly isShown: (spot: Spot) => boolean;
  /** Puts the colour of a spot, in linear light before it is lit, into a sum. */
  readonly colourAt: (spot: Spot, sum: Float32Array) => void;
  /** How a spot shines, 0 to 1; null where nothing does. */
  readonly sheenAt: ((spot: Spot) => number) | null;
}

/** One axis of opponent vision: its weights on XYZ and its point spread, a sum of Gaussians w exp(-(x^2 + y^2) / s^2) with s in degrees. */
export interface OpponentAxis { readonly ofXyz: readonly [number, number, number]; readonly spread: readonly { readonly weight: number; readonly degrees: number }[] }

/** Weights of each axis sum to one, so that a uniform field stays as it is. */
const level = (spread: OpponentAxis["spread"]) => { const sum = spread.reduce((s, { weight }) => s + weight, 0); return spread.map(({ weight, degrees }) => ({ weight: weight / sum, degrees })); };

/** Luminance, red-green and blue-yellow of S-CIELAB (Zhang & Wandell 1996, tables of axes and kernels, after Poirson & Wandell 1993). */
export const OPPONENT: readonly [OpponentAxis, OpponentAxis, OpponentAxis] = [
  { ofXyz: [0.279, 0.72, -0.107], spread: level([{ weight: 0.921, degrees: 0.0283 }, { weight: 0.105, degrees: 0.133 }, { weight: -0.108, degrees: 4.336 }]) },
  { ofXyz: [-0.449, 0.29, -0.077], spread: level([{ weight: 0.531, degrees: 0.0392 }, { weight: 0.33, degrees: 0.494 }]) },
  { ofXyz: [0.086, -0.59, 0.501], spread: level([{ weight: 0.488, degrees: 0.0536 }, { weight: 0.371, degrees: 0.386 }]) },
];

/** What is left of a grating's contrast on an axis: the Fourier transform of its point spread. */
export const passes = (axis: OpponentAxis, cyclesPerDegree: number): number => axis.spread.reduce((sum, { weight, degrees }) => sum + weight * Math.exp(-((Math.PI * degrees * cyclesPerDegree) ** 2)), 0);

/** One axis of opponent vision: its weights on XYZ and its point spread, a sum of Gaussians w exp(-(x^2 + y^2) / s^2) with s in degrees. */
export interface OpponentAxis {
  readonly ofXyz: readonly [number, number, number];
  readonly spread: readonly { readonly weight: number; readonly degrees: number }[];
}

/** Weights of each axis sum to one, so that a uniform field stays as it is. */
const level = (spread: OpponentAxis["spread"]) => {
  const sum = spread.reduce((s, { weight }) => s + weight, 0);
  return spread.map(({ weight, degrees }) => ({ weight: weight / sum, degrees }));
};

type Axis = OpponentAxis["ofXyz"];
/** D65 with Y = 1 (CIE 15). */
const WHITE: Axis = [0.95047, 1, 1.08883];
const ofWhite = (axis: Axis) => axis[0] * WHITE[0] + axis[1] * WHITE[1] + axis[2] * WHITE[2];
const LIGHT: Axis = [0.279, 0.72, -0.107];
/** An axis with as much of the light axis taken off as makes grey zero on it: else each blur, run by itself, would paint coloured fringes on a grey picture. */
const balanced = (axis: Axis): Axis => {
  const share = ofWhite(axis) / ofWhite(LIGHT);
  return [axis[0] - share * LIGHT[0], axis[1] - share * LIGHT[1], axis[2] - share * LIGHT[2]];
};

/** Luminance, red-green and blue-yellow of S-CIELAB (Zhang & Wandell 1996, tables of axes and kernels, after Poirson & Wandell 1993). */
export const OPPONENT: readonly [OpponentAxis, OpponentAxis, OpponentAxis] = [
  {
    ofXyz: LIGHT,
    spread: level([
      { weight: 0.921, degrees: 0.0283 },
      { weight: 0.105, degrees: 0.133 },
      { weight: -0.108, degrees: 4.336 },
    ]),
  },
  {
    ofXyz: balanced([-0.449, 0.29, -0.077]),
    spread: level([
      { weight: 0.531, degrees: 0.0392 },
      { weight: 0.33, degrees: 0.494 },
    ]),
  },
  {
    ofXyz: balanced([0.086, -0.59, 0.501]),
    spread: level([
      { weight: 0.488, degrees: 0.0536 },
      { weight: 0.371, degrees: 0.386 },
    ]),
  },
];

/** What is left of a grating's contrast on an axis: the Fourier transform of its point spread. */
export const passes = (axis: OpponentAxis, cyclesPerDegree: number): number =>
  axis.spread.reduce(
    (sum, { weight, degrees }) =>
      sum + weight * Math.exp(-((Math.PI * degrees * cyclesPerDegree) ** 2)),
    0,
  );

/** A point spread as a sum of Gaussians: their weights sum to one, so that a uniform field stays as it is. Standard deviations in degrees. */
export type Spread = readonly { readonly weight: number; readonly degrees: number }[];

/** Pupil of an eye in a lit house, mm. Common practice, no published source. */
export const PUPIL_MM = 3;
/** Light the eye is most sensitive to, nm. */
const WAVELENGTH_NM = 555;

/**
 * Share of a grating's contrast that a healthy eye's optics pass, by cycles a degree: the mean of 200 eyes in focus (Watson 2013, "A formula for the
 * mean human optical modulation transfer function as a function of pupil size", from memory).
 * @param pupilMm 2 to 6
 */
export function opticalTransfer(cyclesPerDegree: number, pupilMm = PUPIL_MM): number {
  const cutOff = (pupilMm * Math.PI * 1e6) / (WAVELENGTH_NM * 180);
  const share = cyclesPerDegree / cutOff;
  if (share >= 1) return 0;
  const diffraction = (2 / Math.PI) * (Math.acos(share) - share * Math.sqrt(1 - share ** 2));
  const corner = 21.95 - 5.512 * pupilMm + 0.3922 * pupilMm ** 2;
  return (1 + (cyclesPerDegree / corner) ** 2) ** -0.62 * Math.sqrt(diffraction);
}

/** That transfer at a pupil of 3 mm as three Gaussians, within 0.01 from 0 to 90 cycles a degree: so a picture is blurred quickly. */
export const EYE: Spread = [
  { weight: 0.179, degrees: 0.0042 },
  { weight: 0.4905, degrees: 0.013 },
  { weight: 0.3305, degrees: 0.034 },
];

/** Finer colour is not told apart though the optics pass it: a tenth is left at 12 cycles a degree (Mullen 1985, from memory). */
const COLOUR_DEGREES = 0.0285;

/** What is made out of differences of hue: the eye's optics, and behind them the coarser paths of colour. */
export const EYE_FOR_COLOUR: Spread = EYE.map(({ weight, degrees }) => ({
  weight,
  degrees: Math.hypot(degrees, COLOUR_DEGREES),
}));

/** What a point spread leaves of a grating's contrast: its Fourier transform. */
export const spreadPasses = (spread: Spread, cyclesPerDegree: number): number =>
  spread.reduce(
    (sum, { weight, degrees }) =>
      sum + weight * Math.exp(-2 * (Math.PI * degrees * cyclesPerDegree) ** 2),
    0,
  );

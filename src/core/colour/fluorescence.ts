import { filmTransmittance } from "./film";
import { chroma, type Lab } from "./lab";
import { xyzWeights } from "./labFromReflectance";
import type { LampKey } from "./lamps";
import type { PaintOptics } from "./paintOptics";
import { reflectanceFromLab } from "./reflectanceFromLab";
import { BANDS, spectrum, type Spectrum } from "./spectrum";

/** Whites that glow give a bluish white, as a brightener in cloth does; colours glow in themselves, purer. Invented, as is all of this file. */
const BRIGHTENER = spectrum((nm) => Math.exp(-(((nm - 455) / 75) ** 2) / 2));
const HARDLY_COLOURED = 12;
/** Of what a colour reflects in every band, so much is no part of its glow. */
const PURER = 0.6;
/** A thick film glows as bright as this share of a surface of its colour by daylight. */
const BRIGHT = 0.85;
/** One usual coat gives so much of what a thick one does. */
const OF_ONE_COAT = 0.75;
/** Of the light that goes down into the ground, as much comes back as that reflects: so much of it goes down. */
const GOES_DOWN = 0.45;
/** Bands at the violet end, by which the lamp reaches what lies below: 380 to 400 nm. */
const VIOLET_BANDS = 3;

/** What a fluorescent paint of this colour gives off under ultraviolet, 0-1 a band. An invented emission. */
export function emissionOf(masstone: Lab): Spectrum {
  if (chroma(masstone) < HARDLY_COLOURED) return BRIGHTENER;
  const reflects = reflectanceFromLab(masstone);
  const least = PURER * Math.min(...reflects);
  const most = Math.max(...reflects) - least;
  return reflects.map((value) => (value - least) / (most || 1));
}

/**
 * The glow of a film and of what lies below it, as the eye finds it above: its own grows with the film and over a light ground, and what
 * glows below is dimmed on the way there and back.
 * @param own emission of the paint ({@link emissionOf}); null where it does not fluoresce
 * @param below glow of the ground; null where it has none
 */
export function glowOver(
  own: Spectrum | null,
  optics: PaintOptics | null,
  film: number,
  ground: Spectrum,
  below: Spectrum | null,
): Spectrum | null {
  if (!own && !below) return null;
  const through = optics ? filmTransmittance(optics, film) : null;
  const violet = through
    ? through.slice(0, VIOLET_BANDS).reduce((sum, value) => sum + value, 0) / VIOLET_BANDS
    : 1;
  const excited = 1 - (1 - OF_ONE_COAT) ** film;
  return spectrumOf((band) => {
    const back = 1 - GOES_DOWN * (1 - (ground[band] ?? 0));
    const mine = own ? (own[band] ?? 0) * BRIGHT * excited * back : 0;
    return mine + (below?.[band] ?? 0) * violet * (through?.[band] ?? 1);
  });
}

const spectrumOf = (at: (band: number) => number): Spectrum =>
  Float64Array.from({ length: BANDS }, (_, band) => at(band));

const [daylight, ultraviolet] = [xyzWeights("D65"), xyzWeights("ultraviolet")];

/** A surface as a lamp shows it: with its glow under ultraviolet, as it reflects under every other. */
export const underLampOf = (
  reflectance: Spectrum,
  glow: Spectrum | null,
  lamp: LampKey,
): Spectrum => (lamp === "ultraviolet" && glow ? withGlow(reflectance, glow) : reflectance);

/** The total radiance factor under the ultraviolet lamp (CIE 15): what is reflected and what is given off. */
export const withGlow = (reflectance: Spectrum, glow: Spectrum): Spectrum =>
  reflectance.map(
    (value, band) =>
      value +
      ((glow[band] ?? 0) * (daylight.y[band] ?? 0)) / Math.max(1e-12, ultraviolet.y[band] ?? 0),
  );

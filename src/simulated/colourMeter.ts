import {
  hexToLab,
  labFromReflectance,
  labToHex,
  MeterNotReady,
  reflectanceFromLab,
  type ColourMeter,
  type Lab,
} from "@/core/colour";

/** Places on the face where skin is read, with how each differs from the card's colour in the stand-in. Invented. */
export const SKIN_PLACES = {
  forehead: { label: "forehead", off: [-1.4, 0.9, 1.3] },
  cheek: { label: "cheek", off: [-0.4, 1.8, -0.6] },
  neck: { label: "side of the neck", off: [1.6, -1.6, 0.7] },
} as const satisfies Record<string, { label: string; off: Lab }>;
export type SkinPlace = keyof typeof SKIN_PLACES;

/** Spread of a reading, one sigma in L*, a* and b*; a hand-held meter's repeatability. Invented. */
const NOISE = 0.15;
/** How much darker it reads after each reading since its tile. Invented. */
const DRIFT = 0.004;
/** Readings and minutes after which it wants its tile again. Invented. */
const READINGS = 60;
const MINUTES = 8 * 60;

/** A stand-in for a hand-held meter: noisy, drifting, and mute until it has read its white tile. `hold` puts something under its window. */
export interface SimulatedMeter extends ColourMeter {
  hold(hex: string, place?: SkinPlace): void;
}

/**
 * @param o.now milliseconds of a clock
 * @param o.random evenly from 0 to 1
 */
export function simulatedMeter(o: { now: () => number; random: () => number }): SimulatedMeter {
  let under: Lab = [96, 0, 0];
  let tileAt: number | null = null;
  let readings = 0;
  const normal = () =>
    Math.sqrt(-2 * Math.log(1 - o.random())) * Math.cos(2 * Math.PI * o.random());
  const wants = () => {
    if (tileAt === null) return "It has not read its white tile yet.";
    if (readings >= READINGS)
      return `${READINGS} readings since its white tile: read the tile again.`;
    return o.now() - tileAt > MINUTES * 60_000
      ? "Its white tile was read hours ago: read it again."
      : null;
  };
  const state = () => ({
    name: "simulated colour meter",
    calibrated: wants() === null,
    wants: wants(),
    readingsSinceTile: readings,
  });
  return {
    state,
    hold: (hex, place) => {
      const off: Lab = place ? SKIN_PLACES[place].off : [0, 0, 0];
      const lab = hexToLab(hex);
      under = [lab[0] + off[0], lab[1] + off[1], lab[2] + off[2]];
    },
    calibrate: () => {
      tileAt = o.now();
      readings = 0;
      return state();
    },
    read: () => {
      const why = wants();
      if (why) throw new MeterNotReady(why);
      readings++;
      const seen = labFromReflectance(reflectanceFromLab(under));
      const lab: Lab = [
        Math.min(100, Math.max(0, seen[0] * (1 - DRIFT * readings * 0.1) + NOISE * normal())),
        seen[1] + NOISE * normal(),
        seen[2] + NOISE * normal(),
      ];
      return { lab, hex: labToHex(lab) };
    },
  };
}

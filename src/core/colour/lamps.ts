import { D65_POWER } from "./d65";
import { spectrum, type Spectrum } from "./spectrum";

export interface Lamp {
  readonly label: string;
  /** Relative power per band. */
  readonly power: Spectrum;
  /** How far the eye adapts to it, 0-1: nearly all to whites of a room, little to a saturated gel. Common practice, no published source. */
  readonly adaptation: number;
  /** How light a white card is seen in it, 0-1; 1 where it is left out: an eye takes it for white. */
  readonly exposure?: number;
  readonly source: string;
}

/** Relative power of a black body, 1 at 560 nm (Planck's law; c2 of 1.4388e-2 m K, CODATA). */
const planck =
  (kelvin: number) =>
  (nm: number): number => {
    const c2 = 1.4388e7 / kelvin;
    return (560 / nm) ** 5 * (Math.expm1(c2 / 560) / Math.expm1(c2 / nm));
  };

/** Relative power of CIE illuminant A at 100 for 560 nm: the defining formula of CIE 15, whose 2848 K with the c2 of its day is 2856 K now. */
function illuminantA(nm: number): number {
  const c2OverT = 1.435e7 / 2848;
  return 100 * (560 / nm) ** 5 * (Math.expm1(c2OverT / 560) / Math.expm1(c2OverT / nm));
}

const hump = (nm: number, peak: number, width: number) =>
  Math.exp(-(((nm - peak) / width) ** 2) / 2);
/** A smooth step from 0 to 1 round an edge. */
const rise = (nm: number, edge: number, width: number) => 1 / (1 + Math.exp(-(nm - edge) / width));
/** A warm lamp behind a gel of this transmission. */
const gel = (transmission: (nm: number) => number): Spectrum =>
  spectrum((nm) => illuminantA(nm) * transmission(nm));

const INVENTED = "an invented smooth spectrum of this kind of light";

/** The lights a face can be seen under. A new lamp is one line here. */
export const LAMPS = {
  D65: {
    label: "daylight",
    power: Float64Array.from(D65_POWER),
    adaptation: 1,
    source: "CIE standard illuminant D65 (CIE 15)",
  },
  A: {
    label: "warm lamp",
    power: spectrum(illuminantA),
    adaptation: 0.85,
    source: "CIE standard illuminant A (CIE 15)",
  },
  coolWhite: {
    label: "cool white",
    power: spectrum((nm) => 1.5 * hump(nm, 452, 11) + hump(nm, 548, 52)),
    adaptation: 0.95,
    source: INVENTED,
  },
  candle: {
    label: "candle",
    power: spectrum(planck(1900)),
    adaptation: 0.7,
    source: "black body at 1900 K (Planck's law; the temperature from memory)",
  },
  gelRed: {
    label: "red gel",
    power: gel((nm) => 0.004 + 0.85 * rise(nm, 612, 7)),
    adaptation: 0.3,
    source: INVENTED,
  },
  gelAmber: {
    label: "amber gel",
    power: gel((nm) => 0.02 + 0.85 * rise(nm, 545, 14)),
    adaptation: 0.4,
    source: INVENTED,
  },
  gelGreen: {
    label: "green gel",
    power: gel((nm) => 0.006 + 0.6 * hump(nm, 528, 26)),
    adaptation: 0.3,
    source: INVENTED,
  },
  gelBlue: {
    label: "blue gel",
    power: gel((nm) => 0.008 + 0.65 * hump(nm, 456, 30)),
    adaptation: 0.3,
    source: INVENTED,
  },
  ultraviolet: {
    label: "ultraviolet",
    // Most of it is not seen at all; what is, is a dim violet.
    power: spectrum((nm) => hump(nm, 385, 14) + 0.012 * hump(nm, 450, 70) + 0.0004),
    adaptation: 0,
    exposure: 0.015,
    source: INVENTED,
  },
} as const satisfies Record<string, Lamp>;

export type LampKey = keyof typeof LAMPS;
export const LAMP_KEYS = Object.keys(LAMPS) as LampKey[];
export const lampOf = (key: LampKey): Lamp => LAMPS[key];

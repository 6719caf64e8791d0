import type { Units } from "./manner";

/** Ounces avoirdupois, pounds, inches and feet by their definitions (international yard and pound, 1959). */
const G_PER_OZ = 28.349523125;
const KG_PER_LB = 0.45359237;
const CM_PER_IN = 2.54;
const M_PER_FT = 0.3048;

/** One unit a measure may be read in: `value × per + from` is what the core reckons in. */
interface Unit {
  readonly sign: string;
  readonly per: number;
  readonly from?: number;
}

interface MeasureInfo {
  /** Which choice of the studio it follows. */
  readonly by: keyof Units;
  /** The core's own first. */
  readonly units: Readonly<Record<string, Unit>>;
}

/** What is measured, in the unit the core reckons in and the one that may stand for it. */
export const MEASURES = {
  temperature: {
    by: "temperature",
    units: { C: { sign: "°C", per: 1 }, F: { sign: "°F", per: 5 / 9, from: -160 / 9 } },
  },
  mass: { by: "mass", units: { g: { sign: "g", per: 1 }, oz: { sign: "oz", per: G_PER_OZ } } },
  weight: { by: "mass", units: { g: { sign: "kg", per: 1 }, oz: { sign: "lb", per: KG_PER_LB } } },
  length: {
    by: "length",
    units: { cm: { sign: "cm", per: 1 }, in: { sign: "in", per: CM_PER_IN } },
  },
  distance: {
    by: "length",
    units: { cm: { sign: "m", per: 1 }, in: { sign: "ft", per: M_PER_FT } },
  },
} as const satisfies Record<string, MeasureInfo>;
export type Measure = keyof typeof MEASURES;

export function unitOf(measure: Measure, units: Units): Unit {
  const { by, units: known }: MeasureInfo = MEASURES[measure];
  const unit = known[units[by]];
  if (!unit) throw new Error(`${measure} has no unit ${units[by]}`);
  return unit;
}

/** A value of the core in the studio's unit. */
export const shownAs = (measure: Measure, units: Units, value: number): number => {
  const { per, from = 0 } = unitOf(measure, units);
  return (value - from) / per;
};

/** A value typed in the studio's unit, in the core's. */
export const reckonedAs = (measure: Measure, units: Units, shown: number): number => {
  const { per, from = 0 } = unitOf(measure, units);
  return shown * per + from;
};

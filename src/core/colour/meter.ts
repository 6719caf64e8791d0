import { deltaE00 } from "./difference";
import { labToHex, type Lab } from "./lab";

/** How a colour meter stands. It reads nothing before its white tile has been read. */
export interface MeterState {
  readonly name: string;
  readonly calibrated: boolean;
  /** Why it wants its tile, or null while it is good to read. */
  readonly wants: string | null;
  readonly readingsSinceTile: number;
}

export interface MeterReading {
  readonly lab: Lab;
  readonly hex: string;
}

/** What any colour meter does, a real one or the stand-in that ships with the product. */
export interface ColourMeter {
  state(): MeterState;
  /** Reads its own white tile. */
  calibrate(): MeterState;
  /** Reads what lies under its window. @throws MeterNotReady before the tile */
  read(): MeterReading;
}

/** The meter wants its white tile first. */
export class MeterNotReady extends Error {}

/** Readings further than this from their mean are of different places, not of one colour; dE00. Common practice, no published source. */
const ONE_COLOUR = 6;

export interface MeanReading extends MeterReading {
  /** Largest dE00 of a reading from the mean. */
  readonly spread: number;
  readonly oneColour: boolean;
}

/** The mean of several readings in CIELAB, with how far they lie apart: skin is read in three places. @throws RangeError without readings */
export function meanReading(readings: readonly Lab[]): MeanReading {
  if (!readings.length) throw new RangeError("no readings to average");
  const mean = (axis: 0 | 1 | 2) =>
    readings.reduce((sum, lab) => sum + lab[axis], 0) / readings.length;
  const lab: Lab = [mean(0), mean(1), mean(2)];
  const spread = Math.max(...readings.map((reading) => deltaE00(reading, lab)));
  return { lab, hex: labToHex(lab), spread, oneColour: spread <= ONE_COLOUR };
}

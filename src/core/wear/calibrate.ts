import type { PaintTypeKey } from "../paint";

/** What was seen against what was forecast: the hazard the house expected, for how long, and the share that was whole. */
export interface WearObservation {
  readonly hazardPerHour: number;
  readonly hours: number;
  readonly wholeShare: number;
}

/** How much faster or slower than the house's forecast a paint wears on a painter's own record, as a gamma distribution of the factor. */
export interface WearFactor {
  readonly shape: number;
  readonly rate: number;
  /** Records behind it; 0 is the house alone. */
  readonly from: number;
}

/** What a record speaks of: a kind of paint, or one product. */
export type WearKey = PaintTypeKey | `product ${string}`;
export const wearKeyOf = (productId: string): WearKey => `product ${productId}`;

/** How fast a paint wears by what was recorded: its own factor, or its kind's while it has none, or the house's. */
export const wearFactorOf = (
  factors: Readonly<Partial<Record<WearKey, number>>>,
  type: PaintTypeKey,
  productId: string | null = null,
): number => (productId === null ? undefined : factors[wearKeyOf(productId)]) ?? factors[type] ?? 1;

/** A loss of so much is one event: five parts in a hundred are what an eye can tell. */
const EVENT = 0.05;
/** The house's forecast counts as much as so many events: about two evenings' worth. Common practice, no published source. */
const HOUSE_EVENTS = 8;

/** What others of its kind have shown counts as so many events for a product: less than the house, since products of one kind differ. Common practice, no published source. */
const KIND_EVENTS = 4;

/** However much is lost or kept, one record counts as no more events than these: a whole loss says that it went, not why. */
const MOST_EVENTS = 6;
/** No record moves a forecast further than this, times. Common practice, no published source. */
const [LEAST_FACTOR, MOST_FACTOR] = [0.25, 4];

/** The house as it stands: factor 1, as sure as its weight. */
export const HOUSE_FACTOR: WearFactor = { shape: HOUSE_EVENTS, rate: HOUSE_EVENTS, from: 0 };

/**
 * Moves the factor by what was seen: gamma prior, exposure and events of a Poisson process, the conjugate update, a record as at most six events (e.g. Gelman et al., Bayesian Data
 * Analysis, section 2.6). A loss of -ln(whole) counts as events, the hazard expected over the hours as exposure.
 * @throws RangeError on hours or hazards below zero, or a share outside 0 to 1
 */
export function calibrate(prior: WearFactor, observations: readonly WearObservation[]): WearFactor {
  return observations.reduce((factor, { hazardPerHour, hours, wholeShare }) => {
    if (!(hazardPerHour >= 0) || !(hours >= 0) || !(wholeShare >= 0 && wholeShare <= 1))
      throw new RangeError(
        "an observation needs hazard and hours of zero or more and a share from 0 to 1",
      );
    // What is wholly gone says only that it went, not how long ago.
    const lost = -Math.log(Math.max(wholeShare, 0.02));
    const [seen, expected] = [lost / EVENT, (hazardPerHour * hours) / EVENT];
    const weight = Math.min(1, MOST_EVENTS / Math.max(seen, expected, 1e-9));
    return {
      shape: factor.shape + seen * weight,
      rate: factor.rate + expected * weight,
      from: factor.from + 1,
    };
  }, prior);
}

/** The factor to forecast with, and how unsure it is (one standard deviation). */
export const factorOf = ({ shape, rate }: WearFactor): { mean: number; deviation: number } => ({
  mean: Math.max(LEAST_FACTOR, Math.min(MOST_FACTOR, shape / rate)),
  deviation: Math.sqrt(shape) / rate,
});

/** What a product without records of its own is taken for: as others of its kind have worn, or the house's while none has. */
export const asPrior = (kind: WearFactor): WearFactor =>
  kind.from === 0
    ? HOUSE_FACTOR
    : { shape: KIND_EVENTS * factorOf(kind).mean, rate: KIND_EVENTS, from: 0 };

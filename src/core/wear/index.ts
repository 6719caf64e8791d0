export { climateOf, coverOf, sweatOf } from "./exposure";
export { feelsLike, HEAT_ADVICE, heatStrain, sweatWords } from "./heatStrain";
export {
  hazardsOf,
  HAZARD_WORDS,
  onPiece,
  survival,
  wearUnder,
  zoneWear,
  type Hazards,
  type ZoneWear,
} from "./zoneWear";
export { inWeather, judgeHours, worstHour, type HourJudged } from "./worstHour";
export {
  asPrior,
  calibrate,
  factorOf,
  HOUSE_FACTOR,
  wearFactorOf,
  wearKeyOf,
  type WearFactor,
  type WearKey,
  type WearObservation,
} from "./calibrate";

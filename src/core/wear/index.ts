export { climateOf, coverOf, sweatOf } from "./exposure";
export { feelsLike, HEAT_ADVICE, heatStrain } from "./heatStrain";
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
  calibrate,
  factorOf,
  HOUSE_FACTOR,
  type WearFactor,
  type WearObservation,
} from "./calibrate";

export {
  dewPoint,
  saturationVapourPressure,
  vapourPressure,
  vapourPressureDeficit,
} from "./vapour";
export { heatIndex } from "./heatIndex";
export { dryingMinutes, greatestEvaporation, type Solvent } from "./dryingMinutes";
export { MOST_SWEAT, sweatRate } from "./sweatRate";
export { underCover, type Air, type Cover } from "./microclimate";
export { hoursWithin, type HourOfWeather, type WeatherService } from "./forecast";

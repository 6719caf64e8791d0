export { colourWords } from "./colourWords";
export { chroma, hexToLab, hueAngle, labToHex, type Lab } from "./lab";
export { deltaE00, differenceTo } from "./difference";
export { BANDS, flat, spectrum, type Spectrum } from "./spectrum";
export { LAMP_KEYS, LAMPS, lampOf, type Lamp, type LampKey } from "./lamps";
export {
  labFromReflectance,
  labFromXyz,
  luminanceFactor,
  xyzFromReflectance,
} from "./labFromReflectance";
export { reflectanceFromLab } from "./reflectanceFromLab";
export {
  contrastRatio,
  LET_DOWN_WHITE,
  paintOptics,
  TINT_LIMITS,
  tintOfLetDown,
  type PaintOptics,
  type Swatched,
} from "./paintOptics";
export {
  meanReading,
  MeterNotReady,
  type ColourMeter,
  type MeanReading,
  type MeterReading,
  type MeterState,
} from "./meter";
export { mixOptics } from "./mixOptics";
export { filmReflectance, filmTransmittance, masstoneReflectance } from "./film";
export { coatsEnough } from "./coatsEnough";
export { coatsToCover } from "./coatsToCover";
export {
  individualTypologyAngle,
  ITA_CLASSES,
  ITA_MIDDLES,
  itaClass,
  type ItaClass,
} from "./individualTypologyAngle";
export {
  EXTRA_PAINT_COST,
  sharings,
  solveMix,
  solveMixSteps,
  type MixPaint,
  type MixProgress,
  type MixQuery,
  type MixRecipe,
} from "./solveMix";
export { gradient, type GradientStep } from "./gradient";
export { proposeTones, type ToneProposal } from "./toneProposals";
export { hideUnder, type HiddenUnder, type Undercoat } from "./hideUnder";
export { coloursOfPicture, type PictureColour } from "./pictureColours";
export {
  patchLight,
  readSwatchCard,
  type PatchLight,
  type PhotographedCard,
  type ReadSwatches,
} from "./swatchCard";
export { emissionOf, glowOver, underLampOf, withGlow } from "./fluorescence";
export { hexUnder } from "./shownUnder";
export { masstoneLab, mixedLab } from "./mixedLab";

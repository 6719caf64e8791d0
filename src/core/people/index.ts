export {
  resultOf,
  PatchTestSchema,
  SKIN_KINDS,
  SWEAT_LEVELS,
  BEARDS,
  BUILDS,
  OWN_CREASES,
  CONCERNS,
  PersonSchema,
  faceMeasuresOf,
  landmarksOf,
  physiqueOf,
  STAND_IN,
  FORGOTTEN,
  type PersonFields,
  type Person,
} from "./person";
export { readingDates, patchTestOf, readingsDue, type Lapse } from "./patchTests";
export { isChild, isSmall, isTooSmall, wearsSuit } from "./age";

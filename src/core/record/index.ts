export {
  WearSeenSchema,
  StepSeenSchema,
  ANSWERS,
  RecordSchema,
  disagreements,
  factorsOf,
  errorsOf,
  type WearSeen,
  type StepSeen,
  type RecordFields,
  type WornRecord,
} from "./record";
export { ratioOf, speedOf, type LearnedSpeed } from "./speed";
export {
  contextOf,
  knownProducts,
  meansOf,
  productsAlong,
  storedContextOf,
  type StoredContext,
} from "./contextOf";

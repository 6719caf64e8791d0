export { DRILL_KEYS, drill, FIELD, type DrillKey } from "./drills";
export { hardParts, worthPractising } from "./difficulty";
export { practiceCurve, PracticeSchema, type Practice, type PracticeFields } from "./log";

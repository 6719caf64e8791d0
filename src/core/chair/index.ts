export { chairSteps, READY, type ChairStep, type Ready } from "./steps";
export { CHAIR_KINDS, ChairEventSchema, doneTasksOf, inOrder, isDone, meanwhile, nextStep, readLog, readyFrom, type ChairEvent, type ChairState } from "./log";
export { doneTasks, progressOf, type Progress } from "./progress";
export { stepsSeen } from "./stepsSeen";

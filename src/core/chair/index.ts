export { chairSteps, READY, type ChairStep } from "./steps";
export {
  answersIn,
  ChairEventSchema,
  doneTasksOf,
  isDone,
  lastSitting,
  meanwhile,
  nextSeq,
  nextStep,
  readLog,
  readyFrom,
  skippedTasks,
  withAnswers,
  type ChairEvent,
  type ChairState,
} from "./log";
export { doneTasks, progressOf, type Progress } from "./progress";
export { houseMinutes, stepsSeen } from "./stepsSeen";

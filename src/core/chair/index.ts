export { chairSteps, READY, type ChairStep, type Ready } from "./steps";
export {
  answersIn,
  CHAIR_KINDS,
  ChairEventSchema,
  doneTasksOf,
  inOrder,
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

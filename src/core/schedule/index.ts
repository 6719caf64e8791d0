export { scheduleChair } from "./scheduleChair";
export { scheduleCall, type Call, type Performer, type PlacedInCall } from "./scheduleCall";
export { fitLearning, HOUSE_RATE, learningMinutes, type Learning } from "./learning";
export { chairLowerBound } from "./bound";
export type { Placed, Task } from "./task";
export { backwards, shiftMinutes, type Backwards } from "./backwards";

export { scheduleChair } from "./scheduleChair";
export { chairLowerBound } from "./bound";
export type { Placed, Task } from "./task";
export { backwards, shiftMinutes, type Backwards } from "./backwards";

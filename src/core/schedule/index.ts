export { scheduleChair, type Chair, type ChairSetting } from "./scheduleChair";
export { scheduleCall, type Call, type Performer, type PlacedInCall } from "./scheduleCall";
export { boothWait, designsToOffer, erlangC, type Booth, type BoothWait } from "./queue";
export { fitLearning, HOUSE_RATE, learningMinutes, type Learning } from "./learning";
export { chairLowerBound, headsAndTails, jackson } from "./bound";
export { befores } from "./task";
export type { Hand, Nearby, Pass, Placed, Task } from "./task";
export { backwards, shiftMinutes, type Backwards } from "./backwards";

import type { StrandPoint } from "./strands";
import type { Frame } from "./zone";

/**
 * The drawing of the body as strands, like those of the face: the left half of an adult of 1700 mm standing with the arms a little
 * away and the backs of the hands forward, in mm from the bridge of the nose. Our own curves; heights of shoulder, elbow, waist,
 * wrist, crotch and knee in proportion to stature from memory of anthropometric tables, no published source for the curves.
 */
export const BODY_STRANDS = {
  shoulderTop: [[124, -190, "edge"], [121, -180], [120, -172, "acromial"], [150, -180], [178, -192, "acromion"]],
  chestTop: [[0, -190, "chestTop"], [62, -191], [124, -190, "edge"]],
  armhole: [[124, -190, "edge"], [127, -240], [138, -300, "armpit"]],
  armOuter: [[178, -192, "acromion"], [206, -212], [220, -250, "deltoid"], [233, -310], [262, -400], [298, -498, "elbowOuterTop"], [311, -530], [320, -563, "elbowOuterFoot"], [341, -640], [361, -730], [374, -783, "wristOuter"]],
  armInner: [[138, -300, "armpit"], [158, -370], [186, -450], [214, -524, "elbowInnerTop"], [226, -556], [236, -590, "elbowInnerFoot"], [260, -660], [296, -740], [322, -799, "wristInner"]],
  deltoidFoot: [[220, -250, "deltoid"], [184, -284], [138, -300, "armpit"]],
  elbowTop: [[298, -498, "elbowOuterTop"], [256, -508], [214, -524, "elbowInnerTop"]],
  elbowFoot: [[320, -563, "elbowOuterFoot"], [278, -574], [236, -590, "elbowInnerFoot"]],
  wrist: [[374, -783, "wristOuter"], [348, -788], [322, -799, "wristInner"]],
  handOuter: [[374, -783, "wristOuter"], [397.8, -827.3], [415.5, -868.8, "knuckleOuter"]],
  knuckles: [[415.5, -868.8, "knuckleOuter"], [393.3, -884.5], [368.6, -892.6], [340.5, -890.2, "knuckleInner"]],
  handInner: [[340.5, -890.2, "knuckleInner"], [334, -866], [326, -880], [319, -897], [311, -889], [311, -861], [320, -826], [322, -799, "wristInner"]],
  fingers: [[415.5, -868.8, "knuckleOuter"], [430.5, -911.2], [428.5, -924.5], [418.1, -921.6], [402, -889], [420.2, -944.1], [415.7, -957], [405.6, -951], [387, -898], [404.3, -959.8], [399.5, -971.5], [389.1, -964.8], [368.6, -902], [382.2, -953.3], [377.4, -965], [366.7, -957.4], [349.2, -916.8], [340.5, -890.2, "knuckleInner"]],
  torsoSide: [[138, -300, "armpit"], [143, -355], [140, -420, "ribFoot"], [128, -490], [123, -540], [132, -610, "hipTop"], [150, -670], [160, -730, "hip"]],
  chestFoot: [[140, -420, "ribFoot"], [92, -446], [40, -444], [0, -436, "ribMiddle"]],
  bellyFoot: [[132, -610, "hipTop"], [88, -634], [40, -645], [0, -648, "bellyMiddle"]],
  groin: [[160, -730, "hip"], [104, -764], [48, -804], [8, -822, "crotch"], [0, -824, "crotchMiddle"]],
  seatFoot: [[160, -730, "hip"], [166, -790, "seatSide"], [100, -846], [40, -850], [8, -822, "crotch"], [0, -824, "crotchMiddle"]],
  legOuter: [[160, -730, "hip"], [166, -790, "seatSide"], [167, -900], [152, -1000], [141, -1060, "kneeOuterTop"], [138, -1115], [135, -1170, "kneeOuterFoot"], [144, -1260], [138, -1350], [120, -1450], [116, -1505, "ankleOuter"]],
  legInner: [[8, -822, "crotch"], [22, -900], [40, -990], [54, -1060, "kneeInnerTop"], [60, -1115], [58, -1170, "kneeInnerFoot"], [50, -1260], [62, -1370], [74, -1460], [78, -1505, "ankleInner"]],
  kneeTop: [[141, -1060, "kneeOuterTop"], [97, -1054], [54, -1060, "kneeInnerTop"]],
  kneeFoot: [[135, -1170, "kneeOuterFoot"], [97, -1180], [58, -1170, "kneeInnerFoot"]],
  ankle: [[116, -1505, "ankleOuter"], [97, -1508], [78, -1505, "ankleInner"]],
  foot: [[116, -1505, "ankleOuter"], [130, -1553], [145, -1580], [128, -1590], [95, -1591], [74, -1587], [68, -1560], [78, -1505, "ankleInner"]],
} as const satisfies Record<string, readonly StrandPoint[]>;
export type BodyStrandName = keyof typeof BODY_STRANDS;

const BOTH: readonly Frame[] = ["front", "back"];
/** Heights of the drawn body that can be found by hand or eye, mm. */
export const BODY_HEIGHTS = {
  neckBone: { y: -154, words: "the bone at the foot of the neck", on: ["back"] },
  armpits: { y: -300, words: "the armpits", on: BOTH },
  elbows: { y: -545, words: "the elbows", on: BOTH },
  navel: { y: -575, words: "the navel", on: ["front"] },
  hipBones: { y: -625, words: "the top of the hip bones", on: BOTH },
  wrists: { y: -790, words: "the wrists", on: BOTH },
  crotch: { y: -824, words: "the crotch", on: BOTH },
  knees: { y: -1115, words: "the middle of the knees", on: BOTH },
  ankles: { y: -1505, words: "the ankles", on: BOTH },
} as const satisfies Record<string, { y: number; words: string; on: readonly Frame[] }>;
export type BodyHeight = keyof typeof BODY_HEIGHTS;

import type { BodyStrandName } from "./bodyStrands";
import type { StrandName } from "./strands";
import { traits, type ZoneDefinition } from "./zone";

type Ring = ZoneDefinition<StrandName | BodyStrandName>["ring"];
const torso = { chest: [["chestTop", "chestTop", "edge"], ["armhole", "edge", "armpit"], ["torsoSide", "armpit", "ribFoot"], ["chestFoot", "ribFoot", "ribMiddle"]], belly: [["chestFoot", "ribMiddle", "ribFoot"], ["torsoSide", "ribFoot", "hipTop"], ["bellyFoot", "hipTop", "bellyMiddle"]] } as const satisfies Record<string, Ring>;
const arm = {
  shoulder: [["shoulderTop", "edge", "acromion"], ["armOuter", "acromion", "deltoid"], ["deltoidFoot", "deltoid", "armpit"], ["armhole", "armpit", "edge"]],
  upper: [["deltoidFoot", "armpit", "deltoid"], ["armOuter", "deltoid", "elbowOuterTop"], ["elbowTop", "elbowOuterTop", "elbowInnerTop"], ["armInner", "elbowInnerTop", "armpit"]],
  elbow: [["elbowTop", "elbowInnerTop", "elbowOuterTop"], ["armOuter", "elbowOuterTop", "elbowOuterFoot"], ["elbowFoot", "elbowOuterFoot", "elbowInnerFoot"], ["armInner", "elbowInnerFoot", "elbowInnerTop"]],
  fore: [["elbowFoot", "elbowInnerFoot", "elbowOuterFoot"], ["armOuter", "elbowOuterFoot", "wristOuter"], ["wrist", "wristOuter", "wristInner"], ["armInner", "wristInner", "elbowInnerFoot"]],
  hand: [["wrist", "wristInner", "wristOuter"], ["handOuter", "wristOuter", "knuckleOuter"], ["knuckles", "knuckleOuter", "knuckleInner"], ["handInner", "knuckleInner", "wristInner"]],
  fingers: [["knuckles", "knuckleInner", "knuckleOuter"], ["fingers", "knuckleOuter", "knuckleInner"]],
} as const satisfies Record<string, Ring>;
const leg = {
  knee: [["kneeTop", "kneeInnerTop", "kneeOuterTop"], ["legOuter", "kneeOuterTop", "kneeOuterFoot"], ["kneeFoot", "kneeOuterFoot", "kneeInnerFoot"], ["legInner", "kneeInnerFoot", "kneeInnerTop"]],
  lower: [["kneeFoot", "kneeInnerFoot", "kneeOuterFoot"], ["legOuter", "kneeOuterFoot", "ankleOuter"], ["ankle", "ankleOuter", "ankleInner"], ["legInner", "ankleInner", "kneeInnerFoot"]],
  foot: [["ankle", "ankleInner", "ankleOuter"], ["foot", "ankleOuter", "ankleInner"]],
} as const satisfies Record<string, Ring>;

/** Zones beyond the front of the head: its back, and the body front and back down to fingers and feet, in painting order. A new zone is one entry here. */
export const BODY_ZONE_TABLE = {
  backOfHead: { label: "back of the head", group: "scalp", region: "head", part: "head", frame: "back", place: "midline", ring: [["outline", "vertex", "neckTop"], ["napeTop", "neckTop", "napeTop"]], traits: traits(0, 0, 0.7, 0.5, 0.5, 1) },
  behindEar: { label: "ear back", group: "ears", region: "head", part: "head", frame: "back", place: "paired", ring: "ear", traits: traits(0.4, 0, 0.3, 0.5, 0.5) },
  nape: { label: "nape", group: "neck", region: "neck", part: "head", frame: "back", place: "midline", ring: [["napeTop", "napeTop", "neckTop"], ["neckSide", "neckTop", "neckFoot"], ["napeFoot", "neckFoot", "napeFoot"]], traits: traits(0.5, 0.5, 0.8, 0.4, 0.9, 0.4) },

  shoulderFront: { label: "shoulder", group: "arms", region: "upperArms", part: "body", frame: "front", place: "paired", ring: arm.shoulder, traits: traits(0.2, 0.5, 0.6, 0.4, 0.7) },
  chest: { label: "chest", group: "torso", region: "trunkFront", part: "body", frame: "front", place: "midline", ring: torso.chest, traits: traits(0.2, 0.4, 0.8, 0.5, 0.6, 0.4) },
  belly: { label: "belly", group: "torso", region: "trunkFront", part: "body", frame: "front", place: "midline", ring: torso.belly, traits: traits(0.4, 0.6, 0.7, 0.3, 0.7, 0.3) },
  hips: { label: "hips and lower belly", group: "torso", region: "trunkFront", part: "body", frame: "front", place: "midline", ring: [["bellyFoot", "bellyMiddle", "hipTop"], ["torsoSide", "hipTop", "hip"], ["groin", "hip", "crotchMiddle"]], traits: traits(0.6, 0.6, 0.7, 0.3, 1, 0.4) },
  upperArmFront: { label: "upper arm, front", group: "arms", region: "upperArms", part: "body", frame: "front", place: "paired", ring: arm.upper, traits: traits(0.1, 0.4, 0.5, 0.2, 0.7) },
  elbowInner: { label: "inner elbow", group: "arms", region: "forearms", part: "body", frame: "front", place: "paired", ring: arm.elbow, traits: traits(1, 1, 0.8, 0.2, 0.8) },
  forearmFront: { label: "forearm, front", group: "arms", region: "forearms", part: "body", frame: "front", place: "paired", ring: arm.fore, traits: traits(0.1, 0.3, 0.4, 0.1, 0.7, 0.4) },
  handBack: { label: "back of the hand", group: "hands", region: "hands", part: "body", frame: "front", place: "paired", ring: arm.hand, traits: traits(0.6, 0.8, 0.4, 0.1, 1) },
  fingersBack: { label: "fingers, back", group: "hands", region: "hands", part: "body", frame: "front", place: "paired", ring: arm.fingers, traits: traits(1, 1, 0.5, 0.1, 1) },
  thighFront: { label: "thigh, front", group: "legs", region: "thighs", part: "body", frame: "front", place: "paired", ring: [["groin", "crotch", "hip"], ["legOuter", "hip", "kneeOuterTop"], ["kneeTop", "kneeOuterTop", "kneeInnerTop"], ["legInner", "kneeInnerTop", "crotch"]], traits: traits(0.1, 0.4, 0.5, 0.2, 0.9, 0.3) },
  kneeFront: { label: "knee", group: "legs", region: "lowerLegs", part: "body", frame: "front", place: "paired", ring: leg.knee, traits: traits(0.7, 1, 0.4, 0.1, 0.8) },
  shin: { label: "shin", group: "legs", region: "lowerLegs", part: "body", frame: "front", place: "paired", ring: leg.lower, traits: traits(0, 0.2, 0.4, 0.1, 0.7, 0.4) },
  footTop: { label: "top of the foot", group: "feet", region: "feet", part: "body", frame: "front", place: "paired", ring: leg.foot, traits: traits(0.4, 0.6, 0.6, 0.1, 1) },

  shoulderBack: { label: "shoulder, back", group: "arms", region: "upperArms", part: "body", frame: "back", place: "paired", ring: arm.shoulder, traits: traits(0.2, 0.5, 0.6, 0.4, 0.7) },
  upperBack: { label: "upper back", group: "back", region: "trunkBack", part: "body", frame: "back", place: "midline", ring: [["napeFoot", "napeFoot", "neckFoot"], ["shoulder", "neckFoot", "acromial"], ["shoulderTop", "acromial", "edge"], ["armhole", "edge", "armpit"], ["torsoSide", "armpit", "ribFoot"], ["chestFoot", "ribFoot", "ribMiddle"]], traits: traits(0.1, 0.4, 0.9, 0.6, 0.8, 0.2) },
  lowerBack: { label: "lower back", group: "back", region: "trunkBack", part: "body", frame: "back", place: "midline", ring: torso.belly, traits: traits(0.4, 0.6, 0.9, 0.4, 0.9, 0.2) },
  seat: { label: "seat", group: "back", region: "buttocks", part: "body", frame: "back", place: "midline", ring: [["bellyFoot", "bellyMiddle", "hipTop"], ["torsoSide", "hipTop", "hip"], ["seatFoot", "hip", "crotchMiddle"]], traits: traits(0.4, 0.7, 0.6, 0.3, 1) },
  upperArmBack: { label: "upper arm, back", group: "arms", region: "upperArms", part: "body", frame: "back", place: "paired", ring: arm.upper, traits: traits(0.1, 0.4, 0.5, 0.2, 0.7) },
  elbowBack: { label: "elbow", group: "arms", region: "forearms", part: "body", frame: "back", place: "paired", ring: arm.elbow, traits: traits(0.9, 1, 0.3, 0.1, 0.9) },
  forearmBack: { label: "forearm, back", group: "arms", region: "forearms", part: "body", frame: "back", place: "paired", ring: arm.fore, traits: traits(0.1, 0.3, 0.4, 0.1, 0.8, 0.3) },
  palm: { label: "palm", group: "hands", region: "hands", part: "body", frame: "back", place: "paired", ring: arm.hand, traits: traits(0.9, 0.9, 1, 0, 1) },
  fingersFront: { label: "fingers, palm side", group: "hands", region: "hands", part: "body", frame: "back", place: "paired", ring: arm.fingers, traits: traits(1, 1, 1, 0, 1) },
  thighBack: { label: "thigh, back", group: "legs", region: "thighs", part: "body", frame: "back", place: "paired", ring: [["seatFoot", "crotch", "seatSide"], ["legOuter", "seatSide", "kneeOuterTop"], ["kneeTop", "kneeOuterTop", "kneeInnerTop"], ["legInner", "kneeInnerTop", "crotch"]], traits: traits(0.1, 0.4, 0.6, 0.2, 1, 0.3) },
  kneeBack: { label: "back of the knee", group: "legs", region: "lowerLegs", part: "body", frame: "back", place: "paired", ring: leg.knee, traits: traits(1, 1, 0.8, 0.1, 0.8) },
  calf: { label: "calf", group: "legs", region: "lowerLegs", part: "body", frame: "back", place: "paired", ring: leg.lower, traits: traits(0, 0.4, 0.4, 0.1, 0.8, 0.3) },
  heel: { label: "heel and sole", group: "feet", region: "feet", part: "body", frame: "back", place: "paired", ring: leg.foot, traits: traits(0.5, 0.4, 0.6, 0, 1) },
} as const satisfies Record<string, ZoneDefinition<StrandName | BodyStrandName>>;

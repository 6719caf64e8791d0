import {
  boundingBox,
  headFromAbove,
  mirror,
  profileOf,
  type Figure,
  type Frame,
  type Point,
  type Polygon,
  type ZoneId,
} from "@/core/anatomy";
import { RELIEF_BOXES, type BodyChart, type HeadChart } from "@/core/anatomy/surface";

/** Ways to look at the figure, in the order they are offered; `part` is what is in the picture, `frame` the side marks are placed on there. */
export const VIEWS = {
  face: { label: "Face", words: "front of the face", frame: "front" },
  leftProfile: { label: "Left profile", words: "head from the left", frame: null },
  rightProfile: { label: "Right profile", words: "head from the right", frame: null },
  backOfHead: { label: "Back of the head", words: "back of the head", frame: "back" },
  topOfHead: { label: "Top of the head", words: "head from above", frame: null },
  bodyFront: { label: "Body, front", words: "whole body from the front", frame: "front" },
  torsoFront: { label: "Torso, front", words: "torso from the front", frame: "front" },
  armLeft: { label: "Left arm and hand", words: "left arm and back of the hand", frame: "front" },
  armRight: {
    label: "Right arm and hand",
    words: "right arm and back of the hand",
    frame: "front",
  },
  handLeft: { label: "Left hand", words: "back of the left hand", frame: "front" },
  handRight: { label: "Right hand", words: "back of the right hand", frame: "front" },
  legsFront: { label: "Legs, front", words: "legs and feet from the front", frame: "front" },
  feet: { label: "Feet", words: "feet from the front", frame: "front" },
  bodyBack: { label: "Body, back", words: "whole body from the back", frame: "back" },
  torsoBack: { label: "Back", words: "back", frame: "back" },
  palmLeft: {
    label: "Left arm, palm side",
    words: "left arm from the back, palm of the hand",
    frame: "back",
  },
  palmRight: {
    label: "Right arm, palm side",
    words: "right arm from the back, palm of the hand",
    frame: "back",
  },
  legsBack: { label: "Legs, back", words: "legs and heels from the back", frame: "back" },
} as const satisfies Record<string, { label: string; words: string; frame: Frame | null }>;
export type ViewKey = keyof typeof VIEWS;

/** The charts of a view's head and body that have form; of a body both are in the picture. */
export function chartsOf(view: ViewKey): {
  readonly head: HeadChart;
  readonly body: BodyChart | null;
} {
  if (isChart(view)) return { head: view, body: null };
  return VIEWS[view].frame === "back"
    ? { head: "backOfHead", body: "bodyBack" }
    : { head: "face", body: "bodyFront" };
}
const isChart = (view: string): view is HeadChart => view in RELIEF_BOXES;
export const VIEW_KEYS = Object.keys(VIEWS) as ViewKey[];

export interface ViewZone {
  readonly id: ZoneId;
  readonly label: string;
  readonly frame: Frame;
  readonly polygon: Polygon;
}

/** One view of a figure in mm of the picture, x to the right, y up. */
export interface Scene {
  readonly zones: readonly ViewZone[];
  /** Shape behind everything, where zones alone would leave gaps. */
  readonly ground: Polygon | null;
  /** From mm on the person to mm in the picture; null where that side of the person is not in it. */
  readonly carry: Readonly<Record<Frame, ((p: Point) => Point) | null>>;
  /** Whether a point of a person is seen in the picture. */
  readonly shows: (p: Point) => boolean;
  readonly box: {
    readonly left: number;
    readonly top: number;
    readonly width: number;
    readonly height: number;
  };
  /** Eyes and lines of the face are drawn as they are. */
  readonly face: boolean;
}

const MARGIN = 14;
/** A box round points, SVG's way: its top is the smallest y. */
function boxRound(points: readonly Point[], margin = MARGIN): Scene["box"] {
  const box = boundingBox(points);
  return {
    left: box.left - margin,
    top: -box.top - margin,
    width: box.right - box.left + 2 * margin,
    height: box.top - box.bottom + 2 * margin,
  };
}

/** Which zones a view closes in on. */
const CLOSE: Partial<Record<ViewKey, (id: string) => boolean>> = {
  torsoFront: (id) => /^(chest|belly|hips|shoulderFront)/.test(id),
  torsoBack: (id) => /^(upperBack|lowerBack|seat|shoulderBack)/.test(id),
  armLeft: (id) => /^(upperArmFront|elbowInner|forearmFront|handBack|fingersBack)Left$/.test(id),
  armRight: (id) => /^(upperArmFront|elbowInner|forearmFront|handBack|fingersBack)Right$/.test(id),
  handLeft: (id) => /^(handBack|fingersBack)Left$/.test(id),
  handRight: (id) => /^(handBack|fingersBack)Right$/.test(id),
  feet: (id) => /^footTop/.test(id),
  palmLeft: (id) => /^(upperArmBack|elbowBack|forearmBack|palm|fingersFront)Left$/.test(id),
  palmRight: (id) => /^(upperArmBack|elbowBack|forearmBack|palm|fingersFront)Right$/.test(id),
  legsFront: (id) => /^(thighFront|kneeFront|shin|footTop)/.test(id),
  legsBack: (id) => /^(thighBack|kneeBack|calf|heel)/.test(id),
};

const same = (p: Point): Point => p;
const always = () => true;

/** What is in the picture of a view, and where. From behind, the person's left is on the left. */
export function sceneOf(figure: Figure, view: ViewKey): Scene {
  if (view === "leftProfile" || view === "rightProfile") {
    const profile = profileOf(figure, view === "leftProfile" ? "left" : "right");
    return {
      zones: profile.zones,
      ground: profile.silhouette,
      carry: { front: profile.carry("front"), back: profile.carry("back") },
      // One sees what is on this side of the midline, and nothing of the shoulders.
      shows: (p) =>
        p.y > figure.landmarks.jugulare.y && (view === "leftProfile" ? p.x > -1 : p.x < 1),
      box: boxRound([...profile.silhouette, ...profile.zones.flatMap(({ polygon }) => polygon)]),
      face: false,
    };
  }
  if (view === "topOfHead") {
    const { zones, carry, shows } = headFromAbove(figure);
    return {
      ...{ zones, shows },
      ground: null,
      carry: { front: carry("front"), back: carry("back") },
      box: boxRound(zones.flatMap(({ polygon }) => polygon)),
      face: false,
    };
  }
  const { frame } = VIEWS[view];
  const turn = frame === "back" ? mirror : same;
  const headOnly = view === "face" || view === "backOfHead";
  const zones = [...figure.zonesOn(frame)]
    .filter(({ part }) => !headOnly || part === "head")
    .sort((a, b) => Number(b.part === "body") - Number(a.part === "body"))
    .map(({ id, label, polygon }): ViewZone => ({ id, label, frame, polygon: polygon.map(turn) }));
  const close = CLOSE[view];
  const framed = close ? zones.filter(({ id }) => close(id)) : zones;
  return {
    zones,
    ground: null,
    shows: always,
    face: frame === "front",
    box: boxRound(
      framed.flatMap(({ polygon }) => polygon),
      close || headOnly ? MARGIN : 30,
    ),
    carry: frame === "back" ? { front: null, back: mirror } : { front: same, back: null },
  };
}

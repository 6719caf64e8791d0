import type { BodyRegion } from "./body";

/** Parts of the body as wear, stock and words count them. */
export type ZoneGroup =
  | "face"
  | "eyes"
  | "lips"
  | "scalp"
  | "ears"
  | "neck"
  | "torso"
  | "back"
  | "arms"
  | "hands"
  | "legs"
  | "feet";

export interface Traits {
  /** 0-1: how deep a crease the skin makes here. */
  readonly crease: number;
  /** 0-1: how far the skin moves when the face acts. */
  readonly movement: number;
  readonly sweat: number;
  readonly sebum: number;
  /** 0-1: how much the costume and the wearer's hands rub here. */
  readonly rubbing: number;
  readonly hair: number;
}

/**
 * What a zone is, wherever a rule asks: inside the orbital rim; of the mouth; with hair that glue tears out; where a
 * beard grows; whose colour stays clean, nothing else under it; on the fuller side of the smile fold; under the plain
 * suit a child is always shown in.
 */
export type ZoneFlag = "eye" | "mouth" | "hair" | "beard" | "clean" | "cheek" | "suit";

/** How a zone stands to the light: what comes forward, and what lies back. */
export type Relief = "high" | "hollow";

/** Which side of the person a zone or a mark is on: both are drawn in mm from the bridge of the nose, x to the person's left. */
export type Frame = "front" | "back";

export type Arc<Name extends string> = readonly [strand: Name, from: string, to: string];

export interface ZoneDefinition<Name extends string> {
  readonly label: string;
  readonly group: ZoneGroup;
  readonly region: BodyRegion;
  /** The region that half of it belongs to, where a border of the regions runs through its middle. */
  readonly halfOf?: BodyRegion;
  readonly part: "head" | "body";
  readonly frame: Frame;
  /** "midline": the ring runs down the left half and closes by its mirror image. "paired": one zone each side. */
  readonly place: "midline" | "paired";
  readonly ring: readonly Arc<Name>[] | "ear";
  readonly traits: Traits;
  readonly flags?: readonly ZoneFlag[];
  readonly relief?: Relief;
}

/** Traits in the order crease, movement, sweat, sebum, rubbing, hair. Common practice, no published source. */
export const traits = (
  crease: number,
  movement: number,
  sweat: number,
  sebum: number,
  rubbing: number,
  hair = 0,
): Traits => ({ crease, movement, sweat, sebum, rubbing, hair });

import { ZONES, type Landmarks, type ZoneId } from "../../anatomy";
import type { RuleId } from "../../rules";
import { MarkSchema, type Mark, type MarkKind } from "../../shapes";
import type { Part } from "../part";
import type { Role } from "../roles";

/** One layer that a reading is made of. */
export interface GuideStep {
  readonly role: Extract<Role, "base" | "contour" | "shade" | "highlight" | "detail">;
  readonly name: string;
  /** Why it reads so. */
  readonly why: string;
  readonly marks?: readonly Mark[];
  readonly zones?: readonly ZoneId[];
  readonly part?: Part;
  /** A colour of its own; without one it is a step from what it lies on, as its role has it. */
  readonly colour?: string;
  /** Its edge fades over so many mm; hard where it is missing. */
  readonly fadeMm?: number;
}

/** What makes a face read as something: where it lies on this face, and why. */
export interface Guide {
  readonly label: string;
  readonly does: string;
  readonly rule: RuleId;
  /** Words of a brief that ask for it. */
  readonly words: RegExp;
  readonly steps: (face: Landmarks) => readonly GuideStep[];
}

type Values = Readonly<Record<string, number | boolean | string>>;

/** A shape of a guide, where it lies. @throws ZodError where its values make no shape */
export const shape = (kind: MarkKind, x: number, y: number, values: Values = {}): Mark =>
  MarkSchema.parse({ kind, x, y, seed: 7, ...values });

/** A shape on both sides of the face. */
export const pair = (kind: MarkKind, x: number, y: number, values: Values = {}): Mark =>
  shape(kind, x, y, { ...values, mirrored: true });

/** A kind of area that a person has on each side. */
type PairedKind = ZoneId extends infer Id ? (Id extends `${infer Kind}Left` ? Kind : never) : never;

/** Areas on both sides. */
export const both = (...kinds: readonly PairedKind[]): readonly ZoneId[] =>
  kinds.flatMap((kind): ZoneId[] => [`${kind}Left`, `${kind}Right`]);

/** The skin of a face: all of it but brows, lids and lips. */
export const FACE_SKIN: readonly ZoneId[] = ZONES.filter(
  ({ group, kind }) => group === "face" && kind !== "brow",
).map(({ id }) => id);

/** All that is seen of a bare head from in front: a colour that stops at the lids or the jaw reads as a mask. */
export const HEAD_SKIN: readonly ZoneId[] = [
  ...FACE_SKIN,
  ...ZONES.filter(
    ({ group, kind, frame }) =>
      group === "eyes" ||
      group === "ears" ||
      (group === "neck" && frame === "front" && kind !== "collar"),
  ).map(({ id }) => id),
];

export const BLACK = "#17171a";
export const WHITE = "#f2f1ec";
export const RED = "#a3282a";

import { z } from "zod";
import type { LandmarkName } from "../anatomy";

/** Landmarks that a shape may move with, in words. */
export const ANCHORS = {
  trichion: "the hairline",
  glabella: "the place between the brows",
  pronasale: "the nose tip",
  stomion: "the mouth",
  pogonion: "the chin",
  pupilLeft: "the left pupil",
  pupilRight: "the right pupil",
  browOuterLeft: "the end of the left brow",
  browOuterRight: "the end of the right brow",
  exocanthionLeft: "the left outer eye corner",
  exocanthionRight: "the right outer eye corner",
  zygionLeft: "the left cheekbone",
  zygionRight: "the right cheekbone",
  cheilionLeft: "the left mouth corner",
  cheilionRight: "the right mouth corner",
  gonionLeft: "the left corner of the jaw",
  gonionRight: "the right corner of the jaw",
} as const satisfies Partial<Record<LandmarkName, string>>;
export type AnchorLandmark = keyof typeof ANCHORS;
export const ANCHOR_KEYS = Object.keys(ANCHORS) as AnchorLandmark[];

const [least, most] = [-2150, 700];
/** Where what a shape moves with was when the shape was put where it is, mm. */
const at = { x: z.number().min(least).max(most), y: z.number().min(least).max(most) };

/** What a shape moves with: a landmark of the face, or another shape by its tag. */
export const AnchorSchema = z.discriminatedUnion("to", [
  z.object({ to: z.literal("landmark"), landmark: z.enum(ANCHOR_KEYS), ...at }).strict(),
  z.object({ to: z.literal("shape"), tag: z.string().max(24), ...at }).strict(),
]);
export type Anchor = z.infer<typeof AnchorSchema>;

import type { Landmarks } from "../../anatomy";
import {
  BLACK,
  both,
  FACE_SKIN,
  pair,
  RED,
  shape,
  WHITE,
  type Guide,
  type GuideStep,
} from "./guide";

/** A mouth that is read from the front row: the lower lip with small ends, within the eye corners (EDGE-3). */
const mouthOf = (face: Landmarks, colour: string): GuideStep => ({
  role: "detail",
  name: "Mouth",
  why: "The lower lip alone, with small ends beside it: nothing beyond the outer eye corners.",
  colour,
  marks: [
    shape("mouth", 0, face.stomion.y - 3, {
      spanMm: Math.min(2 * face.cheilionLeft.x + 12, 2 * face.exocanthionLeft.x),
      upperMm: 1,
      lowerMm: 12,
      bowMm: 0,
      smileMm: 5,
    }),
  ],
});

export const whiteClown: Guide = {
  label: "Clown, white face",
  does: "all white, few and small shapes: one brow drawn high, a red lower lip",
  rule: "EDGE-3",
  words: /\b(white[- ]?(faced )?clown|mime)\b/i,
  steps: (face) => [
    {
      role: "base",
      name: "White face",
      why: "The whole face, so that few lines say everything.",
      zones: [...FACE_SKIN, ...both("browBone", "underEye", "upperLid")],
      colour: WHITE,
    },
    mouthOf(face, RED),
    {
      role: "detail",
      name: "One brow",
      why: "Drawn high, on one side: the only line that asks a question.",
      colour: BLACK,
      marks: [
        shape("brow", face.superciliareLeft.x, face.superciliareLeft.y + 10, {
          archMm: 16,
          widthMm: 3,
        }),
      ],
    },
  ],
};

export const fleshClown: Guide = {
  label: "Clown, flesh and white",
  does: "the skin's own tone, white round eyes and mouth, a red nose",
  rule: "EDGE-3",
  words: /\b(clown|circus|jester)s?\b/i,
  steps: (face) => [
    {
      role: "detail",
      name: "White round the eyes",
      why: "From lid to high on the forehead: it makes the eyes large from the last row.",
      colour: WHITE,
      marks: [
        pair("disc", face.pupilLeft.x, face.pupilLeft.y + 9, { breadthMm: 34, heightMm: 52 }),
      ],
    },
    {
      role: "detail",
      name: "White round the mouth",
      why: "Within the outer eye corners, so that the front row reads it too.",
      colour: WHITE,
      marks: [
        shape("muzzle", 0, face.stomion.y - 4, {
          breadthMm: 2 * face.exocanthionLeft.x * 0.9,
          heightMm: 42,
          cleftMm: 0,
        }),
      ],
    },
    mouthOf(face, RED),
    {
      role: "detail",
      name: "Red nose",
      why: "The tip and both wings: one round thing in the middle.",
      colour: RED,
      zones: ["noseTip", ...both("noseWing")],
    },
  ],
};

export const trampClown: Guide = {
  label: "Clown, tramp",
  does: "a dark beard line, white round eyes and mouth, the corners of the mouth down",
  rule: "EDGE-3",
  words: /\b(tramp|sad clown)\b/i,
  steps: (face) => [
    {
      role: "detail",
      name: "Beard line",
      why: "Jaw and chin in one dark shape with a clean upper edge.",
      colour: "#4a4038",
      zones: ["chin", ...both("jawline")],
    },
    {
      role: "detail",
      name: "White round the mouth",
      why: "It droops at both ends.",
      colour: WHITE,
      marks: [
        shape("mouth", 0, face.stomion.y - 3, {
          spanMm: 2 * face.exocanthionLeft.x * 0.88,
          upperMm: 12,
          lowerMm: 18,
          bowMm: 0,
          smileMm: -10,
        }),
      ],
    },
    {
      role: "detail",
      name: "White round the eyes",
      why: "Low at the outer corners: a face that expects nothing.",
      colour: WHITE,
      marks: [
        pair("almond", face.pupilLeft.x, face.pupilLeft.y + 3, {
          spanMm: 38,
          upperMm: 15,
          lowerMm: 9,
          tiltMm: -8,
        }),
      ],
    },
    {
      role: "detail",
      name: "Red nose",
      why: "The cold has done it: the tip alone.",
      colour: RED,
      zones: ["noseTip"],
    },
  ],
};

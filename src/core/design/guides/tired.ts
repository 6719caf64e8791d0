import { both, pair, type Guide } from "./guide";

export const tired: Guide = {
  label: "Tired",
  does: "the fold under the eye and the inner corner dark, the lid heavy",
  rule: "FORM-7",
  words: /\b(tired|weary|sleepy|sleepless|exhausted|worn out)\b/i,
  steps: (face) => [
    {
      role: "shade",
      name: "Bags under the eyes",
      why: "The lower edge of the bag is hard and its upper side fades.",
      marks: [
        pair("fold", face.pupilLeft.x - 1, face.orbitaleLeft.y + 4, {
          lengthMm: 24,
          bendMm: 5,
          turnDeg: -90,
          fadeMm: 6,
        }),
      ],
    },
    {
      role: "contour",
      name: "Inner corners",
      why: "Skin is thinnest there, and shows the blood under it first.",
      zones: both("underEye"),
      part: { kind: "third", side: "inner" },
      fadeMm: 6,
    },
    {
      role: "contour",
      name: "Heavy lids",
      why: "A lid that hangs lies in its own shade.",
      zones: both("upperLid"),
      fadeMm: 5,
    },
  ],
};

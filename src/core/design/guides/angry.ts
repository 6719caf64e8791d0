import { both, pair, type Guide } from "./guide";

export const angry: Guide = {
  label: "Angry",
  does: "brows down at their inner ends and sharp at the arch, furrows between them",
  rule: "FORM-7",
  words: /\b(angry|anger|rag(e|ing)|furious|wrath(ful)?|fierce|evil|villain(ous)?)\b/i,
  steps: (face) => [
    {
      role: "detail",
      name: "Brows drawn down",
      why: "Inner ends low and a high sharp arch are what anger does to a brow.",
      marks: [
        pair("brow", face.superciliareLeft.x - 2, face.superciliareLeft.y - 2, {
          archMm: 12,
          archAt: 0.7,
          turnDeg: 16,
          widthMm: 6,
        }),
      ],
    },
    {
      role: "shade",
      name: "Furrows between the brows",
      why: "Two short upright lines, nearer to each other below.",
      marks: [
        pair("fold", 5, face.glabella.y + 3, {
          lengthMm: 16,
          bendMm: 2,
          turnDeg: -10,
          fadeMm: 3,
          fadeLeft: false,
        }),
      ],
    },
    {
      role: "contour",
      name: "Under the brows",
      why: "A lowered brow throws the upper lid into shade.",
      zones: both("browBone"),
      part: { kind: "third", side: "inner" },
      fadeMm: 8,
    },
  ],
};

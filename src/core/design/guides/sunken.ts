import { both, type Guide } from "./guide";

export const sunken: Guide = {
  label: "Sunken",
  does: "temples, eye sockets and under the cheekbones in shade, the bone over them lit",
  rule: "FORM-7",
  words: /\b(sunken|gaunt|starv(ed|ing)|hollow|sickly)\b/i,
  steps: () => [
    {
      role: "contour",
      name: "Hollow cheeks",
      why: "Under the cheekbone, darkest at its upper edge; suck the cheeks in to find it.",
      zones: both("cheekHollow"),
      part: { kind: "third", side: "upper" },
      fadeMm: 14,
    },
    {
      role: "contour",
      name: "Temples",
      why: "The first place where a face falls in.",
      zones: both("temple"),
      fadeMm: 12,
    },
    {
      role: "shade",
      name: "Sockets",
      why: "Deepest at the inner corner, under the brow.",
      zones: both("browBone", "underEye"),
      part: { kind: "third", side: "inner" },
      fadeMm: 8,
    },
    {
      role: "highlight",
      name: "Bone over the hollow",
      why: "A hollow is only as deep as the edge above it is bright.",
      zones: both("cheekbone"),
      part: { kind: "third", side: "upper" },
      fadeMm: 6,
    },
  ],
};

import { both, HEAD_SKIN, shape, type Guide } from "./guide";

export const dead: Guide = {
  label: "Dead",
  does: "colour gone from skin and lips, sockets and hollows dark, blotches where blood has settled",
  rule: "FORM-6",
  words: /\b(dead|death|corpse|undead|zombie|ghoul|ghost(ly)?|drowned)\b/i,
  steps: (face) => [
    {
      role: "base",
      name: "Colour gone",
      why: "Skin without blood is grey-green, thinly, so that it stays skin.",
      zones: HEAD_SKIN,
      colour: "#a9b0a0",
    },
    {
      role: "shade",
      name: "Sockets",
      why: "An eye that no longer moves the skin round it lies deep.",
      zones: both("browBone", "underEye"),
      colour: "#4a4650",
      fadeMm: 9,
    },
    {
      role: "detail",
      name: "Lips without blood",
      why: "Blue-grey, no redder than the face.",
      zones: ["upperLip", "lowerLip"],
      colour: "#6f6c7a",
    },
    {
      role: "contour",
      name: "Settled blood",
      colour: "#6d4a52",
      why: "Broken blotches, denser to one side: never the same on both.",
      marks: [
        shape("blotches", face.zygionLeft.x - 20, face.alareLeft.y - 20, { count: 40 }),
        shape("blotches", face.frontotemporaleRight.x + 14, face.glabella.y + 18, { count: 26 }),
      ],
    },
  ],
};

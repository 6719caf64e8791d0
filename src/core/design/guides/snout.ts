import { BLACK, both, pair, shape, type Guide } from "./guide";

export const snout: Guide = {
  label: "Animal with a snout",
  does: "nose and mouth drawn forward: a long light bridge, dark sides, a large nose",
  rule: "FORM-1",
  words: /\b(dog|wolf|fox|bear|mouse|rat|horse|goat|deer|pig|badger|hound)s?\b/i,
  steps: (face) => [
    {
      role: "highlight",
      name: "Bridge of the snout",
      why: "One long light form from between the brows to the tip comes forward.",
      marks: [
        shape("disc", 0, (face.glabella.y + face.pronasale.y) / 2, {
          breadthMm: 17,
          heightMm: face.glabella.y - face.pronasale.y + 6,
        }),
      ],
      fadeMm: 5,
    },
    {
      role: "contour",
      name: "Sides of the snout",
      why: "What falls away at both sides makes it long.",
      zones: both("noseSide"),
      fadeMm: 8,
    },
    {
      role: "contour",
      name: "Behind the snout",
      why: "The cheeks go back, so that it comes forward.",
      zones: both("cheekHollow"),
      part: { kind: "third", side: "upper" },
      fadeMm: 12,
    },
    {
      role: "detail",
      name: "Nose",
      why: "Over the tip and down to the lip: a snout ends in it.",
      colour: BLACK,
      marks: [
        shape("disc", 0, face.pronasale.y, { breadthMm: 2 * face.alareLeft.x, heightMm: 20 }),
        shape("path", 0, (face.subnasale.y + face.stomion.y) / 2, { turnDeg: 90, widthMm: 2 }),
      ],
    },
    {
      role: "detail",
      name: "Whisker spots",
      why: "On the pads, in loose rows.",
      colour: BLACK,
      marks: [
        pair("spots", face.cheilionLeft.x, face.subnasale.y - 9, {
          spreadMm: 14,
          count: 7,
          widthMm: 1.6,
        }),
      ],
    },
  ],
};

import { BLACK, pair, shape, WHITE, type Guide } from "./guide";

export const flatAnimal: Guide = {
  label: "Flat-faced animal",
  does: "a broad muzzle within the eye corners, a small nose, eyes slanted up",
  rule: "MAP-2",
  words: /\b(cat|tiger|lion|leopard|lynx|owl|monkey|ape)s?\b/i,
  steps: (face) => {
    // No broader than the outer eye corners: beyond them it leaves the front of the face.
    const breadth = 2 * face.exocanthionLeft.x * 0.82;
    return [
      {
        role: "detail",
        name: "Muzzle",
        why: "The largest shape first: it moves everything else. It ends within the eye corners.",
        colour: WHITE,
        marks: [
          shape("muzzle", 0, face.subnasale.y - 13, {
            breadthMm: breadth,
            heightMm: 34,
            cleftMm: 9,
          }),
        ],
      },
      {
        role: "detail",
        name: "Nose",
        why: "Broad and short: the whole tip, its point down to the parting of the lip.",
        colour: BLACK,
        marks: [
          shape("polygon", 0, face.pronasale.y - 1, {
            corners: 3,
            breadthMm: 2 * face.alareLeft.x,
            heightMm: 18,
            roundness: 0.4,
            turnDeg: 180,
          }),
        ],
      },
      {
        role: "detail",
        name: "Eyes slanted up",
        why: "The outer corner above the inner one is what the eye of a cat does.",
        colour: BLACK,
        marks: [pair("wing", face.pupilLeft.x, face.pupilLeft.y)],
      },
      {
        role: "detail",
        name: "Whiskers",
        why: "From the pads outwards, not as many on one side as on the other.",
        colour: BLACK,
        marks: [
          pair("whiskers", face.cheilionLeft.x + 14, face.subnasale.y - 10, { varied: true }),
        ],
      },
    ];
  },
};

import { pair, type Guide } from "./guide";

/** Clear of the crease that moves there, mm: a colour that ends in it breaks (EDGE-1). */
const CLEAR_MM = 10;
/** How far a line stays inside the nose wing, mm: a fold never runs past it. */
const WITHIN_MM = 0.5;

export const old: Guide = {
  label: "Old",
  does: "smile folds, corners of the mouth, lines of the forehead and sagging jowls",
  rule: "FORM-2",
  words: /\b(old|aged|ancient|grand(mother|father)|crone|elder(ly)?|withered)\b/i,
  steps: (face) => {
    const { alareLeft: wing, cheilionLeft: corner } = face;
    const middle = { x: (wing.x + corner.x) / 2 + CLEAR_MM, y: (wing.y + corner.y) / 2 };
    const length = Math.hypot(corner.x - wing.x, corner.y - wing.y);
    // It runs from beside the wing to beside the corner, its top no higher than the wing.
    return [
      {
        role: "shade",
        name: "Smile folds",
        why: "Hard towards the lip, faded over the fuller cheek; no higher than the nose wing.",
        marks: [
          pair("fold", middle.x, wing.y - length / 2 - WITHIN_MM, {
            lengthMm: length,
            bendMm: 4,
            turnDeg: 10,
            fadeMm: 6,
            fadeLeft: true,
          }),
        ],
      },
      {
        role: "shade",
        name: "From the corners of the mouth",
        why: "The corner sinks, and a short line runs down from it.",
        marks: [
          pair("fold", corner.x + 2, corner.y - 9, {
            lengthMm: 15,
            bendMm: 2,
            turnDeg: 12,
            fadeMm: 4,
          }),
        ],
      },
      {
        role: "shade",
        name: "Lines of the forehead",
        why: "Never straight, never whole: patted on in short touches.",
        marks: [18, 28].map((up) =>
          pair("fold", 16, face.glabella.y + up, {
            lengthMm: 28,
            bendMm: 2.5,
            turnDeg: 86,
            fadeMm: 3,
            widthMm: 1.2,
          }),
        ),
      },
      {
        role: "highlight",
        name: "Over the folds",
        why: "Flesh that has sunk lies over its fold and catches the light.",
        marks: [
          pair("fold", middle.x + 6, wing.y - length / 2 - 2, {
            lengthMm: length,
            bendMm: 4,
            turnDeg: 10,
            fadeMm: 5,
          }),
        ],
      },
      {
        role: "contour",
        name: "Jowls",
        why: "The line of the jaw breaks where the cheek hangs over it.",
        marks: [
          pair("disc", face.gnathionSideLeft.x + 8, face.gnathionSideLeft.y + 10, {
            breadthMm: 16,
            heightMm: 10,
          }),
        ],
        fadeMm: 7,
      },
    ];
  },
};

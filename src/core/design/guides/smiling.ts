import { pair, type Guide } from "./guide";

export const smiling: Guide = {
  label: "Smiling",
  does: "crow's feet curved under, a curved line below the eye, the cheek apple raised",
  rule: "FORM-7",
  words: /\b(smil(e|es|ing)|happy|merry|jolly|laugh(s|ing)?|cheer(y|ful))\b/i,
  steps: (face) => [
    {
      role: "shade",
      name: "Line under the eye",
      why: "The raised cheek pushes the lower lid into a curve that opens upwards.",
      marks: [
        pair("fold", face.pupilLeft.x, face.palpebraleInferiusLeft.y - 5, {
          lengthMm: 26,
          bendMm: 5,
          turnDeg: -90,
          fadeMm: 3,
          fadeLeft: false,
        }),
      ],
    },
    {
      role: "shade",
      name: "Crow's feet, curved under",
      why: "Laughing lines leave the outer corner and bend down round the cheek.",
      marks: [-2, 4].map((up) =>
        pair("fold", face.exocanthionLeft.x + 7, face.exocanthionLeft.y + up, {
          lengthMm: 9,
          bendMm: 2,
          turnDeg: up > 0 ? 110 : 75,
          fadeMm: 0,
          widthMm: 0.9,
        }),
      ),
    },
    {
      role: "highlight",
      name: "Cheek apples raised",
      why: "What is pushed up catches the light from above.",
      marks: [
        pair("disc", face.pupilLeft.x + 4, face.alareLeft.y + 9, { breadthMm: 22, heightMm: 15 }),
      ],
      fadeMm: 8,
    },
  ],
};

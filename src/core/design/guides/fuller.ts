import { both, pair, shape, type Guide } from "./guide";

export const fuller: Guide = {
  label: "Fuller",
  does: "cheeks and chin round and lit, a second chin in shade, temples lifted",
  rule: "FORM-1",
  words: /\b(fat|plump|chubby|cherub(ic)?|(full|round)[- ](face|faced|cheeks|cheeked))\b/i,
  steps: (face) => [
    {
      role: "highlight",
      name: "Round cheeks",
      why: "A ball is lit on top: large, high and soft.",
      marks: [
        pair("disc", face.pupilLeft.x + 8, face.alareLeft.y, { breadthMm: 32, heightMm: 24 }),
      ],
      fadeMm: 12,
    },
    {
      role: "contour",
      name: "Under the cheeks",
      why: "Where the ball turns away from the light.",
      marks: [
        pair("disc", face.pupilLeft.x + 8, face.cheilionLeft.y + 2, {
          breadthMm: 30,
          heightMm: 9,
        }),
      ],
      fadeMm: 8,
    },
    {
      role: "shade",
      name: "Second chin",
      why: "A curved shadow below the chin makes another one under it.",
      marks: [
        shape("fold", 0, face.menton.y - 2, {
          lengthMm: 44,
          bendMm: 7,
          turnDeg: -90,
          fadeMm: 6,
        }),
      ],
    },
    {
      role: "highlight",
      name: "Temples filled",
      why: "A full face has no hollow beside the brow.",
      zones: both("temple"),
      fadeMm: 12,
    },
  ],
};

// How fast a head is built, lit and turned, beside the rasteriser alone on the same mesh. Called by npm run bench.
import { defaultFace } from "../src/core/anatomy";
import {
  RELIEF_BOXES,
  headRelief,
  turnable,
  type TurnChart,
  type PaintedHead,
} from "../src/core/anatomy/surface";
import { bodySurface } from "../src/core/anatomy/surface/body";
import { bodyRelief } from "../src/core/anatomy/surface/bodyRelief";
import { headSurface } from "../src/core/anatomy/surface/head";
import { rasterise } from "../src/core/anatomy/surface/raster";
import { median } from "./median";

/** Colours that differ from pixel to pixel, so that nothing is guessed. */
function chartOf(key: TurnChart): PaintedHead["charts"][TurnChart] {
  const box = RELIEF_BOXES[key];
  const [width, height] = [640, Math.round((640 * box.height) / box.width)];
  const data = Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) =>
    i % 4 === 3 ? 255 : (i * 7919) % 256,
  );
  return { width, height, data, box };
}

const BODY: Parameters<typeof bodyRelief>[0] = {
  part: "body",
  physique: { heightCm: 170, weightKg: 66, ageYears: 30 },
  bridgeMm: 1590,
  chart: "bodyFront",
  light: "above",
  what: "form",
  box: { left: -480, top: 150, width: 960, height: 1460 },
};

/** Prints milliseconds and how often the same mesh could merely be rasterised meanwhile. */
export function benchSurface(): void {
  const faces = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => ({
    ...defaultFace(),
    pronasale: { x: 0, y: -45 - i / 10 },
  }));
  const head = headSurface({ detail: 0.5 });
  const [width, height] = [310, 360];
  const count = head.parts.length;
  const laid = {
    x: Float32Array.from(
      { length: count },
      (_, i) => width / 2 + 1.2 * (head.positions[3 * i] ?? 0),
    ),
    y: Float32Array.from({ length: count }, (_, i) => 150 - 1.2 * (head.positions[3 * i + 1] ?? 0)),
    near: Float32Array.from({ length: count }, (_, i) => head.positions[3 * i + 2] ?? 0),
  };
  const bare = median(30, () => rasterise(laid, head.triangles, width, height));
  const charts = {
    face: chartOf("face"),
    leftProfile: chartOf("leftProfile"),
    rightProfile: chartOf("rightProfile"),
    backOfHead: chartOf("backOfHead"),
  };
  const face = faces[0] ?? defaultFace();
  const look = turnable({
    head: { face, ageYears: 30, light: "above", charts, skin: [180, 140, 120] },
    body: null,
  });
  const body = {
    ...{ physique: BODY.physique, bridgeMm: BODY.bridgeMm, light: "above" as const },
    ...{
      skin: [180, 140, 120] as const,
      charts: { bodyFront: charts.face, bodyBack: charts.face },
    },
  };
  const person = turnable({
    head: { face, ageYears: 30, light: "above", charts, skin: [180, 140, 120] },
    body,
  });
  const rows: [string, number][] = [
    [
      "another person's head, 40,000 triangles",
      median(8, (i) => headSurface({ age: 20 + i, detail: 0.5 })),
    ],
    [
      "relief of a new face, 520 x 640 pixels",
      median(8, (i) =>
        headRelief({
          part: "head",
          what: "form",
          face: faces[i] ?? face,
          ageYears: 30,
          chart: "face",
          light: "above",
        }),
      ),
    ],
    [
      "relief of a known face in another light",
      median(8, (i) =>
        headRelief({
          part: "head",
          what: "form",
          face,
          ageYears: 30,
          chart: "face",
          light: i % 2 ? "left" : "foot",
        }),
      ),
    ],
    [
      "another person's body, 25,000 triangles",
      median(8, (i) =>
        bodySurface({ heightCm: 160 + i, weightKg: 60 + i, ageYears: 30 }, 1500 + 10 * i),
      ),
    ],
    [
      "relief of a new body, 768 x 1168 pixels",
      median(8, (i) => bodyRelief({ ...BODY, physique: { ...BODY.physique, weightKg: 61 + i } })),
    ],
    [
      "a frame while a painted head is turned, 360 high",
      median(30, (i) => look({ yaw: 6 * i, pitch: 0, width, height })),
    ],
    [
      "the same of the whole person",
      median(30, (i) => person({ yaw: 6 * i, pitch: 0, width, height })),
    ],
    [
      "a frame at rest, 800 high",
      median(8, (i) => look({ yaw: 40 * i, pitch: 5, width: 688, height: 800 })),
    ],
  ];
  console.log(
    `\nA head of ${head.triangles.length / 3} triangles; merely rasterised at 360 high: ${bare.toFixed(1)} ms`,
  );
  for (const [what, ms] of rows)
    console.log(
      `  ${what.padEnd(50)} ${ms.toFixed(1).padStart(8)} ms  ${(ms / bare).toFixed(1).padStart(6)} times that`,
    );
}

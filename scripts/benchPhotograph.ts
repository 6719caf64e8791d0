// How fast a design is laid over a photograph of one megapixel and a painted one inspected, beside a plain loop over its pixels; and how long a look of sixty layers takes to be judged. Called by npm run bench.
import { buildFigure, defaultFace, PHOTO_LANDMARKS, point } from "../src/core/anatomy";
import type { ChartPicture } from "../src/core/anatomy/surface";
import { inspectFace, type PlannedShape } from "../src/core/inspect";
import { applyPatch, checkLook, type Look, type LookContext } from "../src/core/look";
import {
  AS_TAKEN,
  paintOver,
  photoMap,
  skinMask,
  type Photograph,
  type PhotoPoints,
} from "../src/core/photograph";
import { median } from "./median";

const SIDE = 1000;
/** A picture without a face in it: what is looked up in it is the same. */
const photograph = (): Photograph => ({
  width: SIDE,
  height: SIDE,
  data: Uint8ClampedArray.from({ length: SIDE * SIDE * 4 }, (_, i) =>
    i % 4 === 3 ? 255 : 60 + ((i * 7919) % 160),
  ),
});

function chart(base: number): ChartPicture {
  const [width, height] = [640, 832];
  const data = Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) =>
    i % 4 === 3 ? 255 : base + ((i * 31) % 60),
  );
  return { width, height, data, box: { left: -100, top: -110, width: 200, height: 260 } };
}

/** Prints milliseconds, and how often all pixels could merely be read and written meanwhile. */
export function benchPhotograph(): void {
  const photo = photograph();
  const charts = { painted: chart(150), bare: chart(90) };
  const figure = buildFigure(defaultFace());
  const onto = (p: { x: number; y: number }) =>
    point((p.x - SIDE / 2) / 4.4, (SIDE / 2 - p.y) / 4.4);
  const plain = median(9, () => {
    const out = new Uint8ClampedArray(photo.data.length);
    for (let i = 0; i < photo.data.length; i++) out[i] = photo.data[i] ?? 0;
    return out;
  });
  const say = (what: string, ms: number) =>
    console.log(`  ${what}: ${ms.toFixed(0)} ms, ${(ms / plain).toFixed(1)} times a plain loop`);
  console.log(
    `\nphotograph of ${SIDE} x ${SIDE} (a plain loop over its pixels: ${plain.toFixed(0)} ms):`,
  );
  say(
    "where each place lies on the chart",
    median(5, () => photoMap(photo, onto)),
  );
  const map = photoMap(photo, onto);
  say(
    "the look over it",
    median(5, () => paintOver(photo, map, charts, AS_TAKEN)),
  );
  const points = Object.fromEntries(
    PHOTO_LANDMARKS.map((name) => {
      const { x, y } = figure.landmarks[name];
      return [name, point(SIDE / 2 + 4.4 * x, SIDE / 2 - 4.4 * y)];
    }),
  ) as PhotoPoints;
  say(
    "what of it is skin",
    median(5, () => skinMask(photo, Object.values(points))),
  );
  const shapes = Array.from({ length: 6 }, (_, i): PlannedShape => {
    const [x, y] = [-40 + 16 * i, -30];
    const box = { left: x - 8, right: x + 8, top: y + 8, bottom: y - 8 };
    return { words: `ring ${i}`, twin: null, middle: { x, y }, box };
  });
  const given = { photo, points, figure, charts, balance: AS_TAKEN, nearness: "checked" } as const;
  say(
    "one inspection of its areas",
    median(5, () => inspectFace({ ...given, shapes: [] })),
  );
  say(
    `the same with ${shapes.length} shapes`,
    median(5, () => inspectFace({ ...given, shapes })),
  );
}

/** Prints how long a look of so many layers takes to be judged, beside its own first dozen. */
export function benchChecks(looks: readonly Look[], context: LookContext): void {
  const all = looks.flatMap(({ layers }) => layers).slice(0, 60);
  const stackOf = (count: number, i: number): Look =>
    applyPatch(
      {
        ...(looks[0] as Look),
        layers: all.slice(0, count).map((layer, k) => ({ ...layer, id: `l${k}`, form: null })),
      },
      { op: "rename", name: `run ${i}` },
    );
  const few = median(9, (i) => checkLook(stackOf(12, i), context));
  const many = median(9, (i) => checkLook(stackOf(all.length, i), context));
  console.log(
    `\nchecks of ${all.length} layers: ${many.toFixed(0)} ms (150 asked), ${(many / few).toFixed(1)} times those of 12`,
  );
}

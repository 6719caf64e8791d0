// npm run bench: how fast the core is, each figure beside a reference measured in the same run. Tests never assert a time.
import { buildFigure, defaultFace } from "../src/core/anatomy";
import { Worker } from "node:worker_threads";
import { converter } from "culori";
import * as spectral from "spectral.js";
import {
  coatsToCover,
  filmReflectance,
  hexToLab,
  labFromReflectance,
  mixOptics,
  paintOptics,
  reflectanceFromLab,
  mixedLab,
} from "../src/core/colour";
import { viewFromDistance } from "../src/core/vision";
import { mixingOptics, ProductSchema } from "../src/core/paint";
import { USUAL_BRIEF } from "../src/core/brief";
import { ADVICE_GROUPS, recommendPaint } from "../src/core/advice";
import { checkLook, lookContext, predict, stopsOf, wearForecast } from "../src/core/look";
import { STAND_IN } from "../src/core/people";
import { layerTasks, makePlan, seat, whatToDrop } from "../src/core/plan";
import { zoneWear } from "../src/core/wear";
import { seededRandom } from "../src/core/random";
import { someTasks as face } from "../src/core/testing";
import { scheduleCall, scheduleChair, type Task } from "../src/core/schedule";
import { DEMO_LOOKS, DEMO_PRODUCTS } from "../src/demo";
import { benchChecks, benchPhotograph } from "./benchPhotograph";
import { benchSurface } from "./benchSurface";

/** Median microseconds of one call, over batches that run some 30 ms each. */
function micros(act: (i: number) => unknown): number {
  for (let i = 0; i < 20; i++) act(i);
  let batch = 1;
  while (batch < 1e6) {
    const start = performance.now();
    for (let i = 0; i < batch; i++) act(i);
    if (performance.now() - start > 30) break;
    batch *= 2;
  }
  const runs = Array.from({ length: 9 }, () => {
    const start = performance.now();
    for (let i = 0; i < batch; i++) act(i);
    return ((performance.now() - start) * 1000) / batch;
  }).sort((a, b) => a - b);
  return runs[4] ?? NaN;
}

// Memory of remembered colours.
{
  const gc = (globalThis as { gc?: () => void }).gc;
  gc?.();
  const before = process.memoryUsage();
  for (let i = 0; i < 5000; i++)
    reflectanceFromLab([20 + (i % 70), ((i * 7) % 60) - 30, ((i * 13) % 60) - 30]);
  gc?.();
  const after = process.memoryUsage();
  const kept = `5,000 remembered reflectances: ${((after.arrayBuffers + after.heapUsed - before.arrayBuffers - before.heapUsed) / 1e6).toFixed(1)} MB (41 doubles each are ${((5000 * 41 * 8) / 1e6).toFixed(1)} MB)`;
  console.log(kept);
}

let colours = 0;
/** A colour nobody has asked for yet. */
const newColour = () => {
  colours++;
  return [30 + (colours % 40_000) / 1000, 10 + (colours % 977) / 50, 5 + (colours % 13)] as const;
};
const rows: [what: string, micros: number, reference: string, referenceMicros: number][] = [];
const measure = (
  what: string,
  act: (i: number) => unknown,
  reference: string,
  against: (i: number) => unknown,
) => rows.push([what, micros(act), reference, micros(against)]);

const optics = paintOptics({ masstone: hexToLab("#33455f"), hiding: 0.9 });
const ground = reflectanceFromLab(hexToLab("#93603f"));
const plainLoop = () => {
  let sum = 0;
  for (let band = 0; band < 41; band++)
    sum += Math.tanh((optics.k[band] ?? 0) + (ground[band] ?? 0));
  return sum;
};

measure(
  "film over a ground, 41 bands",
  () => filmReflectance(optics, 1.5, ground),
  "a plain loop of 41 tanh",
  plainLoop,
);
measure(
  "Lab of a reflectance",
  () => labFromReflectance(ground),
  "a plain loop of 41 tanh",
  plainLoop,
);
measure(
  "reflectance of a new colour",
  () => reflectanceFromLab(newColour()),
  "the same colour again, cached",
  () => reflectanceFromLab(hexToLab("#93603f")),
);
measure(
  "coats to cover",
  () => coatsToCover(optics, ground),
  "one film and its Lab",
  () => labFromReflectance(filmReflectance(optics, 1, ground)),
);
const blue = paintOptics({ masstone: hexToLab("#2a4fa0"), hiding: 0.9 });
const [theirYellow, theirBlue] = [new spectral.Color("#f0cd3e"), new spectral.Color("#2a4fa0")];
measure(
  "a mix of two paints and its colour",
  () =>
    mixedLab([
      { optics, parts: 2 },
      { optics: blue, parts: 1 },
    ]),
  "spectral.js mixing two colours",
  () => spectral.mix([theirYellow, 2], [theirBlue, 1]),
);
const toLab = converter("lab65");
measure(
  "Lab of a hex colour",
  (i) => hexToLab(`#${(i % 0xffffff).toString(16).padStart(6, "0")}`),
  "culori's conversion alone",
  (i) => toLab(`#${(i % 0xffffff).toString(16).padStart(6, "0")}`),
);
const picture = {
  width: 600,
  height: 800,
  data: Uint8ClampedArray.from({ length: 600 * 800 * 4 }, (_, i) => (i * 7919) % 256),
};
const copyPlanes = () => {
  const planes = [0, 1, 2].map(() => new Float32Array(600 * 800));
  for (let i = 0; i < 600 * 800; i++)
    for (let c = 0; c < 3; c++)
      (planes[c] as Float32Array)[i] = (picture.data[i * 4 + c] as number) ** 2.2;
  return planes;
};
measure(
  "a picture of 600 x 800 seen from 40 m",
  () => viewFromDistance(picture, { pixelsPerMm: 2.8, distanceM: 40 }),
  "a plain loop over its pixels with one power each",
  copyPlanes,
);
measure(
  "a picture of 600 x 800 seen from 6 m",
  () => viewFromDistance(picture, { pixelsPerMm: 2.8, distanceM: 6 }),
  "a plain loop over its pixels with one power each",
  copyPlanes,
);
measure(
  "the figure of a person, all zones and areas",
  () => buildFigure(defaultFace()),
  "a plain loop of 41 tanh",
  plainLoop,
);

const products = DEMO_PRODUCTS("2026-06-01").map(({ id, fields }) => ({
  ...ProductSchema.parse(fields),
  id,
  version: 1,
}));
const setting = { person: STAND_IN, brief: USUAL_BRIEF, products, today: "2026-06-01" };
const context = lookContext(setting);
const frost = DEMO_LOOKS.find(({ id }) => id === "first-frost")?.design;
if (!frost) throw new Error("the demo has lost a look");
// A changed note makes a new look, so that nothing comes from the memory of the last one.
const changed = (i: number) => ({ ...frost, notes: String(i) });
measure(
  "all checks of a 13-layer look",
  (i) => checkLook(changed(i), context),
  "its figure",
  () => buildFigure(defaultFace()),
);
measure(
  "the whole plan of it",
  (i) => makePlan(changed(i), context),
  "its checks",
  (i) => checkLook(changed(i), context),
);
measure(
  "a recommendation: face, eyes and lips",
  () => recommendPaint({ person: STAND_IN, brief: USUAL_BRIEF, shelf: products }),
  "the figure it starts from",
  () => buildFigure(defaultFace()),
);
measure(
  "a recommendation: every part of a person",
  () =>
    recommendPaint(
      {
        person: STAND_IN,
        brief: { ...USUAL_BRIEF, bares: ["hands", "chest", "back", "forearms"] },
        shelf: products,
      },
      ADVICE_GROUPS,
    ),
  "the figure it starts from",
  () => buildFigure(defaultFace()),
);
const sixty = {
  ...frost,
  layers: Array.from({ length: 60 }, (_, i) => ({
    ...(frost.layers[i % frost.layers.length] ?? frost.layers[0]),
    id: `layer-${i}`,
  })),
} as typeof frost;
measure(
  "the wear of a 60-layer look",
  () => wearForecast(sixty, context),
  "the wear of one paint on one zone, 60 times",
  () => {
    for (let i = 0; i < 60; i++)
      zoneWear({
        zone: "forehead",
        type: "waterGlycerine",
        helpers: [],
        person: STAND_IN,
        brief: USUAL_BRIEF,
      });
  },
);
measure(
  "stops of a 13-layer look",
  (i) => stopsOf(changed(i), context),
  "all its checks",
  (i) => checkLook(changed(i), context),
);

const tasks = (seed: number): Task[] =>
  Array.from({ length: 50 }, (_, i) => ({
    id: `t${i}`,
    zone: `z${(i * 7 + seed) % 7}`,
    handsOn: 1 + ((i * 13 + seed) % 5),
    wait: (i * 5 + seed) % 4,
    after: i >= 7 ? [`t${i - 7}`] : [],
  }));
measure(
  "a chair of 50 tasks",
  (i) => scheduleChair(tasks(i)),
  "sorting its tasks",
  (i) => tasks(i).toSorted((a, b) => b.wait - a.wait),
);

measure(
  "the chair of it",
  (i) => seat(changed(i), context),
  "its tasks alone",
  (i) => layerTasks(changed(i), context, predict(changed(i), context)),
);
measure(
  "what to drop of it",
  (i) =>
    whatToDrop(changed(i), context, { done: [], now: 0, tasks: seat(changed(i), context).tasks }),
  "its chair",
  (i) => seat(changed(i), context),
);

console.log("what".padEnd(46), "us".padStart(12), "  ratio  reference");
for (const [what, own, reference, theirs] of rows)
  console.log(
    what.padEnd(46),
    own.toFixed(1).padStart(12),
    `${(own / theirs).toFixed(1)}x`.padStart(8),
    ` ${reference} (${theirs.toFixed(2)} us)`,
  );
// How near schedules come to their bounds, and how long the slowest takes: the same faces and calls as the unit tests.
const judge = (
  title: string,
  count: number,
  run: (seed: number) => { makespan: number; lowerBound: number },
) => {
  const found = Array.from({ length: count }, (_, seed) => {
    const from = performance.now();
    const { makespan, lowerBound } = run(seed);
    return { ratio: makespan / lowerBound, ms: performance.now() - from };
  });
  const sorted = (of: "ratio" | "ms") => found.map((entry) => entry[of]).sort((x, y) => x - y);
  console.log(
    `  ${title}: makespan / bound median ${(sorted("ratio")[count >> 1] ?? NaN).toFixed(3)}, worst ${(sorted("ratio").at(-1) ?? NaN).toFixed(3)}; median ${(sorted("ms")[count >> 1] ?? NaN).toFixed(0)} ms, slowest ${(sorted("ms").at(-1) ?? NaN).toFixed(0)} ms`,
  );
};
console.log("\nschedules (design: 1.01 dry, 1.10 wet, 1.08 calls, each under 300 ms):");
judge("200 faces of 50 tasks in dry air", 200, (seed) =>
  scheduleChair(face(seededRandom(seed + 1), 50, 7, [0, 4])),
);
judge("200 faces of 50 tasks in wet air", 200, (seed) =>
  scheduleChair(face(seededRandom(seed + 1), 50, 4, [4, 24])),
);
console.log(
  "\nchairs of the demo beside the stack's own order, changes of tool and colour, minutes:",
);
for (const [air, airDegC, rh] of [
  ["still air of 21 degC", 21, 50],
  ["slow-drying air of 29 degC", 29, 85],
] as const)
  for (const { id, design } of DEMO_LOOKS) {
    const own = seat(
      design,
      lookContext({ ...setting, brief: { ...USUAL_BRIEF, airDegC, rh, paintedIn: "there" } }),
    );
    const { changes, torn, idle, stack } = own.order;
    console.log(
      `  ${id.padEnd(12)} in ${air}: ${own.ends.toFixed(1)} against ${stack.minutes.toFixed(1)} min, ${changes} changes against ${stack.changes}, ${torn} torn, ${idle.toFixed(1)} min idle`,
    );
  }
judge("60 calls of 12 performers, 3 artists, 4 chairs", 60, (seed) => {
  const random = seededRandom(seed + 500);
  return scheduleCall({
    artists: 3,
    chairs: 4,
    performers: Array.from({ length: 12 }, (_, i) => ({
      id: `p${i}`,
      tasks: face(random, 10 + Math.floor(random() * 10), 5, [0, 6]),
    })),
  });
});

// The search for a mix, in a worker as the page runs it: 60 paints of the demo's colours and some between them.
if (!process.env.DERMAGRAPH_NO_SEARCH) {
  const own = products.flatMap((product) => {
    const found = product.colour ? mixingOptics(product) : null;
    return found ? [{ id: product.id, optics: found }] : [];
  });
  const between = own.slice(0, 60 - own.length).map(({ id, optics: one }, i) => ({
    id: `${id}-2`,
    optics: mixOptics([
      { optics: one, parts: 1 },
      { optics: own[(i * 7 + 3) % own.length]?.optics ?? one, parts: 2 },
    ]),
  }));
  const paints = [...own, ...between].slice(0, 60);
  const targets = ["#d8662b", "#7a9bb0", "#40342a", "#c9b26a", "#8a3d5c"].map(hexToLab);
  const found: { maxPaints: number; ms: number; deltaE: number; paints: number }[] = [];
  await new Promise<void>((resolve, reject) => {
    const worker = new Worker(
      `require("tsx/cjs/api").register(); require(require("node:worker_threads").workerData.file);`,
      {
        eval: true,
        workerData: { file: new URL("./benchMix.ts", import.meta.url).pathname, paints, targets },
      },
    );
    worker.on("message", (row: (typeof found)[number]) => found.push(row));
    worker.on("error", reject);
    worker.on("exit", () => resolve());
  });
  const singles = 60 + ((60 * 59) / 2) * 21 + ((60 * 59 * 58) / 6) * 49;
  const plain = micros((i) =>
    mixedLab([
      { optics: paints[i % 60]?.optics ?? optics, parts: 1 },
      { optics: paints[(i * 7) % 60]?.optics ?? optics, parts: 2 },
      { optics: paints[(i * 13) % 60]?.optics ?? optics, parts: 3 },
    ]),
  );
  console.log(`\nsearch in a worker, ${paints.length} paints in up to 8 parts, 5 targets:`);
  for (const most of [3, 4]) {
    const times = found
      .filter(({ maxPaints }) => maxPaints === most)
      .map(({ ms }) => ms)
      .sort((a, b) => a - b);
    console.log(
      `  by ${most}: ${times.map((ms) => ms.toFixed(0)).join(", ")} ms; median ${times[2]?.toFixed(0)} ms (design: under ${most === 3 ? 300 : 3000} ms)`,
    );
  }
  console.log(
    `  a plain loop over the ${(singles / 1e6).toFixed(1)} million mixes by 3 would take ${((singles * plain) / 1e6).toFixed(0)} s at ${plain.toFixed(1)} us each`,
  );
}

benchPhotograph();
benchChecks(
  DEMO_LOOKS.map(({ design }) => design),
  lookContext({ ...setting, brief: USUAL_BRIEF }),
);
benchSurface();

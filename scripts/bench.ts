// npm run bench: how fast the core is, each figure beside a reference measured in the same run. Tests never assert a time.
import { buildFigure, defaultFace } from "../src/core/anatomy";
import { coatsToCover, filmReflectance, hexToLab, labFromReflectance, paintOptics, reflectanceFromLab } from "../src/core/colour";
import { USUAL_BRIEF } from "../src/core/brief";
import { recommendPaint } from "../src/core/advice";
import { checkLook, lookContext } from "../src/core/look";
import { STAND_IN } from "../src/core/people";
import { makePlan } from "../src/core/plan";
import { scheduleChair, type Task } from "../src/core/schedule";
import { DEMO_LOOKS, DEMO_PRODUCTS } from "../src/demo";

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

let colours = 0;
/** A colour nobody has asked for yet. */
const newColour = () => { colours++; return [30 + (colours % 40_000) / 1000, 10 + (colours % 977) / 50, 5 + (colours % 13)] as const; };
const rows: [what: string, micros: number, reference: string, referenceMicros: number][] = [];
const measure = (what: string, act: (i: number) => unknown, reference: string, against: (i: number) => unknown) => rows.push([what, micros(act), reference, micros(against)]);

const optics = paintOptics({ masstone: hexToLab("#33455f"), hiding: 0.9 });
const ground = reflectanceFromLab(hexToLab("#93603f"));
const plainLoop = () => { let sum = 0; for (let band = 0; band < 41; band++) sum += Math.tanh((optics.k[band] ?? 0) + (ground[band] ?? 0)); return sum; };

measure("film over a ground, 41 bands", () => filmReflectance(optics, 1.5, ground), "a plain loop of 41 tanh", plainLoop);
measure("Lab of a reflectance", () => labFromReflectance(ground), "a plain loop of 41 tanh", plainLoop);
measure("reflectance of a new colour", () => reflectanceFromLab(newColour()), "the same colour again, cached", () => reflectanceFromLab(hexToLab("#93603f")));
measure("coats to cover", () => coatsToCover(optics, ground), "one film and its Lab", () => labFromReflectance(filmReflectance(optics, 1, ground)));
measure("the figure of a person, all zones and areas", () => buildFigure(defaultFace()), "a plain loop of 41 tanh", plainLoop);

const products = DEMO_PRODUCTS("2026-06-01").map(({ id, fields }) => ({ ...fields, id, version: 1 }));
const setting = { person: STAND_IN, brief: USUAL_BRIEF, products, today: "2026-06-01" };
const context = lookContext(setting);
const frost = DEMO_LOOKS.find(({ id }) => id === "first-frost")?.design;
if (!frost) throw new Error("the demo has lost a look");
// A changed note makes a new look, so that nothing comes from the memory of the last one.
const changed = (i: number) => ({ ...frost, notes: String(i) });
measure("all checks of a 13-layer look", (i) => checkLook(changed(i), context), "its figure", () => buildFigure(defaultFace()));
measure("the whole plan of it", (i) => makePlan(changed(i), context), "its checks", (i) => checkLook(changed(i), context));
measure("a recommendation", () => recommendPaint({ person: STAND_IN, brief: USUAL_BRIEF, shelf: products }), "the figure it starts from", () => buildFigure(defaultFace()));

const tasks = (seed: number): Task[] => Array.from({ length: 50 }, (_, i) => ({ id: `t${i}`, zone: `z${(i * 7 + seed) % 7}`, handsOn: 1 + ((i * 13 + seed) % 5), wait: (i * 5 + seed) % 4, after: i >= 7 ? [`t${i - 7}`] : [] }));
measure("a chair of 50 tasks", (i) => scheduleChair(tasks(i)), "sorting its tasks", (i) => tasks(i).toSorted((a, b) => b.wait - a.wait));

const ratios = Array.from({ length: 40 }, (_, seed) => scheduleChair(tasks(seed))).map(({ makespan, lowerBound }) => makespan / lowerBound).sort((a, b) => a - b);

console.log("what".padEnd(46), "us".padStart(12), "  ratio  reference");
for (const [what, own, reference, theirs] of rows) console.log(what.padEnd(46), own.toFixed(1).padStart(12), `${(own / theirs).toFixed(1)}x`.padStart(8), ` ${reference} (${theirs.toFixed(2)} us)`);
console.log(`\nchair of 50 tasks, makespan over lower bound: median ${(ratios[20] ?? NaN).toFixed(3)}, worst ${(ratios.at(-1) ?? NaN).toFixed(3)} of 40`);

// The search of npm run bench, in a worker of its own.
import { parentPort, workerData } from "node:worker_threads";
import { solveMix, type Lab, type MixPaint } from "../src/core/colour";

const { targets, paints } = workerData as { targets: Lab[]; paints: MixPaint[] };
for (const maxPaints of [3, 4])
  for (const target of targets) {
    const start = performance.now();
    const [best] = solveMix({ target, paints, maxPaints, maxParts: 8 });
    parentPort?.postMessage({
      maxPaints,
      ms: performance.now() - start,
      deltaE: best?.deltaE ?? NaN,
      paints: best?.parts.length ?? 0,
    });
  }

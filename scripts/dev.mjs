// Starts the application in development, with what is done in threads bundled once at the start.
import { join } from "node:path";
import { bundleThreads } from "./threads.mjs";
import { finder, nextBin, ROOT, run } from "./steps.cjs";

const threads = join(ROOT, "node_modules", ".cache", "dermagraph-threads-dev.cjs");
finder();
await bundleThreads(threads);
const args = [nextBin(), "dev", "-H", "127.0.0.1", ...process.argv.slice(2)];
process.exit(run(process.execPath, args, { DERMAGRAPH_THREADS: threads }) ? 0 : 1);

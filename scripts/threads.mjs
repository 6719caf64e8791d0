// Bundles what the server does in threads of their own (src/server/threads) into one file beside the build.
import { build } from "esbuild";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { ROOT } from "./steps.cjs";

/** @param {string} outfile */
export const bundleThreads = (outfile) =>
  build({
    absWorkingDir: ROOT,
    entryPoints: ["src/server/threads/entry.ts"],
    outfile,
    bundle: true,
    platform: "node",
    target: "node20",
    format: "cjs",
    external: ["better-sqlite3", "sharp"],
    conditions: ["react-server"],
    logLevel: "warning",
  });

if (process.argv[1] === fileURLToPath(import.meta.url))
  await bundleThreads(process.argv[2] ?? join(ROOT, ".next", "threads.cjs"));

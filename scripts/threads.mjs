// Bundles what the server does in threads of their own (src/threads) into one file beside the build.
import { build } from "esbuild";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { ROOT } from "./steps.cjs";

/** @param {string} outfile */
export const bundleThreads = (outfile) =>
  build({
    absWorkingDir: ROOT,
    entryPoints: ["src/threads/entry.ts"],
    outfile,
    bundle: true,
    platform: "node",
    target: "node20",
    format: "cjs",
    external: ["better-sqlite3", "sharp"],
    jsx: "automatic",
    alias: { "server-only": join(ROOT, "node_modules", "server-only", "empty.js") },
    define: { "process.env.NODE_ENV": '"production"' },
    // Workers of the browser are in what is drawn, and are not started.
    logOverride: { "empty-import-meta": "silent" },
    logLevel: "warning",
  });

if (process.argv[1] === fileURLToPath(import.meta.url))
  await bundleThreads(process.argv[2] ?? join(ROOT, ".next", "threads.cjs"));

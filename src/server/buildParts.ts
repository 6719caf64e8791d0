import "server-only";
import { readdir } from "node:fs/promises";
import { join } from "node:path";

const STATIC = ".next/static";

let known: Promise<readonly string[]> | null = null;

/** Addresses of all the scripts, styles and fonts of this build, a few megabytes: what a browser needs to work on without the studio. */
export function buildParts(): Promise<readonly string[]> {
  known ??= readdir(join(/* turbopackIgnore: true */ process.cwd(), STATIC), {
    recursive: true,
    withFileTypes: true,
  }).then((entries) =>
    entries
      .filter((entry) => entry.isFile() && !entry.name.endsWith(".map"))
      .map((entry) => join(entry.parentPath, entry.name))
      .map((path) => `/_next/static${path.slice(path.indexOf(STATIC) + STATIC.length)}`)
      .sort(),
  );
  return known;
}

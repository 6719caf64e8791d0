import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "../../scripts/steps.cjs";

export interface Writing {
  readonly method: "PUT" | "POST" | "DELETE";
  readonly path: string;
}

/** Every route that writes, with its method, found in the source, so that none is forgotten. */
export function writingRoutes(folder = join(ROOT, "src", "app", "api"), path = "/api"): Writing[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry): Writing[] => {
    if (entry.isDirectory())
      return writingRoutes(join(folder, entry.name), `${path}/${entry.name}`);
    if (entry.name !== "route.ts") return [];
    return [
      ...readFileSync(join(folder, entry.name), "utf8").matchAll(
        /export const (PUT|POST|DELETE)\b/g,
      ),
    ].map(([, method]) => ({ method: method as Writing["method"], path }));
  });
}

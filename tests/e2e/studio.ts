import { test as base, type Locator } from "@playwright/test";
import type { ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { answers, freePort, startServer } from "../../scripts/steps.cjs";

/** A running Dermagraph with a studio of its own. */
export interface Studio {
  readonly url: string;
  readonly folder: string;
  /** Ends the server at once, as a power cut would (SIGKILL). */
  kill(): Promise<void>;
  start(): Promise<void>;
}

type Opened = Studio & { close(): Promise<void> };

/** Studios that are open: those a test opened are closed with it, however it ends. */
const open = new Set<Opened>();

/** A studio of the test's own, closed with the test where the test has not closed it. */
export async function openStudio(o: { demo: boolean }): Promise<Opened> {
  const studio = await launch(o);
  open.add(studio);
  return studio;
}

async function launch(o: { demo: boolean }): Promise<Opened> {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-e2e-"));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | null = null;
  const start = async () => {
    server = startServer(
      port,
      { DERMAGRAPH_DATA: folder, ...(o.demo && { DERMAGRAPH_DEMO: "1" }) },
      "ignore",
    );
    if (!(await answers(url, 60))) throw new Error("the server did not start");
  };
  const kill = () =>
    new Promise<void>((resolve) => {
      if (!server || server.exitCode !== null || server.signalCode !== null) {
        resolve();
        return;
      }
      server.once("exit", () => resolve());
      server.kill("SIGKILL");
    });
  await start();
  return {
    url,
    folder,
    start,
    kill,
    close: async () => {
      await kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Tests on an invented studio, one a worker (`demo`), or on an empty one of their own (`empty`). */
export const test = base.extend<{ empty: Studio; tidy: undefined }, { demo: Studio }>({
  tidy: [
    async ({}, provide) => {
      // Those of a whole group of tests were opened before this one began.
      const before = new Set(open);
      await provide(undefined);
      for (const studio of open) {
        if (before.has(studio)) continue;
        open.delete(studio);
        await studio.close();
      }
    },
    { auto: true },
  ],
  demo: [
    async ({}, provide) => {
      const studio = await launch({ demo: true });
      await provide(studio);
      await studio.close();
    },
    { scope: "worker", timeout: 120_000 },
  ],
  empty: async ({}, provide) => {
    const studio = await launch({ demo: false });
    await provide(studio);
    await studio.close();
  },
});
export { expect } from "@playwright/test";

/** Sends JSON, as a program without a browser would, and answers status and body. */
export async function call(
  method: "POST" | "PUT" | "DELETE",
  url: string,
  body: unknown,
): Promise<{ status: number; type: string; body: Record<string, unknown> }> {
  const response = await fetch(url, {
    method,
    headers: { "content-type": "application/json" },
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
  return {
    status: response.status,
    type: response.headers.get("content-type") ?? "",
    body: (await response.json()) as Record<string, unknown>,
  };
}

/** The middle of something on screen in px, once it stands still: a strip that comes on above it moves it. */
export async function settled(locator: Locator): Promise<{ x: number; y: number }> {
  await locator.scrollIntoViewIfNeeded();
  let before = await locator.boundingBox();
  for (let still = 0; still < 3;) {
    await locator.page().waitForTimeout(100);
    const box = await locator.boundingBox();
    still = box && box.x === before?.x && box.y === before.y ? still + 1 : 0;
    before = box;
  }
  if (!before) throw new Error("it is not on screen");
  return { x: before.x + before.width / 2, y: before.y + before.height / 2 };
}

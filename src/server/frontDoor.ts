import "server-only";
import { copyFileSync, existsSync, renameSync } from "node:fs";
import { Server, type IncomingMessage, type ServerResponse } from "node:http";
import { basename, join } from "node:path";
import { backupsIn, databasePath, dataFolder, inspectBackup, swapIn } from "@/store";
import { studio } from "./studio";
import { troubleOf, troublePage, type Trouble } from "./trouble";

const USED = new Set(["GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS"]);

let trouble: Trouble | null = null;

/** Opens the studio; what keeps it shut is told at every address until it is mended. */
export async function openOrTell(): Promise<boolean> {
  try {
    await studio();
    trouble = null;
    return true;
  } catch (error) {
    console.error(error);
    trouble = troubleOf(error);
    return false;
  }
}

/** Puts a whole backup in the place of the damaged file, which is kept. */
async function recover(name: string): Promise<void> {
  const folder = dataFolder();
  const from = join(backupsIn(folder), basename(name));
  inspectBackup(from);
  const file = databasePath(folder);
  copyFileSync(from, `${file}.recovered`);
  const stamp = new Date().toISOString().replace(/[:.]/g, "-");
  if (existsSync(file)) renameSync(file, join(backupsIn(folder), `damaged-${stamp}.db`));
  swapIn(folder, `${file}.recovered`);
  await openOrTell();
}

const isOwn = ({ headers }: IncomingMessage): boolean => {
  const { origin, host } = headers;
  return origin === undefined || origin === `http://${host ?? ""}`;
};

async function answerTrouble(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const url = new URL(request.url ?? "/", "http://studio");
  const name = url.searchParams.get("backup");
  if (request.method === "POST" && url.pathname === "/recover" && name && isOwn(request)) {
    await recover(name).catch((error: unknown) => console.error(error));
    response.writeHead(303, { location: "/" }).end();
    return;
  }
  const headers = { "cache-control": "no-store", "x-frame-options": "DENY" };
  if (url.pathname.startsWith("/api/") && trouble) {
    const { title, what, file } = trouble;
    response.writeHead(503, { ...headers, "content-type": "application/problem+json" });
    response.end(JSON.stringify({ title, status: 503, detail: `${what} ${file}` }));
  } else {
    response.writeHead(503, { ...headers, "content-type": "text/html; charset=utf-8" });
    response.end(trouble ? troublePage(trouble) : "");
  }
}

/**
 * Stands before Next itself: answers methods nothing here uses (Next can't even make a request of
 * TRACE and fails with a 500 before its proxy is asked), and every address while the studio is shut.
 */
export function standAtTheDoor(): void {
  const emit = Server.prototype.emit;
  Server.prototype.emit = function (this: Server, event: string, ...given: unknown[]): boolean {
    const [request, response] = given as [IncomingMessage, ServerResponse];
    if (event !== "request" || (!trouble && USED.has(request.method ?? "")))
      return emit.apply(this, [event, ...given] as Parameters<typeof emit>);
    if (trouble) void answerTrouble(request, response);
    else {
      response.writeHead(405, { "content-type": "application/problem+json" });
      response.end(JSON.stringify({ title: "That is not done here.", status: 405 }));
    }
    return true;
  } as typeof emit;
}

import "server-only";
import { copyFileSync, existsSync } from "node:fs";
import { Server, type IncomingMessage, type ServerResponse } from "node:http";
import { basename, join } from "node:path";
import { backupsIn, databasePath, dataFolder, examineBackup, swapIn } from "@/store";
import { answerAtDoor, mustBeGuarded, ownNames } from "./door";
import { refusalOf, type Refused } from "./gate";
import { studio } from "./studio";
import { troubleOf, troublePage, type Trouble } from "./trouble";

let trouble: Trouble | null = null;

/** While it is being opened whoever knocks waits. */
let opening: Promise<boolean> | null = null;

async function open(): Promise<boolean> {
  try {
    await studio();
    trouble = null;
  } catch (error) {
    console.error(error);
    trouble = troubleOf(error);
  }
  opening = null;
  return trouble === null;
}

/** Opens the studio; what keeps it shut is told at every address until it is mended. */
export function openOrTell(): Promise<boolean> {
  opening = open();
  return opening;
}

/** Puts a whole backup in the place of the damaged file, which is kept. */
async function recover(name: string): Promise<void> {
  const folder = dataFolder();
  const from = join(backupsIn(folder), basename(name));
  const file = databasePath(folder);
  copyFileSync(from, `${file}.recovered`);
  await examineBackup(`${file}.recovered`);
  const stamp = new Date().toISOString().replace(/[:.]/g, "-");
  if (existsSync(file)) copyFileSync(file, join(backupsIn(folder), `damaged-${stamp}.db`));
  swapIn(folder, `${file}.recovered`).keep();
  await openOrTell();
}

const one = (header: string | string[] | undefined): string | null =>
  (Array.isArray(header) ? header[0] : header) ?? null;

function refusal({ method, url, headers }: IncomingMessage): Refused | null {
  return refusalOf(
    {
      method: method ?? "",
      path: (url ?? "/").split("?")[0] ?? "/",
      host: one(headers.host),
      origin: one(headers.origin),
      site: one(headers["sec-fetch-site"]),
      mode: one(headers["sec-fetch-mode"]),
      length: one(headers["content-length"]),
    },
    ownNames(),
  );
}

function refuse(response: ServerResponse, refused: Refused): void {
  response.writeHead(refused.status, { "content-type": "application/problem+json" });
  response.end(JSON.stringify({ type: "urn:dermagraph:problem:gate", ...refused }));
}

async function answerTrouble(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const url = new URL(request.url ?? "/", "http://studio");
  const name = url.searchParams.get("backup");
  if (request.method === "POST" && url.pathname === "/recover" && name) {
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
 * Stands before Next itself: the gate for every page, route and file, and the one answer to every
 * address while the studio is shut. (Next can't even make a request of some methods, such as TRACE,
 * and fails with a 500 before its own proxy is asked; and its proxy keeps a copy of every body.)
 */
export function standAtTheDoor(): void {
  mustBeGuarded();
  // Called with the server it belongs to, below.
  // eslint-disable-next-line @typescript-eslint/unbound-method
  const emit = Server.prototype.emit;
  Server.prototype.emit = function (this: Server, event: string, ...given: unknown[]): boolean {
    const pass = () => Reflect.apply(emit, this, [event, ...given]) as boolean;
    if (event !== "request") return pass();
    const [request, response] = given as [IncomingMessage, ServerResponse];
    const refused = refusal(request);
    if (refused) refuse(response, refused);
    else if (answerAtDoor(request, response)) return true;
    else if (opening) void opening.then(() => this.emit("request", request, response));
    else if (trouble) void answerTrouble(request, response);
    else return pass();
    return true;
  } as typeof emit;
}

import "server-only";
import { networkInterfaces, hostname } from "node:os";
import type { IncomingMessage, ServerResponse } from "node:http";
import { dataFolder, hasPassphrase, openDoor, type Door } from "@/store";
import { isLoopback, type Own } from "./gate";
import { messagePage } from "./trouble";

const published = (): URL | null => {
  const origin = process.env.DERMAGRAPH_ORIGIN;
  return origin ? new URL(origin) : null;
};
const listensOn = (): string => process.env.DERMAGRAPH_HOST || "127.0.0.1";
const WILDCARDS = ["0.0.0.0", "::", "*"];

/** Names this machine may be asked by: where it listens everywhere, all addresses of its own. */
function names(): string[] {
  const host = listensOn();
  if (!WILDCARDS.includes(host)) return [host];
  const own = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const addresses = own.map(({ address, family }) =>
    family === "IPv6" ? `[${address}]` : address,
  );
  return [...addresses, hostname(), `${hostname()}.local`];
}

let own: Own | null = null;
/** What this studio is called; read once. */
export const ownNames = (): Own => (own ??= { published: published(), names: names() });

/** Whether anybody but this machine can reach the studio. */
const isOpenToOthers = (): boolean => {
  const origin = published();
  return !isLoopback(listensOn()) || (origin !== null && !isLoopback(origin.hostname));
};

const REFUSED = `Dermagraph was not started: others on the network could open the studio.
Set a passphrase first:  npm run passphrase
Or leave DERMAGRAPH_HOST and DERMAGRAPH_ORIGIN out, to use it on this machine alone.`;

/** Ends the process, with a word why, where others could come in without a passphrase. */
export function mustBeGuarded(): void {
  if (!isOpenToOthers() || hasPassphrase(dataFolder())) return;
  console.error(`\n${REFUSED}\n`);
  process.exit(1);
}

let door: Door | null = null;
/** The door of this studio, once a passphrase has been set for it. Asked with every request. */
function guarded(): Door | null {
  if (!door && hasPassphrase(dataFolder())) door = openDoor(dataFolder());
  return door;
}

export const isGuarded = (): boolean => guarded() !== null;

const COOKIE = "dermagraph-session";
const tokenOf = ({ headers }: IncomingMessage): string =>
  new RegExp(`(?:^|;\\s*)${COOKIE}=([\\w-]+)`).exec(headers.cookie ?? "")?.[1] ?? "";

/** Whose try it is: behind a proxy the last it names, which it has seen itself. */
function addressOf({ headers, socket }: IncomingMessage): string {
  const named = headers["x-forwarded-for"];
  const list = (Array.isArray(named) ? named.join(",") : (named ?? "")).split(",");
  const last = list.at(-1)?.trim();
  return (published() && last) || (socket.remoteAddress ?? "unknown");
}

const cookie = (value: string, seconds: number): string =>
  `${COOKIE}=${value}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${seconds}` +
  (published()?.protocol === "https:" ? "; Secure" : "");
const A_MONTH = 30 * 24 * 3600;

const LONGEST_FORM = 4000;
async function formOf(request: IncomingMessage): Promise<URLSearchParams> {
  let text = "";
  for await (const part of request) {
    text += String(part);
    if (text.length > LONGEST_FORM) break;
  }
  return new URLSearchParams(text.slice(0, LONGEST_FORM));
}

/** Only a place in this studio: a link can't lead elsewhere after signing in. */
const placeOf = (to: string | null): string => (to && /^\/(?![/\\])/.test(to) ? to : "/");

function answerForm(
  response: ServerResponse,
  status: number,
  to: string,
  why: string,
  headers: Record<string, string> = {},
): void {
  const hidden = to.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
  const body = `<form method="post" action="/sign-in">
    <input type="hidden" name="to" value="${hidden}">
    <input name="username" value="studio" autocomplete="username" hidden>
    <p><label for="passphrase">Passphrase of this studio</label><br>
    <input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required autofocus></p>
    ${why ? `<p role="alert"><strong>${why}</strong></p>` : ""}
    <button>Sign in</button></form>`;
  response.writeHead(status, {
    "content-type": "text/html; charset=utf-8",
    "cache-control": "no-store",
    "content-security-policy":
      "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; frame-ancestors 'none'",
    ...headers,
  });
  response.end(messagePage("Sign in", body));
}

async function signIn(own: Door, request: IncomingMessage, response: ServerResponse) {
  const form = await formOf(request);
  const to = placeOf(form.get("to"));
  const address = addressOf(request);
  const wait = own.tryFrom(address);
  if (wait > 0) {
    const minutes = Math.ceil(wait / 60);
    const words = `Too many tries. Wait ${minutes === 1 ? "a minute" : `${minutes} minutes`}.`;
    answerForm(response, 429, to, words, { "retry-after": String(wait) });
    return;
  }
  const token = await own.signIn(form.get("passphrase") ?? "", address);
  if (!token) {
    answerForm(response, 401, to, "That is not the passphrase.");
    return;
  }
  response.writeHead(303, { location: to, "set-cookie": cookie(token, A_MONTH) }).end();
}

/**
 * Answers for the door: signing in and out, and who is not signed in.
 *
 * @returns whether it has answered; otherwise the request may pass
 */
export function answerAtDoor(request: IncomingMessage, response: ServerResponse): boolean {
  const own = guarded();
  const { pathname, search } = new URL(request.url ?? "/", "http://studio");
  if (!own) return answerStranger(request, response);
  if (request.method === "POST" && pathname === "/sign-in") {
    void signIn(own, request, response);
    return true;
  }
  if (request.method === "POST" && pathname === "/sign-out") {
    own.signOut(tokenOf(request));
    response.writeHead(303, { location: "/", "set-cookie": cookie("", 0) }).end();
    return true;
  }
  // That it runs may be known; the scripts that start it ask.
  if (pathname === "/api/health" || own.isSignedIn(tokenOf(request))) return false;
  if (pathname.startsWith("/api/")) {
    response.writeHead(401, {
      "content-type": "application/problem+json",
      "cache-control": "no-store",
    });
    response.end(
      JSON.stringify({
        type: "urn:dermagraph:problem:signed-out",
        title: "Sign in first.",
        status: 401,
        detail: "Sign in in another tab; what you changed is kept here and sent again.",
      }),
    );
  } else answerForm(response, 401, placeOf(pathname + search), "");
  return true;
}

/** Without a passphrase nobody comes in from another machine, whatever name they ask by. */
function answerStranger({ socket }: IncomingMessage, response: ServerResponse): boolean {
  const from = (socket.remoteAddress ?? "").replace(/^::ffff:/, "");
  if (from === "" || from.startsWith("127.") || from === "::1") return false;
  response.writeHead(403, { "content-type": "text/plain; charset=utf-8" });
  response.end("This studio is for its own machine alone: no passphrase has been set.");
  return true;
}

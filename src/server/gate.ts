/** What of a request decides whether it comes in. */
export interface Knock {
  readonly method: string;
  readonly path: string;
  readonly host: string | null;
  readonly origin: string | null;
  /** Sec-Fetch-Site and Sec-Fetch-Mode, which browsers send and pages can't change. */
  readonly site: string | null;
  readonly mode: string | null;
  readonly length: string | null;
}

export interface Refused {
  readonly status: number;
  readonly title: string;
  readonly detail: string;
}

/** What this studio is called. */
export interface Own {
  /** DERMAGRAPH_ORIGIN, where a proxy stands in front. */
  readonly published: URL | null;
  /** Where it listens, or all addresses of this machine. */
  readonly names: readonly string[];
}

const LOOPBACK = ["127.0.0.1", "localhost", "[::1]", "::1"];
export const isLoopback = (name: string): boolean => LOOPBACK.includes(name.toLowerCase());
const READS = ["GET", "HEAD"];
const WRITES = ["POST", "PUT", "DELETE"];

/** Nothing that is sent is larger: a backup of a large studio with its pictures. */
export const LARGEST_FILE = 1024 * 1024 * 1024;

const nameOf = (host: string): string => host.replace(/:\d+$/, "").toLowerCase();

/** Whether a request names this studio: loopback names, where it listens, and the origin it is published under. */
const isOwnHost = (host: string, { published, names }: Own): boolean =>
  isLoopback(nameOf(host)) ||
  names.some((name) => name.toLowerCase() === nameOf(host)) ||
  host.toLowerCase() === published?.host;

function isOwnOrigin(origin: string, host: string, { published }: Own): boolean {
  if (published && origin === published.origin) return true;
  try {
    return new URL(origin).host === host.toLowerCase();
  } catch {
    return false;
  }
}

function decodes(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes("\0");
  } catch {
    return false;
  }
}

/**
 * The one gate before everything. Another web page may neither write into the studio nor read it,
 * also not under a name of its own that leads to this machine.
 *
 * @returns why it is refused; null lets it in
 */
export function refusalOf(knock: Knock, own: Own): Refused | null {
  const { method, path, host, origin, site, mode, length } = knock;
  if (!host || !isOwnHost(host, own))
    return {
      status: 421,
      title: "This studio has another name.",
      detail:
        "Open it at its own address, or set DERMAGRAPH_ORIGIN to the one it is published under.",
    };
  if (!decodes(path))
    return { status: 400, title: "That is no address.", detail: "It has a percent sign too many." };
  if (READS.includes(method)) {
    const isForeign = site === "cross-site" || site === "same-site";
    return isForeign && mode !== "navigate"
      ? { status: 403, title: "Not for other pages.", detail: "Open the studio itself." }
      : null;
  }
  if (!WRITES.includes(method))
    return { status: 405, title: "That is not done here.", detail: `${method} is not used.` };
  if (origin !== null && !isOwnOrigin(origin, host, own))
    return {
      status: 403,
      title: "Another page may not write here.",
      detail: "Nothing was changed.",
    };
  if (origin === null && site !== null && site !== "same-origin")
    return {
      status: 403,
      title: "Another page may not write here.",
      detail: "Nothing was changed.",
    };
  if (Number(length ?? 0) > LARGEST_FILE)
    return { status: 413, title: "That is too much at once.", detail: "Nothing was changed." };
  return null;
}

/** What a page may load: scripts and workers of our own, no others; styles may stand in elements. */
export const contentSecurityPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "worker-src 'self'",
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");

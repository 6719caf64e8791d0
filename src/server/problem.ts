import "server-only";
import { createWriteStream } from "node:fs";
import { pipeline } from "node:stream/promises";
import { z } from "zod";
import { NotFound, StaleVersion, WasArchived } from "@/store";
import type { Finding } from "@/core/look";
import { plainMessage } from "@/core/messages";
import { readJson as readOutside } from "@/core/text/plainText";
import { TaskTooLong } from "./threads/inThread";

/** RFC 9457 problem document. `errors` names each field; `findings` the rules that stopped a save. */
export interface ProblemDocument {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail?: string;
  readonly errors?: readonly { readonly field: string; readonly message: string }[];
  readonly findings?: readonly Finding[];
  readonly currentVersion?: number;
}

/** Something the caller can mend. */
export class Problem extends Error {
  constructor(readonly document: ProblemDocument) {
    super(document.title);
  }
}

const KINDS = "urn:dermagraph:problem:";

export const notFound = (what: string) =>
  new Problem({ type: `${KINDS}not-found`, title: `There is no such ${what}.`, status: 404 });

/** A stop: no route, import or override gets past it. */
export const stopped = (findings: readonly Finding[]) =>
  new Problem({
    type: `${KINDS}stopped`,
    title: "A safety rule stops this.",
    status: 422,
    detail: findings.map((finding) => finding.message).join(" "),
    findings,
  });

export const invalid = (errors: { field: string; message: string }[]) =>
  new Problem({
    type: `${KINDS}invalid`,
    title: "Some of this can't be taken as it is.",
    status: 400,
    detail: errors.map(({ field, message }) => `${field}: ${message}`).join("; "),
    errors,
  });

/** Field messages of a Zod error, deepest branch of a union first. */
export function fieldErrors(error: z.ZodError): { field: string; message: string }[] {
  return error.issues.map((issue) => {
    const unknown = issue.code === "unrecognized_keys" ? issue.keys.join(", ") : "";
    return {
      field: [...issue.path.map(String), unknown].filter(Boolean).join(".") || "body",
      message: issue.message,
    };
  });
}

function respond(document: ProblemDocument): Response {
  return Response.json(document, {
    status: document.status,
    headers: { "content-type": "application/problem+json" },
  });
}

/** Failures of the disk, by the code of SQLite or of the system. */
const DISK: readonly (readonly [code: RegExp, document: ProblemDocument])[] = [
  [
    /^(SQLITE_FULL|ENOSPC|EDQUOT)/,
    {
      type: `${KINDS}full`,
      title: "The disk is full.",
      status: 507,
      detail: "Nothing of this was saved. What you typed is kept on your device: free some space.",
    },
  ],
  [
    /^(SQLITE_READONLY|EACCES|EROFS|EPERM)/,
    {
      type: `${KINDS}read-only`,
      title: "The studio can't be written.",
      status: 503,
      detail: "Its folder is read-only now. What you typed is kept on your device.",
    },
  ],
  [
    /^SQLITE_BUSY/,
    {
      type: `${KINDS}busy`,
      title: "The studio is busy.",
      status: 503,
      detail: "Another program holds its file. Try again in a moment.",
    },
  ],
];

function diskProblem(error: unknown): ProblemDocument | null {
  const code = (error as { code?: unknown } | null)?.code;
  return typeof code === "string"
    ? (DISK.find(([pattern]) => pattern.test(code))?.[1] ?? null)
    : null;
}

/** What a failure is answered as. */
export function problemOf(error: unknown): ProblemDocument {
  if (error instanceof Problem) return error.document;
  if (error instanceof StaleVersion)
    return {
      type: `${KINDS}stale`,
      title: "Somebody saved a newer version.",
      status: 409,
      detail: "Another tab or person saved this after you opened it. Keep both, or take theirs.",
      currentVersion: error.current,
    };
  if (error instanceof WasArchived)
    return {
      type: `${KINDS}archived`,
      title: "This was archived.",
      status: 410,
      detail: "Restore it to change it. What you changed is kept on your device.",
    };
  if (error instanceof TaskTooLong)
    return {
      type: `${KINDS}too-long`,
      title: "That takes too long to read.",
      status: 413,
      detail: "It is larger, or built otherwise, than what Dermagraph writes. Nothing was changed.",
    };
  const shut = diskProblem(error);
  if (shut) return shut;
  if (error instanceof NotFound) return notFound(error.message.replace("no such ", "")).document;
  console.error(error);
  return {
    type: `${KINDS}internal`,
    title: "Dermagraph failed at this.",
    status: 500,
    detail: "The reason is in the server's log. Reload to see how things stand.",
  };
}

const LARGEST_BODY = 1_000_000;

/** A body, part by part, no further than it may be long. @throws Problem 413 as soon as it is longer */
async function* limited(request: Request, most: number): AsyncGenerator<Uint8Array> {
  const tooLarge = () =>
    new Problem({
      type: `${KINDS}too-large`,
      title: "That is too much at once.",
      status: 413,
      errors: [{ field: "body", message: `at most ${bytesWords(most)}` }],
    });
  if (Number(request.headers.get("content-length") ?? 0) > most) throw tooLarge();
  let length = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) return;
    length += part.value.length;
    if (length > most) {
      void reader?.cancel().catch(() => undefined);
      throw tooLarge();
    }
    yield part.value;
  }
}

const bytesWords = (bytes: number): string =>
  bytes >= 1e9 ? `${Math.round(bytes / 1e9)} GB` : `${Math.round(bytes / 1e6)} MB`;

async function readLimited(request: Request, most: number): Promise<Uint8Array> {
  const parts: Uint8Array[] = [];
  for await (const part of limited(request, most)) parts.push(part);
  return Buffer.concat(parts);
}

async function readJson(request: Request): Promise<unknown> {
  if (request.headers.get("content-type")?.split(";")[0]?.trim() !== "application/json")
    throw new Problem({
      type: `${KINDS}media-type`,
      title: "Send JSON.",
      status: 415,
      errors: [{ field: "content-type", message: "must be application/json" }],
    });
  const text = new TextDecoder().decode(await readLimited(request, LARGEST_BODY));
  try {
    return readOutside(text);
  } catch {
    throw invalid([{ field: "body", message: "is not JSON" }]);
  }
}

type Params = Record<string, string>;

/** A route that is only read; the query as plain words. Every failure is a problem document. */
export function readRoute<P extends Params = Params>(
  act: (query: Record<string, string>, params: P) => Promise<Response>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      return await act(Object.fromEntries(new URL(request.url).searchParams), await context.params);
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

/** A file on its way in: read, or written to disk, no further than it may be long. */
export interface Incoming {
  /** Its content type, one of those the route takes. */
  readonly type: string;
  bytes(): Promise<Uint8Array>;
  saveTo(path: string): Promise<void>;
}

/** What a route for files takes: content types, and bytes at most. */
export interface Takes {
  readonly types: readonly string[];
  readonly most: number;
}

/** @throws Problem 415, or 413 before anything is read */
function incomingOf(request: Request, { types, most }: Takes): Incoming {
  const type = (request.headers.get("content-type") ?? "").split(";")[0]?.trim() ?? "";
  if (!types.includes(type))
    throw new Problem({
      type: `${KINDS}media-type`,
      title: "That is another kind of file.",
      status: 415,
      errors: [{ field: "content-type", message: `must be ${types.join(" or ")}` }],
    });
  return {
    type,
    bytes: () => readLimited(request, most),
    saveTo: async (path) => {
      await pipeline(limited(request, most), createWriteStream(path, { mode: 0o600 }));
    },
  };
}

/** A route that takes a file as it is, by its content type; every failure is a problem document. */
export function fileRoute<P extends Params = Params>(
  takes: Takes,
  act: (file: Incoming, params: P) => Promise<unknown>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      return Response.json((await act(incomingOf(request, takes), await context.params)) ?? {});
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

/** Told while something takes long: what share is done, in words, and what there is of it already. Waits a moment, and throws where nobody listens any more, so that nothing is half done. */
export type Report = (share: number, words: string, part?: unknown) => Promise<void>;

/** What is worked on while it is told how far it is; `gone` once nobody listens any more. */
export interface Listener {
  readonly report: Report;
  readonly gone: AbortSignal;
}

class Abandoned extends Error {}
const breath = () =>
  new Promise<void>((resolve) => {
    setImmediate(resolve);
  });

/**
 * Answers for what may take long: from the first report on line by line (NDJSON: `{"share","words","part"}`, at last `{"done"}` or `{"problem"}`); what is
 * over before is answered as by any other route. Whoever goes away stops it.
 */
async function toldAsItGoes(
  request: Request,
  act: (listener: Listener) => Promise<unknown>,
): Promise<Response> {
  const encoder = new TextEncoder();
  const gone = new AbortController();
  const abandon = () => gone.abort(new Abandoned());
  let open: ReadableStreamDefaultController<Uint8Array> | null = null;
  const stream = new ReadableStream<Uint8Array>({
    start: (controller) => {
      open = controller;
    },
    cancel: abandon,
  });
  request.signal.addEventListener("abort", abandon);
  const line = (value: unknown) => {
    if (!gone.signal.aborted) open?.enqueue(encoder.encode(`${JSON.stringify(value)}\n`));
  };
  let begin: () => void = () => undefined;
  const begun = new Promise<"begun">((resolve) => {
    begin = () => resolve("begun");
  });
  const report: Report = async (share, words, part) => {
    line({ share, words, part });
    begin();
    await breath();
    gone.signal.throwIfAborted();
  };
  const work = act({ report, gone: gone.signal });
  const first = await Promise.race([work.then((value) => ({ value })), begun]);
  if (first !== "begun") return Response.json(first.value ?? {});
  void work
    .then(
      (value) => line({ done: value ?? {} }),
      (error: unknown) => {
        if (!(error instanceof Abandoned)) line({ problem: problemOf(error) });
      },
    )
    .finally(() => {
      if (!gone.signal.aborted) open?.close();
    });
  return new Response(stream, {
    headers: {
      "content-type": "application/x-ndjson",
      "x-accel-buffering": "no",
      "cache-control": "no-store",
    },
  });
}

/** A route that takes a file and may take long. */
export function slowFileRoute<P extends Params = Params>(
  takes: Takes,
  act: (file: Incoming, listener: Listener, params: P) => Promise<unknown>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const file = incomingOf(request, takes);
      const params = await context.params;
      return await toldAsItGoes(request, (listener) => act(file, listener, params));
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

/** A route that takes JSON and may take long. */
export function slowJsonRoute<Schema extends z.ZodType>(
  schema: Schema,
  act: (body: z.output<Schema>, listener: Listener) => Promise<unknown>,
) {
  return async (request: Request): Promise<Response> => {
    try {
      const parsed = schema.safeParse(await readJson(request), { error: plainMessage });
      if (!parsed.success) throw invalid(fieldErrors(parsed.error));
      return await toldAsItGoes(request, (listener) => act(parsed.data, listener));
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

/** A route that takes JSON: the body is parsed with the schema before anything else happens, and every failure is a problem document. */
export function jsonRoute<Schema extends z.ZodType, P extends Params = Params>(
  schema: Schema,
  act: (body: z.output<Schema>, params: P) => Promise<unknown>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const parsed = schema.safeParse(await readJson(request), { error: plainMessage });
      if (!parsed.success) throw invalid(fieldErrors(parsed.error));
      return Response.json((await act(parsed.data, await context.params)) ?? {});
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

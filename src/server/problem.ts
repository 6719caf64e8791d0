import "server-only";
import { z } from "zod";
import { NotFound, StaleVersion, WasArchived } from "@/store";
import type { Finding } from "@/core/look";
import { plainMessage } from "@/core/messages";
import { readJson as readOutside } from "@/core/text";

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

function problemOf(error: unknown): ProblemDocument {
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
  if (error instanceof NotFound) return notFound(error.message.replace("no such ", "")).document;
  console.error(error);
  return {
    type: `${KINDS}internal`,
    title: "Dermagraph failed at this.",
    status: 500,
    detail: "Nothing was changed. The reason is in the server's log.",
  };
}

const LARGEST_BODY = 1_000_000;

/** Reads a body no further than it may be long. @throws Problem 413 as soon as it is longer */
async function readLimited(request: Request, most: number): Promise<Uint8Array> {
  const tooLarge = () =>
    new Problem({
      type: `${KINDS}too-large`,
      title: "That is too much at once.",
      status: 413,
      errors: [{ field: "body", message: `at most ${most} bytes` }],
    });
  if (Number(request.headers.get("content-length") ?? 0) > most) throw tooLarge();
  const parts: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) break;
    length += part.value.length;
    if (length > most) {
      void reader?.cancel().catch(() => undefined);
      throw tooLarge();
    }
    parts.push(part.value);
  }
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

/** A route that takes a file as it is, by its content type; every failure is a problem document. */
export function fileRoute<P extends Params = Params>(
  act: (file: { bytes: Uint8Array; type: string }, params: P) => Promise<unknown>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const type = (request.headers.get("content-type") ?? "").split(";")[0] ?? "";
      return Response.json(
        (await act(
          { bytes: new Uint8Array(await request.arrayBuffer()), type: type.trim() },
          await context.params,
        )) ?? {},
      );
    } catch (error) {
      return respond(problemOf(error));
    }
  };
}

/** Told while something takes long: what share is done, in words. Waits a moment, and throws where nobody listens any more, so that nothing is half done. */
export type Report = (share: number, words: string) => Promise<void>;

class Abandoned extends Error {}
const breath = () =>
  new Promise<void>((resolve) => {
    setImmediate(resolve);
  });

/**
 * A route that takes a file and may take long: from the first report on it answers line by line (NDJSON: `{"share","words"}`, at last `{"done"}` or
 * `{"problem"}`); what is over before is answered as by any other route. Whoever goes away stops it.
 */
export function slowFileRoute<P extends Params = Params>(
  act: (file: { bytes: Uint8Array; type: string }, report: Report, params: P) => Promise<unknown>,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const bytes = new Uint8Array(await request.arrayBuffer());
      const params = await context.params;
      const encoder = new TextEncoder();
      let [gone, open] = [false, null as ReadableStreamDefaultController<Uint8Array> | null];
      const stream = new ReadableStream<Uint8Array>({
        start: (controller) => {
          open = controller;
        },
        cancel: () => {
          gone = true;
        },
      });
      request.signal.addEventListener("abort", () => {
        gone = true;
      });
      const line = (value: unknown) => {
        if (!gone) open?.enqueue(encoder.encode(`${JSON.stringify(value)}\n`));
      };
      let begin: () => void = () => undefined;
      const begun = new Promise<"begun">((resolve) => {
        begin = () => resolve("begun");
      });
      const report: Report = async (share, words) => {
        line({ share, words });
        begin();
        await breath();
        if (gone) throw new Abandoned();
      };
      const work = act(
        { bytes, type: (request.headers.get("content-type") ?? "").split(";")[0]?.trim() ?? "" },
        report,
        params,
      );
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
          if (!gone) open?.close();
        });
      return new Response(stream, {
        headers: {
          "content-type": "application/x-ndjson",
          "x-accel-buffering": "no",
          "cache-control": "no-store",
        },
      });
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

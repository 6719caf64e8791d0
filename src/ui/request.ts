/** What a route says went wrong (RFC 9457), as the browser uses it. */
export interface Refusal {
  readonly status: number;
  readonly title: string;
  readonly detail?: string;
  /** Of a version that was overtaken: the newest one. */
  readonly currentVersion?: number;
  readonly errors?: readonly { readonly field: string; readonly message: string }[];
}

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusal: Refusal };

/** Sends a file as it is and takes JSON. */
export async function sendFile<T>(
  url: string,
  file: File,
  method: "POST" | "PUT" = "POST",
): Promise<Answer<T>> {
  try {
    const response = await fetch(url, {
      method,
      headers: { "content-type": file.type || "application/octet-stream" },
      body: file,
    });
    const value: unknown = await response.json();
    return response.ok
      ? { ok: true, value: value as T }
      : { ok: false, refusal: { ...(value as Omit<Refusal, "status">), status: response.status } };
  } catch {
    return {
      ok: false,
      refusal: {
        status: 0,
        title: "The studio doesn't answer.",
        detail: "Nothing is lost: choose the file again.",
      },
    };
  }
}

export interface Progress {
  readonly share: number;
  readonly words: string;
}

const refused = <T>(value: unknown, status: number): Answer<T> => ({
  ok: false,
  refusal: { ...(value as Omit<Refusal, "status">), status },
});

/** What may take long: hears how far it is and of parts that are ready, and can be stopped by `signal`; then nothing was changed. */
interface Watched {
  readonly signal: AbortSignal;
  readonly onProgress: (progress: Progress, part: unknown) => void;
}

async function watch<T>(
  ask: () => Promise<Response>,
  o: Watched,
  again: string,
): Promise<Answer<T>> {
  try {
    const response = await ask();
    if (!response.headers.get("content-type")?.startsWith("application/x-ndjson")) {
      const value: unknown = await response.json();
      return response.ok ? { ok: true, value: value as T } : refused(value, response.status);
    }
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    let rest = "";
    for (;;) {
      const part = await reader?.read();
      if (!part || part.done) break;
      const lines = (rest + part.value).split("\n");
      rest = lines.pop() ?? "";
      for (const line of lines) {
        const told = JSON.parse(line) as Partial<Progress> & {
          part?: unknown;
          done?: T;
          problem?: Omit<Refusal, "status"> & { status: number };
        };
        if (told.done !== undefined) return { ok: true, value: told.done };
        if (told.problem) return refused(told.problem, told.problem.status);
        o.onProgress({ share: told.share ?? 0, words: told.words ?? "" }, told.part);
      }
    }
    return refused({ title: "The studio broke off.", detail: `Nothing was changed: ${again}.` }, 0);
  } catch {
    return refused(
      o.signal.aborted
        ? { title: "Stopped. Nothing was changed." }
        : { title: "The studio doesn't answer.", detail: `Nothing is lost: ${again}.` },
      0,
    );
  }
}

/** Sends a file, as what it is, to what may take long. */
export const sendFileWatched = <T>(
  url: string,
  file: File,
  o: Watched & { readonly method?: "POST" | "PUT"; readonly type: string },
): Promise<Answer<T>> =>
  watch(
    () =>
      fetch(url, {
        method: o.method ?? "POST",
        headers: { "content-type": o.type },
        body: file,
        signal: o.signal,
      }),
    o,
    "choose the file again",
  );

/** Sends JSON to what may take long. */
export const sendWatched = <T>(url: string, body: unknown, o: Watched): Promise<Answer<T>> =>
  watch(
    () =>
      fetch(url, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(body),
        signal: o.signal,
      }),
    o,
    "ask again",
  );

/** Sends JSON and takes JSON. A refusal is an answer; only a dead line is status 0. `leaving`: the page is about to go. */
export async function send<T>(
  method: "POST" | "PUT" | "DELETE",
  url: string,
  body: unknown,
  leaving = false,
): Promise<Answer<T>> {
  try {
    const text = JSON.stringify(body);
    // A request that may outlive its page, where the browser allows it (64 KiB in all).
    const response = await fetch(url, {
      method,
      headers: { "content-type": "application/json" },
      body: text,
      keepalive: leaving && text.length < 30_000,
    });
    const value: unknown = await response.json();
    if (response.ok) return { ok: true, value: value as T };
    return {
      ok: false,
      refusal: { ...(value as Omit<Refusal, "status">), status: response.status },
    };
  } catch {
    return {
      ok: false,
      refusal: {
        status: 0,
        title: "The studio doesn't answer.",
        detail: "Nothing is lost: it stays here and is sent again.",
      },
    };
  }
}

/** Reads JSON from a route. */
export async function readJson<T>(url: string): Promise<Answer<T>> {
  try {
    const response = await fetch(url);
    const value: unknown = await response.json();
    return response.ok
      ? { ok: true, value: value as T }
      : { ok: false, refusal: { ...(value as Omit<Refusal, "status">), status: response.status } };
  } catch {
    return { ok: false, refusal: { status: 0, title: "The studio doesn't answer." } };
  }
}

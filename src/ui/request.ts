/** What a route says went wrong (RFC 9457), as the browser uses it. */
export interface Refusal {
  readonly status: number;
  readonly title: string;
  readonly detail?: string;
  readonly errors?: readonly { readonly field: string; readonly message: string }[];
}

export type Answer<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusal: Refusal };

/** Sends a file as it is and takes JSON. */
export async function sendFile<T>(url: string, file: File, method: "POST" | "PUT" = "POST"): Promise<Answer<T>> {
  try {
    const response = await fetch(url, { method, headers: { "content-type": file.type || "application/octet-stream" }, body: file });
    const value: unknown = await response.json();
    return response.ok ? { ok: true, value: value as T } : { ok: false, refusal: { ...(value as Omit<Refusal, "status">), status: response.status } };
  } catch {
    return { ok: false, refusal: { status: 0, title: "The studio does not answer.", detail: "Nothing is lost: choose the file again." } };
  }
}

/** Sends JSON and takes JSON. A refusal is an answer; only a dead line is status 0. `leaving`: the page is about to go. */
export async function send<T>(method: "POST" | "PUT" | "DELETE", url: string, body: unknown, leaving = false): Promise<Answer<T>> {
  try {
    const text = JSON.stringify(body);
    // A request that may outlive its page, where the browser allows it (64 KiB in all).
    const response = await fetch(url, { method, headers: { "content-type": "application/json" }, body: text, keepalive: leaving && text.length < 30_000 });
    const value: unknown = await response.json();
    if (response.ok) return { ok: true, value: value as T };
    return { ok: false, refusal: { ...(value as Omit<Refusal, "status">), status: response.status } };
  } catch {
    return { ok: false, refusal: { status: 0, title: "The studio does not answer.", detail: "Nothing is lost: it stays here and is sent again." } };
  }
}

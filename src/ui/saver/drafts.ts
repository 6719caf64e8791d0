/** What this browser keeps of something that the studio has not taken yet, with the version it was begun from. */
export interface Draft<T> {
  readonly version: number;
  readonly value: T;
}

const PREFIX = "dermagraph.draft.";

/** @param parse answers null for what no longer makes sense */
export function readDraft<T>(key: string, parse: (value: unknown) => T | null): Draft<T> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(PREFIX + key) ?? "null") as {
      version?: unknown;
      value?: unknown;
      /** What an early build called it. */
      look?: unknown;
    } | null;
    if (!kept || typeof kept.version !== "number") return null;
    const value = parse(kept.value ?? kept.look);
    return value === null ? null : { version: kept.version, value };
  } catch {
    return null;
  }
}

/** @returns whether it is kept: a browser may be full, or keep nothing at all */
export function writeDraft<T>(key: string, draft: Draft<T>): boolean {
  try {
    localStorage.setItem(PREFIX + key, JSON.stringify(draft));
    return true;
  } catch {
    return false;
  }
}

export function dropDraft(key: string): void {
  try {
    localStorage.removeItem(PREFIX + key);
  } catch {
    // Nothing is kept where nothing can be kept.
  }
}

/** Keys of all drafts that are kept. */
export function draftKeys(): string[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .map((key) => key.slice(PREFIX.length));
  } catch {
    return [];
  }
}

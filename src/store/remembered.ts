import type { Store } from "./database";

/** Rows that were read and checked once, by id and version: what has one version says the same for ever. Each open studio has its own. */
export function rowMemory<T>(most: number) {
  const own = new WeakMap<Store, Map<string, { readonly version: number; readonly value: T }>>();
  const of = (db: Store) => {
    const known = own.get(db) ?? new Map<string, { version: number; value: T }>();
    own.set(db, known);
    return known;
  };
  return {
    get(db: Store, id: string, version: number): T | undefined {
      const found = of(db).get(id);
      return found?.version === version ? found.value : undefined;
    },
    put(db: Store, id: string, version: number, value: T): T {
      const known = of(db);
      known.delete(id);
      known.set(id, { version, value });
      // The oldest is forgotten first.
      if (known.size > most)
        for (const first of known.keys()) {
          known.delete(first);
          break;
        }
      return value;
    },
  };
}

/** A list that is read anew only where its stamp has changed; the same list again, else. Whoever reads it does not write on it. */
export function listMemory<T>() {
  const own = new WeakMap<Store, Map<string, { readonly stamp: string; readonly value: T }>>();
  return async (db: Store, key: string, stamp: string, read: () => Promise<T>): Promise<T> => {
    const known = own.get(db) ?? new Map<string, { stamp: string; value: T }>();
    own.set(db, known);
    const found = known.get(key);
    if (found?.stamp === stamp) return found.value;
    const value = await read();
    known.set(key, { stamp, value });
    return value;
  };
}

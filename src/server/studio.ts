import { lightFormat } from "date-fns";
import "server-only";
import { dataFolder, openStore, type Store } from "@/store";

const HOLD = Symbol.for("dermagraph.store");
type Holder = typeof globalThis & { [HOLD]?: Promise<Store> | undefined };

/** The one open database of this process; Next loads modules more than once, so it hangs on the process. */
export function studio(): Promise<Store> {
  const holder = globalThis as Holder;
  holder[HOLD] ??= openStore(dataFolder()).catch((error: unknown) => {
    holder[HOLD] = undefined;
    throw error;
  });
  return holder[HOLD];
}

/** Closes the studio, does something to its file and opens it again; whoever asks meanwhile waits for the new one. If that fails the old file is opened again. */
export async function replaceStudio(reopen: () => Promise<Store>): Promise<Store> {
  const holder = globalThis as Holder;
  const before = studio();
  const next = before.then(async (db) => {
    await db.destroy();
    return reopen();
  });
  holder[HOLD] = next.catch(() => openStore(dataFolder()));
  return next;
}

export const newId = (): string => crypto.randomUUID();

/** Today's date where the studio stands. */
export function today(): string {
  return lightFormat(new Date(), "yyyy-MM-dd");
}

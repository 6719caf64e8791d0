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

export const newId = (): string => crypto.randomUUID();

/** Today's date where the studio stands. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

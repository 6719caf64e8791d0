import Database from "better-sqlite3";
import { createHash, randomBytes, scrypt, timingSafeEqual } from "node:crypto";
import { chmodSync, existsSync, mkdirSync } from "node:fs";
import { join } from "node:path";

/** Who may come in: the passphrase, scrypt (RFC 7914), sessions, and what was tried. Beside the studio's file, so that no backup carries it. */
export interface Door {
  /** Whether a passphrase has been set. */
  isGuarded(): boolean;
  /** Sets the passphrase; whoever was signed in is out. */
  setPassphrase(passphrase: string): Promise<void>;
  /** How many seconds an address has to wait before it may try again; 0: it may. A try is counted before it is looked at. */
  tryFrom(address: string): number;
  /** The token of a new session, or null where the passphrase is another one. */
  signIn(passphrase: string, address: string): Promise<string | null>;
  isSignedIn(token: string): boolean;
  signOut(token: string): void;
  close(): void;
}

/** Cost of scrypt: 2^15 rounds of 8 blocks, some 32 MB and 100 ms (OWASP Password Storage Cheat Sheet, 2024). */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
export const LEAST_LETTERS = 10;
const [MINUTE, HOUR] = [60_000, 3_600_000];
/** A session ends after half a day without a request, and after a month in any case. */
const [IDLE, LONGEST] = [12 * HOUR, 30 * 24 * HOUR];
/** So many tries a quarter of an hour from one address, and from all together. */
const [WINDOW, MOST_TRIES, MOST_OF_ALL] = [15 * MINUTE, 5, 40];

const hashed = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(passphrase.normalize("NFKC"), salt, 32, COST, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  );
const digest = (token: string): string => createHash("sha256").update(token).digest("hex");

export const doorPath = (folder: string): string => join(folder, "door.db");

/** Whether a folder has a passphrase, without making anything in it. */
export function hasPassphrase(folder: string): boolean {
  if (!existsSync(doorPath(folder))) return false;
  const door = openDoor(folder);
  const isGuarded = door.isGuarded();
  door.close();
  return isGuarded;
}

/** @param now milliseconds since 1970, for tests */
export function openDoor(folder: string, now: () => number = Date.now): Door {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const db = new Database(doorPath(folder));
  chmodSync(doorPath(folder), 0o600);
  db.pragma("secure_delete = ON");
  db.pragma("busy_timeout = 2000");
  db.exec(`
    CREATE TABLE IF NOT EXISTS passphrase (id INTEGER PRIMARY KEY CHECK (id = 1), salt BLOB NOT NULL, hash BLOB NOT NULL);
    CREATE TABLE IF NOT EXISTS session (token TEXT PRIMARY KEY, made INTEGER NOT NULL, seen INTEGER NOT NULL);
    CREATE TABLE IF NOT EXISTS try (address TEXT NOT NULL, at INTEGER NOT NULL);`);
  const one = <Row>(query: string, ...given: unknown[]) =>
    db.prepare(query).get(...given) as Row | undefined;
  const run = (query: string, ...given: unknown[]) => db.prepare(query).run(...given);
  const kept = () =>
    one<{ salt: Buffer; hash: Buffer }>("SELECT salt, hash FROM passphrase WHERE id = 1");

  function waitFor(address: string | null, most: number): number {
    const rows = db
      .prepare("SELECT at FROM try WHERE at > ? AND (? IS NULL OR address = ?) ORDER BY at DESC")
      .all(now() - WINDOW, address, address) as { at: number }[];
    const oldest = rows[most - 1];
    return oldest ? Math.max(1, Math.ceil((oldest.at + WINDOW - now()) / 1000)) : 0;
  }

  return {
    isGuarded: () => kept() !== undefined,
    async setPassphrase(passphrase) {
      const salt = randomBytes(16);
      const hash = await hashed(passphrase, salt);
      run("INSERT OR REPLACE INTO passphrase (id, salt, hash) VALUES (1, ?, ?)", salt, hash);
      run("DELETE FROM session");
      run("DELETE FROM try");
    },
    tryFrom(address) {
      run("DELETE FROM try WHERE at <= ?", now() - WINDOW);
      const wait = Math.max(waitFor(address, MOST_TRIES), waitFor(null, MOST_OF_ALL));
      if (wait === 0) run("INSERT INTO try (address, at) VALUES (?, ?)", address, now());
      return wait;
    },
    async signIn(passphrase, address) {
      const own = kept();
      if (!own) return null;
      const hash = await hashed(passphrase, own.salt);
      if (!timingSafeEqual(hash, own.hash)) return null;
      const token = randomBytes(32).toString("base64url");
      run("DELETE FROM try WHERE address = ?", address);
      run("DELETE FROM session WHERE seen < ? OR made < ?", now() - IDLE, now() - LONGEST);
      run("INSERT INTO session (token, made, seen) VALUES (?, ?, ?)", digest(token), now(), now());
      return token;
    },
    isSignedIn(token) {
      const session = one<{ made: number; seen: number }>(
        "SELECT made, seen FROM session WHERE token = ?",
        digest(token),
      );
      const isOver = !session || session.seen < now() - IDLE || session.made < now() - LONGEST;
      if (isOver) return false;
      // Written down once a minute, not with every request.
      if (session.seen < now() - MINUTE)
        run("UPDATE session SET seen = ? WHERE token = ?", now(), digest(token));
      return true;
    },
    signOut: (token) => void run("DELETE FROM session WHERE token = ?", digest(token)),
    close: () => void db.close(),
  };
}

import { mkdtempSync, readFileSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { doorPath, hasPassphrase, openDoor, type Door } from "./door";

let folder: string;
let door: Door;
let time = Date.UTC(2026, 0, 1);
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-door-"));
  door = openDoor(folder, () => time);
});
afterEach(() => {
  door.close();
  rmSync(folder, { recursive: true, force: true });
});
const WORDS = "heron over the weir";
const minutes = (count: number) => {
  time += count * 60_000;
};

describe("the door", () => {
  it("is open until a passphrase is set, and keeps only what it was hashed to", async () => {
    expect(hasPassphrase(folder)).toBe(false);
    await door.setPassphrase(WORDS);
    expect(hasPassphrase(folder)).toBe(true);
    expect(readFileSync(doorPath(folder)).includes(WORDS)).toBe(false);
    expect(statSync(doorPath(folder)).mode & 0o777).toBe(0o600);
  });
  it("lets in who knows it, however it was typed, and nobody else", async () => {
    await door.setPassphrase("über den Fluß");
    expect(await door.signIn("u\u0308ber den Fluß", "a")).not.toBeNull();
    for (const wrong of ["", "uber den Fluß", "über den Fluß "])
      expect(await door.signIn(wrong, "a")).toBeNull();
    expect(door.isSignedIn("made up")).toBe(false);
  });
  it("ends a session when it is told to, after half a day's rest, after a month, and with a new passphrase", async () => {
    await door.setPassphrase(WORDS);
    const enter = async () => (await door.signIn(WORDS, "a")) ?? "";
    const out = await enter();
    door.signOut(out);
    expect(door.isSignedIn(out)).toBe(false);
    const idle = await enter();
    minutes(11 * 60);
    expect(door.isSignedIn(idle)).toBe(true);
    minutes(11 * 60);
    expect(door.isSignedIn(idle)).toBe(true);
    minutes(12 * 60 + 1);
    expect(door.isSignedIn(idle)).toBe(false);
    const busy = await enter();
    for (let hour = 0; hour < 30 * 24; hour += 6) {
      expect(door.isSignedIn(busy)).toBe(true);
      minutes(6 * 60);
    }
    minutes(1);
    expect(door.isSignedIn(busy)).toBe(false);
    const last = await enter();
    await door.setPassphrase("another one altogether");
    expect(door.isSignedIn(last)).toBe(false);
  });
  it("makes who guesses wait: five tries a quarter of an hour from one address, forty from all", () => {
    const waits = Array.from({ length: 6 }, () => door.tryFrom("a"));
    expect(waits).toEqual([0, 0, 0, 0, 0, 900]);
    expect(door.tryFrom("b")).toBe(0);
    minutes(10);
    expect(door.tryFrom("a")).toBe(300);
    minutes(5);
    expect(door.tryFrom("a")).toBe(0);
    let more = 0;
    while (more < 100 && door.tryFrom(`address ${more}`) === 0) more++;
    expect(more).toBe(39);
  });
});

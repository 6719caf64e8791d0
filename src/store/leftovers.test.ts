import {
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { countsOf, examineBackup, swapIn } from "./backup";
import { databasePath, openStore } from "./database";
import { deleteLeftover, listLeftovers, pruneLeftovers } from "./leftovers";
import { addLook } from "./looks";
import { emptyLook } from "@/core/look";

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-leftovers-"));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

async function studioWith(looks: number, at = folder): Promise<void> {
  const db = await openStore(at);
  for (let i = 0; i < looks; i++) await addLook(db, `look-${i}`, emptyLook(`Look ${i}`));
  await db.destroy();
}
async function looksNow(): Promise<number> {
  const db = await openStore(folder);
  const { look } = await countsOf(db);
  await db.destroy();
  return look ?? -1;
}

describe("a file in the place of the studio", () => {
  it("is there at once, and the old one is back when it is asked for", async () => {
    const other = mkdtempSync(join(tmpdir(), "dermagraph-other-"));
    await studioWith(1);
    await studioWith(3, other);
    const incoming = join(folder, "incoming.db");
    // Nothing is moved before what takes its place is there.
    expect(() => swapIn(folder, incoming)).toThrow("ENOENT");
    expect(await looksNow()).toBe(1);
    renameSync(databasePath(other), incoming);
    expect(await examineBackup(incoming)).toMatchObject({ look: 3 });
    const swap = swapIn(folder, incoming);
    swap.putBack();
    expect(await looksNow()).toBe(1);
  });
});

describe("what stays behind", () => {
  const backup = (name: string, day: number) => {
    const path = join(folder, "backups", name);
    writeFileSync(path, "copy");
    const at = new Date(Date.UTC(2026, 0, day));
    utimesSync(path, at, at);
  };
  it("is listed newest first, deleted by name, and of each kind only the newest few are kept", async () => {
    await studioWith(0);
    for (let day = 1; day <= 8; day++) backup(`before-restore-${day}.db`, day);
    backup("damaged-1.db", 9);
    backup("incoming-1.db", 9);
    backup("before-migration-1.db.part", 9);
    backup("notes.txt", 9);
    expect(listLeftovers(folder)[0]).toMatchObject({ name: "damaged-1.db", bytes: 4 });
    pruneLeftovers(folder);
    expect(readdirSync(join(folder, "backups")).sort()).toEqual([
      "before-restore-4.db",
      "before-restore-5.db",
      "before-restore-6.db",
      "before-restore-7.db",
      "before-restore-8.db",
      "damaged-1.db",
      "notes.txt",
    ]);
    deleteLeftover(folder, "damaged-1.db");
    expect(() => deleteLeftover(folder, "notes.txt")).toThrow("no such copy");
    expect(() => deleteLeftover(folder, "../studio.db")).toThrow("no such copy");
    expect(readdirSync(join(folder, "backups"))).not.toContain("damaged-1.db");
  });
  it("is nobody else's to read", async () => {
    await studioWith(0);
    const modeOf = (path: string) => statSync(path).mode & 0o777;
    expect(modeOf(folder)).toBe(0o700);
    expect(modeOf(join(folder, "backups"))).toBe(0o700);
    expect(modeOf(databasePath(folder))).toBe(0o600);
  });
});

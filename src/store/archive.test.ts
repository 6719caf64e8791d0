import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { USUAL_BRIEF } from "@/core/brief";
import { emptyLook } from "@/core/look";
import { STAND_IN } from "@/core/people";
import { deleteArchived, listArchived, StillUsed } from "./archive";
import { openStore, type Store } from "./database";
import { addJob } from "./jobs";
import { addLook, findLook, keepVersion } from "./looks";
import { addPerson, forgetPerson } from "./people";
import { setArchived } from "./versioned";

let folder: string;
let db: Store;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-archive-"));
  db = await openStore(folder);
  const { id: _, version: __, ...person } = STAND_IN;
  await addPerson(db, "p", { ...person, name: "Somebody" });
  await addLook(db, "l", emptyLook("Squall"));
  await addJob(db, { id: "j", lookId: "l", personId: "p", brief: USUAL_BRIEF });
  await keepVersion(db, "v", "l", "first", emptyLook("Squall"));
});
afterEach(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

describe("the archive", () => {
  it("lists what is out of sight by name, and nothing that is in use", async () => {
    expect(await listArchived(db)).toEqual([]);
    for (const [kind, id] of [
      ["look", "l"],
      ["job", "j"],
      ["person", "p"],
    ] as const)
      await setArchived(db, kind, id, true);
    const names = (await listArchived(db)).map(({ kind, name }) => `${kind} ${name}`);
    expect(names.sort()).toEqual(["job Squall on Somebody", "look Squall", "person Somebody"]);
    await setArchived(db, "look", "l", false);
    expect((await listArchived(db)).map(({ kind }) => kind).sort()).toEqual(["job", "person"]);
  });

  it("deletes for good with what belongs to it alone, and only what is archived", async () => {
    await expect(deleteArchived(db, "look", "l")).rejects.toThrow(/no such archived look/);
    await setArchived(db, "look", "l", true);
    await deleteArchived(db, "look", "l");
    expect(await findLook(db, "l")).toBeNull();
    expect(await db.selectFrom("look_version").selectAll().execute()).toEqual([]);
    expect(await db.selectFrom("job").selectAll().execute()).toEqual([]);
    expect(await listArchived(db)).toEqual([]);
  });

  it("keeps what history refers to, whole", async () => {
    await db
      .insertInto("record")
      .values({
        id: "r",
        version: 1,
        archived: 0,
        created_at: "x",
        updated_at: "x",
        look_id: "l",
        person_id: "p",
        job_id: "j",
        fields: "{}",
      })
      .execute();
    await setArchived(db, "look", "l", true);
    await expect(deleteArchived(db, "look", "l")).rejects.toBeInstanceOf(StillUsed);
    expect(await db.selectFrom("look_version").selectAll().execute()).toHaveLength(1);
    expect(await db.selectFrom("job").selectAll().execute()).toHaveLength(1);
  });

  it("does not list who was deleted for good, nor their jobs", async () => {
    await forgetPerson(db, "p");
    expect(await listArchived(db)).toEqual([]);
  });
});

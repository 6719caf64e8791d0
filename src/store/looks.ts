import { LookSchema, type Look } from "@/core/look";
import type { Store } from "./database";
import { rowMemory } from "./remembered";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

export interface StoredLook {
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  readonly updatedAt: string;
  readonly design: Look;
}

const fromRow = (row: Row<"look">): StoredLook => ({
  id: row.id,
  version: row.version,
  archived: row.archived === 1,
  updatedAt: row.updated_at,
  design: LookSchema.parse(JSON.parse(row.design)),
});

const designs = rowMemory<StoredLook>(400);
/** The same look as before while it has not changed, put away or not. */
const remembered = (db: Store, row: Row<"look">): StoredLook => {
  const known = designs.get(db, row.id, row.version);
  return known && known.archived === (row.archived === 1)
    ? known
    : designs.put(db, row.id, row.version, fromRow(row));
};

/** What a look is called, without its design. */
export interface LookHead {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly updatedAt: string;
}

/** Which looks are asked for: by words that are all in the name, and by what they are filed under. */
export interface LookFilter {
  readonly find?: string | undefined;
  readonly tag?: string | undefined;
  /** Of these alone, or of all others. */
  readonly among?: { readonly ids: readonly string[]; readonly are: boolean } | undefined;
}

/** Looks that stand. */
function standing(db: Store, { find = "", tag, among }: LookFilter) {
  const all = db.selectFrom("look").where("archived", "=", 0);
  const filed = tag
    ? all.where("id", "in", (eb) =>
        eb.selectFrom("look_tag").select("look_id").where("tag", "=", tag),
      )
    : all;
  const chosen = among ? filed.where("id", among.are ? "in" : "not in", [...among.ids]) : filed;
  return find
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, 8)
    .reduce((query, word) => query.where("name", "like", `%${word.replace(/[%_]/g, "")}%`), chosen);
}

/** What looks that stand are filed under, with how many each, by the alphabet. */
export async function listTags(db: Store): Promise<{ tag: string; looks: number }[]> {
  return db
    .selectFrom("look_tag")
    .innerJoin("look", "look.id", "look_tag.look_id")
    .where("look.archived", "=", 0)
    .select(({ fn }) => ["look_tag.tag as tag", fn.countAll<number>().as("looks")])
    .groupBy("look_tag.tag")
    .orderBy("look_tag.tag")
    .execute();
}

/** Looks by name, those worked on last first; read from an index alone. */
export async function listLookHeads(
  db: Store,
  o: LookFilter & { from?: number; most?: number } = {},
): Promise<LookHead[]> {
  const rows = await standing(db, o)
    .select(["id", "version", "name", "updated_at"])
    .orderBy("updated_at", "desc")
    .limit(o.most ?? -1)
    .offset(o.from ?? 0)
    .execute();
  return rows.map(({ id, version, name, updated_at: updatedAt }) => ({
    id,
    version,
    name,
    updatedAt,
  }));
}

/** How many looks stand, of those asked for. */
export async function countLooks(db: Store, filter: LookFilter = {}): Promise<number> {
  return (
    await standing(db, filter)
      .select((eb) => eb.fn.countAll<number>().as("n"))
      .executeTakeFirstOrThrow()
  ).n;
}

/** Some looks whole, in the order they are asked for; those that are not there are left out. */
export async function findLooks(db: Store, ids: readonly string[]): Promise<StoredLook[]> {
  const wanted = [...new Set(ids)];
  if (!wanted.length) return [];
  const heads = await db
    .selectFrom("look")
    .select(["id", "version", "archived", "updated_at"])
    .where("id", "in", wanted)
    .execute();
  const known = new Map(
    heads.flatMap(({ id, version, archived }): [string, StoredLook][] => {
      const look = designs.get(db, id, version);
      return look && look.archived === (archived === 1) ? [[id, look]] : [];
    }),
  );
  const missing = heads.filter(({ id }) => !known.has(id)).map(({ id }) => id);
  if (missing.length)
    for (const row of await db.selectFrom("look").selectAll().where("id", "in", missing).execute())
      known.set(row.id, remembered(db, row));
  return wanted.flatMap((id) => known.get(id) ?? []);
}

/** Looks painted with a product, alone or in a mix, those worked on last first: so many of them whole, and how many there are. */
export async function looksPaintedWith(
  db: Store,
  productId: string,
  most: number,
): Promise<{ looks: StoredLook[]; count: number }> {
  const rows = await db
    .selectFrom("look_use")
    .innerJoin("look", "look.id", "look_use.look_id")
    .select("look.id")
    .where("look_use.product_id", "=", productId)
    .where("look.archived", "=", 0)
    .orderBy("look.updated_at", "desc")
    .execute();
  return {
    looks: await findLooks(
      db,
      rows.slice(0, most).map(({ id }) => id),
    ),
    count: rows.length,
  };
}

export async function findLook(db: Store, id: string): Promise<StoredLook | null> {
  return (await findLooks(db, [id]))[0] ?? null;
}

export async function addLook(db: Store, id: string, design: Look): Promise<void> {
  await db
    .insertInto("look")
    .values({ ...newRow(id), design: JSON.stringify(design) })
    .execute();
}

export const saveLook = (db: Store, id: string, from: number, design: Look): Promise<number> =>
  updateVersioned(db, "look", id, from, { design: JSON.stringify(design) });

/** A design kept by name. */
export interface KeptVersion {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
  readonly design: Look;
}

/** Kept versions of a look, the newest first. */
export async function listVersions(db: Store, lookId: string): Promise<KeptVersion[]> {
  const rows = await db
    .selectFrom("look_version")
    .selectAll()
    .where("look_id", "=", lookId)
    .orderBy("created_at", "desc")
    .orderBy("id")
    .execute();
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    createdAt: row.created_at,
    design: LookSchema.parse(JSON.parse(row.design)),
  }));
}

export async function keepVersion(
  db: Store,
  id: string,
  lookId: string,
  name: string,
  design: Look,
): Promise<void> {
  await db
    .insertInto("look_version")
    .values({
      id,
      look_id: lookId,
      name,
      design: JSON.stringify(design),
      created_at: new Date().toISOString(),
    })
    .execute();
}

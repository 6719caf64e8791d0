import { STUDIO_PARTS, type StudioContent, type StudioPart, type StudioRow } from "@/core/formats";
import type { Store } from "./database";
import type { NewRow } from "./schema";

const isAway = (archived: number) => archived === 1;
const json = (text: string): unknown => JSON.parse(text);

/** How each part of a studio is read; what is read is what was written by a schema once. */
const READ: { readonly [Part in StudioPart]: (db: Store) => Promise<readonly unknown[]> } = {
  people: async (db) =>
    (await db.selectFrom("person").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, archived: isAway(row.archived), fields: json(row.fields) }),
    ),
  products: async (db) =>
    (await db.selectFrom("product").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, archived: isAway(row.archived), fields: json(row.fields) }),
    ),
  mixes: async (db) =>
    (await db.selectFrom("mix").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, archived: isAway(row.archived), fields: json(row.fields) }),
    ),
  looks: async (db) =>
    (await db.selectFrom("look").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, archived: isAway(row.archived), design: json(row.design) }),
    ),
  versions: async (db) =>
    (
      await db.selectFrom("look_version").selectAll().orderBy("created_at").orderBy("id").execute()
    ).map((row) => ({
      id: row.id,
      lookId: row.look_id,
      name: row.name,
      createdAt: row.created_at,
      design: json(row.design),
    })),
  jobs: async (db) =>
    (await db.selectFrom("job").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({
        id: row.id,
        archived: isAway(row.archived),
        lookId: row.look_id,
        personId: row.person_id,
        brief: json(row.brief),
      }),
    ),
  trays: async (db) =>
    (await db.selectFrom("tray").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, archived: isAway(row.archived), fields: json(row.fields) }),
    ),
  ledger: async (db) =>
    (await db.selectFrom("movement").selectAll().orderBy("id").execute()).map((row) => ({
      productId: row.product_id,
      kind: row.kind,
      delta: row.delta,
      on: row.on_date,
      note: row.note,
      at: row.at,
      jobId: row.job_id,
      pan:
        row.tray_id !== null && row.pan_id !== null
          ? { trayId: row.tray_id, panId: row.pan_id }
          : null,
      priceMinor: row.price_minor,
      batch: row.batch,
    })),
  practice: async (db) =>
    (await db.selectFrom("practice").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({ id: row.id, fields: json(row.fields) }),
    ),
  house: async (db) =>
    (await db.selectFrom("house_change").selectAll().orderBy("version").execute()).map((row) => ({
      version: row.version,
      createdAt: row.created_at,
      changes: json(row.changes),
    })),
  settings: async (db) =>
    (await db.selectFrom("setting").selectAll().execute()).map((row) => ({
      id: row.id,
      archived: isAway(row.archived),
      fields: json(row.fields),
    })),
  records: async (db) =>
    (await db.selectFrom("record").selectAll().orderBy("created_at").orderBy("id").execute()).map(
      (row) => ({
        id: row.id,
        archived: isAway(row.archived),
        lookId: row.look_id,
        personId: row.person_id,
        jobId: row.job_id,
        fields: json(row.fields),
      }),
    ),
  calls: async (db) =>
    (await db.selectFrom("call").selectAll().orderBy("id").execute()).map((row) => ({
      id: row.id,
      archived: isAway(row.archived),
      fields: json(row.fields),
    })),
  chair: async (db) =>
    (
      await db.selectFrom("chair_event").selectAll().orderBy("received_at").orderBy("id").execute()
    ).map((row) => ({ lookId: row.look_id, jobId: row.job_id, event: json(row.fields) })),
  references: async (db) =>
    (
      await db.selectFrom("reference").selectAll().orderBy("created_at").orderBy("id").execute()
    ).map((row) => {
      const { fields, width, height } = json(row.fields) as {
        fields: unknown;
        width: number;
        height: number;
      };
      return {
        id: row.id,
        archived: isAway(row.archived),
        lookId: row.look_id,
        width,
        height,
        fields,
        bytes: new Uint8Array(row.bytes),
      };
    }),
  pictures: async (db) =>
    (
      await db
        .selectFrom("record_picture")
        .selectAll()
        .orderBy("created_at")
        .orderBy("id")
        .execute()
    ).map((row) => ({
      id: row.id,
      recordId: row.record_id,
      caption: row.caption,
      width: row.width,
      height: row.height,
      createdAt: row.created_at,
      bytes: new Uint8Array(row.bytes),
    })),
};

/** All rows of one part. */
export const partOf = async <Part extends StudioPart>(
  db: Store,
  part: Part,
): Promise<readonly StudioRow<Part>[]> => (await READ[part](db)) as readonly StudioRow<Part>[];

/** Everything a studio holds, as it is handed on. */
export async function contentOf(db: Store): Promise<StudioContent> {
  const parts: [StudioPart, readonly unknown[]][] = [];
  for (const part of STUDIO_PARTS) parts.push([part, await READ[part](db)]);
  return Object.fromEntries(parts) as unknown as StudioContent;
}

const kept = (id: string, archived: boolean, now: string) => ({
  id,
  version: 1,
  archived: archived ? 1 : 0,
  created_at: now,
  updated_at: now,
});

/** How each part of a studio is written, a row at a time, as a new one. */
const WRITE: {
  readonly [Part in StudioPart]: (db: Store, row: StudioRow<Part>, now: string) => Promise<unknown>;
} = {
  people: (db, row, now) =>
    db
      .insertInto("person")
      .values({ ...kept(row.id, row.archived, now), fields: JSON.stringify(row.fields) })
      .execute(),
  products: (db, row, now) =>
    db
      .insertInto("product")
      .values({ ...kept(row.id, row.archived, now), fields: JSON.stringify(row.fields) })
      .execute(),
  mixes: (db, row, now) =>
    db
      .insertInto("mix")
      .values({ ...kept(row.id, row.archived, now), fields: JSON.stringify(row.fields) })
      .execute(),
  looks: (db, row, now) =>
    db
      .insertInto("look")
      .values({ ...kept(row.id, row.archived, now), design: JSON.stringify(row.design) })
      .execute(),
  versions: (db, row) =>
    db
      .insertInto("look_version")
      .values({
        id: row.id,
        look_id: row.lookId,
        name: row.name,
        created_at: row.createdAt,
        design: JSON.stringify(row.design),
      })
      .execute(),
  jobs: (db, row, now) =>
    db
      .insertInto("job")
      .values({
        ...kept(row.id, row.archived, now),
        look_id: row.lookId,
        person_id: row.personId,
        brief: JSON.stringify(row.brief),
        curtain_at: row.brief.curtainAt ? new Date(row.brief.curtainAt).toISOString() : null,
      })
      .execute(),
  trays: (db, row, now) =>
    db
      .insertInto("tray")
      .values({ ...kept(row.id, row.archived, now), fields: JSON.stringify(row.fields) })
      .execute(),
  ledger: (db, row) =>
    db
      .insertInto("movement")
      .values({
        product_id: row.productId,
        kind: row.kind,
        delta: row.delta,
        on_date: row.on,
        note: row.note,
        at: row.at,
        job_id: row.jobId,
        tray_id: row.pan?.trayId ?? null,
        pan_id: row.pan?.panId ?? null,
        price_minor: row.priceMinor,
        batch: row.batch,
      })
      .execute(),
  practice: (db, row, now) =>
    db
      .insertInto("practice")
      .values({ id: row.id, fields: JSON.stringify(row.fields), created_at: now })
      .execute(),
  house: (db, row) =>
    db
      .insertInto("house_change")
      .values({
        version: row.version,
        created_at: row.createdAt,
        changes: JSON.stringify(row.changes),
      })
      .execute(),
  settings: (db, row, now) =>
    db
      .insertInto("setting")
      .values({ ...kept(row.id, false, now), fields: JSON.stringify(row.fields) })
      .execute(),
  records: (db, row, now) =>
    db
      .insertInto("record")
      .values({
        ...kept(row.id, row.archived, now),
        look_id: row.lookId,
        person_id: row.personId,
        job_id: row.jobId,
        fields: JSON.stringify(row.fields),
      })
      .execute(),
  calls: (db, row, now) =>
    db
      .insertInto("call")
      .values({ ...kept(row.id, row.archived, now), fields: JSON.stringify(row.fields) })
      .execute(),
  chair: (db, row, now) =>
    db
      .insertInto("chair_event")
      .values({
        id: row.event.id,
        look_id: row.lookId,
        job_id: row.jobId,
        session: row.event.session,
        at: row.event.at,
        fields: JSON.stringify(row.event),
        received_at: now,
      })
      .execute(),
  references: (db, row, now) =>
    db
      .insertInto("reference")
      .values({
        ...kept(row.id, row.archived, now),
        look_id: row.lookId,
        fields: JSON.stringify({ fields: row.fields, width: row.width, height: row.height }),
        bytes: row.bytes,
      } satisfies NewRow<"reference">)
      .execute(),
  pictures: (db, row) =>
    db
      .insertInto("record_picture")
      .values({
        id: row.id,
        record_id: row.recordId,
        caption: row.caption,
        width: row.width,
        height: row.height,
        created_at: row.createdAt,
        bytes: row.bytes,
      })
      .execute(),
};

/** Writes one row as a new one. */
export async function putRow<Part extends StudioPart>(
  db: Store,
  part: Part,
  row: StudioRow<Part>,
  now: string,
): Promise<void> {
  await WRITE[part](db, row, now);
}

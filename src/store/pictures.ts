import type { Store } from "./database";

/** A picture taken of what was worn, without its bytes. */
export interface RecordPicture {
  readonly id: string;
  readonly recordId: string;
  readonly caption: string;
  readonly width: number;
  readonly height: number;
}

export async function addRecordPicture(
  db: Store,
  picture: RecordPicture & { bytes: Uint8Array },
): Promise<void> {
  const { recordId, ...rest } = picture;
  await db
    .insertInto("record_picture")
    .values({ ...rest, record_id: recordId, created_at: new Date().toISOString() })
    .execute();
}

export async function listRecordPictures(
  db: Store,
  recordIds: readonly string[],
): Promise<RecordPicture[]> {
  if (!recordIds.length) return [];
  const rows = await db
    .selectFrom("record_picture")
    .select(["id", "record_id", "caption", "width", "height"])
    .where("record_id", "in", recordIds)
    .orderBy("created_at")
    .orderBy("id")
    .execute();
  return rows.map(({ record_id: recordId, ...rest }) => ({ ...rest, recordId }));
}

/** The picture itself, a JPEG. */
export async function recordPictureBytes(db: Store, id: string): Promise<Uint8Array | null> {
  return (
    (await db.selectFrom("record_picture").select("bytes").where("id", "=", id).executeTakeFirst())
      ?.bytes ?? null
  );
}

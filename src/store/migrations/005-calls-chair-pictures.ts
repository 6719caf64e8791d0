import { sql, type Kysely, type Migration } from "kysely";

/** Who is at a day's call, what was logged at the chair, and pictures of what was worn. */
export const callsChairPictures: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE call (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL, fields TEXT NOT NULL CHECK (json_valid(fields))) STRICT`,
      sql`CREATE TABLE chair_event (id TEXT PRIMARY KEY, look_id TEXT NOT NULL REFERENCES look (id), job_id TEXT REFERENCES job (id), session TEXT NOT NULL, at TEXT NOT NULL, fields TEXT NOT NULL CHECK (json_valid(fields)), received_at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX chair_event_by_look ON chair_event (look_id, session)`,
      sql`CREATE INDEX chair_event_by_job ON chair_event (job_id)`,
      sql`CREATE TABLE record_picture (id TEXT PRIMARY KEY, record_id TEXT NOT NULL REFERENCES record (id), caption TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, bytes BLOB NOT NULL, created_at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX record_picture_by_record ON record_picture (record_id)`,
      sql`ALTER TABLE record ADD COLUMN job_id TEXT REFERENCES job (id)`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

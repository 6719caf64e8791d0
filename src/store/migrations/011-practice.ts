import { sql, type Kysely, type Migration } from "kysely";

/** Goes at drills, one a row. */
export const practice: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`CREATE TABLE practice (id TEXT PRIMARY KEY, fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL) STRICT`.execute(
      db,
    );
  },
};

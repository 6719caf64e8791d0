import { sql, type Kysely, type Migration } from "kysely";

/**
 * What holds for the whole studio, one row of it. What came to people, products and jobs at the same time
 * stands in their JSON, where a row of before says nothing and gets what its schema has for that.
 */
export const settings: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`CREATE TABLE setting (id TEXT PRIMARY KEY CHECK (id = 'studio'), version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived = 0), fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`.execute(
      db,
    );
  },
};

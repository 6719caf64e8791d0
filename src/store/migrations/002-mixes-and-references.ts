import { sql, type Kysely, type Migration } from "kysely";

/** Saved mixes, and the reference picture of a look, kept in the same file as everything else. */
export const mixesAndReferences: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE mix (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE TABLE reference (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), look_id TEXT NOT NULL REFERENCES look (id), fields TEXT NOT NULL CHECK (json_valid(fields)), bytes BLOB NOT NULL, created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX reference_by_look ON reference (look_id)`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

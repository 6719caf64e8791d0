import { sql, type Kysely, type Migration } from "kysely";

/** Designs of a look kept by name. They are never changed. */
export const versions: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE look_version (id TEXT PRIMARY KEY, look_id TEXT NOT NULL REFERENCES look (id), name TEXT NOT NULL, design TEXT NOT NULL CHECK (json_valid(design)), created_at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX look_version_by_look ON look_version (look_id, created_at)`,
      sql`CREATE TRIGGER look_version_stays BEFORE UPDATE ON look_version BEGIN SELECT RAISE(ABORT, 'a kept version is never rewritten'); END`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

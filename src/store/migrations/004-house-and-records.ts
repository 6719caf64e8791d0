import { sql, type Kysely, type Migration } from "kysely";

/** What the painter holds differently from the house, each change a version that stays; and what happened when a look was worn. */
export const houseAndRecords: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE house_change (version INTEGER PRIMARY KEY, changes TEXT NOT NULL CHECK (json_valid(changes)), created_at TEXT NOT NULL) STRICT`,
      sql`CREATE TRIGGER house_change_stays BEFORE UPDATE ON house_change BEGIN SELECT RAISE(ABORT, 'a version of the house rules is never rewritten'); END`,
      sql`CREATE TRIGGER house_change_kept BEFORE DELETE ON house_change BEGIN SELECT RAISE(ABORT, 'a version of the house rules is never removed'); END`,
      sql`CREATE TABLE record (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL, created_at TEXT NOT NULL, updated_at TEXT NOT NULL, look_id TEXT NOT NULL REFERENCES look (id), person_id TEXT REFERENCES person (id), fields TEXT NOT NULL CHECK (json_valid(fields))) STRICT`,
      sql`CREATE INDEX record_by_person ON record (person_id)`,
      sql`CREATE INDEX record_by_look ON record (look_id)`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

import { sql, type Kysely, type Migration } from "kysely";

/** Which look is filed under what, kept by the database itself beside the designs. */
export const tags: Migration = {
  async up(db: Kysely<unknown>) {
    const filed = sql`INSERT INTO look_tag (look_id, tag) SELECT NEW.id, value FROM json_each(NEW.design, '$.tags')`;
    const statements = [
      sql`CREATE TABLE look_tag (look_id TEXT NOT NULL REFERENCES look (id), tag TEXT NOT NULL COLLATE NOCASE, PRIMARY KEY (tag, look_id)) STRICT, WITHOUT ROWID`,
      sql`CREATE INDEX look_tag_by_look ON look_tag (look_id)`,
      sql`CREATE TRIGGER look_tag_new AFTER INSERT ON look BEGIN ${filed}; END`,
      sql`CREATE TRIGGER look_tag_changed AFTER UPDATE OF design ON look BEGIN DELETE FROM look_tag WHERE look_id = NEW.id; ${filed}; END`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

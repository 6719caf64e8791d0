import { sql, type Kysely, type Migration } from "kysely";

/** Names of looks beside their designs, and indexes by which lists are told from the index alone. */
export const largeStudios: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      // A column of its own, kept by the triggers below: what is generated is not read from an index.
      sql`ALTER TABLE look ADD COLUMN name TEXT NOT NULL DEFAULT ''`,
      sql`UPDATE look SET name = json_extract(design, '$.name')`,
      sql`CREATE INDEX look_shown ON look (archived, updated_at DESC, id, version, name)`,
      // Which look is painted with what, kept by the database itself, so that no design has to be read to find it.
      sql`CREATE TABLE look_use (look_id TEXT NOT NULL REFERENCES look (id), product_id TEXT NOT NULL, PRIMARY KEY (product_id, look_id)) STRICT, WITHOUT ROWID`,
      sql`CREATE INDEX look_use_by_look ON look_use (look_id)`,
      sql`CREATE VIEW look_paint AS
        SELECT look.id AS look_id, json_extract(layer.value, '$.paint.productId') AS product_id FROM look, json_each(look.design, '$.layers') AS layer WHERE json_extract(layer.value, '$.paint.productId') IS NOT NULL
        UNION SELECT look.id, json_extract(part.value, '$.productId') FROM look, json_each(look.design, '$.layers') AS layer, json_each(layer.value, '$.paint.parts') AS part WHERE json_extract(part.value, '$.productId') IS NOT NULL`,
      sql`INSERT INTO look_use (look_id, product_id) SELECT look_id, product_id FROM look_paint`,
      sql`CREATE TRIGGER look_use_new AFTER INSERT ON look BEGIN UPDATE look SET name = json_extract(NEW.design, '$.name') WHERE id = NEW.id; INSERT INTO look_use (look_id, product_id) SELECT look_id, product_id FROM look_paint WHERE look_id = NEW.id; END`,
      sql`CREATE TRIGGER look_use_changed AFTER UPDATE OF design ON look BEGIN UPDATE look SET name = json_extract(NEW.design, '$.name') WHERE id = NEW.id; DELETE FROM look_use WHERE look_id = NEW.id; INSERT INTO look_use (look_id, product_id) SELECT look_id, product_id FROM look_paint WHERE look_id = NEW.id; END`,
      sql`CREATE INDEX product_shown ON product (archived, created_at, id, version, updated_at)`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

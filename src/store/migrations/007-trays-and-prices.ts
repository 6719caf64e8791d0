import { sql, type Kysely, type Migration } from "kysely";

/** Trays with their pans; what was paid for a pot and its batch; which pan a line of the ledger fills. */
export const traysAndPrices: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE tray (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`ALTER TABLE movement ADD COLUMN tray_id TEXT REFERENCES tray (id)`,
      sql`ALTER TABLE movement ADD COLUMN pan_id TEXT`,
      sql`ALTER TABLE movement ADD COLUMN price_minor INTEGER`,
      sql`ALTER TABLE movement ADD COLUMN batch TEXT NOT NULL DEFAULT ''`,
      sql`CREATE INDEX movement_by_tray ON movement (tray_id) WHERE tray_id IS NOT NULL`,
      // Stock is summed from the index alone.
      sql`CREATE INDEX movement_sums ON movement (product_id, delta)`,
      sql`CREATE INDEX movement_by_day ON movement (on_date)`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

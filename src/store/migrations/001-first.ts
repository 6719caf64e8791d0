import { sql, type Kysely, type Migration } from "kysely";

/** People, products with their stock ledger, looks and jobs. */
export const first: Migration = {
  async up(db: Kysely<unknown>) {
    const statements = [
      sql`CREATE TABLE person (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE TABLE product (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), fields TEXT NOT NULL CHECK (json_valid(fields)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE TABLE movement (id INTEGER PRIMARY KEY AUTOINCREMENT, product_id TEXT NOT NULL REFERENCES product (id), kind TEXT NOT NULL, delta REAL NOT NULL, on_date TEXT NOT NULL, note TEXT NOT NULL, at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX movement_by_product ON movement (product_id, id)`,
      // The ledger is append-only: a correction is another movement.
      sql`CREATE TRIGGER movement_stays BEFORE UPDATE ON movement BEGIN SELECT RAISE(ABORT, 'the ledger is never rewritten'); END`,
      sql`CREATE TRIGGER movement_kept BEFORE DELETE ON movement BEGIN SELECT RAISE(ABORT, 'the ledger is never rewritten'); END`,
      sql`CREATE TABLE look (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), design TEXT NOT NULL CHECK (json_valid(design)), created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE TABLE job (id TEXT PRIMARY KEY, version INTEGER NOT NULL, archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)), look_id TEXT NOT NULL REFERENCES look (id), person_id TEXT NOT NULL REFERENCES person (id), brief TEXT NOT NULL CHECK (json_valid(brief)), curtain_at TEXT, created_at TEXT NOT NULL, updated_at TEXT NOT NULL) STRICT`,
      sql`CREATE INDEX job_by_look ON job (look_id)`,
      sql`CREATE INDEX job_by_person ON job (person_id)`,
      sql`CREATE INDEX job_by_curtain ON job (curtain_at) WHERE curtain_at IS NOT NULL`,
    ];
    for (const statement of statements) await statement.execute(db);
  },
};

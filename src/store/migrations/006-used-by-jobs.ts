import { sql, type Kysely, type Migration } from "kysely";

/** Which job a movement of the ledger belongs to, so that what a job used is told once and corrected by another line. */
export const usedByJobs: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`ALTER TABLE movement ADD COLUMN job_id TEXT REFERENCES job (id)`.execute(db);
    await sql`CREATE INDEX movement_by_job ON movement (job_id) WHERE job_id IS NOT NULL`.execute(
      db,
    );
  },
};

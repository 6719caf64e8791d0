import type { Generated, Insertable, Selectable } from "kysely";

/** A row that is kept as JSON with a version counted up at each save. */
interface Versioned {
  id: string;
  version: number;
  archived: number;
  created_at: string;
  updated_at: string;
}

export interface Schema {
  person: Versioned & { fields: string };
  product: Versioned & { fields: string };
  movement: {
    id: Generated<number>;
    product_id: string;
    kind: string;
    delta: number;
    on_date: string;
    note: string;
    at: string;
    job_id: string | null;
    tray_id: string | null;
    pan_id: string | null;
    price_minor: number | null;
    batch: Generated<string>;
  };
  tray: Versioned & { fields: string };
  setting: Versioned & { fields: string };
  mix: Versioned & { fields: string };
  reference: Versioned & { look_id: string; fields: string; bytes: Uint8Array };
  look: Versioned & { design: string; name: Generated<string> };
  look_use: { look_id: string; product_id: string };
  practice: { id: string; fields: string; created_at: string };
  look_tag: { look_id: string; tag: string };
  look_version: { id: string; look_id: string; name: string; design: string; created_at: string };
  house_change: { version: number; changes: string; created_at: string };
  record: Versioned & {
    look_id: string;
    person_id: string | null;
    job_id: string | null;
    fields: string;
  };
  /** By its day. */
  call: Versioned & { fields: string };
  chair_event: {
    id: string;
    look_id: string;
    job_id: string | null;
    session: string;
    at: string;
    fields: string;
    received_at: string;
  };
  record_picture: {
    id: string;
    record_id: string;
    caption: string;
    width: number;
    height: number;
    bytes: Uint8Array;
    created_at: string;
  };
  job: Versioned & { look_id: string; person_id: string; brief: string; curtain_at: string | null };
}

export type Row<Table extends keyof Schema> = Selectable<Schema[Table]>;
export type NewRow<Table extends keyof Schema> = Insertable<Schema[Table]>;

// A large invented studio for the bench: so many products, looks, jobs and lines of the ledger, made from the demo with colours and names turned.
import Database from "better-sqlite3";
import { seededRandom } from "../src/core/random";
import { ProductSchema } from "../src/core/paint";
import { LookSchema } from "../src/core/look";
import { PersonSchema } from "../src/core/people";
import { BriefSchema } from "../src/core/brief";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoJobs, demoPeople } from "../src/demo";
import { databasePath, openStore } from "../src/store";

export const BIG = { products: 5000, looks: 2000, movements: 100_000 } as const;

/** Fills a folder with the studio. @returns how many rows of each kind */
export async function makeBigStudio(folder: string): Promise<typeof BIG> {
  await (await openStore(folder)).destroy();
  const db = new Database(databasePath(folder));
  db.pragma("journal_mode = WAL");
  const random = seededRandom(20261125);
  const today = new Date().toISOString().slice(0, 10);
  const day = (offset: number) =>
    new Date(Date.parse(`${today}T12:00:00Z`) + offset * 86_400_000).toISOString().slice(0, 10);
  const pick = <T>(list: readonly T[]): T => {
    const found = list[Math.floor(random() * list.length)];
    if (found === undefined) throw new Error("nothing to pick from");
    return found;
  };
  const now = (i: number) => new Date(Date.parse(`${today}T00:00:00Z`) - i * 1000).toISOString();
  const own = DEMO_PRODUCTS(today);
  db.transaction(() => {
    const product = db.prepare(
      "INSERT INTO product (id, version, archived, fields, created_at, updated_at) VALUES (?, 1, 0, ?, ?, ?)",
    );
    const ids: string[] = [];
    for (let i = 0; i < BIG.products; i++) {
      const base = own[i % own.length];
      if (!base) continue;
      const turned =
        i < own.length
          ? base.fields.colour
          : base.fields.colour &&
            `#${Math.floor(random() * 0xffffff)
              .toString(16)
              .padStart(6, "0")}`;
      const id = i < own.length ? base.id : `p-${i}`;
      ids.push(id);
      product.run(
        id,
        JSON.stringify(
          ProductSchema.parse({
            ...base.fields,
            name: i < own.length ? base.fields.name : `${base.fields.name} ${i}`,
            colour: turned,
          }),
        ),
        now(BIG.products - i),
        now(BIG.products - i),
      );
    }
    const person = db.prepare(
      "INSERT INTO person (id, version, archived, fields, created_at, updated_at) VALUES (?, 1, 0, ?, ?, ?)",
    );
    for (const { id, fields } of demoPeople(day))
      person.run(id, JSON.stringify(PersonSchema.parse(fields)), now(0), now(0));
    const look = db.prepare(
      "INSERT INTO look (id, version, archived, design, created_at, updated_at) VALUES (?, 1, 0, ?, ?, ?)",
    );
    for (let i = 0; i < BIG.looks; i++) {
      const base = DEMO_LOOKS[i % DEMO_LOOKS.length];
      if (!base) continue;
      const first = i < DEMO_LOOKS.length;
      look.run(
        first ? base.id : `look-${i}`,
        JSON.stringify(
          LookSchema.parse(
            first ? base.design : { ...base.design, name: `${base.design.name} ${i}` },
          ),
        ),
        now(BIG.looks - i),
        now(BIG.looks - i),
      );
    }
    const job = db.prepare(
      "INSERT INTO job (id, version, archived, look_id, person_id, brief, curtain_at, created_at, updated_at) VALUES (?, 1, 0, ?, ?, ?, ?, ?, ?)",
    );
    for (const { id, lookId, personId, brief } of demoJobs(
      (days, clock) => `${day(days)}T${clock}:00+00:00`,
    ))
      job.run(
        id,
        lookId,
        personId,
        JSON.stringify(BriefSchema.parse(brief)),
        brief.curtainAt,
        now(0),
        now(0),
      );
    const movement = db.prepare(
      "INSERT INTO movement (product_id, kind, delta, on_date, note, at, price_minor, batch) VALUES (?, ?, ?, ?, ?, ?, ?, '')",
    );
    for (const id of ids) movement.run(id, "bought", 60, day(-700), "first pots", now(0), 2300);
    for (let i = ids.length; i < BIG.movements; i++) {
      const bought = random() < 0.1;
      movement.run(
        pick(ids),
        bought ? "bought" : "used",
        bought ? 30 : -random() * 2,
        day(-Math.floor(random() * 690)),
        "",
        now(i),
        bought ? 1150 : null,
      );
    }
  })();
  db.pragma("wal_checkpoint(TRUNCATE)");
  db.close();
  return BIG;
}

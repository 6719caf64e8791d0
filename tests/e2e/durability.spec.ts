import Database from "better-sqlite3";
import { join } from "node:path";
import { call, expect, openStudio, test } from "./studio";

test("the server is killed in the middle of 200 autosaves, three times: every acknowledged save is there", async ({
  request,
}) => {
  test.setTimeout(240_000);
  const studio = await openStudio({ demo: true });
  const url = `${studio.url}/api/looks/first-frost`;
  const design = () => {
    const file = new Database(join(studio.folder, "studio.db"), { readonly: true });
    const row = file.prepare("SELECT version, design FROM look WHERE id = 'first-frost'").get() as {
      version: number;
      design: string;
    };
    file.close();
    return { version: row.version, design: JSON.parse(row.design) as { notes: string } };
  };
  const start = design();
  let { version } = start;
  let acknowledged = 0;
  try {
    for (let round = 0; round < 3; round++) {
      const killAt = 60 + round * 37;
      let killing: Promise<void> | null = null;
      for (let n = 0; n < 200; n++) {
        // The kill falls while a save is on its way.
        if (n === killAt)
          killing = new Promise((resolve) => setTimeout(resolve, 3 + round * 4)).then(() =>
            studio.kill(),
          );
        try {
          const answer = await call(request, "PUT", url, {
            version,
            design: { ...start.design, notes: `round ${round} save ${n}` },
          });
          expect(answer.status).toBe(200);
          version = Number(answer.body.version);
          acknowledged++;
        } catch (error) {
          if (!killing) throw error;
          break;
        }
      }
      expect(killing).not.toBeNull();
      await killing;
      await studio.start();
      const kept = design();
      // The one on its way may have landed without being acknowledged; none acknowledged may be missing.
      expect(kept.version - version === 0 || kept.version - version === 1).toBe(true);
      version = kept.version;
    }
    expect(acknowledged).toBeGreaterThanOrEqual(60 + 97 + 134);
    const file = new Database(join(studio.folder, "studio.db"), { readonly: true });
    expect(file.pragma("integrity_check", { simple: true })).toBe("ok");
    file.close();
  } finally {
    await studio.close();
  }
});

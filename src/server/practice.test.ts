import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { DRILL_KEYS } from "@/core/practice";
import { allPractice, drillSheet, dropPractice, notePractice } from "./practice";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-practice-"));

describe("practice", () => {
  const go = { drill: "star", on: "2026-11-24", minutes: 12.5, right: 4 } as const;
  it("is noted, listed as it was noted, and taken back once", async () => {
    const { id } = await notePractice(go);
    expect(await allPractice()).toEqual([{ id, ...go }]);
    expect(await dropPractice(id)).toEqual({ id });
    expect(await allPractice()).toEqual([]);
    expect(await statusOf(dropPractice(id))).toBe(404);
  });
  it("has a sheet for every drill, and for no other", async () => {
    for (const drill of DRILL_KEYS) {
      const { body, name } = await drillSheet({ drill });
      expect(name).toBe(`practice-${drill}.pdf`);
      expect(Buffer.from(body.subarray(0, 5)).toString()).toBe("%PDF-");
    }
    expect(await statusOf(drillSheet({ drill: "juggling" }))).toBe(400);
  });
});

import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { USUAL_STUDIO } from "@/core/studio";
import { changeSettings, ChangeSettingsSchema, settings } from "./settings";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-settings-"));

describe("what holds for the whole studio", () => {
  it("is usual until somebody says otherwise, then counted up, and never overwritten unasked", async () => {
    expect(await settings()).toEqual({ version: 0, fields: USUAL_STUDIO });
    const fields = { ...USUAL_STUDIO, currency: "GBP", emergency: "999" };
    expect(await changeSettings({ version: 0, fields })).toEqual({ version: 1 });
    expect(await statusOf(changeSettings({ version: 0, fields }))).toBe(409);
    expect(await changeSettings({ version: 1, fields: { ...fields, currency: "NOK" } })).toEqual({
      version: 2,
    });
    expect((await settings()).fields).toMatchObject({ currency: "NOK", emergency: "999" });
  });
  it.each([
    ["currency", { currency: "euro" }],
    ["emergency", { emergency: "" }],
    ["room.rh", { room: { rh: 0 } }],
    ["owned.0", { owned: ["broom"] }],
  ])("refuses what is none, beside its field: %s", (field, wrong) => {
    const read = ChangeSettingsSchema.safeParse({ version: 0, fields: wrong });
    expect(read.error?.issues.map(({ path }) => path.slice(1).join("."))).toEqual([field]);
  });
});

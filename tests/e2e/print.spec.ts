import { pdfText } from "./pdfText";
import { call, expect, test } from "./studio";

/** Names as people have them: Polish, Greek, Russian, Vietnamese, Turkish, with an apostrophe and a dash. */
const NAMES = ["Żółw", "Θύελλα", "Буря", "Tuyết", "İğde", "O’Neill – Ångström"];

test("every letter of a name stands on what is printed, and no control character ever does", async ({
  request,
  demo,
}) => {
  for (const name of NAMES) {
    const made = await call("POST", `${demo.url}/api/looks/thunderhead/copy`, {
      name: `${name}\u0007\u0000`,
    });
    expect(made.status, JSON.stringify(made.body)).toBe(200);
    const { lookId } = made.body as { lookId: string };
    const pdf = await request.get(`${demo.url}/api/looks/${lookId}/removal`);
    expect(pdf.status(), name).toBe(200);
    const text = pdfText(await pdf.body());
    expect(text).toContain(name.normalize("NFC"));
    expect(text).not.toContain("\ufffd");
    expect(text).not.toMatch(/\?/);
  }
});

import { call, expect, test } from "./studio";

const layer = (values: object) => ({
  id: "x",
  role: "detail",
  name: "Trial",
  zones: ["forehead"],
  paint: { kind: "product", productId: "slate-grey" },
  tool: "flatBrush",
  technique: "stroke",
  coats: 1,
  edge: "hard",
  share: 1,
  marks: [],
  notes: "",
  ...values,
});
const design = (values: object) => ({
  schema: 1,
  name: "Trial",
  system: null,
  layers: [layer(values)],
  bare: [],
  accepted: [],
  notes: "",
});
const brief = {
  airDegC: 21,
  rh: 50,
  air: "still",
  hoursWorn: 3,
  activity: "acting",
  nearestM: 1,
  farthestM: 12,
  skill: "practised",
};

const STOPS = [
  [
    "latex on somebody allergic to it",
    { paint: { kind: "product", productId: "clear-strand-latex" } },
    "SAFE-2",
  ],
  [
    "alcohol colour in the eye zone",
    { zones: ["upperLidLeft"], paint: { kind: "product", productId: "bog-green" } },
    "SAFE-3",
  ],
  ["craft paint on skin", { paint: { kind: "product", productId: "workshop-gold" } }, "SAFE-1"],
  [
    "medical adhesive on the brow",
    { role: "cover", zones: ["browLeft"], paint: { kind: "product", productId: "medical-hold" } },
    "BROW-2",
  ],
] as const;

for (const [what, values, rule] of STOPS) {
  test(`${what} is saved as a draft and withheld by every route`, async ({ demo, request }) => {
    const started = await call("POST", `${demo.url}/api/looks`, {
      name: "Trial",
      brief,
      personId: "ilse-marrow",
    });
    const { lookId, jobId } = started.body as { lookId: string; jobId: string };
    const url = `${demo.url}/api/looks/${lookId}`;
    // Accepting the finding beforehand is no way round.
    const saved = await call("PUT", url, {
      version: 1,
      design: { ...design(values), accepted: [`${rule}:stop:x:`, `${rule}:x`] },
    });
    expect(saved.status, JSON.stringify(saved.body)).toBe(200);
    const withheld = [
      `${url}/template?kind=chart&format=pdf&job=${jobId}`,
      `${url}/template?kind=chart&format=svg&paper=letter&job=${jobId}`,
      `${url}/template?kind=stencil&format=svg&job=${jobId}`,
      `${url}/template?kind=body&format=pdf&job=${jobId}`,
      `${url}/ingredients?job=${jobId}`,
    ];
    for (const way of withheld) {
      const answer = await request.get(way);
      expect(answer.status(), way).toBe(422);
      const problem = (await answer.json()) as { findings: { rule: string }[] };
      expect(problem.findings.map((finding) => finding.rule)).toContain(rule);
    }
    const chair = await (await request.get(`${demo.url}/chair/${lookId}/${jobId}`)).text();
    expect(chair).toContain("This plan is stopped");
    expect(chair).not.toContain("technique");
    // How it comes off stays, and so does the card of the look.
    expect((await request.get(`${url}/removal?job=${jobId}`)).status()).toBe(200);
    expect(await (await request.get(`${demo.url}/looks`)).text()).toContain("Trial");
    const mended = await call("PUT", url, { version: 2, design: design({}) });
    expect(mended.status).toBe(200);
    for (const way of withheld) expect((await request.get(way)).status(), way).toBe(200);
  });
}

test("in the form a stop is named in the head, the draft is saved, the plan withheld, and its button mends it", async ({
  page,
  demo,
}) => {
  const { body } = await call("POST", `${demo.url}/api/looks`, {
    name: "Stopped look",
    brief,
    personId: "ilse-marrow",
  });
  const { lookId } = body as { lookId: string };
  await page.goto(`${demo.url}/looks/${lookId}`);
  await page.getByRole("button", { name: "Add layer" }).click();
  await page.getByRole("dialog").getByRole("button", { name: /^Base/i }).click();
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await page.getByLabel("Paint", { exact: true }).selectOption({ label: "Clear strand latex" });
  const findings = page.getByRole("region", { name: "Findings" });
  await expect(
    findings
      .getByRole("listitem")
      .filter({ hasText: "Ilse Marrow is allergic to natural rubber latex" }),
  ).toBeVisible();
  const head = page.getByRole("alert").filter({ hasText: "Safety stop: no plan, chair or print" });
  await expect(head).toContainText("Ilse Marrow is allergic to natural rubber latex");
  await expect(head.getByRole("link", { name: /^Mend it/ })).toBeVisible();
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(page.getByRole("heading", { name: "This plan is stopped" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Steps" })).toHaveCount(0);
  for (;;) {
    await expect(page.locator('ol[aria-busy="true"]')).toHaveCount(0);
    const stop = page
      .getByRole("listitem")
      .filter({ hasText: /^1?Stop\./ })
      .first();
    if (!(await stop.count())) break;
    await stop.getByRole("button").first().click();
  }
  await expect(head).toHaveCount(0);
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
});

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
  test(`${what} can't be saved by any route`, async ({ demo, request }) => {
    const started = await call(request, "POST", `${demo.url}/api/looks`, {
      name: "Trial",
      brief,
      personId: "ilse-marrow",
    });
    const { lookId } = started.body as { lookId: string };
    const attempts = [
      await call(request, "PUT", `${demo.url}/api/looks/${lookId}`, {
        version: 1,
        design: design(values),
      }),
      // Accepting the finding beforehand, or saving it as a copy, is no way round.
      await call(request, "PUT", `${demo.url}/api/looks/${lookId}`, {
        version: 1,
        design: { ...design(values), accepted: [`${rule}:stop:x:`, `${rule}:x`] },
      }),
      await call(request, "POST", `${demo.url}/api/looks/${lookId}/copy`, {
        name: "Way round",
        design: design(values),
      }),
    ];
    for (const answer of attempts) {
      expect(answer.status).toBe(422);
      expect((answer.body.findings as { rule: string }[]).map((finding) => finding.rule)).toContain(
        rule,
      );
    }
    const good = await call(request, "PUT", `${demo.url}/api/looks/${lookId}`, {
      version: 1,
      design: design({}),
    });
    expect(good.status).toBe(200);
  });
}

test("in the form a stop is named, holds the saving back, and is mended by its button; the plan is withheld", async ({
  page,
  demo,
  request,
}) => {
  const { body } = await call(request, "POST", `${demo.url}/api/looks`, {
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
  await expect(page.getByText("not saved: a safety rule stops it")).toBeVisible();
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
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
});

import { createHash } from "node:crypto";
import { join } from "node:path";
import Database from "better-sqlite3";
import { call, expect, test } from "./studio";
import { writingRoutes } from "./writingRoutes";

const IDS: Readonly<Record<string, string>> = {
  looks: "first-frost",
  people: "nomi-tarrow",
  products: "chalk-white",
  jobs: "frost-reservoir",
  mixes: "none",
  palettes: "frost-tin",
  references: "none",
  records: "drought-dress-run",
};

const long = "x".repeat(5000);
/** Thirty bodies that no route can take: not JSON, wrong shapes, wrong types, strangers, nonsense numbers and dates. */
const BODIES: readonly unknown[] = [
  "",
  "{",
  "null",
  "[]",
  "42",
  '"text"',
  "true",
  "[[]]",
  '{"version":',
  "\u0000",
  { unknown: 1 },
  { version: "1" },
  { version: -1, design: {} },
  { version: 1.5, fields: {} },
  { version: 1, design: null },
  { version: 1, design: { schema: 2, name: "x", layers: [] } },
  { version: 1, design: { schema: 1, name: "", layers: [] } },
  { version: 1, design: { schema: 1, name: long, layers: [{}] } },
  { version: 1, fields: { name: long } },
  { version: 1, fields: [] },
  { name: 7 },
  { name: "", brief: {} },
  { name: "x", brief: { airDegC: 900 } },
  { lookId: "x", personId: 3, brief: {} },
  { kind: "stolen", grams: 1, on: "2026-01-01" },
  { kind: "used", grams: -1, on: "2026-01-01" },
  { kind: "used", grams: 1, on: "soon" },
  { kind: "used", grams: "1e9", on: "2026-01-01", extra: true },
  { archived: "yes" },
  { archived: null, __proto__x: {} },
];

const digest = (folder: string) => {
  const file = new Database(join(folder, "studio.db"), { readonly: true });
  const rows = [
    "person",
    "product",
    "movement",
    "look",
    "job",
    "mix",
    "reference",
    "look_version",
    "house_change",
    "record",
    "call",
    "chair_event",
    "record_picture",
    "tray",
  ].map((table) => file.prepare(`SELECT * FROM ${table} ORDER BY 1`).all());
  file.close();
  return createHash("sha256").update(JSON.stringify(rows)).digest("hex");
};

/** What is wrong with an answer to nonsense: it is a problem document that names each field. */
function faultsOf({ status, type, body }: Awaited<ReturnType<typeof call>>): string[] {
  const errors = (body.errors ?? []) as { field: string; message: string }[];
  return [
    ...(status >= 400 && status < 500 ? [] : [`status ${status}`]),
    ...(type.includes("application/problem+json") ? [] : [`type ${type}`]),
    ...(errors.length ? [] : ["names no field"]),
    ...errors.filter(({ field, message }) => !field || !message).map(() => "an empty message"),
  ];
}

test("thirty malformed bodies to every route give a problem with the field named, and change nothing", async ({
  demo,
}) => {
  const routes = writingRoutes();
  expect(routes).toHaveLength(58);
  expect(BODIES).toHaveLength(30);
  const before = digest(demo.folder);
  // Looked at together at the end: fifteen hundred expectations by themselves take a minute.
  const faults: string[] = [];
  for (const { method, path } of routes) {
    const url =
      demo.url +
      path
        .replace("[date]", "2026-11-24")
        .replace("[kind]", "look")
        .replace("[id]", IDS[path.split("/")[2] ?? ""] ?? "none");
    const tried = await Promise.all(
      BODIES.map(async (body) => ({ body, answer: await call(method, url, body) })),
    );
    for (const { body, answer } of tried)
      faults.push(
        ...faultsOf(answer).map(
          (fault) => `${method} ${path} ${JSON.stringify(body).slice(0, 80)}: ${fault}`,
        ),
      );
  }
  expect(faults).toEqual([]);
  expect(digest(demo.folder)).toBe(before);
});

test("what is not JSON by its label, too large, or not there, is refused too", async ({
  demo,
  request,
}) => {
  const plain = await request.post(`${demo.url}/api/people`, {
    headers: { "content-type": "text/plain" },
    data: "{}",
  });
  expect(plain.status()).toBe(415);
  expect(
    (await call("POST", `${demo.url}/api/people`, JSON.stringify({ notes: "x".repeat(1_100_000) })))
      .status,
  ).toBe(413);
  expect(
    (
      await call("PUT", `${demo.url}/api/looks/none`, {
        version: 1,
        design: { schema: 1, name: "x", layers: [] },
      })
    ).status,
  ).toBe(404);
  expect(
    (await call("PUT", `${demo.url}/api/people/none/archived`, { archived: true })).status,
  ).toBe(404);
});

test("a form says beside the field what is wrong, keeps what was typed, and a strange address gets a friendly page", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/people/new`);
  await page.getByLabel("Name", { exact: true }).fill("Kit Alder");
  await page.getByLabel("Age, years").fill("300");
  await page.getByLabel("Skin colour", { exact: true }).fill("brownish");
  await page.getByRole("button", { name: "Save the card" }).click();
  const age = page.getByLabel("Age, years");
  await expect(age).toHaveAttribute("aria-invalid", "true");
  await expect(page.getByText("at most 120")).toBeVisible();
  await expect(page.getByText("a colour like #a0c4de")).toBeVisible();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Kit Alder");
  expect(page.url()).toContain("/people/new");
  await page.goto(`${demo.url}/looks/nowhere/anyone/map`);
  await expect(
    page.getByRole("heading", { name: "There is nothing at this address" }),
  ).toBeVisible();
});

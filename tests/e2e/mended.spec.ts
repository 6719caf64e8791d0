import { expect, test } from "./studio";

// Ten looks made badly on purpose, mended by the buttons of their findings alone.

type Fields = Readonly<Record<string, unknown>>;
const FACE = ["forehead", "cheekAppleLeft", "cheekAppleRight", "chin", "noseBridge"];
const BROWS = ["browLeft", "browRight"];

let count = 0;
const layer = (role: string, name: string, paint: string, more: Fields = {}): Fields => ({
  ...{ id: `bad-${++count}`, role, name, zones: FACE, tool: "dampSponge", technique: "stipple" },
  ...{ coats: "auto", edge: "hard", paint: { kind: "product", productId: paint }, ...more },
});
const kind = (role: string, name: string, material: string, more: Fields = {}): Fields => ({
  ...layer(role, name, "", more),
  paint: { kind: "material", material },
});
const star = (at: Fields, paint = "coal") =>
  layer("detail", "Star", paint, {
    ...{ zones: ["forehead"], tool: "roundBrush", technique: "draw" },
    marks: [{ kind: "star", x: 0, y: 38, diameterMm: 24, ...at }],
  });

/** A look made badly, and the rule that must be gone when its buttons have been pressed. */
interface Bad {
  readonly name: string;
  readonly rule: RegExp;
  readonly layers: readonly Fields[];
}

const BAD: readonly Bad[] = [
  { name: "cream never powdered", rule: /SET-1/, layers: [layer("base", "Cream", "umber-cream")] },
  {
    name: "a star under the base",
    rule: /LAYER-10/,
    layers: [star({}), layer("base", "Base", "slate-grey")],
  },
  {
    name: "a star beside the midline",
    rule: /MAP-3/,
    layers: [layer("base", "Base", "slate-grey"), star({ x: 2.5 })],
  },
  {
    name: "one coat of white",
    rule: /BASE-1/,
    layers: [layer("base", "Base", "chalk-white", { coats: 1 })],
  },
  {
    name: "water dragged over water",
    rule: /LAYER-1\b/,
    layers: [
      layer("base", "Base", "chalk-white"),
      layer("detail", "Strokes", "brick", {
        ...{ zones: ["forehead"], tool: "flatBrush", technique: "stroke" },
      }),
    ],
  },
  {
    name: "adhesive on bare brows",
    rule: /BROW-2/,
    layers: [kind("attach", "Adhesive", "medicalAdhesive", { zones: BROWS, tool: "flatBrush" })],
  },
  {
    name: "neutral powder over white",
    rule: /SET-2/,
    layers: [
      layer("base", "Base", "chalk-white"),
      layer("set", "Powder", "neutral-set", { tool: "puff", technique: "press" }),
    ],
  },
  {
    name: "lights in the hollows",
    rule: /FORM-1/,
    layers: [
      layer("base", "Base", "slate-grey"),
      layer("highlight", "Lights", "chalk-white", {
        ...{ zones: ["cheekHollowLeft", "cheekHollowRight", "cheekboneLeft", "cheekboneRight"] },
        ...{ edge: "faded", tool: "foundationBrush", technique: "buff" },
      }),
    ],
  },
  {
    name: "a mouth from ear to ear",
    rule: /EDGE-3/,
    layers: [
      layer("base", "Base", "slate-grey"),
      layer("detail", "Mouth", "brick-lip", {
        ...{ zones: ["chin"], tool: "roundBrush", technique: "draw" },
        marks: [{ kind: "mouth", x: 0, y: -74, spanMm: 120 }],
      }),
    ],
  },
  {
    name: "whiskers alike on both sides",
    rule: /FORM-6/,
    layers: [
      layer("base", "Base", "slate-grey"),
      layer("detail", "Whiskers", "coal", {
        ...{ zones: ["cheekAppleLeft"], tool: "linerBrush", technique: "draw" },
        marks: [{ kind: "whiskers", x: 30, y: -50, mirrored: true }],
      }),
    ],
  },
];

test.describe.configure({ mode: "parallel" });
for (const half of [0, 1])
  test(`looks made badly are mended by buttons alone, ${half + 1} of 2`, async ({ page, demo }) => {
    for (const bad of BAD.filter((_, i) => i % 2 === half)) {
      const made = await page.request.post(`${demo.url}/api/looks/gate-leaf/copy`, {
        data: {
          name: bad.name,
          design: { schema: 1, name: bad.name, layers: bad.layers },
        },
      });
      expect([bad.name, made.status()]).toEqual([bad.name, 200]);
      const { lookId } = (await made.json()) as { lookId: string };
      await page.goto(`${demo.url}/looks/${lookId}/anyone/map`, { waitUntil: "networkidle" });
      const findings = page.getByRole("region", { name: "Findings" });
      const own = findings.getByRole("listitem").filter({ has: page.getByText(bad.rule) });
      await expect(own.first(), bad.name).toBeVisible();
      const before = await findings.getByRole("listitem").count();
      // Each press says before it what it will do.
      const button = own.first().getByRole("button").first();
      await expect(button, bad.name).toHaveAccessibleDescription(/\w{3}/);
      await button.click();
      await expect(own, bad.name).toHaveCount(0);
      await expect(findings.getByText("Stop.")).toHaveCount(0);
      expect(await findings.getByRole("listitem").count(), bad.name).toBeLessThanOrEqual(before);
      await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
    }
  });

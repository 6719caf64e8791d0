import type { Page } from "@playwright/test";
import { ZONES, type ZoneId } from "../../src/core/anatomy";
import { PLAIN_LAYER, type Layer } from "../../src/core/look";
import type { MaterialKey } from "../../src/core/paint";
import { expect, test, type Studio } from "./studio";

// The whole of three chairs, read out as a painter would read them: common practice, no published source.

const areas = (is: (zone: (typeof ZONES)[number]) => boolean): ZoneId[] =>
  ZONES.filter(is).map(({ id }) => id);
const FACE = areas(({ group, kind }) => group === "face" && kind !== "brow");
const SCALP = areas(({ group }) => group === "scalp");
const HAIRLINE: ZoneId[] = ["forehead", "templeLeft", "templeRight", "nape"];
const NECK_AND_EARS: ZoneId[] = ["neckFront", "nape", "earLeft", "earRight"];
const BROWS: ZoneId[] = ["browLeft", "browRight"];
const LIPS: ZoneId[] = ["upperLip", "lowerLip"];

let count = 0;
const layer = (
  name: string,
  role: Layer["role"],
  material: MaterialKey,
  zones: readonly ZoneId[],
  more: Partial<Layer> = {},
): Layer => ({
  ...PLAIN_LAYER,
  id: `l${++count}`,
  name,
  role,
  zones: [...zones],
  paint: { kind: "material", material },
  tool: "dampSponge",
  technique: "stipple",
  coats: 1,
  ...more,
});
const byFinger = { tool: "finger", technique: "dab" } as const;
const byPuff = { tool: "puff", technique: "press" } as const;
const byBrush = { tool: "roundBrush", technique: "pat" } as const;
const powder = (name: string, zones: readonly ZoneId[], coats = 1) =>
  layer(name, "set", "settingPowder", zones, { ...byPuff, coats });
const prep = layer("Skin prep", "prep", "skinPrep", [...FACE, ...NECK_AND_EARS], byFinger);
const seal = layer("Mist", "seal", "settingMist", [...FACE, ...NECK_AND_EARS], {
  tool: "spray",
  technique: "spray",
});
const glue = (name: string, zones: readonly ZoneId[]) =>
  layer(name, "attach", "medicalAdhesive", zones, { tool: "flatBrush", technique: "stroke" });
const edge = (name: string, zones: readonly ZoneId[]) =>
  layer(name, "attach", "thickenedAdhesive", zones, {
    tool: "spatula",
    technique: "press",
    coats: 2,
  });
const lips = layer("Lips", "detail", "lipLong", LIPS, byBrush);
const lines = layer("Lines", "detail", "waterWax", ["cheekAppleLeft", "cheekAppleRight"], byBrush);

/** Stacked as a painter might have come to them, the neck first and the prep last. */
const CHAIRS: readonly (readonly [
  what: string,
  layers: readonly Layer[],
  read: readonly string[],
])[] = [
  [
    "a foam mask with a dark neck",
    [
      layer("Neck and ears", "base", "waterGlycerine", NECK_AND_EARS),
      glue("Adhesive", FACE),
      layer("Foam mask", "attach", "foamPiece", FACE, byFinger),
      edge("Edge", ["jawlineLeft", "jawlineRight"]),
      powder("Powder on the edge", ["jawlineLeft", "jawlineRight"]),
      layer("Mask grease", "base", "rubberMaskGrease", FACE, { tool: "stippleSponge" }),
      powder("Powder on the grease", FACE),
      layer("Hollows", "shade", "rubberMaskGrease", ["cheekHollowLeft", "cheekHollowRight"], {
        tool: "flatBrush",
        technique: "pat",
      }),
      powder("Powder on the hollows", ["cheekHollowLeft", "cheekHollowRight"]),
      lips,
      prep,
      seal,
    ],
    [
      "Skin prep",
      "Adhesive",
      "Foam mask",
      "Edge, first coat",
      "Edge, second coat",
      "Powder on the edge",
      "Neck and ears",
      "Mask grease",
      "Powder on the grease",
      "Hollows",
      "Powder on the hollows",
      "Lips",
      "Mist",
    ],
  ],
  [
    "a bald cap",
    [
      prep,
      glue("Adhesive", HAIRLINE),
      layer("Cap", "attach", "baldCap", [...SCALP, ...HAIRLINE], byFinger),
      edge("Edge", HAIRLINE),
      powder("Powder on the edge", HAIRLINE),
      layer("Base", "base", "cream", [...SCALP, ...FACE, ...NECK_AND_EARS]),
      powder("Powder", [...SCALP, ...FACE, ...NECK_AND_EARS]),
      lines,
      layer("Hollows", "shade", "cream", ["templeLeft", "templeRight"], {
        tool: "flatBrush",
        technique: "pat",
      }),
      seal,
    ],
    [
      "Skin prep",
      "Adhesive",
      "Cap",
      "Edge, both coats",
      "Powder on the edge",
      "Base",
      "Powder",
      "Hollows",
      "Lines",
      "Mist",
    ],
  ],
  [
    "a white face",
    [
      prep,
      layer("Glue stick", "cover", "glueStick", BROWS, {
        tool: "stick",
        technique: "draw",
        coats: 3,
      }),
      powder("Powder on the brows", BROWS, 3),
      layer("White", "base", "waterGlycerine", [...FACE, ...BROWS, "neckFront"], { coats: 2 }),
      powder("Powder", [...FACE, ...BROWS, "neckFront"]),
      lines,
      lips,
      layer("Sockets", "shade", "powder", ["upperLidLeft", "upperLidRight"], {
        tool: "flatBrush",
        technique: "pat",
      }),
      seal,
    ],
    [
      "Skin prep",
      "Glue stick, first coat",
      "Powder on the brows, first coat",
      "Glue stick, second coat",
      "Powder on the brows, second coat",
      "Glue stick, third coat",
      "Powder on the brows, third coat",
      "White, both coats",
      "Powder",
      "Sockets",
      "Lines",
      "Lips",
      "Mist",
    ],
  ],
];

async function lookOf(studio: Studio, page: Page, layers: readonly Layer[]): Promise<string> {
  const answer = await page.request.post(`${studio.url}/api/looks/fog/copy`, {
    data: { name: "Order", design: { schema: 1, name: "Order", layers } },
  });
  expect(answer.ok()).toBe(true);
  return ((await answer.json()) as { lookId: string }).lookId;
}

for (const [what, layers, read] of CHAIRS)
  test(`the chair of ${what}, read from the first step to the last`, async ({ page, demo }) => {
    test.setTimeout(90_000);
    const id = await lookOf(demo, page, layers);
    await page.goto(`${demo.url}/chair/${id}/anyone`, { waitUntil: "networkidle" });
    await page.getByRole("button", { name: "Begin", exact: true }).click();
    const head = page.getByText(/step 1 of \d+/);
    await expect(head).toBeVisible();
    const many = Number(/of (\d+)/.exec(await head.innerText())?.[1]);
    const steps: string[] = [];
    for (let n = 1; n <= many; n++) {
      await expect(page.getByText(`step ${n} of`)).toBeVisible();
      steps.push(await page.locator("h1[data-step]").innerText());
      await page.keyboard.press("Space");
    }
    expect(steps).toEqual(read);
  });

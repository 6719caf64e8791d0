import type { Locator, Page } from "@playwright/test";
import { expect, test } from "./studio";

/** What a painter does, each a click, a key or a filled field: no design here takes more than 120 of them. */
const MOST_ACTIONS = 120;

/** A painter at the map, whose actions are counted. */
class Painter {
  actions = 0;
  constructor(readonly page: Page) {}

  private get marks(): Locator {
    return this.page.getByRole("group", { name: "Shapes" });
  }

  private async click(what: Locator): Promise<void> {
    this.actions++;
    await what.click();
  }
  async choose(label: string | RegExp, option: string): Promise<void> {
    this.actions++;
    await this.page.getByLabel(label).last().selectOption({ label: option });
  }
  async fill(label: string, value: number | string): Promise<void> {
    this.actions++;
    await this.page.getByLabel(label, { exact: true }).last().fill(String(value));
  }

  /** A new layer of a role in a paint; its areas stay what the role has. */
  async layer(role: string, name: string, paint: string): Promise<void> {
    await this.click(this.page.getByRole("button", { name: "Add layer" }));
    const dialog = this.page.getByRole("dialog", { name: "Add a layer" });
    await this.click(dialog.getByRole("button", { name: new RegExp(`^${role}`, "i") }).first());
    const layer = this.page.getByRole("region", { name: "Layer", exact: true });
    await expect(layer.getByLabel("Name of the layer")).not.toHaveValue("");
    await this.fill("Name of the layer", name);
    this.actions++;
    await layer.getByLabel("Paint", { exact: true }).selectOption({ label: paint });
  }

  /** A shape in the chosen layer, with what is not as it comes. */
  async shape(kind: string, fields: Readonly<Record<string, number | boolean>> = {}) {
    const list = this.marks.getByLabel("Next shape");
    const options = await list.locator("option").allInnerTexts();
    const label = options.find((text) => text.startsWith(`${kind},`));
    if (!label) throw new Error(`no shape ${kind}`);
    this.actions++;
    await list.selectOption({ label });
    await this.click(this.marks.getByRole("button", { name: "Add it" }));
    const last = this.marks.locator("details").last();
    await expect(last.locator("summary")).toContainText(kind);
    for (const [field, value] of Object.entries(fields)) {
      const box = last.getByLabel(field, { exact: true });
      this.actions++;
      if (typeof value === "boolean") await box.setChecked(value);
      else await box.fill(String(value));
    }
  }

  at = (x: number, y: number) => ({
    "to the person's left of the midline, mm": x,
    "above the bridge of the nose, mm": y,
  });

  async tick(name: string): Promise<void> {
    this.actions++;
    const layer = this.page.getByRole("region", { name: "Layer", exact: true });
    await layer.getByLabel(name, { exact: true }).check();
  }

  async press(name: string): Promise<void> {
    await this.click(this.page.getByRole("button", { name, exact: true }));
  }

  async row(along: string, count: number): Promise<void> {
    this.actions += 3;
    await this.marks.getByLabel("along").selectOption({ label: along });
    await this.marks.getByLabel("how many").last().fill(String(count));
    await this.marks.getByRole("button", { name: "Repeat" }).click();
  }

  /** Rows below each other, from a line down. */
  async cascade(
    along: string,
    o: { count: number; rows: number; apart: number; last: number },
  ): Promise<void> {
    this.actions += 6;
    await this.marks.getByLabel("along").selectOption({ label: along });
    await this.marks.getByLabel("how many").last().fill(String(o.count));
    await this.marks.getByLabel("rows down").fill(String(o.rows));
    await this.marks.getByLabel("rows apart, mm").fill(String(o.apart));
    await this.marks.getByLabel("last row, % of the first").fill(String(o.last));
    await this.marks.getByRole("button", { name: "Repeat" }).click();
  }

  async reads(as: string): Promise<void> {
    await this.click(this.page.getByRole("button", { name: "Add layer" }));
    await this.click(this.page.getByRole("button", { name: /^What reads as/ }));
    const dialog = this.page.getByRole("dialog", { name: "What reads as…" });
    await this.click(dialog.getByRole("button", { name: new RegExp(`^${as}`) }));
  }

  async lineAlong(follows: string): Promise<void> {
    this.actions++;
    await this.marks.getByLabel("follows").selectOption({ label: follows });
    await this.click(this.marks.getByRole("button", { name: /^Add the (line|area)$/ }));
  }

  async run(over: string, way: string, colours: readonly string[]): Promise<void> {
    await this.click(this.page.getByRole("button", { name: "Add layer" }));
    await this.click(this.page.getByRole("button", { name: /^Colours that run into each other/ }));
    const dialog = this.page.getByRole("dialog", { name: "Colours that run into each other" });
    await dialog.getByLabel("Over").selectOption({ label: over });
    await dialog.getByLabel("Direction").selectOption({ label: way });
    for (const colour of colours)
      await dialog.getByLabel("Next colour").selectOption({ label: colour });
    await dialog.getByRole("button", { name: "Add them" }).click();
    this.actions += 3 + colours.length;
  }
}

interface Design {
  readonly name: string;
  /** Layers that it has, in their order. */
  readonly layers: readonly string[];
  readonly paint: (painter: Painter) => Promise<void>;
}

const DESIGNS: readonly Design[] = [
  {
    name: "bare winter bone",
    layers: ["Bone", "Hollows", "Roots"],
    paint: async (painter) => {
      await painter.layer("base", "Bone", "Old bone");
      await painter.layer("detail", "Hollows", "Coal");
      await painter.shape("eye socket of a skull");
      await painter.shape("nasal hole of a skull");
      await painter.layer("detail", "Roots", "Line black");
      await painter.shape("row of teeth", {
        "roots up by, mm": 9,
        "pointed, 0 to 1": 0.1,
        "how many": 10,
      });
    },
  },
  {
    name: "a blowing mouth across one cheek",
    layers: ["Dark within", "Tongue", "Gums", "Teeth"],
    paint: async (painter) => {
      await painter.layer("detail", "Dark within", "Coal");
      await painter.shape("disc or slit", {
        ...painter.at(42, -62),
        "breadth, mm": 44,
        "height, mm": 34,
      });
      await painter.layer("detail", "Tongue", "Brick");
      await painter.shape("tongue", { ...painter.at(42, -68), "length, mm": 22 });
      await painter.layer("detail", "Gums", "Ember");
      await painter.shape("gum line", { ...painter.at(42, -48), "span, mm": 40 });
      await painter.layer("detail", "Teeth", "Chalk white");
      await painter.shape("row of teeth", { ...painter.at(42, -48), "span, mm": 40 });
    },
  },
  {
    name: "six sky colours running sideways",
    layers: [
      "Run 1: Frost blue",
      "Run 2: Storm blue",
      "Run 3: Dusk violet",
      "Run 4: Ember",
      "Run 5: Flash yellow",
      "Run 6: Chalk white",
      "Rings",
    ],
    paint: async (painter) => {
      await painter.run("the face", "to the person's left", [
        "Frost blue",
        "Storm blue",
        "Dusk violet",
        "Ember",
        "Flash yellow",
        "Chalk white",
      ]);
      await painter.layer("detail", "Rings", "Line black");
      for (const [breadth, height] of [
        [64, 30],
        [76, 42],
      ])
        await painter.shape("disc or slit", {
          ...painter.at(0, -72),
          "breadth, mm": breadth ?? 60,
          "height, mm": height ?? 30,
          filled: false,
        });
    },
  },
  {
    name: "raised hailstones",
    layers: ["Shadow under Stones", "Stones", "Shade of Stones", "Light on Stones"],
    paint: async (painter) => {
      await painter.layer("detail", "Stones", "Slate grey");
      for (const [x, y, size] of [
        [44, -30, 14],
        [52, -50, 10],
        [24, -130, 12],
      ])
        await painter.shape("disc or slit", {
          ...painter.at(x ?? 0, y ?? 0),
          "breadth, mm": size ?? 10,
          "height, mm": size ?? 10,
        });
      await painter.shape("star", {
        ...painter.at(34, -52),
        "diameter, mm": 16,
        "roundness, 0 to 1": 0.6,
      });
      await painter.press("Make it stand out");
    },
  },
  {
    name: "a second pair of eyes over the brows",
    layers: ["Eyeballs", "Irises", "Slits", "Rims"],
    paint: async (painter) => {
      await painter.layer("detail", "Eyeballs", "Chalk white");
      await painter.shape("opening of an eye", { "turn, °": 4 });
      await painter.layer("detail", "Irises", "Flash yellow");
      const at = painter.at(37, 31);
      await painter.shape("disc or slit", {
        ...at,
        "breadth, mm": 12,
        "height, mm": 12,
        mirrored: true,
      });
      await painter.layer("detail", "Slits", "Coal");
      await painter.shape("disc or slit", {
        ...at,
        "breadth, mm": 11,
        "height, mm": 3,
        "turn, °": 90,
        "pointed, 0 to 1": 1,
        mirrored: true,
      });
      await painter.layer("detail", "Rims", "Line black");
      await painter.shape("opening of an eye", { "turn, °": 4, filled: false });
    },
  },
  {
    name: "a sun mask of three joined circles",
    layers: ["Mask", "Sun"],
    paint: async (painter) => {
      await painter.layer("base", "Mask", "Ochre ground");
      for (const [x, y, size] of [
        [0, 26, 56],
        [34, -8, 50],
        [-34, -8, 50],
      ])
        await painter.shape("disc or slit", {
          ...painter.at(x ?? 0, y ?? 0),
          "breadth, mm": size ?? 50,
          "height, mm": size ?? 50,
        });
      await painter.layer("detail", "Sun", "Ember");
      await painter.shape("star", {
        ...painter.at(0, 30),
        tips: 7,
        "diameter, mm": 34,
        "roundness, 0 to 1": 0.5,
      });
    },
  },
  {
    name: "plates of sleet",
    layers: ["Shadow under Plates", "Plates", "Shade of Plates", "Light on Plates"],
    paint: async (painter) => {
      await painter.layer("detail", "Plates", "Ice blue");
      await painter.shape("triangle or polygon", {
        ...painter.at(34, -24),
        "breadth, mm": 15,
        "height, mm": 11,
        "roundness, 0 to 1": 0.3,
        mirrored: true,
      });
      await painter.cascade("under the eye", { count: 4, rows: 4, apart: 13, last: 45 });
      await painter.press("Make it stand out");
    },
  },
  {
    name: "a long winter as an old face",
    layers: ["Smile folds", "Over the folds", "Lines of the forehead", "Crow's feet", "Sockets"],
    paint: async (painter) => {
      await painter.reads("Old");
      await painter.reads("Sunken");
      await painter.layer("shading", "Crow's feet", "Umber cream");
      for (const line of ["upper crow's foot", "lower crow's foot", "line between the brows"])
        await painter.lineAlong(line);
      await painter.layer("shading", "Sockets", "Umber cream");
      await painter.lineAlong("crease of the lid");
      await painter.lineAlong("under the eye");
    },
  },
  {
    name: "a cracked ground",
    layers: ["Ground", "Cracks", "Shade of Cracks", "Light on Cracks"],
    paint: async (painter) => {
      await painter.layer("base", "Ground", "Clay brown");
      await painter.layer("detail", "Cracks", "Coal");
      for (const [x, y, breadth, height] of [
        [0, 38, 96, 44],
        [43, -42, 46, 70],
        [-43, -42, 46, 70],
        [0, -100, 60, 30],
      ])
        await painter.shape("cracked ground", {
          ...painter.at(x ?? 0, y ?? 0),
          "breadth, mm": breadth ?? 60,
          "height, mm": height ?? 50,
          "plate, mm": 13,
        });
      await painter.press("Sink it in");
    },
  },
  {
    name: "a heart left bare in a night face, its chin and drops in one white",
    layers: ["Outline", "Night", "White"],
    paint: async (painter) => {
      await painter.layer("map", "Outline", "Line black");
      await painter.shape("heart", { ...painter.at(38, -44), filled: false });
      await painter.layer("base", "Night", "Frost blue");
      await painter.press("All that is not yet painted");
      await painter.choose("Leaves out", "what other layers cover");
      await painter.layer("detail", "White", "Chalk white");
      await painter.shape("drop or tear", painter.at(-38, -44));
      await painter.tick("Fill areas as well as these shapes");
      await painter.tick("chin");
    },
  },
  {
    name: "an angry wolf",
    layers: ["Brows drawn down", "Bridge of the snout", "Whisker spots", "Liner"],
    paint: async (painter) => {
      await painter.reads("Angry");
      await painter.reads("Animal with a snout");
      await painter.layer("detail", "Liner", "Line black");
      await painter.lineAlong("upper lash line");
      await painter.lineAlong("lower lash line");
    },
  },
  {
    name: "lichen by torn sponge",
    layers: ["Lichen", "Young lichen"],
    paint: async (painter) => {
      await painter.layer("detail", "Lichen", "Moss");
      await painter.shape("blotches of a torn sponge", {
        ...painter.at(40, -36),
        "how many": 60,
        "largest, mm": 8,
        "thicker at the edge, -1 to 1": -0.4,
      });
      await painter.layer("detail", "Young lichen", "Leaf");
      await painter.shape("blotches of a torn sponge", {
        ...painter.at(-34, 26),
        "how many": 40,
        "ragged, 0 to 1": 0.9,
      });
    },
  },
];

/** What is asked of a look file. */
interface Kept {
  readonly look: {
    readonly layers: readonly {
      readonly name: string;
      readonly zones: readonly string[];
      readonly marks: readonly unknown[];
      readonly form: unknown;
    }[];
  };
}

test.describe.configure({ mode: "parallel" });
const HALVES = [0, 1];
for (const half of HALVES)
  test(`designs in words are painted on the map, each within ${MOST_ACTIONS} actions, ${half + 1} of 2`, async ({
    page,
    demo,
  }) => {
    for (const design of DESIGNS.filter((_, i) => i % 2 === half)) {
      const made = await page.request.post(`${demo.url}/api/looks/gate-leaf/copy`, {
        data: { name: design.name, design: { schema: 1, name: design.name, layers: [] } },
      });
      const { lookId } = (await made.json()) as { lookId: string };
      await page.goto(`${demo.url}/looks/${lookId}/anyone/map`, { waitUntil: "networkidle" });
      const painter = new Painter(page);
      await design.paint(painter);
      const stack = page.getByRole("region", { name: "Layers" });
      for (const name of design.layers)
        await expect(stack.getByText(name, { exact: true }).first(), name).toBeVisible();
      await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
      console.log(`${design.name}: ${painter.actions} actions`);
      expect(painter.actions).toBeLessThanOrEqual(MOST_ACTIONS);
      // All of it is kept, and lies somewhere: as areas, as shapes, or as the form of shapes.
      const kept = await page.request.get(`${demo.url}/api/looks/${lookId}/export`);
      const layers = new Map(
        ((await kept.json()) as Kept).look.layers.map((layer) => [layer.name, layer]),
      );
      for (const name of design.layers) {
        const { zones = [], marks = [], form = null } = layers.get(name) ?? {};
        expect([name, zones.length + marks.length > 0 || form !== null]).toEqual([name, true]);
      }
    }
  });

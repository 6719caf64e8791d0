import type { StudioSettings } from "./studio";
import { USUAL_BRIEF, type Brief } from "./brief";
import {
  lookContext,
  PLAIN_LAYER,
  USUAL_SCHOOLS,
  type Layer,
  type Look,
  type LookContext,
} from "./look";
import { NOTHING_SAID, type Product } from "./paint";
import { STAND_IN, type Person } from "./people";
import type { House } from "./rules";
import type { Task } from "./schedule";

// Plain values that tests start from. Not used by the product.

/** A product with everything filled in. */
export const aProduct = (values: Partial<Product> & Pick<Product, "id">): Product => ({
  version: 1,
  name: values.id,
  maker: "",
  code: "",
  material: "waterGlycerine",
  colour: "#6f7882",
  hiding: 0.9,
  tint: 1,
  grade: "cosmetic",
  eyeSafe: true,
  lipSafe: true,
  labelRead: true,
  allergens: [],
  isHairDye: null,
  sizeGrams: 30,
  priceMinor: 1000,
  wetColour: null,
  letDown: null,
  openedOn: null,
  expiresOn: null,
  monthsOpen: null,
  notes: "",
  ...NOTHING_SAID,
  ...values,
});

/** A small shelf: a water colour of each tone, cream, powder, adhesive, latex, alcohol colour and a craft paint. */
export const SHELF: readonly Product[] = [
  aProduct({ id: "white", colour: "#f3f2ec", hiding: 0.8 }),
  aProduct({ id: "grey" }),
  aProduct({ id: "blue", colour: "#33455f", eyeSafe: false }),
  aProduct({ id: "yellow", colour: "#f0cd3e", hiding: 0.7 }),
  aProduct({ id: "line", material: "waterWax", colour: "#141417", hiding: 0.98 }),
  aProduct({ id: "cream", material: "cream", colour: "#f4f1ea", hiding: 0.92 }),
  aProduct({ id: "neutral", material: "settingPowder", colour: "#ece2d2", hiding: 0.06 }),
  aProduct({ id: "whitePowder", material: "powder", colour: "#f8f7f4", hiding: 0.2 }),
  aProduct({ id: "adhesive", material: "medicalAdhesive", colour: null, grade: "skinAdhesive" }),
  aProduct({ id: "stick", material: "glueStick", colour: null }),
  aProduct({ id: "latexPot", material: "latex", colour: "#e8dcc0", hiding: 0.3 }),
  aProduct({ id: "alcohol", material: "alcoholActivated", colour: "#3c5a3b" }),
  aProduct({ id: "craft", colour: "#b08d3c", grade: "prop" }),
  aProduct({ id: "mist", material: "barrierSpray", colour: null, eyeSafe: false, lipSafe: false }),
];

export const aLayer = (values: Partial<Layer> & Pick<Layer, "id">): Layer => ({
  role: "base",
  name: values.id,
  zones: ["forehead"],
  paint: { kind: "product", productId: "grey" },
  tool: "dampSponge",
  technique: "stipple",
  ...PLAIN_LAYER,
  ...values,
});

export const product = (productId: string): Layer["paint"] => ({ kind: "product", productId });

export const aLook = (...layers: Layer[]): Look => ({
  schema: 1,
  name: "trial",
  system: null,
  schools: USUAL_SCHOOLS,
  light: "above",
  layers,
  bare: [],
  accepted: [],
  notes: "",
  pieces: [],
  steps: [],
  toDo: [],
  tags: [],
});

/** Everybody has had clear patch tests of the whole shelf, so that a test speaks of one thing only. */
export function aContext(
  o: {
    person?: Partial<Person>;
    brief?: Partial<Brief>;
    products?: readonly Product[];
    house?: House;
    studio?: StudioSettings;
  } = {},
): LookContext {
  const products = o.products ?? SHELF;
  const person: Person = {
    ...STAND_IN,
    name: "Tester",
    patchTests: products.map(({ id }) => ({ productId: id, on: "2026-01-01", result: "clear" })),
    ...o.person,
  };
  return lookContext({
    person,
    // One air for painting and wearing: a test names the one it speaks of.
    brief: { ...USUAL_BRIEF, paintedIn: "there", ...o.brief },
    products,
    today: "2026-06-01",
    ...(o.house && { house: o.house }),
    ...(o.studio && { studio: o.studio }),
  });
}

/** A made-up face as tasks: so many, over so many zones, each behind the last on its zone, with rests between two lengths. Minutes. */
export function someTasks(
  random: () => number,
  count: number,
  zones: number,
  [least, most]: readonly [number, number],
): Task[] {
  const last = new Map<string, string>();
  return Array.from({ length: count }, (_, i): Task => {
    const zone = `z${Math.floor(random() * zones)}`;
    const before = last.get(zone);
    last.set(zone, `t${i}`);
    return {
      id: `t${i}`,
      zone,
      handsOn: 1 + random() * 5,
      wait: least + random() * (most - least),
      after: before ? [before] : [],
    };
  });
}

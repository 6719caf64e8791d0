import { nearestInColour, TOOLS, toolsFor } from "../../paint";
import { hexToLab } from "../../colour";
import { keysOf } from "../../keysOf";
import { allowedZones } from "../allowedZones";
import { materialOf, recipeOf, type LookContext } from "../context";
import { keptFrom } from "../mayNotTouch";
import { applyPatch, type LookPatch } from "../patch";
import { placeFor } from "../placeFor";
import type { Layer, Look } from "../schema";
import { suggestLayer } from "../suggestLayer";
import { zonesOfMarks } from "../touched";
import { isWearable } from "../wearable";
import { angry } from "./angry";
import { fleshClown, trampClown, whiteClown } from "./clowns";
import { dead } from "./dead";
import { flatAnimal } from "./flatAnimal";
import { fuller } from "./fuller";
import type { Guide, GuideStep } from "./guide";
import { old } from "./old";
import { smiling } from "./smiling";
import { snout } from "./snout";
import { sunken } from "./sunken";
import { tired } from "./tired";

/** What a face can be made to read as. A new reading is its file and one line here. Common practice, no published source. */
const GUIDES = {
  angry,
  smiling,
  tired,
  sunken,
  old,
  fuller,
  dead,
  flatAnimal,
  snout,
  whiteClown,
  fleshClown,
  trampClown,
} as const satisfies Readonly<Record<string, Guide>>;

export type GuideKey = keyof typeof GUIDES;
export const GUIDE_KEYS = keysOf(GUIDES);
export const guide = (key: GuideKey): Guide => GUIDES[key];

/** Readings, those that the words of a brief ask for first. */
export const guidesFor = (character: string): readonly { key: GuideKey; asked: boolean }[] =>
  GUIDE_KEYS.map((key) => ({ key, asked: GUIDES[key].words.test(character) })).sort(
    (a, b) => Number(b.asked) - Number(a.asked),
  );

/** A colour further off than this is not the one that was meant, dE00: it is left to be mixed. Common practice, no published source. */
const FAR = 25;

/** A layer of a guide, in what the shelf has for it; null where nothing of it may lie on this person. */
function layerOf(step: GuideStep, look: Look, context: LookContext): Layer | null {
  const zones = step.marks ? zonesOfMarks(step.marks, context.figure) : (step.zones ?? []);
  const wanted = step.colour ? hexToLab(step.colour) : null;
  // Skin that is to look like skin takes its shadows sheer: they are built up, never laid on.
  const isShadow = (step.role === "shade" || step.role === "contour") && !wanted;
  const suggested = suggestLayer(step.role, look, context, isShadow ? "sheer" : "full");
  const key = materialOf(suggested, context.products);
  const near =
    wanted && key
      ? nearestInColour(
          [...context.products.values()].filter(
            (product) =>
              product.material === key &&
              isWearable(product, context.person) &&
              keptFrom(zones, product.material, product, context).length === 0,
          ),
          wanted,
        )
      : null;
  const product = near && near.far < FAR ? near.product : null;
  const paint: Layer["paint"] = product
    ? { kind: "product", productId: product.id }
    : wanted && key
      ? { kind: "material", material: key }
      : suggested.paint;
  const tools = product ? toolsFor(product.material) : [];
  const tool = tools.length && !tools.includes(suggested.tool) ? tools[0] : undefined;
  const layer: Layer = {
    ...suggested,
    name: step.name,
    paint,
    ...(tool && { tool, technique: TOOLS[tool].techniques[0] }),
    target: wanted && !product ? (step.colour ?? null) : null,
    edge: step.fadeMm ? "faded" : "hard",
    ...(step.fadeMm && { fadeMm: step.fadeMm }),
    ...(step.part && { part: step.part }),
    marks: [...(step.marks ?? [])],
    notes: step.why,
  };
  const used = recipeOf(layer, context.products)[0]?.product ?? null;
  const material = materialOf(layer, context.products);
  const free = material ? allowedZones(zones, material, used, context) : [];
  if (step.marks) return free.length ? { ...layer, zones: [...zones] } : null;
  return free.length ? { ...layer, zones: free } : null;
}

/** Lays a reading on this face: each of its layers where its stage is, with its reason as a note. */
export function layGuide(
  key: GuideKey,
  look: Look,
  context: LookContext,
): { readonly patch: LookPatch; readonly leftOut: readonly string[] } {
  const { label, steps } = guide(key);
  const patches: LookPatch[] = [];
  const leftOut: string[] = [];
  let now = look;
  for (const step of steps(context.figure.landmarks)) {
    const layer = layerOf(step, now, context);
    if (!layer) {
      leftOut.push(step.name);
      continue;
    }
    const patch: LookPatch = {
      op: "addLayer",
      layer: { ...layer, group: label.slice(0, 40) },
      at: placeFor(step.role, now),
    };
    patches.push(patch);
    now = applyPatch(now, patch);
  }
  return { patch: { op: "several", patches }, leftOut };
}

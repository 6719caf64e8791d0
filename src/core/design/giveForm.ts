import { hexToLab, labFromReflectance, type Lab } from "../colour";
import { nearestInColour, TOOLS, toolsFor } from "../paint";
import { recipeOf, type LookContext } from "./context";
import type { FormPart } from "./form";
import { freeLayerId, type LookPatch } from "./patch";
import { groundUnder } from "./predict";
import { PLAIN_LAYER, type Layer, type Look } from "./schema";
import { stepFrom, tooVivid } from "./tones";
import { keptFrom } from "./mayNotTouch";
import { isWearable } from "./wearable";

/** Steps in L* from a shape's own colour. Common practice, no published source. */
const STEPS: Readonly<Record<FormPart, number>> = { cast: -28, shade: -22, light: 22 };
const NAMES: Readonly<Record<FormPart, string>> = {
  cast: "Shadow under",
  shade: "Shade of",
  light: "Light on",
};

/** A shape of this colour is taken for mid grey where its paint brings none. */
const MIDDLE: Lab = [50, 0, 0];

/** What the shapes of a layer lie on: a shadow they cast, and the lit lip of a hole, are tones of that. */
function groundOf(source: Layer, look: Look, context: LookContext): Lab {
  const [zone] = source.zones;
  return zone ? labFromReflectance(groundUnder(look, source.id, zone, context)) : MIDDLE;
}

function partOf(
  as: FormPart,
  sunken: boolean,
  source: Layer,
  look: Look,
  context: LookContext,
): Layer {
  const product = recipeOf(source, context.products)[0]?.product ?? null;
  const onGround = as === "cast" || (as === "light" && sunken);
  const own = onGround
    ? groundOf(source, look, context)
    : product?.colour
      ? hexToLab(product.colour)
      : MIDDLE;
  const wanted = stepFrom(own, STEPS[as]);
  const fit = [...context.products.values()].filter(
    (other) =>
      other.id !== product?.id &&
      other.material === product?.material &&
      isWearable(other, context.person) &&
      keptFrom(source.zones, other.material, other, context).length === 0,
  );
  const best = nearestInColour(fit, wanted, (one) =>
    as === "light" || !one.colour ? 0 : tooVivid(hexToLab(one.colour), wanted),
  )?.product;
  const tools = best ? toolsFor(best.material) : [source.tool];
  const tool = tools.includes("roundBrush") ? "roundBrush" : (tools[0] ?? source.tool);
  const technique = (TOOLS[tool].techniques as readonly string[]).includes("pat")
    ? "pat"
    : TOOLS[tool].techniques[0];
  return {
    ...PLAIN_LAYER,
    id: freeLayerId(look, `${source.id}-${as}`),
    role: as === "light" ? "highlight" : "shade",
    name: `${NAMES[as]} ${source.name}`.slice(0, 80),
    zones: [],
    paint: best ? { kind: "product", productId: best.id } : source.paint,
    tool,
    technique,
    edge: "faded",
    fadeMm: as === "cast" ? 4 : 6,
    group: source.group,
    form: { of: source.id, as, sunken, reachMm: 2 },
  };
}

/**
 * Shade, light and, for what stands out, a cast shadow for the shapes of a layer, each a layer that follows them.
 *
 * @returns null for a layer without shapes, or one that follows another
 */
export function giveForm(
  source: Layer,
  sunken: boolean,
  look: Look,
  context: LookContext,
): LookPatch | null {
  const at = look.layers.findIndex(({ id }) => id === source.id);
  if (at < 0 || !source.marks.length || source.form) return null;
  const add = (as: FormPart, place: number): LookPatch => ({
    op: "addLayer",
    layer: partOf(as, sunken, source, look, context),
    at: place,
  });
  return {
    op: "several",
    patches: sunken
      ? [add("shade", at + 1), add("light", at + 2)]
      : [add("cast", at), add("shade", at + 2), add("light", at + 3)],
  };
}

/** Layers that follow a layer's shapes. */
export const formOf = (look: Look, id: string): readonly Layer[] =>
  look.layers.filter(({ form }) => form?.of === id);

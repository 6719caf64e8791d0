import { point, type Point } from "../anatomy";
import { hexToLab, type Lab } from "../colour";
import { nearestInColour, TOOLS, toolsFor } from "../paint";
import { moveMark } from "../shapes/arrange";
import { markWidthMm, placedStrokes, type Mark } from "../shapes";
import { recipeOf, type LookContext } from "./context";
import type { Form, FormPart, LightFrom } from "./form";
import { freeLayerId, type LookPatch } from "./patch";
import { PLAIN_LAYER, type FadeSide, type Layer, type Look } from "./schema";
import { keptFrom } from "./mayNotTouch";
import { isWearable } from "./wearable";

/** Towards the light, and the side that faces it. */
const TOWARDS: Readonly<Record<LightFrom, { readonly at: Point; readonly side: FadeSide }>> = {
  above: { at: point(0, 1), side: "up" },
  below: { at: point(0, -1), side: "down" },
  left: { at: point(1, 0), side: "left" },
  right: { at: point(-1, 0), side: "right" },
};
const OPPOSITE: Readonly<Record<LightFrom, LightFrom>> = {
  above: "below",
  below: "above",
  left: "right",
  right: "left",
};

/** A shape where its shadow falls. Of a mirrored one in light from the side the shadows of both would fall apart: it lies all round. */
function shadowOf(mark: Mark, reachMm: number, from: LightFrom): Mark {
  const { at } = TOWARDS[from];
  if (mark.mirrored && at.x !== 0)
    return { ...mark, outsetMm: Math.min(20, mark.outsetMm + reachMm / 2) };
  return moveMark(mark, point(mark.x - at.x * reachMm, mark.y - at.y * reachMm)) ?? mark;
}

/** How far beside a line its shade and light lie, as a share of its width, and at least, mm. Common practice, no published source. */
const [BESIDE_SHARE, BESIDE_MM] = [0.6, 0.4];

/** What is filled thins across itself; beside a line lies another one. */
function besideLine(mark: Mark, side: LightFrom): Mark {
  const { at } = TOWARDS[side];
  if (placedStrokes(mark).every(({ fill, points }) => fill ?? points.length === 1)) return mark;
  if (mark.mirrored && at.x !== 0) return mark;
  const by = Math.max(BESIDE_MM, markWidthMm(mark) * BESIDE_SHARE);
  return moveMark(mark, point(mark.x + at.x * by, mark.y + at.y * by)) ?? mark;
}

/** A layer of form with the shapes of what it follows, and its edges as the light has them; without shapes where that is not there. */
export function followed(layer: Layer, form: Form, look: Look): Layer {
  const source = look.layers.find(({ id }) => id === form.of);
  if (!source || source.form || !source.marks.length) return { ...layer, marks: [], zones: [] };
  if (form.as === "cast")
    return {
      ...layer,
      marks: source.marks.map((mark) => shadowOf(mark, form.reachMm, look.light)),
    };
  // Shade thins towards the light and light away from it; in a hole it is the other way round.
  const thins = (form.as === "shade") !== form.sunken ? look.light : OPPOSITE[look.light];
  return {
    ...layer,
    marks: source.marks.map((mark) => besideLine(mark, OPPOSITE[thins])),
    edge: "faded",
    fades: TOWARDS[thins].side,
  };
}

/** Steps in L* from a shape's own colour. Common practice, no published source. */
const STEPS: Readonly<Record<FormPart, number>> = { cast: -28, shade: -22, light: 22 };
const NAMES: Readonly<Record<FormPart, string>> = {
  cast: "Shadow under",
  shade: "Shade of",
  light: "Light on",
};

/** A shape of this colour is taken for mid grey where its paint brings none. */
const MIDDLE: Lab = [50, 0, 0];

function partOf(
  as: FormPart,
  sunken: boolean,
  source: Layer,
  look: Look,
  context: LookContext,
): Layer {
  const product = recipeOf(source, context.products)[0]?.product ?? null;
  const own = product?.colour ? hexToLab(product.colour) : MIDDLE;
  const wanted: Lab = [Math.max(6, Math.min(97, own[0] + STEPS[as])), own[1] * 0.9, own[2] * 0.9];
  const fit = [...context.products.values()].filter(
    (other) =>
      other.id !== product?.id &&
      other.material === product?.material &&
      isWearable(other, context.person) &&
      keptFrom(source.zones, other.material, other, context).length === 0,
  );
  const best = nearestInColour(fit, wanted)?.product;
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

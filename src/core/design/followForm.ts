import { point, type Point } from "../anatomy";
import { markWidthMm, moveMark, placedStrokes, type Mark } from "../shapes";
import type { Form, LightFrom } from "./form";
import type { FadeSide, Layer, Look } from "./schema";

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

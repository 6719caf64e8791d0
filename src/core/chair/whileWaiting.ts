import { materialOf, paintWords, type Look, type LookContext } from "../look";
import { isPiece, TOOLS, toolOf } from "../paint";

/** A wait is told from so many minutes on. */
const TOLD_FROM = 1;

/**
 * What the minutes are good for in which nothing may be painted: the next mixture is made, the tool that was used is washed, the kit to carry packed. One
 * line for each step, null where there is no wait before it.
 */
export function whileWaiting(
  steps: readonly { readonly layerId: string; readonly idle: number }[],
  look: Look,
  context: LookContext,
): (string | null)[] {
  const layerOf = (i: number) => look.layers.find(({ id }) => id === steps[i]?.layerId);
  const mixed = new Set<string>();
  let packed = false;
  return steps.map(({ idle }, i) => {
    const next = steps
      .map((_, k) => layerOf(k))
      .find((layer, k) => k >= i && layer?.paint.kind === "mix" && !mixed.has(layer.id));
    const [own, last] = [layerOf(i), i > 0 ? layerOf(i - 1) : undefined];
    const isMix = own?.paint.kind === "mix";
    if (own && isMix && idle < TOLD_FROM) mixed.add(own.id);
    if (idle < TOLD_FROM) return null;
    if (next) {
      mixed.add(next.id);
      return `mix ${paintWords(next, context.products)} for ${next.name}`;
    }
    const key = last && materialOf(last, context.products);
    if (last && key && !isPiece(key) && !toolOf(last.tool).isReady && last.tool !== own?.tool)
      return `wash the ${TOOLS[last.tool].label} and lay the next one out`;
    if (packed) return "lay out what comes next";
    packed = true;
    return "pack the kit to carry";
  });
}

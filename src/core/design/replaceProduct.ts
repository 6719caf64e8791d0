import type { LookPatch } from "./patch";
import type { Layer, Look } from "./schema";

/** The paint of a layer with one product in the place of another; null where it does not use it. */
function replaced({ paint }: Layer, from: string, to: string): Layer["paint"] | null {
  if (paint.kind === "product")
    return paint.productId === from ? { kind: "product", productId: to } : null;
  if (paint.kind !== "mix" || !paint.parts.some(({ productId }) => productId === from)) return null;
  // What was in the mix already takes both parts.
  const parts = paint.parts.reduce<{ productId: string; parts: number }[]>((list, part) => {
    const productId = part.productId === from ? to : part.productId;
    return list.some((other) => other.productId === productId)
      ? list.map((other) =>
          other.productId === productId
            ? { ...other, parts: Math.min(20, other.parts + part.parts) }
            : other,
        )
      : [...list, { productId, parts: part.parts }];
  }, []);
  const [only] = parts;
  return parts.length === 1 && only
    ? { kind: "product", productId: only.productId }
    : { kind: "mix", parts };
}

/** Puts one product in the place of another all through a look: a patch a layer that uses it, none where no layer does. */
export const replaceProduct = (look: Look, from: string, to: string): LookPatch[] =>
  look.layers.flatMap((layer): LookPatch[] => {
    const paint = replaced(layer, from, to);
    return paint ? [{ op: "changeLayer", id: layer.id, change: { paint } }] : [];
  });

import {
  chairThings,
  materialOf,
  supplyOf,
  supplyWords,
  touched,
  type Look,
  type LookContext,
  type Prediction,
} from "../look";
import { paintNeeded, type Need } from "../kit";
import {
  auxiliary,
  AUXILIARY_KEYS,
  isPaintType,
  material,
  type AuxiliaryKey,
  type Product,
  type Remover,
} from "../paint";
import { removalOf } from "./removal";

/** Liquid that wets a gram of paint beside what a full coat holds of it: some stays on the palette. Common practice, no published source. */
const LET_DOWN_WASTE = 1.3;
/** Remover for one minute of taking off, g: a face takes five to fifteen grams. Common practice, no published source. */
const REMOVER_A_MINUTE = 0.8;

/** A helper that no layer names. */
function helperNeed(
  key: AuxiliaryKey,
  product: Product | null,
  grams: number,
  for_: readonly string[],
): Need {
  return {
    productId: product?.id ?? null,
    material: product?.material ?? key,
    name: supplyWords(key, product),
    grams,
    counted: "grams",
    layers: for_,
  };
}

/** What wets the paint instead of water: the sealing medium that was chosen, and what alcohol colour is let down with. */
function activators(look: Look, context: LookContext, needs: readonly Need[]): Need[] {
  const wetting = (need: Need): AuxiliaryKey | null => {
    if (!isPaintType(need.material)) return null;
    const { activator } = material(need.material);
    if (activator === "alcohol") return "activator";
    return activator === "water" ? (look.system?.activate ?? null) : null;
  };
  const found = needs.flatMap((need) => {
    const key = wetting(need);
    const share = material(need.material).wetVolatileFraction;
    return key
      ? [{ key, grams: (need.grams * share * LET_DOWN_WASTE) / Math.max(0.05, 1 - share), need }]
      : [];
  });
  return [...new Set(found.map(({ key }) => key))].map((key) => {
    const own = found.filter((entry) => entry.key === key);
    const grams = own.reduce((sum, entry) => sum + entry.grams, 0);
    return helperNeed(key, supplyOf([key], context), grams, [
      ...new Set(own.flatMap(({ need }) => need.layers)),
    ]);
  });
}

/** Kinds of remover that take off what a step of the removal takes, those made for it first. */
const takenBy = (by: Remover): AuxiliaryKey[] => [
  ...AUXILIARY_KEYS.filter((key) => auxiliary(key).takesOff?.includes(by)),
  "remover",
];

function removers(look: Look, context: LookContext): Need[] {
  return removalOf(look, context).steps.flatMap(({ by, minutes, label }) => {
    const keys = by === "hand" ? [] : takenBy(by);
    const [key] = keys;
    // Water, a brush or shampoo of their own takes off the rest.
    if (!key || key === "remover") return [];
    return [helperNeed(key, supplyOf(keys, context), minutes * REMOVER_A_MINUTE, [label])];
  });
}

const glues = (look: Look, context: LookContext): Need[] =>
  chairThings(look, context).flatMap(({ glue, name }) =>
    glue ? [helperNeed(glue.key, glue.product, glue.grams, [name])] : [],
  );

/** Needs of one product or kind as one line. */
function together(needs: readonly Need[]): Need[] {
  const lines = new Map<string, Need>();
  for (const need of needs) {
    const key = need.productId ?? need.material;
    const known = lines.get(key);
    lines.set(
      key,
      known
        ? {
            ...known,
            grams: known.grams + need.grams,
            layers: [...new Set([...known.layers, ...need.layers])],
          }
        : need,
    );
  }
  return [...lines.values()];
}

/**
 * Everything a look uses up, in grams or pieces: what its layers are painted with, what wets them, what holds worn things, and what takes it all off again. One
 * list for plan, shelf, packing and order.
 */
export function allNeeded(stored: Look, context: LookContext, prediction?: Prediction): Need[] {
  const look = touched(stored, context);
  if (!look.layers.some((layer) => materialOf(layer, context.products)) && !look.pieces.length)
    return [];
  const painted = paintNeeded(look, context, prediction);
  return together([
    ...painted,
    ...activators(look, context, painted),
    ...glues(look, context),
    ...removers(look, context),
  ]);
}

import { zoneInfo, type ZoneId } from "../anatomy";
import { hexToLab } from "../colour";
import {
  nearestInColour,
  STANDS_IN,
  ALLERGENS,
  GLITTERS,
  GRADES,
  hairDyeOf,
  isPaintType,
  isProp,
  material,
  type MaterialKey,
  usualAllergensOf,
  type Product,
} from "../paint";
import { STAND_IN } from "../people";
import type { Remark } from "./finding";
import { materialOf, recipeOf } from "../design/context";
import type { LookPatch } from "../design/patch";
import type { Layer } from "../design/schema";
import { layerKeptFrom } from "../design/layerKeptFrom";
import { bannedZones, BANS, keptFrom } from "../design/mayNotTouch";
import type { Stack } from "../design/stack";
import type { Mark } from "../shapes";
import { unreadProducts, untestedProducts, untestedWords } from "./safetyNotes";
import { isWearable, kindAllergens, objections, tooYoungFor } from "../design/wearable";
import { marksOn, zonesOfMarks } from "../design/touched";
import { named, zoneWords } from "../design/words";
import { shapesOf, zonesFilledBy } from "../design/leftOut";

/**
 * Takes zones out of a layer, or the layer out of the look when nothing is left. Marks lie where
 * they are drawn: those that touch the zones go.
 */
export function withoutZones(
  { context: { figure } }: Stack,
  layer: Layer,
  zones: readonly ZoneId[],
): { fix: LookPatch; fixLabel: string } {
  // What gives other shapes form has none of its own to take out: it goes, and they stay.
  if (layer.form)
    return { fix: { op: "removeLayer", id: layer.id }, fixLabel: `Remove ${layer.name}` };
  const shapes = shapesOf(layer);
  const marks = shapes.filter(
    (mark) => !zonesOfMarks([mark], figure).some((zone) => zones.includes(zone)),
  );
  const filled = zonesFilledBy(layer);
  const rest = filled.filter((zone) => !zones.includes(zone));
  if (marks.length)
    return {
      fix: {
        op: "changeLayer",
        id: layer.id,
        change: { ...marksOn(layer, marks, figure), ...(filled.length && { zones: rest }) },
      },
      fixLabel: `Remove what lies on ${zoneWords(zones)}`,
    };
  if (shapes.length && !rest.length)
    return { fix: { op: "removeLayer", id: layer.id }, fixLabel: `Remove ${layer.name}` };
  return rest.length
    ? {
        fix: {
          op: "changeLayer",
          id: layer.id,
          change: { zones: rest, ...(shapes.length && { marks: [] }) },
        },
        fixLabel: `Leave out ${zoneWords(zones)}`,
      }
    : { fix: { op: "removeLayer", id: layer.id }, fixLabel: `Remove ${layer.name}` };
}

/** The nearest colour among shelf products of the same kind that pass a test, as a change of this layer. */
function swapFor(
  stack: Stack,
  layer: Layer,
  from: Product,
  fits: (product: Product) => boolean,
): { fix: LookPatch; fixLabel: string } | null {
  const candidates = [...stack.context.products.values()].filter(
    (product) =>
      product.id !== from.id &&
      fits(product) &&
      (from.colour === null) === (product.colour === null) &&
      isPaintType(product.material) === isPaintType(from.material),
  );
  const best = nearestInColour(
    candidates,
    from.colour === null ? null : hexToLab(from.colour),
    (product) => (product.material === from.material ? 0 : 5),
  );
  if (!best || best.far > STANDS_IN.whenItMust || layer.paint.kind !== "product") return null;
  return {
    fix: {
      op: "changeLayer",
      id: layer.id,
      change: { paint: { kind: "product", productId: best.product.id } },
    },
    fixLabel: `Use ${best.product.name}`,
  };
}

/** A product may stand in for a layer when neither its grade, an allergy, their age nor any zone of the layer speaks against it. */
function fitsLayer({ context }: Stack, layer: Layer) {
  return (product: Product) =>
    isWearable(product, context.person) &&
    keptFrom(layer.zones, product.material, product, context).length === 0;
}

/** Another product in its place where one may go there, if that is asked of some kind; null where none is. */
export const swapWithin = (
  stack: Stack,
  layer: Layer,
  product: Product,
  asked: (product: Product) => boolean = () => true,
) => {
  const fits = fitsLayer(stack, layer);
  return swapFor(stack, layer, product, (other) => fits(other) && asked(other));
};

/** Another product in its place where one may go there, or the layer out of the look. */
export const swapOrRemove = (stack: Stack, layer: Layer, product: Product) =>
  swapWithin(stack, layer, product) ?? {
    fix: { op: "removeLayer", id: layer.id } as const,
    fixLabel: `Remove ${layer.name}`,
  };

/** SAFE-1: craft and hardware goods never go on skin. */
export function propOnSkin(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer) =>
    recipeOf(layer, stack.context.products)
      .filter(({ product }) => isProp(product))
      .map(({ product }): Remark => {
        if (
          product.material === "glueStick" &&
          layer.role === "cover" &&
          layer.zones.every((zone) => zoneInfo(zone).kind === "brow")
        ) {
          return {
            rule: "SAFE-1",
            severity: "caution",
            where: { layerId: layer.id, zones: layer.zones },
            message: `${product.name} is an office glue stick: on brow hair only, and only a washable, non-toxic one.`,
          };
        }
        return {
          rule: "SAFE-1",
          severity: "stop",
          where: { layerId: layer.id, zones: layer.zones },
          message: `${product.name} is ${product.grade === "prop" ? `a ${GRADES.prop.replace(", not for skin", "")}` : GLITTERS.craft}: it must not go on skin.`,
          ...swapOrRemove(stack, layer, product),
        };
      }),
  );
}

/** SAFE-2: known allergens and reactions stop a product; a missing patch test is a caution. */
export function allergy(stack: Stack): Remark[] {
  const { person } = stack.context;
  return stack.look.layers.flatMap((layer) => {
    const where = { layerId: layer.id, zones: layer.zones };
    const kind = materialOf(layer, stack.context.products);
    const recipe = recipeOf(layer, stack.context.products);
    if (!recipe.length && kind) {
      const known = kindAllergens(kind, person);
      return known.length
        ? [
            {
              rule: "SAFE-2",
              severity: "stop",
              where,
              message: `${person.name} is allergic to ${known.map((allergen) => ALLERGENS[allergen]).join(" and ")}, and ${material(kind).label} often contains it: choose a product whose label does not.`,
              fix: { op: "removeLayer", id: layer.id },
              fixLabel: `Remove ${layer.name}`,
            } satisfies Remark,
          ]
        : [];
    }
    return recipe.flatMap(({ product }) =>
      objections(product, person)
        .filter(({ rule }) => rule === "SAFE-2")
        .map(({ rule, why }): Remark => ({
          rule,
          severity: "stop",
          where,
          message: `${person.name} ${why}.`,
          ...swapOrRemove(stack, layer, product),
        })),
    );
  });
}

/** SAFE-11: hair dye anywhere but in the hair of the head; and hair colour on skin, until somebody has said that it holds none. */
export function hairDye(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer) =>
    recipeOf(layer, stack.context.products).flatMap(({ product }): Remark[] => {
      const dye = hairDyeOf(product);
      const zones = [
        ...bannedZones(layer.zones, product.material, product, ["skin", "hairless"]).keys(),
      ];
      if (!zones.length) return [];
      const what =
        dye === "dye"
          ? "is a hair dye: it must not go on skin"
          : `may be a hair dye by its ${dye === null ? "kind" : "name"}: it counts as one on skin until you say on its page what it is`;
      return [
        {
          rule: "SAFE-11",
          severity: "stop",
          where: { layerId: layer.id, zones },
          message: `${product.name} ${what}.`,
          ...swapOrRemove(stack, layer, product),
        },
      ];
    }),
  );
}

/** SAFE-12: products of this look whose label nobody has read. */
export function unreadLabels(stack: Stack): Remark[] {
  const unread = unreadProducts(stack.look, stack.context);
  if (!unread.length) return [];
  const usual = [...new Set(unread.flatMap((product) => usualAllergensOf(product)))];
  const counted = usual.length
    ? `what such products usually hold counts as in them (${usual.map((key) => ALLERGENS[key]).join(", ")})`
    : "nothing is known of what is in them";
  return [
    {
      rule: "SAFE-12",
      severity: "caution",
      where: { zones: [] },
      message: `Nobody has read the label of ${named(unread.map(({ name }) => name))}: ${counted}. Read it, and tick it on the product's page.`,
    },
  ];
}

/** SAFE-2: products of this look that nobody has tested on this person yet. */
export function untested(stack: Stack): Remark[] {
  const { person } = stack.context;
  const open = untestedProducts(stack.look, stack.context);
  if (!open.length) return [];
  const layers = stack.look.layers.filter((layer) =>
    recipeOf(layer, stack.context.products).some(({ product }) => open.includes(product)),
  );
  return [
    {
      rule: "SAFE-2",
      severity: "caution",
      where: {
        ...(layers.length === 1 && layers[0] && { layerId: layers[0].id }),
        zones: [...new Set(layers.flatMap((layer) => layer.zones))],
      },
      message:
        person.id === STAND_IN.id && !person.patchTests.length
          ? `Nobody is chosen yet: whoever wears ${named(open.map(({ name }) => name))} has each tested 24 to 48 h before, on intact skin, and read late.`
          : `${untestedWords(open, stack.context)} Test each on ${person.name} 24 to 48 h before, on intact skin, and read it late.`,
    },
  ];
}

/**
 * The layer with other marks, on the zones they then lie on; null where its paint may not go there.
 * Every mend that moves, sizes or turns a mark goes through this.
 */
export function withMarks(
  { context }: Stack,
  layer: Layer,
  marks: readonly Mark[],
): LookPatch | null {
  const change = marksOn(layer, marks, context.figure);
  const reached = (change.zones ?? []).filter((zone) => !layer.zones.includes(zone));
  return layerKeptFrom(layer, reached, context).length > 0
    ? null
    : { op: "changeLayer", id: layer.id, change };
}

/** SAFE-2, SAFE-3: a paint system chosen by hand that this person may not have, or that may not go round their eyes or on their lips. */
export function unsafeSystem(stack: Stack): Remark[] {
  const { system } = stack.look;
  const { person } = stack.context;
  if (!system) return [];
  const kits = [system, ...Object.values(system.also)];
  const used = [
    ...new Set<MaterialKey>([
      system.eyes,
      system.lips,
      ...kits
        .flatMap(({ base, detail, prep, activate, set, seal }) => [
          base,
          detail,
          prep,
          activate,
          set,
          seal,
        ])
        .filter((key) => key !== null),
    ]),
  ];
  const fix = {
    fix: { op: "chooseSystem", system: null } as const,
    fixLabel: "Take back the paint system",
  };
  const where = { zones: [] };
  const known = used.flatMap((key) =>
    material(key)
      .allergens.filter((allergen) => person.allergies.includes(allergen))
      .map((allergen) => ({ key, allergen })),
  );
  const shut = [
    [system.eyes, "eyes", "round the eyes"],
    [system.lips, "lips", "on the lips"],
  ] as const;
  const young = used.filter((key) => tooYoungFor(key, person) === "stop");
  return [
    ...young.map((key): Remark => ({
      rule: "SAFE-14",
      severity: "stop",
      where,
      message: `The paint system counts on ${material(key).label}, and ${person.name} is under twelve: it is not for a child's skin.`,
      ...fix,
    })),
    ...known.map(({ key, allergen }): Remark => ({
      rule: "SAFE-2",
      severity: "stop",
      where,
      message: `The paint system counts on ${material(key).label}, and ${person.name} is allergic to ${ALLERGENS[allergen]}.`,
      ...fix,
    })),
    ...shut
      .filter(([key, place]) => BANS[place].why(key, null) !== null)
      .map(([key, , words]): Remark => ({
        rule: "SAFE-3",
        severity: "stop",
        where,
        message: `The paint system has ${material(key).label} ${words}: it is kept out of there by its kind.`,
        ...fix,
      })),
  ];
}

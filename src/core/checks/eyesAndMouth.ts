import { isOnInnerRim, zoneInfo } from "../anatomy";
import {
  finishOf,
  FINISHES,
  material,
  notListedForEyes,
  type MaterialKey,
  type Product,
} from "../paint";
import { isSmall } from "../people";
import { placedStrokes } from "../shapes";
import { materialOf, recipeOf } from "../design/context";
import type { Remark } from "./finding";
import { bannedZones, BANS, type Place } from "../design/mayNotTouch";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { named, zoneWords } from "../design/words";
import { swapWithin, withMarks, withoutZones } from "./safety";

const EYES_AND_MOUTH: readonly Place[] = ["eyes", "nearEyes", "lips", "nearLips", "mouth"];

/** SAFE-3: eyes and mouth. */
export function eyesAndMouth(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    const key = materialOf(layer, stack.context.products);
    if (!key) return [];
    const products = recipeOf(layer, stack.context.products).map(({ product }) => product);
    return (products.length ? products : [null]).flatMap((product): Remark[] => {
      const kind = product?.material ?? key;
      const banned = bannedZones(layer.zones, kind, product, EYES_AND_MOUTH);
      const zones = [...banned.keys()];
      if (!zones.length) return [];
      const why = [...new Set([...banned.values()].map((ban) => ban.why))].join(", and ");
      return [
        {
          rule: "SAFE-3",
          severity: "stop",
          where: { layerId: layer.id, zones },
          message: `${product?.name ?? material(key).label} is on ${zoneWords(zones)}: ${why}.`,
          ...withoutZones(stack, layer, zones),
        },
      ];
    });
  });
}

/** What is made for the inner rim of an eye, if its label says so. */
const FOR_THE_RIM: readonly MaterialKey[] = ["pencil", "gelLiner"];

/** SAFE-3: between lashes and eyeball only an eye-grade pencil or gel liner, and nothing on a child under twelve. */
export function onTheInnerRim(stack: Stack): Remark[] {
  const { context, look, materials } = stack;
  return look.layers.flatMap((layer): Remark[] => {
    const isOnRim = layer.marks.map((mark) =>
      placedStrokes(mark).some(({ points, fill }) => {
        // What is filled lies on closed lids; only a line that swells is drawn as an outline.
        if (fill && !(mark.kind === "path" && !mark.closed)) return false;
        return isOnInnerRim(points, context.figure, fill ? "outline" : "line");
      }),
    );
    const key = materials.get(layer.id);
    if (!key || !isOnRim.includes(true)) return [];
    const isChild = isSmall(context.person);
    const recipe = recipeOf(layer, context.products);
    const kinds = recipe.length ? recipe.map(({ product }) => product.material) : [key];
    if (kinds.every((kind) => FOR_THE_RIM.includes(kind)) && !isChild) return [];
    const rest = layer.marks.filter((_, i) => !isOnRim[i]);
    const of = recipe.find(({ product }) => !FOR_THE_RIM.includes(product.material)) ?? recipe[0];
    const swap =
      of && !isChild
        ? swapWithin(stack, layer, of.product, ({ material: kind }) => FOR_THE_RIM.includes(kind))
        : null;
    const kept = rest.length ? withMarks(stack, layer, rest) : null;
    const off = kept ?? ({ op: "removeLayer", id: layer.id } as const);
    return [
      {
        rule: "SAFE-3",
        severity: "stop",
        where: { layerId: layer.id, zones: layer.zones },
        message: isChild
          ? `${layer.name} runs along the inner rim of the eye: nothing is painted there on a child under twelve.`
          : `${layer.name} runs along the inner rim of the eye with ${of?.product.name ?? material(key).label}: only an eye-grade pencil or gel liner goes there.`,
        ...(swap ?? { fix: off, fixLabel: "Take it off the inner rim" }),
      },
    ];
  });
}

/** What one has to ask a label of that is laid near eyes or lips, though it is ticked as made for it. */
function doubtsOf(product: Product, place: "eyes" | "lips"): string[] {
  const finish = finishOf(product);
  const bright = finish === "fluorescent" || finish === "metallic";
  const unlisted = place === "eyes" ? notListedForEyes(product.colourIndex) : [];
  const doubts: (string | false)[] = [
    bright &&
      !product.labelRead &&
      `${FINISHES[finish]}, and nobody has read whether its label allows it there`,
    unlisted.length > 0 &&
      `its label lists ${named(unlisted)}, which the United States do not list for the area of the eye`,
    place === "eyes" &&
      product.material === "glitter" &&
      product.glitter === null &&
      "nobody has said what its glitter is cut from: only a cosmetic, rounded cut goes near eyes",
  ];
  return doubts.filter((doubt): doubt is string => doubt !== false);
}

/** SAFE-15, and of SAFE-3 what only the label can tell: bright finishes, colour index numbers and glitter near eyes and lips. */
export function doubtfulNearEyes(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer: Layer): Remark[] =>
    (["eyes", "lips"] as const).flatMap((place) => {
      const zones = layer.zones.filter((zone) => BANS[place].has(zoneInfo(zone)));
      if (!zones.length) return [];
      return recipeOf(layer, stack.context.products).flatMap(({ product }): Remark[] => {
        const doubts = doubtsOf(product, place);
        if (!doubts.length) return [];
        return [
          {
            rule: "SAFE-15",
            severity: "caution",
            where: { layerId: layer.id, zones },
            message: `${product.name} is on ${zoneWords(zones)}: ${doubts.join("; ")}. The label decides.`,
          },
        ];
      });
    }),
  );
}

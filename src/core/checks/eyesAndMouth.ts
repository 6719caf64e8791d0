import { zoneInfo } from "../anatomy";
import { finishOf, FINISHES, material, notListedForEyes, type Product } from "../paint";
import { materialOf, recipeOf } from "../design/context";
import type { Remark } from "./finding";
import { bannedZones, BANS, type Place } from "../design/mayNotTouch";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { named, zoneWords } from "../design/words";
import { withoutZones } from "./safety";

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

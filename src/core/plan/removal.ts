import { zoneInfo, type ZoneId } from "../anatomy";
import { hexToLab } from "../colour";
import {
  healthOf,
  isSetting,
  materialOf,
  recipeOf,
  stainingHue,
  zoneWords,
  type Look,
  type LookContext,
  touched,
} from "../look";
import {
  isPaintType,
  isPiece,
  material,
  paintType,
  removerOf,
  type Family,
  type MaterialKey,
} from "../paint";
import type { RuleId } from "../rules";

/** One thing to take off, what with and how. */
export interface RemovalStep {
  readonly label: string;
  readonly with: string;
  readonly minutes: number;
  readonly care: string;
  readonly where: string;
}

export interface Removal {
  /** In the order to do them. */
  readonly steps: readonly RemovalStep[];
  readonly minutes: number;
  /** What may leave a tint, and on whom it shows. */
  readonly stains: readonly {
    readonly name: string;
    readonly hue: string;
    readonly words: string;
  }[];
  readonly aftercare: readonly { readonly rule: RuleId; readonly text: string }[];
}

/** Pieces and what holds them come off first, paint that needs oil before what soap takes, hair and teeth last. Common practice, no published source. */
const ORDER: readonly Family[] = [
  "piece",
  "foam",
  "adhesive",
  "acrylic",
  "latex",
  "wax",
  "glitter",
  "film",
  "alcohol",
  "lip",
  "gel",
  "cream",
  "browHold",
  "powder",
  "prep",
  "water",
  "tooth",
  "hair",
  "remover",
];

/** A face, cm2: what the minutes of a removal are told for. */
const FACE_CM2 = 400;
/** No removal is shorter, and soap over a whole body has its limit, in faces. Common practice, no published source. */
const [LEAST_SHARE, MOST_SHARE] = [0.3, 4];

/** Fair skin shows a tint most. Common practice, no published source. */
const FAIR_L = 60;

/** How a look comes off this person: order, remover, minutes, what may stain, and what to do afterwards (REMOVE-1, REMOVE-2). */
export function removalOf(stored: Look, context: LookContext): Removal {
  const look = touched(stored, context);
  const zonesOf = new Map<MaterialKey, Set<ZoneId>>();
  const removersOf = new Map<MaterialKey, Set<string>>();
  for (const layer of look.layers) {
    const key = materialOf(layer, context.products);
    if (
      !key ||
      layer.role === "map" ||
      (!isPaintType(key) && !takenOff(key)) ||
      (isSetting(layer, key) && key !== "powder")
    )
      continue;
    zonesOf.set(key, new Set([...(zonesOf.get(key) ?? []), ...layer.zones]));
    for (const { product } of recipeOf(layer, context.products))
      removersOf.set(key, (removersOf.get(key) ?? new Set()).add(removerOf(product)));
  }
  const steps = [...zonesOf]
    .sort(([a], [b]) => ORDER.indexOf(material(a).behaves) - ORDER.indexOf(material(b).behaves))
    .map(([key, zones]): RemovalStep => {
      const { label, removal } = material(key);
      const area = [...zones].reduce((sum, zone) => sum + context.figure.zone(zone).areaCm2, 0);
      const share =
        isPiece(key) || key === "toothLacquer"
          ? 1
          : Math.min(MOST_SHARE, Math.max(LEAST_SHARE, area / FACE_CM2));
      return {
        label,
        with: [...(removersOf.get(key) ?? [removal.with])].join(", or "),
        minutes: Math.max(1, Math.round(removal.minutes * share)),
        care: removal.care,
        where: zones.size ? zoneWords([...zones], 3) : "teeth",
      };
    });
  return {
    steps,
    minutes: steps.reduce((sum, step) => sum + step.minutes, 0),
    stains: stainsOf(look, context),
    aftercare: aftercareOf(look, context, zonesOf),
  };
}

/** Helpers that need a remover of their own; prep, powder and mist come off with the paint. */
const takenOff = (key: MaterialKey): boolean =>
  isPiece(key) || ["adhesive", "wax", "browHold"].includes(material(key).behaves);

function stainsOf(look: Look, context: LookContext): Removal["stains"] {
  const fair = hexToLab(context.person.skin)[0] > FAIR_L;
  const found = new Map<string, Removal["stains"][number]>();
  for (const layer of look.layers)
    for (const { product } of recipeOf(layer, context.products)) {
      const hue =
        product.colour && isPaintType(product.material) && paintType(product.material).stain >= 0.25
          ? stainingHue(product.colour)
          : null;
      const strong = isPaintType(product.material) && paintType(product.material).stain >= 0.5;
      if (hue)
        found.set(product.id, {
          name: product.name,
          hue,
          words: `${strong ? "likely to leave" : "may leave"} a ${hue} tint for ${strong ? "a day or two" : "some hours"}${fair ? ", and it shows on fair skin" : ""}`,
        });
    }
  return [...found.values()];
}

function aftercareOf(
  look: Look,
  context: LookContext,
  used: ReadonlyMap<MaterialKey, ReadonlySet<ZoneId>>,
): Removal["aftercare"] {
  const zones = new Set(look.layers.flatMap((layer) => layer.zones));
  const has = (...groups: string[]) =>
    [...zones].some((zone) => groups.includes(zoneInfo(zone).group));
  const list: (Removal["aftercare"][number] | false)[] = [
    healthOf(context).some(({ answer }) => answer === "lenses") && {
      rule: "SAFE-4",
      text: "Contact lenses come out first, with clean hands, before any remover.",
    },
    {
      rule: "REMOVE-1",
      text: "Never rush and never pull: wait until it lets go. Pat dry, then an unscented moisturiser.",
    },
    [...used.keys()].some((key) => material(key).removal.minutes >= 30) && {
      rule: "REMOVE-1",
      text: "Adhesive takes its time: soak the edge, roll it back, soak again.",
    },
    has("ears", "scalp") && {
      rule: "REMOVE-2",
      text: "Ears and hairline hold colour for days: a cotton bud with oil, then patience.",
    },
    has("hands", "feet") && {
      rule: "REMOVE-2",
      text: "Nails hold colour for days: oil under the nail, then a soft brush.",
    },
    has("eyes") && {
      rule: "REMOVE-1",
      text: "Round the eyes hold a soaked pad on the closed lid, then wipe once, outwards.",
    },
    {
      rule: "SAFE-2",
      text: "A sting, a rash or swelling: wash it off at once. If it stays or grows, see a doctor or pharmacist, and say which products were used; a reaction can come a day or two later.",
    },
  ];
  return list.filter((entry) => entry !== false);
}

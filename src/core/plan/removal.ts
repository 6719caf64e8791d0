import { zoneInfo, type ZoneGroup, type ZoneId } from "../anatomy";
import { hexToLab } from "../colour";
import { layerAreaCm2 } from "../kit";
import { listed } from "../text/words";
import {
  chairThings,
  healthOf,
  materialOf,
  recipeOf,
  stainingHue,
  zoneWords,
  type Layer,
  type Look,
  type LookContext,
  touched,
  shapesOf,
  shareFilled,
} from "../look";
import {
  isPaintType,
  isPiece,
  material,
  paintType,
  removerOf,
  REMOVERS,
  type MaterialKey,
  type Remover,
} from "../paint";
import type { RuleId } from "../rules";

/** One thing to take off, what with and how. */
export interface RemovalStep {
  readonly label: string;
  /** What takes it off; "hand": it is lifted off as it is. */
  readonly by: Remover | "hand";
  readonly with: string;
  readonly minutes: number;
  readonly care: string;
  readonly where: string;
  readonly zones: readonly ZoneId[];
}

export interface Removal {
  /** In the order to do them. */
  readonly steps: readonly RemovalStep[];
  readonly minutes: number;
  /** What helps when there is no time for all of it; null where there is nothing to save. */
  readonly hurry: string | null;
  /** What may leave a tint, and on whom it shows. */
  readonly stains: readonly {
    readonly name: string;
    readonly hue: string;
    readonly words: string;
  }[];
  readonly aftercare: readonly { readonly rule: RuleId; readonly text: string }[];
}

/** A face, cm2: what the minutes of a removal are told for. */
const FACE_CM2 = 330;
/** To get ready, and to rinse and dry after each remover; what has to soak first takes longer, min. Common practice, no published source. */
const [ROUND_IT, SOAKED] = [2, 4.5];
const SOAKS: readonly Remover[] = ["adhesive", "gum", "alcohol"];
/** What a cm2 takes beside one of the face: the rest of the head has no eyes, and a body is washed in the shower. Common practice, no published source. */
const [REST_OF_HEAD, SHOWERED] = [0.2, 0.03];

/** Fair skin shows a tint most. Common practice, no published source. */
const FAIR_L = 60;

/** One layer that has to come off, with what takes it. */
interface Worn {
  readonly layer: Layer;
  readonly key: MaterialKey;
  readonly zones: readonly ZoneId[];
}

/** What is on the skin at the end: paint on a piece comes off with it, and so does what holds it. */
function wornOn(look: Look, context: LookContext): Worn[] {
  const keyed = look.layers.flatMap((layer) => {
    const key = materialOf(layer, context.products);
    return key && layer.role !== "map" ? [{ layer, key }] : [];
  });
  const pieces = new Set(
    keyed.filter(({ key }) => isPiece(key)).flatMap(({ layer }) => layer.zones),
  );
  return keyed.flatMap(({ layer, key }): Worn[] => {
    if (isPiece(key)) return [{ layer, key, zones: layer.zones }];
    const zones = layer.zones.filter((zone) => !pieces.has(zone));
    return zones.length || !layer.zones.length ? [{ layer, key, zones }] : [];
  });
}

/** Skin of one layer on an area, cm2. */
const areaOn = ({ layer }: Worn, zone: ZoneId, context: LookContext): number =>
  shapesOf(layer).length
    ? layerAreaCm2(layer, context) / layer.zones.length
    : context.figure.zone(zone).areaCm2 * shareFilled(layer, zone, context);

const ON_FACE: readonly ZoneGroup[] = ["face", "eyes", "lips"];

/** Skin that a remover goes over, in faces: each area once, whatever lies on it. */
function facesOf(worn: readonly Worn[], context: LookContext): number {
  const areas = new Map<ZoneId, number>();
  for (const entry of worn)
    for (const zone of entry.zones)
      areas.set(zone, Math.max(areas.get(zone) ?? 0, areaOn(entry, zone, context)));
  return [...areas].reduce((sum, [zone, cm2]) => {
    const { part, group } = zoneInfo(zone);
    const pace = part === "body" ? SHOWERED : ON_FACE.includes(group) ? 1 : REST_OF_HEAD;
    return sum + (cm2 / FACE_CM2) * pace;
  }, 0);
}

/** "soap and water", or what the products on it ask for. */
function removersOf(worn: readonly Worn[], context: LookContext): string {
  const own = worn.flatMap(({ layer, key }) => {
    const products = recipeOf(layer, context.products);
    return products.length
      ? products.map(({ product }) => removerOf(product))
      : [material(key).removal.with];
  });
  return [...new Set(own)].join(", or ");
}

/** One pass of one remover over all that it takes; each piece by itself. */
function stepsBy(remover: Remover, worn: readonly Worn[], context: LookContext): RemovalStep[] {
  const own = worn.filter(({ key }) => material(key).removal.by === remover);
  if (remover === "piece")
    return own.map((entry) => ({
      label: entry.layer.name,
      by: remover,
      with: removersOf([entry], context),
      minutes: material(entry.key).removal.minutes,
      care: material(entry.key).removal.care,
      where: zoneWords([...entry.zones], 3),
      zones: entry.zones,
    }));
  const [slowest] = [...own].sort(
    (a, b) => material(b.key).removal.minutes - material(a.key).removal.minutes,
  );
  if (!slowest) return [];
  const { minutes, care } = material(slowest.key).removal;
  const zones = [...new Set(own.flatMap((entry) => entry.zones))];
  const least = SOAKS.includes(remover) ? SOAKED : ROUND_IT;
  const faces = remover === "teeth" || remover === "shampoo" ? 1 : facesOf(own, context);
  return [
    {
      label: listed([...new Set(own.map(({ key }) => material(key).label))]),
      by: remover,
      with: removersOf(own, context),
      minutes: Math.max(1, Math.round(least + (minutes - least) * faces)),
      care,
      where: zones.length ? zoneWords(zones, 3) : "teeth",
      zones,
    },
  ];
}

/** What lets go only when it is ready to. */
const GLUED: readonly Remover[] = ["piece", "adhesive", "gum"];

/** What helps when there is no time for all of it. */
function hurryOf(steps: readonly RemovalStep[], worn: readonly Worn[]): string | null {
  const parts = new Set(worn.flatMap(({ zones }) => zones.map((zone) => zoneInfo(zone).part)));
  const glued = steps.find(({ by }) => by !== "hand" && GLUED.includes(by));
  const words = [
    glued && `${glued.label} first, and that is never hurried`,
    parts.has("body") && parts.has("head") && "the face here, the body in the shower at home",
    steps.length > 1 && "oil over everything loosens what soap then takes in one wash",
  ].filter((entry) => typeof entry === "string");
  return words.length ? `In a hurry: ${words.join("; ")}.` : null;
}

/** What is worn comes off before any remover: lenses first, then the last that went on (PROS-6). */
function thingsOff(look: Look, context: LookContext): RemovalStep[] {
  const worn = chairThings(look, context).flatMap(({ off, ...thing }) =>
    off ? [{ ...thing, off }] : [],
  );
  const lenses = worn.filter(({ when }) => when === "first");
  const others = worn.filter(({ when }) => when !== "first").reverse();
  return [...lenses, ...others].map(({ name, zones, off, glue }) => ({
    label: name,
    by: glue ? material(glue.key).removal.by : "hand",
    with: off.how,
    minutes: off.minutes,
    care: glue ? material(glue.key).removal.care : "",
    where: zones.length ? zoneWords([...zones], 3) : "",
    zones,
  }));
}

/** How a look comes off this person: one pass a remover over the skin it is on, in order; minutes, what may stain, and what to do afterwards (REMOVE-1, REMOVE-2). */
export function removalOf(stored: Look, context: LookContext): Removal {
  const look = touched(stored, context);
  const worn = wornOn(look, context).filter(
    ({ layer, key }) => isPaintType(key) || takenOff(key, layer),
  );
  const steps = [
    ...thingsOff(look, context),
    ...REMOVERS.flatMap((remover) => stepsBy(remover, worn, context)),
  ];
  return {
    steps,
    minutes: steps.reduce((sum, step) => sum + step.minutes, 0),
    hurry: hurryOf(steps, worn),
    stains: stainsOf(look, context),
    aftercare: aftercareOf(look, context, worn),
  };
}

/** Helpers that need a remover of their own, or colour the skin; prep, powder and mist come off with the paint. */
const takenOff = (key: MaterialKey, { role }: Layer): boolean =>
  isPiece(key) ||
  role === "cover" ||
  ["adhesive", "wax", "browHold"].includes(material(key).behaves);

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
  worn: readonly Worn[],
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
    worn.some(({ key }) => GLUED.includes(material(key).removal.by)) && {
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

import { plural } from "../text/words";
import type { ZoneId } from "../anatomy";
import {
  deltaE00,
  hexToLab,
  hideUnder,
  labFromReflectance,
  paintOptics,
  type HiddenUnder,
  type PaintOptics,
} from "../colour";
import {
  filmsPerCoat,
  auxiliary,
  productOptics,
  toolsFor,
  TOOLS,
  type MaterialKey,
} from "../paint";
import { materialOf, type LookContext } from "./context";
import { layerKeptFrom } from "./layerKeptFrom";
import { applyPatch, freeLayerId, type LookPatch } from "./patch";
import { coatFilm, layerOptics, predict } from "./predict";
import { PLAIN_LAYER, type Layer, type Look, type PaintChoice } from "./schema";
import { isWearable, mayHoldKind } from "./wearable";
import { touched } from "./touched";

export interface BrowCover extends HiddenUnder {
  readonly corrected: string;
  readonly concealed: string;
  /** Lays it under the base, each coat powdered; missing where it does not reach, or no powder may be worn. */
  readonly fix?: LookPatch;
}

const BROWS: readonly ZoneId[] = ["browLeft", "browRight"];

interface Choice {
  readonly optics: PaintOptics;
  readonly filmPerCoat: number;
  readonly paint: PaintChoice;
  readonly name: string;
  readonly material: MaterialKey;
}

/** The shelf's own corrector or concealer, the nearest in colour to what is wanted, or the kind's usual one. */
function choose(kind: "corrector" | "concealer", context: LookContext): Choice {
  const tool = toolsFor(kind)[0] ?? "finger";
  const filmPerCoat = filmsPerCoat(kind, tool);
  const own = [...context.products.values()].filter(
    (product) => product.material === kind && product.colour && isWearable(product, context.person),
  )[0];
  const optics = own && productOptics(own);
  if (own && optics)
    return {
      optics,
      filmPerCoat,
      paint: { kind: "product", productId: own.id },
      name: own.name,
      material: kind,
    };
  const { veil, label } = auxiliary(kind);
  return {
    optics: paintOptics({
      masstone: hexToLab(veil?.hex ?? "#d8b79a"),
      hiding: veil?.hiding ?? 0.8,
    }),
    filmPerCoat,
    paint: { kind: "material", material: kind },
    name: `any ${label}`,
    material: kind,
  };
}

/**
 * How many coats of corrector and concealer hide this person's brow under the first base that covers it (BROW-3), and the patch that lays
 * them. Null when no base covers the brow.
 */
export function browCover(stored: Look, context: LookContext): BrowCover | null {
  const look = touched(stored, context);
  const prediction = predict(look, context);
  const at = look.layers.findIndex(
    (layer) => layer.role === "base" && layer.zones.includes("browLeft"),
  );
  const base = look.layers[at];
  const optics = base && layerOptics(base, context.products);
  if (!base || !optics) return null;
  const [corrector, concealer] = [choose("corrector", context), choose("concealer", context)];
  // What lies on the brow before: glue stick and the like bring no colour; cover laid already counts.
  const film = prediction.films.get("browLeft")?.find((entry) => entry.layer.id === base.id);
  const besides = prediction.films.get("forehead")?.find((entry) => entry.layer.id === base.id);
  const hidden = hideUnder({
    patch: film?.before ?? prediction.bare("browLeft"),
    beside: besides?.before ?? prediction.bare("forehead"),
    base: optics,
    baseFilm:
      coatFilm(base, materialOf(base, context.products)) *
      (prediction.coats.get(base.id)?.coats ?? 1),
    corrector,
    concealer,
  });
  // What this person may not wear is no way to mend it.
  const mayBe = [
    ...(hidden.corrector ? [corrector] : []),
    ...(hidden.concealer ? [concealer] : []),
  ].every(
    ({ material, paint }) => paint.kind === "product" || mayHoldKind(material, context.person),
  );
  const fix =
    hidden.reached && hidden.corrector + hidden.concealer > 0 && mayBe
      ? layingOf(look, context, at, hidden, corrector, concealer)
      : null;
  return { ...hidden, corrected: corrector.name, concealed: concealer.name, ...(fix && { fix }) };
}

function layingOf(
  look: Look,
  context: LookContext,
  at: number,
  hidden: HiddenUnder,
  corrector: Choice,
  concealer: Choice,
): LookPatch | null {
  const powders = [...context.products.values()].filter(
    (product) => product.material === "settingPowder" && isWearable(product, context.person),
  );
  const powder: PaintChoice | null = powders[0]
    ? { kind: "product", productId: powders[0].id }
    : context.person.allergies.includes("talc")
      ? null
      : { kind: "material", material: "settingPowder" };
  if (!powder) return null;
  const patches: LookPatch[] = [];
  let now = look;
  const put = (
    layer: Pick<Layer, "role" | "name" | "paint" | "tool" | "technique" | "coats">,
    stem: string,
  ) => {
    const laid: Layer = { ...PLAIN_LAYER, ...layer, id: freeLayerId(now, stem), zones: [...BROWS] };
    const shut = layerKeptFrom(laid, BROWS, context);
    const zones = BROWS.filter((zone) => !shut.includes(zone));
    if (!zones.length) return;
    const patch: LookPatch = {
      op: "addLayer",
      layer: { ...laid, zones },
      at: at + patches.length,
    };
    patches.push(patch);
    now = applyPatch(now, patch);
  };
  for (const [coats, choice] of [
    [hidden.corrector, corrector],
    [hidden.concealer, concealer],
  ] as const) {
    if (!coats) continue;
    const tool = toolsFor(choice.material)[0] ?? "finger";
    put(
      {
        role: "cover",
        name: `${choice.name} on the brows`.slice(0, 80),
        paint: choice.paint,
        tool,
        technique: TOOLS[tool].techniques[0],
        coats,
      },
      `brow-${choice.material}`,
    );
    put(
      {
        role: "set",
        name: `Powder over ${choice.name}`.slice(0, 80),
        paint: powder,
        tool: "puff",
        technique: "press",
        coats: 1,
      },
      `set-brow-${choice.material}`,
    );
  }
  const after = predict(now, context);
  const seen = (zone: ZoneId) => {
    const film = after.films.get(zone)?.find((entry) => entry.layer.id === look.layers[at]?.id);
    return film && labFromReflectance(film.colour);
  };
  const [brow, forehead] = [seen("browLeft"), seen("forehead")];
  return brow && forehead && deltaE00(brow, forehead) <= context.house.numbers.browShows
    ? { op: "several", patches }
    : null;
}

const coatWords = (n: number, name: string) => `${n} ${plural(n, "coat")} of ${name}`;

/** "2 coats of Apricot and 1 coat of Deep cover, each powdered, hide it." */
export function browCoverWords({
  corrector,
  concealer,
  corrected,
  concealed,
  reached,
}: BrowCover): string {
  const parts = [
    corrector && coatWords(corrector, corrected),
    concealer && coatWords(concealer, concealed),
  ].filter(Boolean);
  if (!parts.length)
    return reached
      ? "The base alone hides it."
      : "Nothing on the shelf hides it: flatten the hair, or paint a dark shape over it.";
  return `${parts.join(" and ")}, each powdered, ${reached ? "hide it" : "come nearest, but it still shows"}.`;
}

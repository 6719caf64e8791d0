import { middle } from "./part";
import { ZONES, type ZoneId, zoneInfo } from "../anatomy";
import { deltaE00, filmReflectance, labFromReflectance, type Lab, type Spectrum } from "../colour";
import {
  filmsPerCoat,
  nearestInColour,
  isPaintType,
  TOOLS,
  toolsFor,
  type MaterialKey,
  type Product,
  type ToolKey,
} from "../paint";
import { exposedZones } from "./exposedZones";
import { allowedZones } from "./allowedZones";
import { materialOf, recipeOf, type LookContext } from "./context";
import { freeLayerId } from "./patch";
import { filmOf, STRENGTHS, type Strength } from "./passes";
import { layerOptics, predict } from "./predict";
import { isVeil, ROLES, type Role } from "./roles";
import { PLAIN_LAYER, type Layer, type Look, type PaintChoice } from "./schema";
import { stepFrom, tooVivid } from "./tones";
import { isWearable, mayHoldKind } from "./wearable";

const ofKinds = (...kinds: string[]): ZoneId[] =>
  ZONES.filter((zone) => kinds.includes(zone.kind)).map((zone) => zone.id);

/** Steps in L* from the base for the roles that model form (COLOUR-2, FORM-1). Common practice, no published source. */
const TONE_STEP: Partial<Record<Role, number>> = {
  contour: -20,
  shade: -32,
  highlight: 14,
  detail: -45,
};

const PLACES: Partial<Record<Role, readonly ZoneId[]>> = {
  cover: ofKinds("brow"),
  contour: ofKinds("cheekHollow", "temple", "noseSide"),
  shade: ofKinds("browBone", "underEye"),
  highlight: ofKinds("forehead", "noseBridge", "cheekbone", "chin"),
};

const AUXILIARY_FOR: Partial<Record<Role, MaterialKey>> = {
  prep: "skinPrep",
  cover: "glueStick",
  map: "pencil",
  set: "settingPowder",
  seal: "barrierSpray",
  attach: "spiritGum",
};

/** Predicted colour of the base where most of it lies, or of the skin. */
function groundOf(look: Look, context: LookContext): Spectrum {
  const prediction = predict(look, context);
  return prediction.films.get("forehead")?.at(-1)?.after ?? prediction.bare("forehead");
}

/**
 * The paint whose thin film comes nearest to a tone: a veil shows what it lies on, and many a brown turns orange
 * where it is thin, so the pot's own colour says little (2-core, films).
 */
function nearestVeil(
  fit: readonly Product[],
  { products }: LookContext,
  o: { target: Lab; ground: Spectrum; film: number },
): Product | null {
  const ground = labFromReflectance(o.ground);
  const isDarker = o.target[0] < ground[0];
  const far = (product: Product): number => {
    const paint: PaintChoice = { kind: "product", productId: product.id };
    const optics = layerOptics({ paint, target: null }, products);
    if (!optics) return Infinity;
    const seen = labFromReflectance(filmReflectance(optics, o.film, o.ground));
    // A shadow that hardly darkens is none, nor a light that darkens; and a vivid one is paint, not shadow.
    const stepped = (seen[0] - ground[0]) * (isDarker ? -1 : 1);
    return (
      deltaE00(seen, o.target) +
      (stepped < LEAST_STEP ? NO_STEP : 0) +
      (isDarker ? tooVivid(seen, o.target) : 0) +
      (product.eyeSafe ? 0 : NOT_FOR_EYES)
    );
  };
  const judged = fit.map((product) => ({ product, far: far(product) }));
  const best = judged.reduce<(typeof judged)[number] | null>(
    (least, one) => (one.far < (least?.far ?? Infinity) ? one : least),
    null,
  );
  return best?.product ?? null;
}

/** Less of a step in L* is not seen as light or shade; what makes none counts as so much further off, dE00. By eye, no published source. */
const [LEAST_STEP, NO_STEP] = [2, 50];

/** A paint that is kept from the eyes counts as so much further off, dE00: by eye, no published source. */
const NOT_FOR_EYES = 6;

/** Paints that lie well as a base or a detail, the mildest first: what stands in where the usual kind may not be worn. */
const STAND_INS: readonly MaterialKey[] = [
  "waterGlycerine",
  "waterWax",
  "powder",
  "cream",
  "pencil",
  "alcoholActivated",
];

/** The kind a layer of this role is painted with: as the role or the chosen system has it, or the first this person may wear. */
function kindFor(
  role: Role,
  look: Look,
  { person }: LookContext,
  wearable: readonly Product[],
): MaterialKey {
  const usual =
    AUXILIARY_FOR[role] ?? (role === "detail" ? look.system?.detail : look.system?.base);
  const kinds = AUXILIARY_FOR[role] ? [] : STAND_INS;
  const mayBe = (key: MaterialKey) =>
    wearable.some((product) => product.material === key) || mayHoldKind(key, person);
  const all = [...(usual ? [usual] : []), ...kinds];
  return all.find(mayBe) ?? all[0] ?? "waterGlycerine";
}

/**
 * A new layer of a role with everything filled in as a colleague would: the chosen system's kind of paint, the nearest product on the
 * shelf that this person may wear, the zones and tool that go with it.
 */
export function suggestLayer(
  role: Role,
  look: Look,
  context: LookContext,
  strength: Strength = "full",
): Layer {
  const wearable = [...context.products.values()].filter((product) =>
    isWearable(product, context.person),
  );
  const wanted = kindFor(role, look, context, wearable);
  const ground = groundOf(look, context);
  const step = (TONE_STEP[role] ?? 0) * STRENGTHS[strength].film;
  const target = stepFrom(labFromReflectance(ground), step);
  const fit = wearable.filter((product) => product.material === wanted);
  const tool: ToolKey =
    role === "detail" && isPaintType(wanted)
      ? (toolsFor(wanted).find((key) => key === "linerBrush" || key === "roundBrush") ??
        "roundBrush")
      : isVeil(role) && toolsFor(wanted).includes("powderBrush")
        ? "powderBrush"
        : role !== "base" && PLACES[role] && toolsFor(wanted).includes("roundBrush")
          ? "roundBrush"
          : (toolsFor(wanted)[0] ?? "flatBrush");
  const product = isVeil(role)
    ? nearestVeil(fit, context, {
        target,
        ground,
        film: filmsPerCoat(wanted, tool) * filmOf({ role, strength }),
      })
    : (nearestInColour(fit, target, ({ eyeSafe }) => (eyeSafe ? 0 : NOT_FOR_EYES))?.product ??
      null);
  const paint: PaintChoice = product
    ? { kind: "product", productId: product.id }
    : { kind: "material", material: wanted };
  const painted = [
    ...new Set(
      look.layers.filter((layer) => layer.role === "base").flatMap((layer) => layer.zones),
    ),
  ];
  // One more base goes where the last one does.
  const lastBase = look.layers.findLast(
    (layer) => layer.role === "base" && !layer.marks.length && layer.zones.length > 0,
  );
  const everywhere = exposedZones(context.brief, context.person).filter(
    (zone) => zoneInfo(zone).group !== "lips",
  );
  const zones =
    PLACES[role] ??
    (role === "base"
      ? (lastBase?.zones ?? [...everywhere, "browLeft" as const, "browRight" as const])
      : role === "set"
        ? painted.length
          ? painted
          : everywhere
        : role === "prep" || role === "seal"
          ? everywhere
          : []);
  const technique =
    isVeil(role) && (TOOLS[tool].techniques as readonly string[]).includes("pat")
      ? "pat"
      : role === "detail" && (TOOLS[tool].techniques as readonly string[]).includes("draw")
        ? "draw"
        : TOOLS[tool].techniques[0];
  return {
    ...PLAIN_LAYER,
    id: freeLayerId(look, role),
    role,
    name: ROLES[role].label.replace(/^./, (c) => c.toUpperCase()),
    zones: allowedZones(zones, product?.material ?? wanted, product, context),
    paint,
    tool,
    technique,
    strength,
    edge: isVeil(role) ? "faded" : "hard",
    part: middle(isVeil(role) ? 0.5 : 1),
    // Powder is worked out with the brush that lays it; what is wet is laid, then blended with a clean one.
    blend:
      isVeil(role) && tool !== "powderBrush" ? { how: "blended", tool: "foundationBrush" } : null,
  };
}

/** A layer with other paint, and a tool that lays it. */
export function withPaint(
  layer: Layer,
  paint: PaintChoice,
  products: LookContext["products"],
): Partial<Omit<Layer, "id">> {
  const changed: Layer = { ...layer, paint };
  const key = materialOf(changed, products);
  if (!key || recipeOf(changed, products).length === 0 || toolsFor(key).includes(layer.tool))
    return { paint };
  const tool = toolsFor(key)[0] ?? layer.tool;
  return { paint, tool, technique: TOOLS[tool].techniques[0] };
}

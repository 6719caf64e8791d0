import { type Part, WHOLE } from "./part";
import type { ZoneId } from "../anatomy";
import { auxiliary, material, TOOLS, toolsFor, type AuxiliaryKey, type Product } from "../paint";
import { allowedZones } from "./allowedZones";
import { freeLayerId, type LookPatch } from "./patch";
import type { Role } from "./roles";
import { PLAIN_LAYER, type Layer, type Look, type PaintChoice } from "./schema";
import type { Stack } from "./stack";
import { isWearable, mayHold, mayHoldKind } from "./wearable";

/** A helper that is clear by its kind is not laid in a colour that hides: so much of it may show, 0-1. Common practice, no published source. */
const SHOWS = 0.3;
const isUnseen = ({ colour, hiding }: Product, key: AuxiliaryKey): boolean =>
  auxiliary(key).veil !== null || colour === null || hiding <= SHOWS;

/** What of an auxiliary kind this person may wear: the shelf's own, or any whose label has none of their allergens; null where the kind itself is out. */
export function auxiliaryFor(
  stack: Pick<Stack, "context">,
  key: AuxiliaryKey,
): { paint: PaintChoice; product: Product | null } | null {
  const { person, products } = stack.context;
  const fits = ["adhesive", "foam", "piece"].includes(material(key).behaves) ? mayHold : isWearable;
  const own = [...products.values()].find(
    (product) => product.material === key && isUnseen(product, key) && fits(product, person),
  );
  if (own) return { paint: { kind: "product", productId: own.id }, product: own };
  return mayHoldKind(key, person)
    ? { paint: { kind: "material", material: key }, product: null }
    : null;
}

/** Lays a step, or carries on the one of its kind that stands there already: nothing is laid twice side by side. */
export function joined({ layers }: Look, layer: Layer, at: number): LookPatch {
  const paint = JSON.stringify(layer.paint);
  const beside = [layers[at - 1], layers[at]].find(
    (other) =>
      other?.role === layer.role &&
      !other.locked &&
      !other.marks.length &&
      other.part.kind === "whole" &&
      other.leavesOut.kind === "nothing" &&
      JSON.stringify(other.paint) === paint,
  );
  if (!beside) return { op: "addLayer", layer, at };
  const zones = [...new Set([...beside.zones, ...layer.zones])];
  return { op: "changeLayer", id: beside.id, change: { zones } };
}

/** A layer of an auxiliary in those of the zones where it may lie, at a place of the stack; null where there is none, or the person may not wear it. */
export function auxiliaryLayer(
  stack: Pick<Stack, "look" | "context">,
  o: {
    key: AuxiliaryKey;
    role: Role;
    name: string;
    zones: readonly ZoneId[];
    at: number;
    coats?: number;
    part?: Part;
  },
): { layer: Layer; patch: LookPatch } | null {
  const found = auxiliaryFor(stack, o.key);
  if (!found) return null;
  const zones = allowedZones(o.zones, o.key, found.product, stack.context);
  if (!zones.length) return null;
  const tool = toolsFor(o.key)[0] ?? "flatBrush";
  const layer: Layer = {
    ...PLAIN_LAYER,
    id: freeLayerId(stack.look, o.key),
    role: o.role,
    name: o.name.slice(0, 80),
    zones,
    paint: found.paint,
    tool,
    technique: TOOLS[tool].techniques[0],
    coats: o.coats ?? 1,
    part: o.part ?? WHOLE,
  };
  return { layer, patch: joined(stack.look, layer, o.at) };
}

import { FACE_ZONES, type ZoneId } from "../anatomy";
import { allowedZones, PLAIN_LAYER, type Layer, type Look, type LookPatch, type PaintChoice, type System } from "../look";
import { allergensOf, material, TOOLS, toolsFor, type HelperKey, type Product } from "../paint";
import type { Person } from "../people";

function choice(key: HelperKey, shelf: readonly Product[], person: Person): PaintChoice {
  const product = shelf.find((entry) => entry.material === key && entry.grade !== "prop" && !allergensOf(entry).some((allergen) => person.allergies.includes(allergen)));
  return product ? { kind: "product", productId: product.id } : { kind: "material", material: key };
}

/** Where prep and seal may go: the face, ears and neck, off eyes, lips and mouth where the product keeps out. */
function zonesFor(key: HelperKey, paint: PaintChoice, shelf: readonly Product[]): ZoneId[] {
  const product = paint.kind === "product" ? (shelf.find((entry) => entry.id === paint.productId) ?? null) : null;
  return allowedZones(FACE_ZONES.filter((zone) => zone.group !== "scalp" && zone.kind !== "brow" && zone.kind !== "collar").map((zone) => zone.id), key, product);
}

/** Takes up a system: notes it on the look and brings the stack's own prep and seal layers into line with it. */
export function adoptSystem(look: Look, system: System, shelf: readonly Product[], person: Person): LookPatch {
  const own = look.layers.filter((layer) => layer.id.startsWith("system-"));
  const layer = (role: "prep" | "seal", key: HelperKey): Layer => {
    const paint = choice(key, shelf, person);
    const tool = toolsFor(key)[0] ?? "dampSponge";
    return { ...PLAIN_LAYER, id: `system-${role}`, role, name: material(key).label.replace(/^./, (c) => c.toUpperCase()), zones: zonesFor(key, paint, shelf), paint, tool, technique: TOOLS[tool].techniques[0], coats: 1 };
  };
  return {
    op: "several",
    patches: [
      { op: "chooseSystem", system },
      ...own.map((old): LookPatch => ({ op: "removeLayer", id: old.id })),
      ...(system.prep ? [{ op: "addLayer", layer: layer("prep", system.prep), at: 0 } as const] : []),
      ...(system.seal ? [{ op: "addLayer", layer: layer("seal", system.seal) } as const] : []),
    ],
  };
}

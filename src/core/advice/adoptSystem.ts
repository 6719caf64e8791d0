import { FACE_ZONES, ZONES, type ZoneId } from "../anatomy";
import {
  allowedZones,
  exposedZones,
  PLAIN_LAYER,
  type Layer,
  type Look,
  type LookPatch,
  type OtherGroup,
  mayHold,
  type PaintChoice,
  type PaintKit,
  type System,
} from "../look";
import { material, TOOLS, toolsFor, type AuxiliaryKey, type Product } from "../paint";
import { USUAL_BRIEF, type Brief } from "../brief";
import type { Person } from "../people";
import { GROUPS, type AdviceGroup } from "./groups";

function choice(key: AuxiliaryKey, shelf: readonly Product[], person: Person): PaintChoice {
  const product = shelf.find((entry) => entry.material === key && mayHold(entry, person));
  return product ? { kind: "product", productId: product.id } : { kind: "material", material: key };
}

const ON_FACE: readonly ZoneId[] = FACE_ZONES.filter(
  (zone) => zone.group !== "scalp" && zone.kind !== "brow" && zone.kind !== "collar",
).map((zone) => zone.id);

/** Where a group's prep and seal may go: off eyes, lips and mouth where the product keeps out. */
function zonesFor(
  group: "face" | OtherGroup,
  key: AuxiliaryKey,
  paint: PaintChoice,
  shelf: readonly Product[],
  who: { readonly brief: Brief; readonly person: Person },
): ZoneId[] {
  const product =
    paint.kind === "product" ? (shelf.find((entry) => entry.id === paint.productId) ?? null) : null;
  const zones =
    group === "face"
      ? ON_FACE
      : ZONES.filter(
          ({ id }) => GROUPS[group].covers(id) && exposedZones(who.brief, who.person).includes(id),
        ).map(({ id }) => id);
  return allowedZones(zones, key, product, who);
}

/** What a look starts from before a system is chosen. */
const NOTHING: System = {
  base: "waterGlycerine",
  detail: "waterGlycerine",
  eyes: "waterGlycerine",
  lips: "waterGlycerine",
  prep: null,
  activate: null,
  set: null,
  seal: null,
  also: {},
};

/** The system with one group's kit in it. */
export function withKit(system: System | null, group: AdviceGroup, kit: PaintKit): System {
  const now = system ?? NOTHING;
  if (group === "face") return { ...now, ...kit };
  if (group === "eyes") return { ...now, eyes: kit.base };
  if (group === "lips") return { ...now, lips: kit.base };
  return { ...now, also: { ...now.also, [group]: kit } };
}

/** The kit in use for a group; null where none has been chosen. Of eyes and lips only the paint is chosen, not what goes under it. */
export function kitOf(system: System | null, group: AdviceGroup): PaintKit | null {
  if (!system) return null;
  const none = { prep: null, activate: null, set: null, seal: null };
  if (group === "eyes") return { ...none, base: system.eyes, detail: system.eyes };
  if (group === "lips") return { ...none, base: system.lips, detail: system.lips };
  if (group !== "face") return system.also[group] ?? null;
  const { base, detail, prep, activate, set, seal } = system;
  return { base, detail, prep, activate, set, seal };
}

/** Takes up a system: notes it on the look and brings the stack's own prep and seal layers into line with it. */
export function adoptSystem(
  look: Look,
  system: System,
  shelf: readonly Product[],
  person: Person,
  brief: Brief = USUAL_BRIEF,
): LookPatch {
  const own = look.layers.filter((layer) => layer.id.startsWith("system-"));
  const layer = (
    group: "face" | OtherGroup,
    role: "prep" | "seal",
    key: AuxiliaryKey,
  ): Layer | null => {
    const paint = choice(key, shelf, person);
    const tool = toolsFor(key)[0] ?? "dampSponge";
    const zones = zonesFor(group, key, paint, shelf, { brief, person });
    const name = `${material(key).label.replace(/^./, (c) => c.toUpperCase())}${group === "face" ? "" : `, ${GROUPS[group].label}`}`;
    return zones.length
      ? {
          ...PLAIN_LAYER,
          id: group === "face" ? `system-${role}` : `system-${group}-${role}`,
          role,
          name,
          zones,
          paint,
          tool,
          technique: TOOLS[tool].techniques[0],
          coats: 1,
        }
      : null;
  };
  const kits: ["face" | OtherGroup, PaintKit][] = [
    ["face", system],
    ...(Object.entries(system.also) as [OtherGroup, PaintKit][]),
  ];
  const layersOf = (role: "prep" | "seal") =>
    kits.flatMap(([group, kit]) => {
      const key = kit[role];
      const made = key ? layer(group, role, key) : null;
      return made ? [made] : [];
    });
  return {
    op: "several",
    patches: [
      { op: "chooseSystem", system },
      ...own.map((old): LookPatch => ({ op: "removeLayer", id: old.id })),
      ...layersOf("prep").map((made, i): LookPatch => ({ op: "addLayer", layer: made, at: i })),
      ...layersOf("seal").map((made): LookPatch => ({ op: "addLayer", layer: made })),
    ],
  };
}

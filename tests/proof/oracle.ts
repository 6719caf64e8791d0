import { zoneInfo, type ZoneId } from "../../src/core/anatomy";
import type { Layer } from "../../src/core/look";
import type { Allergen, MaterialKey, Product } from "../../src/core/paint";
import type { Case } from "./make";

// The rules that stop, told once more and by themselves, from the design's page of the trade: nothing here
// asks the product's own checks, so that one can be held against the other.

/** SAFE-12: what such products usually hold, as the trade says; what is certain of a kind stands with it. */
const USUALLY: Readonly<Partial<Record<MaterialKey, readonly Allergen[]>>> = {
  latex: ["latex"],
  baldCap: ["latex"],
  foamPiece: ["latex"],
  latexPiece: ["latex"],
  spiritGum: ["rosin"],
  medicalAdhesive: ["acrylates"],
  thickenedAdhesive: ["acrylates"],
  adhesiveAcrylic: ["acrylates"],
  toothLacquer: ["acrylates"],
  waterGlycerine: ["fragrance", "parabens"],
  waterWax: ["fragrance", "parabens"],
  cream: ["fragrance", "parabens", "lanolin", "propolis"],
  airbrushWater: ["fragrance", "parabens"],
  powder: ["talc"],
  lipLong: ["lanolin", "propolis"],
  glitter: ["nickel"],
};
/** What a kind is made of whatever its label says. */
const ALWAYS: readonly MaterialKey[] = [
  "latex",
  "foamPiece",
  "latexPiece",
  "spiritGum",
  "medicalAdhesive",
  "thickenedAdhesive",
  "adhesiveAcrylic",
];
const REDS = ["#a02030", "#c0607a"];

const holds = (product: Product): readonly Allergen[] => [
  ...product.allergens,
  ...(product.colourIndex.includes("CI 75470") ? (["carmine"] as const) : []),
  ...(!product.labelRead || ALWAYS.includes(product.material)
    ? (USUALLY[product.material] ?? [])
    : []),
  ...(!product.labelRead && product.colour && REDS.includes(product.colour)
    ? (["carmine"] as const)
    : []),
];

/** SAFE-14: all that goes on a child under twelve. */
const MILD: readonly MaterialKey[] = [
  "waterGlycerine",
  "waterWax",
  "airbrushWater",
  "powder",
  "settingPowder",
  "pencil",
  "glitter",
  "skinPrep",
  "settingMist",
];
/** BROW-2: what tears hair out. */
const TEARS: readonly MaterialKey[] = [
  "medicalAdhesive",
  "thickenedAdhesive",
  "latex",
  "adhesiveAcrylic",
];
const EYE: readonly string[] = ["upperLid", "underEye", "browBone"];
const FOR_UNDER_THREE: readonly string[] = ["cheekApple", "handBack"];

const isDye = ({ name, isHairDye, allergens }: Product): boolean =>
  isHairDye === true ||
  allergens.includes("ppd") ||
  (isHairDye === null && /Black henna|Hair dye/.test(name));

/** Why a product may not lie on a zone of this person; null where nothing forbids it. */
export function forbidden(
  { person, brief }: Pick<Case, "person" | "brief">,
  { role }: Pick<Layer, "role">,
  product: Product,
  zone: ZoneId,
  below: readonly Layer[],
): string | null {
  const { kind, group } = zoneInfo(zone);
  const onHair = kind === "brow" || group === "scalp";
  if (product.glitter === "craft") return "craft glitter on skin";
  if (product.grade === "prop" && !(product.material === "glueStick" && role === "cover"))
    return "made for props";
  if (holds(product).some((allergen) => person.allergies.includes(allergen))) return "an allergen";
  if (person.patchTests.some((test) => test.productId === product.id && test.result === "reacted"))
    return "they reacted to it";
  if (isDye(product) && group !== "scalp") return "hair dye on skin";
  if (EYE.includes(kind) && !product.eyeSafe) return "not made for eyes";
  if (group === "lips" && !product.lipSafe) return "not made for lips";
  if (kind === "brow" && product.keepFrom.includes("eyes")) return "kept away from the eyes";
  if (onHair && TEARS.includes(product.material) && !below.some((l) => l.zones.includes(zone)))
    return "tears hair";
  if (person.ageYears < 12 && !MILD.includes(product.material)) return "not for a child";
  if (person.ageYears < 12 && product.grade !== "cosmetic") return "no cosmetic, on a child";
  if (person.ageYears < 3 && !FOR_UNDER_THREE.includes(kind)) return "under three";
  if (brief.bareToday.includes(zone)) return "stays bare today";
  if (person.concerns.some((concern) => concern.unpainted && concern.zones.includes(zone)))
    return "stays bare by the card";
  return null;
}

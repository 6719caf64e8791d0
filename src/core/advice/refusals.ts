import {
  ALLERGENS,
  isWaterColour,
  material,
  paintType,
  PAINT_TYPE_KEYS,
  type AuxiliaryKey,
  type MaterialKey,
  type PaintTypeKey,
  type Product,
} from "../paint";
import { isChild, isTooSmall, type Person } from "../people";
import type { RuleId } from "../rules";
import { BANS, isWearable, mayHold, tooYoungFor } from "../look";
import type { Brief } from "../brief";
import { USUAL_STUDIO, type StudioSettings } from "../studio";
import { keptOut } from "./air";
import { GROUPS, type AdviceGroup } from "./groups";

/** What takes so many minutes off a face takes hours off a body. Common practice, no published source. */
const SLOW_OFF = 45;

/** A paint type left out of a group, by the rule that did it. */
export interface Refusal {
  readonly type: PaintTypeKey;
  readonly rule: RuleId;
  readonly why: string;
}

type Somebody = Pick<Person, "name" | "ageYears" | "skinKind" | "allergies" | "patchTests">;

/** Whether this person may have a material at all: what it is always made of, and what it often has where no product at hand is free of it. */
export function mayUse(key: MaterialKey, person: Somebody, shelf: readonly Product[]): boolean {
  const { allergens, mayContain } = material(key);
  if (allergens.some((allergen) => person.allergies.includes(allergen))) return false;
  if (isChild(person) && material(key).flammable) return false;
  if (tooYoungFor(key, person) === "stop") return false;
  return (
    !mayContain.some((allergen) => person.allergies.includes(allergen)) ||
    shelf.some((product) => product.material === key && isWearable(product, person))
  );
}

/** Products this person may wear: the only ones a system counts on. */
export const safeShelf = (shelf: readonly Product[], person: Somebody): readonly Product[] =>
  shelf.filter((product) => mayHold(product, person));

/** Whom, for what and from what one chooses. */
export interface Choosing {
  readonly person: Person;
  readonly brief: Brief;
  readonly shelf: readonly Product[];
  readonly studio?: StudioSettings;
}

/** Hair of a beard is matted by grease and torn by glue: of these on a face with one (BROW-2's reason, on the chin). */
const MATS_BEARDS: readonly PaintTypeKey[] = ["cream", "adhesiveAcrylic", "latex"];

/** Why a paint type may not be used on a part of this person; null where it may. Nothing outweighs these. */
export function refusal(
  type: PaintTypeKey,
  group: AdviceGroup,
  { person, brief, shelf, studio = USUAL_STUDIO }: Choosing,
): Refusal | null {
  const kind = paintType(type);
  const refuse = (rule: RuleId, why: string): Refusal => ({ type, rule, why });
  const known = [...kind.allergens, ...kind.mayContain].filter((allergen) =>
    person.allergies.includes(allergen),
  );
  if (isTooSmall(person))
    return refuse(
      "SAFE-8",
      `${person.name} is under three: no paint on the face; at most a small cheek or hand design.`,
    );
  if (!mayUse(type, person, shelf) && known.length)
    return refuse(
      "SAFE-2",
      `${person.name} is allergic to ${known.map((allergen) => ALLERGENS[allergen]).join(" and ")}${kind.allergens.some((allergen) => known.includes(allergen)) ? "" : ", and no product at hand is free of it"}.`,
    );
  const own = shelf.filter((product) => product.material === type);
  if (
    own.length &&
    own.every((product) =>
      person.patchTests.some((test) => test.productId === product.id && test.result === "reacted"),
    )
  )
    return refuse(
      "SAFE-2",
      `${person.name} reacted to ${own.map(({ name }) => name).join(" and ")}.`,
    );
  if (!kind.cosmetic && person.skinKind === "sensitive")
    return refuse("SAFE-2", `${person.name}'s skin is marked sensitive, and this is no cosmetic.`);
  if (tooYoungFor(type, person) === "stop")
    return refuse("SAFE-14", `${person.name} is under twelve: not for a child's skin.`);
  if (isChild(person) && (!kind.cosmetic || kind.flammable || type === "latex"))
    return refuse("SAFE-8", "not for a child's skin.");
  if (isChild(person) && type === "airbrushWater" && (group === "face" || group === "eyes"))
    return refuse("SAFE-6", "nothing is sprayed at a child's face: they breathe it.");
  const kept = keptOut(type, { person, brief }, studio);
  if (kept) return refuse(kept.rule, kept.why);
  if (group === "face" && person.beard === "beard" && MATS_BEARDS.includes(type))
    return refuse("BROW-2", "mats or glues a beard, and comes out of hair badly.");
  if (type === "latex") return refuse("LAYER-9", "for edges and strands, not a base.");
  if (group === "eyes" && BANS.eyes.why(type, null))
    return refuse("SAFE-3", "kept away from the eyes by its kind.");
  if (group === "lips" && BANS.lips.why(type, null))
    return refuse("SAFE-3", "kept off lips and mouth by its kind.");
  if (group === "body" && kind.removal.minutes >= SLOW_OFF)
    return refuse("REMOVE-1", "hours to take off a body, and never pulled.");
  if (group === "hands" && kind.behaves === "cream")
    return refuse("WEAR-1", "grease on hands comes off on all they touch.");
  if (group === "prosthetic" && (isWaterColour(type) || type === "airbrushWater"))
    return refuse("LAYER-3", "soaks into raw foam and slips on latex.");
  if (group === "prosthetic" && type === "cream")
    return refuse("LAYER-3", "its oils swell latex and foam: rubber-mask grease is made for them.");
  if (type === "rubberMaskGrease" && group !== "prosthetic")
    return refuse("LAYER-3", "made for latex and foam; thick and greasy on skin.");
  return null;
}

/** Types one might have thought of for a group, and why they were left out. */
export function refusalsFor(group: AdviceGroup, choosing: Choosing): Refusal[] {
  const thoughtOf = new Set<PaintTypeKey>([
    ...GROUPS[group].bases,
    ...GROUPS[group].details,
    ...(group === "teeth"
      ? []
      : PAINT_TYPE_KEYS.filter((type) => paintType(type).goodFor.includes("base"))),
    ...(group === "face" ? (["latex", "rubberMaskGrease", "lipLong"] as const) : []),
  ]);
  return [...thoughtOf]
    .map((type) => refusal(type, group, choosing))
    .filter((entry) => entry !== null);
}

/** Helpers this person may have. */
export const auxiliaryAllowed =
  ({ person, brief, shelf, studio = USUAL_STUDIO }: Choosing) =>
  (key: AuxiliaryKey): boolean =>
    mayUse(key, person, shelf) && keptOut(key, { person, brief }, studio) === null;

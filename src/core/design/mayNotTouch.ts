import { zoneInfo, type ZoneId, type ZoneInfo } from "../anatomy";
import type { Brief } from "../brief";
import { hairDyeOf, keptOutOf, material, type MaterialKey, type Product } from "../paint";
import { isSmall, isTooSmall, type Person } from "../people";
import type { RuleId } from "../rules";

/** Parts of a body at which a kind, or what its label says, may forbid a product. */
export type Place =
  "hair" | "eyes" | "nearEyes" | "lips" | "nearLips" | "mouth" | "skin" | "hairless";

interface Ban {
  readonly rule: Extract<RuleId, "BROW-2" | "SAFE-3" | "SAFE-11">;
  readonly has: (zone: ZoneInfo) => boolean;
  /** Why it may not lie there, as words after a colon; null where it may. `product` is null for a kind of which no product is chosen. */
  readonly why: (key: MaterialKey, product: Product | null) => string | null;
}

const isHairy = ({ flags }: ZoneInfo) => flags.includes("hair");

/** Brow and scalp: the hair line is hair too (BROW-2). */
export const hasHair = (zone: ZoneId): boolean => isHairy(zoneInfo(zone));

const byKind = (key: MaterialKey) =>
  material(key).solvent === "alcohol"
    ? "alcohol and its vapour stay out of the eye and mouth areas"
    : "its kind is kept out of there";

/** The one table of what may not touch hair, eyes, lips and skin: checks, mends, suggestions and advice ask here. */
export const BANS: Readonly<Record<Place, Ban>> = {
  hair: {
    rule: "BROW-2",
    has: isHairy,
    why: (key) => (keptOutOf(key, "hair") ? "it tears the hair out when it comes off" : null),
  },
  eyes: {
    rule: "SAFE-3",
    has: ({ flags }) => flags.includes("eye"),
    why: (key, product) => {
      if (keptOutOf(key, "eye")) return byKind(key);
      return product && !product.eyeSafe ? "it is not marked eye-grade" : null;
    },
  },
  nearEyes: {
    rule: "SAFE-3",
    has: ({ kind, flags }) => kind === "brow" || flags.includes("eye"),
    why: (_, product) =>
      product?.keepFrom.includes("eyes") ? "its label says to keep it away from the eyes" : null,
  },
  lips: {
    rule: "SAFE-3",
    has: ({ group }) => group === "lips",
    why: (key, product) => {
      if (keptOutOf(key, "lips") || keptOutOf(key, "mouth")) return byKind(key);
      return product && !product.lipSafe ? "it is not marked lip-grade" : null;
    },
  },
  nearLips: {
    rule: "SAFE-3",
    has: ({ group, flags }) => group === "lips" || flags.includes("mouth"),
    why: (_, product) =>
      product?.keepFrom.includes("lips") ? "its label says to keep it away from the lips" : null,
  },
  mouth: {
    rule: "SAFE-3",
    has: ({ flags }) => flags.includes("mouth"),
    why: (key) => (keptOutOf(key, "mouth") ? byKind(key) : null),
  },
  skin: {
    rule: "SAFE-11",
    // A hair dye goes in the hair of the head alone.
    has: ({ group }) => group !== "scalp",
    why: (_, product) => (product && hairDyeOf(product) ? "it must not go on skin" : null),
  },
  hairless: {
    rule: "SAFE-11",
    // Hair colour may go on brows too; beside hair it counts as dye until somebody has answered.
    has: (zone) => !isHairy(zone),
    why: (_, product) =>
      product?.material === "hairColour" && product.isHairDye !== false
        ? "it counts as hair dye on skin"
        : null,
  },
};
const PLACES = Object.keys(BANS) as Place[];

/** Zones in which a kind or product may not lie, each with the first reason, of some places or of all. */
export function bannedZones(
  zones: readonly ZoneId[],
  key: MaterialKey,
  product: Product | null,
  places: readonly Place[] = PLACES,
): Map<ZoneId, { rule: Ban["rule"]; why: string }> {
  const banned = new Map<ZoneId, { rule: Ban["rule"]; why: string }>();
  for (const place of places) {
    const { rule, has, why } = BANS[place];
    const words = why(key, product);
    if (words === null) continue;
    for (const zone of zones)
      if (!banned.has(zone) && has(zoneInfo(zone))) banned.set(zone, { rule, why: words });
  }
  return banned;
}

/** Areas of this person that nobody paints: by their card, and by what they said today (SAFE-7, SAFE-13). */
export function leftBare({
  person,
  brief,
}: {
  readonly person: Pick<Person, "concerns">;
  readonly brief: Pick<Brief, "bareToday">;
}): ReadonlySet<ZoneId> {
  return new Set([
    ...brief.bareToday,
    ...person.concerns.flatMap(({ unpainted, zones }) => (unpainted ? zones : [])),
  ]);
}

/** Whoever is painted, and on what day: what decides where nothing may lie, whatever it is. */
export interface Painted {
  readonly person: Pick<Person, "concerns" | "ageYears">;
  readonly brief: Pick<Brief, "bareToday">;
}

/** All that is painted on somebody under three (SAFE-8). */
const SMALL_DESIGN: readonly ZoneInfo["kind"][] = ["cheekApple", "handBack"];

/** Zones that the age of this person forbids: almost all under three, those near the eyes for glitter under twelve (SAFE-8, SAFE-14). */
export function tooYoungOn(
  zones: readonly ZoneId[],
  key: MaterialKey,
  person: Pick<Person, "ageYears">,
): ZoneId[] {
  return zones.filter((id) => {
    const { kind, flags } = zoneInfo(id);
    if (isTooSmall(person) && !SMALL_DESIGN.includes(kind)) return true;
    return isSmall(person) && key === "glitter" && flags.includes("eye");
  });
}

/** Zones in which a kind or product may not lie on this person today, whatever the rule: what checks stop, and what no mend, suggestion or advice proposes. */
export const keptFrom = (
  zones: readonly ZoneId[],
  key: MaterialKey,
  product: Product | null,
  who: Painted,
): ZoneId[] => {
  const bare = leftBare(who);
  const shut = new Set([
    ...zones.filter((zone) => bare.has(zone)),
    ...tooYoungOn(zones, key, who.person),
    ...bannedZones(zones, key, product).keys(),
  ]);
  return zones.filter((zone) => shut.has(zone));
};

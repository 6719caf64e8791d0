import { FACE_ZONES, ZONES, zoneInfo, type ZoneId } from "../anatomy";

/** Up to so many kinds of zone are named as left out of the face. */
const MOST_LEFT_OUT = 4;

/** Zones as a painter lists them: pairs named once, a long list cut short. "forehead, both cheek apples and 4 more". */
export function zoneWords(zones: readonly ZoneId[], most = 4): string {
  const named: string[] = [];
  const present = new Set(zones);
  const face = FACE_ZONES.filter((zone) => zone.group === "face");
  const missing = face.filter((zone) => !present.has(zone.id)).map((zone) => zone.id);
  if (new Set(missing.map((id) => zoneInfo(id).kind)).size <= MOST_LEFT_OUT) {
    const but = zoneWords(missing);
    // What follows in the list is painted: several zones left out are kept apart from it.
    named.push(
      !missing.length
        ? "the whole face"
        : but.includes(" and ")
          ? `the whole face (all but ${but})`
          : `the whole face but ${but}`,
    );
    for (const zone of face) present.delete(zone.id);
  }
  const seen = new Set<string>();
  for (const zone of ZONES) {
    if (!present.has(zone.id) || seen.has(zone.kind)) continue;
    seen.add(zone.kind);
    const label = zoneInfo(zone.id).label;
    const both =
      ZONES.filter((other) => other.kind === zone.kind && present.has(other.id)).length === 2;
    named.push(both ? `both ${plural(label.replace(/^(left|right) /, ""))}` : label);
  }
  if (named.length > most)
    return `${named.slice(0, most).join(", ")} and ${named.length - most} more`;
  return named.length > 1
    ? `${named.slice(0, -1).join(", ")} and ${named.at(-1)}`
    : (named[0] ?? "nowhere");
}

const IRREGULAR: Readonly<Record<string, string>> = {
  "under the eye": "under-eyes",
  "above the lip": "sides above the lip",
  "heel and sole": "heels and soles",
  calf: "calves",
  foot: "feet",
};
const several = (noun: string): string =>
  IRREGULAR[noun] ?? (noun.endsWith("s") ? noun : `${noun}s`);

/** Two of a kind: "backs of the hands", "forearms, front", "calves". */
function plural(label: string): string {
  const [thing = label, side] = label.split(", ");
  const [part, of] = thing.split(" of the ");
  const both = of && part ? `${several(part)} of the ${several(of)}` : several(thing);
  return side ? `${both}, ${side}` : both;
}

const MOST_NAMED = 4;

/** Names in a row, the rest counted: "Moss, Peat and 3 more". */
export function named(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED);
  const rest = names.length - shown.length;
  return rest ? `${shown.join(", ")} and ${rest} more` : shown.join(", ");
}

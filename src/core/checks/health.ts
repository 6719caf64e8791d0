import { zoneInfo, type ZoneId } from "../anatomy";
import { HEALTH, type Health } from "../brief";
import { isPaintType, material } from "../paint";
import { CONCERNS } from "../people";
import type { Remark } from "./finding";
import { healthOf } from "../design/health";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { named, zoneWords } from "../design/words";
import { withoutZones } from "./safety";

/** Laid as a mist or a dust, or gives off a solvent: what one breathes. */
function isBreathed(stack: Stack, layer: Layer): boolean {
  const key = stack.materials.get(layer.id);
  if (layer.tool === "airbrush" || layer.tool === "spray") return true;
  return key !== undefined && (material(key).behaves === "powder" || material(key).flammable);
}
const all = (): boolean => true;
/** What an answer speaks against: layers, or zones of them; and what to do. */
interface Answer {
  readonly layers: (stack: Stack, layer: Layer) => boolean;
  readonly zones: (zone: ZoneId) => boolean;
  readonly advice: string;
}

/** SAFE-13, common practice, no published source: the label, and whoever treats them, come first. */
const ANSWERS: Readonly<Record<Health, Answer>> = {
  asthma: {
    layers: isBreathed,
    zones: all,
    advice: "Spray nothing near them, press powder on with a puff, and leave solvents out.",
  },
  pregnancy: {
    layers: (stack, layer) => {
      const key = stack.materials.get(layer.id);
      return key !== undefined && (isPaintType(key) || material(key).flammable);
    },
    zones: all,
    advice: "Only what its label allows, belly paint after a patch test, no solvents.",
  },
  brokenSkin: {
    layers: all,
    zones: all,
    advice: "Ask where, and leave that bare today.",
  },
  sunburn: { layers: all, zones: all, advice: "Ask where, and leave that bare today." },
  coldSore: {
    layers: all,
    zones: (zone) => zoneInfo(zone).group === "lips" || zoneInfo(zone).flags.includes("mouth"),
    advice: "Leave the lips bare today; nothing that touched them is used again.",
  },
  eyeInfection: {
    layers: all,
    zones: (zone) => zoneInfo(zone).flags.includes("eye"),
    advice: "Nothing round the eyes today; throw away what touched them.",
  },
  peel: {
    layers: all,
    zones: (zone) => zoneInfo(zone).part === "head",
    advice: "The skin is thin now: ask whoever did it, and test first.",
  },
  lenses: {
    layers: (stack, layer) => isBreathed(stack, layer),
    zones: (zone) => zoneInfo(zone).part === "head",
    advice:
      "Eyes shut and shielded from dust and mist; lenses in before paint, out before removal.",
  },
};

/** SAFE-13: what the performer said today, and what their card says of every day, against what this look lays on them. */
export function saidToday(stack: Stack): Remark[] {
  const { person } = stack.context;
  return healthOf(stack.context).flatMap(({ answer, lasts }): Remark[] => {
    const { layers, zones, advice } = ANSWERS[answer];
    const touched = stack.look.layers
      .filter((layer) => layers(stack, layer))
      .map((layer) => ({ layer, zones: layer.zones.filter(zones) }))
      .filter((entry) => entry.zones.length > 0);
    if (!touched.length) return [];
    return [
      {
        rule: "SAFE-13",
        severity: "caution",
        where: { zones: [...new Set(touched.flatMap((entry) => entry.zones))] },
        message: `${lasts ? `${person.name}'s card says` : `${person.name} said today`}: ${HEALTH[answer]}. ${advice} It concerns ${named(touched.map(({ layer }) => layer.name))}. Medical questions go to a professional.`,
      },
    ];
  });
}

/** Layers on areas that stay bare, as one matter that one press mends. */
function laidOn(stack: Stack, bare: ReadonlySet<ZoneId>, why: (areas: string) => string): Remark[] {
  const laid = stack.look.layers
    .map((layer) => ({ layer, zones: layer.zones.filter((zone) => bare.has(zone)) }))
    .filter(({ zones }) => zones.length > 0);
  if (!laid.length) return [];
  const zones = [...new Set(laid.flatMap((entry) => entry.zones))];
  const patches = laid.map(({ layer, zones: own }) => withoutZones(stack, layer, own).fix);
  return [
    {
      rule: "SAFE-7",
      severity: "stop",
      where: { zones },
      message: `${why(zoneWords(zones))}. Painted there: ${named(laid.map(({ layer }) => layer.name))}.`,
      fix: { op: "several", patches },
      fixLabel: `Leave ${zoneWords(zones)} bare`,
    },
  ];
}

/** SAFE-7, SAFE-13: areas that stay bare, by what was said today and by the card. */
export function paintedBare(stack: Stack): Remark[] {
  const { person, brief } = stack.context;
  const today = new Set(brief.bareToday);
  const kept = person.concerns.filter(({ unpainted }) => unpainted);
  const byCard = new Set(kept.flatMap(({ zones }) => zones).filter((zone) => !today.has(zone)));
  const what = [...new Set(kept.map((concern) => CONCERNS[concern.what]))];
  return [
    ...laidOn(stack, today, (areas) => `${person.name} asked today to keep bare: ${areas}`),
    ...laidOn(
      stack,
      byCard,
      (areas) => `${person.name}'s card says to keep bare, for ${named(what)}: ${areas}`,
    ),
  ];
}

import { zoneInfo, type ZoneId } from "../anatomy";
import { deltaE00, labFromReflectance, masstoneLab } from "../colour";
import { isPaintType, toolOf } from "../paint";
import { buriedBy } from "../design/buried";
import { applyPatch } from "../design/patch";
import { layerOptics } from "../design/predict";
import { isColour } from "../design/roles";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import type { Remark } from "./finding";

/** A highlight at least so much lighter than what it lies on, L* (LAYER-12). Common practice, no published source. */
const LIGHTER = 6;
/** Powder this dark shows where it falls on paint this pale, L*. Common practice, no published source. */
const [DARK, PALE] = [45, 75];

/** LAYER-10: work that is not seen any more, with the move that saves it. */
export function buriedWork(stack: Stack): Remark[] {
  const { layers } = stack.look;
  const buried = buriedBy(stack.look, stack.context);
  return [...buried].flatMap(([id, { by, all }]): Remark[] => {
    const layer = layers.find((other) => other.id === id);
    const later = layers.find((other) => other.id === by);
    if (!layer || !later || layer.role === "base") return [];
    const move = { op: "moveLayer", id, to: layers.indexOf(later) } as const;
    // Over the same areas one of two is lost in either order.
    const after = applyPatch(stack.look, move);
    const saves = [...buriedBy(after, stack.context)].every(
      ([other]) =>
        buried.has(other) || after.layers.find((one) => one.id === other)?.role === "base",
    );
    return [
      {
        rule: "LAYER-10",
        severity: "caution",
        where: { layerId: id, zones: layer.zones },
        message: `${layer.name} isn't seen any more: ${later.name} lies over ${all ? "all" : "most"} of it.${saves ? "" : " Remove one of them, or let one cover only a part."}`,
        ...(saves && !layer.locked && { fix: move, fixLabel: `Paint it after ${later.name}` }),
      },
    ];
  });
}

/** Lightness of what a layer shows in a zone, and of what lies under it there. */
function stepOf(stack: Stack, layer: Layer, zone: ZoneId) {
  const film = stack.prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
  return film
    ? { own: labFromReflectance(film.colour)[0], under: labFromReflectance(film.before)[0] }
    : null;
}

/** LAYER-12: a highlight that is no lighter than what it lies on. What cannot be told from it at all LAYER-8 speaks of. */
export function dimHighlight(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    const key = stack.materials.get(layer.id);
    if (layer.role !== "highlight" || !key || !isPaintType(key) || key === "glitter") return [];
    if (layer.zones.some((zone) => isLost(stack, layer, zone))) return [];
    const dim = layer.zones.filter((zone) => {
      const step = stepOf(stack, layer, zone);
      return step !== null && step.own - step.under < LIGHTER;
    });
    if (dim.length <= layer.zones.length / 2) return [];
    return [
      {
        rule: "LAYER-12",
        severity: "caution",
        where: { layerId: layer.id, zones: dim },
        message: `${layer.name} is hardly lighter than what it lies on, on ${zoneWords(dim)}: it brings nothing forward. Choose a paler colour, or lay it in more coats.`,
      },
    ];
  });
}

/** DIST-4: under ultraviolet light only what is fluorescent is seen, and nothing of this look is. */
export function darkUnderUltraviolet({ look, context, prediction }: Stack): Remark[] {
  if (!context.brief.circumstances.includes("ultraviolet")) return [];
  const films = [...prediction.films.values()].flat();
  if (!films.length || films.some(({ glow }) => glow)) return [];
  const painted = look.layers.filter(({ role }) => isColour(role));
  return [
    {
      rule: "DIST-4",
      severity: "caution",
      where: { zones: [...new Set(painted.flatMap(({ zones }) => zones))] },
      message:
        "Under ultraviolet light nothing of this look shows: none of its paints is fluorescent. Choose fluorescent ones for what is to be seen, over a light ground.",
    },
  ];
}

/** Whether a layer cannot be told from its ground in a zone. */
function isLost(stack: Stack, layer: Layer, zone: ZoneId): boolean {
  const film = stack.prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
  if (!film) return true;
  const [own, ground] = [film.colour, film.beside].map((seen) => labFromReflectance(seen));
  return !own || !ground || deltaE00(own, ground) < stack.context.house.numbers.toldApart;
}

/** LAYER-11: loose dark powder over a pale base that lies there already. */
export function fallOut(stack: Stack): Remark[] {
  const { layers } = stack.look;
  return layers.flatMap((layer, at): Remark[] => {
    const key = stack.materials.get(layer.id);
    const isLoose = key === "powder" && layer.role !== "set" && toolOf(layer.tool).isReady;
    const optics = isLoose ? layerOptics(layer, stack.context.products) : null;
    if (!optics || masstoneLab(optics)[0] > DARK) return [];
    const pale = layers.slice(0, at).find((lower) => {
      const [first] = lower.zones;
      const step = lower.role === "base" && first ? stepOf(stack, lower, first) : null;
      return step !== null && step.own > PALE;
    });
    return pale
      ? [
          {
            rule: "LAYER-11",
            severity: "tip",
            where: { layerId: layer.id, zones: layer.zones },
            message: `${layer.name} is loose and dark, and ${pale.name} lies there already: what falls shows. Lay it before the base, or catch it on thick powder and sweep that off.`,
          },
        ]
      : [];
  });
}

const BROWS: readonly ZoneId[] = ["browLeft", "browRight"];
const isOnBrows = ({ zones }: Layer) => BROWS.every((zone) => zones.includes(zone));

/** BROW-6: brows that are hidden and drawn by nothing; or hidden after the cap is on. */
export function blankBrows(stack: Stack): Remark[] {
  const { layers } = stack.look;
  const keyOf = ({ id }: Layer) => stack.materials.get(id);
  const cover = layers.find((layer) => layer.role === "cover" && isOnBrows(layer));
  if (!cover) return [];
  const cap = layers.findIndex((layer) => keyOf(layer) === "baldCap");
  const late = cap >= 0 && layers.indexOf(cover) > cap;
  const isPiece = layers.some(
    (layer) => ["foamPiece", "latexPiece"].includes(keyOf(layer) ?? "") && isOnBrows(layer),
  );
  const base = layers.findLastIndex((layer) => layer.role === "base" && isOnBrows(layer));
  const isDrawn = layers.some(
    (layer, at) =>
      at > base &&
      isColour(layer.role) &&
      layer.role !== "base" &&
      layer.zones.some((zone) => zoneInfo(zone).kind === "brow"),
  );
  const found: (Remark | false)[] = [
    late && {
      rule: "BROW-6",
      severity: "caution",
      where: { layerId: cover.id, zones: [...BROWS] },
      message: `${cover.name} comes after the cap: cover the brows first, so that its edge lies over them clean.`,
      ...(!cover.locked && {
        fix: { op: "moveLayer", id: cover.id, to: cap } as const,
        fixLabel: "Cover the brows first",
      }),
    },
    base >= 0 &&
      !isDrawn &&
      !isPiece && {
        rule: "BROW-6",
        severity: "tip",
        where: { layerId: cover.id, zones: [...BROWS] },
        message:
          "The brows are hidden and nothing draws them anew: a face without brows reads blank. Draw them, or leave it so if that is meant.",
      },
  ];
  return found.filter((remark): remark is Remark => remark !== false);
}

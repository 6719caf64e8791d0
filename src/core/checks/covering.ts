import { zoneInfo, type Figure, type ZoneId } from "../anatomy";
import { deltaE00, hexToLab, labFromReflectance } from "../colour";
import { isPaintType, mediumOf, paintType, TOOLS, type PaintTypeKey, type Product } from "../paint";
import { isTooSmall } from "../people";
import { browCover, browCoverWords } from "../design/browCover";
import type { Remark } from "./finding";
import { layerOptics, liesUnder, predict, type Prediction } from "../design/predict";
import { applyPatch, freeLayerId, type LookPatch } from "../design/patch";
import { shareOfZone, WHOLE } from "../design/part";
import { isColour, isVeil } from "../design/roles";
import { recipeOf } from "../design/context";
import type { Layer, Look } from "../design/schema";
import { readStack, type Stack } from "../design/stack";
import { zonesFilled } from "../design/touched";
import { isGreaseOnHands, isWearable } from "../design/wearable";
import { zoneWords } from "../design/words";
import { exposedZones, isBareOn } from "../design/exposedZones";
import { layerKeptFrom } from "../design/layerKeptFrom";
import { keptFrom, leftBare } from "../design/mayNotTouch";
import { carriedTo, shapesOf, zonesFilledBy } from "../design/leftOut";

/** BASE-1: a fixed number of coats that leaves the ground showing, or an automatic one that would need an undercoat (LAYER-5). */
export function thinCover(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (
      (layer.role !== "base" && layer.role !== "detail") ||
      stack.materials.get(layer.id) === "glitter"
    )
      return [];
    const cover = stack.prediction.coats.get(layer.id);
    if (!cover || cover.covers || !layerOptics(layer, stack.context.products)) return [];
    const auto = layer.coats === "auto";
    return [
      {
        rule: auto ? "LAYER-5" : "BASE-1",
        severity: auto ? "tip" : "caution",
        where: { layerId: layer.id, zones: layer.zones },
        message: auto
          ? `${cover.coats} coats of ${layer.name} still let the ground through. A white or pale base under it would save coats.`
          : `${cover.coats === 1 ? "One coat" : `${cover.coats} coats`} of ${layer.name} let${cover.coats === 1 ? "s" : ""} the ground through. Several thin coats, each dry, cover without streaks.`,
        ...(!auto && {
          fix: { op: "changeLayer", id: layer.id, change: { coats: "auto" } } as const,
          fixLabel: "Let the number of coats be computed",
        }),
      },
    ];
  });
}

/** Share of an area from which it counts as covered, however many layers share it. */
const COVERED = 0.9;

/** Exposed zones that no colour covers, filled shapes included where the figure is known, and that are not meant to stay bare (BASE-5). */
export function paintedCoverage(
  look: Look,
  exposed: readonly ZoneId[],
  figure?: Figure,
): { painted: ZoneId[]; gaps: ZoneId[] } {
  const shares = new Map<ZoneId, number>();
  for (const layer of look.layers) {
    if (!(layer.role === "base" || layer.role === "detail" || isVeil(layer.role))) continue;
    // A base is a base however far it goes; a veil on a part of an area leaves the rest bare.
    const most = isVeil(layer.role) && layer.part.kind === "middle" ? 0 : 1;
    for (const zone of zonesFilledBy(layer)) {
      const isStrip = layer.part.kind !== "middle";
      // What it leaves out is painted with something else, or meant to stay as it is.
      const isAll = !isStrip || layer.marks.length > 0;
      const part = figure && !isAll ? shareOfZone(layer, zone, { figure }) : 1;
      shares.set(zone, (shares.get(zone) ?? 0) + most * part);
    }
  }
  const covered = new Set([...shares].flatMap(([zone, share]) => (share >= COVERED ? [zone] : [])));
  const marks = look.layers.flatMap((layer) => (isColour(layer.role) ? shapesOf(layer) : []));
  if (figure && marks.length) zonesFilled(marks, figure).forEach((zone) => covered.add(zone));
  return {
    painted: exposed.filter((zone) => covered.has(zone)),
    gaps: exposed.filter((zone) => !covered.has(zone) && !look.bare.includes(zone)),
  };
}

/** BASE-5: gaps in what the audience sees. Lips left clean are a choice (BASE-6) and only a tip. */
export function gaps(stack: Stack): Remark[] {
  // A child too small for face paint is meant to stay bare (SAFE-8).
  if (isTooSmall(stack.context.person)) return [];
  const bases = stack.look.layers.filter((layer) => layer.role === "base");
  const widest = bases.reduce<(typeof bases)[number] | null>(
    (most, layer) =>
      most && (!carriedTo(layer, []) || most.zones.length >= layer.zones.length) ? most : layer,
    null,
  );
  if (!widest) return [];
  const bare = leftBare(stack.context);
  const open = paintedCoverage(
    stack.look,
    exposedZones(stack.context.brief, stack.context.person),
    stack.context.figure,
  ).gaps.filter((zone) => !bare.has(zone));
  if (!open.length) return [];
  const lipsOnly = open.every((zone) => zoneInfo(zone).group === "lips");
  const reach = reachable(
    stack,
    widest,
    open.filter((zone) => zoneInfo(zone).group !== "lips"),
  );
  const leaving = (zones: readonly ZoneId[]): LookPatch => ({
    op: "leaveBare",
    zones: [...zones],
    bare: true,
  });
  if (lipsOnly)
    return [
      {
        rule: "BASE-5",
        severity: "tip",
        where: { zones: open },
        message: `The lips are bare: paint them, or tick them as meant.`,
        fix: leaving(open),
        fixLabel: "Leave the lips bare",
      },
    ];
  // What its paint may not go on is a matter of its own: nothing carries the base there.
  const shut = open.filter((zone) => !reach.includes(zone));
  const gap = (zones: readonly ZoneId[]) => ({
    rule: "BASE-5" as const,
    severity: "caution" as const,
    where: { layerId: widest.id, zones: [...zones] },
    message: `The audience sees bare skin on ${zoneWords(zones)}. Paint it, or tick the gap as meant.`,
  });
  return [
    ...(reach.length
      ? [
          {
            ...gap(reach),
            fix: carrying(stack, widest, reach),
            fixLabel: `Carry ${widest.name} to ${zoneWords(reach)}`,
          },
        ]
      : []),
    ...(shut.length ? [{ ...gap(shut), fix: leaving(shut), fixLabel: "Leave it bare" }] : []),
  ];
}

/** A base carried to zones: where it covers a part of each, the rest is a layer of its own beside it, and that part stays as it is. */
function carrying({ look }: Stack, base: Layer, zones: readonly ZoneId[]): LookPatch {
  if (base.part.kind === "whole" || base.part.kind === "middle" || shapesOf(base).length)
    return { op: "changeLayer", id: base.id, change: carriedTo(base, zones) ?? {} };
  const rest: Layer = {
    ...base,
    id: freeLayerId(look, `rest-${base.id}`),
    name: `${base.name}, the rest`.slice(0, 80),
    zones: [...zones],
    part: WHOLE,
    marks: [],
    fills: false,
    leavesOut: { kind: "painted" },
  };
  return { op: "addLayer", layer: rest, at: look.layers.indexOf(base) + 1 };
}

/** Whether a kind of paint is laid over large areas. */
const laysBase = (key: PaintTypeKey): boolean =>
  paintType(key).goodFor.some((use) => use === "base" || use === "blend" || use === "prosthetic");

/** Zones a base may be carried to: where neither its products nor its kind are kept out. */
function reachable(stack: Stack, base: Layer, zones: readonly ZoneId[]): ZoneId[] {
  const key = stack.materials.get(base.id);
  // Wax, foam and lines are no base, whatever the layer is called: nobody carries them over a face.
  if (!key || !isPaintType(key) || !laysBase(key) || !carriedTo(base, zones)) return [];
  const shut = new Set(layerKeptFrom(base, zones, stack.context));
  return zones.filter((zone) => !shut.has(zone) && isBareOn(zone, stack.context.person));
}

/** Brows that show through the base over them. */
const browsShown = (stack: Stack): ZoneId[] =>
  (["browLeft", "browRight"] as const).filter((zone) => {
    const films = stack.prediction.films.get(zone) ?? [];
    const base = films.find((film) => film.layer.role === "base");
    const bases =
      base &&
      stack.prediction.films.get("forehead")?.find((film) => film.layer.id === base.layer.id);
    return (
      base &&
      bases &&
      films.every((film) => film.layer.role !== "detail") &&
      deltaE00(labFromReflectance(base.colour), labFromReflectance(bases.colour)) >
        stack.context.house.numbers.browShows
    );
  });

/** BROW-3: dark brow hair that shows through the base painted over it. */
export function browShowing(stack: Stack): Remark[] {
  const shown = browsShown(stack);
  const covered = stack.look.layers.some(
    (layer) => layer.role === "cover" && shown.some((zone) => layer.zones.includes(zone)),
  );
  if (!shown.length) return [];
  const cover = browCover(stack.look, stack.context);
  // Only what hides it, or one press would follow another.
  const isHidden = (fix: LookPatch) =>
    browsShown(readStack(applyPatch(stack.look, fix), stack.context)).length === 0;
  return [
    {
      rule: "BROW-3",
      severity: covered ? "tip" : "caution",
      where: { zones: shown },
      message: `The brow shows through the base. ${cover ? browCoverWords(cover) : "Orange corrector over the flattened hair, then concealer, each powdered, hides it."}`,
      ...(cover?.fix && isHidden(cover.fix) && { fix: cover.fix, fixLabel: "Lay the brow cover" }),
    },
  ];
}

/** A shape this dark hides a brow without a cover, L*. Common practice, no published source. */
const DARK_L = 30;

/** BROW-4: where a dark shape covers the brow anyway, corrector and concealer under it are work for nothing. */
export function darkOverBrow(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    const key = stack.materials.get(layer.id);
    if (layer.role !== "cover" || (key !== "corrector" && key !== "concealer")) return [];
    const dark = layer.zones.filter(
      (zone) =>
        zoneInfo(zone).kind === "brow" &&
        stack.prediction.films
          .get(zone)
          ?.some(
            (film) =>
              film.layer.role === "detail" &&
              film.layer.marks.length === 0 &&
              labFromReflectance(film.colour)[0] < DARK_L,
          ),
    );
    return dark.length && dark.length === layer.zones.length
      ? [
          {
            rule: "BROW-4",
            severity: "tip",
            where: { layerId: layer.id, zones: dark },
            message: `A dark shape covers the brow anyway: skip ${layer.name}, flatten the hair, and give the dark one coat more there.`,
            fix: { op: "removeLayer", id: layer.id },
            fixLabel: `Leave out ${layer.name}`,
          },
        ]
      : [];
  });
}

/** COLOUR: a colour whose product has gone from the shelf can't be predicted. */
export function lostProduct(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] =>
    stack.materials.has(layer.id)
      ? []
      : [
          {
            rule: "KIT-1",
            severity: "caution",
            where: { layerId: layer.id, zones: layer.zones },
            message: `${layer.name} uses a product that is no longer on the shelf. Choose another.`,
          },
        ],
  );
}

/** Zones where a layer can't be told from its ground. */
function vanishedZones(prediction: Prediction, layer: Layer, toldApart: number): ZoneId[] {
  return layer.zones.filter((zone) => {
    const film = prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
    return (
      film && deltaE00(labFromReflectance(film.beside), labFromReflectance(film.colour)) < toldApart
    );
  });
}

/** The whitest paint on the shelf this person may wear, of a kind that goes under this layer's. */
function whiteFor(stack: Stack, layer: Layer): Product | null {
  const key = stack.materials.get(layer.id);
  if (!key) return null;
  const fit = [...stack.context.products.values()].filter(
    (product) =>
      product.colour &&
      isPaintType(product.material) &&
      mediumOf(product.material) === mediumOf(key) &&
      hexToLab(product.colour)[0] > 90 &&
      isWearable(product, stack.context.person) &&
      !isGreaseOnHands(product, layer.zones) &&
      keptFrom(layer.zones, product.material, product, stack.context).length === 0,
  );
  return fit.sort((a, b) => b.hiding - a.hiding)[0] ?? null;
}

/** White laid first in the same shape, if that brings the tint out: judged by predicting it. */
function whiteUnder(stack: Stack, layer: Layer): { fix: LookPatch; fixLabel: string } | null {
  const white = whiteFor(stack, layer);
  // White laid before a layer that leaves out what is painted would be left out by it.
  if (
    !white ||
    layer.leavesOut.kind === "painted" ||
    recipeOf(layer, stack.context.products).some(({ product }) => product.id === white.id)
  )
    return null;
  const under: Layer = {
    ...layer,
    marks: [...shapesOf(layer)],
    zones: zonesFilledBy(layer).length ? zonesFilledBy(layer) : layer.zones,
    id: freeLayerId(stack.look, `white-${layer.id}`),
    name: `White under ${layer.name}`.slice(0, 80),
    paint: { kind: "product", productId: white.id },
    coats: "auto",
    technique: "pat",
    target: null,
    notes: "Let it dry before the tint; then pat.",
  };
  const patted: LookPatch = { op: "changeLayer", id: layer.id, change: { technique: "pat" } };
  const fix: LookPatch = {
    op: "several",
    patches: [
      { op: "addLayer", layer: under, at: stack.look.layers.indexOf(layer) },
      ...((TOOLS[layer.tool].techniques as readonly string[]).includes("pat") ? [patted] : []),
    ],
  };
  const after = applyPatch(stack.look, fix);
  const mended = after.layers.find(({ id }) => id === layer.id);
  return mended &&
    vanishedZones(predict(after, stack.context), mended, stack.context.house.numbers.toldApart)
      .length === 0
    ? { fix, fixLabel: `Lay ${white.name} under it first` }
    : null;
}

/** Whether an area has the same paint below already: carried on from there it is one colour, not a lost one. */
const isAgain = ({ look }: Stack, layer: Layer, zone: ZoneId): boolean =>
  look.layers
    .slice(0, look.layers.indexOf(layer))
    .some(
      (lower) =>
        lower.zones.includes(zone) && JSON.stringify(lower.paint) === JSON.stringify(layer.paint),
    );

/** LAYER-8: a tint so close to its ground that it vanishes. */
export function vanishing(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (
      (layer.role !== "detail" && !isVeil(layer.role)) ||
      stack.materials.get(layer.id) === "glitter" ||
      !layerOptics(layer, stack.context.products)
    )
      return [];
    // What another layer of the same shape hides is that one's ground, as white under a tint.
    if (
      stack.look.layers.some(
        (other) =>
          other !== layer &&
          stack.look.layers.indexOf(other) > stack.look.layers.indexOf(layer) &&
          liesUnder(layer, other),
      )
    )
      return [];
    const gone = vanishedZones(stack.prediction, layer, stack.context.house.numbers.toldApart);
    // A mark on its own colour is lost; a colour carried on from where it lies already is not.
    const isCarriedOn = gone.length < layer.zones.length;
    const lost = gone.filter((zone) => !isCarriedOn || !isAgain(stack, layer, zone));
    if (!lost.length) return [];
    const mend = whiteUnder(stack, layer);
    return [
      {
        rule: "LAYER-8",
        severity: "caution",
        where: { layerId: layer.id, zones: lost },
        message: `${layer.name} all but vanishes on its ground on ${zoneWords(lost)}. ${mend ? "White under it, left to dry, lifts it." : "Choose a colour further from the ground."}`,
        ...mend,
      },
    ];
  });
}

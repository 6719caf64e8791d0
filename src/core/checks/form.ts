import { boundingBox, point, standsTo, zoneInfo, type Point, type ZoneId } from "../anatomy";
import { chroma, deltaE00, hexToLab } from "../colour";
import { nearestInColour, TOOLS } from "../paint";
import { moveMark, scaleMark } from "../shapes/arrange";
import { recipeOf } from "../design/context";
import type { Remark } from "./finding";
import { markLabel, placedStrokes, type Mark } from "../shapes";
import type { LookPatch } from "../design/patch";
import { LIGHT_FROM_WORDS, type LightFrom } from "../design/form";
import type { Layer } from "../design/schema";
import { isSamePart, liesInStrips, middleOf } from "../design/part";
import { guide } from "../design/guides";
import { isWhole } from "../design/predict";
import { orderPatch, SCHOOLS } from "../design/schools";
import type { Stack } from "../design/stack";
import { isWearable } from "../design/wearable";
import { zoneWords } from "../design/words";
import { CENTRAL, homeOf, isAtHome, MOVING } from "./moving";
import { keptFrom } from "../design/mayNotTouch";
import { withMarks } from "./safety";
import { shapesOf } from "../design/leftOut";

// Shares, angles and bends that the checks below compare with or propose are common practice, no published source.

/** Nearer than this to the midline, a central mark was meant to be on it, mm. Common practice, no published source. */
const CROOKED_MM = 4;

const remark = (
  layer: Layer,
  more: Omit<Remark, "severity" | "where"> & Partial<Pick<Remark, "where">>,
): Remark => ({ severity: "tip", where: { layerId: layer.id, zones: layer.zones }, ...more });

/** One finding for all marks of a layer that a rule would have otherwise. */
function mending(
  stack: Stack,
  better: (mark: Mark, layer: Layer) => Mark | null,
  say: (wrong: readonly Mark[], layer: Layer) => Pick<Remark, "rule" | "message" | "fixLabel">,
): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    // What follows other shapes is mended with them.
    if (layer.form) return [];
    const shapes = shapesOf(layer);
    const mended = shapes.map((mark) => better(mark, layer));
    const wrong = shapes.filter((_, i) => mended[i]);
    if (!wrong.length) return [];
    const { fixLabel, ...said } = say(wrong, layer);
    const fix = withMarks(
      stack,
      layer,
      shapes.map((mark, i) => mended[i] ?? mark),
    );
    return [remark(layer, { ...said, ...(fix && fixLabel && { fix, fixLabel }) })];
  });
}
const named = (marks: readonly Mark[]) => markLabel((marks[0] as Mark).kind);

/** MAP-3: a central mark that stands just beside the midline. */
export const crooked = (stack: Stack): Remark[] =>
  mending(
    stack,
    (mark) =>
      CENTRAL.includes(mark.kind) &&
      !mark.mirrored &&
      Math.abs(mark.x) > 0.25 &&
      Math.abs(mark.x) <= CROOKED_MM
        ? moveMark(mark, point(0, mark.y))
        : null,
    (wrong, layer) => ({
      rule: "MAP-3",
      message: `The ${named(wrong)} of ${layer.name} stands ${Math.abs(wrong[0]?.x ?? 0).toFixed(1)} mm beside the midline: it will look crooked.`,
      fixLabel: "Put it on the midline",
    }),
  );

/** Nearer than this to being each other's mirror image, two shapes were meant to be, mm; nearer than the lesser nobody sees it. Common practice, no published source. */
const [PAIR_MM, SAME_MM] = [6, 1];
/** Their sizes then differ by no more than this share either way; by less than the lesser nobody sees it. Common practice, no published source. */
const [PAIR_SIZE, SAME_SIZE] = [0.25, 0.05];
/** In a layer of more shapes than this they are a scatter, no pairs. */
const MOST_PAIRED = 6;

interface Twin {
  readonly at: number;
  readonly other: number;
  /** How far the other is off the place of a mirror image, mm, and off its size, a share. */
  readonly offMm: number;
  readonly size: number;
}

const extentOf = (mark: Mark): number => {
  const box = boundingBox(placedStrokes(mark).flatMap(({ points }) => points));
  return Math.hypot(box.right - box.left, box.bottom - box.top);
};

/** A shape of the left and its twin on the right that is nearly, but not quite, its mirror image. */
function unequalTwin(marks: readonly Mark[]): Twin | null {
  if (marks.length > MOST_PAIRED || marks.some(({ mirrored }) => mirrored)) return null;
  const twins = marks.flatMap((one, at) =>
    marks.flatMap((two, other): Twin[] => {
      const isPair = one.kind === two.kind && one.frame === two.frame && one.x > 0 && two.x < 0;
      if (!isPair) return [];
      const offMm = Math.hypot(one.x + two.x, one.y - two.y);
      const size = Math.abs(extentOf(two) / Math.max(1e-6, extentOf(one)) - 1);
      if (offMm > PAIR_MM || size > PAIR_SIZE) return [];
      return offMm > SAME_MM || size > SAME_SIZE ? [{ at, other, offMm, size }] : [];
    }),
  );
  return twins[0] ?? null;
}

/** MAP-3: two shapes, one each side, that were meant to be a pair and are not equal. */
export function unequalPairs(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (layer.form || layer.role === "map") return [];
    const marks = shapesOf(layer);
    const twin = unequalTwin(marks);
    const one = twin && marks[twin.at];
    if (!twin || !one) return [];
    const how =
      twin.offMm > SAME_MM
        ? `one stands ${twin.offMm.toFixed(1)} mm off the other's mirror image`
        : `one is ${Math.round(twin.size * 100)} % off the other's size`;
    const fix = withMarks(
      stack,
      layer,
      marks.flatMap((mark, i) =>
        i === twin.other ? [] : [i === twin.at ? { ...mark, mirrored: true } : mark],
      ),
    );
    return [
      remark(layer, {
        rule: "MAP-3",
        message: `The two shapes of ${layer.name} (${markLabel(one.kind)}) are nearly a pair: ${how}. Measure both from the midline.`,
        ...(fix && { fix, fixLabel: "Make the right a mirror of the left" }),
      }),
    ];
  });
}

/** Shapes that move everything else on a face, and those that are placed by them (MAP-2). */
const isLarge = (mark: Mark) =>
  mark.frame === "front" &&
  (mark.kind === "fold" || mark.kind === "band" || (mark.kind === "mouth" && mark.muzzleMm > 0));
const followsThem = (mark: Mark) => mark.kind === "brow" || mark.kind === "wing";

/** MAP-2: eyes or brows drawn before the fold or muzzle that moves them. */
export function smallFirst(stack: Stack): Remark[] {
  const { layers } = stack.look;
  return layers.flatMap((layer, at): Remark[] => {
    if (!layer.marks.some(isLarge)) return [];
    const before = layers.findIndex(
      (other, i) =>
        i < at &&
        other.role === layer.role &&
        other.marks.some(followsThem) &&
        !other.marks.some(isLarge),
    );
    if (before < 0) return [];
    return [
      remark(layer, {
        rule: "MAP-2",
        message: `${layer.name} is laid after ${layers[before]?.name ?? "smaller shapes"}: the largest shape moves what depends on it, so it comes first, then eyes, then brows.`,
        fix: { op: "moveLayer", id: layer.id, to: before },
        fixLabel: `Lay it before ${layers[before]?.name ?? "them"}`,
      }),
    ];
  });
}

/** EDGE-2: brow, eye outline or mouth drawn where nothing moves. */
export const dead = (stack: Stack): Remark[] =>
  mending(
    stack,
    (mark) => {
      const home = homeOf(mark, stack.context.figure);
      return home && !isAtHome(mark, stack.context.figure) && !underHat(stack, home)
        ? moveMark(mark, home)
        : null;
    },
    (wrong, layer) => ({
      rule: "EDGE-2",
      message: `The ${named(wrong)} of ${layer.name} lies off ${MOVING[wrong[0]?.kind ?? "brow"]?.words ?? "what moves"}: drawn on skin that does not move it stays dead when the face acts.`,
      fixLabel: `Draw it on ${MOVING[wrong[0]?.kind ?? "brow"]?.words ?? "what moves"}`,
    }),
  );

/** A place that a hat hides is no better one. */
const underHat = ({ context: { brief } }: Stack, at: Point) =>
  brief.hatLineMm !== null && at.y > brief.hatLineMm - 12;

/** EDGE-3: a mouth that reaches out beyond the eyes. */
export const earToEar = (stack: Stack): Remark[] => {
  const limit = stack.context.figure.landmarks.exocanthionLeft.x;
  const breadth = (mark: Mark) => {
    const box = boundingBox(placedStrokes(mark).flatMap(({ points }) => points));
    return Math.max(box.right, -box.left);
  };
  return mending(
    stack,
    (mark) => {
      if (mark.kind !== "mouth" || mark.frame === "back" || breadth(mark) <= limit) return null;
      const smaller = scaleMark(
        mark,
        (limit - 1 - Math.abs(mark.x)) / Math.max(1, breadth(mark) - Math.abs(mark.x)),
      );
      return smaller && breadth(smaller) <= limit ? smaller : null;
    },
    (_, layer) => ({
      rule: "EDGE-3",
      message: `The mouth of ${layer.name} reaches beyond the outer eye corners: the front row reads no face that goes from ear to ear.`,
      fixLabel: "Bring it between the eye corners",
    }),
  );
};

/** FORM-2: on the cheek the fuller form is outside the fold, so the fade goes there. */
export const fadeOfFold = (stack: Stack): Remark[] =>
  mending(
    stack,
    (mark, layer) => {
      if (
        mark.kind !== "fold" ||
        mark.fadeMm === 0 ||
        Math.abs(mark.x) < 12 ||
        Math.abs(mark.turnDeg) > 60 ||
        !layer.zones.some((zone) => zoneInfo(zone).flags.includes("cheek"))
      )
        return null;
      const outward = mark.x > 0;
      return mark.fadeLeft === outward ? null : { ...mark, fadeLeft: outward };
    },
    (_, layer) => ({
      rule: "FORM-2",
      message: `A fold of ${layer.name} fades towards the mouth. The fade goes over the fuller form, the cheek; the flat side keeps the clean edge.`,
      fixLabel: "Fade it over the cheek",
    }),
  );

/** FORM-5: a fold without a bend. */
export const straight = (stack: Stack): Remark[] =>
  mending(
    stack,
    (mark) =>
      mark.kind === "fold" && Math.abs(mark.bendMm) < mark.lengthMm * 0.03
        ? { ...mark, bendMm: Math.round(mark.lengthMm * 0.1) || 1 }
        : null,
    (_, layer) => ({
      rule: "FORM-5",
      message: `A line of ${layer.name} is as straight as a ruler: lines in skin never are.`,
      fixLabel: "Bend it a little",
    }),
  );

/** FORM-6: what grew is uneven, unless the look is meant to unsettle. */
export const tooEven = (stack: Stack): Remark[] =>
  mending(
    stack,
    (mark) => {
      if (mark.kind === "teeth" && mark.uneven === 0) return { ...mark, uneven: 0.3 };
      return (mark.kind === "whiskers" || mark.kind === "fur") && mark.mirrored && !mark.varied
        ? { ...mark, varied: true }
        : null;
    },
    (wrong, layer) => ({
      rule: "FORM-6",
      message: `The ${named(wrong)} of ${layer.name} ${wrong[0]?.kind === "teeth" ? "are all of one height" : "are the same on both sides"}: what grew is uneven. Leave it where symmetry is to unsettle.`,
      fixLabel: wrong[0]?.kind === "teeth" ? "Make them uneven" : "Vary the other side",
    }),
  );

/** Why something is to be lighter or darker in the light of a look. */
function underLight(light: LightFrom, role: "highlight" | "contour"): string {
  if (light === "above")
    return "light comes from above in front, so what stands out is lighter and what is hollow darker";
  const falls = role === "highlight" ? "hardly reaches it" : "falls right there";
  return `the light of this look comes ${LIGHT_FROM_WORDS[light]} and ${falls}`;
}

/** FORM-1: lights where the look's light leaves shade, or darks on what catches it. */
export function againstTheLight(stack: Stack): Remark[] {
  const { light } = stack.look;
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (layer.marks.length || (layer.role !== "highlight" && layer.role !== "contour")) return [];
    const wrong = layer.zones.filter(
      (zone) =>
        standsTo(zoneInfo(zone), light) === (layer.role === "highlight" ? "shade" : "light") &&
        !(
          (zone === "forehead" || zone === "chin") &&
          (middleOf(layer.part) < 0.6 || liesInStrips(layer.part))
        ),
    );
    const rest = layer.zones.filter((zone) => !wrong.includes(zone));
    // An undercoat goes with what lies on it: left out alone, the tint over it would ask for it again (LAYER-8).
    if (
      !wrong.length ||
      !rest.length ||
      stack.look.layers.some((upper) => isUndercoat(stack, layer, upper))
    )
      return [];
    const without = (from: Layer): LookPatch => ({
      op: "changeLayer",
      id: from.id,
      change: { zones: from.zones.filter((zone) => !wrong.includes(zone)) },
    });
    const fix: LookPatch = {
      op: "several",
      patches: [
        layer,
        ...stack.look.layers.filter(
          (lower) =>
            isUndercoat(stack, lower, layer) && lower.zones.some((zone) => !wrong.includes(zone)),
        ),
      ].map(without),
    };
    return [
      remark(layer, {
        rule: "FORM-1",
        where: { layerId: layer.id, zones: wrong },
        message: `${layer.name} ${layer.role === "highlight" ? "lightens" : "darkens"} ${zoneWords(wrong)}: ${underLight(light, layer.role)}.`,
        fix,
        fixLabel: `Leave out ${zoneWords(wrong)}`,
      }),
    ];
  });
}

/** Whether a layer was laid first under another of the same kind, over all its zones and as large a part of them. */
const isUndercoat = ({ look: { layers } }: Stack, lower: Layer, upper: Layer): boolean =>
  lower !== upper &&
  lower.role === upper.role &&
  layers.indexOf(lower) < layers.indexOf(upper) &&
  !lower.marks.length &&
  !upper.marks.length &&
  isSamePart(lower.part, upper.part) &&
  upper.zones.every((zone) => lower.zones.includes(zone));

/** BASE-2: a sponge that is dragged. */
export function dragged(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (
      layer.role !== "base" ||
      (layer.technique !== "stroke" && layer.technique !== "draw") ||
      (layer.tool !== "dampSponge" && layer.tool !== "stippleSponge")
    )
      return [];
    return [
      remark(layer, {
        rule: "BASE-2",
        message: `${layer.name} is stroked on with a sponge: a dragged sponge streaks and lifts what lies below.`,
        fix: {
          op: "changeLayer",
          id: layer.id,
          change: { technique: TOOLS[layer.tool].techniques[0] },
        },
        fixLabel: "Stipple it",
      }),
    ];
  });
}

/** Lighter and greyer than this a base is pure white. Common practice, no published source. */
const WHITE = { lightness: 93, chroma: 5 } as const;

/** Who is meant to have a white face: a clown, a mime, something that is no living skin. */
const WHITE_FACED = /\b(clown|mime|mask|doll|statue|porcelain|marble|snow(man|drop)?)\b/i;
/** Where a base covers these it covers the face. */
const WHOLE_FACE: readonly ZoneId[] = ["forehead", "cheekAppleLeft", "cheekAppleRight"];

/** BASE-3: pure white over the whole face. */
export function mask(stack: Stack): Remark[] {
  const { context } = stack;
  const skin = hexToLab(context.person.skin);
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (layer.role !== "base" || layer.paint.kind !== "product") return [];
    const isMeant =
      layer.group === guide("whiteClown").label || WHITE_FACED.test(context.brief.character);
    if (isMeant || !WHOLE_FACE.every((zone) => isWhole(layer, zone, context))) return [];
    const white = recipeOf(layer, context.products)[0]?.product;
    if (!white?.colour) return [];
    const lab = hexToLab(white.colour);
    if (lab[0] < WHITE.lightness || chroma(lab) > WHITE.chroma) return [];
    const tones = [...context.products.values()].filter(
      (product) =>
        product.id !== white.id &&
        product.material === white.material &&
        product.colour &&
        isWearable(product, context.person) &&
        keptFrom(layer.zones, product.material, product, context).length === 0,
    );
    const tone = nearestInColour(tones, skin);
    return [
      remark(layer, {
        rule: "BASE-3",
        message: `${layer.name} is pure white: on a whole face it looks like a mask. Cut it with a skin tone, some 3 parts to 1.`,
        ...(tone &&
          tone.far < SKIN_TONE && {
            fix: {
              op: "changeLayer",
              id: layer.id,
              change: {
                paint: {
                  kind: "mix",
                  parts: [
                    { productId: white.id, parts: 3 },
                    { productId: tone.product.id, parts: 1 },
                  ],
                },
              },
            } as const,
            fixLabel: `Mix 3 parts with 1 of ${tone.product.name}`,
          }),
      }),
    ];
  });
}
/** A paint this near to somebody's skin, dE00, is their skin tone. Common practice, no published source. */
const SKIN_TONE = 25;

/** MAP-1, BASE-4: a stack in another order than the schools its painter follows. */
export function outOfSchool(stack: Stack): Remark[] {
  const { look, context } = stack;
  const fix = orderPatch(look, context);
  if (!fix || fix.op !== "order") return [];
  const moved = look.layers.find(
    ({ id }, i) =>
      fix.ids[i] !== id &&
      (look.layers.find((layer) => layer.id === fix.ids[i])?.role === "map" ||
        look.layers[i]?.role === "map"),
  );
  const layer = moved ?? look.layers.find(({ id }, i) => fix.ids[i] !== id);
  if (!layer) return [];
  // A shape that is left out has to be mapped before what is painted round it.
  const mapped = new Set(look.layers.flatMap(({ id, role }) => (role === "map" ? [id] : [])));
  const isMappedOut = look.layers.some(
    ({ leavesOut }) => leavesOut.kind === "layers" && leavesOut.ids.some((id) => mapped.has(id)),
  );
  if (moved && isMappedOut) return [];
  const rule = moved ? "MAP-1" : "BASE-4";
  return [
    remark(layer, {
      rule,
      message: `The layers are not in the order chosen: ${moved ? SCHOOLS.map[look.schools.map] : SCHOOLS.base[look.schools.base]}.`,
      fix,
      fixLabel: "Put it in that order",
    }),
  ];
}

/** Chroma above which a colour is spoilt by another under it. Common practice, no published source. */
const CLEAN_CHROMA = 30;

/** BASE-6: lips or lids that must stay clean, with the base under them. */
export function underClean(stack: Stack): Remark[] {
  const { look, context } = stack;
  return look.layers.flatMap((base, at): Remark[] => {
    if (base.role !== "base" || base.marks.length) return [];
    const kept: ZoneId[] = base.zones.filter(
      (zone) =>
        zoneInfo(zone).flags.includes("clean") &&
        look.layers.slice(at + 1).some((layer) => {
          if (
            layer.role !== "detail" ||
            !layer.zones.includes(zone) ||
            !isWhole(layer, zone, context)
          )
            return false;
          const colour = recipeOf(layer, context.products)[0]?.product.colour;
          const under = recipeOf(base, context.products)[0]?.product.colour;
          return Boolean(
            colour &&
            under &&
            chroma(hexToLab(colour)) > CLEAN_CHROMA &&
            deltaE00(hexToLab(colour), hexToLab(under)) > 20,
          );
        }),
    );
    const rest = base.zones.filter((zone) => !kept.includes(zone));
    if (!kept.length || !rest.length) return [];
    return [
      remark(base, {
        rule: "BASE-6",
        where: { layerId: base.id, zones: kept },
        message: `${base.name} lies under a strong colour on ${zoneWords(kept)}: left out of the base, that colour stays clean.`,
        fix: { op: "changeLayer", id: base.id, change: { zones: rest } },
        fixLabel: `Leave ${zoneWords(kept)} out of the base`,
      }),
    ];
  });
}

const isLips = (layer: Layer) =>
  layer.role === "detail" &&
  layer.zones.length > 0 &&
  layer.zones.every((zone) => zoneInfo(zone).group === "lips");

/** ORDER-4: lips painted before what still has to go on the face round them. */
export function lipsTooSoon(stack: Stack): Remark[] {
  const { layers } = stack.look;
  return layers.flatMap((layer, at): Remark[] => {
    if (!isLips(layer)) return [];
    const later = layers.findLastIndex(
      (other) =>
        (other.role === "base" ||
          other.role === "contour" ||
          other.role === "shade" ||
          other.role === "highlight") &&
        other.zones.some((zone) => zoneInfo(zone).group === "face"),
    );
    if (later < at) return [];
    return [
      remark(layer, {
        rule: "ORDER-4",
        message: `${layer.name} is painted before ${layers[later]?.name ?? "the rest"}: lips come last, or they smear while the face is worked on.`,
        fix: { op: "moveLayer", id: layer.id, to: later },
        fixLabel: "Paint the lips after it",
      }),
    ];
  });
}

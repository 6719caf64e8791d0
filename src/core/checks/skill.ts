import { guide, type GuideKey } from "../design/guides";
import { brushOf, markDifficulty, MarkSchema, type Mark } from "../shapes";
import { isPaintType } from "../paint";
import { recipeOf } from "../design/context";
import { isColour } from "../design/roles";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { listed } from "../text/words";
import type { StudioSettings } from "../studio";
import { withMarks } from "./safety";
import type { Remark } from "./finding";
import { shapesOf } from "../design/leftOut";

// Thresholds of hand and eye are common practice, no published source.

/** Two colours, white, a skin tone, and one for lines: more are hard to keep apart for a beginner. */
const BEGINNERS_COLOURS = 5;

/** COLOUR-3: more colours than a beginner keeps clean. */
export function tooManyColours(stack: Stack): Remark[] {
  const { context, look, materials } = stack;
  if (context.brief.skill !== "beginner") return [];
  const used = new Set(
    look.layers.flatMap((layer) => {
      const key = materials.get(layer.id);
      return key && isPaintType(key) && isColour(layer.role) && !layer.form
        ? recipeOf(layer, context.products).map(({ product }) => product.id)
        : [];
    }),
  );
  if (used.size <= BEGINNERS_COLOURS) return [];
  return [
    {
      rule: "COLOUR-3",
      severity: "tip",
      where: { zones: [] },
      message: `${used.size} colours are a lot for a beginner: two with white, a skin tone and one for lines are easier to keep clean. See which can share a pot in the chapter Colour.`,
    },
  ];
}

/** The finest line a hand draws evenly, mm, by how steady it is and how well its owner sees up close. */
const FINEST_MM = {
  steadiness: { steady: 0, some: 1.2, shaky: 2 },
  eyesight: { sharp: 0, glasses: 0, poor: 1.5 },
} as const;

/** The finest line this painter draws evenly, mm; 0 where nothing keeps them from any. */
export const finestLineMm = ({
  steadiness,
  eyesight,
}: Pick<StudioSettings["painter"], "steadiness" | "eyesight">): number =>
  Math.max(FINEST_MM.steadiness[steadiness], FINEST_MM.eyesight[eyesight]);

/** A shape harder than this is hard for a beginner (shapes say how hard they are, 0 to 100). */
const HARD = 50;

/** What reads alike and is easier: a triangle for a star (PRACTICE-1), as large to the eye. By eye, no published source. */
export function easier(mark: Mark): Mark | null {
  if (mark.kind !== "star") return null;
  const { x, y, frame, turnDeg, mirrored, outsetMm, seed, diameterMm } = mark;
  const size = {
    breadthMm: Math.max(3, diameterMm * 0.9),
    heightMm: Math.max(3, diameterMm * 0.8),
  };
  const read = MarkSchema.safeParse({
    ...{ kind: "polygon", corners: 3, x, y, frame, turnDeg, mirrored, outsetMm, seed, ...size },
    ...(mark.anchor && { anchor: mark.anchor }),
    ...(mark.tag && { tag: mark.tag }),
  });
  return read.success ? read.data : null;
}

/** PRACTICE-1: lines finer than this hand and eye draw, and shapes that are hard for a beginner where an easier one reads alike. */
export function beyondHand(stack: Stack): Remark[] {
  const { context, look } = stack;
  const finest = finestLineMm(context.studio.painter);
  const isBeginner = context.brief.skill === "beginner";
  return look.layers.flatMap((layer): Remark[] => {
    if (layer.form || layer.hidden || !isColour(layer.role)) return [];
    return [...thinLines(stack, layer, finest), ...(isBeginner ? hardShapes(stack, layer) : [])];
  });
}

function thinLines(stack: Stack, layer: Layer, finest: number): Remark[] {
  const isThin = (mark: Mark) => {
    const brush = brushOf(mark);
    return brush !== null && brush < finest;
  };
  if (!layer.marks.some(isThin)) return [];
  const wider = shapesOf(layer).map((mark) =>
    isThin(mark) ? MarkSchema.parse({ ...mark, widthMm: finest }) : mark,
  );
  const fix = withMarks(stack, layer, wider);
  return [
    {
      rule: "PRACTICE-1",
      severity: "tip",
      where: { layerId: layer.id, zones: layer.zones },
      message: `${layer.name} has lines finer than you can draw evenly (steadiness and eyesight in Settings): make them ${finest} mm or wider.`,
      ...(fix && { fix, fixLabel: `Make them ${finest} mm` }),
    },
  ];
}

function hardShapes(stack: Stack, layer: Layer): Remark[] {
  const isHard = (mark: Mark) => markDifficulty(mark.kind) > HARD && easier(mark) !== null;
  if (!layer.marks.some(isHard)) return [];
  const fix = withMarks(
    stack,
    layer,
    shapesOf(layer).map((mark) => (isHard(mark) ? (easier(mark) ?? mark) : mark)),
  );
  return [
    {
      rule: "PRACTICE-1",
      severity: "tip",
      where: { layerId: layer.id, zones: layer.zones },
      message: `A star is hard for a beginner to draw evenly: in ${layer.name} a triangle reads as well.`,
      ...(fix && { fix, fixLabel: "Draw triangles" }),
    },
  ];
}

/** Readings that a face shows by its own lines, whatever it is painted as. */
const MOODS: readonly GuideKey[] = ["angry", "smiling", "old"];

/** FORM-7: the brief names a mood, and nothing of the look gives it to the face. */
export function missingMood(stack: Stack): Remark[] {
  const { layers } = stack.look;
  const told = layers.map(({ name, group, notes }) => `${name} ${group} ${notes}`).join(" ");
  const isPainted = layers.some(({ role }) => isColour(role));
  const missing = MOODS.map(guide).filter(
    ({ words, label }) =>
      isPainted &&
      words.test(stack.context.brief.character) &&
      !words.test(told) &&
      !told.includes(label),
  );
  if (!missing.length) return [];
  return [
    {
      rule: "FORM-7",
      severity: "tip",
      where: { zones: [] },
      message: `The brief says ${listed(missing.map(({ label }) => label.toLowerCase()))}, and nothing in the look reads so yet: ${missing[0]?.does ?? ""}. "What reads as…" on the map adds it.`,
    },
  ];
}

import type { StudioSettings } from "../studio";
import {
  easier,
  finestLineMm,
  markDifficulty,
  markLabel,
  brushOf,
  shapesOf,
  type Layer,
  type Look,
  type Mark,
} from "../look";
import type { DrillKey } from "./drills";

/** A part of a look that takes skill. */
export interface HardPart {
  readonly layer: string;
  /** "3 stars", "5 lines of 0.8 mm". */
  readonly what: string;
  /** 0 to 100: from what anybody does to what takes years. */
  readonly difficulty: number;
  readonly drill: DrillKey;
  /** "triangle": what reads alike and is easier; null where nothing does. */
  readonly simpler: string | null;
}

/** Under so many mm a line is fine. Common practice, no published source. */
const FINE_MM = 1.5;
/** A line finer than this hand draws evenly is hard whatever its shape. By judgement. */
const BEYOND = 70;
/** A shaking hand or poor eyes make a line so much harder. By judgement. */
const HARDER = { steady: 0, some: 15, shaky: 30, sharp: 0, glasses: 0, poor: 15 } as const;

/** From here on a part is drawn on paper before it is drawn on skin. By judgement. */
const WORTH_PRACTISING = 45;

/** The hardest part of a look, where it is worth a day of practice first; null where none is. */
export function worthPractising(look: Look, painter: StudioSettings["painter"]): HardPart | null {
  const [hardest] = hardParts(look, painter);
  return hardest && hardest.difficulty >= WORTH_PRACTISING ? hardest : null;
}

/** What a shape is practised by: its corners, its pair, or its line. */
function drillOf(mark: Mark): DrillKey {
  if (mark.kind === "star" || mark.kind === "polygon" || mark.kind === "rays") return "star";
  if (mark.kind === "disc" || mark.kind === "ring") return "dots";
  return "longLine";
}

function partOf(
  layer: Layer,
  marks: readonly Mark[],
  painter: StudioSettings["painter"],
): HardPart {
  const [first] = marks;
  if (!first) throw new RangeError("a part has a shape");
  const finest = Math.min(...marks.map((mark) => brushOf(mark) ?? Infinity));
  const isFine = finest < FINE_MM;
  const hand = HARDER[painter.steadiness] + HARDER[painter.eyesight];
  const plain = markDifficulty(first.kind) + (isFine ? 15 + hand : hand / 2);
  const difficulty = finest < finestLineMm(painter) ? Math.max(BEYOND, plain) : plain;
  const simpler = easier(first);
  const count =
    marks.length === 1 ? markLabel(first.kind) : `${marks.length} × ${markLabel(first.kind)}`;
  return {
    layer: layer.name,
    what: isFine ? `${count}, lines of ${finest} mm` : count,
    difficulty: Math.min(100, Math.round(difficulty)),
    drill: drillOf(first),
    simpler: simpler && markLabel(simpler.kind),
  };
}

/**
 * A look by its parts, the hardest first (PRACTICE-1): every kind of shape of every layer, and colours
 * that are blended away.
 */
export function hardParts(look: Look, painter: StudioSettings["painter"]): HardPart[] {
  return look.layers
    .flatMap((layer): HardPart[] => {
      if (layer.hidden || layer.form) return [];
      const shapes = shapesOf(layer);
      const kinds = [...new Set(shapes.map(({ kind }) => kind))];
      const parts = kinds.map((kind) =>
        partOf(
          layer,
          shapes.filter((mark) => mark.kind === kind),
          painter,
        ),
      );
      const isBlended = layer.edge === "faded";
      return isBlended && !shapes.length && ["contour", "highlight"].includes(layer.role)
        ? [
            {
              layer: layer.name,
              what: "an edge blended away",
              difficulty: 30,
              drill: "blend",
              simpler: null,
            },
          ]
        : parts;
    })
    .toSorted((a, b) => b.difficulty - a.difficulty);
}

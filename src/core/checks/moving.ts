import type { Figure, Point } from "../anatomy";
import type { Mark, MarkKind } from "../shapes";

/** Where the moving features are, and how far off a drawing of them may be before it goes dead, mm. Common practice, no published source. */
export const MOVING: Partial<
  Record<MarkKind, { at: (figure: Figure, mark: Mark) => Point; reachMm: number; words: string }>
> = {
  brow: {
    at: ({ landmarks }, mark) =>
      mark.x >= 0 ? landmarks.superciliareLeft : landmarks.superciliareRight,
    reachMm: 16,
    words: "the brow itself",
  },
  wing: {
    at: ({ landmarks }, mark) => (mark.x >= 0 ? landmarks.pupilLeft : landmarks.pupilRight),
    reachMm: 18,
    words: "the eye itself",
  },
  mouth: { at: ({ landmarks }) => landmarks.stomion, reachMm: 14, words: "the mouth itself" },
};

/** Where a drawn feature belongs on this face; null for what is no moving feature. */
export const homeOf = (mark: Mark, figure: Figure): Point | null =>
  mark.frame === "front" ? (MOVING[mark.kind]?.at(figure, mark) ?? null) : null;

/** Whether a drawn feature lies on the one that moves, so that it moves with it. */
export function isAtHome(mark: Mark, figure: Figure): boolean {
  const home = homeOf(mark, figure);
  return (
    home !== null &&
    Math.hypot(mark.x - home.x, mark.y - home.y) <= (MOVING[mark.kind]?.reachMm ?? 0)
  );
}

/** Kinds that are their own mirror image and sit on the midline when they are near it. */
export const CENTRAL: readonly MarkKind[] = ["star", "rays", "ring", "mouth", "teeth", "web"];

import type { Figure, Stroke } from "./figure";
import { paired, type Landmarks } from "./landmarks";

const CREASES = /^(foldLine|forehead|crows|frownLine|chinCrease)/;

/** Lines the face folds along when it moves (EDGE-1): smile folds, forehead, crow's feet, frown, chin. */
export const creaseLines = (figure: Figure): readonly Stroke[] =>
  figure.features.filter(({ name }) => CREASES.test(name));

/** A crease as one says it. */
export function creaseWords(name: string): string {
  if (name.startsWith("foldLine")) return "the smile fold";
  if (name.startsWith("forehead")) return "a forehead fold";
  if (name.startsWith("crows")) return "the crow's feet";
  return name.startsWith("chin") ? "the crease of the chin" : "the frown line";
}

/** Width in mm between the outer eye corners: what a front row reads as the face (EDGE-3). */
export const focusWidth = (face: Landmarks): number =>
  paired(face, "exocanthion", "left").x - paired(face, "exocanthion", "right").x;

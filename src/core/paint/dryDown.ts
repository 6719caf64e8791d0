import type { Lab } from "../colour";
import type { PaintType } from "./material";

/** Where a matte water colour turns from drying lighter to drying darker, L*. Common practice, no published source. */
const TURNS = 50;
/** At black it moves so many times as far as its kind's usual shift. Common practice, no published source. */
const DARKS = 2;
/** What is dark or middling loses so much of its chroma for each L* of shift. Common practice, no published source. */
const DULLER = 0.03;

/**
 * The colour of a coat still wet that dries to this one.
 *
 * Milky binders (acrylic, latex, resin) clear as they dry: all their colours are paler wet. A matte water colour does as gouache does: its
 * surface roughens, so that darks dry lighter and duller, mid tones hardly move, and lights dry a little darker (6-numbers 6.5; common
 * practice, no published source).
 * @param dry CIELAB of the dry masstone
 */
export function wetOf([L, a, b]: Lab, of: Pick<PaintType, "medium" | "dryDownShift">): Lab {
  const { medium, dryDownShift: shift } = of;
  if (medium !== "water") return [Math.min(99, L + shift), a, b];
  const away = (L - TURNS) / (100 - TURNS);
  const moved = L + shift * away * (away < 0 ? DARKS : 1);
  const fuller = 1 + DULLER * shift * Math.max(0, Math.min(1, 1 - away));
  return [Math.max(0, Math.min(99, moved)), a * fuller, b * fuller];
}

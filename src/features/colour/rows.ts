import {
  hexToLab,
  labToHex,
  type Lab,
  type PaintOptics,
  type Spectrum,
  masstoneLab,
} from "@/core/colour";
import {
  buriedBy,
  isColour,
  judgedGrounds,
  layerOptics,
  materialOf,
  standInsFor,
  type Layer,
  type Look,
  type LookContext,
  type Prediction,
} from "@/core/look";
import type { MaterialKey, Product } from "@/core/paint";

/** One colour of the look: what is wanted, what it is painted with, and what lies below. */
export interface ColourRow {
  readonly layer: Layer;
  readonly material: MaterialKey;
  readonly optics: PaintOptics;
  readonly wetHex: string | null;
  readonly wanted: string;
  /** Right below it, on the largest of its zones. */
  readonly ground: Spectrum;
  /** Right below it, wherever its cover is judged. */
  readonly grounds: readonly Spectrum[];
  /** As it lies on the largest of its zones. */
  readonly seen: Spectrum;
  /** The layer that hides it; null while it is seen. */
  readonly hiddenBy: string | null;
  /** Products that could be used instead: of the same medium, safe for this person and these zones. */
  readonly candidates: readonly Product[];
}

const thick = (optics: PaintOptics): Lab => masstoneLab(optics);

export function colourRows(
  look: Look,
  context: LookContext,
  prediction: Prediction,
  shelf: readonly Product[],
): ColourRow[] {
  const buried = buriedBy(look, context);
  return look.layers.flatMap((layer): ColourRow[] => {
    const material = materialOf(layer, context.products);
    const optics = layerOptics(layer, context.products);
    const area = (id: Layer["zones"][number]) => context.figure.zone(id).areaCm2;
    const zone = [...layer.zones].sort((a, b) => area(b) - area(a))[0];
    const film = zone && prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
    if (!isColour(layer.role) || !material || !optics || !film) return [];
    const wet = layerOptics(layer, context.products, "wet");
    return [
      {
        layer,
        material,
        optics,
        wetHex: wet && labToHex(thick(wet)),
        wanted: layer.target ?? labToHex(thick(optics)),
        ground: film.before,
        grounds: judgedGrounds(
          layer,
          (id) =>
            prediction.films.get(id)?.find((entry) => entry.layer.id === layer.id)?.before ??
            film.before,
        ),
        seen: film.colour,
        hiddenBy: look.layers.find(({ id }) => id === buried.get(layer.id)?.by)?.name ?? null,
        candidates: standInsFor(layer, context, shelf),
      },
    ];
  });
}

/** dE00 is taken between what is wanted and the thick, dry paint. */
export const wantedLab = ({ wanted }: ColourRow): Lab => hexToLab(wanted);

import { deltaE00, labFromReflectance, type Spectrum } from "../colour";
import { layerAreaCm2 } from "../kit";
import {
  applyPatch,
  isColour,
  markWidthMm,
  predict,
  ROLES,
  stopsOf,
  zoneWords,
  type Layer,
  type Look,
  type LookContext,
  type LookPatch,
  touched,
  shapesOf,
} from "../look";
import type { Placed } from "../schedule";
import { smallestVisibleMm } from "../vision";
import { seat } from "./seat";
import type { LayerTask } from "./tasks";

/** Something to leave out when time runs short, what it saves and what the look loses by it. */
export interface Cut {
  readonly patch: LookPatch;
  readonly words: string;
  readonly saves: number;
  /** Mean colour change over all that is painted, dE00. */ readonly loss: number;
  readonly lossWords: string;
}

/** Roles a look can do without; what protects skin or holds paint on is never proposed. */
const SPARED: readonly Layer["role"][] = ["detail", "highlight", "shade", "contour"];
/** Less saved than this is no help, min. */
const LEAST_SAVED = 0.5;

const apart = (a: Spectrum, b: Spectrum) => deltaE00(labFromReflectance(a), labFromReflectance(b));
const painted = (look: Look, context: LookContext) =>
  Math.max(
    1,
    look.layers
      .filter(({ role }) => role === "base")
      .reduce((most, layer) => Math.max(most, layerAreaCm2(layer, context)), 0) ||
      look.layers.reduce((sum, layer) => sum + layerAreaCm2(layer, context), 0),
  );

/** How far a layer's film differs from what shows without it (or with a coat less), by area. */
function lossOf(look: Look, without: Look, layer: Layer, context: LookContext): number {
  const [before, after] = [predict(look, context), predict(without, context)];
  const changes = layer.zones.flatMap((zone) => {
    const film = before.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
    const thinner = after.films.get(zone)?.find((entry) => entry.layer.id === layer.id);
    return film
      ? [
          {
            dE: apart(film.colour, thinner?.colour ?? film.before),
            area: context.figure.zone(zone).areaCm2,
          },
        ]
      : [];
  });
  const whole = changes.reduce((sum, { area }) => sum + area, 0);
  const mean = whole ? changes.reduce((sum, { dE, area }) => sum + dE * area, 0) / whole : 0;
  return (mean * layerAreaCm2(layer, context)) / painted(look, context);
}

/** Up to so many dE00 over all that is painted the eye hardly finds it, and from so many it does at once. Common practice, no published source. */
const [HARDLY, CLEARLY] = [0.3, 1.5];

function lossWords(layer: Layer, loss: number, { brief }: LookContext, coat: boolean): string {
  const least = smallestVisibleMm(brief.farthestM);
  const widest = Math.max(0, ...shapesOf(layer).map(markWidthMm));
  const far =
    layer.marks.length && widest < least
      ? ` At ${Math.round(brief.farthestM)} m nobody sees it: its lines are ${widest.toFixed(1)} mm, and an eye there wants ${Math.ceil(least)} mm.`
      : "";
  const share =
    loss < HARDLY
      ? "hardly changes the whole"
      : loss < CLEARLY
        ? "changes the whole a little"
        : "changes the whole clearly";
  return `${coat ? "It covers less" : `The ${ROLES[layer.role].label} on ${zoneWords(layer.zones, 2)} is missing`}; that ${share} (a colour difference of ${loss.toFixed(1)} over all that is painted).${far}`;
}

/**
 * What to leave out first when the chair runs late: layers not begun and last coats, by how little the look loses a minute saved. What protects skin or
 * holds paint on is never among them, nor anything whose leaving out a safety rule would stop.
 * @param done what has been painted, when it really was; @param now minutes from the start
 */
export function whatToDrop(
  stored: Look,
  context: LookContext,
  o: {
    done: readonly Placed[];
    now: number;
    tasks: readonly Pick<LayerTask, "id" | "layerId" | "coat">[];
    /** What has been left out already. */ without?: ReadonlySet<string>;
  },
): Cut[] {
  const look = touched(stored, context);
  const begun = new Set(
    o.tasks
      .filter(({ id }) => o.without?.has(id) || o.done.some((entry) => entry.id === id))
      .map(({ layerId, coat }) => `${layerId} ${coat}`),
  );
  const coats = predict(look, context).coats;
  const whole = seat(look, context, o).until;
  const cut = (layer: Layer, patch: LookPatch, words: string, coat: boolean): Cut[] => {
    const without = applyPatch(look, patch);
    const saves = whole - seat(without, context, o).until;
    if (saves < LEAST_SAVED || stopsOf(without, context).length > stopsOf(look, context).length)
      return [];
    const loss = lossOf(look, without, layer, context);
    return [{ patch, words, saves, loss, lossWords: lossWords(layer, loss, context, coat) }];
  };
  return look.layers
    .flatMap((layer): Cut[] => {
      const count = coats.get(layer.id)?.coats ?? 1;
      if (begun.has(`${layer.id} ${count}`)) return [];
      const last =
        count > 1 && isColour(layer.role)
          ? cut(
              layer,
              { op: "changeLayer", id: layer.id, change: { coats: count - 1 } },
              `the last coat of ${layer.name}`,
              true,
            )
          : [];
      const all =
        SPARED.includes(layer.role) && !begun.has(`${layer.id} 1`)
          ? cut(layer, { op: "removeLayer", id: layer.id }, layer.name, false)
          : [];
      return [...last, ...all];
    })
    .sort((a, b) => a.loss / a.saves - b.loss / b.saves);
}

import {
  isColour,
  isSetting,
  materialOf,
  type Layer,
  type Look,
  type LookContext,
  type Role,
} from "../look";
import type { When } from "../piece";

/** What is finished on one head before the next begins (1-trade §1.2): lenses and hair; skin; brows, cap and pieces; map; base with its setting; modelling; detail; seal; lashes, wig and headpiece. */
export const STAGES = [
  "ready",
  "prep",
  "hide",
  "map",
  "base",
  "model",
  "detail",
  "seal",
  "dress",
] as const;
export type Stage = (typeof STAGES)[number];

const rankOf = (stage: Stage): number => STAGES.indexOf(stage);

/** The stage in which things are put on that are no paint. */
export const STAGE_OF_THING: Readonly<Record<When, Stage>> = {
  first: "ready",
  skin: "hide",
  late: "dress",
  last: "dress",
};

/** The stage a layer belongs to by itself; powder only to what it sets. */
const OWN_STAGE: Readonly<Record<Role, Stage>> = {
  prep: "prep",
  cover: "hide",
  attach: "hide",
  map: "map",
  base: "base",
  contour: "model",
  shade: "model",
  highlight: "model",
  detail: "detail",
  seal: "seal",
  set: "prep",
};

interface Known {
  readonly layer: Layer;
  readonly zones: ReadonlySet<string>;
  rank: number;
}

const meets = (a: Known, b: Layer) => b.zones.some((zone) => a.zones.has(zone));

/**
 * The stage of each layer where it stands. Powder belongs to what it sets, a mist that is painted over to what it lies on; colour over a later stage's work
 * draws that work forward, since it has to be there first; cover and pieces that lie on paint come with it.
 * @param look as touched on its figure
 */
export function stagesOf(look: Look, context: LookContext): Map<string, Stage> {
  const known: Known[] = [];
  const drawForward = (at: number, rank: number) => {
    const upper = known[at];
    if (!upper) return;
    upper.rank = rank;
    known.slice(0, at).forEach((lower, i) => {
      if (lower.rank > rank && meets(upper, lower.layer)) drawForward(i, rank);
    });
  };
  look.layers.forEach((layer, at) => {
    const key = materialOf(layer, context.products);
    const under = known.filter((lower) => meets(lower, layer));
    const highest = under.reduce((most, { rank }) => Math.max(most, rank), -1);
    const isPainted = () =>
      look.layers
        .slice(at + 1)
        .some((later) => isColour(later.role) && later.zones.some((z) => layer.zones.includes(z)));
    const follows =
      (key !== null && isSetting(layer, key)) || (layer.role === "seal" && isPainted());
    const own = follows ? rankOf("prep") : rankOf(OWN_STAGE[layer.role]);
    // Skin is readied before anything, wherever it stands in the stack.
    const rank = layer.role === "prep" ? own : Math.max(own, highest);
    const entry: Known = { layer, zones: new Set(layer.zones), rank };
    known.push(entry);
    if (own < highest && isColour(layer.role) && !follows) drawForward(at, own);
  });
  return new Map(known.map(({ layer, rank }) => [layer.id, STAGES[rank] ?? "base"]));
}

/** Layers in the order of their stages, those of one stage as they are stacked. */
export function inStages(look: Look, context: LookContext): { layer: Layer; stage: Stage }[] {
  const stages = stagesOf(look, context);
  return look.layers
    .map((layer) => ({ layer, stage: stages.get(layer.id) ?? "base" }))
    .sort((a, b) => rankOf(a.stage) - rankOf(b.stage));
}

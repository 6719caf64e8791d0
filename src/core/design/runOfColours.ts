import { acrossStrip, point, type Point, type ZoneId } from "../anatomy";
import { deltaE00, hexToLab, type Lab } from "../colour";
import { nearestInColour, toolsFor, TOOLS, type Product } from "../paint";
import { allowedZones } from "./allowedZones";
import type { LookContext } from "./context";
import { freeLayerId, type LookPatch } from "./patch";
import { PLAIN_LAYER, type Layer, type Look } from "./schema";
import { isWearable } from "./wearable";

/** Ways that colours run over areas: the angle they run across in, degrees, 90 upwards. */
export const RUNS = {
  down: { label: "downwards", turnDeg: -90 },
  up: { label: "upwards", turnDeg: 90 },
  left: { label: "to the person's left", turnDeg: 0 },
  right: { label: "to the person's right", turnDeg: 180 },
} as const;
export type Run = keyof typeof RUNS;
export const RUN_KEYS = Object.keys(RUNS) as Run[];

export interface RunOfColours {
  /** Areas it runs over. */
  readonly zones: readonly ZoneId[];
  readonly run: Run;
  /** Its stops, in the order they are met. */
  readonly products: readonly Product[];
}

/** So much of a stop's own width runs into the next. Common practice, no published source. */
const BLENDED = 0.8;

/**
 * Colours that run into each other over some areas, as layers: each a strip that fades in over the one before.
 * A stop lies full under all of the next one's fade, so that the colour between two is between them everywhere.
 *
 * @returns what adds them at a place of the stack; null where no area is left, or under two colours are worn
 */
export function runOfColours(
  { zones, run, products }: RunOfColours,
  look: Look,
  context: LookContext,
  at: number,
): LookPatch | null {
  const stops = products.filter((product) => isWearable(product, context.person));
  const allowed = stops.reduce<readonly ZoneId[]>(
    (left, product) => allowedZones(left, product.material, product, context),
    zones,
  );
  if (stops.length < 2 || !allowed.length) return null;
  const turn = (RUNS[run].turnDeg * Math.PI) / 180;
  const across = point(Math.cos(turn), Math.sin(turn));
  const reach = allowed.flatMap((zone) =>
    context.figure.zone(zone).polygon.map((p: Point) => acrossStrip({ across }, p)),
  );
  const [first, last] = [Math.floor(Math.min(...reach)) - 1, Math.ceil(Math.max(...reach)) + 1];
  const width = (last - first) / stops.length;
  const fadeMm = Math.max(1, Math.min(60, Math.round(width * BLENDED)));
  const near = (mm: number) => Math.round(mm * 10) / 10;
  const layers: Layer[] = [];
  for (const [i, product] of stops.entries()) {
    const tool = toolsFor(product.material)[0] ?? "dampSponge";
    const isLast = i === stops.length - 1;
    layers.push({
      ...PLAIN_LAYER,
      id: freeLayerId({ ...look, layers: [...look.layers, ...layers] }, "run"),
      role: "base",
      name: `Run ${i + 1}: ${product.name}`.slice(0, 80),
      zones: [...allowed],
      paint: { kind: "product", productId: product.id },
      tool,
      technique: TOOLS[tool].techniques[0],
      edge: "faded",
      fades: "round",
      fadeMm,
      part: {
        kind: "strip",
        turnDeg: RUNS[run].turnDeg,
        // The first has no edge of its own where the areas begin, the last none where they end.
        fromMm: near(i === 0 ? first - fadeMm : first + i * width),
        toMm: near(isLast ? last + fadeMm : first + (i + 1) * width + fadeMm),
      },
      group: "Run of colours",
    });
  }
  return {
    op: "several",
    patches: layers.map((layer, i) => ({ op: "addLayer", layer, at: at + i })),
  };
}

/** How far each colour round a shape reaches beyond the one before, mm, where nothing else is said; and the widest border there is. */
export const ROUND_STEP_MM = 3;
const MOST_BORDER_MM = 20;

/**
 * Colours round the shapes of a layer, each a border wider than the one before: the last lies lowest and reaches furthest.
 *
 * @returns what adds them right under that layer; null where it has no shapes, or none of the colours may lie there
 */
export function runRound(
  layer: Layer,
  products: readonly Product[],
  stepMm: number,
  look: Look,
  context: LookContext,
): LookPatch | null {
  const at = look.layers.findIndex(({ id }) => id === layer.id);
  const stops = products.filter(
    (product) =>
      isWearable(product, context.person) &&
      allowedZones(layer.zones, product.material, product, context).length === layer.zones.length,
  );
  if (at < 0 || !layer.marks.length || layer.form || !stops.length) return null;
  const layers = stops.map((product, i): Layer => {
    const tool = toolsFor(product.material).find((key) => key === "roundBrush");
    const borderMm = (i + 1) * stepMm;
    return {
      ...layer,
      id: freeLayerId(look, `${layer.id}-round${i + 1}`),
      name: `${product.name} round ${layer.name}`.slice(0, 80),
      paint: { kind: "product", productId: product.id },
      target: null,
      tool: tool ?? toolsFor(product.material)[0] ?? layer.tool,
      technique: TOOLS[tool ?? toolsFor(product.material)[0] ?? layer.tool].techniques[0],
      coats: "auto",
      edge: "faded",
      fades: "round",
      fadeMm: Math.max(1, Math.round(stepMm)),
      marks: layer.marks.map(({ tag: _, ...mark }) => ({
        ...mark,
        outsetMm: Math.min(MOST_BORDER_MM, mark.outsetMm + borderMm),
      })),
      group: layer.group || "Round a shape",
    };
  });
  return {
    op: "several",
    patches: layers.map((one) => ({ op: "addLayer", layer: one, at })),
  };
}

/** Further apart than this two stops show a step where they meet; nearer to half-way than this a product bridges them. Common practice, no published source. */
const [FAR_APART, NEAR_HALF_WAY] = [35, 18];

/** A run with products of the shelf between stops that are far apart, nearest to half-way (COLOUR-4). */
export function withBridges(
  stops: readonly Product[],
  { products, person }: LookContext,
): readonly Product[] {
  return stops.flatMap((stop, i) => {
    const next = stops[i + 1];
    if (!stop.colour || !next?.colour) return [stop];
    const [a, b] = [hexToLab(stop.colour), hexToLab(next.colour)];
    if (deltaE00(a, b) < FAR_APART) return [stop];
    const half = a.map((value, k) => (value + (b[k] ?? 0)) / 2) as unknown as Lab;
    const fit = [...products.values()].filter(
      (product) =>
        product.material === stop.material &&
        !stops.includes(product) &&
        isWearable(product, person),
    );
    const bridge = nearestInColour(fit, half)?.product;
    return bridge?.colour && deltaE00(hexToLab(bridge.colour), half) < NEAR_HALF_WAY
      ? [stop, bridge]
      : [stop];
  });
}

import { coatsToCover, filmReflectance, hexToLab, labFromReflectance, type Lab } from "../colour";
import {
  nearestInColour,
  filmsPerCoat,
  goesOver,
  mediumOf,
  productOptics,
  TOOLS,
  toolsFor,
  type Product,
  type ToolKey,
} from "../paint";
import { leastWidthMm, separatingTone, separationLine } from "../vision";
import { MEANT_APART, readEdges, seeEdge, type Edge, type SeenEdge } from "../design/edges";
import type { Remark } from "./finding";
import { together, type Part } from "./together";
import { brushOf, markWidthMm, pathAlong, MarkSchema, type Mark } from "../shapes";
import { intoTheShade } from "./edges";
import { freeLayerId, type LookPatch } from "../design/patch";
import { isColour } from "../design/roles";
import { PLAIN_LAYER, type Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { shapesOf } from "../design/leftOut";
import { zonesOfMarks } from "../design/touched";
import { isGreaseOnHands, isWearable } from "../design/wearable";
import { zoneWords } from "../design/words";
import { keptFrom } from "../design/mayNotTouch";
import { withMarks } from "./safety";

/** Widest line anybody draws as a line, mm; also what a mark's schema allows. */
const WIDEST = 20;
/** A line is widened at most this many times of itself by one click: beyond it the design has to change. Common practice, no published source. */
const MOST_WIDER = 4;

const metres = (m: number) => `${m < 10 ? Math.round(m * 10) / 10 : Math.round(m)} m`;
const mm = (value: number) => `${Math.round(value * 10) / 10} mm`;

/** How far off an edge still reads, m, up to the farthest seat; by halving. */
function readsTo(edge: Edge, farthest: number): number {
  let [near, far] = [0.3, farthest];
  for (let i = 0; i < 12; i++) {
    const middle = (near + far) / 2;
    if (seeEdge(edge, { distanceM: middle }).verdict === "lost") far = middle;
    else near = middle;
  }
  return near;
}

const lab = (side: Edge["a"]): Lab => labFromReflectance(side.colour);

/** What to draw a separating line with: the shelf's nearest to the tone that parts both, that this person may wear there. */
function lineProduct(
  stack: Stack,
  wanted: Lab,
  a: Lab,
  b: Lab,
  layer: Layer | undefined,
  zones: Edge["zones"],
  distanceM: number,
): Product | null {
  const medium =
    layer && stack.materials.get(layer.id)
      ? mediumOf(stack.materials.get(layer.id) ?? "waterWax")
      : "water";
  // Not what would slip off the colours it parts (LAYER-9).
  const under = [
    ...new Set(
      zones.flatMap((zone) =>
        (stack.prediction.films.get(zone) ?? [])
          .filter((film) => isColour(film.layer.role))
          .flatMap((film) => stack.materials.get(film.layer.id) ?? []),
      ),
    ),
  ];
  const fit = [...stack.context.products.values()].filter(
    (product) =>
      product.colour &&
      under.every((key) => goesOver(key, product.material)) &&
      mediumOf(product.material) !== null &&
      toolsFor(product.material).some(
        (tool) => tool === "linerBrush" || tool === "roundBrush" || tool === "stick",
      ) &&
      isWearable(product, stack.context.person) &&
      !isGreaseOnHands(product, zones) &&
      keptFrom(zones, product.material, product, stack.context).length === 0,
  );
  const parts = (product: Product) =>
    [a, b].every(
      (side) => leastWidthMm(hexToLab(product.colour ?? "#808080"), side, distanceM) !== null,
    );
  const ofOther = (product: Product) => (mediumOf(product.material) === medium ? 0 : 8);
  return nearestInColour(fit.filter(parts), wanted, ofOther)?.product ?? null;
}

const lineTool = (product: Product): ToolKey =>
  toolsFor(product.material).find((tool) => tool === "roundBrush") ??
  toolsFor(product.material).find((tool) => tool === "linerBrush" || tool === "stick") ??
  "roundBrush";

/** A layer that parts two tones: an edging laid under a mark, or a line along the border of two fields. Null where nothing on the shelf parts them. */
export function separationFix(
  stack: Stack,
  edge: Edge,
  distanceM: number,
): { fix: LookPatch; fixLabel: string; layerId: string } | null {
  // Between two marks side by side there is no room for a line: the design decides.
  if (edge.kind === "pair") return null;
  const [a, b] = [lab(edge.a), lab(edge.b)];
  const { look, context } = stack;
  const upper =
    look.layers.find(({ id }) => id === edge.a.layerId) ??
    look.layers.find(({ id }) => id === edge.b.layerId);
  if (!upper) return null;
  const { tone, lab: wanted } = separatingTone(a, b);
  const product = lineProduct(stack, wanted, a, b, upper, edge.zones, distanceM);
  if (!product) return null;
  const own = hexToLab(product.colour ?? "#808080");
  const widths = [a, b].map((side) => leastWidthMm(own, side, distanceM));
  const width = Math.max(...widths.map((value) => value ?? Infinity));
  if (!(width <= WIDEST)) return null;
  const marks =
    edge.kind === "mark"
      ? shapesOf(upper).map((mark): Mark => ({
          ...mark,
          outsetMm: Math.min(WIDEST, mark.outsetMm + width),
        }))
      : edge.lines.map((line) => MarkSchema.parse(pathAlong(line, width)));
  const zones = zonesOfMarks(marks, context.figure);
  if (!zones.length || marks.length > 60) return null;
  const tool = lineTool(product);
  const layer: Layer = {
    ...PLAIN_LAYER,
    id: freeLayerId(look, `part-${upper.id}`),
    role: "detail",
    name: `${tone === "lighter" ? "Lighter" : "Darker"} line, ${edge.a.name}`.slice(0, 80),
    zones,
    paint: { kind: "product", productId: product.id },
    tool,
    technique: (TOOLS[tool].techniques as readonly string[]).includes("pat")
      ? "pat"
      : TOOLS[tool].techniques[0],
    marks,
    notes: `Parts ${edge.a.name} from ${edge.b.name} for the seat at ${metres(distanceM)}.`,
  };
  // By its width it may reach where this paint must not lie: then it parts nothing.
  if (keptFrom(zones, product.material, product, stack.context).length > 0) return null;
  // A line that reaches into the shade of the hat would only be lowered out of its place again (EDGE-4).
  if (intoTheShade(stack, layer) > 0) return null;
  const at =
    edge.kind === "mark"
      ? look.layers.indexOf(upper)
      : look.layers.length - [...look.layers].reverse().findIndex(({ role }) => role !== "seal");
  const fix: LookPatch = { op: "addLayer", layer, at };
  // Judged where it lies, by its own film over what is there: predicting the whole look again for every finding takes too long.
  const optics = productOptics(product);
  const films = filmsPerCoat(product.material, tool);
  const line =
    optics &&
    filmReflectance(
      optics,
      films * coatsToCover(optics, edge.b.colour, { filmPerCoat: films, maxCoats: 4 }).coats,
      edge.b.colour,
    );
  const mended =
    line &&
    seeEdge(
      { ...edge, partedBy: { layerId: layer.id, name: layer.name, colour: line }, partedMm: width },
      { distanceM },
    );
  return mended && mended.verdict !== "lost"
    ? { fix, fixLabel: `Add a ${tone} line, ${mm(width)} of ${product.name}`, layerId: layer.id }
    : null;
}

/** A mark drawn wide enough for the seat; null where that would make it another design. */
function widened(
  stack: Stack,
  edge: SeenEdge,
  distanceM: number,
): { fix: LookPatch; fixLabel: string } | null {
  const layer = stack.look.layers.find(({ id }) => id === edge.a.layerId);
  const least = leastWidthMm(lab(edge.a), lab(edge.b), distanceM);
  if (!layer || least === null || least > WIDEST || least > edge.widthMm * MOST_WIDER) return null;
  // Letters and solid shapes have no brush to choose: they read by their size.
  const shapes = shapesOf(layer);
  if (shapes.some((mark) => brushOf(mark) === null && markWidthMm(mark) < least)) return null;
  const marks = shapes.map((mark): Mark =>
    "widthMm" in mark && brushOf(mark) !== null
      ? { ...mark, widthMm: Math.max(mark.widthMm, least) }
      : mark,
  );
  // The narrowest decides: an edge may be of some of the marks only.
  const widthMm = Math.min(...marks.map(markWidthMm));
  const fix = withMarks(stack, layer, marks);
  return !fix || seeEdge({ ...edge, widthMm }, { distanceM }).verdict === "lost"
    ? null
    : {
        fix,
        fixLabel: `Draw it ${mm(least)} wide`,
      };
}

/** DIST-1 and DIST-2: what the farthest seat no longer makes out. */
export function lostFromAfar(stack: Stack): Remark[] {
  const { nearestM, farthestM } = stack.context.brief;
  const thin: (Part & { widthMm: number; upTo: number; least: number | null })[] = [];
  const merging = readEdges(stack.look, stack.context, stack.prediction).flatMap(
    (edge): Remark[] => {
      // Marks side by side are shown in the chapter; each is judged on its ground here.
      if (edge.kind === "pair") return [];
      const seen = seeEdge(edge, { distanceM: farthestM });
      // What nobody tells apart from the nearest seat either is no two tones (LAYER-8 speaks of it).
      if (
        seen.verdict !== "lost" ||
        seen.deltaE < MEANT_APART ||
        seeEdge(edge, { distanceM: Math.min(nearestM, farthestM) }).verdict === "lost"
      )
        return [];
      const where = { layerId: edge.a.layerId ?? edge.b.layerId ?? undefined, zones: edge.zones };
      const wide = seeEdge(
        { ...edge, widthMm: WIDEST * 2, partedBy: null },
        { distanceM: farthestM },
      ).verdict;
      const upTo = readsTo(edge, farthestM);
      if (edge.kind === "mark" && wide !== "lost") {
        const least = leastWidthMm(lab(edge.a), lab(edge.b), farthestM);
        thin.push({
          name: edge.a.name,
          where,
          widthMm: edge.widthMm,
          upTo,
          least: least && least <= WIDEST ? least : null,
          mend: widened(stack, seen, farthestM),
        });
        return [];
      }
      const advice = separationLine(lab(edge.a), lab(edge.b), farthestM, edge.widthMm);
      const mend = separationFix(stack, edge, farthestM);
      return [
        {
          rule: "DIST-1",
          severity: "caution",
          where,
          message: `${edge.a.name} and ${edge.b.name} merge from ${metres(farthestM)} on ${zoneWords(edge.zones)}; they part up to about ${metres(upTo)}.${advice ? ` A ${advice.tone} line between them, ${mm(advice.minWidthMm)} or wider, keeps them apart.` : ""}`,
          ...(mend && { fix: mend.fix, fixLabel: mend.fixLabel }),
        },
      ];
    },
  );
  const range = (values: readonly number[], words: (value: number) => string) => {
    const [least, most] = [Math.min(...values), Math.max(...values)].map(words);
    return least === most ? least : `${least} to ${most}`;
  };
  const needed = thin.flatMap(({ least }) => (least === null ? [] : [least]));
  return [
    ...merging,
    ...together(
      thin,
      (names) => ({
        rule: "DIST-2",
        severity: "tip",
        message: `${names}: lines of ${range(
          thin.map(({ widthMm }) => widthMm),
          mm,
        )} read up to about ${range(
          thin.map(({ upTo }) => upTo),
          metres,
        )}, not from ${metres(farthestM)}${needed.length === thin.length ? `, which takes ${mm(Math.max(...needed))}` : ""}. Fewer, thicker strokes for a big house.`,
      }),
      "Draw them wide enough",
    ),
  ];
}

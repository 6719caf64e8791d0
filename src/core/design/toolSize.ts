import { signedArea, type Polygon } from "../anatomy";
import { fibreOf, isSized, loadOf, TOOL_SIZES, TOOLS, toolsFor, type ToolKey } from "../paint";
import { brushOf, placedStrokes } from "../shapes";
import { materialOf, type LookContext } from "./context";
import { coveredOf } from "./part";
import { toolWords } from "./passes";
import type { Layer } from "./schema";
import { shapesOf } from "./leftOut";

/** Of how wide a thing is, as wide as a brush fills it without touching its border. Common practice, no published source. */
const FILLS = 0.6;
/** A brush this much wider than what is wanted still does. */
const STILL_DOES = 1.25;

/** As wide as something is all along: twice its area over its outline. */
function breadthMm(outline: Polygon): number {
  const around = outline.reduce((sum, p, i) => {
    const next = outline[(i + 1) % outline.length] ?? p;
    return sum + Math.hypot(next.x - p.x, next.y - p.y);
  }, 0);
  return around ? (2 * Math.abs(signedArea(outline))) / around : 0;
}

/** Half of a faded edge is the blender's. Common practice, no published source. */
const FADED = 1.5;
/** An own brush so many times too wide, or too narrow, is not the one meant. Common practice, no published source. */
const [TOO_WIDE, TOO_NARROW] = [1.6, 2.5];

/** As wide as a brush may be, mm: by the thinnest line, the smallest filled shape, or as wide as the areas are on the whole: corners take its edge. */
function wantedMm(layer: Layer, { figure }: Pick<LookContext, "figure">): number | null {
  const shapes = shapesOf(layer);
  const lines = shapes.flatMap((mark) => brushOf(mark) ?? []);
  if (lines.length) return Math.min(...lines);
  const filled = shapes
    .flatMap(placedStrokes)
    .map(({ points, widthMm, fill }) => (fill ? breadthMm(points) * FILLS : widthMm));
  if (filled.length) return Math.min(...filled);
  const areas = layer.marks.length
    ? layer.marks.flatMap(placedStrokes).map(({ points }) => points)
    : layer.zones.flatMap((zone) => coveredOf(layer, figure.zone(zone).polygon));
  const sizes = areas.map((outline) => Math.abs(signedArea(outline)));
  const all = sizes.reduce((sum, size) => sum + size, 0);
  if (!all) return null;
  const mean =
    areas.reduce((sum, outline, i) => sum + breadthMm(outline) * (sizes[i] ?? 0), 0) / all;
  return mean * FILLS * (layer.edge === "hard" ? 1 : FADED);
}

export interface Sized {
  readonly tool: ToolKey;
  readonly sizeMm: number;
  /** None of the studio's own comes near: this is what one would want. */
  readonly isMissing: boolean;
  readonly fibre: string | null;
  readonly load: string;
}

/** The largest size that does, or the smallest there is. */
const fitting = (sizes: readonly number[], wanted: number): number =>
  sizes.findLast((size) => size <= wanted * STILL_DOES) ?? sizes[0] ?? wanted;

/** The size a layer's tool is wanted in, from the studio's own where it says which it has; null for a tool that has none. */
export function toolSize(layer: Layer, context: LookContext): Sized | null {
  const { tool, technique } = layer;
  const key = materialOf(layer, context.products);
  const wanted = wantedMm(layer, context);
  if (!key || wanted === null || !isSized(tool)) return null;
  const usual = fitting(TOOL_SIZES[tool], wanted);
  const own = [...(context.studio.brushes[tool] ?? [])].sort((a, b) => a - b);
  const ours = own.length ? fitting(own, wanted) : usual;
  const isMissing = own.length > 0 && (ours > usual * TOO_WIDE || ours < usual / TOO_NARROW);
  return {
    tool,
    sizeMm: isMissing ? usual : ours,
    isMissing,
    fibre: fibreOf(tool, key),
    load: loadOf(tool, technique, key),
  };
}

/** The tools of a layer with the size of the first: "flat brush, 12 mm, then blended with a foundation brush". */
export function sizedToolWords(layer: Layer, context: LookContext): string {
  const size = toolSize(layer, context);
  const label = TOOLS[layer.tool].label;
  return size
    ? `${label}, ${size.sizeMm} mm${toolWords(layer).slice(label.length)}`
    : toolWords(layer);
}

/** Parts with straight edges, and from how wide, mm, a flat brush is worth taking. Common practice, no published source. */
const STRAIGHT = { sides: ["strip", "along"], from: 8 } as const;

/** A tool that does better what a layer asks for: a flat brush along a straight edge, a liner for the thinnest lines. */
export function betterTool(
  layer: Layer,
  context: LookContext,
): { tool: ToolKey; why: string } | null {
  const key = materialOf(layer, context.products);
  const size = toolSize(layer, context);
  const wanted = wantedMm(layer, context);
  if (!key || !size || wanted === null) return null;
  const may = (tool: ToolKey) => layer.tool !== tool && toolsFor(key).includes(tool);
  const isStraight =
    layer.edge === "hard" &&
    !layer.marks.length &&
    STRAIGHT.sides.some((kind) => kind === layer.part.kind) &&
    wanted >= STRAIGHT.from * FILLS;
  const isSmallBrush = layer.tool === "roundBrush" || layer.tool === "linerBrush";
  if (isStraight && isSmallBrush && may("flatBrush"))
    return { tool: "flatBrush", why: "A flat brush lays this straight edge in one stroke." };
  const [smallest = 0] = TOOL_SIZES[size.tool as keyof typeof TOOL_SIZES];
  if (layer.marks.length && smallest > wanted * 2 && may("linerBrush"))
    return { tool: "linerBrush", why: `A liner reaches ${Math.round(wanted * 10) / 10} mm.` };
  return null;
}

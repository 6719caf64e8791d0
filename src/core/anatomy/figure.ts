import { joinRuns, smoothClosed, smoothOpen, smoothSpans } from "./curve";
import { skinAreaCm2 } from "./depth";
import type { LandmarkName, Landmarks } from "./landmarks";
import { mirror, point, type Point, type Side } from "./point";
import type { Polygon } from "./polygon";
import { FEATURES, STRANDS, type FeatureName, type StrandName, type StrandPoint } from "./strands";
import { warpTo } from "./warp";
import { ZONES, type ZoneId, type ZoneInfo } from "./zones";

/** A closed or open line of the drawing, in mm on this person. */
export interface Stroke { readonly name: FeatureName; readonly side: Side; readonly closed: boolean; readonly points: readonly Point[] }

export interface FigureZone extends Omit<ZoneInfo, "ring"> { readonly polygon: Polygon; readonly areaCm2: number }

/** The front face of one person: everything a map draws and measures, in mm. */
export interface Figure {
  readonly landmarks: Landmarks;
  readonly zones: readonly FigureZone[];
  readonly zone: (id: ZoneId) => FigureZone;
  /** Named curves of both sides, e.g. `strand("lipLine", "left")`. */
  readonly strand: (name: StrandName, side: Side) => readonly Point[];
  readonly features: readonly Stroke[];
  readonly outline: Polygon;
  readonly eyes: Readonly<Record<Side, { readonly opening: Polygon; readonly iris: Point; readonly irisRadius: number }>>;
}

/** Horizontal visible iris diameter: 11.7 mm and nearly the same in all adults (Hashemi et al. 2015, mean 11.80 mm; rounded, from memory). */
const IRIS_RADIUS = 5.9;

interface Strand { readonly runs: Point[][]; readonly names: readonly (string | undefined)[] }

function buildStrands(place: (drawn: Point) => Point): Record<StrandName, Strand> {
  const entries = (Object.keys(STRANDS) as StrandName[]).map((name): [StrandName, Strand] => {
    const drawn: readonly StrandPoint[] = STRANDS[name];
    const points = drawn.map(([x, y]) => place(point(x, y)));
    // A strand that ends on the midline goes on into its own mirror image, so that both halves meet smoothly.
    const across = (end: StrandPoint | undefined, next: StrandPoint | undefined) => (end && next && end[0] === 0 ? place(point(-next[0], next[1])) : undefined);
    const runs = smoothSpans(points, across(drawn[0], drawn[1]), across(drawn.at(-1), drawn.at(-2)));
    return [name, { runs, names: drawn.map(([, , label]) => label) }];
  });
  return Object.fromEntries(entries) as Record<StrandName, Strand>;
}

function arcOf(strand: Strand, from: string, to: string): Point[] {
  const a = strand.names.indexOf(from);
  const b = strand.names.indexOf(to);
  if (a < 0 || b < 0) throw new RangeError(`no part ${from} to ${to} on this strand`);
  return a < b ? joinRuns(strand.runs.slice(a, b)) : joinRuns(strand.runs.slice(b, a)).reverse();
}

function ringOf(strands: Record<StrandName, Strand>, ring: Exclude<ZoneInfo["ring"], "ear">): Point[] {
  return joinRuns(ring.map(([strand, from, to]) => arcOf(strands[strand], from, to)));
}

/** Builds the front face of a person from their landmarks. */
export function buildFigure(face: Landmarks): Figure {
  const warp = warpTo(face);
  const strands: Record<Side, Record<StrandName, Strand>> = { left: buildStrands(warp), right: buildStrands((p) => warp(mirror(p))) };
  const ears: Record<Side, Polygon> = { left: smoothClosed(FEATURES.ear.points.map(([x, y]) => warp(point(x, y)))), right: smoothClosed(FEATURES.ear.points.map(([x, y]) => warp(point(-x, y)))) };
  const polygonOf = ({ ring, side }: ZoneInfo): Polygon => {
    if (ring === "ear") return ears[side ?? "left"];
    if (side) return ringOf(strands[side], ring).slice(0, -1);
    return [...ringOf(strands.left, ring), ...ringOf(strands.right, ring).reverse().slice(1, -1)];
  };
  const zones = ZONES.map((info): FigureZone => {
    const { ring: _ring, ...rest } = info;
    const polygon = polygonOf(info);
    return { ...rest, polygon, areaCm2: skinAreaCm2(face, polygon, info.group) };
  });
  const byId = new Map(zones.map((zone) => [zone.id, zone]));
  const strand = (name: StrandName, side: Side) => joinRuns(strands[side][name].runs);
  const eye = (side: Side) => ({
    opening: [...strand("upperLid", side), ...[...strand("lowerLid", side)].reverse().slice(1, -1)],
    iris: face[`pupil${side === "left" ? "Left" : "Right"}` as LandmarkName],
    irisRadius: IRIS_RADIUS,
  });
  return {
    landmarks: face,
    zones,
    zone: (id) => {
      const zone = byId.get(id);
      if (!zone) throw new RangeError(`no such zone: ${String(id)}`);
      return zone;
    },
    strand,
    features: (["left", "right"] as const).flatMap((side) => (Object.keys(FEATURES) as FeatureName[]).map((name): Stroke => {
      const { closed, points } = FEATURES[name];
      const placed = points.map(([x, y]) => warp(point(side === "left" ? x : -x, y)));
      return { name, side, closed, points: closed ? smoothClosed(placed) : smoothOpen(placed) };
    })),
    outline: [...strand("outline", "left"), ...[...strand("outline", "right")].reverse().slice(1, -1)],
    eyes: { left: eye("left"), right: eye("right") },
  };
}

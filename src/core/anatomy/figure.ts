import { regionShare } from "./body";
import { BODY_HEIGHTS, BODY_STRANDS, type BodyHeight, type BodyStrandName } from "./bodyStrands";
import { joinRuns, smoothClosed, smoothOpen, smoothSpans } from "./curve";
import { skinAreaCm2 } from "./depth";
import { DRAWN, type LandmarkName, type Landmarks } from "./landmarks";
import { skinCm2, usualPhysique, type Physique } from "./physique";
import { mirror, point, type Point, type Side } from "./point";
import { signedArea, type Polygon } from "./polygon";
import { FEATURES, STRANDS, type FeatureName, type StrandName, type StrandPoint } from "./strands";
import { warpTo } from "./warp";
import type { Frame } from "./zone";
import { ZONES, type ZoneId, type ZoneInfo } from "./zones";

/** A closed or open line of the drawing, in mm on this person. */
export interface Stroke {
  readonly name: FeatureName;
  readonly side: Side;
  readonly closed: boolean;
  readonly points: readonly Point[];
}

export interface FigureZone extends Omit<ZoneInfo, "ring"> {
  readonly polygon: Polygon;
  readonly areaCm2: number;
}

/** One person's head and body: everything a map draws and measures, in mm. */
export interface Figure {
  readonly landmarks: Landmarks;
  readonly physique: Physique;
  /** Heights of the body that a ruler is laid on, mm from the bridge of the nose. */
  readonly heights: Readonly<Record<BodyHeight, number>>;
  /** Zones of the front of the head: the face a look is mostly painted on. */
  readonly zones: readonly FigureZone[];
  /** Every zone, face first. */
  readonly allZones: readonly FigureZone[];
  readonly zone: (id: ZoneId) => FigureZone;
  /** Zones on one side of the person, head and body. */
  readonly zonesOn: (frame: Frame) => readonly FigureZone[];
  /** Named curves of both sides, e.g. `strand("lipLine", "left")`. */
  readonly strand: (name: StrandName, side: Side) => readonly Point[];
  readonly features: readonly Stroke[];
  readonly outline: Polygon;
  readonly eyes: Readonly<
    Record<Side, { readonly opening: Polygon; readonly iris: Point; readonly irisRadius: number }>
  >;
}

/** Horizontal visible iris diameter: 11.7 mm and nearly the same in all adults (Hashemi et al. 2015, mean 11.80 mm; rounded, from memory). */
const IRIS_RADIUS = 5.9;

interface Strand {
  readonly runs: Point[][];
  readonly names: readonly (string | undefined)[];
}

function buildStrands<Name extends string>(
  table: Readonly<Record<Name, readonly StrandPoint[]>>,
  place: (drawn: Point) => Point,
): Record<Name, Strand> {
  const entries = (Object.keys(table) as Name[]).map((name): [Name, Strand] => {
    const drawn: readonly StrandPoint[] = table[name];
    const points = drawn.map(([x, y]) => place(point(x, y)));
    // A strand that ends on the midline goes on into its own mirror image, so that both halves meet smoothly.
    const across = (end: StrandPoint | undefined, next: StrandPoint | undefined) =>
      end && next && end[0] === 0 ? place(point(-next[0], next[1])) : undefined;
    const runs = smoothSpans(
      points,
      across(drawn[0], drawn[1]),
      across(drawn.at(-1), drawn.at(-2)),
    );
    return [name, { runs, names: drawn.map(([, , label]) => label) }];
  });
  return Object.fromEntries(entries) as Record<Name, Strand>;
}

/** Stature the body is drawn at, and its usual weight for that: what a person's own are set against. */
const DRAWN_BODY = { heightMm: 1700, kgPerM: 66 / 1.7 };
/** Between these heights the neck of the face goes over into the shoulders of the body, mm. */
const JOIN = { from: -172, over: 120 };

/** Carries the drawing of the body onto a person: as tall and as broad as they are, and joined to their own face. */
function bodyPlace(
  face: Landmarks,
  { heightCm, weightKg }: Physique,
  warp: (drawn: Point) => Point,
): (drawn: Point) => Point {
  const headMm = face.vertex.y - face.menton.y;
  const down = (heightCm * 10 - headMm) / (DRAWN_BODY.heightMm - (DRAWN.vertex.y - DRAWN.menton.y));
  // Weight for the height goes as the square of the girth.
  const across =
    (heightCm / 170) *
    Math.sqrt(weightKg / (heightCm / 100) / DRAWN_BODY.kgPerM / (heightCm / 170));
  return (p) => {
    const scaled = point(p.x * across, face.menton.y + (p.y - DRAWN.menton.y) * down);
    const share = Math.min(1, Math.max(0, (JOIN.from - p.y) / JOIN.over));
    if (share === 1) return scaled;
    const near = warp(p);
    return point(near.x + (scaled.x - near.x) * share, near.y + (scaled.y - near.y) * share);
  };
}

function arcOf(strand: Strand, from: string, to: string): Point[] {
  const a = strand.names.indexOf(from);
  const b = strand.names.indexOf(to);
  if (a < 0 || b < 0) throw new RangeError(`no part ${from} to ${to} on this strand`);
  return a < b ? joinRuns(strand.runs.slice(a, b)) : joinRuns(strand.runs.slice(b, a)).reverse();
}

function ringOf(
  strands: Record<StrandName | BodyStrandName, Strand>,
  ring: Exclude<ZoneInfo["ring"], "ear">,
): Point[] {
  return joinRuns(ring.map(([strand, from, to]) => arcOf(strands[strand], from, to)));
}

/** The back of a head has at least this share of what its front has. */
const LEAST_BACK = 0.25;

/** Areas of all zones, cm2: the face as its head is curved, everything else by what its region has of this person's skin, shared out as drawn. */
function areasOf(
  face: Landmarks,
  physique: Physique,
  zones: readonly Omit<FigureZone, "areaCm2">[],
): Map<ZoneId, number> {
  const skin = skinCm2(physique);
  const onHead = (zone: Omit<FigureZone, "areaCm2">) =>
    zone.region === "head" && zone.kind !== "backOfHead";
  const areas = new Map(
    zones.filter(onHead).map((zone) => [zone.id, skinAreaCm2(face, zone.polygon, zone.group)]),
  );
  const seen = [...areas.values()].reduce((sum, area) => sum + area, 0);
  for (const region of new Set(zones.map((zone) => zone.region))) {
    const shared = zones.filter((zone) => zone.region === region && !onHead(zone));
    const share = skin * regionShare(region, physique.ageYears);
    // A face measured larger than its body would leave nothing for the back of the head.
    const whole = region === "head" ? Math.max(share - seen, seen * LEAST_BACK) : share;
    const drawn = shared.reduce((sum, zone) => sum + Math.abs(signedArea(zone.polygon)), 0);
    for (const zone of shared)
      areas.set(zone.id, (whole * Math.abs(signedArea(zone.polygon))) / drawn);
  }
  return areas;
}

/** Builds the figure of a person from the landmarks of their face and the size of their body. */
export function buildFigure(face: Landmarks, physique: Physique = usualPhysique(30)): Figure {
  const warp = warpTo(face);
  const body = bodyPlace(face, physique, warp);
  const faceStrands: Record<Side, Record<StrandName, Strand>> = {
    left: buildStrands(STRANDS, warp),
    right: buildStrands(STRANDS, (p) => warp(mirror(p))),
  };
  const strands: Record<Side, Record<StrandName | BodyStrandName, Strand>> = {
    left: { ...faceStrands.left, ...buildStrands(BODY_STRANDS, body) },
    right: { ...faceStrands.right, ...buildStrands(BODY_STRANDS, (p) => body(mirror(p))) },
  };
  const ears: Record<Side, Polygon> = {
    left: smoothClosed(FEATURES.ear.points.map(([x, y]) => warp(point(x, y)))),
    right: smoothClosed(FEATURES.ear.points.map(([x, y]) => warp(point(-x, y)))),
  };
  const polygonOf = ({ ring, side }: ZoneInfo): Polygon => {
    if (ring === "ear") return ears[side ?? "left"];
    if (side) return ringOf(strands[side], ring).slice(0, -1);
    return [...ringOf(strands.left, ring), ...ringOf(strands.right, ring).reverse().slice(1, -1)];
  };
  const drawn = ZONES.map((info) => {
    const { ring: _ring, ...rest } = info;
    return { ...rest, polygon: polygonOf(info) };
  });
  const areas = areasOf(face, physique, drawn);
  const allZones = drawn.map((zone): FigureZone => ({ ...zone, areaCm2: areas.get(zone.id) ?? 0 }));
  const on = {
    front: allZones.filter(({ frame }) => frame === "front"),
    back: allZones.filter(({ frame }) => frame === "back"),
  };
  const byId = new Map(allZones.map((zone) => [zone.id, zone]));
  const joined = new Map<string, readonly Point[]>();
  const strand = (name: StrandName, side: Side) => {
    const known = joined.get(`${side} ${name}`) ?? joinRuns(faceStrands[side][name].runs);
    joined.set(`${side} ${name}`, known);
    return known;
  };
  const eye = (side: Side) => ({
    opening: [...strand("upperLid", side), ...[...strand("lowerLid", side)].reverse().slice(1, -1)],
    iris: face[`pupil${side === "left" ? "Left" : "Right"}` as LandmarkName],
    irisRadius: IRIS_RADIUS,
  });
  return {
    landmarks: face,
    physique,
    heights: Object.fromEntries(
      (Object.keys(BODY_HEIGHTS) as BodyHeight[]).map((name) => [
        name,
        body(point(0, BODY_HEIGHTS[name].y)).y,
      ]),
    ) as Record<BodyHeight, number>,
    zones: on.front.filter(({ part }) => part === "head"),
    allZones,
    zonesOn: (frame) => on[frame],
    zone: (id) => {
      const zone = byId.get(id);
      if (!zone) throw new RangeError(`no such zone: ${id as string}`);
      return zone;
    },
    strand,
    features: (["left", "right"] as const).flatMap((side) =>
      (Object.keys(FEATURES) as FeatureName[]).map((name): Stroke => {
        const { closed, points } = FEATURES[name];
        const placed = points.map(([x, y]) => warp(point(side === "left" ? x : -x, y)));
        return { name, side, closed, points: closed ? smoothClosed(placed) : smoothOpen(placed) };
      }),
    ),
    outline: [
      ...strand("outline", "left"),
      ...[...strand("outline", "right")].reverse().slice(1, -1),
    ],
    eyes: { left: eye("left"), right: eye("right") },
  };
}

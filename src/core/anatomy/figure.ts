import { regionShare, type BodyRegion } from "./body";
import { bodyHeightsOf, bodyShapeOf, bodyStrandsOf } from "./bodyShape";
import { BODY_STRANDS, type BodyHeight, type BodyStrandName } from "./bodyStrands";
import { joinRuns, smoothClosed, smoothOpen, smoothSpans } from "./curve";
import { type LandmarkName, type Landmarks } from "./landmarks";
import { skinCm2, usualPhysique, type Physique } from "./physique";
import { mirror, point, type Point, type Side } from "./point";
import { signedArea, type Polygon } from "./polygon";
import { STRETCH } from "./stretch";
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

type Table<Name extends string> = Readonly<Record<Name, readonly StrandPoint[]>>;

/** The curves of a table, its points placed on the person. */
function buildStrands<Name extends string>(
  table: Table<Name>,
  place: (drawn: Point, name: Name, i: number) => Point,
): Record<Name, Strand> {
  const entries = (Object.keys(table) as Name[]).map((name): [Name, Strand] => {
    const drawn: readonly StrandPoint[] = table[name];
    const points = drawn.map(([x, y], i) => place(point(x, y), name, i));
    // A strand that ends on the midline goes on into its own mirror image, so that both halves meet smoothly.
    const across = (i: number, next: number) => {
      const [end, mirrored] = [drawn[i], drawn[next]];
      return end && mirrored && end[0] === 0
        ? place(point(-mirrored[0], mirrored[1]), name, next)
        : undefined;
    };
    const last = drawn.length - 1;
    const runs = smoothSpans(points, across(0, 1), across(last, last - 1));
    return [name, { runs, names: drawn.map(([, , label]) => label) }];
  });
  return Object.fromEntries(entries) as Record<Name, Strand>;
}

/** Between these heights the neck of the face goes over into the shoulders of the body, mm. */
const JOIN = { from: -172, over: 120 };

/** Where the points of the body's drawing lie on a person: as their size has it, and joined to their own face. */
function bodyPlace(
  strands: ReturnType<typeof bodyStrandsOf>,
  warp: (drawn: Point) => Point,
): (drawn: Point, name: BodyStrandName, i: number) => Point {
  return (drawn, name, i) => {
    const left = strands[name][i] ?? drawn;
    const own = drawn.x < 0 ? mirror(left) : left;
    const share = Math.min(1, Math.max(0, (JOIN.from - drawn.y) / JOIN.over));
    if (share === 1) return own;
    const near = warp(drawn);
    return point(near.x + (own.x - near.x) * share, near.y + (own.y - near.y) * share);
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

type Measured = Omit<FigureZone, "areaCm2">;

/** Regions a zone belongs to, and how much of it does. */
const regionsOf = ({
  region,
  halfOf,
}: Pick<Measured, "region" | "halfOf">): readonly (readonly [BodyRegion, number])[] =>
  halfOf
    ? [
        [region, 0.5],
        [halfOf, 0.5],
      ]
    : [[region, 1]];

/** The front of a head is as large as it is measured; everything else has its share of what its region has of the skin. */
const isFrontOfHead = ({ region, kind }: Measured) => region === "head" && kind !== "backOfHead";

/** Areas of all zones, cm2: by the surface under them, and what lies behind the face by what its region has of this person's skin. */
function areasOf(physique: Physique, zones: readonly Measured[]): Map<ZoneId, number> {
  const skin = skinCm2(physique);
  const measured = new Map(
    zones.map((zone) => [zone.id, (Math.abs(signedArea(zone.polygon)) * STRETCH[zone.kind]) / 100]),
  );
  const own = (zone: Measured) => measured.get(zone.id) ?? 0;
  const seen = zones.filter(isFrontOfHead).reduce((sum, zone) => sum + own(zone), 0);
  const shared = zones.filter((zone) => !isFrontOfHead(zone));
  const wholes = new Map<BodyRegion, number>();
  for (const zone of shared)
    for (const [region, part] of regionsOf(zone))
      wholes.set(region, (wholes.get(region) ?? 0) + part * own(zone));
  const shareOf = (region: BodyRegion) => {
    const share = skin * regionShare(region, physique.ageYears);
    // A face measured larger than its body would leave nothing for the back of the head.
    const whole = region === "head" ? Math.max(share - seen, seen * LEAST_BACK) : share;
    return whole / (wholes.get(region) ?? 1);
  };
  for (const zone of shared)
    measured.set(
      zone.id,
      regionsOf(zone).reduce((sum, [region, part]) => sum + part * own(zone) * shareOf(region), 0),
    );
  return measured;
}

/** Builds the figure of a person from the landmarks of their face and the size of their body. */
export function buildFigure(face: Landmarks, physique: Physique = usualPhysique(30)): Figure {
  const warp = warpTo(face);
  const shape = bodyShapeOf(physique);
  const bridgeMm = physique.heightCm * 10 - face.vertex.y;
  const body = bodyPlace(bodyStrandsOf(shape, bridgeMm), warp);
  const faceStrands: Record<Side, Record<StrandName, Strand>> = {
    left: buildStrands(STRANDS, warp),
    right: buildStrands(STRANDS, (p) => warp(mirror(p))),
  };
  const strands: Record<Side, Record<StrandName | BodyStrandName, Strand>> = {
    left: { ...faceStrands.left, ...buildStrands(BODY_STRANDS, body) },
    right: {
      ...faceStrands.right,
      ...buildStrands(BODY_STRANDS, (p, name, i) => body(mirror(p), name, i)),
    },
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
  const areas = areasOf(physique, drawn);
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
    heights: bodyHeightsOf(shape, bridgeMm),
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

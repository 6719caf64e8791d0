import { regionShare, skinCm2, usualPhysique, type ZoneId } from "..";
import { BODY_REGIONS, buildFigure, contains, defaultFace, type Point } from "..";
import type { BodyRegion } from "../body";
import { BODY_STRANDS } from "../bodyStrands";
import { signedArea } from "../polygon";
import { STRETCH } from "../stretch";
import { zoneInfo, type ZoneKind } from "../zones";
import { bodySurface } from "./body";
import { onChart } from "./depths";
import type { LitSurface } from "./light";
import { lampTowards, type LightKey } from "./light";
import { PART } from "./mesh";
import { lightOnHead } from "./relief";
import { LIT } from "../litUnder";
import { headOfFace } from "./ofFace";

const face = defaultFace();
const physique = usualPhysique(30);
const figure = buildFigure(face, physique);

interface Piece {
  /** On the front chart, mm. */
  readonly at: Point;
  readonly cm2: number;
  /** Middle and outward direction. */
  readonly z: number;
  readonly normal: readonly [number, number, number];
  readonly vertex: number;
}

/** Every triangle of the person's left side of a surface. */
function piecesOf(surface: LitSurface, chart: (vertex: number) => Point): Piece[] {
  const { positions, triangles } = surface;
  return Array.from({ length: triangles.length / 3 }, (_, t): Piece => {
    const [a, b, c] = [triangles[3 * t]!, triangles[3 * t + 1]!, triangles[3 * t + 2]!];
    const at = (i: number, k: number) => positions[3 * i + k]!;
    const [u, v] = [b, c].map((i) => [0, 1, 2].map((k) => at(i, k) - at(a, k)));
    const normal = [
      u![1]! * v![2]! - u![2]! * v![1]!,
      u![2]! * v![0]! - u![0]! * v![2]!,
      u![0]! * v![1]! - u![1]! * v![0]!,
    ] as const;
    const corners = [a, b, c].map(chart);
    const mean = (of: (p: Point) => number) => corners.reduce((sum, p) => sum + of(p) / 3, 0);
    return {
      at: { x: mean(({ x }) => x), y: mean(({ y }) => y) },
      cm2: Math.hypot(...normal) / 200,
      z: (at(a, 2) + at(b, 2) + at(c, 2)) / 3,
      normal,
      vertex: a,
    };
  }).filter(({ at }) => at.x > 0);
}

/** Skin of each kind of zone on the surface, cm2, both sides where it has two. */
type Skin = Map<ZoneKind, number>;
const add = (sums: Skin, kind: ZoneKind, cm2: number) =>
  sums.set(kind, (sums.get(kind) ?? 0) + 2 * cm2);

function headSkin(): Skin {
  const head = headOfFace(face, 30, 1);
  const chart = onChart(head, face, 1);
  const pieces = piecesOf(head, (i) => ({ x: chart[2 * i]!, y: chart[2 * i + 1]! }));
  const sums: Skin = new Map();
  const on = {
    front: figure.zones.filter(({ kind }) => kind !== "ear"),
    back: figure
      .zonesOn("back")
      .filter(({ part, kind }) => part === "head" && kind !== "behindEar"),
  };
  for (const { at, cm2, z, normal, vertex } of pieces) {
    const part = head.parts[vertex];
    if (part === PART.eye) continue;
    if (part === PART.ear) {
      // The face of an ear looks outwards, its back to the head.
      add(sums, normal[0] > 0 ? "ear" : "behindEar", cm2);
      continue;
    }
    const side = normal[2] > 0 || z > -60 ? "front" : "back";
    const zone = on[side].find(({ polygon }) => contains(polygon, at));
    if (zone) add(sums, zone.kind, cm2);
  }
  return sums;
}

/** A piece of the body so near to a zone belongs to it, mm: the mesh runs in corners past a smooth outline. */
const REACH_MM = 12;

function bodySkin(): Skin {
  const body = bodySurface(physique, physique.heightCm * 10 - face.vertex.y);
  const pieces = piecesOf(body, (i) => ({
    x: body.positions[3 * i]!,
    y: body.positions[3 * i + 1]!,
  }));
  const sums: Skin = new Map();
  const zones = (["front", "back"] as const).map((frame) =>
    figure.zonesOn(frame).filter(({ part, side }) => part === "body" && side !== "right"),
  );
  for (const { at, cm2, normal } of pieces) {
    const near = zones[normal[2] >= 0 ? 0 : 1]!;
    const far = (polygon: readonly Point[]) =>
      Math.min(...polygon.map((p) => Math.hypot(p.x - at.x, p.y - at.y)));
    const zone =
      near.find(({ polygon }) => contains(polygon, at)) ??
      near.reduce((best, other) => (far(other.polygon) < far(best.polygon) ? other : best));
    if (contains(zone.polygon, at) || far(zone.polygon) < REACH_MM) add(sums, zone.kind, cm2);
  }
  return sums;
}

const flat = (kind: ZoneKind) =>
  figure.allZones
    .filter((zone) => zone.kind === kind)
    .reduce((sum, { polygon }) => sum + Math.abs(signedArea(polygon)) / 100, 0);

const [ofHead, ofBody] = [headSkin(), bodySkin()];
/** The collar and the top of the back lie on both surfaces. */
const onBoth = new Set<ZoneKind>(["collar", "upperBack"]);

describe("areas of the charts", () => {
  it.each([...ofHead, ...ofBody].filter(([kind]) => !onBoth.has(kind)))(
    "of %s are what the surface has under them",
    (kind, cm2) => {
      expect(cm2 / flat(kind) / STRETCH[kind]).toBeGreaterThan(0.96);
      expect(cm2 / flat(kind) / STRETCH[kind]).toBeLessThan(1.04);
    },
  );

  it("leave no kind of zone unmeasured", () => {
    const measured = new Set([...ofHead.keys(), ...ofBody.keys()]);
    expect((Object.keys(STRETCH) as ZoneKind[]).filter((kind) => !measured.has(kind))).toEqual([]);
  });

  // DuBois & DuBois 1916 for the whole, Lund & Browder 1944 for its parts: printed, as an older measurement of other people.
  it("come near the whole skin of DuBois, and its parts near Lund & Browder", () => {
    const sums = new Map<BodyRegion, number>();
    for (const [kind, cm2] of [...ofHead, ...ofBody]) {
      const { region, halfOf } = zoneInfo(
        figure.allZones.find((zone) => zone.kind === kind)!.id satisfies ZoneId,
      );
      const share = halfOf ? 0.5 : 1;
      sums.set(region, (sums.get(region) ?? 0) + share * cm2);
      if (halfOf) sums.set(halfOf, (sums.get(halfOf) ?? 0) + share * cm2);
    }
    const whole = skinCm2(physique);
    const total = [...sums.values()].reduce((sum, cm2) => sum + cm2, 0);
    expect(total / whole).toBeGreaterThan(0.94);
    expect(total / whole).toBeLessThan(1.02);
    const shares = BODY_REGIONS.filter((region) => region !== "genitalia").map((region) => ({
      region,
      measured: (100 * (sums.get(region) ?? 0)) / whole,
      charted: 100 * regionShare(region, 30),
    }));
    for (const { measured, charted } of shares)
      expect(Math.abs(measured - charted)).toBeLessThan(2.8);
  });
});

describe("the body's drawing", () => {
  /** Outlines, without what lies inside or joins the neck. */
  const OUTLINES = ["armOuter", "handOuter", "torsoSide", "legOuter", "legInner", "foot"] as const;
  const body = bodySurface({ heightCm: 170, weightKg: 66, ageYears: 30 }, 1595);
  const points = Array.from({ length: body.room.length }, (_, i) => ({
    x: body.positions[3 * i]!,
    y: body.positions[3 * i + 1]!,
    isRim: Math.abs(body.normals[3 * i + 2]!) < 0.4,
  }));

  it.each(OUTLINES)("runs along the silhouette of the surface: %s", (name) => {
    for (const [x, y] of BODY_STRANDS[name]) {
      // Where the thighs touch there is no rim.
      if (y > -850 && x < 10) continue;
      const rim = points.filter(({ isRim }) => isRim);
      const far = Math.min(...rim.map((p) => Math.hypot(p.x - x, p.y - y)));
      // A vertex of the mesh is never farther than half a cell from any point of the rim.
      expect(far).toBeLessThan(9);
    }
  });
});

describe("light on the areas of a face", () => {
  const DETAIL = 0.35;
  const head = headOfFace(face, 30, DETAIL);
  const chart = onChart(head, face, DETAIL);
  const inZone = new Map(
    figure.zones.map((zone) => {
      const vertices = head.parts.reduce<number[]>((found, _, i) => {
        const at = { x: chart[2 * i]!, y: chart[2 * i + 1]! };
        if (head.normals[3 * i + 2]! >= 0.05 && contains(zone.polygon, at)) found.push(i);
        return found;
      }, []);
      return [zone.id, vertices] as const;
    }),
  );
  const all = [...inZone.values()].flat();
  const meanOf = (light: Float32Array, vertices: readonly number[]) =>
    vertices.reduce((sum, i) => sum + light[i]!, 0) / vertices.length;
  const of = (lamp: LightKey) => lightOnHead(head, lampTowards(lamp, false), DETAIL);
  const lamps = { below: of("foot"), near: of("left"), far: of("right") };

  it.each(Object.entries(LIT))("on %s is what falls there on the surface", (kind, held) => {
    const zone = figure.zones.find((entry) => entry.kind === kind && !entry.id.endsWith("Right"))!;
    for (const side of ["below", "near", "far"] as const) {
      const measured = meanOf(lamps[side], inZone.get(zone.id)!) / meanOf(lamps[side], all);
      expect(Math.abs(measured - held[side])).toBeLessThan(0.02);
    }
  });
});

import { farFrom } from "../../../../scripts/body/half";
import { fullnessOf, personOf } from "../../../../scripts/body/person";
import { sculpt, tubeLitres } from "../../../../scripts/body/sculpture";
import { bodySurfaceArea, buildFigure, defaultFace, usualPhysique, type Physique } from "..";
import { bodySurface, type Body } from "./body";
import { bodyRelief, type BodyReliefRequest } from "./bodyRelief";
import type { Vec } from "./smooth";

const GROWN: Physique = { heightCm: 170, weightKg: 66, ageYears: 30 };
/** Bodies that were not among those the forms were measured on. */
const OTHERS: readonly Physique[] = [
  { heightCm: 193, weightKg: 80, ageYears: 30 },
  { heightCm: 155, weightKg: 50, ageYears: 30 },
  { heightCm: 175, weightKg: 105, ageYears: 40 },
  { heightCm: 138, weightKg: 32, ageYears: 10 },
  { heightCm: 161, weightKg: 50, ageYears: 14 },
  { heightCm: 122, weightKg: 26, ageYears: 7 },
];
const standing = (physique: Physique) => bodySurface(physique, 0);

const pointsOf = ({ positions, room }: Body): Vec[] =>
  Array.from(room, (_, i): Vec => [
    positions[3 * i]!,
    positions[3 * i + 1]!,
    positions[3 * i + 2]!,
  ]);

describe("somebody's body", () => {
  it.each(OTHERS)("is the sculpted one within some millimetres: %j", (physique) => {
    const parameters = {
      stature: physique.heightCm * 10,
      mass: physique.weightKg,
      child: Math.min(1, Math.max(0, (18 - physique.ageYears) / 11)),
    };
    const own = sculpt(personOf(parameters, fullnessOf(parameters, tubeLitres)));
    const far = pointsOf(standing(physique))
      // Its neck ends where the head's begins; z is from the plumb line there.
      .filter(([x, y]) => x >= 0 && y < 0.8 * parameters.stature)
      .map(([x, y, z]) => farFrom(own, [x, y, z + 105]))
      .sort((a, b) => a - b);
    expect(far[far.length >> 1]).toBeLessThan(2);
    expect(far[Math.floor(far.length * 0.95)]).toBeLessThan(6);
  });

  it("is the same, mirrored, to the last bit", () => {
    const { positions, room } = standing(OTHERS[0]!);
    const half = room.length / 2;
    for (let i = 0; i < half; i++) {
      expect(positions[3 * (half + i)]! + positions[3 * i]!).toBe(0);
      expect(positions[3 * (half + i) + 1]).toBe(positions[3 * i + 1]);
    }
  });

  // Volumes by the divergence theorem; a body with air in its lungs has about the density of water. Its head weighs some 4.6 kg.
  it.each([GROWN, ...OTHERS])("has as many litres as kilograms, within 8 %%: %j", (physique) => {
    const { positions, triangles } = standing(physique);
    const at = (i: number): Vec => [
      positions[3 * i]!,
      positions[3 * i + 1]!,
      positions[3 * i + 2]!,
    ];
    const volume = ([a, b, c]: readonly [Vec, Vec, Vec]) =>
      (a[0] * (b[1] * c[2] - b[2] * c[1]) +
        a[1] * (b[2] * c[0] - b[0] * c[2]) +
        a[2] * (b[0] * c[1] - b[1] * c[0])) /
      6;
    const edges = new Set<string>();
    let sum = 0;
    for (let t = 0; t < triangles.length; t += 3) {
      const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
      sum += volume([at(a), at(b), at(c)]);
      for (const edge of [`${a} ${b}`, `${b} ${c}`, `${c} ${a}`]) edges.add(edge);
    }
    // The neck is open, and both halves are at the midline, where what closes them cancels.
    const apex: Vec = [0, 0.8218 * physique.heightCm * 10, 0];
    for (const edge of edges) {
      const [a = "", b = ""] = edge.split(" ");
      if (!edges.has(`${b} ${a}`)) sum += volume([at(Number(b)), at(Number(a)), apex]);
    }
    const body = physique.weightKg - (physique.ageYears < 12 ? 3.6 : 4.6);
    expect((sum * 1e-6) / body).toBeGreaterThan(0.92);
    expect((sum * 1e-6) / body).toBeLessThan(1.08);
  });

  // Proportions of adults from memory of common tables (Drillis & Contini 1966; ANSUR).
  it("is as broad and long as adults are", () => {
    const points = pointsOf(standing(GROWN));
    const breadthAt = (from: number, to: number, outTo = 400) =>
      2 * Math.max(...points.filter(([x, y]) => y > from && y < to && x < outTo).map(([x]) => x));
    expect(breadthAt(860, 900, 250) / 1700).toBeGreaterThan(0.19);
    expect(breadthAt(860, 900, 250) / 1700).toBeLessThan(0.225);
    const soles = points.filter(([, y]) => y < 40).map(([, , z]) => z);
    expect((Math.max(...soles) - Math.min(...soles)) / 1700).toBeCloseTo(0.153, 2);
    expect(Math.min(...points.map(([, y]) => y))).toBeCloseTo(0, 0);
  });

  // DuBois & DuBois 1916, less the head: Lund & Browder's 7 % and the front of the neck.
  it.each([GROWN, OTHERS[0]!, OTHERS[1]!])(
    "has the skin that DuBois have, within 8 %%: %j",
    (physique) => {
      const { positions, triangles } = standing(physique);
      let cm2 = 0;
      for (let t = 0; t < triangles.length; t += 3) {
        const [a, b, c] = [0, 1, 2].map((k) => triangles[t + k]! * 3);
        const u = [0, 1, 2].map((k) => positions[b! + k]! - positions[a! + k]!);
        const v = [0, 1, 2].map((k) => positions[c! + k]! - positions[a! + k]!);
        cm2 +=
          Math.hypot(
            u[1]! * v[2]! - u[2]! * v[1]!,
            u[2]! * v[0]! - u[0]! * v[2]!,
            u[0]! * v[1]! - u[1]! * v[0]!,
          ) / 200;
      }
      expect(cm2 / (10_000 * bodySurfaceArea(physique) * 0.91)).toBeCloseTo(1, 1);
    },
  );
});

describe("the relief of a body", () => {
  const figure = buildFigure(defaultFace(), GROWN);
  const request = (over: Partial<BodyReliefRequest> = {}): BodyReliefRequest => ({
    part: "body",
    physique: GROWN,
    bridgeMm: 1700 - figure.landmarks.vertex.y,
    chart: "bodyFront",
    light: "above",
    what: "form",
    box: { left: -480, top: 150, width: 960, height: 1460 },
    ...over,
  });
  /** How dark it is at a place of the chart, 0 to 1. */
  const shadeAt = (relief: ReturnType<typeof bodyRelief>, x: number, y: number) => {
    const px = Math.round(((x - relief.box.left) * relief.width) / relief.box.width);
    const py = Math.round(((-y - relief.box.top) * relief.height) / relief.box.height);
    const at = 4 * (py * relief.width + px);
    return relief.rgba[at]! > 200 ? -relief.rgba[at + 3]! / 255 : relief.rgba[at + 3]! / 255;
  };

  it("covers the whole of its drawing and nothing beyond", () => {
    const relief = bodyRelief(request());
    const inside = figure
      .zonesOn("front")
      .filter(({ part }) => part === "body")
      .flatMap(({ polygon }) => {
        const middle = polygon.reduce((sum, p) => sum + p.x / polygon.length, 0);
        return polygon.map(({ x, y }) => shadeAt(relief, x + Math.sign(middle - x) * 3, y));
      });
    // Here and there one lies in just plain light.
    expect(inside.filter((shade) => shade === 0).length / inside.length).toBeLessThan(0.04);
    expect(shadeAt(relief, 470, -1400)).toBe(0);
  });

  it("is light on the side of the lamp", () => {
    const [left, right] = (["left", "right"] as const).map((light) =>
      bodyRelief(request({ light })),
    );
    expect(shadeAt(left!, 120, -1250)).toBeLessThan(shadeAt(left!, 70, -1250));
    expect(shadeAt(right!, 120, -1250)).toBeGreaterThan(shadeAt(right!, 70, -1250));
  });

  it("shows a lamp in front of the back as it does one in front of the chest", () => {
    const back = bodyRelief(request({ chart: "bodyBack" }));
    expect(shadeAt(back, 60, -300)).toBeLessThan(0.15);
  });

  it("mirrors the lamp in gloss, only where it is lit", () => {
    const gloss = bodyRelief(request({ what: "gloss" }));
    const behind = bodyRelief(request({ what: "gloss", light: "behind" }));
    const white = ({ rgba }: typeof gloss) =>
      rgba.reduce((sum, value, i) => sum + (i % 4 === 3 ? value : 0), 0);
    expect(white(gloss)).toBeGreaterThan(5 * white(behind));
  });

  it("is of a child as well", () => {
    const child = usualPhysique(7);
    const relief = bodyRelief(request({ physique: child, bridgeMm: child.heightCm * 10 - 100 }));
    expect(relief.rgba.some((value) => value > 0)).toBe(true);
  });
});

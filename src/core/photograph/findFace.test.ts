import fc from "fast-check";
import { demoPeople } from "../../demo";
import { distance, PHOTO_LANDMARKS, point, type Point } from "../anatomy";
import { figureOf } from "../look";
import { STAND_IN } from "../people";
import {
  findFace,
  hairlineByCard,
  NoFaceFound,
  pixelsPerMmByIris,
  pointsFromMesh,
  skinMask,
  type FaceMesh,
  type Photograph,
} from ".";
import drawn from "./drawnFace.mesh.json";

const mesh: FaceMesh = {
  points: drawn.mesh.map(([x = NaN, y = NaN]) => point(x, y)),
};
const bram = demoPeople(() => "2026-12-01").find(({ id }) => id === "bram-oskell");
if (!bram) throw new Error("the demo has Bram");
const { landmarks } = figureOf({ ...STAND_IN, ...bram.fields });
const known = (p: Point) =>
  point(drawn.originX + drawn.perMm * p.x, drawn.originY - drawn.perMm * p.y);
const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[values.length >> 1] ?? NaN;

describe("a face that the finder saw, against where the drawing has it", () => {
  const off = (of: ReturnType<typeof pointsFromMesh>) =>
    PHOTO_LANDMARKS.map((name) => distance(of[name], known(landmarks[name])) / drawn.perMm);
  it("has its named landmarks within 4 mm, the median, and none 10 mm off but the guessed hairline", () => {
    const mm = off(pointsFromMesh(mesh));
    console.log(
      `landmarks off: median ${median(mm).toFixed(1)} mm, ` +
        PHOTO_LANDMARKS.map((name, i) => `${name} ${mm[i]?.toFixed(1) ?? ""}`).join(", "),
    );
    expect(median(mm)).toBeLessThan(4);
    PHOTO_LANDMARKS.forEach((name, i) => {
      if (name !== "trichion") expect(mm[i]).toBeLessThan(10);
    });
  });
  it("has its hairline within 8 mm once the card says where it is", () => {
    const { trichion } = hairlineByCard(pointsFromMesh(mesh), landmarks);
    expect(distance(trichion, known(landmarks.trichion)) / drawn.perMm).toBeLessThan(8);
  });
  it("has its scale by the iris within 5 %", () => {
    const perMm = pixelsPerMmByIris(mesh) ?? NaN;
    console.log(`scale by the iris: ${((perMm / drawn.perMm - 1) * 100).toFixed(1)} % off`);
    expect(Math.abs(perMm / drawn.perMm - 1)).toBeLessThan(0.05);
  });
  it("has left on the right, whichever iris the finder names first", () => {
    const swapped = {
      ...mesh,
      points: [
        ...mesh.points.slice(0, 468),
        ...mesh.points.slice(473, 478),
        ...mesh.points.slice(468, 473),
      ],
    };
    for (const seen of [mesh, swapped]) {
      const { pupilLeft, pupilRight } = pointsFromMesh(seen);
      expect(pupilLeft.x).toBeGreaterThan(pupilRight.x);
    }
    expect(() => pointsFromMesh({ ...mesh, points: mesh.points.slice(0, 468) })).toThrow("whole");
  });
});

const flat = (grey: number, width = 556, height = 449): Photograph => ({
  ...{ width, height },
  data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) =>
    i % 4 === 3 ? 255 : grey,
  ),
});
/** Stripes: as sharp as a picture can be. */
const sharp: Photograph = {
  ...flat(0),
  data: flat(0).data.map((_, i) => (i % 4 === 3 ? 255 : (i >> 2) % 2 ? 150 : 110)),
};

describe("looking for a face", () => {
  it("gives the face of a good picture, without a doubt", async () => {
    const found = await findFace(sharp, async () => [mesh]);
    expect(found.doubts).toEqual([]);
    expect(found.points).toEqual(pointsFromMesh(mesh));
  });
  it("doubts one that is dark, blurred, or small, in words that say what to do", async () => {
    const doubts = async (photo: Photograph, seen: FaceMesh = mesh) =>
      (await findFace(photo, async () => [seen])).doubts.join(" ");
    expect(await doubts(flat(20))).toMatch(/more light.*hold still/);
    expect(await doubts(sharp)).toBe("");
    const far = { ...mesh, points: mesh.points.map((p) => point(p.x / 3, p.y / 3)) };
    expect(await doubts(sharp, far)).toMatch(/go nearer/);
  });
  it("looks again in other guises of the same size, and says which look it is", async () => {
    const told: number[] = [];
    let looks = 0;
    const found = await findFace(
      sharp,
      async ({ width, height, data }) => {
        expect([width, height, data.length]).toEqual([556, 449, 556 * 449 * 4]);
        return ++looks < 3 ? [] : [mesh];
      },
      (look) => told.push(look),
    );
    expect(told).toEqual([0, 1, 2]);
    expect(found.points).toEqual(pointsFromMesh(mesh));
  });
  it("asks for points by hand where there is nobody, and for one face where there are two", async () => {
    await expect(findFace(sharp, async () => [])).rejects.toThrow(/No face.*three points.*by hand/);
    await expect(findFace(sharp, async () => [mesh, mesh])).rejects.toThrow(NoFaceFound);
  });
});

describe("what of a photograph is skin", () => {
  const [width, height] = [200, 200];
  const square = [point(60, 60), point(140, 60), point(140, 140), point(60, 140)];
  /** Skin in the middle and in a strip of neck under it, in any light; a wall of another hue round it. */
  const scene = (skin: readonly number[], wall: readonly number[], light: number): Photograph => ({
    ...{ width, height },
    data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) => {
      const [x, y] = [(i >> 2) % width, Math.floor((i >> 2) / width)];
      const isSkin = x >= 50 && x < 150 && y >= 50;
      const shade = light * (x < 100 ? 1 : 0.8);
      return i % 4 === 3 ? 255 : ((isSkin ? skin : wall)[i % 4] ?? 0) * shade;
    }),
  });
  it("is all that lies between the landmarks, and neck, but no wall, on any skin and in any light", () => {
    const skins = [
      [236, 206, 184],
      [200, 150, 120],
      [120, 78, 56],
      [60, 40, 30],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...skins),
        fc.constantFrom([138, 138, 137], [90, 110, 150], [240, 240, 240], [60, 90, 60]),
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        (skin, wall, light) => {
          const mask = skinMask(scene(skin, wall, light), square);
          const at = (x: number, y: number) => mask[y * width + x];
          expect([at(100, 100), at(62, 62), at(138, 138)]).toEqual([255, 255, 255]);
          expect(at(80, 190)).toBe(255);
          // The palest skin and a white wall are near in hue: of that less than a third.
          expect(at(10, 100)).toBeLessThan(85);
        },
      ),
      { numRuns: 200 },
    );
  });
  it("is none of the whites of the eyes", () => {
    const photo = scene([200, 150, 120], [138, 138, 137], 1);
    const eye = [point(80, 90), point(120, 90)] as const;
    for (const [x, y] of [
      [90, 88],
      [112, 93],
    ] as const)
      for (let k = 0; k < 3; k++) photo.data[4 * (y * width + x) + k] = 225;
    const mask = skinMask(photo, square, [eye]);
    expect([mask[88 * width + 90], mask[93 * width + 112]]).toEqual([0, 0]);
    expect([mask[92 * width + 100], mask[120 * width + 100]]).toEqual([255, 255]);
    expect(skinMask(photo, square)[88 * width + 90]).toBe(255);
  });
});

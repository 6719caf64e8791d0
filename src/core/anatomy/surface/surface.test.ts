import { usualPhysique } from "../physique";
import fc from "fast-check";
import { buildFigure, contains, defaultFace, faceFromMeasures, AVERAGE } from "..";
import { depthsOf, onChart } from "./depths";
import { headSurface, type Head } from "./head";
import type { HeadParameters } from "./headMeasures";
import { lampLight, LIGHT_KEYS, lampTowards, type LightKey } from "./light";
import { PART } from "./mesh";
import { headOfFace, measuresOfFace } from "./ofFace";
import { rasterise, valueAt } from "./raster";
import { RELIEF_BOXES, headRelief } from "./relief";
import type { Vec } from "./smooth";
import type { ChartPicture } from "./chartPicture";
import { turnable, turnWords } from "./turned";
import type { TurnChart } from "./turnedHead";

const TURNED_CHARTS = ["face", "leftProfile", "rightProfile", "backOfHead"] as const;

const degrees = (radians: number) => (radians * 180) / Math.PI;
const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const length = (a: Vec) => Math.hypot(...a);
const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const clamp01 = (value: number) => Math.min(1, Math.max(0, value));
const angleAt = (at: Vec, a: Vec, b: Vec) => {
  const [u, v] = [sub(a, at), sub(b, at)];
  return degrees(Math.acos((u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / length(u) / length(v)));
};

const vertices = (head: Head) =>
  Array.from(head.parts, (part, i) => ({
    part,
    at: [head.positions[3 * i]!, head.positions[3 * i + 1]!, head.positions[3 * i + 2]!] as Vec,
  }));

/** Points of the profile as an anthropometrist finds them: what stands out or lies in farthest between two heights. */
function profilePoints(head: Head) {
  const midline = vertices(head)
    .filter(({ part, at }) => part === PART.skin && at[0] === 0 && at[2] > -60)
    .map(({ at }) => at);
  const f = head.measures.faceLength / 119;
  const between = (top: number, foot: number) =>
    midline.filter(([, y]) => y <= top && y >= foot).sort((a, b) => b[2] - a[2]);
  return {
    glabella: between(16, 8)[0]!,
    sellion: between(6 * f, -4 * f).at(-1)!,
    pronasale: between(-40 * f, -52 * f)[0]!,
    pogonion: between(-101 * f, -112 * f)[0]!,
    lowerLip: between(-76 * f, -88 * f)[0]!,
  };
}

function measured(head: Head) {
  const { landmarks } = head;
  const { glabella, sellion, pronasale, pogonion, lowerLip } = profilePoints(head);
  const slope = (a: Vec, b: Vec) => degrees(Math.atan2(b[2] - a[2], a[1] - b[1]));
  const skin = vertices(head).filter(({ part }) => part === PART.skin);
  const reach = (axis: 0 | 1 | 2, of: typeof skin) => of.map(({ at }) => at[axis]);
  const cranium = skin.filter(({ at }) => at[1] > 10);
  const chin = sub(pogonion, pronasale);
  const behindLine =
    ((lowerLip[2] - pronasale[2]) * chin[1] - (lowerLip[1] - pronasale[1]) * chin[2]) /
    length(chin);
  return {
    nasofrontal: angleAt(sellion, glabella, pronasale),
    nasolabial: angleAt(landmarks.subnasale, landmarks.columella, landmarks.labraleSuperius),
    nasofacial: slope(sellion, pronasale) - slope(glabella, pogonion),
    nasomental: angleAt(pronasale, sellion, pogonion),
    tip: (pronasale[2] - landmarks.alarCrease[2]) / length(sub(pronasale, sellion)),
    behindLine,
    earHeight: length(sub(landmarks.superaurale, landmarks.subaurale)),
    earLean: degrees(
      Math.atan2(
        landmarks.subaurale[2] - landmarks.superaurale[2],
        landmarks.superaurale[1] - landmarks.subaurale[1],
      ),
    ),
    headLength: glabella[2] - Math.min(...reach(2, cranium)),
    headBreadth: 2 * Math.max(...reach(0, cranium)),
    vertexToChin: Math.max(...reach(1, skin)) - landmarks.menton[1],
    faceLength: sellion[1] - landmarks.menton[1],
  };
}

const ADULTS: readonly (readonly [who: string, HeadParameters])[] = [
  ["average", {}],
  ["man", { sex: 1 }],
  ["woman", { sex: -1 }],
  ["narrow", { build: -1 }],
  ["broad", { build: 1 }],
  ["broad woman", { sex: -1, build: 0.5 }],
];

// Farkas 1994; Powell & Humphreys 1984; NIOSH 2003; all from memory, as the design gives them (8.6).
// Means of populations, so that a hundredth or two over their ends (a man's nose, a broad woman's height) is no fault.
describe.each(ADULTS)("the head of an adult: %s", (_, parameters) => {
  const head = headSurface({ ...parameters, detail: 1 });
  const own = measured(head);
  it.each([
    ["nasofrontal", 115, 135],
    ["nasolabial", 90, 110],
    ["nasofacial", 30, 40],
    ["nasomental", 120, 132],
    ["tip", 0.55, 0.615],
    ["behindLine", 0, 4],
    ["earHeight", 60, 66.1],
    ["earLean", 15, 20],
    ["headLength", 185, 195.1],
    ["vertexToChin", 213, 233],
  ] as const)("has a %s between %d and %d", (name, least, most) => {
    expect(own[name]).toBeGreaterThanOrEqual(least);
    expect(own[name]).toBeLessThanOrEqual(most);
  });

  it("is mirrored to the last bit, finite, and closed but for its foot", () => {
    const key = ([x, y, z]: Vec) => `${x} ${y} ${z}`;
    const all = new Set(vertices(head).map(({ at }) => key(at)));
    const strays = vertices(head).filter(
      ({ at: [x, y, z] }) =>
        ![x, y, z].every(Number.isFinite) || !all.has(key([x === 0 ? 0 : -x, y, z])),
    );
    expect(strays).toEqual([]);
  });
});

describe("the heads of children", () => {
  const heads = [7, 10, 13, 18].map((age) => measured(headSurface({ age, detail: 0.75 })));
  it("grow in everything a tape measures, and the chin stays behind most", () => {
    for (const name of ["faceLength", "headLength", "headBreadth", "vertexToChin"] as const)
      heads.slice(1).forEach((head, i) => expect(head[name]).toBeGreaterThan(heads[i]![name]));
    const [seven, , , grown] = heads;
    // Farkas 1994, from memory: at seven the head is 0.93 to 0.97 of its breadth, the face 0.80 to 0.86 of its length.
    expect(seven!.headBreadth / grown!.headBreadth).toBeGreaterThan(0.93);
    expect(seven!.faceLength / grown!.faceLength).toBeLessThan(0.86);
    expect(seven!.faceLength / grown!.faceLength).toBeGreaterThan(0.79);
  });
});

describe("somebody's own head", () => {
  const face = faceFromMeasures({ ...AVERAGE, faceWidth: 150, mouthWidth: 55, faceLength: 125 });
  it("has the breadths and heights of their face", () => {
    const head = headOfFace(face, 30, 0.75);
    expect(2 * head.landmarks.cheilion[0]).toBeCloseTo(55, 0);
    expect(-head.landmarks.menton[1]).toBeCloseTo(125, 0);
    expect(
      measuresOfFace(face, 30).faceWidth / measuresOfFace(defaultFace(), 30).faceWidth,
    ).toBeCloseTo(150 / AVERAGE.faceWidth, 6);
  });

  it("passes through landmarks that were found, mirrored", () => {
    const plain = headSurface({ detail: 0.5 });
    const [x, y, z] = plain.landmarks.pronasale;
    const [mx, my, mz] = plain.landmarks.malar;
    const bent = headSurface({
      detail: 0.5,
      landmarks: { pronasale: [x, y, z + 4], malar: [mx + 3, my, mz + 2] },
    });
    bent.landmarks.pronasale.forEach((value, i) => expect(value).toBeCloseTo([x, y, z + 4][i]!, 6));
    bent.landmarks.malar.forEach((value, i) =>
      expect(value).toBeCloseTo([mx + 3, my, mz + 2][i]!, 6),
    );
  });
});

describe("the chart of the front", () => {
  const face = defaultFace();
  const figure = buildFigure(face);
  const head = headOfFace(face, 30, 0.5);
  const chart = onChart(head, face, 0.5);
  it("has the landmarks of the surface where the drawing has them, within 2 mm", () => {
    const nearest = (at: Vec) => {
      let [best, least] = [0, Infinity];
      vertices(head).forEach((vertex, i) => {
        const far = length(sub(vertex.at, at));
        if (far < least) [best, least] = [i, far];
      });
      return { x: chart[2 * best]!, y: chart[2 * best + 1]! };
    };
    for (const [name, drawn] of [
      ["pronasale", face.pronasale],
      ["cheilion", face.cheilionLeft],
      ["labraleSuperius", face.labraleSuperius],
      ["endocanthion", face.endocanthionLeft],
      ["exocanthion", face.exocanthionLeft],
      ["menton", face.menton],
      ["alare", face.alareLeft],
    ] as const) {
      const on = nearest(head.landmarks[name]);
      expect([name, Math.hypot(on.x - drawn.x, on.y - drawn.y) <= 2]).toEqual([name, true]);
    }
  });

  it("ends where the drawing ends: nothing of the face over its edge, and nothing of it bare, within 1.5 mm", () => {
    const skin = vertices(head).flatMap(({ part, at }, i) =>
      part === PART.skin && at[2] > -150 && chart[2 * i + 1]! > -60
        ? [{ x: chart[2 * i]!, y: chart[2 * i + 1]! }]
        : [],
    );
    const over = skin.filter(
      ({ x, y }) => !contains(figure.outline, { x: x * (1 - 1.5 / 72), y: y > 100 ? y - 1.5 : y }),
    );
    expect(over).toEqual([]);
    for (const y of [90, 60, 30, 0, -30, -55]) {
      const edge = Math.max(
        ...figure.outline.filter((p) => Math.abs(p.y - y) < 4).map(({ x }) => x),
      );
      const own = Math.max(...skin.filter((p) => Math.abs(p.y - y) < 4).map(({ x }) => x));
      expect(Math.abs(own - edge)).toBeLessThan(1.5);
    }
  });

  it("tells the depth of what lies under it: front before back, both together at the edge", () => {
    const depths = depthsOf(head, face, 0.5);
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -60, max: 90, noNaN: true }),
        (x, y) => {
          const p = { x, y };
          fc.pre(contains(figure.outline, { x: x * 1.15, y: y * 1.12 }));
          expect(depths.front(p)).toBeGreaterThan(depths.back(p));
          expect(depths.front({ x: -x, y })).toBeCloseTo(depths.front(p), 0);
        },
      ),
    );
    expect(depths.front({ x: 90, y: 10 })).toBeCloseTo(depths.back({ x: 90, y: 10 }), 6);
    // The tip stands out some 27 mm before the bridge (tip projection 0.55-0.60 of the nose's length).
    expect(depths.front(face.pronasale)).toBeGreaterThan(24);
    expect(depths.front(face.pronasale)).toBeLessThan(30);
  });
});

describe("from the front chart to the surface and back", () => {
  const face = defaultFace();
  const head = headOfFace(face, 30, 0.5);
  const chart = onChart(head, face, 0.5);
  const skin = Array.from({ length: head.triangles.length / 3 }, (_, t) => 3 * t).filter(
    (t) => head.parts[head.triangles[t]!] === PART.skin,
  );
  const corners = (t: number) => [0, 1, 2].map((k) => head.triangles[t + k]!);
  const place = (i: number): Vec => [
    head.positions[3 * i]!,
    head.positions[3 * i + 1]!,
    head.positions[3 * i + 2]!,
  ];
  /** Shares of a triangle's corners at a place of the chart; null outside. */
  const sharesAt = (t: number, x: number, y: number): Vec | null => {
    const [a, b, c] = corners(t).map((i) => [chart[2 * i]!, chart[2 * i + 1]!] as const);
    const [ux, uy, vx, vy] = [b![0] - a![0], b![1] - a![1], c![0] - a![0], c![1] - a![1]];
    const area = ux * vy - vx * uy;
    if (area < 1e-6) return null;
    const second = ((x - a![0]) * vy - vx * (y - a![1])) / area;
    const third = (ux * (y - a![1]) - (x - a![0]) * uy) / area;
    const inside = second >= 0 && third >= 0 && second + third <= 1;
    return inside ? [1 - second - third, second, third] : null;
  };
  /** The foremost point of the surface under a place of the chart. */
  const toSurface = (x: number, y: number): Vec | null => {
    let found: Vec | null = null;
    for (const t of skin) {
      const shares = sharesAt(t, x, y);
      if (!shares) continue;
      const points = corners(t).map(place);
      const at = [0, 1, 2].map((k) => shares.reduce((sum, w, i) => sum + w * points[i]![k]!, 0));
      if (!found || at[2]! > found[2]) found = at as unknown as Vec;
    }
    return found;
  };
  /** Where the chart has the point of the surface nearest to one in space. */
  const toChart = (p: Vec): readonly [number, number] => {
    let [best, least, shares] = [0, Infinity, [1, 0, 0] as Vec];
    for (const t of skin) {
      const [a, b, c] = corners(t).map(place);
      const [u, v, w] = [sub(b!, a!), sub(c!, a!), sub(p, a!)];
      if (length(w) > 25) continue;
      const n = cross(u, v);
      const n2 = dot(n, n) || 1;
      const third = clamp01(dot(cross(u, w), n) / n2);
      const second = Math.min(1 - third, clamp01(dot(cross(w, v), n) / n2));
      const near = [0, 1, 2].map((k) => a![k]! + second * u[k]! + third * v[k]!) as unknown as Vec;
      const far = length(sub(near, p));
      if (far < least) [best, least, shares] = [t, far, [1 - second - third, second, third]];
    }
    const sum = (k: number) =>
      corners(best).reduce((total, i, at) => total + shares[at]! * chart[2 * i + k]!, 0);
    return [sum(0), sum(1)];
  };

  it("comes back within 0.3 mm, wherever on the face", () => {
    expect(toSurface(0, -100)).not.toBeNull();
    fc.assert(
      fc.property(
        fc.double({ min: -58, max: 58, noNaN: true }),
        fc.double({ min: -112, max: 58, noNaN: true }),
        (x, y) => {
          const at = toSurface(x, y);
          // Eyes and the line of the mouth are no skin; beyond the jaw there is none.
          if (!at) return;
          const [backX, backY] = toChart(at);
          expect(Math.hypot(backX - x, backY - y)).toBeLessThan(0.3);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe("a mesh over pixels", () => {
  it("gives each pixel its nearest triangle and its corners' values there (by hand)", () => {
    // A square of two triangles, near on the right; behind it another, wholly hidden.
    const laid = {
      x: Float32Array.from([0, 10, 10, 0, 0, 10, 10]),
      y: Float32Array.from([0, 0, 10, 10, 0, 0, 10]),
      near: Float32Array.from([0, 10, 10, 0, -5, -5, -5]),
    };
    const triangles = Uint32Array.from([0, 2, 1, 0, 3, 2, 4, 6, 5]);
    const raster = rasterise(laid, triangles, 11, 11);
    const at = 5 * 11 + 7;
    expect(raster.triangle[at]).toBeLessThan(6);
    expect(valueAt(raster, triangles, at, laid.x)).toBeCloseTo(7, 5);
    expect(valueAt(raster, triangles, at, laid.y)).toBeCloseTo(5, 5);
    expect(valueAt(raster, triangles, at, laid.near)).toBeCloseTo(7, 5);
    expect(raster.triangle.every((t) => t >= 0)).toBe(true);
  });
});

describe("light on a head", () => {
  const head = headSurface({ detail: 0.35 });
  const lampOn = (light: LightKey) => lampLight(head, lampTowards(light, false));
  const at = (name: keyof Head["landmarks"]) => {
    let [best, least] = [0, Infinity];
    vertices(head).forEach((vertex, i) => {
      const far = length(sub(vertex.at, head.landmarks[name]));
      if (far < least) [best, least] = [i, far];
    });
    return best;
  };
  it("falls as FORM-1 says: from above on forehead and nose, not under the chin; footlights the other way round", () => {
    const [above, foot] = [lampOn("above"), lampOn("foot")];
    const [forehead, under] = [at("metopion"), at("cervicale")];
    expect(above[forehead]).toBeGreaterThan(0.7);
    expect(above[under]).toBeLessThan(0.2);
    expect(foot[under]).toBeGreaterThan(foot[forehead]!);
  });

  it("from their left is from their right, mirrored", () => {
    const [left, right] = [lampOn("left"), lampOn("right")];
    const malar = at("malar");
    const twin = vertices(head).findIndex(
      ({ at: [x, y, z] }) =>
        x === -head.positions[3 * malar]! &&
        y === head.positions[3 * malar + 1] &&
        z === head.positions[3 * malar + 2],
    );
    expect(left[malar]).toBeGreaterThan(0.6);
    expect(right[malar]).toBeLessThan(0.1);
    expect(right[twin]).toBeCloseTo(left[malar]!, 1);
  });

  it.each(LIGHT_KEYS)("makes a relief that covers the face and only shades it: %s", (light) => {
    const relief = headRelief({
      part: "head",
      what: "form",
      face: defaultFace(),
      ageYears: 30,
      chart: "face",
      light,
    });
    const { left, top } = RELIEF_BOXES.face;
    const cover = (x: number, y: number) =>
      relief.rgba[
        4 * (Math.round((-y - top) * 2) * relief.width + Math.round((x - left) * 2)) + 3
      ]!;
    const face = [
      [0, 30],
      [30, -40],
      [-30, -40],
      [0, -45],
      [0, -106],
    ] as const;
    for (const [x, y] of face) expect(cover(x, y)).toBeLessThan(light === "behind" ? 256 : 200);
    // Nothing lies beside the head.
    expect(cover(-120, 100)).toBe(0);
    const covers = relief.rgba.filter((_, i) => i % 4 === 3);
    expect(new Set(covers).size).toBeGreaterThan(40);
  });

  it("is mirrored by gloss on few places, and elsewhere for another lamp", () => {
    const shining = (light: "above" | "left") => {
      const { rgba, width } = headRelief({
        part: "head",
        what: "gloss",
        face: defaultFace(),
        ageYears: 30,
        chart: "face",
        light,
      });
      const found = Array.from({ length: rgba.length / 4 }, (_, at) => at).filter(
        (at) => rgba[4 * at + 3]! > 60,
      );
      const middle = found.reduce((sum, at) => sum + (at % width), 0) / found.length;
      return { share: found.length / (rgba.length / 4), x: middle / 2 + RELIEF_BOXES.face.left };
    };
    const [above, left] = [shining("above"), shining("left")];
    expect(above.share).toBeGreaterThan(0.002);
    expect(above.share).toBeLessThan(0.12);
    expect(Math.abs(above.x)).toBeLessThan(20);
    expect(left.x).toBeGreaterThan(20);
  });

  it("is the relief of a chart each: from the left forward is to the left", () => {
    const relief = headRelief({
      part: "head",
      what: "form",
      face: defaultFace(),
      ageYears: 30,
      chart: "leftProfile",
      light: "above",
    });
    const row = Math.round((45 - RELIEF_BOXES.leftProfile.top) * 2);
    const covered = Array.from({ length: relief.width }, (_, x) => x).filter(
      (x) => relief.rgba[4 * (row * relief.width + x) + 3]! > 0,
    );
    // At the height of the tip of the nose the first that is covered is the nose, some 28 mm before the bridge.
    const first = covered[0]! / 2 + RELIEF_BOXES.leftProfile.left;
    expect(first).toBeLessThan(-24);
    expect(first).toBeGreaterThan(-40);
  });
});

describe("a painted head that is turned", () => {
  const COLOURS: Readonly<Record<TurnChart, readonly [number, number, number]>> = {
    face: [220, 0, 0],
    leftProfile: [0, 220, 0],
    rightProfile: [0, 0, 220],
    backOfHead: [220, 220, 0],
  };
  const chart = (key: TurnChart): ChartPicture => {
    const box = RELIEF_BOXES[key];
    const data = new Uint8ClampedArray(box.width * box.height * 4);
    for (let at = 0; at < data.length; at += 4) data.set([...COLOURS[key], 255], at);
    return { width: box.width, height: box.height, data, box };
  };
  const charts = Object.fromEntries(TURNED_CHARTS.map((key) => [key, chart(key)])) as Record<
    TurnChart,
    ChartPicture
  >;
  const given = {
    face: defaultFace(),
    ageYears: 30,
    light: "above",
    skin: [128, 128, 128],
  } as const;
  const look = turnable({ head: { ...given, charts }, body: null });
  const [width, height] = [172, 200];
  const seen = (yaw: number, pitch = 0) => {
    const pixels = look({ yaw, pitch, width, height });
    return (x: number, y: number) =>
      Array.from(pixels.slice(4 * (y * width + x), 4 * (y * width + x) + 4));
  };
  const hue = ([red, green, blue, cover]: readonly number[]) =>
    [
      red! > 20 ? "red" : "",
      green! > 20 ? "green" : "",
      blue! > 20 ? "blue" : "",
      cover ? "" : "nothing",
    ]
      .filter(Boolean)
      .join(" ");

  it("takes each side's colours from the chart that sees it: front, their left, behind, their right", () => {
    // A cheek, a temple over the ear, the back of the head: level with the eyes and above the ear.
    expect(hue(seen(0)(width / 2, 100))).toBe("red");
    expect(hue(seen(90)(width / 2, 62))).toBe("green");
    expect(hue(seen(-90)(width / 2, 62))).toBe("blue");
    expect(hue(seen(180)(width / 2, 62))).toBe("red green");
    for (const yaw of [0, 90, 180]) expect(hue(seen(yaw)(2, 2))).toBe("nothing");
  });

  it("shows the person's left to the right of the picture from the front, and mirrors a head that is alike on both sides", () => {
    const dot = chart("face");
    // A dot on the left cheek, at x 35, y -35 mm.
    for (let y = -4; y <= 4; y++)
      for (let x = -4; x <= 4; x++)
        dot.data.set([255, 255, 255, 255], 4 * ((35 + y + 125) * dot.width + 35 + x + 130));
    const dotted = turnable({
      head: { ...given, charts: { ...charts, face: dot } },
      body: null,
    });
    const pixels = dotted({ yaw: 0, pitch: 0, width, height });
    const white = Array.from({ length: width * height }, (_, at) => at).filter(
      (at) => pixels[4 * at + 1]! > 90 && pixels[4 * at + 2]! > 90,
    );
    const middle = white.reduce((sum, at) => sum + (at % width), 0) / white.length;
    // 200 pixels show 300 mm.
    expect((middle - width / 2) * 1.5).toBeGreaterThan(33);
    expect((middle - width / 2) * 1.5).toBeLessThan(37);
    const [left, right] = [seen(35), seen(-35)];
    const shape = (at: ReturnType<typeof seen>, x: number, y: number) => at(x, y)[3];
    let differ = 0;
    for (let y = 10; y < 190; y += 5)
      for (let x = 6; x < width - 6; x += 5)
        if (shape(left, x, y) !== shape(right, width - x, y)) differ++;
    // Only where an edge falls between two pixels.
    expect(differ).toBeLessThan(12);
  });

  it("is seen from above with its crown nearer, and says from where in words", () => {
    const rows = (pitch: number) => {
      const at = seen(0, pitch);
      return Array.from({ length: height }, (_, y) => at(width / 2, y)[3]! > 0);
    };
    expect(rows(30).indexOf(true)).not.toBe(rows(0).indexOf(true));
    expect([0, 40, -40, 90, -90, 140, 180].map(turnWords)).toEqual([
      "from the front",
      "three-quarter, their left",
      "three-quarter, their right",
      "their left profile",
      "their right profile",
      "from behind, their left",
      "from behind",
    ]);
  });

  it("shows bare skin where no chart has anything", () => {
    const empty = Object.fromEntries(
      Object.entries(charts).map(([key, picture]) => [
        key,
        { ...picture, data: new Uint8ClampedArray(picture.data.length) },
      ]),
    ) as Record<TurnChart, ChartPicture>;
    const pixels = turnable({ head: { ...given, charts: empty }, body: null })({
      ...{ yaw: 20, pitch: 0, width, height },
    });
    const at = 4 * (100 * width + width / 2);
    const [red, green, blue] = pixels.slice(at, at + 3);
    expect([green, blue]).toEqual([red, red]);
    expect(red).toBeGreaterThan(60);
  });

  it("mirrors the lamp where it shines, whiter than what is matte, on the lamp's side of the face", () => {
    const shining = Object.fromEntries(
      Object.entries(charts).map(([key, picture]) => [
        key,
        { ...picture, data: new Uint8ClampedArray(picture.data.length).fill(255) },
      ]),
    ) as Record<TurnChart, ChartPicture>;
    const from = { yaw: 0, pitch: 0, width, height };
    const light = "left" as const;
    const [matte, gloss] = [undefined, shining].map((sheen) =>
      turnable({ head: { ...given, light, charts, ...(sheen && { sheen }) }, body: null })(from),
    ) as [Uint8ClampedArray, Uint8ClampedArray];
    // On red paint only what is mirrored is green.
    const places = Array.from({ length: width * height }, (_, at) => at).filter(
      (at) => gloss[4 * at + 1]! - matte[4 * at + 1]! > 20,
    );
    expect(places.length).toBeGreaterThan(20);
    const onLampSide = places.filter((at) => at % width > width / 2);
    expect(onLampSide.length / places.length).toBeGreaterThan(0.9);
  });

  it("turns the whole person: the front's colours before, the back's behind, both on a flank", () => {
    const physique = usualPhysique(30);
    const { vertex } = given.face;
    const bridgeMm = physique.heightCm * 10 - vertex.y;
    const box = { left: -700, top: -250, width: 1400, height: 2100 };
    const plain = (colour: readonly [number, number, number]): ChartPicture => {
      const data = new Uint8ClampedArray(140 * 210 * 4);
      for (let at = 0; at < data.length; at += 4) data.set([...colour, 255], at);
      return { width: 140, height: 210, data, box };
    };
    const body = {
      ...{ physique, bridgeMm, light: given.light, skin: given.skin },
      charts: { bodyFront: plain([220, 0, 0]), bodyBack: plain([0, 0, 220]) },
    };
    const person = turnable({ head: { ...given, charts }, body });
    const counted = (yaw: number) => {
      const pixels = person({ yaw, pitch: 0, width, height });
      const rows = Array.from({ length: height }, (_, y) =>
        Array.from({ length: width }, (_, x) =>
          hue([...pixels.slice(4 * (y * width + x)).slice(0, 4)]),
        ),
      );
      const below = rows.slice(40).flat();
      return {
        head: new Set(rows.slice(8, 18).flat()),
        red: below.filter((colour) => colour.includes("red")).length,
        blue: below.filter((colour) => colour.includes("blue")).length,
        top: rows.findIndex((row) => row.some((colour) => colour !== "nothing")),
        foot: rows.findLastIndex((row) => row.some((colour) => colour !== "nothing")),
      };
    };
    const [front, back, left, right] = [0, 180, 90, -90].map(counted) as [
      ReturnType<typeof counted>,
      ReturnType<typeof counted>,
      ReturnType<typeof counted>,
      ReturnType<typeof counted>,
    ];
    expect(front.blue).toBeLessThan(front.red / 50);
    expect(back.red).toBeLessThan(back.blue / 50);
    // A person is less deep than broad, and from a side both charts are seen.
    for (const side of [left, right]) {
      expect(Math.min(side.red, side.blue)).toBeGreaterThan(front.red / 10);
      expect(side.red + side.blue).toBeLessThan(1.3 * front.red);
    }
    expect(Math.abs(left.red - right.red)).toBeLessThan(0.06 * left.red);
    expect(front.head.has("red")).toBe(true);
    // 60 mm are left above and below.
    const mm = physique.heightCm * 10 + 120;
    expect(Math.abs(front.top - (60 * height) / mm)).toBeLessThan(3);
    expect(Math.abs(height - front.foot - (60 * height) / mm)).toBeLessThan(4);
  });
});

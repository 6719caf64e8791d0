import { rememberBy } from "../../remember";
import { displacement } from "./bend";
import { addEar } from "./ear";
import { IRIS_RADIUS } from "./faceCurves";
import { marksOf, type HeadLandmark, type HeadLandmarks } from "./headLandmarks";
import {
  DRAWN_HEAD,
  headMeasuresOf,
  traitsOf,
  type HeadMeasures,
  type HeadParameters,
} from "./headMeasures";
import { Builder, normalsOf } from "./mesh";
import { toPerson } from "./person";
import { addEye, addSkin } from "./skin";
import type { Vec } from "./smooth";

export interface Head {
  /** x, y, z of each vertex, mm. */
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  /** Three vertices for each triangle, counterclockwise from outside. */
  readonly triangles: Uint32Array;
  /** Place of each vertex on the average adult's front drawing, mm (of the ear: in its plane). */
  readonly chart: Float32Array;
  /**
   * Place of each vertex of the skin on the closed chart of the whole head: column (0 the midline
   * of the face to 11 that of the back) and row (0 the vertex to 26 the base of the neck); -1 on
   * ears, eyes and edges of lids. Both sides of the person have the same places.
   */
  readonly net: Float32Array;
  /** Where each vertex lies on the drawing of the average adult, the person's left at positive x, mm. */
  readonly drawn: Float32Array;
  /** {@link PART} of each vertex. */
  readonly parts: Uint8Array;
  /** Midline and left side, mm; the right side mirrors the left. */
  readonly landmarks: HeadLandmarks;
  readonly measures: HeadMeasures;
  /** Radius of the iris on the chart of the eye: 5.85 mm on the person whatever the eye's size. */
  readonly irisRadius: number;
}

interface Half {
  readonly xyz: readonly number[];
  readonly chart: readonly number[];
  readonly net: readonly number[];
  readonly part: readonly number[];
  readonly faces: readonly number[];
  /** Vertex of each landmark. */
  readonly marks: Readonly<Record<HeadLandmark, number>>;
}

/** The left half of the average adult by its fineness: the same for everybody. */
const halfOf = rememberBy(4, String, (detail: number): Half => {
  const b = new Builder();
  addSkin(b, detail);
  addEye(b, detail);
  addEar(b, detail);
  return {
    xyz: b.xyz,
    chart: b.chart,
    net: b.net,
    part: b.part,
    faces: b.faces,
    marks: marksOf(b),
  };
});

/** Every point of the half, moved to the person; what lies on the midline stays on it. */
function moved(h: Half, parameters: HeadParameters, measures: HeadMeasures): Vec[] {
  const move = toPerson(measures, traitsOf(parameters));
  const points = h.part.map((part, i): Vec => {
    const drawn: Vec = [h.xyz[3 * i]!, h.xyz[3 * i + 1]!, h.xyz[3 * i + 2]!];
    const [x, y, z] = move(drawn, part);
    return [drawn[0] === 0 ? 0 : x, y, z];
  });
  const found = parameters.landmarks;
  if (!found) return points;
  const names = Object.keys(h.marks) as HeadLandmark[];
  const from = names.map((name) => points[h.marks[name]]!);
  const by = names.map((name, i): Vec => {
    const [is, want] = [from[i]!, found[name]];
    return want ? [want[0] - is[0], want[1] - is[1], want[2] - is[2]] : [0, 0, 0];
  });
  const shift = displacement(from, by);
  return points.map((p): Vec => {
    const [x, y, z] = shift(p);
    return [p[0] === 0 ? 0 : p[0] + x, p[1] + y, p[2] + z];
  });
}

/** The number of each vertex's mirror image; vertices of the midline are their own, so that normals meet there. */
function twinsOf(points: readonly Vec[]): { readonly twin: Int32Array; readonly count: number } {
  let count = points.length;
  return { twin: Int32Array.from(points, ([x], i) => (x === 0 ? i : count++)), count };
}

/** Both halves of what each vertex carries, `size` numbers each; the right half's first is turned round where it is a breadth. */
function bothSides(
  values: ArrayLike<number>,
  size: number,
  { twin, count }: ReturnType<typeof twinsOf>,
  isBreadth: boolean,
): Float32Array {
  const all = new Float32Array(count * size);
  twin.forEach((to, i) => {
    for (let k = 0; k < size; k++) {
      const value = values[size * i + k]!;
      all[size * i + k] = value;
      // Plain zero stays plain zero, so that both halves are equal to the last bit.
      all[size * to + k] = isBreadth && k === 0 && value !== 0 ? -value : value;
    }
  });
  return all;
}

/** The triangles of the half and their mirror images, which run the other way round. */
function mirrored(faces: readonly number[], twin: Int32Array): Uint32Array {
  const all = new Uint32Array(faces.length * 2);
  all.set(faces);
  for (let t = 0; t < faces.length; t += 3)
    all.set([twin[faces[t]!]!, twin[faces[t + 2]!]!, twin[faces[t + 1]!]!], faces.length + t);
  return all;
}

/**
 * The surface of a person's head, neck and ears, mm.
 *
 * @param parameters measures win over build, sex and age; landmarks over all of them
 */
export function headSurface(parameters: HeadParameters = {}): Head {
  const h = halfOf(parameters.detail ?? 0.75);
  const measures = headMeasuresOf(parameters);
  const points = moved(h, parameters, measures);
  const twins = twinsOf(points);
  const positions = bothSides(points.flat(), 3, twins, true);
  const triangles = mirrored(h.faces, twins.twin);
  const drawn = h.part.flatMap((_, i) => [h.xyz[3 * i]!, h.xyz[3 * i + 1]!]);
  return {
    positions,
    normals: normalsOf(positions, triangles),
    triangles,
    chart: bothSides(h.chart, 2, twins, false),
    net: bothSides(h.net, 2, twins, false),
    drawn: bothSides(drawn, 2, twins, true),
    parts: Uint8Array.from(bothSides(h.part, 1, twins, false)),
    landmarks: Object.fromEntries(
      Object.entries(h.marks).map(([name, i]) => [name, points[i]!]),
    ) as Record<HeadLandmark, Vec>,
    measures,
    irisRadius: (IRIS_RADIUS * DRAWN_HEAD.eyeWidth) / measures.eyeWidth,
  };
}

import { rememberBy } from "../../remember";
import { bodyShapeOf } from "../bodyShape";
import type { Physique } from "../physique";
import stored from "./body.json";
import type { LitSurface } from "./light";
import { normalsOf } from "./mesh";

/** A body without its head, mm: axes as the head's, its bridge of the nose at the origin. */
export interface Body extends LitSurface {
  /** Light of a room at each vertex, 1 where nothing stands before it. */
  readonly room: Float32Array;
}

/** Bytes that are written in base64. */
function bytesOf(text: string): Uint8Array<ArrayBuffer> {
  const signs = atob(text);
  const bytes = new Uint8Array(signs.length);
  for (let i = 0; i < bytes.length; i++) bytes[i] = signs.charCodeAt(i);
  return bytes;
}
/** What 1 is kept as. */
const ROOM_UNIT = 200;

/** The left half as it was sculpted (scripts/body): moves of each vertex by each form, faces, light of the room. */
const halfOf = rememberBy(1, String, (_: "half") => ({
  forms: stored.forms.map(({ unit, moves }) =>
    new Float32Array(new Int16Array(bytesOf(moves).buffer)).map((value) => value * unit),
  ),
  faces: new Uint16Array(bytesOf(stored.triangles).buffer),
  room: new Float32Array(bytesOf(stored.room)).map((value) => value / ROOM_UNIT),
}));

/** Where every vertex of the left half lies on a person of the drawn height, mm from the floor. */
function leftHalf(weights: readonly number[]): Float32Array {
  const { forms } = halfOf("half");
  const points = new Float32Array(stored.vertices * 3);
  forms.forEach((form, k) => {
    const weight = weights[k] ?? 0;
    for (let i = 0; i < points.length; i++) points[i]! += weight * form[i]!;
  });
  return points;
}

/** How far behind the bridge of the nose the plumb line of ear and shoulder is, mm. */
const PLUMB_MM = -105;

/**
 * The surface of a person's body, mm.
 *
 * @param bridgeMm how high the bridge of the nose is above the floor
 */
export const bodySurface = rememberBy(
  4,
  (physique: Physique, bridgeMm: number) => JSON.stringify([physique, bridgeMm]),
  (physique, bridgeMm): Body => {
    const { faces, room, forms } = halfOf("half");
    const { weights, size, girth } = bodyShapeOf(physique);
    const left = leftHalf(weights);
    const count = stored.vertices;
    const positions = new Float32Array(count * 6);
    for (let i = 0; i < count; i++) {
      // What lies on the midline of the drawn body does so on everybody's.
      const x = forms[0]![3 * i] === 0 ? 0 : left[3 * i]! * size * girth;
      const y = left[3 * i + 1]! * size - bridgeMm;
      const z = left[3 * i + 2]! * size * girth + PLUMB_MM;
      positions.set([x, y, z], 3 * i);
      positions.set([x === 0 ? 0 : -x, y, z], 3 * (count + i));
    }
    const triangles = new Uint32Array(faces.length * 2);
    triangles.set(faces);
    for (let t = 0; t < faces.length; t += 3)
      triangles.set(
        [faces[t]! + count, faces[t + 2]! + count, faces[t + 1]! + count],
        faces.length + t,
      );
    const normals = normalsOf(positions, triangles);
    for (let i = 0; i < count; i++)
      if (positions[3 * i] === 0) normals[3 * i] = normals[3 * (count + i)] = 0;
    return { positions, normals, triangles, room: Float32Array.from([...room, ...room]) };
  },
);

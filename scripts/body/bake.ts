/** Measures the sculpted body at many sizes and writes what the product keeps of it: npx tsx scripts/body/bake.ts */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { DRAWN_BODY, formWeights } from "../../src/core/anatomy/bodyShape";
import { BODY_HEIGHTS, BODY_STRANDS } from "../../src/core/anatomy/bodyStrands";
import { roomLightOnBody } from "../../src/core/anatomy/surface/light";
import { normalsOf } from "../../src/core/anatomy/surface/mesh";

import { carriedTo } from "./carried";
import { fitted } from "./fitted";
import { buildHalf } from "./half";
import { DRAWN, SEVEN, type BodyParameters } from "./person";

/** Fineness of the mesh that is kept; 1 is some 7 mm on the trunk. */
const DETAIL = 0.55;
/** Sizes that are sculpted: stoutness, and how much of a child. */
const STOUT = [0.8, 1, 1.2, 1.45];
const CHILD = [0, 0.5, 1];
/** Usual statures from grown to seven, mm (growth charts, from memory): the forms are of everybody at one height. */
const STATURES = [1700, 1510, SEVEN.stature];
/** How much more than the others the drawn body and grown ones count. */
const [DRAWN_COUNTS, GROWN_COUNTS] = [50, 3];

const core = join(__dirname, "../../src/core/anatomy");

const sizes = CHILD.flatMap((child, k) =>
  STOUT.map((stout) => {
    const stature = STATURES[k]!;
    const mass = (stout ** 2 * DRAWN.mass * stature ** 3) / DRAWN.stature ** 3;
    const person: BodyParameters = { stature, mass, child };
    const counts = stout === 1 && child === 0 ? DRAWN_COUNTS : child === 0 ? GROWN_COUNTS : 1;
    return { person, weights: formWeights(stout, child), counts };
  }),
);
const half = buildHalf(DETAIL);
const made = sizes.map(({ person }) =>
  carriedTo(half, person).flatMap((p) => p.map((v) => (v * DRAWN.stature) / person.stature)),
);
const forms = fitted(sizes, made);

/** Numbers as 16 bit whole ones in the parts of `unit`, base64. */
const coded = (values: readonly number[], unit: number) =>
  Buffer.from(Int16Array.from(values, (v) => Math.round(v / unit)).buffer).toString("base64");
const unitOf = (values: readonly number[]) =>
  values.reduce((m, v) => Math.max(m, Math.abs(v)), 0) / 32_000;

/** Light of the room on both halves of the drawn body. */
function roomLight(): number[] {
  const drawn = forms[0]!;
  const count = drawn.length / 3;
  const mirrored = drawn.map((v, i) => (i % 3 === 0 ? -v : v));
  const faces = half.mesh.faces;
  const turned = faces.map((_, i) => faces[i - (i % 3) + ((3 - (i % 3)) % 3)]! + count);
  const positions = Float32Array.from([...drawn, ...mirrored]);
  const triangles = Uint32Array.from([...faces, ...turned]);
  const normals = normalsOf(positions, triangles);
  // Normals meet at the midline.
  for (let i = 0; i < count; i++) if (drawn[3 * i] === 0) normals[3 * i] = 0;
  return [...roomLightOnBody({ positions, normals, triangles }, 60).subarray(0, count)];
}

writeFileSync(
  join(core, "surface/body.json"),
  `${JSON.stringify({
    vertices: half.mesh.points.length,
    forms: forms.map((form) => {
      const unit = unitOf(form);
      return { unit, moves: coded(form, unit) };
    }),
    triangles: Buffer.from(Uint16Array.from(half.mesh.faces).buffer).toString("base64"),
    room: Buffer.from(
      Uint8Array.from(roomLight(), (v) => Math.min(255, Math.round(v * 200))),
    ).toString("base64"),
  })}\n`,
);

/** How many vertices a point of the drawing goes with. */
const NEAR = 4;

/** Moves of a drawn point by every form but the drawn body itself: those of the skin nearest to it in the drawing. */
function movesAt(x: number, y: number): number[] {
  const drawn = forms[0]!;
  const floor = y - DRAWN_BODY.soles;
  const near = Array.from({ length: drawn.length / 3 }, (_, i) => ({
    i,
    far: Math.hypot(drawn[3 * i]! - x, drawn[3 * i + 1]! - floor),
  }))
    .sort((a, b) => a.far - b.far)
    .slice(0, NEAR);
  const total = near.reduce((sum, { far }) => sum + 1 / (far + 1), 0);
  return forms.slice(1).flatMap((form) =>
    [0, 1].map((k) => {
      const move = near.reduce((sum, { i, far }) => sum + form[3 * i + k]! / (far + 1), 0) / total;
      return Math.round((x === 0 && k === 0 ? 0 : move) * 10) / 10;
    }),
  );
}

const entriesOf = <T extends object>(table: T) => Object.entries(table) as [string, T[keyof T]][];
writeFileSync(
  join(core, "bodyForms.json"),
  `${JSON.stringify({
    strands: Object.fromEntries(
      entriesOf(BODY_STRANDS).map(([name, points]) => [
        name,
        points.map(([x, y]) => movesAt(x, y)),
      ]),
    ),
    heights: Object.fromEntries(
      entriesOf(BODY_HEIGHTS).map(([name, { x, y }]) => [name, movesAt(x, y)]),
    ),
  })}\n`,
);

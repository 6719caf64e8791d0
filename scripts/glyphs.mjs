// Writes the outlines of the shipped text font, bold, as the table that lettering is drawn from: node scripts/glyphs.mjs
// Atkinson Hyperlegible Next, SIL Open Font License 1.1, from the package @fontsource-variable/atkinson-hyperlegible-next.
import { Buffer } from "node:buffer";
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import { create } from "fontkit";
import { decompress } from "wawoff2";
import { ROOT } from "./steps.cjs";

const FILE = createRequire(import.meta.url).resolve(
  "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2",
);
const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789 .,!?'&-+";
const PIECES = 5;

const area = (ring) =>
  ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length];
    return sum + x * v - u * y;
  }, 0) / 2;
const inside = (ring, [x, y]) =>
  ring.reduce((odd, [px, py], i) => {
    const [qx, qy] = ring.at(i - 1);
    return py > y !== qy > y && x < ((qx - px) * (y - py)) / (qy - py) + px ? !odd : odd;
  }, false);

/** Contours of a glyph as rings of straight pieces. */
function rings(path) {
  const found = [];
  let at = [0, 0];
  for (const { command, args } of path.commands) {
    const ring = found.at(-1);
    const bend = (points) => {
      for (let i = 1; i <= PIECES; i++) {
        let row = [at, ...points];
        const t = i / PIECES;
        while (row.length > 1)
          row = row
            .slice(1)
            .map(([x, y], k) => [row[k][0] + (x - row[k][0]) * t, row[k][1] + (y - row[k][1]) * t]);
        ring.push(row[0]);
      }
      at = points.at(-1);
    };
    if (command === "moveTo") {
      found.push([args]);
      at = args;
    } else if (command === "lineTo") {
      ring.push(args);
      at = args;
    } else if (command === "quadraticCurveTo")
      bend([
        [args[0], args[1]],
        [args[2], args[3]],
      ]);
    else if (command === "bezierCurveTo")
      bend([
        [args[0], args[1]],
        [args[2], args[3]],
        [args[4], args[5]],
      ]);
  }
  return found
    .map((ring) =>
      ring
        .map((p) => p.map(Math.round))
        .filter(([x, y], i, all) => {
          const [u, v] = all.at(i - 1);
          return x !== u || y !== v;
        }),
    )
    .filter((ring) => ring.length > 2);
}

/** Holes joined to what they are cut out of by a bridge of no width, so that a shape is one closed line. */
function joined(contours) {
  const way = Math.sign(
    area(contours.reduce((a, b) => (Math.abs(area(b)) > Math.abs(area(a)) ? b : a))),
  );
  const outers = contours.filter((ring) => Math.sign(area(ring)) === way);
  for (const hole of contours.filter((ring) => Math.sign(area(ring)) !== way)) {
    const k = outers.findIndex((ring) => inside(ring, hole[0]));
    if (k < 0) continue;
    let best = [Infinity, 0, 0];
    outers[k].forEach(([x, y], i) =>
      hole.forEach(([u, v], j) => {
        const d = Math.hypot(x - u, y - v);
        if (d < best[0]) best = [d, i, j];
      }),
    );
    const [, i, j] = best;
    outers[k] = [
      ...outers[k].slice(0, i + 1),
      ...hole.slice(j),
      ...hole.slice(0, j + 1),
      ...outers[k].slice(i),
    ];
  }
  return outers;
}

// Unpacked first: the reader knows how to vary a font only from its plain form.
const font = create(Buffer.from(await decompress(readFileSync(FILE)))).getVariation({ wght: 700 });
const lines = [...LETTERS].map((letter) => {
  const glyph = font.glyphForCodePoint(letter.codePointAt(0));
  const contours = rings(glyph.path);
  return `  ${JSON.stringify(letter)}: [${Math.round(glyph.advanceWidth)}, ${JSON.stringify(contours.length ? joined(contours).map((ring) => ring.flat().join(" ")) : [])}],`;
});
writeFileSync(
  join(ROOT, "src/core/shapes/lettering/glyphs.ts"),
  `/**
 * Outlines of the shipped text font, bold, in ${font.unitsPerEm} units to the em: the advance, and each shape as x y x y ..., y up, holes joined by a
 * bridge. Written by scripts/glyphs.mjs from Atkinson Hyperlegible Next (SIL Open Font License 1.1).
 */
export const CAP_HEIGHT = ${Math.round(font.capHeight)};
export const GLYPHS: Readonly<Record<string, readonly [advance: number, shapes: readonly string[]]>> = {
${lines.join("\n")}
};
`,
);

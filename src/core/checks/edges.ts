import {
  boundingBox,
  contains,
  creaseLines,
  creaseWords,
  hatShadeMm,
  zoneInfo,
  distance,
  point,
  toSegment,
  type Figure,
  type Point,
  type Polygon,
  type ZoneId,
} from "../anatomy";
import type { Remark } from "./finding";
import { together, type Part } from "./together";
import { moveMark } from "../shapes/arrange";
import { CENTRAL, isAtHome } from "./moving";
import { placedStrokes, type Mark } from "../shapes";
import type { Layer } from "../design/schema";
import { isColour } from "../design/roles";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import { withMarks } from "./safety";
import { shapesOf } from "../design/leftOut";

/** Down to where a hat or fringe takes what is drawn, mm: its edge, and the shade under it in the look's light. */
const hatLimit = (lineMm: number, { look }: Pick<Stack, "look">): number =>
  lineMm - hatShadeMm(look.light);

/** Share of a zone that lies above a height, by a 2 mm grid. */
function shareAbove(polygon: Polygon, y: number): number {
  const box = boundingBox(polygon);
  let inside = 0;
  let above = 0;
  for (let v = box.bottom + 1; v < box.top; v += 2)
    for (let u = box.left + 1; u < box.right; u += 2) {
      if (!contains(polygon, { x: u, y: v })) continue;
      inside++;
      if (v > y) above++;
    }
  return inside ? above / inside : 0;
}

const reach = (layer: Layer) =>
  Math.max(
    ...shapesOf(layer)
      .flatMap(placedStrokes)
      .flatMap((stroke) => stroke.points.map((p) => p.y + stroke.widthMm / 2)),
  );

/** How far the marks of a layer reach into the shade of the hat, mm; 0 or less where they keep clear, or nothing covers the forehead. */
export const intoTheShade = (stack: Pick<Stack, "context" | "look">, layer: Layer): number => {
  const line = stack.context.brief.hatLineMm;
  return line === null || !shapesOf(layer).length ? 0 : reach(layer) - hatLimit(line, stack);
};

/** EDGE-4: brows and marks under the hat or fringe. */
export function underTheHat(stack: Stack): Remark[] {
  const line = stack.context.brief.hatLineMm;
  if (line === null) return [];
  const limit = hatLimit(line, stack);
  return stack.look.layers.flatMap((layer): Remark[] => {
    // What follows other shapes is lowered with them.
    if (!isColour(layer.role) || layer.role === "base" || layer.form) return [];
    const shapes = shapesOf(layer);
    if (shapes.length) {
      const over = intoTheShade(stack, layer);
      if (over <= 0.05) return [];
      const lowerBy = Math.ceil(over * 2) / 2;
      const high = shapes.map((mark) =>
        reach({ ...layer, marks: [mark] }) > limit
          ? { ...mark, y: mark.y - (reach({ ...layer, marks: [mark] }) - limit) }
          : mark,
      );
      const lower = withMarks(stack, layer, high);
      return [
        {
          rule: "EDGE-4",
          severity: "caution",
          where: { layerId: layer.id, zones: layer.zones },
          message: `${layer.name} reaches ${lowerBy} mm ${limit < line ? "into the shade of" : "above"} the hat line at ${line} mm.`,
          ...(lower && { fix: lower, fixLabel: `Lower by ${lowerBy} mm` }),
        },
      ];
    }
    // Marks below the line are seen, however much of their area is not.
    if (layer.marks.length) return [];
    const hidden: ZoneId[] = layer.zones.filter(
      (zone) =>
        zoneInfo(zone).frame === "front" &&
        shareAbove(stack.context.figure.zone(zone).polygon, line) > 0.5,
    );
    if (!hidden.length) return [];
    const rest = layer.zones.filter((zone) => !hidden.includes(zone));
    return [
      {
        rule: "EDGE-4",
        severity: "caution",
        where: { layerId: layer.id, zones: hidden },
        message: `${layer.name} on ${zoneWords(hidden)} lies mostly above the hat line at ${line} mm: nobody will see it.`,
        fix: rest.length
          ? { op: "changeLayer", id: layer.id, change: { zones: rest } }
          : { op: "removeLayer", id: layer.id },
        fixLabel: rest.length ? `Leave out ${zoneWords(hidden)}` : `Remove ${layer.name}`,
      },
    ];
  });
}

/** PREP-3: hair on chin and mouth breaks up what is painted there. */
export function beardInTheWay(stack: Stack): Remark[] {
  const { beard } = stack.context.person;
  if (beard === "none") return [];
  const broken = stack.look.layers.flatMap((layer): Part[] => {
    const hairy = layer.zones.filter((zone) => zoneInfo(zone).flags.includes("beard"));
    if (!hairy.length || !isColour(layer.role) || isGroundOnly(layer)) return [];
    return [{ name: layer.name, where: { layerId: layer.id, zones: hairy }, mend: null }];
  });
  const zones = [...new Set(broken.flatMap(({ where }) => where.zones))];
  return together(
    broken,
    (names) => ({
      rule: "PREP-3",
      severity: "caution",
      message: `${stack.context.person.name} has ${beard === "beard" ? "a beard" : "stubble"}: it breaks up ${names} on ${zoneWords(zones)}. Shave, move the design, or leave it and say so.`,
    }),
    "",
  );
}

const isGroundOnly = (layer: Layer) => layer.role === "base" && layer.edge === "faded";

/** A line within this of a crease lies in it, mm; so long a way along it loses the edge when the face moves. Common practice, no published source. */
const IN_CREASE_MM = 1.5;
const ALONG_MM = 8;
/** Ways a mark is moved clear, mm: the shortest that does it. */
const CLEAR_MM = [2, 3, 4, 5, 6, 8, 10] as const;
const DIRECTIONS = Array.from(
  { length: 8 },
  (_, i) => [Math.cos((i * Math.PI) / 4), Math.sin((i * Math.PI) / 4)] as const,
);

const UP_OR_DOWN = [
  [0, 1],
  [0, -1],
] as const;

interface Along {
  readonly mm: number;
  readonly crease: string;
}

/** How far a mark's lines run inside one crease, the longest. */
function alongCrease(mark: Mark, figure: Figure): Along {
  const lines = placedStrokes(mark).filter(
    (stroke) => stroke.points.length > 1 && stroke.lengthMm !== 0,
  );
  return creaseLines(figure).reduce<Along>(
    (most, crease) => {
      const box = boundingBox(crease.points);
      const inside = (p: Point) =>
        p.x >= box.left - IN_CREASE_MM &&
        p.x <= box.right + IN_CREASE_MM &&
        p.y >= box.bottom - IN_CREASE_MM &&
        p.y <= box.top + IN_CREASE_MM &&
        crease.points.some(
          (q, i) => i > 0 && toSegment(p, crease.points[i - 1] ?? q, q) <= IN_CREASE_MM,
        );
      const mm = Math.max(
        0,
        ...lines.map(
          ({ points }) =>
            points.slice(1).reduce(
              (run, p, i) => {
                const before = points[i] ?? p;
                return inside(p) && inside(before)
                  ? {
                      now: run.now + distance(before, p),
                      best: Math.max(run.best, run.now + distance(before, p)),
                    }
                  : { now: 0, best: run.best };
              },
              { now: 0, best: 0 },
            ).best,
        ),
      );
      return mm > most.mm ? { mm, crease: crease.name } : most;
    },
    { mm: 0, crease: "" },
  );
}

/** EDGE-1: a drawn edge that runs along a crease sinks in when the face moves. */
export function inTheCrease(stack: Stack): Remark[] {
  const { figure, brief } = stack.context;
  return stack.look.layers.flatMap((layer): Remark[] => {
    const shapes = shapesOf(layer);
    if (!shapes.length || layer.form || !isColour(layer.role) || layer.edge === "faded") return [];
    // A shadow laid into a fold deepens it: what moves there is the fold itself (FORM-2).
    if (layer.role === "shade") return [];
    // A mouth drawn on the mouth lies along its creases and is meant to move with them (EDGE-2).
    const caught = shapes.map((mark) =>
      isAtHome(mark, figure) ? { mm: 0, crease: "" } : alongCrease(mark, figure),
    );
    const worst = caught.reduce((most, along) => (along.mm > most.mm ? along : most), {
      mm: 0,
      crease: "",
    });
    if (worst.mm < ALONG_MM) return [];
    const limit = brief.hatLineMm === null ? Infinity : hatLimit(brief.hatLineMm, stack);
    const clear = (mark: Mark): Mark | null => {
      // What sits on the midline stays on it (MAP-3): it moves up or down.
      const ways = mark.x === 0 && CENTRAL.includes(mark.kind) ? UP_OR_DOWN : DIRECTIONS;
      for (const mm of CLEAR_MM)
        for (const [dx, dy] of ways) {
          const moved = moveMark(mark, point(mark.x + dx * mm, mark.y + dy * mm));
          if (
            moved &&
            alongCrease(moved, figure).mm < ALONG_MM &&
            reach({ ...layer, marks: [moved] }) <= limit
          )
            return moved;
        }
      return null;
    };
    const moved = shapes.map((mark, i) => ((caught[i]?.mm ?? 0) >= ALONG_MM ? clear(mark) : mark));
    const isClear = moved.every((mark): mark is Mark => mark !== null);
    const fix = isClear ? withMarks(stack, layer, moved) : null;
    return [
      {
        rule: "EDGE-1",
        severity: "caution",
        where: { layerId: layer.id, zones: layer.zones },
        message: `${layer.name} runs along ${creaseWords(worst.crease)} for ${Math.round(worst.mm)} mm: when the face moves the edge sinks in and breaks. Keep it a few millimetres clear.`,
        ...(fix && { fix, fixLabel: "Move it clear of the crease" }),
      },
    ];
  });
}

import { borders, zoneInfo, type ZoneId } from "../anatomy";
import { deltaE00, labFromReflectance, type Lab } from "../colour";
import { isPaintType, isPiece, material, toolsFor, type MaterialKey } from "../paint";
import { layerKeptFrom } from "../design/layerKeptFrom";
import { isWhole } from "../design/predict";
import { isColour } from "../design/roles";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import type { Remark } from "./finding";

/** Under this a piece and the skin beside it are one tone; over it the border between them is a drawn one. dE00, common practice, no published source. */
const [ONE_TONE, DRAWN] = [4, 22];
/** A shorter stretch of an edge is not seen as a join, mm. By eye, no published source. */
const SEEN_MM = 6;

interface Piece {
  readonly layer: Layer;
  readonly at: number;
  readonly key: MaterialKey;
}

const piecesOf = ({ look, materials }: Stack): Piece[] =>
  look.layers.flatMap((layer, at) => {
    const key = materials.get(layer.id);
    return key && isPiece(key) && !layer.hidden ? [{ layer, at, key }] : [];
  });

/** Colours of paint over a piece, in painting order. */
const paintOver = ({ look, materials }: Stack, { layer, at }: Piece): Layer[] =>
  look.layers.slice(at + 1).filter((upper) => {
    const key = materials.get(upper.id);
    return (
      key !== undefined &&
      isPaintType(key) &&
      isColour(upper.role) &&
      !upper.hidden &&
      upper.zones.some((zone) => layer.zones.includes(zone))
    );
  });

/** Areas of skin that share a line with a piece. */
function besideOf({ context, look, materials }: Stack, { layer }: Piece): [ZoneId, ZoneId][] {
  const pieced = new Set(
    look.layers.flatMap((other) => {
      const key = materials.get(other.id);
      return key && isPiece(key) ? other.zones : [];
    }),
  );
  return borders(context.figure).flatMap(({ a, b, lengthMm }): [ZoneId, ZoneId][] => {
    if (lengthMm < SEEN_MM) return [];
    if (layer.zones.includes(a) && !pieced.has(b)) return [[a, b]];
    return layer.zones.includes(b) && !pieced.has(a) ? [[b, a]] : [];
  });
}

/** Colour that is seen on an area: its topmost film that fills it, or the bare skin. */
function seenOn({ prediction, context }: Stack, zone: ZoneId): Lab {
  const film = prediction.films.get(zone)?.findLast(({ layer }) => isWhole(layer, zone, context));
  return labFromReflectance(film ? film.colour : prediction.bare(zone));
}

const isMouthOrEye = (zone: ZoneId) =>
  ["lips", "eyes"].includes(zoneInfo(zone).group) || zoneInfo(zone).flags.includes("hair");

/**
 * PROS-5: paint on a piece that stops where the piece stops, a tone off the skin beside it: foam and skin take
 * colour differently, so one base goes over both. A border drawn on purpose is left alone.
 */
export function openJoin(stack: Stack): Remark[] {
  return piecesOf(stack).flatMap((piece): Remark[] => {
    const painted = paintOver(stack, piece).filter(({ marks }) => !marks.length);
    const beside = besideOf(stack, piece).filter(([on, off]) => {
      const isJoined = painted.some(({ zones }) => zones.includes(on) && zones.includes(off));
      if (isJoined || !painted.some(({ zones }) => zones.includes(on)) || isMouthOrEye(off))
        return false;
      const far = deltaE00(seenOn(stack, on), seenOn(stack, off));
      return far > ONE_TONE && far < DRAWN;
    });
    const over = [...new Set(beside.map(([, off]) => off))];
    const on = new Set(beside.map(([zone]) => zone));
    // What is carried on is what one sees there: a base, not a light that lies on some of it.
    const fills = (layer: Layer) =>
      [...on].every((zone) => layer.zones.includes(zone)) &&
      (layer.role === "base" || [...on].every((zone) => isWhole(layer, zone, stack.context)));
    const base = painted.findLast(fills);
    if (!base) return [];
    if (!over.length) return [];
    const wider = { ...base, zones: [...base.zones, ...over] };
    const shut = layerKeptFrom(wider, over, stack.context);
    const open = over.filter((zone) => !shut.includes(zone));
    return [
      {
        rule: "PROS-5",
        severity: "caution",
        where: { layerId: base.id, zones: over },
        message: `${base.name} stops at the edge of ${piece.layer.name}, a tone off ${zoneWords(over)} beside it: the join will show. Carry one base over both.`,
        ...(open.length > 0 && {
          fix: {
            op: "changeLayer",
            id: base.id,
            change: { zones: [...base.zones, ...open] },
          } as const,
          fixLabel: `Carry it over ${zoneWords(open)}`,
        }),
      },
    ];
  });
}

const BROKEN: ReadonlySet<string> = new Set(["spots", "blotches", "fur", "scales", "crack"]);

/** Tools and ways that leave a broken surface, like skin. */
const isBroken = ({ tool, technique, marks }: Layer): boolean =>
  tool === "stippleSponge" ||
  technique === "stipple" ||
  technique === "splatter" ||
  marks.some(({ kind }) => BROKEN.has(kind));

/** PROS-5: a flat base over a filled edge shows it; something broken over the join hides it. */
export function flatJoin(stack: Stack): Remark[] {
  return piecesOf(stack).flatMap((piece): Remark[] => {
    if (piece.key === "baldCap") return [];
    const over = paintOver(stack, piece);
    const base = over.find(({ role, marks }) => role === "base" && !marks.length);
    const key = base && stack.materials.get(base.id);
    if (!base || !key || over.some(isBroken)) return [];
    return [
      {
        rule: "PROS-5",
        severity: "tip",
        where: { layerId: base.id, zones: piece.layer.zones },
        message: `Everything over the edge of ${piece.layer.name} is laid flat, so the edge shows as a line: skin is broken, so stipple over the join.`,
        ...(toolsFor(key).includes("stippleSponge") && {
          fix: {
            op: "changeLayer",
            id: base.id,
            change: { tool: "stippleSponge", technique: "stipple" },
          } as const,
          fixLabel: `Stipple ${base.name}`,
        }),
      },
    ];
  });
}

/** Layers that belong to a piece, from its glue to what fills and powders its edge: where they begin and end in the stack. */
function groupOf({ look, materials }: Stack, { layer, at }: Piece): readonly string[] {
  const belongs = (other: Layer | undefined): boolean => {
    const key = other && materials.get(other.id);
    if (!other || !key || isPaintType(key) || isPiece(key)) return false;
    const does = material(key).behaves;
    return (
      (does === "adhesive" || does === "latex" || other.role === "set" || key === "activator") &&
      other.zones.every((zone) => layer.zones.includes(zone))
    );
  };
  let [from, to] = [at, at];
  while (belongs(look.layers[from - 1])) from--;
  while (belongs(look.layers[to + 1])) to++;
  return look.layers.slice(from, to + 1).map(({ id }) => id);
}

/** PROS-5: where a cap and a glued piece meet, the piece lies over the edge of the cap and hides it, so the cap is laid first. */
export function capOverPiece(stack: Stack): Remark[] {
  const all = piecesOf(stack);
  return all
    .filter(({ key }) => key === "baldCap")
    .flatMap((cap): Remark[] => {
      const meets = (piece: Piece) =>
        piece.layer.zones.some((zone) => cap.layer.zones.includes(zone));
      const first = all.find(
        (piece) => piece.key !== "baldCap" && piece.at < cap.at && meets(piece),
      );
      if (!first) return [];
      const moved = groupOf(stack, cap);
      const ids = stack.look.layers.map(({ id }) => id).filter((id) => !moved.includes(id));
      const to = ids.indexOf(groupOf(stack, first)[0] ?? first.layer.id);
      return [
        {
          rule: "PROS-5",
          severity: "caution",
          where: { layerId: cap.layer.id, zones: cap.layer.zones },
          message: `${cap.layer.name} goes on over ${first.layer.name}: laid first, its edge disappears under the piece, and the piece is not pulled about.`,
          fix: { op: "order", ids: [...ids.slice(0, to), ...moved, ...ids.slice(to)] },
          fixLabel: `Lay it before ${first.layer.name}`,
        },
      ];
    });
}

import { deltaE00, hexToLab, labFromReflectance } from "../colour";
import { ALLERGENS, isPaintType, material, paintType, type Finish } from "../paint";
import { atTheChair, buildList, GLUES, PIECE_KINDS, type Glue, type Piece } from "../piece";
import { glueOf } from "../design/chairThings";
import { supplyOf } from "../design/supplies";
import { kindAllergens, objections, tooYoungFor } from "../design/wearable";
import type { Remark } from "./finding";
import { isColour } from "../design/roles";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import { dayWords, listed } from "../text/words";

/** How a piece sits to the paint beside it: the base that covers most of the head. */
export interface PieceMatch {
  readonly base: string;
  readonly dE: number;
  readonly finish: Finish;
  readonly sameFinish: boolean;
  /** alike: nobody tells them apart; off: to be matched; other: another colour on purpose. */ readonly verdict:
    "alike" | "off" | "other";
}

/** BASE-8, PIECE-4: colour and finish of a piece against the face's own ground; null where either has none. */
export function pieceMatch(
  {
    look,
    context,
    materials,
    prediction,
  }: Pick<Stack, "look" | "context" | "materials" | "prediction">,
  piece: Piece,
): PieceMatch | null {
  const base = look.layers
    .filter(({ role }) => role === "base")
    .reduce<(typeof look.layers)[number] | null>(
      (most, layer) => (most && most.zones.length >= layer.zones.length ? most : layer),
      null,
    );
  const key = base && materials.get(base.id);
  const film =
    base &&
    base.zones
      .map((zone) => prediction.films.get(zone)?.at(-1))
      .find((entry) => entry !== undefined);
  if (!base || !key || !film || !piece.colour) return null;
  const powdered = look.layers.some(
    ({ role }, i) => role === "set" && i > look.layers.indexOf(base),
  );
  const finish: Finish = powdered || !isPaintType(key) ? "matte" : paintType(key).finish;
  const dE = deltaE00(hexToLab(piece.colour), labFromReflectance(film.colour));
  return {
    base: base.name,
    dE,
    finish,
    sameFinish: finish === piece.finish,
    verdict:
      dE <= context.house.numbers.toldApart ? "alike" : dE > MEANT_OTHERWISE ? "other" : "off",
  };
}

/** A piece that is meant to go with the face but is off by more than this is another colour on purpose. Common practice, no published source. */
const MEANT_OTHERWISE = 20;

/** PIECE-4: paint the piece first, then match the face to it in colour and finish. */
export function unmatchedPiece(stack: Stack): Remark[] {
  return stack.look.pieces.flatMap((piece): Remark[] => {
    const match = pieceMatch(stack, piece);
    if (!match || match.verdict === "other") return [];
    const words = [
      ...(match.verdict === "off"
        ? [`is off in colour (a difference of ${match.dE.toFixed(1)})`]
        : []),
      ...(match.sameFinish ? [] : [`is ${piece.finish} beside ${match.finish}`]),
    ];
    return words.length
      ? [
          {
            rule: "PIECE-4",
            severity: "tip",
            where: { zones: piece.hides },
            message: `${piece.name} ${words.join(" and ")} against ${match.base}: paint the piece first, match the face to it, and correct once it is on.`,
          },
        ]
      : [];
  });
}

/** EDGE-4: work that a piece hides is work for nobody. */
export function underPiece({ look }: Stack): Remark[] {
  return look.pieces.flatMap((piece) =>
    look.layers.flatMap((layer): Remark[] => {
      if (
        !isColour(layer.role) ||
        layer.role === "base" ||
        !layer.zones.length ||
        !layer.zones.every((zone) => piece.hides.includes(zone))
      )
        return [];
      return [
        {
          rule: "EDGE-4",
          severity: "caution",
          where: { layerId: layer.id, zones: layer.zones },
          message: `${layer.name} on ${zoneWords(layer.zones, 3)} lies under ${piece.name}: nobody will see it.`,
          fix: { op: "removeLayer", id: layer.id },
          fixLabel: `Remove ${layer.name}`,
        },
      ];
    }),
  );
}

/** What a kind of piece usually hides. */
export const usualHides = (kind: Piece["kind"]): Piece["hides"] => [...PIECE_KINDS[kind].covers];

/** Why this person may not be glued with something; null where nothing speaks against it. */
function againstGlue(
  piece: Piece,
  { context }: Stack,
): { rule: "SAFE-2" | "SAFE-3" | "SAFE-14"; why: string } | null {
  const held = glueOf(piece, context);
  if (!held) return null;
  const { person } = context;
  const { label, keepout } = material(held.key);
  if (piece.kind === "lashes" && keepout.includes("eye"))
    return { rule: "SAFE-3", why: `${label} must not go near the eye` };
  if (piece.kind === "lashes" && held.product?.keepFrom.includes("eyes"))
    return { rule: "SAFE-3", why: `the label of ${held.product.name} keeps it from the eyes` };
  if (held.product) {
    const [first] = objections(held.product, person);
    return first && first.rule !== "SAFE-1" && first.rule !== "SAFE-11"
      ? { rule: first.rule, why: `${person.name} ${first.why}` }
      : null;
  }
  const known = kindAllergens(held.key, person);
  if (known.length)
    return {
      rule: "SAFE-2",
      why: `${person.name} is allergic to ${known.map((key) => ALLERGENS[key]).join(" and ")}, and ${label} often contains it`,
    };
  return tooYoungFor(held.key, person) === "stop"
    ? { rule: "SAFE-14", why: `${person.name} is under twelve: ${label} is not for a child's skin` }
    : null;
}

/** SAFE-2, SAFE-3, SAFE-14: what a worn thing is held with is on the skin as paint is. */
export function gluedOn(stack: Stack): Remark[] {
  return stack.look.pieces.flatMap((piece): Remark[] => {
    const against = piece.worn === "leftOut" ? null : againstGlue(piece, stack);
    if (!against) return [];
    const fits = (glue: Glue) =>
      supplyOf([glue], stack.context) !== null &&
      againstGlue({ ...piece, glue, glueProductId: null }, stack) === null;
    const other = GLUES.find(fits);
    return [
      {
        rule: against.rule,
        severity: "stop",
        where: { zones: piece.hides },
        message: `${piece.name}: ${against.why}.`,
        fix: {
          op: "putPiece",
          piece: {
            ...piece,
            glueProductId: null,
            ...(other ? { glue: other } : { worn: "leftOut" as const }),
          },
        },
        fixLabel: other ? `Hold it with ${material(other).label}` : `Leave ${piece.name} out`,
      },
    ];
  });
}

/** SAFE-4, PROS-6: lenses and tooth caps stay in no longer than they may. */
export function wornTooLong({ look, context }: Stack): Remark[] {
  const { hoursWorn } = context.brief;
  return look.pieces.flatMap((piece): Remark[] => {
    const most = piece.mostHours ?? atTheChair(piece.kind).mostHours;
    return piece.worn === "worn" && most !== undefined && hoursWorn > most
      ? [
          {
            rule: piece.kind === "lenses" ? "SAFE-4" : "PROS-6",
            severity: "caution",
            where: { zones: piece.hides },
            message: `${piece.name} may stay in ${most} h at most, and the look is worn for ${hoursWorn} h: plan a break without, or leave it out for part of the day. The label and who fitted it decide.`,
          },
        ]
      : [];
  });
}

/** PIECE-1: what should have been begun or ordered by now, one finding for all that was due on a day. */
export function pieceLate({ look, context }: Stack): Remark[] {
  const { curtainAt } = context.brief;
  if (!curtainAt) return [];
  const late = look.pieces.flatMap((piece) => {
    const { startOn } = buildList(piece, curtainAt);
    const isNeeded = piece.source === "bought" || piece.builds.length > 0;
    return piece.worn === "worn" && isNeeded && startOn && startOn < context.today
      ? [{ piece, startOn }]
      : [];
  });
  const sorts = [
    { source: "bought", due: "ordered", how: "ask how fast it can come, hire one" },
    { source: "made", due: "begun", how: "build it faster or simpler" },
  ] as const;
  return sorts.flatMap(({ source, due, how }): Remark[] => {
    const own = late.filter(({ piece }) => piece.source === source);
    const first = own.map(({ startOn }) => startOn).sort()[0];
    return first
      ? [
          {
            rule: "PIECE-1",
            severity: "caution",
            where: { zones: [...new Set(own.flatMap(({ piece }) => piece.hides))] },
            message: `${listed(own.map(({ piece }) => piece.name))} should have been ${due} by ${dayWords(first)}: ${how}, or say what stands in for it.`,
          },
        ]
      : [];
  });
}

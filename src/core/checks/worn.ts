import { deltaE00, hexToLab, labFromReflectance } from "../colour";
import { isPaintType, paintType, type Finish } from "../paint";
import { PIECE_KINDS, type Piece } from "../piece";
import type { Remark } from "./finding";
import { isColour } from "../design/roles";
import type { Stack } from "../design/stack";
import { zoneWords } from "../design/words";

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
      ...(match.verdict === "off" ? [`is ΔE ${match.dE.toFixed(1)} off in colour`] : []),
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
          fixLabel: `Take out ${layer.name}`,
        },
      ];
    }),
  );
}

/** What a kind of piece usually hides. */
export const usualHides = (kind: Piece["kind"]): Piece["hides"] => [...PIECE_KINDS[kind].covers];

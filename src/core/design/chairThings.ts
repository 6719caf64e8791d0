import type { ZoneId } from "../anatomy";
import type { AuxiliaryKey, Product } from "../paint";
import {
  atTheChair,
  PIECE_KIND_KEYS,
  type By,
  type FreeStep,
  type Piece,
  type When,
} from "../piece";
import type { LookContext } from "./context";
import { healthOf } from "./health";
import type { Look } from "./schema";
import { supplyOf } from "./supplies";

/** What holds a worn thing: a kind, the product of it, and how much for all of it, g. */
export interface Held {
  readonly key: AuxiliaryKey;
  readonly product: Product | null;
  readonly grams: number;
}

/** Something done at the chair that is no paint: a piece put on, lenses, hair, a costume. */
export interface ChairThing {
  readonly id: string;
  readonly name: string;
  readonly when: When;
  readonly by: By;
  /** All of it, min. */
  readonly minutes: number;
  readonly zones: readonly ZoneId[];
  readonly glue: Held | null;
  /** What else it needs, to be packed. */
  readonly needs: readonly string[];
  readonly how: string;
  readonly off: { readonly minutes: number; readonly how: string } | null;
  readonly mostHours: number | null;
}

/** What a piece is held with: as said, or as its kind usually is. */
export function glueOf(piece: Piece, context: LookContext): Held | null {
  const usual = atTheChair(piece.kind);
  const key = piece.glue === "usual" ? usual.glue : piece.glue === "none" ? null : piece.glue;
  if (!key) return null;
  const own = piece.glueProductId ? context.products.get(piece.glueProductId) : undefined;
  const product = own?.material === key ? own : supplyOf([key], context);
  return { key, product, grams: (usual.grams || USUAL_GRAMS) * piece.count };
}

/** What holds a thing that usually needs nothing: a lace front. Common practice, no published source. */
const USUAL_GRAMS = 0.3;

function ofPiece(piece: Piece, context: LookContext): ChairThing {
  const usual = atTheChair(piece.kind);
  const many = piece.count > 1 ? `${piece.count} × ` : "";
  return {
    id: piece.id,
    name:
      piece.worn === "standIn" && piece.standIn
        ? `${piece.standIn}, for ${piece.name}`
        : `${many}${piece.name}`,
    when: usual.when,
    by: piece.by ?? usual.by,
    minutes: (piece.minutesEach ?? usual.minutes) * piece.count,
    zones: piece.hides,
    glue: glueOf(piece, context),
    needs: [],
    how: [usual.how, piece.notes].filter(Boolean).join(" "),
    off: { minutes: usual.off.minutes * piece.count, how: usual.off.how },
    mostHours: piece.mostHours ?? usual.mostHours ?? null,
  };
}

const ofStep = ({ id, name, when, by, minutes, needs, notes }: FreeStep): ChairThing => ({
  id,
  name,
  when,
  by,
  minutes,
  zones: [],
  glue: null,
  needs: needs
    .split(",")
    .map((one) => one.trim())
    .filter(Boolean),
  how: notes,
  off: null,
  mostHours: null,
});

/** Who wears contact lenses puts them in first, whether or not they are part of the look. */
const OWN_LENSES: ChairThing = {
  id: "own-lenses",
  name: "Contact lenses",
  ...atTheChair("lenses"),
  glue: null,
  zones: [],
  needs: ["lens case", "lens solution"],
  mostHours: null,
};

/** Order in which things go on, early to late. */
const WHENS: readonly When[] = ["first", "skin", "late", "last"];

/** Everything done at the chair besides paint, in the order it is done; what is left out is not there. */
export function chairThings(look: Look, context: LookContext): ChairThing[] {
  const worn = look.pieces.filter((piece) => piece.worn !== "leftOut");
  const wears = healthOf(context).some(({ answer }) => answer === "lenses");
  const own = wears && !worn.some(({ kind }) => kind === "lenses") ? [OWN_LENSES] : [];
  // A wig goes on before what is worn over it, in whichever order they were added.
  const inTurn = [...worn].sort(
    (a, b) => PIECE_KIND_KEYS.indexOf(a.kind) - PIECE_KIND_KEYS.indexOf(b.kind),
  );
  return [
    ...own,
    ...inTurn.map((piece) => ofPiece(piece, context)),
    ...look.steps.map(ofStep),
  ].sort((a, b) => WHENS.indexOf(a.when) - WHENS.indexOf(b.when));
}

/** The name of a layer, a piece or a step by its id; the id itself where it is none. */
export const workName = (look: Look, id: string): string =>
  look.layers.find((layer) => layer.id === id)?.name ??
  look.pieces.find((piece) => piece.id === id)?.name ??
  look.steps.find((step) => step.id === id)?.name ??
  (id === OWN_LENSES.id ? OWN_LENSES.name : id);

import { buildFigure, defaultFace, ZONES, type ZoneId, type ZoneGroup } from "@/core/anatomy";
import {
  allKeptInPlace,
  newMark,
  PLAIN_LAYER,
  type Layer,
  type Mark,
  type MarkKind,
  type System,
} from "@/core/look";
import type { AuxiliaryKey, PaintTypeKey } from "@/core/paint";
import { PieceSchema, type Piece } from "@/core/piece";
import { slug } from "@/core/text/words";
import type { z } from "zod";

export const groups = (...wanted: ZoneGroup[]): ZoneId[] =>
  ZONES.filter(
    (zone) => zone.part === "head" && wanted.includes(zone.group) && zone.kind !== "collar",
  ).map((zone) => zone.id);
export const kinds = (...wanted: string[]): ZoneId[] =>
  ZONES.filter((zone) => wanted.includes(zone.kind)).map((zone) => zone.id);
export const without = (zones: readonly ZoneId[], out: readonly ZoneId[]) =>
  zones.filter((zone) => !out.includes(zone));

export const FACE = groups("face", "eyes", "ears", "neck");
export const PROTECTED = groups("face", "ears", "neck").filter(
  (zone) => !zone.startsWith("brow") && !zone.startsWith("lipSide") && zone !== "philtrum",
);

/** Backs of both hands with their fingers. */
export const HANDS = ZONES.filter((zone) => ["handBack", "fingersBack"].includes(zone.kind)).map(
  (zone) => zone.id,
);
/** Both forearms, front and back. */
export const FOREARMS = ZONES.filter((zone) =>
  ["forearmFront", "forearmBack", "elbowInner", "elbowBack"].includes(zone.kind),
).map((zone) => zone.id);

export const product = (name: string): Layer["paint"] => ({
  kind: "product",
  productId: slug(name),
});
export const mix = (...parts: [number, string][]): Layer["paint"] => ({
  kind: "mix",
  parts: parts.map(([amount, name]) => ({ productId: slug(name), parts: amount })),
});

type Given = Pick<Layer, "role" | "name" | "zones" | "paint" | "tool" | "technique"> &
  Partial<Layer>;
export const layer = (given: Given): Layer => ({ id: slug(given.name), ...PLAIN_LAYER, ...given });
export const prep = layer({
  id: "system-prep",
  role: "prep",
  name: "Skin prep",
  zones: without(PROTECTED, []),
  paint: product("Prep dab"),
  tool: "dampSponge",
  technique: "pat",
  coats: 1,
});
export const seal = layer({
  id: "system-seal",
  role: "seal",
  name: "Barrier spray",
  zones: PROTECTED,
  paint: product("Last coat"),
  tool: "spray",
  technique: "spray",
  coats: 1,
});
export const powderOver = (
  name: string,
  zones: readonly ZoneId[],
  with_: string,
  id = slug(name),
): Layer =>
  layer({
    id,
    role: "set",
    name,
    zones: [...zones],
    paint: product(with_),
    tool: "puff",
    technique: "press",
    coats: 1,
  });
export const system = (
  base: PaintTypeKey,
  detail: PaintTypeKey,
  activate: AuxiliaryKey | null,
): System => ({
  base,
  detail,
  eyes: base,
  lips: "lipLong",
  prep: "skinPrep",
  activate,
  also: {},
  set: "settingPowder",
  seal: "barrierSpray",
});
export const mark = <Kind extends MarkKind>(
  kind: Kind,
  x: number,
  y: number,
  more: Partial<Extract<Mark, { kind: Kind }>>,
): Mark => ({ ...newMark(kind, { x, y }, 1), ...USUAL[kind], ...more });

const DRAWN_ON = buildFigure(defaultFace());
/** Layers whose shapes keep their place on whoever sits down: a child as well as the stand-in they were drawn on. */
export const onAnyFace = (layers: readonly Layer[]): Layer[] => allKeptInPlace(layers, DRAWN_ON);

/** Widths the demo's marks are drawn in where a look does not say. */
export const USUAL: Readonly<Partial<Record<MarkKind, { widthMm: number }>>> = {
  crack: { widthMm: 1.8 },
  fork: { widthMm: 2.6 },
  fern: { widthMm: 1.3 },
  spots: { widthMm: 3 },
};

/** A thing worn with a look, with what it usually is. */
export const piece = (values: z.input<typeof PieceSchema>): Piece => PieceSchema.parse(values);

import { zoneInfo, type ZoneId } from "../anatomy";
import { isPaintType, isPiece, material, type MaterialKey } from "../paint";
import type { Remark } from "./finding";
import type { Layer } from "../design/schema";
import { isColour, isVeil } from "../design/roles";
import type { Stack } from "../design/stack";
import { CAP_EDGE, EDGE } from "../design/capEdge";
import { zoneWords } from "../design/words";
import { layerKeptFrom } from "../design/layerKeptFrom";
import { hasHair } from "../design/mayNotTouch";
import { withoutZones } from "./safety";
import { setAfter } from "./setting";
import { auxiliaryLayer } from "../design/auxiliaryLayer";

const keyOf = (stack: Stack, layer: Layer): MaterialKey | undefined =>
  stack.materials.get(layer.id);
const isAdhesive = (key: MaterialKey | undefined): boolean =>
  key !== undefined && material(key).behaves === "adhesive";
const isIn = (zones: readonly ZoneId[]) => (layer: Layer) =>
  layer.zones.some((zone) => zones.includes(zone));

const pieces = (stack: Stack) =>
  stack.look.layers.flatMap((layer, at) => {
    const key = keyOf(stack, layer);
    return key && isPiece(key) ? [{ layer, at, key }] : [];
  });

/** PROS-1: a piece is glued, thinly and a little past its edge, on skin without hair. */
export function unglued(stack: Stack): Remark[] {
  return pieces(stack).flatMap(({ layer, at, key }): Remark[] => {
    const glued = stack.look.layers
      .slice(0, at)
      .some((lower) => isAdhesive(keyOf(stack, lower)) && isIn(layer.zones)(lower));
    if (glued) return [];
    const bare = layer.zones.filter((zone) => !hasHair(zone));
    const where = { layerId: layer.id, zones: layer.zones };
    if (!bare.length) {
      const shut = layerKeptFrom(layer, CAP_EDGE, stack.context);
      const edge = CAP_EDGE.filter((zone) => !shut.includes(zone));
      return [
        {
          rule: "PROS-2",
          severity: "caution",
          where,
          message: `${layer.name} lies on hair alone: there is no skin to glue it to. Carry it to the forehead, the temples and the nape.`,
          ...(edge.length > 0 && {
            fix: {
              op: "changeLayer",
              id: layer.id,
              change: { zones: [...layer.zones, ...edge] },
            } as const,
            fixLabel: "Carry it past the hairline",
          }),
        },
      ];
    }
    const glue =
      auxiliaryLayer(stack, {
        key: "medicalAdhesive",
        role: "attach",
        name: `Adhesive for ${layer.name}`,
        zones: bare,
        at,
        part: EDGE,
      }) ??
      auxiliaryLayer(stack, {
        key: "spiritGum",
        role: "attach",
        name: `Spirit gum for ${layer.name}`,
        zones: bare,
        at,
        part: EDGE,
      });
    return [
      {
        rule: "PROS-1",
        severity: "caution",
        where,
        message: `Nothing holds ${layer.name}. ${material(key).label === "bald cap" ? "Glue it along the hairline" : "Thin adhesive, a little past the edge"}, wait until it is clear, then press.`,
        ...(glue && {
          fix: glue.patch,
          fixLabel: `Lay ${glue.layer.name.toLowerCase().replace(/ for .*/, "")} under it`,
        }),
      },
    ];
  });
}

/** PROS-1: the edge of a piece is filled or dissolved in several thin layers, and powdered. */
export function openEdge(stack: Stack): Remark[] {
  return pieces(stack).flatMap(({ layer, at }): Remark[] => {
    const later = stack.look.layers.slice(at + 1);
    const blended = later.some((upper) => {
      const key = keyOf(stack, upper);
      return (
        key !== undefined &&
        isIn(layer.zones)(upper) &&
        (isAdhesive(key) || material(key).behaves === "latex" || key === "activator")
      );
    });
    if (blended) return [];
    const bare = layer.zones.filter((zone) => !hasHair(zone));
    const edge = auxiliaryLayer(stack, {
      key: "thickenedAdhesive",
      role: "attach",
      name: `Edge of ${layer.name}`,
      zones: bare,
      at: at + 1,
      part: EDGE,
      coats: 2,
    });
    const powder = edge && setAfter(stack, edge.layer, edge.layer.zones, "");
    return [
      {
        rule: "PROS-1",
        severity: "caution",
        where: { layerId: layer.id, zones: layer.zones },
        message: `The edge of ${layer.name} will show: fill it in thin layers, each clear, and powder.`,
        ...(edge &&
          powder?.fix.op === "addLayer" && {
            fix: { op: "several", patches: [edge.patch, { ...powder.fix, at: at + 2 }] } as const,
            fixLabel: "Fill the edge and powder it",
          }),
      },
    ];
  });
}

/** PROS-3: sculpting wax keeps off lids and away from creases: skin warmth and movement soften it. */
export function waxInTheCrease(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer): Remark[] => {
    if (keyOf(stack, layer) !== "sculptingWax") return [];
    const moving = layer.zones.filter((zone) => {
      const { traits, group } = zoneInfo(zone);
      return group === "eyes" || traits.crease >= 0.7 || traits.movement >= 0.8;
    });
    return moving.length
      ? [
          {
            rule: "PROS-3",
            severity: "caution",
            where: { layerId: layer.id, zones: moving },
            message: `${layer.name} on ${zoneWords(moving)} will soften and crack: the skin moves and warms it there.`,
            ...withoutZones(stack, layer, moving),
          },
        ]
      : [];
  });
}

/** PROS-4: a painted piece without a dark in its recesses stays a mask. */
export function flatPiece(stack: Stack): Remark[] {
  return pieces(stack).flatMap(({ layer, at, key }): Remark[] => {
    const over = stack.look.layers
      .slice(at + 1)
      .filter(
        (upper) =>
          isIn(layer.zones)(upper) &&
          isColour(upper.role) &&
          isPaintType(keyOf(stack, upper) ?? key),
      );
    if (
      !over.some(({ role }) => role === "base") ||
      over.some(({ role }) => isVeil(role) || role === "detail")
    )
      return [];
    return [
      {
        rule: "PROS-4",
        severity: "tip",
        where: { layerId: layer.id, zones: layer.zones },
        message: `${layer.name} has one colour: push brown into every recess, and black only into the deepest.`,
      },
    ];
  });
}

/** BROW-1: a piece over the brows goes over hair that lies flat. */
export function browUnderPiece(stack: Stack): Remark[] {
  return pieces(stack).flatMap(({ layer, at }): Remark[] => {
    const brows = layer.zones.filter((zone) => zoneInfo(zone).kind === "brow");
    const flat = stack.look.layers
      .slice(0, at)
      .some(
        (lower) =>
          ["browHold", "wax"].includes(
            keyOf(stack, lower) ? material(keyOf(stack, lower) as MaterialKey).behaves : "",
          ) && isIn(brows)(lower),
      );
    if (!brows.length || flat) return [];
    const hold = auxiliaryLayer(stack, {
      key: "glueStick",
      role: "cover",
      name: "Flatten the brows",
      zones: brows,
      at,
      coats: 3,
    });
    const powder = hold && setAfter(stack, hold.layer, brows, "");
    return [
      {
        rule: "BROW-1",
        severity: "caution",
        where: { layerId: layer.id, zones: brows },
        message: `${layer.name} goes over the brows: flatten the hair first, in thin layers, each dry and powdered, so that no glue reaches it.`,
        ...(hold &&
          powder?.fix.op === "addLayer" && {
            fix: { op: "several", patches: [hold.patch, { ...powder.fix, at: at + 1 }] } as const,
            fixLabel: "Flatten the brows under it",
          }),
      },
    ];
  });
}

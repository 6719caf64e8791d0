import { z } from "zod";
import { ZONE_IDS, type ZoneId } from "../anatomy";
import { FreeStepSchema, PieceSchema, type FreeStep, type Piece } from "../piece";
import { LIGHTS_FROM, type LightFrom } from "./form";
import {
  LayerSchema,
  SchoolsSchema,
  SystemSchema,
  TagsSchema,
  type Layer,
  type Look,
  type Schools,
  type System,
} from "./schema";

/** A named change to a look: what an edit, a fix and an undo are made of. */
export type LookPatch =
  | { readonly op: "addLayer"; readonly layer: Layer; readonly at?: number }
  | { readonly op: "changeLayer"; readonly id: string; readonly change: Partial<Omit<Layer, "id">> }
  | { readonly op: "moveLayer"; readonly id: string; readonly to: number }
  | { readonly op: "removeLayer"; readonly id: string }
  | { readonly op: "rename"; readonly name: string }
  | { readonly op: "tag"; readonly tags: readonly string[] }
  | { readonly op: "chooseSystem"; readonly system: System | null }
  | { readonly op: "schools"; readonly schools: Schools }
  | { readonly op: "light"; readonly light: LightFrom }
  | { readonly op: "order"; readonly ids: readonly string[] }
  | { readonly op: "leaveBare"; readonly zones: readonly ZoneId[]; readonly bare: boolean }
  | { readonly op: "accept"; readonly finding: string; readonly accepted: boolean }
  | { readonly op: "putPiece"; readonly piece: Piece }
  | { readonly op: "removePiece"; readonly id: string }
  | { readonly op: "putStep"; readonly step: FreeStep }
  | { readonly op: "removeStep"; readonly id: string }
  | { readonly op: "toDo"; readonly items: readonly string[] }
  | { readonly op: "several"; readonly patches: readonly LookPatch[] };

function indexOf(look: Look, id: string): number {
  const index = look.layers.findIndex((layer) => layer.id === id);
  if (index < 0) throw new RangeError(`no layer ${id} in this look`);
  return index;
}

interface Named {
  readonly id: string;
}
/** A list with a thing in the place of the one of its id, or at its end. */
const put = <T extends Named>(list: readonly T[], thing: T): T[] =>
  list.some(({ id }) => id === thing.id)
    ? list.map((own) => (own.id === thing.id ? thing : own))
    : [...list, thing];

/** A list without one of its things. @throws RangeError when that is not in it */
function without<T extends Named>(list: readonly T[], gone: string, what: string): T[] {
  if (!list.some(({ id }) => id === gone)) throw new RangeError(`no ${what} ${gone} in this look`);
  return list.filter(({ id }) => id !== gone);
}

/**
 * The look after a change; the one given stays as it was.
 * @throws RangeError when the patch names a layer that is not there, adds one twice, or asks for a place outside the stack
 */
export function applyPatch(look: Look, patch: LookPatch): Look {
  switch (patch.op) {
    case "addLayer": {
      const at = patch.at ?? look.layers.length;
      if (look.layers.some((layer) => layer.id === patch.layer.id))
        throw new RangeError(`layer ${patch.layer.id} is already in this look`);
      if (at < 0 || at > look.layers.length)
        throw new RangeError(`no place ${at} in a stack of ${look.layers.length}`);
      return { ...look, layers: look.layers.toSpliced(at, 0, patch.layer) };
    }
    case "changeLayer": {
      const at = indexOf(look, patch.id);
      return {
        ...look,
        layers: look.layers.map((layer, i) => (i === at ? { ...layer, ...patch.change } : layer)),
      };
    }
    case "moveLayer": {
      const from = indexOf(look, patch.id);
      if (patch.to < 0 || patch.to >= look.layers.length)
        throw new RangeError(`no place ${patch.to} in a stack of ${look.layers.length}`);
      const layer = look.layers[from] as Layer;
      return { ...look, layers: look.layers.toSpliced(from, 1).toSpliced(patch.to, 0, layer) };
    }
    case "removeLayer":
      indexOf(look, patch.id);
      // What gave its shapes form goes with them.
      return {
        ...look,
        layers: look.layers.filter(({ id, form }) => id !== patch.id && form?.of !== patch.id),
      };
    case "rename":
      return { ...look, name: patch.name };
    case "tag":
      return { ...look, tags: [...patch.tags] };
    case "chooseSystem":
      return { ...look, system: patch.system };
    case "light":
      return { ...look, light: patch.light };
    case "schools":
      return { ...look, schools: patch.schools };
    case "order": {
      const layers = patch.ids.map((id) => look.layers[indexOf(look, id)] as Layer);
      if (new Set(patch.ids).size !== look.layers.length)
        throw new RangeError("an order names every layer once");
      return { ...look, layers };
    }
    case "leaveBare": {
      const rest = look.bare.filter((zone) => !patch.zones.includes(zone));
      return { ...look, bare: patch.bare ? [...rest, ...patch.zones] : rest };
    }
    case "accept": {
      const rest = look.accepted.filter((key) => key !== patch.finding);
      return { ...look, accepted: patch.accepted ? [...rest, patch.finding] : rest };
    }
    case "putPiece":
      return { ...look, pieces: put(look.pieces, patch.piece) };
    case "removePiece":
      return { ...look, pieces: without(look.pieces, patch.id, "piece") };
    case "putStep":
      return { ...look, steps: put(look.steps, patch.step) };
    case "removeStep":
      return { ...look, steps: without(look.steps, patch.id, "step") };
    case "toDo":
      return { ...look, toDo: [...patch.items] };
    case "several":
      return patch.patches.reduce(applyPatch, look);
  }
}

/** An id for a new layer that is not taken yet: the stem, or the stem with the next free number. */
export function freeLayerId(look: Look, stem: string): string {
  const taken = new Set(look.layers.map((layer) => layer.id));
  const short = stem.slice(0, 56);
  if (!taken.has(short)) return short;
  let n = 2;
  while (taken.has(`${short}-${n}`)) n++;
  return `${short}-${n}`;
}

const { part, fadeMm, form, marks, fills, leavesOut, notes, target, fades, group, ...rest } =
  LayerSchema.shape;
/** Some fields of a layer. Defaults are taken off: what a change does not name it must not touch. */
const ChangeSchema = LayerSchema.omit({ id: true })
  .extend({
    strength: rest.strength.unwrap(),
    blend: rest.blend.unwrap(),
    part: part.unwrap(),
    form: form.unwrap(),
    fadeMm: fadeMm.unwrap(),
    marks: marks.unwrap(),
    notes: notes.unwrap(),
    target: target.unwrap(),
    fades: fades.unwrap(),
    group: group.unwrap(),
    fills: fills.unwrap(),
    leavesOut: leavesOut.unwrap(),
    hidden: rest.hidden.unwrap(),
    locked: rest.locked.unwrap(),
  })
  .partial();

/** Checks a patch that comes from outside. */
export const PatchSchema: z.ZodType<LookPatch> = z.lazy(() =>
  z.discriminatedUnion("op", [
    z
      .object({
        op: z.literal("addLayer"),
        layer: LayerSchema,
        at: z.number().int().min(0).optional(),
      })
      .strict(),
    z.object({ op: z.literal("changeLayer"), id: z.string(), change: ChangeSchema }).strict(),
    z.object({ op: z.literal("moveLayer"), id: z.string(), to: z.number().int().min(0) }).strict(),
    z.object({ op: z.literal("removeLayer"), id: z.string() }).strict(),
    z.object({ op: z.literal("rename"), name: z.string().trim().min(1).max(80) }).strict(),
    z.object({ op: z.literal("tag"), tags: TagsSchema }).strict(),
    z.object({ op: z.literal("chooseSystem"), system: SystemSchema.nullable() }).strict(),
    z.object({ op: z.literal("light"), light: z.enum(LIGHTS_FROM) }).strict(),
    z.object({ op: z.literal("schools"), schools: SchoolsSchema }).strict(),
    z.object({ op: z.literal("order"), ids: z.array(z.string()).max(80) }).strict(),
    z
      .object({
        op: z.literal("leaveBare"),
        zones: z.array(z.enum(ZONE_IDS)),
        bare: z.boolean(),
      })
      .strict(),
    z.object({ op: z.literal("accept"), finding: z.string(), accepted: z.boolean() }).strict(),
    z.object({ op: z.literal("putPiece"), piece: PieceSchema }).strict(),
    z.object({ op: z.literal("removePiece"), id: z.string() }).strict(),
    z.object({ op: z.literal("putStep"), step: FreeStepSchema }).strict(),
    z.object({ op: z.literal("removeStep"), id: z.string() }).strict(),
    z
      .object({ op: z.literal("toDo"), items: z.array(z.string().trim().min(1).max(200)).max(40) })
      .strict(),
    z.object({ op: z.literal("several"), patches: z.array(PatchSchema).max(50) }).strict(),
  ]),
);

import type { Layer } from "@/core/look";

type Grouped = Pick<Layer, "id" | "group" | "locked">;

/** Whether a heading stands over a layer of the stack. */
export const startsGroup = (layers: readonly Grouped[], i: number): boolean => {
  const group = layers[i]?.group ?? "";
  return group !== "" && layers[i - 1]?.group !== group;
};

/** The layers one after another that stand under the heading which starts at a place. */
export function groupFrom<T extends Grouped>(layers: readonly T[], from: number): T[] {
  const end = layers.findIndex((layer, i) => i > from && layer.group !== layers[from]?.group);
  return layers.slice(from, end < 0 ? undefined : end);
}

/**
 * The order of the stack with a group where another layer is, all of it together and never within another group.
 *
 * @param first the layer the group starts with @param onto the layer it is dropped on
 * @returns null where it stays; "locked" where one of its layers may not be moved
 */
export function groupMoved(
  layers: readonly Grouped[],
  first: string,
  onto: string,
): string[] | "locked" | null {
  const from = layers.findIndex(({ id }) => id === first);
  const to = layers.findIndex(({ id }) => id === onto);
  const target = layers[to];
  if (from < 0 || !target) return null;
  const group = groupFrom(layers, from);
  if (group.includes(target)) return null;
  if (group.some(({ locked }) => locked)) return "locked";
  let start = to;
  while (target.group && layers[start - 1]?.group === target.group) start--;
  const beside = target.group ? groupFrom(layers, start) : [target];
  const rest = layers.filter((layer) => !group.includes(layer));
  const at =
    to < from ? rest.indexOf(beside[0] ?? target) : rest.indexOf(beside.at(-1) ?? target) + 1;
  return rest.toSpliced(at, 0, ...group).map(({ id }) => id);
}

import { material } from "../paint";
import { isTooSmall } from "../people";
import { materialOf } from "../design/context";
import { listed } from "../text/words";
import type { Remark } from "./finding";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";

const namesOf = (layers: readonly Layer[]): string => listed(layers.map(({ name }) => name));

/** Layers whose paint gives off a solvent that burns and is breathed. */
function solvents({ look, context }: Stack): Layer[] {
  return look.layers.filter((layer) => {
    const key = materialOf(layer, context.products);
    return key !== null && material(key).flammable;
  });
}

/** Layers that are laid as a mist. */
const mists = ({ look }: Stack): Layer[] =>
  look.layers.filter(({ tool }) => tool === "airbrush" || tool === "spray");

/** SAFE-5, SAFE-6: this room, and who is in it, against what is breathed: no air for solvents and mist, a flame near them, dust near a baby. */
export function airOfTheRoom(stack: Stack): Remark[] {
  const { studio, person } = stack.context;
  const [burning, misty] = [solvents(stack), mists(stack)];
  const breathed = [...new Set([...burning, ...misty])];
  const dusty = stack.look.layers.filter((layer) => {
    const key = materialOf(layer, stack.context.products);
    return key !== null && material(key).behaves === "powder";
  });
  const caution = (rule: "SAFE-5" | "SAFE-6", message: string): Remark => ({
    rule,
    severity: "caution",
    where: { zones: [] },
    message,
  });
  const found: (Remark | false)[] = [
    studio.room.ventilation === "none" &&
      breathed.length > 0 &&
      caution(
        "SAFE-5",
        `Nothing airs the dressing room, and ${namesOf(breathed)} would be breathed: open a window, set a fan blowing outward, or go outside for it.`,
      ),
    studio.room.flames &&
      burning.length > 0 &&
      caution(
        "SAFE-5",
        `There is a flame in the dressing room, and ${namesOf(burning)} burn${burning.length === 1 ? "s" : ""} until dry: put it out first.`,
      ),
    isTooSmall(person) &&
      dusty.length + misty.length > 0 &&
      caution(
        "SAFE-6",
        `${namesOf([...new Set([...dusty, ...misty])])} would be breathed by a small child: no powder or spray near ${person.name}.`,
      ),
  ];
  return found.filter((remark): remark is Remark => remark !== false);
}

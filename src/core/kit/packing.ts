import { isPiece, material, toolOf, type Product, type ToolKey } from "../paint";
import type { RuleId } from "../rules";
import { materialOf, recipeOf, type Look, type LookContext } from "../look";

export interface PackedThing {
  readonly name: string;
  readonly grams: number;
  readonly what: "pot" | "tool" | "piece";
  readonly note: string | null;
  readonly rule: RuleId | null;
}
export interface PackingList {
  readonly things: readonly PackedThing[];
  readonly grams: number;
  readonly litres: number;
}

/** A pot weighs so much more than what is in it, and takes so many ml a gram. Common practice, no published source. */
const [POT, ML_A_GRAM] = [1.4, 1.6];
/** A brush, sponge or puff; what has to be set up comes with its compressor. Common practice, no published source. */
const [TOOL_GRAMS, MACHINE_GRAMS, TOOL_ML, MACHINE_ML] = [15, 2600, 60, 9000];
const PIECE_ML = 800;

function potNote(product: Product): string | null {
  if (material(product.material).flammable)
    return "flammable: not in an aircraft's hold or cabin without asking; upright, cool, away from flame";
  return null;
}

/** What to pack for some looks, once each, with weight and room, and what may not travel (KIT-3). The carrier's and local rules decide. */
export function packingList(looks: readonly { look: Look; context: LookContext }[]): PackingList {
  const pots = new Map<string, Product>();
  const tools = new Set<ToolKey>();
  const pieces: PackedThing[] = [];
  for (const { look, context } of looks) {
    for (const layer of look.layers) {
      tools.add(layer.tool);
      if (layer.blend) tools.add(layer.blend.tool);
      for (const { product } of recipeOf(layer, context.products)) pots.set(product.id, product);
      const key = materialOf(layer, context.products);
      if (key && isPiece(key) && layer.paint.kind === "material")
        pieces.push({
          name: layer.name,
          grams: 100,
          what: "piece",
          note: "in a box that keeps its shape",
          rule: null,
        });
    }
    for (const piece of look.pieces)
      pieces.push({
        name: `${piece.name} (${look.name})`,
        grams: 250,
        what: "piece",
        note: "in a box that keeps its shape",
        rule: "PIECE-1",
      });
  }
  const things: PackedThing[] = [
    ...[...pots.values()].map((product): PackedThing => {
      const note = potNote(product);
      return {
        name: product.name,
        grams: product.sizeGrams * POT,
        what: "pot",
        note,
        rule: note ? "SAFE-5" : null,
      };
    }),
    ...[...tools].map((key): PackedThing => {
      const machine = Boolean(toolOf(key).setUpMinutes);
      return {
        name: machine ? `${toolOf(key).label} with its compressor` : toolOf(key).label,
        grams: machine ? MACHINE_GRAMS : TOOL_GRAMS,
        what: "tool",
        note: machine ? "loud and heavy: may not travel, nor be welcome in the room" : null,
        rule: machine ? "KIT-3" : null,
      };
    }),
    ...pieces,
  ];
  const litres =
    things.reduce(
      (sum, thing) =>
        sum +
        (thing.what === "pot"
          ? (thing.grams / POT) * ML_A_GRAM
          : thing.what === "tool"
            ? thing.grams === MACHINE_GRAMS
              ? MACHINE_ML
              : TOOL_ML
            : PIECE_ML),
      0,
    ) / 1000;
  return { things, grams: things.reduce((sum, thing) => sum + thing.grams, 0), litres };
}

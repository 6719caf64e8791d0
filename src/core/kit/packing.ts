import { isPiece, material, toolOf, type Product, type ToolKey } from "../paint";
import type { RuleId } from "../rules";
import { chairThings, materialOf, toolSize, type Look, type LookContext } from "../look";
import { weightGrams } from "../piece";
import type { Need } from "./paintNeeded";

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

/** A look to be packed for, with everything it uses up. */
interface ToPack {
  readonly look: Look;
  readonly context: LookContext;
  readonly needs: readonly Pick<Need, "productId" | "material" | "name" | "counted">[];
}

const inItsBox = "in a box that keeps its shape";

/** Pieces, and what their steps need, of one look. */
function wornThings({ look, context }: ToPack): PackedThing[] {
  const glued = look.layers.flatMap((layer): PackedThing[] => {
    const key = materialOf(layer, context.products);
    return key && isPiece(key) && layer.paint.kind === "material"
      ? [{ name: layer.name, grams: 100, what: "piece", note: inItsBox, rule: null }]
      : [];
  });
  const worn = look.pieces
    .filter((piece) => piece.worn !== "leftOut")
    .map((piece): PackedThing => ({
      name: `${piece.worn === "standIn" && piece.standIn ? piece.standIn : piece.name} (${look.name})`,
      grams: weightGrams(piece) ?? PIECE_GRAMS,
      what: "piece",
      note: inItsBox,
      rule: "PIECE-1",
    }));
  const needed = [...new Set(chairThings(look, context).flatMap(({ needs }) => needs))].map(
    (name): PackedThing => ({ name, grams: SMALL_GRAMS, what: "tool", note: null, rule: null }),
  );
  return [...glued, ...worn, ...needed];
}

/** What nobody has weighed: a piece, and a small thing. Common practice, no published source. */
const [PIECE_GRAMS, SMALL_GRAMS] = [250, 50];

/** ", 3 and 8 mm": the sizes of a tool there must be; nothing where it has none. */
function sizesWords(sizes: ReadonlySet<number>): string {
  const inOrder = [...sizes].sort((a, b) => a - b);
  const last = inOrder.pop();
  if (last === undefined) return "";
  return `, ${inOrder.length ? `${inOrder.join(", ")} and ` : ""}${last} mm`;
}

/** What to pack for some looks, once each, with weight and room, and what may not travel (KIT-3). The carrier's and local rules decide. */
export function packingList(looks: readonly ToPack[]): PackingList {
  const pots = new Map<string, Product>();
  const unchosen = new Map<string, PackedThing>();
  const tools = new Map<ToolKey, Set<number>>();
  const pack = (tool: ToolKey, sizeMm?: number) => {
    const sizes = tools.get(tool) ?? new Set();
    tools.set(tool, sizeMm === undefined ? sizes : sizes.add(sizeMm));
  };
  for (const { look, context, needs } of looks) {
    for (const layer of look.layers) {
      pack(layer.tool, toolSize(layer, context)?.sizeMm);
      if (layer.blend) pack(layer.blend.tool);
    }
    for (const { productId, material: key, name } of needs) {
      const product = productId ? context.products.get(productId) : undefined;
      if (product) pots.set(product.id, product);
      else if (!isPiece(key))
        unchosen.set(key, {
          name,
          grams: SMALL_GRAMS,
          what: "pot",
          note: "no product chosen yet",
          rule: null,
        });
    }
  }
  const pieces = looks.flatMap(wornThings);
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
    ...unchosen.values(),
    ...[...tools].map(([key, sizes]): PackedThing => {
      const machine = Boolean(toolOf(key).setUpMinutes);
      return {
        name: machine
          ? `${toolOf(key).label} with its compressor`
          : `${toolOf(key).label}${sizesWords(sizes)}`,
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

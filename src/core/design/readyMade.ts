import { type Part, middle } from "./part";
import { ZONES, type ZoneId } from "../anatomy";
import { isProp, type AuxiliaryKey } from "../paint";
import type { RuleId } from "../rules";
import { CAP_EDGE, EDGE } from "./capEdge";
import { auxiliaryLayer } from "./auxiliaryLayer";
import type { LookContext } from "./context";
import { leftBare } from "./mayNotTouch";
import { applyPatch, freeLayerId, type LookPatch } from "./patch";
import type { Role } from "./roles";
import { PLAIN_LAYER, type Look } from "./schema";
import { placeFor } from "./placeFor";

/** One layer of a set. */
interface Step {
  readonly key: AuxiliaryKey;
  readonly role: Role;
  readonly name: string;
  readonly zones: readonly ZoneId[];
  readonly coats?: number;
  readonly part?: Part;
}

/** Several layers that belong together, as a colleague would lay them. */
interface ReadyMade {
  readonly label: string;
  readonly does: string;
  readonly rule: RuleId;
  readonly steps: readonly Step[];
}

const BROWS: readonly ZoneId[] = ["browLeft", "browRight"];
const SCALP: readonly ZoneId[] = ZONES.filter(({ group }) => group === "scalp").map(({ id }) => id);
const BROW_PIECE: readonly ZoneId[] = ["forehead", ...BROWS, "glabella", "noseBridge"];
const CHIN: readonly ZoneId[] = ["chin"];
const NOSE: readonly ZoneId[] = ZONES.filter(({ kind }) => kind.startsWith("nose")).map(
  ({ id }) => id,
);
/** A mask leaves the eyes, the mouth and what moves round them free. */
const MASK: readonly ZoneId[] = ZONES.filter(({ group }) => group === "face").map(({ id }) => id);
const powder = (name: string, zones: readonly ZoneId[]): Step => ({
  key: "settingPowder",
  role: "set",
  name,
  zones,
});
const edge = (name: string, zones: readonly ZoneId[]): Step[] => [
  {
    key: "thickenedAdhesive",
    role: "attach",
    name: `Edge of the ${name}`,
    zones,
    coats: 2,
    part: EDGE,
  },
  powder(`Powder on the edge of the ${name}`, zones),
];
const glue = (name: string, zones: readonly ZoneId[]): Step => ({
  key: "medicalAdhesive",
  role: "attach",
  name: `Adhesive for the ${name}`,
  zones,
  part: EDGE,
});

const FLAT_BROWS: readonly Step[] = [
  { key: "glueStick", role: "cover", name: "Flatten the brows", zones: BROWS, coats: 3 },
  powder("Powder on the brows", BROWS),
];
/** A piece on skin without hair: glued, laid, its edge filled and powdered. */
const glued = (
  key: AuxiliaryKey,
  what: string,
  name: string,
  zones: readonly ZoneId[],
): readonly Step[] => [
  glue(what, zones),
  { key, role: "attach", name, zones },
  ...edge(what, zones),
];
/** Plates reach from the cap over its edge, where skin can be glued to. */
const PLATES: readonly ZoneId[] = ["forehead", "templeLeft", "templeRight"];
const CAP: readonly Step[] = [
  glue("cap", CAP_EDGE),
  { key: "baldCap", role: "attach", name: "Bald cap", zones: [...SCALP, ...CAP_EDGE] },
  ...edge("cap", CAP_EDGE),
];

/** Brow cover by school, caps, pieces and wax: adhesive, piece, edge and powder in order. A new set is one entry here. Common practice, no published source. */
export const READY_MADE = {
  browGlue: {
    label: "Brow cover: glue stick",
    does: "three thin layers, each dry and powdered",
    rule: "BROW-1",
    steps: [
      { key: "glueStick", role: "cover", name: "Glue stick on the brows", zones: BROWS, coats: 3 },
      powder("Powder on the brows", BROWS),
    ],
  },
  browWax: {
    label: "Brow cover: wax and sealer",
    does: "wax pressed in along the growth, drawn off, then sealer",
    rule: "BROW-1",
    steps: [
      { key: "browWax", role: "cover", name: "Wax on the brows", zones: BROWS },
      powder("Powder on the wax", BROWS),
      { key: "browSealer", role: "cover", name: "Sealer on the brows", zones: BROWS },
      powder("Powder on the sealer", BROWS),
    ],
  },
  browGum: {
    label: "Brow cover: spirit gum",
    does: "for a piece over the brows; slow to take off",
    rule: "BROW-1",
    steps: [
      { key: "spiritGum", role: "cover", name: "Spirit gum on the brows", zones: BROWS },
      powder("Powder on the gum", BROWS),
    ],
  },
  baldCap: {
    label: "Bald cap",
    does: "glued at the hairline, edge filled, powdered",
    rule: "PROS-1",
    steps: CAP,
  },
  foamPiece: {
    label: "Foam brow piece",
    does: "brows flattened, piece glued, edge filled, powdered",
    rule: "PROS-1",
    steps: [
      ...FLAT_BROWS,
      glue(
        "piece",
        BROW_PIECE.filter((zone) => !BROWS.includes(zone)),
      ),
      { key: "foamPiece", role: "attach", name: "Foam piece", zones: BROW_PIECE },
      ...edge("piece", ["forehead", "noseBridge"]),
    ],
  },
  foamNose: {
    label: "Foam nose",
    does: "glued from the tip outwards, edge filled, powdered; over the foot of a brow piece",
    rule: "PROS-5",
    steps: glued("foamPiece", "nose", "Foam nose", NOSE),
  },
  foamMask: {
    label: "Full foam mask",
    does: "brows flattened, glued from the middle outwards, edge filled, powdered",
    rule: "PROS-5",
    steps: [
      ...FLAT_BROWS,
      glue(
        "mask",
        MASK.filter((zone) => !BROWS.includes(zone)),
      ),
      { key: "foamPiece", role: "attach", name: "Foam mask", zones: MASK },
      ...edge(
        "mask",
        MASK.filter((zone) => !BROWS.includes(zone)),
      ),
    ],
  },
  latexPiece: {
    label: "Slip-latex piece on the chin",
    does: "glued, edge filled, powdered",
    rule: "PROS-1",
    steps: glued("latexPiece", "chin", "Latex piece", CHIN),
  },
  sculptingWax: {
    label: "Sculpting wax on the nose",
    does: "modelled on clean skin, powdered hard",
    rule: "PROS-3",
    steps: [
      {
        key: "sculptingWax",
        role: "attach",
        name: "Wax on the nose",
        zones: ["noseBridge", "noseTip"],
        part: middle(0.6),
      },
      powder("Powder on the wax", ["noseBridge", "noseTip"]),
    ],
  },
  waxPlates: {
    label: "Bald cap with plates of wax",
    does: "the cap as above, then plates on tacky adhesive down forehead and temples, powdered hard",
    rule: "PROS-3",
    steps: [
      ...CAP,
      { ...glue("plates", PLATES), part: middle(0.3) },
      {
        key: "sculptingWax",
        role: "attach",
        name: "Plates of wax",
        zones: PLATES,
        part: middle(0.3),
      },
      powder("Powder on the plates", PLATES),
    ],
  },
} as const satisfies Record<string, ReadyMade>;

export type ReadyMadeKey = keyof typeof READY_MADE;
export const READY_MADE_KEYS = Object.keys(READY_MADE) as ReadyMadeKey[];
export const readyMade = (key: ReadyMadeKey): ReadyMade => READY_MADE[key];

/**
 * Lays a set under the first base, as a group: what this person may wear of it.
 * @returns the change, and the names of what was left out because they may not wear it
 */
export function layReadyMade(
  key: ReadyMadeKey,
  look: Look,
  context: LookContext,
): { patch: LookPatch; leftOut: string[] } {
  const { label, steps } = readyMade(key);
  const at = placeFor("map", look);
  const patches: LookPatch[] = [];
  const leftOut: string[] = [];
  let now = look;
  for (const step of steps) {
    const made = auxiliaryLayer({ look: now, context }, { ...step, at: at + patches.length });
    if (!made) {
      leftOut.push(step.name);
      continue;
    }
    const patch: LookPatch = {
      op: "addLayer",
      layer: { ...made.layer, group: label.slice(0, 40) },
      at: at + patches.length,
    };
    patches.push(patch);
    now = applyPatch(now, patch);
  }
  return { patch: { op: "several", patches }, leftOut };
}

/** Teeth and hair: paint on what is no skin, laid last but one. Teeth have no zone of their own. */
export function layLast(kind: "teeth" | "hair", look: Look, context: LookContext): LookPatch {
  const material = kind === "teeth" ? "toothLacquer" : "hairColour";
  const product = [...context.products.values()].find(
    (entry) => entry.material === material && !isProp(entry),
  );
  const layer = {
    ...PLAIN_LAYER,
    id: freeLayerId(look, kind),
    role: "detail" as const,
    name: kind === "teeth" ? "Teeth" : "Hair colour",
    zones:
      kind === "teeth"
        ? []
        : SCALP.filter((zone) => zone === "scalp" && !leftBare(context).has(zone)),
    paint: product
      ? { kind: "product" as const, productId: product.id }
      : { kind: "material" as const, material: material as "toothLacquer" },
    tool: kind === "teeth" ? ("roundBrush" as const) : ("spray" as const),
    technique: kind === "teeth" ? ("stroke" as const) : ("spray" as const),
    coats: kind === "teeth" ? 2 : 1,
    notes:
      kind === "teeth"
        ? "Dry each tooth with tissue; the mouth stays open until it is dry."
        : "Shield eyes and lungs, air the room.",
  };
  return { op: "addLayer", layer, at: placeFor("detail", look) };
}

import type { RuleId } from "../rules";
import type { Family, SurfaceState } from "./material";
import { material, type MaterialKey } from "./materials";

/** fine: goes on as it is. needs: one step first. caution: does not go well whatever one does. stop: hurts. */
export type Verdict = "fine" | "needs" | "caution" | "stop";
/** The step that makes a pair work: wait until dry or clear, press powder, seal, lay make-up and powder between, or choose another. */
export type Mend = "wait" | "clear" | "powder" | "seal" | "undercoat" | "swap";

export interface Pairing {
  readonly verdict: Verdict;
  readonly rule: RuleId;
  readonly reason: string;
  readonly mend: Mend | null;
}

/** States of the lower coat in which the upper one may go on; empty where none is right. */
interface Terms {
  readonly ready: readonly SurfaceState[];
  readonly rule: RuleId;
  readonly reason: string;
  readonly grave?: "stop";
  readonly mend?: Mend;
}

const terms = (
  ready: string,
  rule: RuleId,
  reason: string,
  more: Pick<Terms, "grave" | "mend"> = {},
): Terms => ({ ready: ready.split(" ").filter(Boolean) as SurfaceState[], rule, reason, ...more });

/** What every family asks of what goes over it, where no exception is made. */
const USUALLY: Readonly<Record<Family, Terms>> = {
  water: terms("dry powdered sealed", "ORDER-6", "goes over dry water colour"),
  cream: terms("powdered sealed", "SET-1", "cream never dries: over powdered cream it holds"),
  alcohol: terms(
    "dry powdered sealed",
    "ORDER-6",
    "alcohol colour is dry in a moment and holds what follows",
  ),
  acrylic: terms(
    "powdered sealed",
    "SET-1",
    "adhesive acrylic stays tacky until it is powdered, then nothing muddies it",
  ),
  powder: terms("dry powdered sealed", "LAYER-7", "pat it over powder: sweeping lifts it"),
  gel: terms("dry powdered sealed", "ORDER-6", "goes over gel once that is dry"),
  lip: terms("dry powdered sealed", "ORDER-6", "goes over lip colour once that is dry"),
  tooth: terms("dry", "ORDER-6", "the mouth stays open until the lacquer is dry"),
  latex: terms("clear powdered sealed", "ORDER-6", "latex is ready when it has turned clear"),
  glitter: terms("dry sealed", "LAYER-7", "dab it: sweeping carries glitter off"),
  hair: terms("dry powdered sealed", "ORDER-6", "goes over hair colour once that is dry"),
  adhesive: terms(
    "powdered sealed",
    "SET-1",
    "adhesive grips all that touches it until it is powdered",
  ),
  wax: terms("powdered sealed", "PROS-3", "wax is powdered hard, then painted"),
  browHold: terms(
    "dry powdered sealed",
    "BROW-1",
    "each layer of glue stick dries and is pressed with powder",
  ),
  film: terms("dry powdered sealed", "ORDER-6", "goes over the film once that is dry"),
  prep: terms("dry powdered sealed", "PREP-2", "prep dries for some minutes before any paint"),
  foam: terms(
    "powdered sealed",
    "LAYER-3",
    "raw foam drinks it: a few layers of make-up and powder first",
    { mend: "undercoat" },
  ),
  piece: terms(
    "dry powdered sealed",
    "PROS-1",
    "goes over a piece that is on and clear at the edge",
  ),
  silicone: terms("", "PROS-1", "it slides off silicone: alcohol colour is what holds there"),
  gelatine: terms(
    "powdered sealed",
    "PROS-1",
    "gelatine swells in water and melts in sweat: seal it, then paint",
    { mend: "seal" },
  ),
  remover: terms("", "PREP-1", "remover lifts all that follows: wash it off first"),
};

const MUD = terms(
  "powdered sealed",
  "LAYER-1",
  "water wakes the dry colour below and the two turn to mud: set or seal the lower one, or pat",
);
const GRIP = terms("", "PROS-1", "it grips skin, not paint: it goes on clean dry skin first");
const OPEN = terms(
  "tacky dry powdered sealed",
  "LAYER-2",
  "cream blends into cream; powder both at the end",
);
const SETS = terms(
  "tacky dry clear powdered sealed",
  "LAYER-4",
  "powder sets what is tacky and deepens its colour",
);
const SEALS = terms("dry clear powdered sealed", "SET-6", "a film over finished work");
const TEARS = terms("", "BROW-2", "on hair it tears the hair out when it comes off", {
  grave: "stop",
});
const OVER_BLOCKED = terms(
  "powdered sealed",
  "BROW-2",
  "glue goes near brows only once they are blocked: two coats of stick, each dry and powdered",
);
const HAIR_ONLY = terms("", "PREP-1", "hair colour belongs on hair, not on paint");
const TEETH_ONLY = terms("", "ORDER-6", "tooth lacquer holds on dry teeth only");
const ATE = terms("", "REMOVE-1", "remover takes off what it touches: it comes at the end");
const UNDER_PAINT = terms("", "PREP-2", "prep works on bare skin, under the paint");

/** Whatever the lower one is. */
const UPON: Readonly<Partial<Record<Family, Terms>>> = {
  powder: SETS,
  film: SEALS,
  hair: HAIR_ONLY,
  tooth: TEETH_ONLY,
  remover: ATE,
  prep: UNDER_PAINT,
  adhesive: GRIP,
  wax: GRIP,
  foam: GRIP,
  piece: GRIP,
  silicone: GRIP,
  gelatine: GRIP,
  browHold: GRIP,
};

/**
 * The trade's table of what goes over what, by pair and direction (LAYER-9): lower family, then upper. A pair that stands nowhere here
 * follows what its upper one asks of anything (UPON), or else what its lower one asks (USUALLY). Common practice, no published source.
 */
const PAIRS: Readonly<Partial<Record<Family, Readonly<Partial<Record<Family, Terms>>>>>> = {
  water: {
    water: MUD,
    cream: terms(
      "dry powdered sealed",
      "LAYER-2",
      "cream over dry water colour works very well, best for veils and highlights",
    ),
    acrylic: terms(
      "powdered sealed",
      "LAYER-1",
      "its water wakes the colour below: set that first",
    ),
    latex: terms("", "LAYER-9", "latex peels off water colour and takes it along"),
  },
  cream: {
    water: terms(
      "powdered sealed",
      "LAYER-2",
      "water colour beads and slips on bare cream; over powdered cream it is fine",
    ),
    cream: OPEN,
    alcohol: terms("powdered sealed", "LAYER-2", "alcohol cuts bare cream: powder it first"),
    acrylic: terms("", "LAYER-9", "adhesive acrylic does not grip on cream"),
    latex: terms("", "LAYER-9", "cream breaks latex down"),
    glitter: terms("tacky powdered sealed", "LAYER-4", "tacky cream holds glitter"),
  },
  alcohol: {
    alcohol: terms(
      "dry powdered sealed",
      "LAYER-3",
      "alcohol reworks alcohol colour: thin, quick touches",
    ),
    latex: terms("powdered sealed", "LAYER-9", "latex grips powdered alcohol colour only"),
  },
  acrylic: {
    acrylic: terms("tacky powdered sealed", "LAYER-9", "coats of it build on one another"),
    powder: SETS,
    latex: terms("powdered sealed", "LAYER-9", "over the powdered base"),
  },
  powder: {
    water: terms("dry powdered sealed", "LAYER-7", "pat it over powder: sweeping lifts it"),
    gel: terms("dry powdered sealed", "LAYER-7", "short touches over powder"),
  },
  lip: {
    lip: terms("", "LAYER-9", "layers of long-wear lip colour flake: take it off and lay it anew"),
  },
  tooth: { tooth: terms("dry", "ORDER-6", "a second coat once the first is dry") },
  latex: {
    water: terms("powdered sealed", "LAYER-9", "water colour slips on bare latex: powder it first"),
    latex: terms(
      "clear powdered",
      "ORDER-6",
      "two or three stippled coats, each clear before the next",
    ),
    cream: terms(
      "powdered sealed",
      "LAYER-9",
      "oil breaks bare latex down: powder or seal it first",
    ),
    adhesive: terms("clear powdered", "PROS-1", "adhesive over clear latex blends an edge"),
  },
  glitter: { film: terms("dry sealed powdered", "SET-6", "a mist holds fallout down") },
  hair: {
    hair: terms("dry powdered sealed", "ORDER-6", "a second pass once the first is dry"),
    adhesive: TEARS,
    latex: TEARS,
    acrylic: TEARS,
    wax: TEARS,
  },
  adhesive: {
    adhesive: terms(
      "clear powdered",
      "PROS-1",
      "thickened adhesive fills an edge once the first has turned clear",
    ),
    foam: terms("clear", "PROS-1", "press the piece on when the adhesive has turned clear"),
    piece: terms("clear", "PROS-1", "press the piece on when the adhesive has turned clear"),
    latex: terms("clear powdered sealed", "PROS-1", "latex by sponge blends the edge"),
    acrylic: terms("clear powdered sealed", "PROS-1", "adhesive acrylic is of its kind"),
    glitter: terms("clear", "PROS-1", "glitter into clear adhesive"),
    wax: terms("clear", "PROS-3", "wax keeps better on a thin film of adhesive"),
  },
  wax: {
    alcohol: terms("powdered sealed", "LAYER-3", "alcohol colour over powdered wax: very well"),
    film: terms("tacky powdered sealed", "BROW-1", "sealer over wax before colour"),
    latex: terms("powdered sealed", "PROS-3", "latex skins powdered wax over"),
    wax: terms("tacky powdered sealed", "PROS-3", "wax joins wax while it is soft"),
    cream: terms("powdered sealed", "PROS-3", "cream softens bare wax: powder it first"),
  },
  browHold: {
    browHold: terms("dry powdered", "BROW-1", "two or three thin layers, each dry"),
    wax: terms("dry powdered sealed", "BROW-1", "wax over a first hold"),
    adhesive: OVER_BLOCKED,
    latex: OVER_BLOCKED,
    acrylic: OVER_BLOCKED,
    foam: terms("powdered sealed", "BROW-1", "a piece over hair that is flat and powdered"),
    piece: terms("dry powdered sealed", "BROW-1", "a cap over hair that is flat and dry"),
  },
  film: { adhesive: GRIP, browHold: GRIP, wax: GRIP },
  prep: {
    adhesive: terms("dry", "PROS-1", "on clean skin, prep dry, adhesive grips"),
    wax: terms("dry", "PROS-3", "on clean dry skin"),
    foam: terms("", "PROS-1", "a piece needs adhesive"),
    piece: terms("", "PROS-1", "a piece needs adhesive"),
    prep: terms("dry", "PREP-2", "one prep after the other, each dry"),
    browHold: terms("dry", "BROW-1", "on dry hair"),
    hair: terms("dry", "PREP-1", "on dry hair"),
    tooth: TEETH_ONLY,
  },
  foam: {
    cream: terms(
      "dry powdered sealed",
      "LAYER-3",
      "rubber-mask grease or cream, stippled, is what foam takes first",
    ),
    acrylic: terms("dry powdered sealed", "LAYER-3", "adhesive acrylic is a base for foam"),
    adhesive: terms("dry powdered sealed", "PROS-1", "adhesive fills and dissolves the edge"),
    latex: terms("dry powdered sealed", "PROS-1", "latex by sponge blends the edge"),
    foam: GRIP,
  },
  piece: {
    adhesive: terms("dry powdered sealed", "PROS-1", "adhesive fills and dissolves the edge"),
    latex: terms("dry powdered sealed", "PROS-1", "latex by sponge blends the edge"),
    foam: terms("", "PROS-1", "a piece needs adhesive"),
    water: terms(
      "powdered sealed",
      "LAYER-3",
      "water colour slips on a bare cap or latex piece: powder or grease it first",
    ),
  },
  silicone: {
    alcohol: terms("dry powdered sealed", "LAYER-3", "alcohol colour holds on silicone"),
    adhesive: terms("dry powdered sealed", "PROS-1", "adhesive fills the edge"),
    powder: terms("dry powdered sealed", "PROS-1", "powder takes the shine off silicone"),
    film: SEALS,
  },
  gelatine: {
    cream: terms("dry powdered sealed", "PROS-1", "cream goes over gelatine, then powder"),
    alcohol: terms("dry powdered sealed", "LAYER-3", "alcohol colour holds on gelatine"),
    acrylic: terms("dry powdered sealed", "PROS-1", "adhesive acrylic seals gelatine"),
    adhesive: terms("dry powdered sealed", "PROS-1", "adhesive seals the edge"),
  },
  remover: Object.fromEntries(
    (["powder", "film", "adhesive", "wax"] as const).map((upper) => [
      upper,
      terms("", "PREP-1", "remover lifts all that follows: wash it off first"),
    ]),
  ),
};

function termsOf(lower: Family, upper: Family): Terms {
  return PAIRS[lower]?.[upper] ?? (lower === "remover" ? undefined : UPON[upper]) ?? USUALLY[lower];
}

/** States of the lower material in which the upper one may go over it as it is; empty where no state is right. */
export const readyStates = (lower: MaterialKey, upper: MaterialKey): readonly SurfaceState[] =>
  termsOf(material(lower).behaves, material(upper).behaves).ready;

/** Whether there is a state of the lower material in which the upper one may go over it. */
export const goesOver = (lower: MaterialKey, upper: MaterialKey): boolean =>
  readyStates(lower, upper).length > 0;

/** What a coat becomes when it is left alone. */
export const freshState = (key: MaterialKey): SurfaceState =>
  (({ dries: "dry", powder: "tacky", clears: "clear" }) as const)[material(key).setting];

/** The step from a state to one that is ready; waiting comes before powder, and powder before a seal. */
function stepTo({ ready, mend }: Terms, state: SurfaceState, fresh: SurfaceState): Mend {
  if (!ready.length) return "swap";
  if (state === "wet") return fresh === "clear" ? "clear" : "wait";
  if (mend) return mend;
  if (ready.includes("powdered") && state !== "powdered" && state !== "sealed") return "powder";
  return ready.includes("sealed") && state !== "sealed" ? "seal" : "swap";
}

/**
 * What happens when one material goes over another in the state that one is in: every pair, state and direction has an answer.
 * @example pairing("cream", "tacky", "waterGlycerine") // needs: powder, LAYER-2
 */
export function pairing(lower: MaterialKey, state: SurfaceState, upper: MaterialKey): Pairing {
  const found = termsOf(material(lower).behaves, material(upper).behaves);
  const { ready, rule, reason } = found;
  // Nothing that dries by itself is ever left tacky, so that a state it can't have reads as the one it gets.
  if (ready.includes(state)) return { verdict: "fine", rule, reason, mend: null };
  const mend = stepTo(found, state, freshState(lower));
  if (found.grave) return { verdict: "stop", rule, reason, mend };
  if (state === "wet" && ready.length)
    return {
      verdict: "needs",
      rule: "ORDER-6",
      reason: mend === "clear" ? "wait until it has turned clear" : "wait until it is dry",
      mend,
    };
  return { verdict: mend === "swap" ? "caution" : "needs", rule, reason, mend };
}

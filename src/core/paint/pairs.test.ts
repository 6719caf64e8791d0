import {
  FAMILIES,
  freshState,
  goesOver,
  isPaintType,
  material,
  MATERIAL_KEYS,
  pairing,
  readyStates,
  SURFACE_STATES,
  type Mend,
  type MaterialKey,
  type SurfaceState,
  type Verdict,
} from ".";
import { RULES } from "../rules";

// The trade's table of what goes over what (1-trade, LAYER, SET, PROS, BROW, ORDER): common practice, no published source.
const TRADE: readonly (readonly [
  lower: MaterialKey,
  state: SurfaceState,
  upper: MaterialKey,
  verdict: Verdict,
  mend: Mend | null,
  rule: string,
])[] = [
  // Water over dry water makes mud; set or sealed it does not (LAYER-1).
  ["waterGlycerine", "dry", "waterWax", "needs", "powder", "LAYER-1"],
  ["waterGlycerine", "powdered", "waterWax", "fine", null, "LAYER-1"],
  ["waterWax", "sealed", "waterGlycerine", "fine", null, "LAYER-1"],
  ["airbrushWater", "dry", "waterWax", "needs", "powder", "LAYER-1"],
  ["waterGlycerine", "wet", "waterWax", "needs", "wait", "ORDER-6"],
  // Cream over dry water works very well; the other way round only over powder (LAYER-2): by direction.
  ["waterGlycerine", "dry", "cream", "fine", null, "LAYER-2"],
  ["cream", "tacky", "waterGlycerine", "needs", "powder", "LAYER-2"],
  ["cream", "powdered", "waterGlycerine", "fine", null, "LAYER-2"],
  ["cream", "tacky", "cream", "fine", null, "LAYER-2"],
  // Adhesive acrylic under it, and nothing muddies (LAYER-1); tacky until powdered (SET-1).
  ["adhesiveAcrylic", "powdered", "waterGlycerine", "fine", null, "SET-1"],
  ["adhesiveAcrylic", "tacky", "waterGlycerine", "needs", "powder", "SET-1"],
  ["cream", "powdered", "adhesiveAcrylic", "caution", "swap", "LAYER-9"],
  // Alcohol over powdered wax and set pieces: very well; on raw foam make-up and powder between (LAYER-3).
  ["sculptingWax", "powdered", "alcoholActivated", "fine", null, "LAYER-3"],
  ["sculptingWax", "tacky", "alcoholActivated", "needs", "powder", "LAYER-3"],
  ["foamPiece", "dry", "alcoholActivated", "needs", "undercoat", "LAYER-3"],
  ["foamPiece", "dry", "rubberMaskGrease", "fine", null, "LAYER-3"],
  ["foamPiece", "dry", "waterGlycerine", "needs", "undercoat", "LAYER-3"],
  ["rubberMaskGrease", "powdered", "alcoholActivated", "fine", null, "LAYER-2"],
  // Powder on tacky colour (LAYER-4), and pats over powder (LAYER-7).
  ["cream", "tacky", "powder", "fine", null, "LAYER-4"],
  ["powder", "dry", "waterGlycerine", "fine", null, "LAYER-7"],
  // Latex and adhesive are ready when clear (ORDER-6, PROS-1); oil breaks latex down; latex peels off paint (LAYER-9).
  ["latex", "clear", "latex", "fine", null, "ORDER-6"],
  ["latex", "wet", "latex", "needs", "clear", "ORDER-6"],
  ["latex", "clear", "cream", "needs", "powder", "LAYER-9"],
  ["waterGlycerine", "dry", "latex", "caution", "swap", "LAYER-9"],
  ["medicalAdhesive", "clear", "foamPiece", "fine", null, "PROS-1"],
  ["medicalAdhesive", "wet", "foamPiece", "needs", "clear", "ORDER-6"],
  ["waterGlycerine", "dry", "medicalAdhesive", "caution", "swap", "PROS-1"],
  ["foamPiece", "dry", "thickenedAdhesive", "fine", null, "PROS-1"],
  // Hair is not glued (BROW-2); brow wax is sealed before colour, glue stick dried and powdered (BROW-1).
  ["hairColour", "dry", "medicalAdhesive", "stop", "swap", "BROW-2"],
  ["glueStick", "dry", "latex", "needs", "powder", "BROW-2"],
  ["glueStick", "powdered", "medicalAdhesive", "fine", null, "BROW-2"],
  ["browWax", "tacky", "browSealer", "fine", null, "BROW-1"],
  ["glueStick", "dry", "glueStick", "fine", null, "BROW-1"],
  ["glueStick", "powdered", "foamPiece", "fine", null, "BROW-1"],
  // Layers of long-wear lip colour flake; prep goes under paint; remover comes last.
  ["lipLong", "dry", "lipLong", "caution", "swap", "LAYER-9"],
  ["waterGlycerine", "dry", "skinPrep", "caution", "swap", "PREP-2"],
  ["waterGlycerine", "dry", "remover", "caution", "swap", "REMOVE-1"],
  ["skinPrep", "dry", "medicalAdhesive", "fine", null, "PROS-1"],
];

describe("the pair table", () => {
  it.each(TRADE)("%s, %s, under %s: %s", (lower, state, upper, verdict, mend, rule) =>
    expect(pairing(lower, state, upper)).toMatchObject({ verdict, mend, rule }),
  );

  it("is complete: every pair of materials, state and direction has a verdict, a rule of the registry and a reason, and what needs a step names one", () => {
    let cells = 0;
    for (const lower of MATERIAL_KEYS)
      for (const upper of MATERIAL_KEYS)
        for (const state of SURFACE_STATES) {
          const { verdict, rule, reason, mend } = pairing(lower, state, upper);
          expect(RULES[rule]).toBeDefined();
          expect(reason.length).toBeGreaterThan(8);
          expect(mend === null).toBe(verdict === "fine");
          if (verdict === "caution") expect(mend).toBe("swap");
          cells++;
        }
    expect(cells).toBe(MATERIAL_KEYS.length ** 2 * SURFACE_STATES.length);
    for (const key of MATERIAL_KEYS) expect(FAMILIES[material(key).behaves]).toBeDefined();
  });

  it("mends: after the step it names a pair is fine, or one step nearer", () => {
    const after: Partial<Record<Mend, SurfaceState>> = { powder: "powdered", seal: "sealed" };
    for (const lower of MATERIAL_KEYS)
      for (const upper of MATERIAL_KEYS)
        for (const state of SURFACE_STATES) {
          const { verdict, mend } = pairing(lower, state, upper);
          if (verdict !== "needs" || !mend || mend === "undercoat") continue;
          const next = after[mend] ?? freshState(lower);
          const then = pairing(lower, next, upper);
          expect({
            lower,
            state,
            upper,
            ok: then.verdict === "fine" || (state === "wet" && then.mend !== mend),
          }).toEqual({ lower, state, upper, ok: true });
        }
  });

  it("goes by direction: some pairs that go one way do not go the other", () => {
    const oneWay = MATERIAL_KEYS.flatMap((a) =>
      MATERIAL_KEYS.filter((b) => goesOver(a, b) && !goesOver(b, a)).map((b) => `${b} over ${a}`),
    );
    expect(oneWay).toEqual(
      expect.arrayContaining(["cream over skinPrep", "waterGlycerine over latex"]),
    );
    expect(readyStates("cream", "waterGlycerine")).not.toEqual(
      readyStates("waterGlycerine", "cream"),
    );
  });

  it("keeps every paint from going over itself wet, but what never dries", () => {
    for (const key of MATERIAL_KEYS.filter(isPaintType))
      expect(pairing(key, "wet", key).verdict).not.toBe("fine");
  });
});

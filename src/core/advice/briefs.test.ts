import { USUAL_BRIEF, type Brief } from "../brief";
import type { PaintKit } from "../look";
import { STAND_IN, type Person } from "../people";
import { recommendPaint, type AdviceGroup } from ".";

// Worked briefs, as a painter would answer them (1-trade, paint types and rules CLIM, WEAR, LAYER, SAFE; common practice, no published source).
// The shelf is empty, so that what is at hand decides nothing.
interface Worked {
  readonly brief: string;
  readonly person?: Partial<Person>;
  readonly given?: Partial<Brief>;
  readonly group?: AdviceGroup;
  /** What the painter takes. */
  readonly takes: Partial<PaintKit>;
  /** And what they would not dream of. */
  readonly never?: readonly string[];
  /** Words of the reason. */
  readonly because: RegExp;
}

const WORKED: readonly Worked[] = [
  {
    brief: "a sweaty, child-free parade in the sun, four hours",
    person: { sweat: "heavy" },
    given: { airDegC: 31, rh: 55, sun: true, activity: "walking", air: "light", hoursWorn: 4 },
    takes: { base: "alcoholActivated", prep: "skinPrep" },
    never: ["cream"],
    because: /holds about 2 h/,
  },
  {
    brief: "a baby-soft gradient for a two-hour sitting",
    given: { matters: ["softBlends"], hoursWorn: 2, activity: "seated" },
    takes: { base: "waterGlycerine" },
    because: /blends softly/,
  },
  {
    brief: "fine line work in cool weather",
    given: { airDegC: 14, matters: ["fineLines"] },
    takes: { detail: "waterWax" },
    because: /fine, crisp lines/,
  },
  {
    brief: "fine line work in 36 °C",
    given: { airDegC: 36, rh: 35, matters: ["fineLines"] },
    takes: { detail: "alcoholActivated" },
    never: ["waterWax"],
    because: /lines stand|crisp lines/,
  },
  {
    brief: "the same heat on a child of eight: no alcohol, and no wax that softens",
    person: { ageYears: 8 },
    given: { airDegC: 36, rh: 35, activity: "walking" },
    takes: { base: "waterGlycerine", detail: "waterGlycerine" },
    never: ["alcoholActivated", "waterWax"],
    because: /kind to skin|off in|holds/,
  },
  {
    brief: "a foam piece",
    group: "prosthetic",
    takes: { base: "rubberMaskGrease", detail: "alcoholActivated", set: "settingPowder" },
    never: ["waterGlycerine", "waterWax"],
    because: /lines stand all/,
  },
  {
    brief: "a full body where costume rubs, five hours dancing",
    given: {
      bares: ["chest", "back", "upperArms", "forearms", "belly"],
      hoursWorn: 5,
      activity: "dancing",
    },
    group: "body",
    takes: { base: "alcoholActivated" },
    never: ["adhesiveAcrylic"],
    because: /holds about/,
  },
  {
    brief: "sensitive skin for two hours",
    person: { skinKind: "sensitive" },
    given: { hoursWorn: 2, activity: "standing" },
    takes: { base: "waterGlycerine", prep: "barrierCream" },
    never: ["adhesiveAcrylic", "alcoholActivated"],
    because: /kind to skin/,
  },
  {
    brief: "six hours of dancing that must last",
    given: { hoursWorn: 6, activity: "dancing", airDegC: 24, matters: ["longWear"] },
    takes: { base: "adhesiveAcrylic", prep: "skinPrep", set: "settingPowder" },
    because: /holds about 5 h/,
  },
  {
    brief: "hands that hold props: never grease",
    given: { bares: ["hands"], handProps: true },
    group: "hands",
    takes: { seal: "barrierSpray" },
    never: ["cream", "rubberMaskGrease"],
    because: /kind to skin|holds|off in/,
  },
  {
    brief: "teeth",
    group: "teeth",
    takes: { base: "toothLacquer" },
    because: /off in 2 min with toothbrush/,
  },
  {
    brief: "lips with a meal",
    given: { meal: true },
    group: "lips",
    takes: { base: "lipLong" },
    because: /holds about/,
  },
  {
    brief: "a film day, the lens half a metre off",
    given: {
      nearestM: 0.5,
      farthestM: 2,
      hoursWorn: 10,
      activity: "standing",
      matters: ["closeUp"],
    },
    takes: { base: "airbrushWater" },
    never: ["rubberMaskGrease"],
    because: /thin on the skin/,
  },
  {
    brief: "three hours in the rain",
    given: { airDegC: 15, rh: 80, air: "light", wet: true },
    takes: { base: "alcoholActivated" },
    because: /holds about 2 h/,
  },
  {
    brief: "round the eyes: what holds on a lid and is made for it",
    group: "eyes",
    takes: { base: "gelLiner", prep: "primer" },
    never: ["alcoholActivated", "adhesiveAcrylic"],
    because: /holds (about|all)/,
  },
];

describe("worked briefs", () => {
  it.each(WORKED.map((worked) => [worked.brief, worked] as const))(
    "%s",
    (_, { person, given, group = "face", takes, never = [], because }) => {
      const { options, refused } = recommendPaint(
        { person: { ...STAND_IN, ...person }, brief: { ...USUAL_BRIEF, ...given }, shelf: [] },
        [group],
      );
      const best = options[0];
      expect(best?.kit).toMatchObject(takes);
      expect(best?.because.join("; ")).toMatch(because);
      for (const type of never) expect([best?.kit.base, best?.kit.detail]).not.toContain(type);
      // What a hard rule keeps out is out of every option, not only the best.
      for (const { type, rule } of refused)
        if (rule.startsWith("SAFE"))
          expect(options.filter(({ kit }) => kit.base === type || kit.detail === type)).toEqual([]);
    },
  );
});

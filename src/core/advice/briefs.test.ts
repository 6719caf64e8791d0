import { USUAL_BRIEF, type Brief } from "../brief";
import type { PaintKit } from "../look";
import { STAND_IN, type Person } from "../people";
import { USUAL_STUDIO, type StudioSettings } from "../studio";
import { recommendPaint, type AdviceGroup } from ".";

// Worked briefs, as a painter would answer them (1-trade, paint types and rules CLIM, WEAR, LAYER, SAFE; common practice, no published source).
// The shelf is empty, so that what is at hand decides nothing.
interface Worked {
  readonly brief: string;
  readonly person?: Partial<Person>;
  readonly given?: Partial<Brief>;
  /** Of the studio's tools; all of them where nothing is said. */
  readonly owned?: StudioSettings["owned"];
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
    takes: { base: "alcoholActivated" },
    never: ["cream"],
    because: /holds all/,
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
    because: /crisp lines/,
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
    takes: { base: "alcoholActivated", prep: "skinPrep", set: "settingPowder" },
    never: ["cream", "waterWax", "waterGlycerine"],
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
    never: ["waterGlycerine", "waterWax", "airbrushWater"],
    because: /holds all/,
  },
  {
    brief: "round the eyes: what holds on a lid and is made for it",
    group: "eyes",
    takes: { detail: "gelLiner", prep: "primer" },
    never: ["alcoholActivated", "adhesiveAcrylic", "cream"],
    because: /holds (about|all)/,
  },
  {
    brief: "twelve hours under a half mask",
    given: { hoursWorn: 12, mask: true, activity: "standing" },
    takes: { set: "settingPowder" },
    never: ["waterGlycerine", "waterWax", "cream", "airbrushWater"],
    because: /holds (all|about 7 h)/,
  },
  {
    brief: "a tattoo to hide for an evening",
    given: { circumstances: ["hides"], hoursWorn: 5 },
    group: "body",
    takes: { base: "alcoholActivated" },
    never: ["waterWax", "airbrushWater"],
    because: /holds|strong colour/,
  },
  {
    brief: "a convention, eight hours on one's feet",
    given: { hoursWorn: 8, activity: "walking", airDegC: 23, meal: true },
    takes: { base: "alcoholActivated" },
    never: ["cream", "waterWax", "waterGlycerine"],
    because: /holds/,
  },
  {
    brief: "a school fete: a queue of children, an hour each",
    person: { ageYears: 7 },
    given: { circumstances: ["queue"], hoursWorn: 1.5, activity: "walking", matters: ["quick"] },
    takes: { base: "waterGlycerine", prep: null, activate: null, set: null, seal: null },
    never: ["cream", "alcoholActivated"],
    because: /little besides the paint|off in|on and dry/,
  },
  {
    brief: "in a ward: nothing is sprayed and nothing smells of solvent",
    given: { circumstances: ["ward"], hoursWorn: 1, activity: "standing", matters: ["closeUp"] },
    takes: { seal: null },
    never: ["airbrushWater", "alcoholActivated", "adhesiveAcrylic"],
    because: /kind to skin|off in|close up|little besides the paint/,
  },
  {
    brief: "asthma on a film day: no airbrush and no mist, whatever the lens asks",
    person: { asthma: true },
    given: { nearestM: 0.5, farthestM: 2, hoursWorn: 8, activity: "standing" },
    takes: { seal: null },
    never: ["airbrushWater"],
    because: /holds|close look/,
  },
  {
    brief: "a film day without a compressor",
    given: {
      nearestM: 0.5,
      farthestM: 2,
      hoursWorn: 6,
      activity: "standing",
      matters: ["closeUp"],
    },
    owned: ["dryer", "fan"],
    takes: {},
    never: ["airbrushWater"],
    because: /./,
  },
  {
    brief: "a full beard: nothing that mats or glues it",
    person: { beard: "beard" },
    given: { hoursWorn: 10, activity: "acting" },
    takes: { base: "alcoholActivated" },
    never: ["cream", "adhesiveAcrylic", "latex"],
    because: /holds/,
  },
  {
    brief: "hooded lids: primed, and what does not crease",
    person: { hoodedLids: true },
    group: "eyes",
    takes: { prep: "primer", detail: "gelLiner" },
    never: ["cream", "waterWax"],
    because: /holds/,
  },
  {
    brief: "into the pool for an hour",
    given: { circumstances: ["swims"], hoursWorn: 1.5, activity: "walking" },
    takes: { base: "alcoholActivated" },
    never: ["waterGlycerine", "waterWax", "airbrushWater", "powder"],
    because: /holds/,
  },
  {
    brief: "three hours of wet snow",
    given: { airDegC: -2, rh: 90, wet: true, activity: "walking" },
    takes: { base: "alcoholActivated" },
    never: ["waterGlycerine", "waterWax", "airbrushWater"],
    because: /holds/,
  },
  {
    brief: "the belly of somebody who is pregnant: mild, nothing sprayed, easily off",
    given: { health: ["pregnancy"], bares: ["belly"], hoursWorn: 2, activity: "seated" },
    group: "body",
    takes: { base: "waterGlycerine", seal: null },
    never: ["alcoholActivated", "adhesiveAcrylic", "airbrushWater"],
    because: /kind to skin|off in|blends/,
  },
];

describe("protections", () => {
  const countOf = (given: Partial<Brief>) => {
    const { options } = recommendPaint(
      { person: STAND_IN, brief: { ...USUAL_BRIEF, ...given }, shelf: [] },
      ["face"],
    );
    const kit = options[0]?.kit;
    return [kit?.prep, kit?.activate, kit?.set, kit?.seal].filter(Boolean).length;
  };
  it("are advised only where they pay: at most two for three hours standing at 21 °C, none for one sitting", () => {
    expect(countOf({ hoursWorn: 3, activity: "standing" })).toBeLessThanOrEqual(2);
    expect(countOf({ hoursWorn: 1, activity: "seated" })).toBeLessThanOrEqual(1);
  });
});

describe("a card", () => {
  it("never blames what it praises, nor a soft blend for lying thick", () => {
    for (const { person, given, group = "face" } of WORKED)
      for (const { because, against } of recommendPaint(
        { person: { ...STAND_IN, ...person }, brief: { ...USUAL_BRIEF, ...given }, shelf: [] },
        [group],
      ).options) {
        const said = because.join("; ");
        if (/blends softly|looks good close up/.test(said))
          expect(against).not.toMatch(/hard to blend|thick on the skin/);
        if (/holds about|holds all/.test(said)) expect(against).not.toMatch(/needs a touch-up/);
      }
  });
});

describe("what was recorded", () => {
  it("reaches the choice: a paint that went twice as fast as forecast loses to one that holds", () => {
    const brief: Brief = { ...USUAL_BRIEF, hoursWorn: 6, activity: "acting" };
    const scoreOf = (factors: Record<string, number>) => {
      const { options } = recommendPaint({ person: STAND_IN, brief, shelf: [], factors }, ["face"]);
      return options.find(({ kit }) => kit.base === "alcoholActivated")?.touchUp.hours ?? 0;
    };
    expect(scoreOf({ alcoholActivated: 3 })).toBeLessThan(scoreOf({}));
  });
});

describe("worked briefs", () => {
  it.each(WORKED.map((worked) => [worked.brief, worked] as const))(
    "%s",
    (
      _,
      { person, given, owned = USUAL_STUDIO.owned, group = "face", takes, never = [], because },
    ) => {
      const { options, refused } = recommendPaint(
        {
          person: { ...STAND_IN, ...person },
          brief: { ...USUAL_BRIEF, ...given },
          shelf: [],
          studio: { ...USUAL_STUDIO, owned },
        },
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

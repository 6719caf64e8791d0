import {
  buildFigure,
  defaultFace,
  faceFromMeasures,
  faceLine,
  measuresOf,
  type FaceLineName,
  type ZoneId,
} from "../anatomy";
import {
  applyPatch,
  checkLook,
  MarkSchema,
  pathAlong,
  type Layer,
  type LookContext,
} from "../look";
import type { MarkKind } from "../shapes";
import type { Brief } from "../brief";
import type { Person } from "../people";
import { aContext, aLayer, aLook, aProduct, product } from "../testing";

// What a colleague at the shoulder would say of a look, and what not: common practice, no published source.

const paint = (id: string, colour: string | null, more: object = {}) =>
  aProduct({ id, name: id, colour, hiding: 0.9, eyeSafe: true, lipSafe: true, ...more });
const SHELF = [
  paint("white", "#f3f2ec"),
  paint("black", "#161616"),
  paint("blue", "#33557f"),
  paint("red", "#b3202c"),
  paint("orange", "#d9772b"),
  paint("rust", "#96501c"),
  paint("yellow", "#e8c83a", { hiding: 0.45 }),
  paint("brown", "#6b442c"),
  paint("glowGreen", "#3de05a", { finish: "fluorescent" }),
  paint("line", "#141417", { material: "waterWax" }),
  paint("cream", "#b98a6a", { material: "cream" }),
  paint("lipstick", "#8a2030", { material: "lipLong" }),
  paint("dust", "#2a2a2e", { material: "powder" }),
  paint("whitePowder", "#f8f7f4", { material: "powder", hiding: 0.2 }),
  paint("neutral", "#ece2d2", { material: "settingPowder", hiding: 0.06 }),
  paint("stick", null, { material: "glueStick" }),
  paint("cap", "#d6b096", { material: "baldCap" }),
  paint("gum", null, { material: "medicalAdhesive", grade: "skinAdhesive" }),
  paint("foam", "#d9bfa6", { material: "foamPiece" }),
  paint("tan", "#a5806a", { material: "rubberMaskGrease" }),
  paint("rubber", "#e8dcc0", { material: "latex" }),
  paint("notForEyes", "#33557f", { eyeSafe: false }),
  paint("hobby", "#33557f", { grade: "prop" }),
  paint("eyeLiner", "#161616", { material: "gelLiner" }),
  paint("tooth", "#161616", { material: "toothLacquer" }),
];
const FACE: ZoneId[] = ["forehead", "cheekAppleLeft", "cheekAppleRight", "chin", "noseBridge"];
const BROWS: ZoneId[] = ["browLeft", "browRight"];

let count = 0;
const layer = (values: Partial<Layer>, what = "white"): Layer =>
  aLayer({ id: `l${++count}`, zones: FACE, paint: product(what), ...values });
const base = (what = "white", zones = FACE) => layer({ zones }, what);
const detail = (what: string, zones: ZoneId[], more: Partial<Layer> = {}) =>
  layer({ role: "detail", zones, tool: "roundBrush", technique: "pat", ...more }, what);
const powder = (zones = FACE, what = "neutral") =>
  layer({ role: "set", zones, tool: "puff", technique: "press", coats: 1 }, what);
const veil = (role: "shade" | "highlight" | "contour", what: string, zones = FACE) =>
  layer({ role, zones, edge: "faded", tool: "roundBrush", technique: "pat" }, what);
const star = (what: string) =>
  layer(
    {
      role: "detail",
      zones: ["forehead"],
      tool: "roundBrush",
      technique: "draw",
      marks: [MarkSchema.parse({ kind: "star", x: 0, y: 38, diameterMm: 24 })],
    },
    what,
  );

/** Stars on the cheeks, at these places and of these sizes. */
const stars = (...places: [x: number, y: number, diameterMm: number][]) =>
  detail("red", ["cheekAppleLeft", "cheekAppleRight"], {
    marks: places.map(([x, y, diameterMm]) => MarkSchema.parse({ kind: "star", x, y, diameterMm })),
  });

const along = (name: FaceLineName, what: string, face = defaultFace()) => {
  const { points, widthMm } = faceLine(name, buildFigure(face));
  const mark = MarkSchema.parse({ ...pathAlong(points, widthMm), mirrored: true });
  return detail(what, ["underEyeLeft", "underEyeRight"], { marks: [mark], technique: "draw" });
};
const NOSE: ZoneId[] = ["noseBridge", "noseTip"];
const glued = (what: "foam" | "cap", zones: ZoneId[]) => [
  layer({ role: "attach", zones, coats: 1 }, "gum"),
  layer({ role: "attach", zones, coats: 1 }, what),
  layer({ role: "attach", zones, coats: 1 }, "gum"),
  powder(zones),
];
const stippled = (what: string, zones: ZoneId[]) =>
  layer({ zones, tool: "stippleSponge", technique: "stipple" }, what);
const brushed = (what: string, zones: ZoneId[]) =>
  layer({ zones, tool: "foundationBrush", technique: "buff" }, what);

const shapes = (kind: MarkKind, values: object, what = "black") =>
  layer(
    {
      role: "detail",
      zones: ["forehead"],
      tool: "roundBrush",
      technique: "draw",
      marks: [MarkSchema.parse({ kind, x: 0, y: 38, ...values })],
    },
    what,
  );
const SIX = ["white", "black", "blue", "red", "orange", "brown"].map((what, i) =>
  detail(what, [FACE[i % FACE.length] ?? "chin"]),
);

interface Situation {
  readonly what: string;
  readonly layers: readonly Layer[];
  readonly rule: string;
  readonly severity?: "stop" | "caution" | "tip";
  readonly brief?: Partial<Brief>;
  readonly person?: Partial<Person>;
}
const found = ({ layers, brief, person }: Situation): ReturnType<typeof checkLook> => {
  const context: LookContext = aContext({
    products: SHELF,
    person: { skin: "#ba9a86", ...person },
    brief: { nearestM: 0.6, farthestM: 3, hoursWorn: 2, activity: "standing", ...brief },
  });
  return checkLook(aLook(...layers), context);
};

const TOLD: readonly Situation[] = [
  {
    what: "water colour on the inner rim of the eye",
    layers: [along("lower inner rim", "black")],
    rule: "SAFE-3",
    severity: "stop",
  },
  {
    what: "a child's inner rim, whatever with",
    layers: [along("lower inner rim", "eyeLiner", faceFromMeasures(measuresOf("average", 9), 9))],
    person: { ageYears: 9 },
    rule: "SAFE-3",
    severity: "stop",
  },
  {
    what: "a shirt that goes back over a painted chest nothing was laid over",
    layers: [base("white", ["chest", "shoulderFrontLeft", "shoulderFrontRight"])],
    brief: { bares: ["shoulders", "chest"] },
    rule: "WEAR-5",
    severity: "tip",
  },
  {
    what: "two stars, one a little lower than the other",
    layers: [base(), stars([44, -36, 16], [-44, -39, 16])],
    rule: "MAP-3",
    severity: "tip",
  },
  {
    what: "two stars level with each other, one a little larger",
    layers: [base(), stars([44, -36, 16], [-44, -36, 18])],
    rule: "MAP-3",
    severity: "tip",
  },
  {
    what: "a face under ultraviolet light of which nothing glows",
    layers: [base("white"), detail("blue", ["forehead"])],
    brief: { circumstances: ["ultraviolet"] },
    rule: "DIST-4",
    severity: "caution",
  },
  {
    what: "paint that stops at the edge of a foam nose, a tone off the cheeks",
    layers: [...glued("foam", NOSE), stippled("tan", NOSE)],
    rule: "PROS-5",
    severity: "caution",
  },
  {
    what: "a flat base over the edge of a piece",
    layers: [...glued("foam", NOSE), brushed("tan", [...NOSE, ...FACE])],
    rule: "PROS-5",
    severity: "tip",
  },
  {
    what: "a cap pulled on over a brow piece",
    layers: [...glued("foam", ["forehead", "glabella"]), ...glued("cap", ["scalp", "forehead"])],
    rule: "PROS-5",
    severity: "caution",
  },
  {
    what: "a star under the base",
    layers: [star("black"), base()],
    rule: "LAYER-10",
    severity: "caution",
  },
  {
    what: "a highlight under the next coat of base",
    layers: [base(), veil("highlight", "white"), base("blue")],
    rule: "LAYER-10",
    severity: "caution",
  },
  {
    what: "lips under a base that takes the lips in",
    layers: [
      detail("lipstick", ["upperLip", "lowerLip"]),
      base("white", [...FACE, "upperLip", "lowerLip"]),
    ],
    rule: "LAYER-10",
    severity: "caution",
  },
  {
    what: "an orange highlight lost on red",
    layers: [base("red"), veil("highlight", "rust")],
    rule: "LAYER-12",
    severity: "caution",
  },
  {
    what: "a brown highlight on blue",
    layers: [base("blue"), veil("highlight", "brown")],
    rule: "LAYER-12",
    severity: "caution",
  },
  {
    what: "dark loose powder over a white base",
    layers: [
      base(),
      layer({ role: "shade", tool: "powderBrush", technique: "buff", edge: "faded" }, "dust"),
    ],
    rule: "LAYER-11",
    severity: "tip",
  },
  {
    what: "brows hidden and drawn by nothing",
    layers: [
      layer({ role: "cover", zones: BROWS, coats: 3 }, "stick"),
      powder(BROWS),
      base("white", [...FACE, ...BROWS]),
    ],
    rule: "BROW-6",
    severity: "tip",
  },
  {
    what: "brows covered after the cap",
    layers: [
      layer({ role: "attach", zones: ["scalp", "forehead"], coats: 1 }, "cap"),
      layer({ role: "cover", zones: BROWS, coats: 3 }, "stick"),
    ],
    rule: "BROW-6",
    severity: "caution",
  },
  {
    what: "cream that was never powdered",
    layers: [base("cream")],
    rule: "SET-1",
    severity: "caution",
  },
  {
    what: "water colour dragged over unset water colour",
    layers: [base("white"), detail("red", ["forehead"], { technique: "stroke" })],
    rule: "LAYER-1",
    severity: "caution",
  },
  {
    what: "one coat of yellow over blue",
    layers: [base("blue"), layer({ zones: ["forehead"], coats: 1 }, "yellow")],
    rule: "BASE-1",
  },
  {
    what: "medical adhesive on a brow",
    layers: [layer({ role: "attach", zones: BROWS, coats: 1 }, "gum")],
    rule: "BROW-2",
    severity: "stop",
  },
  {
    what: "a base that stops at the chin",
    layers: [base("white", ["forehead", "chin"])],
    rule: "BASE-5",
    severity: "caution",
  },
  {
    what: "neutral powder over pure white",
    layers: [base("white"), powder()],
    rule: "SET-2",
    severity: "tip",
  },
  {
    what: "glue stick in one coat",
    layers: [
      layer({ role: "cover", zones: BROWS, coats: 1 }, "stick"),
      base("brown", [...FACE, ...BROWS]),
    ],
    rule: "BROW-1",
    severity: "tip",
  },
  {
    what: "white lines seen from forty metres",
    layers: [
      base("blue"),
      layer(
        {
          role: "detail",
          zones: ["forehead"],
          tool: "linerBrush",
          technique: "draw",
          marks: [MarkSchema.parse({ kind: "web", x: 0, y: 35 })],
        },
        "white",
      ),
    ],
    rule: "DIST-2",
    severity: "tip",
    brief: { farthestM: 40 },
  },
  {
    what: "wax lines at 34 degrees",
    layers: [base("white"), powder(FACE, "whitePowder"), star("line")],
    rule: "CLIM-1",
    severity: "caution",
    brief: { airDegC: 34 },
  },
  {
    what: "dancing in the sun at 34 degrees",
    layers: [base("white")],
    rule: "SAFE-9",
    severity: "caution",
    brief: { airDegC: 34, sun: true, activity: "dancing" },
  },
  {
    what: "a beard under a star on the chin",
    layers: [
      base("white"),
      layer(
        {
          role: "detail",
          zones: ["chin"],
          tool: "roundBrush",
          marks: [MarkSchema.parse({ kind: "star", x: 0, y: -105, diameterMm: 20 })],
        },
        "blue",
      ),
    ],
    rule: "PREP-3",
    severity: "caution",
    person: { beard: "beard" },
  },
  {
    what: "white that vanishes on white",
    layers: [base("white"), powder(FACE, "whitePowder"), star("white")],
    rule: "LAYER-8",
    severity: "caution",
  },
  {
    what: "latex on somebody allergic to it",
    layers: [base("rubber")],
    person: { allergies: ["latex"] },
    rule: "SAFE-2",
    severity: "stop",
  },
  {
    what: "mask grease on a child",
    layers: [base("tan")],
    person: { ageYears: 8 },
    rule: "SAFE-14",
    severity: "stop",
  },
  {
    what: "a whole face on a child of two",
    layers: [base("white")],
    person: { ageYears: 2 },
    rule: "SAFE-8",
    severity: "stop",
  },
  {
    what: "paint on a lid whose label does not allow it",
    layers: [detail("notForEyes", ["upperLidLeft", "upperLidRight"])],
    rule: "SAFE-3",
    severity: "stop",
  },
  {
    what: "hobby paint on skin",
    layers: [base("hobby")],
    rule: "SAFE-1",
    severity: "stop",
  },
  {
    what: "a highlight in the hollow of the cheek",
    layers: [
      base("brown"),
      veil("highlight", "white", ["cheekHollowLeft", "cheekHollowRight", "cheekboneLeft"]),
    ],
    rule: "FORM-1",
    severity: "tip",
  },
  {
    what: "a star two millimetres beside the midline",
    layers: [base("white"), shapes("star", { x: 2, diameterMm: 24 })],
    rule: "MAP-3",
    severity: "tip",
  },
  {
    what: "a star under the brim",
    layers: [base("white"), shapes("star", { y: 44, diameterMm: 24 })],
    brief: { hatLineMm: 34 },
    rule: "EDGE-4",
  },
  {
    what: "a mouth from ear to ear",
    layers: [base("white"), shapes("mouth", { y: -74, spanMm: 120 })],
    rule: "EDGE-3",
  },
  {
    what: "whiskers alike on both sides",
    layers: [base("white"), shapes("whiskers", { x: 30, y: -50, mirrored: true })],
    rule: "FORM-6",
    severity: "tip",
  },
  {
    what: "a pure white base",
    layers: [base("white")],
    rule: "BASE-3",
    severity: "tip",
  },
  {
    what: "grease on the hands",
    layers: [
      base("cream", ["handBackLeft", "handBackRight"]),
      powder(["handBackLeft", "handBackRight"]),
    ],
    rule: "WEAR-1",
  },
  {
    what: "a five-point star by a beginner",
    layers: [base("brown"), star("white")],
    brief: { skill: "beginner" },
    rule: "PRACTICE-1",
    severity: "tip",
  },
  {
    what: "six colours by a beginner",
    layers: SIX,
    brief: { skill: "beginner" },
    rule: "COLOUR-3",
    severity: "tip",
  },
  {
    what: "a brief that says angry, and a calm face",
    layers: [base("white")],
    brief: { character: "an angry storm" },
    rule: "FORM-7",
    severity: "tip",
  },
];

const NOT_TOLD: readonly Situation[] = [
  {
    what: "two stars that are each other's mirror image",
    layers: [base(), stars([44, -36, 16], [-44, -36, 16])],
    rule: "MAP-3",
  },
  {
    what: "a large star on one cheek and a small one lower on the other",
    layers: [base(), stars([44, -30, 22], [-40, -42, 12])],
    rule: "MAP-3",
  },
  {
    what: "a powdered chest under a shirt",
    layers: [base("white", ["chest"]), powder(["chest"])],
    brief: { bares: ["shoulders", "chest"] },
    rule: "WEAR-5",
  },
  {
    what: "a painted body that nothing is worn over",
    layers: [base("white", ["chest", "belly"])],
    brief: { bares: ["shoulders", "chest", "belly", "back", "upperArms"] },
    rule: "WEAR-5",
  },
  {
    what: "painted hands under a shirt",
    layers: [base("white", ["handBackLeft", "handBackRight"])],
    brief: { bares: ["hands"] },
    rule: "WEAR-5",
  },
  {
    what: "a face under ultraviolet light with a fluorescent forehead",
    layers: [base("white"), detail("glowGreen", ["forehead"])],
    brief: { circumstances: ["ultraviolet"] },
    rule: "DIST-4",
  },
  {
    what: "an eye-grade liner on the inner rim of a grown-up",
    layers: [along("lower inner rim", "eyeLiner")],
    rule: "SAFE-3",
  },
  {
    what: "a line on the lashes, whatever with",
    layers: [along("lower lash line", "black")],
    rule: "SAFE-3",
  },
  {
    what: "a second coat of one colour is no mud",
    layers: [base("white"), detail("white", ["forehead"], { technique: "stroke" })],
    rule: "LAYER-1",
  },
  {
    what: "black over its own black is no mud",
    layers: [base("black"), detail("black", ["chin"], { technique: "stroke" })],
    rule: "LAYER-1",
  },
  {
    what: "red patted over white is no mud",
    layers: [base("white"), detail("red", ["forehead"])],
    rule: "LAYER-1",
  },
  {
    what: "an undercoat is meant to be covered",
    layers: [base("white"), base("yellow")],
    rule: "LAYER-10",
  },
  {
    what: "a map is meant to be covered",
    layers: [
      layer({ role: "map", zones: ["forehead"], tool: "stick", technique: "draw" }, "line"),
      base("white"),
    ],
    rule: "LAYER-10",
  },
  {
    what: "a base under contour is seen beside it",
    layers: [base("white"), veil("contour", "brown")],
    rule: "LAYER-10",
  },
  {
    what: "a star over the base is seen",
    layers: [base("white"), star("black")],
    rule: "LAYER-10",
  },
  {
    what: "a sheer glaze hides nothing",
    layers: [star("black"), { ...base("blue"), strength: "sheer" }],
    rule: "LAYER-10",
  },
  {
    what: "white over brown is a highlight",
    layers: [base("brown"), veil("highlight", "white")],
    rule: "LAYER-12",
  },
  {
    what: "dark powder before the pale base falls on nothing",
    layers: [
      layer({ role: "shade", tool: "powderBrush", technique: "buff", edge: "faded" }, "dust"),
      base("white"),
    ],
    rule: "LAYER-11",
  },
  {
    what: "white powder over white falls unseen",
    layers: [
      base("white"),
      layer({ role: "highlight", tool: "powderBrush", technique: "buff" }, "whitePowder"),
    ],
    rule: "LAYER-11",
  },
  {
    what: "brows that are drawn anew",
    layers: [
      layer({ role: "cover", zones: BROWS, coats: 3 }, "stick"),
      powder(BROWS),
      base("white", [...FACE, ...BROWS]),
      detail("black", BROWS),
    ],
    rule: "BROW-6",
  },
  {
    what: "brows covered before the cap",
    layers: [
      layer({ role: "cover", zones: BROWS, coats: 3 }, "stick"),
      layer({ role: "attach", zones: ["scalp", "forehead"], coats: 1 }, "cap"),
    ],
    rule: "BROW-6",
  },
  {
    what: "lip colour is left alone by powder",
    layers: [detail("lipstick", ["upperLip", "lowerLip"])],
    rule: "SET-1",
  },
  {
    what: "cream on lips is left alone by powder",
    layers: [detail("cream", ["upperLip", "lowerLip"])],
    rule: "SET-1",
  },
  {
    what: "one base stippled over a foam nose and what is beside it",
    layers: [
      ...glued("foam", NOSE),
      stippled("tan", [
        ...NOSE,
        ...FACE,
        "noseSideLeft",
        "noseSideRight",
        "noseWingLeft",
        "noseWingRight",
        "glabella",
        "philtrum",
        "lipSideLeft",
        "lipSideRight",
      ]),
    ],
    rule: "PROS-5",
  },
  {
    what: "a black foam nose on a bare face is meant to end there",
    layers: [...glued("foam", NOSE), stippled("black", NOSE)],
    rule: "PROS-5",
  },
  {
    what: "a cap before the brow piece that hides its edge",
    layers: [...glued("cap", ["scalp", "forehead"]), ...glued("foam", ["forehead", "glabella"])],
    rule: "PROS-5",
  },
  {
    what: "a foam piece nobody has painted yet",
    layers: glued("foam", NOSE),
    rule: "PROS-5",
  },
  { what: "cream that is powdered", layers: [base("cream"), powder()], rule: "SET-1" },
  {
    what: "white powder keeps white",
    layers: [base("white"), powder(FACE, "whitePowder")],
    rule: "SET-2",
  },
  { what: "what burns where there is no flame", layers: [base("white")], rule: "SAFE-5" },
  {
    what: "a cool evening is no heat",
    layers: [base("white")],
    rule: "SAFE-9",
    brief: { airDegC: 12, activity: "acting" },
  },
  {
    what: "black teeth in a black mouth",
    layers: [
      layer({ role: "detail", zones: [], tool: "roundBrush", technique: "stroke" }, "tooth"),
    ],
    rule: "LAYER-8",
  },
  {
    what: "a star by a practised hand",
    layers: [base("brown"), star("white")],
    rule: "PRACTICE-1",
  },
  {
    what: "six colours by an expert",
    layers: SIX,
    brief: { skill: "expert" },
    rule: "COLOUR-3",
  },
  {
    what: "an angry brief whose brows are drawn so",
    layers: [base("white"), { ...detail("black", BROWS), name: "Angry brows" }],
    brief: { character: "an angry storm" },
    rule: "FORM-7",
  },
  {
    what: "a brief that names no mood",
    layers: [base("white")],
    brief: { character: "still water under ice" },
    rule: "FORM-7",
  },
  {
    what: "a star below the brim",
    layers: [base("white"), shapes("star", { y: 8, diameterMm: 14 })],
    brief: { hatLineMm: 50 },
    rule: "EDGE-4",
  },
  {
    what: "a star meant on one side",
    layers: [base("white"), shapes("star", { x: 30, diameterMm: 20 })],
    rule: "MAP-3",
  },
  {
    what: "a highlight on the cheekbones",
    layers: [base("brown"), veil("highlight", "white", ["cheekboneLeft", "cheekboneRight"])],
    rule: "FORM-1",
  },
  {
    what: "cake on a child of eight",
    layers: [base("white")],
    person: { ageYears: 8 },
    rule: "SAFE-14",
  },
  {
    what: "latex on somebody allergic to nuts",
    layers: [base("rubber")],
    person: { allergies: ["nuts"] },
    rule: "SAFE-2",
  },
  {
    what: "a mouth on the mouth",
    layers: [base("white"), shapes("mouth", { y: -74, spanMm: 52 })],
    rule: "EDGE-3",
  },
  {
    what: "whiskers that differ from side to side",
    layers: [base("white"), shapes("whiskers", { x: 30, y: -50, mirrored: true, varied: true })],
    rule: "FORM-6",
  },
  { what: "a brown base", layers: [base("brown")], rule: "BASE-3" },
  {
    what: "a black star on white from three metres",
    layers: [base("white"), star("black")],
    rule: "DIST-2",
  },
  {
    what: "water colour over powdered cream",
    layers: [base("cream"), powder(), detail("white", ["forehead"])],
    rule: "LAYER-2",
  },
];

it("are eighty, half of them of what is not said", () => {
  expect(TOLD.length).toBeGreaterThanOrEqual(40);
  expect(NOT_TOLD.length).toBeGreaterThanOrEqual(40);
});

describe("said, with how grave it is", () => {
  it.each(TOLD.map((situation) => [situation.what, situation] as const))("%s", (_, situation) => {
    const own = found(situation).filter(({ rule }) => rule === situation.rule);
    expect(own.length).toBeGreaterThan(0);
    if (situation.severity)
      expect(own.map(({ severity }) => severity)).toContain(situation.severity);
  });
});

describe("not said", () => {
  it.each(NOT_TOLD.map((situation) => [situation.what, situation] as const))(
    "%s",
    (_, situation) => {
      expect(found(situation).filter(({ rule }) => rule === situation.rule)).toEqual([]);
    },
  );
});

describe("the same thing", () => {
  it("is never said twice in other words: a lost highlight is either no tone at all or too dim", () => {
    for (const what of ["white", "red", "orange", "yellow", "brown", "blue"])
      for (const ground of ["white", "red", "blue", "brown"]) {
        const rules = found({ what, layers: [base(ground), veil("highlight", what)], rule: "" });
        const said = rules.filter(({ rule }) => rule === "LAYER-8" || rule === "LAYER-12");
        expect(said.length).toBeLessThanOrEqual(1);
      }
  });
});

describe("the mends of a join", () => {
  const mended = (layers: readonly Layer[]) => {
    const context = aContext({ products: SHELF, person: { skin: "#ba9a86" } });
    const said = (look: ReturnType<typeof aLook>) =>
      checkLook(look, context).filter(({ rule }) => rule === "PROS-5");
    const look = aLook(...layers);
    const [finding] = said(look);
    if (!finding?.fix) throw new Error("no mend");
    const after = applyPatch(look, finding.fix);
    return { after, left: said(after) };
  };

  it("carry the base over the skin beside the piece, and stipple a flat one", () => {
    const carried = mended([...glued("foam", NOSE), stippled("tan", NOSE)]);
    expect(carried.left).toEqual([]);
    expect(carried.after.layers.at(-1)?.zones).toEqual(
      expect.arrayContaining([...NOSE, "noseSideLeft", "noseSideRight"]),
    );
    const flat = mended([...glued("foam", NOSE), brushed("black", NOSE)]);
    expect(flat.left).toEqual([]);
    expect(flat.after.layers.at(-1)).toMatchObject({ tool: "stippleSponge" });
  });

  it("lay the cap with its glue, edge and powder before the piece, nothing else moved", () => {
    const layers = [
      ...glued("foam", ["forehead", "glabella"]),
      ...glued("cap", ["scalp", "forehead"]),
      stippled("black", FACE),
    ];
    const { after, left } = mended(layers);
    expect(left).toEqual([]);
    const ids = layers.map(({ id }) => id);
    expect(after.layers.map(({ id }) => id)).toEqual([
      ...ids.slice(4, 8),
      ...ids.slice(0, 4),
      ids[8],
    ]);
  });
});

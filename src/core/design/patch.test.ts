import { aLayer, aLook } from "../testing";
import { applyPatch, LookSchema, PatchSchema, type LookPatch } from "../look";

const look = aLook(aLayer({ id: "a" }), aLayer({ id: "b" }));
const system = {
  base: "waterGlycerine",
  detail: "waterWax",
  eyes: "waterGlycerine",
  lips: "lipLong",
  prep: "skinPrep",
  activate: null,
  set: null,
  seal: null,
  also: {},
} as const;

/** One of each kind, and what it changes. */
const PATCHES: readonly (readonly [
  LookPatch,
  (changed: ReturnType<typeof applyPatch>) => unknown,
  unknown,
])[] = [
  [{ op: "addLayer", layer: aLayer({ id: "c" }) }, (changed) => changed.layers.length, 3],
  [
    { op: "changeLayer", id: "a", change: { name: "Sky" } },
    (changed) => changed.layers[0]?.name,
    "Sky",
  ],
  [{ op: "moveLayer", id: "b", to: 0 }, (changed) => changed.layers[0]?.id, "b"],
  [{ op: "removeLayer", id: "a" }, (changed) => changed.layers.length, 1],
  [{ op: "tag", tags: ["autumn", "chorus"] }, (changed) => changed.tags, ["autumn", "chorus"]],
  [{ op: "rename", name: "Squall" }, (changed) => changed.name, "Squall"],
  [{ op: "chooseSystem", system }, (changed) => changed.system?.detail, "waterWax"],
  [{ op: "chooseSystem", system: null }, (changed) => changed.system, null],
  [
    { op: "leaveBare", zones: ["chin", "upperLip"], bare: true },
    (changed) => changed.bare,
    ["chin", "upperLip"],
  ],
  [
    { op: "accept", finding: "SET-1:caution:a:x", accepted: true },
    (changed) => changed.accepted,
    ["SET-1:caution:a:x"],
  ],
  [
    {
      op: "several",
      patches: [
        { op: "rename", name: "Gale" },
        { op: "removeLayer", id: "b" },
      ],
    },
    (changed) => [changed.name, changed.layers.length],
    ["Gale", 1],
  ],
];

describe("patches", () => {
  it.each(PATCHES.map((entry) => [entry[0].op, ...entry] as const))(
    "%s changes just what it names, to a valid look",
    (_, patch, read, expected) => {
      const changed = applyPatch(look, patch);
      expect(read(changed)).toEqual(expected);
      expect(LookSchema.safeParse(changed).success).toBe(true);
      expect(look.layers).toHaveLength(2);
    },
  );

  it.each(PATCHES.map((entry) => [entry[0].op, entry[0]] as const))(
    "%s survives being sent as JSON",
    (_, patch) => {
      expect(PatchSchema.parse(JSON.parse(JSON.stringify(patch)))).toEqual(patch);
    },
  );

  it("take back what they marked", () => {
    const marked = applyPatch(
      applyPatch(look, { op: "leaveBare", zones: ["chin", "upperLip"], bare: true }),
      { op: "accept", finding: "x", accepted: true },
    );
    const back = applyPatch(applyPatch(marked, { op: "leaveBare", zones: ["chin"], bare: false }), {
      op: "accept",
      finding: "x",
      accepted: false,
    });
    expect(back.bare).toEqual(["upperLip"]);
    expect(back.accepted).toEqual([]);
  });

  it("do all or nothing when several come together", () => {
    expect(() =>
      applyPatch(look, {
        op: "several",
        patches: [
          { op: "rename", name: "x" },
          { op: "removeLayer", id: "none" },
        ],
      }),
    ).toThrow(RangeError);
    expect(look.name).toBe("trial");
  });

  it("are refused from outside when they are none", () => {
    for (const wrong of [
      {},
      { op: "paint" },
      { op: "removeLayer" },
      { op: "moveLayer", id: "a", to: -1 },
      { op: "changeLayer", id: "a", change: { coats: 0 } },
      { op: "changeLayer", id: "a", change: { id: "b" } },
      { op: "rename", name: "" },
    ]) {
      expect(PatchSchema.safeParse(wrong).success).toBe(false);
    }
  });
});

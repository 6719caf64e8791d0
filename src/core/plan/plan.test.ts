import { dryingMinutes } from "../climate";
import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import { layerTasks, makePlan, regionOf } from ".";
import { predict } from "../look";

describe("makePlan", () => {
  const context = aContext({
    brief: {
      curtainAt: "2026-06-02T19:30:00+01:00",
      travelMinutes: 30,
      costumeMinutes: 15,
      bufferMinutes: 10,
    },
  });
  const chin = aLayer({ id: "base", name: "Base", zones: ["chin"], coats: 2 });

  it("has the worked minutes, waits, grams and times of one zone in two coats", () => {
    const plan = makePlan(aLook(chin), context, new Map([["grey", 0.05]]));
    const area = context.figure.zone("chin").areaCm2;
    // By hand: a coat is area / 200 cm2 a minute, 1.2 minutes to change to it and 0.36 to take it up again; 10 g/m2 at 0.45 carries 8.18 g/m2 of water.
    const hands = (2 * area) / 200 + 1.2 + 0.36;
    const dry = dryingMinutes({
      wetGramsPerM2: (10 * 0.45) / 0.55,
      solvent: "water",
      airDegC: 21,
      rh: 50,
      airSpeed: 0.1,
    });
    expect(plan.handsOnMinutes).toBeCloseTo(hands, 6);
    // The sponge is taken up again while the first coat dries; the last one dries after the chair.
    expect(plan.chairMinutes).toBeCloseTo(hands - 0.36 + dry, 3);
    expect(plan.dryMinutes).toBeCloseTo(hands - 0.36 + 2 * dry, 3);
    expect(plan.steps).toHaveLength(1);
    expect(plan.steps[0]).toMatchObject({
      title: "Base",
      coats: 2,
      coatsComputed: false,
      where: "chin",
      tool: "damp sponge, 25 mm",
    });
    expect(plan.steps[0]?.rest).toBe(`${Math.round(dry)} min to dry after each coat`);
    expect(plan.times?.leaveBy).toBe("2026-06-02T19:00:00+01:00");
    expect(plan.times?.paintedBy).toBe("2026-06-02T18:35:00+01:00");
    expect(Date.parse(plan.times?.paintedBy ?? "") - Date.parse(plan.times?.startAt ?? "")).toBe(
      Math.ceil(hands - 0.36 + 2 * dry) * 60_000,
    );
    const need = (area / 10_000) * 10 * 2 * 1.35;
    expect(plan.kit[0]).toMatchObject({ productId: "grey", left: 0.05 });
    expect(plan.kit[0]?.missing).toBeCloseTo(need - 0.05, 9);
  });

  it("keeps the order of the stack in every region, sealing last over all of them", () => {
    const look = aLook(
      aLayer({ id: "b", zones: ["forehead", "chin", "cheekAppleLeft"] }),
      aLayer({ id: "s", role: "shade", zones: ["cheekAppleLeft"], paint: product("blue") }),
      aLayer({
        id: "m",
        role: "seal",
        zones: ["forehead", "chin", "cheekAppleLeft"],
        paint: product("mist"),
        tool: "spray",
        technique: "spray",
        coats: 1,
      }),
    );
    const plan = makePlan(look, context);
    const end = (id: string) =>
      Math.max(...plan.bars.filter((bar) => bar.layerId === id).map((bar) => bar.end));
    const start = (id: string) =>
      Math.min(...plan.bars.filter((bar) => bar.layerId === id).map((bar) => bar.start));
    expect(start("m")).toBeGreaterThanOrEqual(Math.max(end("b"), end("s")));
    expect(plan.bars.filter((bar) => bar.layerId === "m")).toHaveLength(1);
    expect(plan.chairMinutes).toBeGreaterThanOrEqual(plan.lowerBoundMinutes);
    expect(plan.cautions.map((caution) => caution.rule)).toEqual(
      expect.arrayContaining(["SAFE-7", "SAFE-2", "SAFE-5"]),
    );
  });

  it("waits longer in damp air, less with a cool dryer, and says when a coat will not dry at all", () => {
    const minutes = (brief: object) => makePlan(aLook(chin), aContext({ brief })).chairMinutes;
    expect(minutes({ rh: 95, airDegC: 28 })).toBeGreaterThan(minutes({}));
    expect(minutes({ dryer: true })).toBeLessThan(minutes({}));
    const never = makePlan(aLook(chin), aContext({ brief: { airDegC: 38, rh: 98 } }));
    expect(never.steps[0]?.rest).toBe("won't dry in this air: use a cool dryer");
    expect(never.cautions.some((caution) => caution.rule === "ORDER-6")).toBe(true);
    expect(Number.isFinite(never.chairMinutes)).toBe(true);
  });

  it("gives cream no timer but powder (ORDER-6), a beginner more minutes than an expert", () => {
    expect(
      makePlan(aLook(aLayer({ id: "c", paint: product("cream"), coats: 1 })), context).steps[0]
        ?.rest,
    ).toBe("never dries by itself: powder it");
    const hands = (skill: "beginner" | "practised" | "expert") =>
      makePlan(aLook(chin), aContext({ brief: { skill } })).handsOnMinutes;
    expect(hands("beginner")).toBeCloseTo(hands("practised") * 1.8, 9);
    expect(hands("expert")).toBeLessThan(hands("practised"));
  });

  it("counts the setting up of an airbrush once a layer, however many coats", () => {
    const mist = aContext({ products: [aProduct({ id: "mist", material: "airbrushWater" })] });
    const hands = (coats: number) =>
      makePlan(
        aLook(
          aLayer({
            id: "a",
            zones: ["chin"],
            paint: product("mist"),
            tool: "airbrush",
            technique: "spray",
            coats,
          }),
        ),
        mist,
      ).handsOnMinutes;
    const coat = mist.figure.zone("chin").areaCm2 / 450;
    expect(hands(1)).toBeCloseTo(10 + coat + 1.2, 9);
    expect(hands(3)).toBeCloseTo(10 + 3 * coat + 1.2 + 2 * 0.36, 9);
  });

  it("is stopped while a safety rule says so, and empty for an empty look", () => {
    expect(makePlan(aLook(aLayer({ id: "x", paint: product("craft") })), context).stopped).toBe(
      true,
    );
    expect(makePlan(aLook(), context)).toMatchObject({
      steps: [],
      chairMinutes: 0,
      stopped: false,
    });
  });

  it("names expired products and the cautions of the person", () => {
    const old = aContext({ person: { lenses: true, ageYears: 9, guardianConsent: true } });
    const products = new Map(old.products);
    const grey = products.get("grey");
    if (grey) products.set("grey", { ...grey, expiresOn: "2026-01-01" });
    const plan = makePlan(aLook(chin), { ...old, products });
    expect(plan.kit[0]?.expired).toBe("2026-01-01");
    expect(plan.cautions.map((caution) => caution.rule)).toEqual(
      expect.arrayContaining(["SAFE-4", "SAFE-8"]),
    );
    expect(plan.removal.steps.map(({ label }) => label)[0]).toBe("Contact lenses");
    expect(plan.removal.steps[1]).toMatchObject({ with: "soap and water", minutes: 3 });
  });

  it("puts marks into the region they are drawn in", () => {
    const look = aLook(
      aLayer({
        id: "f",
        role: "detail",
        zones: ["forehead"],
        paint: product("line"),
        tool: "linerBrush",
        marks: [
          {
            kind: "spots",
            frame: "front",
            x: 0,
            y: -104,
            turnDeg: 0,
            mirrored: false,
            varied: false,
            outsetMm: 0,
            seed: 1,
            spreadMm: 10,
            widthMm: 2,
            count: 5,
            falloff: 0,
          },
        ],
      }),
    );
    expect(layerTasks(look, context, predict(look, context)).map((task) => task.zone)).toContain(
      "chin and jaw",
    );
    expect(regionOf("upperLidLeft")).toBe("eyes");
  });
});

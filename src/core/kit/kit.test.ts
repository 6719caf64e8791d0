import fc from "fast-check";
import { measuresOf, ZONES } from "../anatomy";
import { newMark } from "../look";
import { filmPerCoat, TOOLS } from "../paint";
import { aContext, aLayer, aLook, product } from "../testing";
import {
  balance,
  deltaOf,
  expiry,
  layerAreaCm2,
  MovementSchema,
  paintNeeded,
  potBalance,
  refill,
  RefillSchema,
  shortage,
  strokeLengthMm,
  weighPan,
  WRITTEN_KINDS,
} from ".";

describe("paintNeeded", () => {
  const context = aContext();
  it("is area x film x coats x waste (by hand for the chin in grey)", () => {
    const area = context.figure.zone("chin").areaCm2;
    const [need] = paintNeeded(aLook(aLayer({ id: "g", zones: ["chin"], coats: 2 })), context);
    expect(need?.grams).toBeCloseTo((area / 10_000) * 10 * 2 * 1.35, 10);
    expect(need).toMatchObject({ productId: "grey", layers: ["g"] });
  });
  it("splits a mix by its parts and adds what several layers take of one product", () => {
    const mix = aLayer({
      id: "m",
      coats: 1,
      paint: {
        kind: "mix",
        parts: [
          { productId: "white", parts: 3 },
          { productId: "grey", parts: 1 },
        ],
      },
    });
    const needs = paintNeeded(aLook(mix, aLayer({ id: "g", coats: 1 })), context);
    const [white, grey] = [
      needs.find((need) => need.productId === "white"),
      needs.find((need) => need.productId === "grey"),
    ];
    const one = paintNeeded(aLook(aLayer({ id: "g", coats: 1 })), context)[0]?.grams ?? NaN;
    expect(white?.grams).toBeCloseTo(3 * ((grey?.grams ?? 0) - one), 10);
    expect(grey?.layers).toEqual(["m", "g"]);
  });
  it("agrees with the fingertip unit: 0.5 g of cream covers about 300 cm2 (Long & Finlay 1991), within a fifth", () => {
    const gramsFor300 = (300 / 10_000) * filmPerCoat("cream", "finger");
    expect(gramsFor300 / 0.5).toBeGreaterThan(0.8);
    expect(gramsFor300 / 0.5).toBeLessThan(1.2);
  });
  it("lays no more in a coat than the ISO 24444 test film of 2 mg/cm2 (20 g/m2), waste left out", () => {
    for (const [key, tool] of [
      ["waterGlycerine", "dampSponge"],
      ["waterWax", "roundBrush"],
      ["cream", "dampSponge"],
      ["airbrushWater", "airbrush"],
    ] as const)
      expect(filmPerCoat(key, tool)).toBeLessThanOrEqual(20);
  });
  it("takes a whole body as by hand: 170 cm and 65 kg are 1.754 m2 (DuBois 1916), a coat of cream by the sponge 33 g, between the fingertip's 29 g and the ISO film's 35 g", () => {
    // 0.007184 x 65^0.425 x 170^0.725 = 1.7536 m2; x 14 g/m2 x 1 coat x 1.35 of waste = 33.1 g.
    const body = aContext({ person: { heightCm: 170, weightKg: 65 } });
    const whole = (tool: "dampSponge" | "finger") =>
      paintNeeded(
        aLook(
          aLayer({
            id: "body",
            zones: ZONES.map(({ id }) => id),
            paint: product("cream"),
            tool,
            coats: 1,
          }),
        ),
        body,
      )[0]?.grams ?? 0;
    const area = 0.007184 * 65 ** 0.425 * 170 ** 0.725;
    expect(area).toBeCloseTo(1.7536, 4);
    expect(Math.abs(whole("dampSponge") / (area * 14 * 1.35) - 1)).toBeLessThan(0.03);
    // Long & Finlay 1991: half a gram to 300 cm2. ISO 24444: 2 mg to a cm2.
    const [fingertips, iso] = [((area * 10_000) / 300) * 0.5, area * 10_000 * 0.002];
    expect([Math.round(fingertips), Math.round(iso)]).toEqual([29, 35]);
    expect(whole("finger") / fingertips).toBeGreaterThan(0.9);
    expect(whole("finger") / fingertips).toBeLessThan(1.15);
    expect(whole("dampSponge")).toBeLessThan(iso);
    // A usual pot of 40 g does one body in one coat and no more; a face pot of 15 g does none.
    expect(Math.ceil(whole("dampSponge") / 40)).toBe(1);
    expect(Math.ceil(whole("dampSponge") / 15)).toBe(3);
  });
  it("measures marks by their strokes: a straight 40 mm line 2 mm wide is 0.8 cm2 and 40 mm (by hand, through one dot and one line)", () => {
    const dot = aLayer({
      id: "d",
      marks: [{ ...newMark("spots", { x: 0, y: 40 }, 1), count: 1, falloff: 0 } as never],
    });
    const width = layerAreaCm2(dot, context);
    expect(strokeLengthMm(dot)).toBeCloseTo(Math.PI * Math.sqrt((width * 100 * 4) / Math.PI), 6);
    expect(TOOLS.linerBrush.mmPerMinute).toBeGreaterThan(0);
  });
  it("names a kind where no product is chosen", () => {
    expect(
      paintNeeded(
        aLook(
          aLayer({
            id: "s",
            role: "set",
            paint: { kind: "material", material: "settingPowder" },
            tool: "puff",
          }),
        ),
        context,
      )[0],
    ).toMatchObject({ productId: null, material: "settingPowder" });
    expect(paintNeeded(aLook(aLayer({ id: "s", paint: product("gone") })), context)).toEqual([]);
  });
  it("takes a child's grams, in proportion to the skin of a face of that age, measured or not (three quarters at seven: 6-numbers 6.6)", () => {
    const grams = (ageYears: number, measures = false) =>
      paintNeeded(
        aLook(aLayer({ id: "g", zones: ["cheekAppleLeft", "cheekAppleRight"], coats: 1 })),
        aContext({
          person: { ageYears, measures: measures ? measuresOf("average", ageYears) : null },
        }),
      )[0]?.grams ?? NaN;
    expect(grams(7) / grams(30)).toBeGreaterThan(0.6);
    expect(grams(7) / grams(30)).toBeLessThan(0.85);
    expect(grams(7)).toBeCloseTo(grams(7, true), 9);
  });
});

describe("shortage", () => {
  it("is what is missing, never less than nothing, whatever the ledger says", () => {
    const needs = [
      { productId: "a", material: "cream", name: "A", counted: "grams", grams: 5, layers: [] },
      { productId: null, material: "cream", name: "any", counted: "grams", grams: 2, layers: [] },
    ] as const;
    const missing = (left: number) =>
      shortage(needs, new Map([["a", left]])).map((entry) => entry.missing);
    expect(missing(7)).toEqual([0, 2]);
    expect(missing(3)).toEqual([2, 2]);
    expect(missing(-4)).toEqual([5, 2]);
  });
});

describe("ledger", () => {
  it("keeps the balance as the sum of any run of movements, and weighing sets it", () => {
    const movement = fc.record({
      kind: fc.constantFrom(...WRITTEN_KINDS),
      grams: fc.double({ min: 0.1, max: 60, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(movement, { maxLength: 40 }), (list) => {
        const lines: { delta: number }[] = [];
        for (const entry of list) {
          lines.push({ delta: deltaOf(entry, balance(lines)) });
          if (entry.kind === "weighed") expect(balance(lines)).toBeCloseTo(entry.grams, 9);
        }
        expect(balance(lines)).toBeCloseTo(
          lines.reduce((sum, line) => sum + line.delta, 0),
          9,
        );
      }),
    );
  });
  it("fills pans out of the pot without using anything, and the scale is asked about the pot alone (KIT-6)", () => {
    const { pot, pan } = refill(4);
    const at = { trayId: "t", panId: "p" };
    const ledger = [
      { delta: 30, pan: null },
      { delta: pot, pan: null },
      { delta: pan, pan: at },
    ];
    expect(balance(ledger)).toBe(30);
    expect(potBalance(ledger)).toBe(26);
    expect(
      balance([...ledger, { delta: deltaOf({ kind: "weighed", grams: 25 }, potBalance(ledger)) }]),
    ).toBe(29);
  });
  it("weighs a pan by the parts of what is in it, and what lay there before is gone", () => {
    const parts = [
      { productId: "a", parts: 3 },
      { productId: "b", parts: 1 },
    ];
    expect(
      weighPan(
        parts,
        new Map([
          ["a", 3],
          ["b", 1],
        ]),
        2,
      ),
    ).toEqual([
      { productId: "a", delta: -1.5 },
      { productId: "b", delta: -0.5 },
    ]);
    expect(weighPan(parts, new Map([["old", 2]]), 4)).toEqual([
      { productId: "a", delta: 3 },
      { productId: "b", delta: 1 },
      { productId: "old", delta: -2 },
    ]);
    expect(weighPan([], new Map([["old", 2]]), 0)).toEqual([{ productId: "old", delta: -2 }]);
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 1, maxLength: 4 }),
        fc.double({ min: 0, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 9, noNaN: true }),
        (shares, before, found) => {
          const filling = shares.map((n, i) => ({ productId: `p${i}`, parts: n }));
          expect(before + balance(weighPan(filling, new Map([["p0", before]]), found))).toBeCloseTo(
            found,
            6,
          );
        },
      ),
    );
    expect(
      RefillSchema.safeParse({ panId: "p", kind: "weighed", grams: 0, on: "2026-01-01" }).success,
    ).toBe(true);
    expect(RefillSchema.safeParse({ panId: "p", grams: 0, on: "2026-01-01" }).success).toBe(false);
  });
  it("takes a price for what is bought and for nothing else", () => {
    expect(
      MovementSchema.safeParse({
        kind: "bought",
        grams: 30,
        on: "2026-01-01",
        priceMinor: 1150,
        batch: "B 12",
      }).success,
    ).toBe(true);
    expect(
      MovementSchema.safeParse({ kind: "used", grams: 3, on: "2026-01-01", priceMinor: 1150 })
        .success,
    ).toBe(false);
    expect(MovementSchema.safeParse({ kind: "refilled", grams: 3, on: "2026-01-01" }).success).toBe(
      false,
    );
  });
  it("refuses to buy nothing or on no day, and lets a scale show an empty pot", () => {
    expect(MovementSchema.safeParse({ kind: "bought", grams: 0, on: "2026-01-01" }).success).toBe(
      false,
    );
    expect(MovementSchema.safeParse({ kind: "weighed", grams: 0, on: "2026-01-01" }).success).toBe(
      true,
    );
    expect(MovementSchema.safeParse({ kind: "used", grams: 1, on: "2026-13-01" }).success).toBe(
      false,
    );
  });
});

describe("expiry", () => {
  const pot = { material: "gelLiner", openedOn: null, expiresOn: null } as const;
  it("is the sooner of the printed date and opened plus the kind's months", () => {
    expect(expiry(pot, "2026-06-01")).toBeNull();
    expect(expiry({ ...pot, openedOn: "2026-01-15" }, "2026-06-01")).toEqual({
      date: "2026-07-15",
      past: false,
    }); // gel liner: six months
    expect(expiry({ ...pot, openedOn: "2026-01-15", monthsOpen: 3 }, "2026-06-01")).toEqual({
      date: "2026-04-15",
      past: true,
    }); // its label says three
    expect(
      expiry({ ...pot, openedOn: "2026-01-15", expiresOn: "2026-05-31" }, "2026-06-01"),
    ).toEqual({ date: "2026-05-31", past: true });
  });
});

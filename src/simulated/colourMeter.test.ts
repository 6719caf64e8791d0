import { deltaE00, hexToLab, meanReading, MeterNotReady } from "@/core/colour";
import { simulatedMeter, SKIN_PLACES, type SkinPlace } from "./colourMeter";

/** A clock that is set by hand, and chance that repeats. */
function meterAt() {
  let now = 0;
  let seed = 7;
  const meter = simulatedMeter({
    now: () => now,
    random: () => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
      return seed / 2 ** 32;
    },
  });
  return {
    meter,
    wait: (minutes: number) => {
      now += minutes * 60_000;
    },
  };
}

describe("the simulated colour meter", () => {
  it("reads nothing before its white tile, and says why", () => {
    const { meter } = meterAt();
    expect(meter.state()).toMatchObject({
      calibrated: false,
      wants: "It has not read its white tile yet.",
    });
    expect(() => meter.read()).toThrow(MeterNotReady);
    expect(meter.calibrate()).toMatchObject({ calibrated: true, wants: null });
    expect(meter.read().hex).toMatch(/^#[0-9a-f]{6}$/);
  });

  it("is noisy about the true colour: no two readings alike, their mean close", () => {
    const { meter } = meterAt();
    meter.calibrate();
    meter.hold("#a86b44");
    const labs = Array.from({ length: 40 }, () => meter.read().lab);
    expect(new Set(labs.map(String)).size).toBe(40);
    const mean = meanReading(labs);
    expect(deltaE00(mean.lab, hexToLab("#a86b44"))).toBeLessThan(0.6);
    expect(mean.spread).toBeGreaterThan(0.1);
    expect(mean.oneColour).toBe(true);
  });

  it("wants its tile again after sixty readings, or a working day", () => {
    const { meter, wait } = meterAt();
    meter.calibrate();
    for (let i = 0; i < 60; i++) meter.read();
    expect(() => meter.read()).toThrow(/60 readings/);
    meter.calibrate();
    wait(9 * 60);
    expect(() => meter.read()).toThrow(/hours ago/);
  });

  it("finds skin different from place to place; three of them average near the card's colour", () => {
    const { meter } = meterAt();
    meter.calibrate();
    const labs = (Object.keys(SKIN_PLACES) as SkinPlace[]).map((place) => {
      meter.hold("#93603f", place);
      return meter.read().lab;
    });
    const [forehead, cheek] = labs;
    expect(forehead && cheek && deltaE00(forehead, cheek)).toBeGreaterThan(1);
    expect(deltaE00(meanReading(labs).lab, hexToLab("#93603f"))).toBeLessThan(1.2);
    expect(
      meanReading([
        [20, 0, 0],
        [80, 0, 0],
      ]).oneColour,
    ).toBe(false);
    expect(() => meanReading([])).toThrow(RangeError);
  });
});

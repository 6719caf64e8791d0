import { seededRandom } from "@/core/random";
import { ScaleUnsettled, simulatedScale } from "./kitchenScale";

describe("the simulated scale", () => {
  const at = { ms: 0 };
  const scale = () => {
    at.ms = 0;
    return simulatedScale({ now: () => at.ms, random: seededRandom(3) });
  };
  it("reads to a tenth within a tenth of what stands on it, once it has settled", () => {
    const device = scale();
    device.tare();
    device.put(23.4);
    expect(() => device.read()).toThrow(ScaleUnsettled);
    at.ms = 500;
    for (let i = 0; i < 50; i++) {
      const read = device.read();
      expect(Math.abs(read - 23.4)).toBeLessThanOrEqual(0.1001);
      expect(Math.abs(read * 10 - Math.round(read * 10))).toBeLessThan(1e-6);
    }
  });
  it("drifts until its zero is set again, and knows its limits", () => {
    const device = scale();
    device.put(10);
    at.ms = 30 * 60_000;
    expect(device.read()).toBeGreaterThan(10.4);
    device.put(0);
    at.ms += 1000;
    device.tare();
    device.put(10);
    at.ms += 1000;
    expect(Math.abs(device.read() - 10)).toBeLessThanOrEqual(0.1001);
    expect(() => device.put(9000)).toThrow(RangeError);
  });
});

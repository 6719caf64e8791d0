import { simulatedWeather } from "./weather";

const service = simulatedWeather({ now: () => Date.parse("2026-06-01T09:00:00Z") });

describe("the simulated forecast", () => {
  it("has a day of hours on the place's own clock, the same each time it is asked", async () => {
    const hours = await service.forecast("quarry, afternoon show", "2026-06-03", "+02:00");
    expect(hours).toHaveLength(24);
    expect(hours[15]?.at).toBe("2026-06-03T15:00:00+02:00");
    expect(await service.forecast("quarry, afternoon show", "2026-06-03", "+02:00")).toEqual(hours);
    expect(await service.forecast("quarry, afternoon show", "2026-06-04", "+02:00")).not.toEqual(
      hours.map((hour) => ({ ...hour, at: hour.at.replace("-03T", "-04T") })),
    );
  });
  it("is hot and dry in a quarry's afternoon, cold and damp by a reservoir at night, and within what can be", async () => {
    const quarry = await service.forecast("quarry", "2026-06-03", "+00:00");
    const reservoir = await service.forecast("reservoir path", "2026-06-03", "+00:00");
    expect(quarry[15]?.airDegC).toBeGreaterThan(30);
    expect(quarry[15]?.rh).toBeLessThan(35);
    expect(reservoir[22]?.airDegC).toBeLessThan(15);
    expect(reservoir[22]?.rh).toBeGreaterThan(80);
    for (const { rh, windMs, sun, rain, at } of [...quarry, ...reservoir]) {
      expect(rh >= 1 && rh <= 100 && windMs >= 0).toBe(true);
      expect(sun && (rain || Number(at.slice(11, 13)) < 7 || Number(at.slice(11, 13)) > 19)).toBe(
        false,
      );
    }
  });
  it("says what it does not know", async () => {
    await expect(service.forecast("quarry", "2026-07-20", "+00:00")).rejects.toThrow(
      "reaches 14 days ahead",
    );
    await expect(service.forecast("quarry", "2026-05-01", "+00:00")).rejects.toThrow("long past");
    await expect(service.forecast("quarry", "not a day", "+00:00")).rejects.toThrow("no such day");
  });
});

import { spawnSync } from "node:child_process";
import { localIso } from "./moment";

/** What a clock of another zone would say, in a process of its own. */
function inZone(zone: string, iso: string): string {
  const script = `process.env.TZ = "${zone}"; const { localIso } = require(${JSON.stringify(`${process.cwd()}/src/ui/moment.ts`)}); console.log(localIso(new Date("${iso}")));`;
  return spawnSync(process.execPath, ["--import", "tsx", "-e", script], {
    cwd: process.cwd(),
    env: { ...process.env, TZ: zone },
  })
    .stdout.toString()
    .trim();
}

describe("a moment on the clock of the room", () => {
  it("is the same moment, whatever the zone, and shows the day and time one saw there", () => {
    for (const [zone, iso, seen] of [
      ["America/Bogota", "2026-06-02T03:30:00Z", "2026-06-01T22:30:00.000-05:00"],
      ["Asia/Kathmandu", "2026-06-01T20:00:00Z", "2026-06-02T01:45:00.000+05:45"],
      ["Europe/Paris", "2026-10-25T00:30:00Z", "2026-10-25T02:30:00.000+02:00"],
      ["Europe/Paris", "2026-10-25T01:30:00Z", "2026-10-25T02:30:00.000+01:00"],
    ] as const) {
      expect(inZone(zone, iso)).toBe(seen);
      expect(Date.parse(seen)).toBe(Date.parse(iso));
    }
    const now = new Date();
    expect(Date.parse(localIso(now))).toBe(now.getTime());
  });
});

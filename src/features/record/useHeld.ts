import { useMemo } from "react";
import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { wearForecast } from "@/core/look";
import { survival } from "@/core/wear";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** What one says of a place at a glance, and the share that stands for it. */
export const HELD = [
  ["", "not looked at"],
  ["100", "all of it"],
  ["90", "nearly all"],
  ["75", "three quarters"],
  ["50", "half"],
  ["25", "a quarter"],
  ["5", "next to nothing"],
] as const;

/** The answer after this one, so that touching a place goes down the list. */
export const nextHeld = (now: string): string =>
  HELD[(HELD.findIndex(([value]) => value === now) + 1) % HELD.length]?.[0] ?? "";

/** Zones that were painted as a base, one of each pair: what one looks at in the mirror. */
function lookedAt(zones: readonly ZoneId[]): ZoneId[] {
  const kinds = new Set<string>();
  return zones.filter((zone) => {
    const { kind } = zoneInfo(zone);
    return !kinds.has(kind) && kinds.add(kind);
  });
}

/** Where one looks, and what the house forecasts there: one thing that all records are compared with, whatever was learned in between. */
export function useHeld() {
  const { look, context } = useWorking();
  const forecast = useMemo(() => wearForecast(look, { ...context, factors: {} }), [look, context]);
  const painted = useMemo(() => [...new Set(forecast.map(({ zone }) => zone))], [forecast]);
  const zones = useMemo(() => lookedAt(painted), [painted]);
  const sameKind = (a: ZoneId) => (b: ZoneId) => zoneInfo(a).kind === zoneInfo(b).kind;
  return {
    zones,
    /** The zone of the list that stands for another of its pair. */
    standsFor: (zone: ZoneId) => zones.find(sameKind(zone)),
    alike: (zone: ZoneId) => painted.filter(sameKind(zone)),
    expected: (zone: ZoneId, afterHours: number): string => {
      const own = forecast.filter((wear) => wear.zone === zone);
      const first = own.find(({ layer }) => layer.role === "base") ?? own[0];
      return first && afterHours > 0 ? `${Math.round(survival(first, afterHours) * 100)} %` : "–";
    },
  };
}
export type HeldZones = ReturnType<typeof useHeld>;

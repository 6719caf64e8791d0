"use client";

import type ApexCharts from "apexcharts";
import type { ApexOptions } from "apexcharts";
import { useEffect, useRef } from "react";

interface ChartProps {
  readonly type: "line" | "bar";
  /** Pixels. */
  readonly height: number;
  readonly series: NonNullable<ApexOptions["series"]>;
  readonly options: ApexOptions;
}

/** What the drawing adds below its height, pixels. */
const BELOW = 15;

/** A chart, drawn once it is in the browser and again when what it shows has changed. */
export function Chart({ type, height, series, options }: ChartProps) {
  const place = useRef<HTMLDivElement>(null);
  const chart = useRef<ApexCharts | null>(null);
  const whole = { ...options, series, chart: { ...options.chart, type, height } };
  const shown = JSON.stringify(whole);
  useEffect(() => {
    const ended = new AbortController();
    const draw = async () => {
      const { default: Apex } = await import("apexcharts");
      if (ended.signal.aborted || !place.current) return;
      if (chart.current) return chart.current.updateOptions(whole, true, false);
      chart.current = new Apex(place.current, whole);
      await chart.current.render();
    };
    void draw();
    return () => ended.abort();
    // Functions that write labels don't change; the rest is told by what it says.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shown]);
  useEffect(
    () => () => {
      chart.current?.destroy();
      chart.current = null;
    },
    [],
  );
  // What is drawn has a width of its own: laid over its box, it can't hold the box open when a screen is turned.
  return (
    <div className="relative overflow-hidden" style={{ minHeight: height + BELOW }}>
      <div ref={place} className="absolute inset-0" />
    </div>
  );
}

/** What every chart here has in common: no colour but the ink, no movement, nothing to drag. */
export const PLAIN: ApexOptions = {
  chart: {
    toolbar: { show: false },
    zoom: { enabled: false },
    animations: { enabled: false },
    background: "transparent",
    fontFamily: "inherit",
    foreColor: "currentColor",
  },
  colors: ["currentColor", "currentColor"],
  grid: { borderColor: "rgba(128,128,128,0.35)" },
  legend: { position: "bottom", horizontalAlign: "left", markers: { size: 0 } },
  tooltip: { theme: "dark" },
};

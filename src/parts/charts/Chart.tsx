"use client";

import type { ApexOptions } from "apexcharts";
import dynamic from "next/dynamic";

export const Chart = dynamic(() => import("react-apexcharts"), {
  ssr: false,
  loading: () => <div className="h-64" />,
});

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

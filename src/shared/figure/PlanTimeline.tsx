import { REGIONS, type Plan } from "@/core/plan";

/** The chair by region: hands-on bars, and the rest after each as a thin line. */
export function PlanTimeline({ plan }: { plan: Plan }) {
  const rows = REGIONS.filter((region) => plan.bars.some((bar) => bar.region === region));
  const length = Math.max(plan.dryMinutes, 1);
  const [left, width, row] = [92, 620, 20];
  const x = (minutes: number) => left + (minutes / length) * width;
  const step = length > 90 ? 30 : length > 40 ? 15 : 5;
  return (
    <svg
      viewBox={`0 0 ${left + width + 10} ${rows.length * row + 26}`}
      className="w-full"
      role="img"
      aria-label={`The chair by region: ${Math.round(plan.handsOnMinutes)} minutes of hands-on work within ${Math.round(plan.chairMinutes)} minutes`}
    >
      {Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => (
        <g key={i}>
          <line
            x1={x(i * step)}
            x2={x(i * step)}
            y1={0}
            y2={rows.length * row}
            stroke="currentColor"
            opacity={0.2}
          />
          <text
            x={x(i * step)}
            y={rows.length * row + 16}
            fontSize={11}
            textAnchor="middle"
            fill="currentColor"
          >
            {i * step} min
          </text>
        </g>
      ))}
      {rows.map((region, r) => (
        <g key={region}>
          <text x={0} y={r * row + 14} fontSize={11.5} fill="currentColor">
            {region}
          </text>
          {plan.bars
            .filter((bar) => bar.region === region)
            .map((bar) => (
              <g key={`${bar.layerId}${bar.coat}`}>
                <line
                  x1={x(bar.end)}
                  x2={x(bar.end + bar.rest)}
                  y1={r * row + 10}
                  y2={r * row + 10}
                  stroke="currentColor"
                  strokeDasharray="2 2"
                  opacity={0.7}
                />
                <rect
                  x={x(bar.start)}
                  y={r * row + 3}
                  width={Math.max(1.5, x(bar.end) - x(bar.start) - 0.8)}
                  height={14}
                  fill="currentColor"
                  opacity={0.82}
                />
              </g>
            ))}
        </g>
      ))}
    </svg>
  );
}

"use client";

import { minutesBetween } from "@/core/days";
import { useMemo } from "react";
import { touchUps } from "@/core/advice";
import { wearForecast, zoneWords, type Look, type LookContext } from "@/core/look";
import { shiftMinutes } from "@/core/schedule";
import type { Plan } from "@/core/plan";
import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";

const [WIDTH, BAR, TOP] = [1000, 26, 30];

interface Stretch {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly look: "hands" | "plain" | "kept" | "worn" | "off";
}

/** The whole day on one axis: chair, costume, what is kept in hand, travel, wear with its touch-ups, removal. */
export function DayAxis({
  plan,
  look,
  context,
  now,
}: {
  plan: Plan;
  look: Look;
  context: LookContext;
  now: number | null;
}) {
  const say = useSay();
  const { brief, house } = context;
  const walks = useMemo(
    () => touchUps(wearForecast(look, context), brief.hoursWorn, house),
    [look, context, brief, house],
  );
  const { times } = plan;
  if (!times) return null;
  const at = (iso: string) => minutesBetween(times.startAt, iso);
  const curtain = at(times.curtainAt);
  const off = curtain + brief.hoursWorn * 60;
  const painted = at(times.paintedBy);
  // Painted before they are needed, since the call has somebody else after them.
  const done = times.byCall ? Math.min(painted, Math.ceil(plan.dryMinutes)) : painted;
  const stretches: Stretch[] = [
    { label: "chair", from: 0, to: done, look: "hands" },
    { label: "ready", from: done, to: painted, look: "kept" },
    { label: "costume", from: painted, to: painted + brief.costumeMinutes, look: "plain" },
    { label: "in hand", from: painted + brief.costumeMinutes, to: at(times.leaveBy), look: "kept" },
    { label: "travel", from: at(times.leaveBy), to: curtain, look: "plain" },
    { label: "worn", from: curtain, to: off, look: "worn" },
    { label: "off", from: off, to: off + plan.removal.minutes, look: "off" },
  ];
  const drawn = stretches.filter(({ from, to }) => to > from);
  const end = off + plan.removal.minutes;
  const x = (minutes: number) => (minutes / end) * WIDTH;
  const here = now === null ? -1 : (now - Date.parse(times.startAt)) / 60_000;
  const first = (60 - Number(say.clock(times.startAt).slice(3))) % 60;
  const hours = Array.from(
    { length: Math.floor((end - first) / 60) + 1 },
    (_, i) => first + i * 60,
  );
  return (
    <section aria-label="The day" className="mt-5">
      <h3 className="text-lg">The day</h3>
      <div className="overflow-x-auto">
        <svg
          viewBox={`-4 0 ${WIDTH + 8} 84`}
          className="w-full min-w-[40rem]"
          role="img"
          aria-label={`The day: ${drawn.map(({ label, from, to }) => `${label} ${say.clock(shiftMinutes(times.startAt, from))} to ${say.clock(shiftMinutes(times.startAt, to))}`).join(", ")}${walks.length ? `; touch-ups at ${walks.map(({ atHours }) => say.clock(shiftMinutes(times.curtainAt, Math.round(atHours * 60)))).join(", ")}` : ""}`}
        >
          <defs>
            <pattern
              id="kept"
              width={6}
              height={6}
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <path d="M0 0V6" stroke="currentColor" strokeWidth={1.4} opacity={0.6} />
            </pattern>
          </defs>
          <Hours hours={hours} x={x} startAt={times.startAt} />
          {drawn.map((stretch) => (
            <Bar key={stretch.label} stretch={stretch} x={x} />
          ))}
          <g>
            <line
              x1={x(curtain)}
              x2={x(curtain)}
              y1={TOP - 10}
              y2={TOP + BAR}
              stroke="currentColor"
              strokeWidth={2.5}
            />
            <text
              x={x(curtain)}
              y={TOP - 14}
              fontSize={12}
              fontWeight={700}
              textAnchor="middle"
              fill="currentColor"
            >
              curtain {say.clock(times.curtainAt)}
            </text>
          </g>
          {walks.map((walk) => {
            const minute = curtain + walk.atHours * 60;
            return (
              <g key={walk.atHours}>
                <path d={`M${x(minute)} ${TOP + 3}l5 10l-5 10l-5 -10Z`} fill="currentColor" />
                <title>{`${say.clock(shiftMinutes(times.startAt, minute))}: touch up ${zoneWords(walk.zones, 3)}`}</title>
              </g>
            );
          })}
          {here >= 0 && here <= end && <Now at={x(here)} />}
        </svg>
      </div>
      <p className="muted text-xs">
        Hatched: kept in hand. Diamonds: touch-ups by the wear forecast,{" "}
        {walks.length
          ? walks
              .map(
                (walk) =>
                  `${say.clock(shiftMinutes(times.curtainAt, Math.round(walk.atHours * 60)))} ${zoneWords(walk.zones, 2)}`,
              )
              .join("; ")
          : "none"}
        . Removal takes {minutesWords(plan.removal.minutes)}, from{" "}
        {say.clock(shiftMinutes(times.curtainAt, Math.round(brief.hoursWorn * 60)))}.
      </p>
    </section>
  );
}

type Scale = (minutes: number) => number;

/** Hours under the axis; every other where there are many. */
function Hours({ hours, x, startAt }: { hours: readonly number[]; x: Scale; startAt: string }) {
  const say = useSay();
  const every = hours.length > 12 ? 2 : 1;
  return hours
    .filter((_, i) => i % every === 0)
    .map((minute) => (
      <g key={minute}>
        <line
          x1={x(minute)}
          x2={x(minute)}
          y1={TOP - 4}
          y2={TOP + BAR + 6}
          stroke="currentColor"
          opacity={0.25}
        />
        <text
          x={x(minute)}
          y={TOP + BAR + 19}
          fontSize={11.5}
          textAnchor="middle"
          fill="currentColor"
        >
          {say.clock(shiftMinutes(startAt, minute))}
        </text>
      </g>
    ));
}

/** How dark a stretch is, so that they are told apart without colour. */
const FILL: Readonly<Record<Stretch["look"], number>> = {
  hands: 0.85,
  plain: 0.35,
  worn: 0.12,
  off: 0.6,
  kept: 1,
};

function Bar({ stretch: { label, from, to, look: kind }, x }: { stretch: Stretch; x: Scale }) {
  return (
    <g>
      <rect
        x={x(from)}
        y={TOP}
        width={Math.max(1, x(to) - x(from) - 1)}
        height={BAR}
        fill={kind === "kept" ? "url(#kept)" : "currentColor"}
        fillOpacity={FILL[kind]}
        stroke="currentColor"
        strokeOpacity={0.5}
      />
      {x(to) - x(from) > label.length * 6.4 + 6 && (
        <text
          x={x((from + to) / 2)}
          y={TOP + 17.5}
          fontSize={12}
          textAnchor="middle"
          fill={kind === "hands" || kind === "off" ? "var(--color-base-100)" : "currentColor"}
          stroke={kind === "kept" ? "var(--color-base-100)" : "none"}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {label}
        </text>
      )}
    </g>
  );
}

function Now({ at }: { at: number }) {
  return (
    <g>
      <line
        x1={at}
        x2={at}
        y1={4}
        y2={TOP + BAR + 8}
        stroke="currentColor"
        strokeWidth={2}
        strokeDasharray="5 3"
      />
      <text x={at} y={12} fontSize={11.5} fontWeight={700} textAnchor="middle" fill="currentColor">
        now
      </text>
    </g>
  );
}

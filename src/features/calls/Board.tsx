"use client";

import type { CallPlan } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";

/** Work of one pair of hands on one performer without a pause is drawn as one bar, however many steps it is. */
function stretches(
  plan: CallPlan,
  jobId: string,
): { artist: number; start: number; end: number; rest: number }[] {
  const open: { artist: number; start: number; end: number; rest: number }[] = [];
  for (const { artist, start: touches, load = 0, end, rest } of plan.placed.filter(
    (entry) => entry.performer === jobId,
  )) {
    const start = touches - load;
    const last = open.at(-1);
    if (last && last.artist === artist && start - last.end < SEEN_MIN) {
      last.end = end;
      last.rest = rest;
    } else open.push({ artist, start, end, rest });
  }
  return open;
}
/** A pause shorter than this is not seen on the board, min: the artist stays. */
const SEEN_MIN = 2.5;

/** Performers are told apart by their pattern and their name, not by colour. */
const PATTERNS = [1, 0.55, 0.8, 0.35, 0.68, 0.45] as const;

/** The call by chair: hands-on bars labelled by performer, drying as a thin line, along the minutes from the start. */
export function Board({
  plan,
  chairs,
  nameOf,
}: {
  plan: CallPlan;
  chairs: number;
  nameOf: (jobId: string) => string;
}) {
  const say = useSay();
  const length = Math.max(1, ...plan.performers.map(({ until }) => until));
  const [left, width, row] = [64, 900, 46];
  const x = (minutes: number) => left + (minutes / length) * width;
  const step = length > 240 ? 60 : length > 90 ? 30 : 15;
  const used = Array.from({ length: chairs }, (_, chair) => chair).filter((chair) =>
    plan.placed.some((entry) => entry.chair === chair),
  );
  return (
    <div className="relative mt-3 overflow-x-auto">
      <svg
        viewBox={`0 0 ${left + width + 10} ${used.length * row + 26}`}
        className="w-full min-w-[40rem]"
        role="img"
        aria-label={`The call by chair: ${plan.performers.map(({ jobId, chair, from, until }) => `${nameOf(jobId)} in chair ${chair + 1}, minute ${Math.round(from)} to ${Math.round(until)}`).join("; ")}. ${minutesWords(plan.makespan)} in all.`}
      >
        {Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => (
          <g key={i}>
            <line
              x1={x(i * step)}
              x2={x(i * step)}
              y1={0}
              y2={used.length * row}
              stroke="currentColor"
              opacity={0.2}
            />
            <text
              x={x(i * step)}
              y={used.length * row + 16}
              fontSize={11}
              textAnchor="middle"
              fill="currentColor"
            >
              {plan.startAt ? say.clock(shiftMinutes(plan.startAt, i * step)) : `${i * step} min`}
            </text>
          </g>
        ))}
        {used.map((chair, r) => (
          <g key={chair}>
            <text x={0} y={r * row + 28} fontSize={12} fill="currentColor">
              chair {chair + 1}
            </text>
            {plan.performers
              .filter((performer) => performer.chair === chair)
              .map((performer) => (
                <g key={performer.jobId}>
                  <text x={x(performer.from)} y={r * row + 12} fontSize={11.5} fill="currentColor">
                    {nameOf(performer.jobId)}
                  </text>
                  {stretches(plan, performer.jobId).map((entry) => (
                    <g key={entry.start}>
                      <line
                        x1={x(entry.end)}
                        x2={x(entry.end + entry.rest)}
                        y1={r * row + 27}
                        y2={r * row + 27}
                        stroke="currentColor"
                        strokeDasharray="2 2"
                        opacity={0.6}
                      />
                      <rect
                        x={x(entry.start)}
                        y={r * row + 18}
                        width={Math.max(1, x(entry.end) - x(entry.start) - 0.4)}
                        height={18}
                        fill="currentColor"
                        opacity={PATTERNS[entry.artist % PATTERNS.length]}
                      />
                    </g>
                  ))}
                </g>
              ))}
          </g>
        ))}
      </svg>
      <p className="muted text-xs">
        Bars: hands on, each artist in a tone of their own. Dashed: drying; the artist may be at
        another chair.
      </p>
    </div>
  );
}

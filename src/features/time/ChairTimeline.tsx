"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { workName, type Look } from "@/core/look";
import { REGIONS, type Bar, type Plan } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import { useSay } from "@/shared/say/useSay";

const [LEFT, WIDTH, ROW] = [112, 880, 30];

interface Props {
  readonly plan: Plan;
  readonly look: Look;
  readonly startAt: string | null;
  readonly now: number | null;
  readonly chosen: string | null;
  /** Minutes that bars are held back to, by task. */
  readonly pins: ReadonlyMap<string, number>;
  readonly onChoose: (id: string) => void;
  /** Holds a bar back to a minute; null lets it go. Missing where nothing can be saved. */
  readonly onPin: ((bar: Bar, minute: number | null) => void) | null;
}

/** The chair by region: hands-on bars to drag or push by keys, the rest after each, pins, and where one is now. */
export function ChairTimeline({ plan, look, startAt, now, chosen, pins, onChoose, onPin }: Props) {
  const say = useSay();
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ id: string; from: number; by: number } | null>(null);
  const rows = REGIONS.filter((region) => plan.bars.some((bar) => bar.region === region));
  const length = Math.max(plan.dryMinutes, 1);
  const x = (minutes: number) => LEFT + (minutes / length) * WIDTH;
  const step = length > 150 ? 30 : length > 60 ? 15 : 5;
  const bars = [...plan.bars].sort((a, b) => a.start - b.start || a.end - b.end);
  // Drawn in an order that stays: what moves in the page would lose the focus.
  const drawn = [...plan.bars].sort((a, b) => a.id.localeCompare(b.id));
  const current = bars.find(({ id }) => id === chosen)?.id ?? bars[0]?.id;
  const here = now === null || !startAt ? -1 : (now - Date.parse(startAt)) / 60_000;
  const nameOf = (bar: Bar) => workName(look, bar.layerId);
  const minuteAt = (clientX: number) => {
    const box = svg.current?.getBoundingClientRect();
    return box
      ? ((((clientX - box.left) / box.width) * (LEFT + WIDTH + 10) - LEFT) / WIDTH) * length
      : 0;
  };
  const focus = (id: string) => {
    onChoose(id);
    svg.current?.querySelector<SVGGElement>(`[data-bar="${CSS.escape(id)}"]`)?.focus();
  };
  const onKey = (event: KeyboardEvent, bar: Bar) => {
    const by = event.shiftKey ? 5 : 1;
    // From where it was pushed to last: keys come faster than plans.
    const from = pins.get(bar.id) ?? bar.start;
    const at = bars.findIndex(({ id }) => id === bar.id);
    const next =
      event.key === "ArrowDown" ? bars[at + 1] : event.key === "ArrowUp" ? bars[at - 1] : undefined;
    if (next) focus(next.id);
    else if (event.key === "ArrowRight" && onPin) onPin(bar, from + by);
    else if (event.key === "ArrowLeft" && onPin) onPin(bar, Math.max(0, from - by));
    else if ((event.key === "Delete" || event.key === "Backspace") && onPin) onPin(bar, null);
    else return;
    event.preventDefault();
  };
  const down = (event: PointerEvent<SVGGElement>, bar: Bar) => {
    onChoose(bar.id);
    if (!onPin) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrag({ id: bar.id, from: minuteAt(event.clientX), by: 0 });
  };
  const up = (bar: Bar) => {
    if (drag && Math.abs(drag.by) >= 0.5) onPin?.(bar, Math.max(0, bar.start + drag.by));
    setDrag(null);
  };
  return (
    <section aria-label="The chair" className="mt-5">
      <h3 className="text-lg">The chair</h3>
      <div className="overflow-x-auto">
        <svg
          ref={svg}
          viewBox={`0 0 ${LEFT + WIDTH + 10} ${rows.length * ROW + 26}`}
          className="w-full min-w-[44rem] select-none"
          role="group"
          aria-label="The chair by region"
        >
          {Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => (
            <g key={i} aria-hidden>
              <line
                x1={x(i * step)}
                x2={x(i * step)}
                y1={0}
                y2={rows.length * ROW}
                stroke="currentColor"
                opacity={0.2}
              />
              <text
                x={x(i * step)}
                y={rows.length * ROW + 16}
                fontSize={11.5}
                textAnchor={i ? "middle" : "start"}
                fill="currentColor"
              >
                {startAt ? say.clock(shiftMinutes(startAt, i * step)) : `${i * step} min`}
              </text>
            </g>
          ))}
          {rows.map((region, r) => (
            <g key={region} aria-hidden>
              <text x={0} y={r * ROW + 19} fontSize={12} fill="currentColor">
                {region}
              </text>
              <line
                x1={LEFT}
                x2={LEFT + WIDTH}
                y1={(r + 1) * ROW}
                y2={(r + 1) * ROW}
                stroke="currentColor"
                opacity={0.1}
              />
            </g>
          ))}
          {drawn.map((bar) => {
            const y = rows.indexOf(bar.region) * ROW;
            const dx = drag?.id === bar.id ? x(drag.by) - x(0) : 0;
            const wide = x(bar.end) - x(bar.start);
            const name = nameOf(bar);
            return (
              <g
                key={bar.id}
                data-bar={bar.id}
                role="button"
                tabIndex={bar.id === current ? 0 : -1}
                aria-pressed={bar.id === chosen}
                transform={dx ? `translate(${dx} 0)` : undefined}
                aria-label={`${name}, coat ${bar.coat}, ${bar.region}: minute ${Math.round(bar.start)} to ${Math.round(bar.end)}${bar.rest >= 0.5 ? `, rests ${Math.round(bar.rest)}` : ""}${bar.pinned ? ", held back" : ""}`}
                className={`focus:outline-none [&:focus-visible>rect:last-of-type]:opacity-100 ${onPin ? "cursor-ew-resize" : "cursor-pointer"}`}
                style={{ touchAction: "none" }}
                onPointerDown={(event) => down(event, bar)}
                onPointerMove={(event) => {
                  if (drag?.id === bar.id)
                    setDrag({ ...drag, by: minuteAt(event.clientX) - drag.from });
                }}
                onPointerUp={() => up(bar)}
                onPointerCancel={() => setDrag(null)}
                onKeyDown={(event) => onKey(event, bar)}
              >
                <line
                  x1={x(bar.end)}
                  x2={x(bar.end + bar.rest)}
                  y1={y + 15}
                  y2={y + 15}
                  stroke="currentColor"
                  strokeDasharray="2 2"
                  opacity={0.7}
                />
                {bar.load > 0 && (
                  <rect
                    x={x(bar.start - bar.load)}
                    y={y + 11}
                    width={x(bar.load) - x(0)}
                    height={8}
                    fill="currentColor"
                    fillOpacity={0.28}
                  />
                )}
                <rect
                  x={x(bar.start)}
                  y={y + 4}
                  width={Math.max(2.5, wide - 0.8)}
                  height={22}
                  rx={1.5}
                  fill="currentColor"
                  fillOpacity={bar.hand === 0 ? 0.82 : bar.hand === 1 ? 0.5 : 0.3}
                />
                {wide > 46 && (
                  <text
                    x={x(bar.start) + 4}
                    y={y + 19}
                    fontSize={11}
                    fill={bar.hand === 0 ? "var(--color-base-100)" : "currentColor"}
                    pointerEvents="none"
                  >
                    {name.length * 5.6 + 8 < wide
                      ? name
                      : `${name.slice(0, Math.max(1, Math.floor(wide / 6) - 2))}…`}
                  </text>
                )}
                {bar.pinned && (
                  <path d={`M${x(bar.start)} ${y + 4}v22`} stroke="currentColor" strokeWidth={4} />
                )}
                <rect
                  x={x(bar.start) - 2.5}
                  y={y + 1.5}
                  width={Math.max(8, wide + 4)}
                  height={27}
                  fill="none"
                  stroke="currentColor"
                  strokeWidth={2.5}
                  opacity={bar.id === chosen ? 1 : 0}
                />
              </g>
            );
          })}
          {here >= 0 && here <= length && (
            <g aria-hidden>
              <line
                x1={x(here)}
                x2={x(here)}
                y1={0}
                y2={rows.length * ROW}
                stroke="currentColor"
                strokeWidth={2}
                strokeDasharray="5 3"
              />
              <text x={x(here) + 4} y={10} fontSize={11.5} fontWeight={700} fill="currentColor">
                now
              </text>
            </g>
          )}
        </svg>
      </div>
      <p className="muted text-xs">
        Solid: hands on. Thin before it: rinsing, mixing, taking up tool and colour
        {plan.bars.some(({ hand }) => hand > 0) && ", a paler tone for the other hands"}. Dashed:
        drying or resting, that region is left alone.{" "}
        {onPin &&
          "Drag a bar, or push it with ← → (Shift for 5 min): it stays at that minute and the rest is rearranged. ↑ ↓ go from bar to bar, Delete releases it."}
      </p>
    </section>
  );
}

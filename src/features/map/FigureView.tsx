"use client";

import { Columns2 } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { touchUps, wholeAfter, type TouchUp } from "@/core/advice";
import {
  EXPRESSION_KEYS,
  EXPRESSIONS,
  placement,
  type ExpressionKey,
  type ZoneId,
} from "@/core/anatomy";
import { LAMP_KEYS, LAMPS, type LampKey } from "@/core/colour";
import {
  hexOf,
  markLabel,
  marksOn,
  MEANT_APART,
  readEdges,
  seeEdge,
  zoneWords,
  type Layer,
  type Mark,
  type SeenEdge,
  wearForecast,
} from "@/core/look";
import { LIGHT_KEYS, LIGHTS } from "@/core/anatomy/surface";
import { FACE_BOX } from "@/shared/figure/FaceFigure";
import { LostMarks } from "@/shared/figure/LostMarks";
import { useRelief, type FormLight } from "@/shared/figure/useRelief";
import { useSeen } from "@/shared/figure/useSeen";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { chartOf, sceneOf, VIEW_KEYS, VIEWS, type ViewKey } from "@/shared/figure/views";
import { HAZARD_WORDS } from "@/core/wear";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { minutesWords } from "@/ui/format";
import { metresAt, metresWords, placeOf, STEPS } from "./distances";
import { MarkHandles } from "./MarkHandles";

const GUIDES = [
  ["midline", "Midline"],
  ["creases", "Creases"],
  ["eyeBand", "Eye corners"],
  ["costume", "Costume"],
] as const;
/** The grey around the figure, the same in both themes. */
const SURROUND = "#8a8a89";

interface FigureViewProps {
  layer: Layer | null;
  view: ViewKey;
  onView: (view: ViewKey) => void;
  onZone: (zone: ZoneId) => void;
  chosenMark: number | null;
  onMark: (i: number | null) => void;
  drawing: boolean;
  onDrawing: (on: boolean) => void;
}

/** The figure with its switches: how far it is built, from where it is seen, in what light; and what that seat loses. */
export function FigureView({
  layer,
  view,
  onView,
  onZone,
  chosenMark,
  onMark,
  drawing,
  onDrawing,
}: FigureViewProps) {
  const { look, context, prediction, apply } = useWorking();
  const { farthestM } = context.brief;
  const [guides, setGuides] = useState<Record<string, boolean>>({ midline: true });
  const [build, setBuild] = useState<number | null>(null);
  const [from, setFrom] = useState(0);
  const [lamp, setLamp] = useState<LampKey>("D65");
  const [formLight, setFormLight] = useState<FormLight>("above");
  const [beside, setBeside] = useState(false);
  const [expression, setExpression] = useState<ExpressionKey>("rest");
  const [after, setAfter] = useState(0);
  const plain = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const upTo = Math.min(build ?? look.layers.length, look.layers.length);
  const metres = metresAt(from, Math.max(farthestM, 12));
  const away = from > 0;
  const { frame } = VIEWS[view];
  const box = useMemo(
    () => (view === "face" ? FACE_BOX : sceneOf(context.figure, view).box),
    [context.figure, view],
  );
  const relief = useRelief(context.figure, chartOf(view), formLight);
  const what = useMemo(
    () => ({ look, context, upTo, lamp, expression, view, after, relief }),
    [look, context, upTo, lamp, expression, view, after, relief],
  );
  const forecast = useMemo(
    () => (after > 0 ? wearForecast(look, context) : []),
    [look, context, after],
  );
  const whole = useMemo(
    () => (after > 0 ? wholeAfter(forecast, after) : undefined),
    [forecast, after],
  );
  const due = useMemo(() => touchUps(forecast, after), [forecast, after]);
  const seen = useSeen(plain, canvas, { distanceM: metres, what, on: away, surround: SURROUND });
  const lost = useMemo(
    (): SeenEdge[] =>
      away || lamp !== "D65"
        ? readEdges(look, context, prediction)
            .map((edge) => seeEdge(edge, { distanceM: metres, lamp }))
            .filter(
              (edge) =>
                edge.verdict === "lost" && seeEdge(edge, { distanceM: 0.6 }).deltaE >= MEANT_APART,
            )
        : [],
    [look, context, prediction, away, metres, lamp],
  );
  const putMarks = (marks: Mark[]) => {
    if (layer) apply({ op: "changeLayer", id: layer.id, change: marksOn(marks, context.figure) });
  };
  const changeMark = (i: number, mark: Mark | null, copy = false) => {
    if (layer)
      putMarks(
        mark
          ? copy
            ? [...layer.marks, mark]
            : layer.marks.map((old, k) => (k === i ? mark : old))
          : layer.marks.filter((_, k) => k !== i),
      );
  };
  const film =
    layer &&
    layer.zones
      .map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id))
      .find((entry) => entry);
  const hexOfMarks = film ? hexOf(film.colour, lamp) : "#111111";
  const mark = chosenMark === null ? undefined : layer?.marks[chosenMark];
  const title = `${look.name} on ${context.person.name}, ${VIEWS[view].words}, predicted colours`;
  const common = { view, look, context, prediction, upTo, whole, expression, formLight };
  // While a finger may drag a mark, the figure does not scroll the page.
  const overlay =
    layer &&
    !layer.locked &&
    frame &&
    (layer.marks.length > 0 || drawing) &&
    !away &&
    expression === "rest" ? (
      <MarkHandles
        layer={layer}
        frame={frame}
        box={box}
        hex={hexOfMarks}
        chosen={chosenMark}
        onChoose={onMark}
        onChange={changeMark}
        drawing={drawing}
        onDrawn={(mark) => {
          putMarks([...layer.marks, mark]);
          onDrawing(false);
        }}
      />
    ) : undefined;
  const seenFrom = `${metresWords(metres)}${lamp === "D65" ? "" : `, ${LAMPS[lamp].label}`}`;
  return (
    <section
      aria-label="Figure"
      className="order-first flex min-h-[28rem] flex-col bg-surround text-[#111] lg:order-none"
    >
      <div className="flex flex-wrap items-center gap-1.5 p-2">
        <Choice
          label="View"
          value={view}
          options={VIEW_KEYS.map((key) => [key, VIEWS[key].label])}
          onChange={(key) => onView(key as ViewKey)}
        />
        <Choice
          label="Light"
          value={lamp}
          title={LAMPS[lamp].source}
          options={LAMP_KEYS.map((key) => [key, LAMPS[key].label])}
          onChange={(key) => setLamp(key as LampKey)}
        />
        {chartOf(view) !== null && (
          <Choice
            label="Lamp at"
            value={formLight}
            options={[
              ...LIGHT_KEYS.map((key) => [key, LIGHTS[key].label] as const),
              ["flat", "flat, no shade"],
            ]}
            onChange={(key) => setFormLight(key as FormLight)}
          />
        )}
        {view === "face" && (
          <Choice
            label="Face"
            value={expression}
            options={EXPRESSION_KEYS.map((key) => [key, EXPRESSIONS[key].label])}
            onChange={(key) => setExpression(key as ExpressionKey)}
          />
        )}
        <div role="group" aria-label="Guides" className="flex flex-wrap gap-1.5">
          {GUIDES.filter(([key]) => view === "face" || key === "costume").map(([key, label]) => (
            <button
              key={key}
              type="button"
              aria-pressed={Boolean(guides[key])}
              onClick={() => setGuides({ ...guides, [key]: !guides[key] })}
              className={TOGGLE(Boolean(guides[key]))}
            >
              {label}
            </button>
          ))}
        </div>
        <button
          type="button"
          aria-pressed={beside}
          onClick={() => {
            setBeside(!beside);
            if (!beside && !away) setFrom(STEPS);
          }}
          className={`flex items-center gap-2 ${TOGGLE(beside)}`}
        >
          <Columns2 size={16} aria-hidden />
          Side by side
        </button>
      </div>
      <div className={`grid min-h-0 flex-1 ${beside ? "grid-cols-2" : "grid-cols-1"}`}>
        {beside && (
          <figure className="relative min-h-0 border-r border-[#111]/40">
            <ViewFigure
              id="mirror"
              className="absolute inset-0 h-full w-full"
              {...common}
              title={`${title}, in the mirror by day`}
              guides={{ hat: false }}
            />
            <figcaption className="absolute bottom-1 left-2 rounded bg-[#f4f4f3] px-2 text-sm">
              mirror, daylight
            </figcaption>
          </figure>
        )}
        <div className="relative min-h-0">
          {/* What is blurred is the drawing itself, without guides and chosen zones. */}
          {away && (
            <div ref={plain} aria-hidden className="invisible absolute inset-0">
              <ViewFigure
                id="seen"
                className="h-full w-full"
                {...common}
                lamp={lamp}
                title=""
                guides={{ hat: false }}
              />
            </div>
          )}
          <ViewFigure
            id="map"
            className={`absolute inset-0 h-full w-full ${away ? "opacity-0" : ""}`}
            {...common}
            lamp={lamp}
            guides={guides}
            selected={layer && !layer.marks.length && !away ? layer.zones : []}
            onZone={expression === "rest" ? onZone : undefined}
            lost={away ? [] : lost}
            title={title}
          />
          {/* A picture of its own over the figure, so that dragging a mark never paints the whole figure again. */}
          {overlay && (
            <svg
              viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
              className="pointer-events-none absolute inset-0 h-full w-full touch-none will-change-transform"
              preserveAspectRatio="xMidYMid meet"
            >
              <g className="pointer-events-auto">{overlay}</g>
            </svg>
          )}
          {away && (
            <>
              <canvas
                ref={canvas}
                role="img"
                aria-label={`${look.name} as seen from ${seenFrom}`}
                aria-busy={!seen.fresh}
                data-settled={seen.fresh}
                className="pointer-events-none absolute inset-0 h-full w-full object-contain"
              />
              {seen.error !== null && (
                <div className="absolute inset-x-4 bottom-4 rounded bg-base-100 px-3">
                  <Waiting answer={seen} doing="Looking from there" what="the view from there" />
                </div>
              )}
              {view === "face" && (
                <svg
                  viewBox={`${FACE_BOX.left} ${FACE_BOX.top} ${FACE_BOX.width} ${FACE_BOX.height}`}
                  className="pointer-events-none absolute inset-0 h-full w-full"
                  preserveAspectRatio="xMidYMid meet"
                  aria-hidden
                >
                  <LostOverlay edges={lost} />
                </svg>
              )}
            </>
          )}
        </div>
      </div>
      {/* Over the figure, so that choosing a mark does not shift what one is about to drag. */}
      <div className="relative">
        {mark && !away && frame === mark.frame && (
          <p
            role="status"
            className="absolute inset-x-0 bottom-0 bg-[#f4f4f3]/95 px-3 py-1 text-sm"
          >
            <strong>{markLabel(mark.kind)}:</strong>{" "}
            {placement(mark, context.figure, mark.frame).words}
            {mark.mirrored ? ", and its mirror image" : ""}
          </p>
        )}
      </div>
      <DueList due={due} after={after} />
      <LostList edges={lost} seenFrom={seenFrom} />
      <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 bg-base-300 px-4 py-2 text-base-content">
        <label htmlFor="build" className="font-bold">
          Build
        </label>
        <input
          id="build"
          type="range"
          className="range range-sm w-full"
          min={0}
          max={look.layers.length}
          value={upTo}
          onChange={(event) =>
            setBuild(
              Number(event.target.value) === look.layers.length ? null : Number(event.target.value),
            )
          }
          aria-valuetext={`layer ${upTo} of ${look.layers.length}`}
        />
        <span className="w-44 text-right text-sm">
          layer {upTo} of {look.layers.length}
        </span>
        <label htmlFor="from" className="font-bold">
          From
        </label>
        <input
          id="from"
          type="range"
          className="range range-sm w-full"
          min={0}
          max={STEPS}
          value={from}
          onChange={(event) => setFrom(Number(event.target.value))}
          aria-valuetext={metresWords(metres)}
        />
        <span className="flex w-44 items-center justify-end gap-2 text-sm">
          {metresWords(metres)}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => setFrom(away ? 0 : placeOf(farthestM, Math.max(farthestM, 12)))}
          >
            {away ? "To the mirror" : `To ${metresWords(farthestM)}`}
          </button>
        </span>
        <label htmlFor="after" className="font-bold">
          After
        </label>
        <input
          id="after"
          type="range"
          className="range range-sm w-full"
          min={0}
          max={context.brief.hoursWorn}
          step={Math.min(0.25, context.brief.hoursWorn / 8)}
          value={after}
          onChange={(event) => setAfter(Number(event.target.value))}
          aria-valuetext={wornWords(after)}
        />
        <span className="w-44 text-right text-sm">{wornWords(after)}</span>
      </div>
    </section>
  );
}

const TOGGLE = (on: boolean) =>
  `min-h-9 rounded-md border border-[#111] px-2 text-sm ${on ? "bg-[#111] font-bold text-white" : "bg-[#f4f4f3]"}`;

function Choice({
  label,
  value,
  options,
  title,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly (readonly [key: string, words: string])[];
  title?: string;
  onChange: (key: string) => void;
}) {
  return (
    <label className="flex items-center gap-1.5 text-sm font-bold">
      {label}
      <select
        className="min-h-9 max-w-36 rounded-md border border-[#111] bg-[#f4f4f3] px-2 font-normal"
        value={value}
        title={title}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

const wornWords = (hours: number) =>
  hours === 0 ? "just painted" : `${minutesWords(hours * 60)} of wear`;

/** What by the forecast has needed a touch-up by then, and why. */
function DueList({ due, after }: { due: readonly TouchUp[]; after: number }) {
  if (after === 0) return null;
  return (
    <ol
      aria-label="Touch-ups by then"
      className="flex max-h-20 flex-wrap gap-x-4 gap-y-1 overflow-auto bg-[#f4f4f3] px-3 py-1.5 text-sm"
    >
      <li className="list-none font-bold">
        {due.length
          ? "By forecast needs touching up:"
          : "By forecast nothing needs touching up yet."}
      </li>
      {due.map((walk) => (
        <li key={`${walk.cause}${walk.atHours}`} className="list-none">
          <strong>{minutesWords(walk.atHours * 60)}</strong> {zoneWords(walk.zones)},{" "}
          {HAZARD_WORDS[walk.cause]}
        </li>
      ))}
    </ol>
  );
}

function LostOverlay({ edges }: { edges: readonly SeenEdge[] }) {
  const { context } = useWorking();
  return edges.length ? <LostMarks edges={edges} figure={context.figure} /> : null;
}

/** What the seat loses, numbered as on the figure. */
function LostList({ edges, seenFrom }: { edges: readonly SeenEdge[]; seenFrom: string }) {
  if (!edges.length) return null;
  return (
    <ol
      aria-label={`Lost from ${seenFrom}`}
      className="flex max-h-24 flex-wrap gap-x-4 gap-y-1 overflow-auto bg-[#f4f4f3] px-3 py-1.5 text-sm"
    >
      <li className="list-none font-bold">Lost from {seenFrom}:</li>
      {edges.map((edge, i) => (
        <li key={edge.key} className="flex list-none items-center gap-1.5">
          <span
            aria-hidden
            className="flex size-5 rotate-45 items-center justify-center border border-[#111] text-xs font-bold"
          >
            <span className="-rotate-45">{i + 1}</span>
          </span>
          {edge.a.name} against {edge.b.name}
        </li>
      ))}
    </ol>
  );
}

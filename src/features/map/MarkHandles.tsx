"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import {
  boundingBox,
  mirror,
  placement,
  point,
  snap,
  type Frame,
  type Point,
} from "@/core/anatomy";
import {
  markLabel,
  MOST_HANDLED,
  moveMark,
  pathByHand,
  placedStrokes,
  scaleMark,
  turnMark,
  MarkSchema,
  type Layer,
  type Mark,
} from "@/core/look";
import { PathPoints } from "./PathPoints";
import { MarkDrawing } from "@/shared/figure/MarkDrawing";
import type { Scene } from "@/shared/figure/views";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** Millimetres that an arrow key moves a mark, alone and with Shift. */
const STEP_MM = 1;
const LEAP_MM = 5;
const TURN_DEG = 5;
const GROW = 1.05;
/** What the face view shows from top to bottom, mm: handles are sized for it. */
const FACE_HEIGHT_MM = 270;
/** Room round a mark where its handles stand, mm. */
const MARGIN = 5;

type Way = "move" | "turn" | "size";
interface Drag {
  readonly way: Way;
  readonly i: number;
  readonly from: Point;
  readonly mark: Mark;
  readonly now: Mark;
  readonly to: string;
}

export interface MarkHandlesProps {
  layer: Layer;
  frame: Frame;
  box: Scene["box"];
  hex: string;
  chosen: number | null;
  onChoose: (i: number | null) => void;
  onChange: (i: number, mark: Mark | null, copy?: boolean) => void;
  drawing: boolean;
  onDrawn: (mark: Mark) => void;
}

/** A point of the drawing in mm from where the pointer is on the screen; from behind, the person's left is on the left. */
function toMm(svg: SVGSVGElement, event: PointerEvent, out: 1 | -1): Point {
  const matrix = svg.getScreenCTM();
  if (!matrix) return point(0, 0);
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
  return point(out * at.x, -at.y);
}

/** Upper and outer ends of what a mark covers by itself, without its mirror image. */
function extentOf(mark: Mark) {
  const points = placedStrokes(mark.mirrored ? { ...mark, mirrored: false } : mark).flatMap(
    (stroke) => stroke.points,
  );
  return boundingBox(points.length ? points : [point(mark.x, mark.y)]);
}

/**
 * Handles of a layer's marks: drag to move, turn or size; arrow keys 1 mm, with Shift 5; comma and full stop turn, plus and minus size. While one is
 * dragged only its ghost is drawn; the look changes once, when it is let go.
 */
export function MarkHandles({
  layer,
  frame,
  box: view,
  hex,
  chosen,
  onChoose,
  onChange,
  drawing,
  onDrawn,
}: MarkHandlesProps) {
  const { context } = useWorking();
  const group = useRef<SVGGElement>(null);
  // Kept beside what is drawn: letting go may come before the last move has been drawn.
  const held = useRef<{ drag: Drag | null; line: readonly Point[] }>({ drag: null, line: [] });
  const [drag, showDrag] = useState<Drag | null>(null);
  const [line, showLine] = useState<readonly Point[]>([]);
  const setDrag = (next: Drag | null) => {
    held.current.drag = next;
    showDrag(next);
  };
  const setLine = (next: readonly Point[]) => {
    held.current.line = next;
    showLine(next);
  };
  const { figure } = context;
  const face = figure.landmarks;
  const out = frame === "back" ? -1 : 1;
  /** Handles are as large on the screen however much of the person is in the picture. */
  const unit = view.height / FACE_HEIGHT_MM;
  const svg = () => group.current?.ownerSVGElement ?? null;
  const others = (i: number) =>
    layer.marks.filter((mark, k) => k !== i && mark.frame === frame).map(({ x, y }) => point(x, y));

  const chosenMark = chosen === null ? undefined : layer.marks[chosen];
  const edited =
    chosen !== null &&
    chosenMark?.kind === "path" &&
    chosenMark.frame === frame &&
    chosenMark.points.length <= MOST_HANDLED &&
    !drag
      ? { i: chosen, mark: chosenMark }
      : null;

  const begin = (event: PointerEvent<SVGElement>, i: number, way: Way) => {
    const mark = layer.marks[i];
    const root = svg();
    if (!mark || !root) return;
    event.preventDefault();
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    onChoose(i);
    setDrag({ way, i, from: toMm(root, event, out), mark, now: mark, to: "" });
  };
  const follow = (event: PointerEvent<SVGElement>) => {
    const root = svg();
    const { drag: now } = held.current;
    if (!now || !root) return;
    const at = toMm(root, event, out);
    const { mark, from, way, i } = now;
    if (way === "move") {
      const wanted = point(mark.x + at.x - from.x, mark.y + at.y - from.y);
      const snapped = event.altKey
        ? { at: wanted, to: "" }
        : snap(wanted, face, others(i), 2.5 * unit);
      const moved = moveMark(mark, snapped.at);
      if (moved) setDrag({ ...now, now: moved, to: snapped.to });
    } else if (way === "turn") {
      const angle = (p: Point) => (Math.atan2(p.y - mark.y, p.x - mark.x) * 180) / Math.PI;
      const by = angle(at) - angle(from);
      setDrag({
        ...now,
        now: turnMark(mark, event.shiftKey ? Math.round(by / 15) * 15 : Math.round(by)),
      });
    } else {
      const reach = (p: Point) => Math.max(1, Math.hypot(p.x - mark.x, p.y - mark.y));
      const scaled = scaleMark(mark, reach(at) / reach(from));
      if (scaled) setDrag({ ...now, now: scaled });
    }
  };
  const end = () => {
    const { drag: last } = held.current;
    if (last && last.now !== last.mark) onChange(last.i, last.now);
    setDrag(null);
  };
  const onKey = (event: KeyboardEvent, i: number) => {
    const mark = layer.marks[i];
    if (!mark || event.ctrlKey || event.metaKey || event.altKey) return;
    const step = event.shiftKey ? LEAP_MM : STEP_MM;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-step * out, 0],
      ArrowRight: [step * out, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    };
    const by = moves[event.key];
    const next = by
      ? moveMark(mark, point(mark.x + by[0], mark.y + by[1]))
      : event.key === ","
        ? turnMark(mark, TURN_DEG)
        : event.key === "."
          ? turnMark(mark, -TURN_DEG)
          : event.key === "+" || event.key === "="
            ? scaleMark(mark, GROW)
            : event.key === "-"
              ? scaleMark(mark, 1 / GROW)
              : event.key === "m"
                ? { ...mark, mirrored: !mark.mirrored }
                : event.key === "v"
                  ? { ...mark, seed: (mark.seed + 1) % 1_000_000 }
                  : null;
    if (next) {
      event.preventDefault();
      event.stopPropagation();
      onChange(i, next);
    } else if (event.key === "Delete") {
      event.preventDefault();
      event.stopPropagation();
      onChange(i, null);
      onChoose(null);
    } else if (event.key === "d") {
      event.preventDefault();
      event.stopPropagation();
      const copy = moveMark(mark, point(mark.x + 8, mark.y - 8));
      if (copy) onChange(i, copy, true);
    }
  };

  const startLine = (event: PointerEvent<SVGElement>) => {
    const root = svg();
    if (!root) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setLine([toMm(root, event, out)]);
  };
  const goOn = (event: PointerEvent<SVGElement>) => {
    const root = svg();
    const drawn = held.current.line;
    if (!root || !drawn.length) return;
    const at = toMm(root, event, out);
    const last = drawn.at(-1);
    if (last && Math.hypot(at.x - last.x, at.y - last.y) > 0.8) setLine([...drawn, at]);
  };
  const finish = () => {
    const drawn = held.current.line;
    if (drawn.length > 2) {
      const parsed = MarkSchema.safeParse({ ...pathByHand(drawn, 2), frame });
      if (parsed.success) onDrawn(parsed.data);
    }
    setLine([]);
  };

  return (
    <g ref={group} style={{ touchAction: "none" }}>
      {layer.marks.map((mark, i) => {
        if (mark.frame !== frame) return null;
        const shown = drag?.i === i ? drag.now : mark;
        const extent = extentOf(shown);
        const box = out === 1 ? extent : { ...extent, left: -extent.right, right: -extent.left };
        const on = chosen === i;
        const at = { cx: out * shown.x, cy: -shown.y };
        const top = box.top + MARGIN * unit;
        const right = box.right + MARGIN * unit;
        return (
          <g key={i}>
            {drag?.i === i && (
              <g opacity={0.85} pointerEvents="none">
                <MarkDrawing mark={shown} hex={hex} carry={out === 1 ? undefined : mirror} />
              </g>
            )}
            {on && (
              <rect
                x={box.left - 2}
                y={-box.top - 2}
                width={box.right - box.left + 4}
                height={box.top - box.bottom + 4}
                fill="none"
                stroke="#111"
                strokeWidth={0.5 * unit}
                strokeDasharray={`${2 * unit} ${1.6 * unit}`}
                pointerEvents="none"
              />
            )}
            <g
              role="button"
              tabIndex={0}
              aria-pressed={on}
              aria-label={`${markLabel(mark.kind)} ${i + 1}, ${placement(shown, figure, frame).words}`}
              data-mark={i}
              style={{ touchAction: "none" }}
              className="cursor-move outline-none"
              onFocus={() => onChoose(i)}
              onKeyDown={(event) => onKey(event, i)}
              onPointerDown={(event) => begin(event, i, "move")}
              onPointerMove={follow}
              onPointerUp={end}
              onPointerCancel={() => setDrag(null)}
            >
              <circle {...at} r={8 * unit} fill="transparent" />
              <circle
                {...at}
                r={(on ? 2.6 : 2) * unit}
                fill={on ? "#111" : "#fff"}
                stroke={on ? "#fff" : "#111"}
                strokeWidth={0.8 * unit}
              />
            </g>
            {on && (
              <>
                <g
                  aria-hidden
                  style={{ touchAction: "none" }}
                  className="cursor-grab"
                  onPointerDown={(event) => begin(event, i, "turn")}
                  onPointerMove={follow}
                  onPointerUp={end}
                  onPointerCancel={() => setDrag(null)}
                >
                  <circle cx={at.cx} cy={-top} r={5 * unit} fill="transparent" />
                  <circle
                    cx={at.cx}
                    cy={-top}
                    r={2 * unit}
                    fill="#fff"
                    stroke="#111"
                    strokeWidth={0.7 * unit}
                  />
                </g>
                <g
                  aria-hidden
                  style={{ touchAction: "none" }}
                  className="cursor-nesw-resize"
                  onPointerDown={(event) => begin(event, i, "size")}
                  onPointerMove={follow}
                  onPointerUp={end}
                  onPointerCancel={() => setDrag(null)}
                >
                  <rect
                    x={right - 5 * unit}
                    y={-box.top - 5 * unit}
                    width={10 * unit}
                    height={10 * unit}
                    fill="transparent"
                  />
                  <rect
                    x={right - 1.8 * unit}
                    y={-box.top - 1.8 * unit}
                    width={3.6 * unit}
                    height={3.6 * unit}
                    fill="#fff"
                    stroke="#111"
                    strokeWidth={0.7 * unit}
                  />
                </g>
              </>
            )}
          </g>
        );
      })}
      {edited && (
        <PathPoints
          path={edited.mark}
          name={`${markLabel("path")} ${edited.i + 1}`}
          hex={hex}
          out={out}
          unit={unit}
          toMm={(event) => {
            const root = svg();
            return root && toMm(root, event, out);
          }}
          onChange={(next) => onChange(edited.i, next)}
        />
      )}
      {drag && <Ruler mark={drag.now} snapped={drag.to} out={out} unit={unit} />}
      {drawing && (
        <rect
          x={view.left}
          y={view.top}
          width={view.width}
          height={view.height}
          fill="transparent"
          className="cursor-crosshair"
          style={{ touchAction: "none" }}
          data-drawing
          onPointerDown={startLine}
          onPointerMove={goOn}
          onPointerUp={finish}
          onPointerCancel={() => setLine([])}
        />
      )}
      {line.length > 1 && (
        <polyline
          points={line.map((p) => `${(out * p.x).toFixed(1)},${(-p.y).toFixed(1)}`).join(" ")}
          fill="none"
          stroke={hex}
          strokeWidth={2}
          strokeLinecap="round"
          pointerEvents="none"
        />
      )}
    </g>
  );
}

/** Lines to measure along while a mark is moved: to the midline, and what it has snapped to. */
function Ruler({
  mark,
  snapped,
  out,
  unit,
}: {
  mark: Mark;
  snapped: string;
  out: 1 | -1;
  unit: number;
}) {
  const across = Math.abs(Math.round(mark.x));
  const words = {
    fontSize: 5 * unit,
    textAnchor: "middle",
    fill: "#111",
    stroke: "#fff",
    strokeWidth: 1.2 * unit,
    paintOrder: "stroke",
  } as const;
  return (
    <g pointerEvents="none" stroke="#111" strokeWidth={0.4 * unit}>
      <path d={`M0 ${-mark.y}H${out * mark.x}`} strokeDasharray={`${1.5 * unit} ${unit}`} />
      <text x={(out * mark.x) / 2} y={-mark.y - 1.6 * unit} {...words}>
        {across ? `${across} mm` : ""}
      </text>
      {snapped && (
        <text x={out * mark.x} y={-mark.y + 9 * unit} {...words}>
          {snapped}
        </text>
      )}
    </g>
  );
}

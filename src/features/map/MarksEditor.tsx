"use client";

import { Alert } from "@/ui/Alert";
import { Select } from "@/ui/Select";
import { useMemo, useState } from "react";
import { placement, point, tapeWords, type Figure, type Frame, type Point } from "@/core/anatomy";
import {
  alignMarks,
  browsByThreePoints,
  distributeMarks,
  fewerPoints,
  keptInPlace,
  MARK_KINDS,
  markAtHome,
  markDifficulty,
  markLabel,
  MarkSchema,
  marksOn,
  MOST_HANDLED,
  moveMark,
  newMark,
  shapeFields,
  type Layer,
  type LookPatch,
  type Mark,
  type MarkKind,
} from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { MovesWith } from "./MovesWith";
import { AlongCurve, faceLinesOf, LineAlong, MOST_MARKS } from "./AlongLines";

export interface MarkTools {
  /** Where a new mark goes in the view that is open. */ place: {
    readonly frame: Frame;
    readonly at: Point;
    /** The face is in sight, where shapes have places of their own. */
    readonly isFace?: boolean;
  };
  chosenMark: number | null;
  onMark: (i: number | null) => void;
  drawing: boolean;
  onDrawing: (on: boolean) => void;
}

/** A copy lies so far below what it is of, mm. */
const COPY_MM = 8;

/** Shapes that are added by their name; lines are drawn. */
const BY_NAME = MARK_KINDS.filter((kind) => kind !== "path").sort((a, b) =>
  markLabel(a).localeCompare(markLabel(b)),
);

/** Marks of a layer: each at its place in millimetres, drawn the same way every time by its seed. */
export function MarksEditor({
  layer,
  apply,
  place,
  chosenMark,
  onMark,
  drawing,
  onDrawing,
}: MarkTools & { layer: Layer; apply: (patch: LookPatch) => boolean }) {
  const { look, context } = useWorking();
  const [problem, setProblem] = useState<string | null>(null);
  const [kind, setKind] = useState<MarkKind>("star");
  const face = context.figure.landmarks;
  const lines = useMemo(() => faceLinesOf(context.figure), [context.figure]);
  // A base keeps its areas when it is given shapes; anything else is then the shapes alone.
  const fills =
    layer.fills || (layer.role === "base" && !layer.marks.length && layer.zones.length > 0);
  const put = (marks: Mark[]) =>
    apply({
      op: "changeLayer",
      id: layer.id,
      change: { fills, ...marksOn({ fills }, marks, context.figure) },
    });
  const change = (i: number, key: string, value: number | boolean | string) => {
    const parsed = MarkSchema.safeParse({ ...layer.marks[i], [key]: value });
    if (!parsed.success) {
      setProblem(parsed.error.issues[0]?.message ?? "not a size for a shape");
      return;
    }
    setProblem(null);
    put(layer.marks.map((mark, k) => (k === i ? parsed.data : mark)));
  };
  const add = (mark: Mark) => {
    const others = look.layers.flatMap(({ marks }) => marks);
    put([...layer.marks, keptInPlace(mark, context.figure, [...others, ...layer.marks])]);
    onMark(layer.marks.length);
  };
  return (
    <fieldset className="text-sm">
      <legend className="label-line mb-1">Shapes</legend>
      {layer.marks.length === 0 && (
        <p className="muted mb-2">Without shapes the layer fills its areas.</p>
      )}
      {problem && <Alert className="mb-2">{problem}</Alert>}
      {layer.marks.map((mark, i) => (
        <details
          key={i}
          className={`mb-2 rounded border p-2 ${chosenMark === i ? "border-base-content" : "rule"}`}
          open={chosenMark === null ? i === layer.marks.length - 1 : chosenMark === i}
        >
          <summary className="cursor-pointer font-semibold" onClick={() => onMark(i)}>
            {markLabel(mark.kind)} {i + 1}
          </summary>
          <p className="muted mt-1 text-xs">
            With a ruler: {placement(mark, context.figure, mark.frame).words}.
            {chosenMark === i && <TapeWords mark={mark} figure={context.figure} />}
          </p>
          <MovesWith own={{ layer: layer.id, mark: i }} mark={mark} apply={apply} />
          <MarkFields mark={mark} onChange={(key, value) => change(i, key, value)} />
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => change(i, "seed", (mark.seed + 1) % 1_000_000)}
            >
              New variation
            </button>
            <button
              type="button"
              className="btn btn-sm"
              disabled={layer.marks.length >= MOST_MARKS}
              onClick={() => {
                const copy = moveMark(mark, point(mark.x, mark.y - COPY_MM)) ?? mark;
                put([...layer.marks, { ...copy, seed: (copy.seed + 1) % 1_000_000 }]);
                onMark(layer.marks.length);
              }}
            >
              Duplicate
            </button>
            {mark.kind === "path" && mark.points.length > MOST_HANDLED && (
              <button
                type="button"
                className="btn btn-sm"
                title="Through as few points as can be dragged one by one"
                onClick={() =>
                  put(layer.marks.map((old, k) => (k === i ? fewerPoints(mark) : old)))
                }
              >
                Edit its points
              </button>
            )}
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => {
                put(layer.marks.filter((_, k) => k !== i));
                onMark(null);
              }}
            >
              Remove
            </button>
          </div>
        </details>
      ))}
      {layer.marks.length > 1 && (
        <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Arrange">
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => put(alignMarks(layer.marks, "level"))}
          >
            All level
          </button>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => put(alignMarks(layer.marks, "plumb"))}
          >
            All in line
          </button>
          {layer.marks.length > 2 && (
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => put(distributeMarks(layer.marks))}
            >
              Spread evenly
            </button>
          )}
        </div>
      )}
      <LineAlong lines={lines} onMark={add} />
      <AlongCurve marks={layer.marks} chosen={chosenMark} lines={lines} onMarks={put} />
      <div className="mb-2 flex items-end gap-2">
        <label className="min-w-0 flex-1">
          <span className="label-line">Next shape</span>
          <Select
            value={kind}
            options={BY_NAME}
            labelOf={(key) => `${markLabel(key)}, difficulty ${markDifficulty(key)}`}
            onChange={setKind}
          />
        </label>
        <button
          type="button"
          className="btn"
          onClick={() =>
            add(
              place.isFace
                ? markAtHome(kind, face, place.at, layer.marks.length * 7 + 3)
                : { ...newMark(kind, place.at, layer.marks.length * 7 + 3), frame: place.frame },
            )
          }
        >
          Add it
        </button>
      </div>
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="btn btn-sm" onClick={() => add(browsByThreePoints(face))}>
          Brows by three points
        </button>
        <button
          type="button"
          className="btn btn-sm"
          aria-pressed={drawing}
          onClick={() => onDrawing(!drawing)}
        >
          {drawing ? "Draw on the face now" : "Draw a line by hand"}
        </button>
      </div>
    </fieldset>
  );
}

/** Every named field of a mark, each by what it is: the other side varies only where there is one. */
function MarkFields({
  mark,
  onChange,
}: {
  mark: Mark;
  onChange: (key: string, value: number | boolean | string) => void;
}) {
  const fields = shapeFields(mark.kind).filter(({ key }) => key !== "varied" || mark.mirrored);
  const values = new Map<string, unknown>(Object.entries(mark));
  return (
    <>
      {fields
        .filter(({ kind }) => kind === "text")
        .map(({ key, label }) => (
          <MarkText
            key={key}
            label={label}
            text={String(values.get(key))}
            onText={(text) => onChange(key, text)}
          />
        ))}
      <div className="mt-2 grid grid-cols-2 gap-2">
        {fields
          .filter(({ kind }) => kind === "number")
          .map(({ key, label, step, limits }) => (
            <label key={key} className="text-xs">
              {label}
              <NumberInput
                {...limits}
                step={step}
                className="input-sm"
                value={Number(values.get(key))}
                onChange={(next) => onChange(key, next)}
              />
            </label>
          ))}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {fields
          .filter(({ kind }) => kind === "flag")
          .map(({ key, label }) => (
            <label key={key} className="flex items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={values.get(key) === true}
                onChange={(event) => onChange(key, event.target.checked)}
              />
              {label}
            </label>
          ))}
      </div>
    </>
  );
}

/** The words of a mark, taken once they are some that can be painted. */
function MarkText({
  label,
  text,
  onText,
}: {
  label: string;
  text: string;
  onText: (text: string) => void;
}) {
  const [typed, setTyped] = useState(text);
  return (
    <label className="mt-2 block text-xs">
      {label}
      <input
        type="text"
        className="input input-sm"
        maxLength={24}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          onText(event.target.value);
        }}
      />
    </label>
  );
}

/** The same by a tape, where the skin curves away under the ruler. */
function TapeWords({ mark, figure }: { mark: Mark; figure: Figure }) {
  const words = tapeWords(mark, figure, mark.frame);
  return words ? <> From the midline {words}.</> : null;
}

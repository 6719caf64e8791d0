import { useState } from "react";
import { mirror, type Figure, type Point, type StrandName } from "@/core/anatomy";
import { duplicateAlong, markLabel, MarkSchema, pathAlong, type Mark } from "@/core/look";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";

/** As many shapes as a layer holds. */
export const MOST_MARKS = 60;

/** Lines of the face that a row of marks can follow. */
const CURVES: readonly (readonly [words: string, strand: StrandName])[] = [
  ["hairline", "hairline"],
  ["upper lash line", "upperLid"],
  ["lower lash line", "lowerLid"],
  ["crease of the lid", "crease"],
  ["upper edge of the brow", "browTop"],
  ["under the eye", "orbitLower"],
  ["cheekbone", "boneTop"],
  ["jaw", "jawTop"],
  ["upper lip", "lipTop"],
  ["between the lips", "lipLine"],
  ["lower lip", "lipBottom"],
];

/** Each line whole, from the person's right to their left, or of the left side alone where the two do not meet. */
export const curvesOf = (figure: Figure): ReadonlyMap<string, readonly Point[]> =>
  new Map(
    CURVES.map(([words, strand]) => {
      const left = figure.strand(strand, "left");
      const ordered = Math.abs(left[0]?.x ?? 99) < 0.5 ? left : [...left].reverse();
      return [
        words,
        Math.abs(ordered[0]?.x ?? 99) < 0.5
          ? [...ordered.map(mirror).reverse(), ...ordered.slice(1)]
          : ordered,
      ];
    }),
  );

/** Copies of the chosen mark in a row along a line of the face, or along the last line drawn by hand. */
export function AlongCurve({
  marks,
  chosen,
  curves,
  onMarks,
}: {
  marks: readonly Mark[];
  chosen: number | null;
  curves: ReadonlyMap<string, readonly Point[]>;
  onMarks: (marks: Mark[]) => void;
}) {
  const [curve, setCurve] = useState("hairline");
  const [count, setCount] = useState(7);
  const [lastPercent, setLastPercent] = useState(100);
  const drawn = marks.findLast((mark) => mark.kind === "path");
  const at = chosen ?? marks.length - 1;
  const mark = marks[at];
  if (!mark || mark.kind === "path") return null;
  const line =
    curve === "drawn" && drawn?.kind === "path"
      ? drawn.points.map(([x, y]) => ({ x: x + drawn.x, y: y + drawn.y }))
      : (curves.get(curve) ?? []);
  const room = MOST_MARKS - marks.length + 1;
  return (
    <fieldset className="mb-2 flex flex-wrap items-end gap-2 rounded border rule p-2">
      <legend className="px-1 text-xs font-semibold">
        A row of {markLabel(mark.kind)} {at + 1}
      </legend>
      <label className="min-w-28 flex-1 text-xs">
        along
        <select
          className="select select-sm"
          value={curve}
          onChange={(event) => setCurve(event.target.value)}
        >
          {[...curves.keys()].map((words) => (
            <option key={words} value={words}>
              {words}
            </option>
          ))}
          {drawn && <option value="drawn">the line drawn by hand</option>}
        </select>
      </label>
      <label className="w-20 text-xs">
        how many
        <NumberInput
          className="input-sm"
          least={2}
          most={30}
          whole
          value={count}
          onChange={setCount}
        />
      </label>
      <label className="w-24 text-xs">
        last one, % of this
        <NumberInput
          className="input-sm"
          least={20}
          most={300}
          step={10}
          value={lastPercent}
          onChange={setLastPercent}
        />
      </label>
      <button
        type="button"
        className="btn btn-sm"
        disabled={!(count >= 2 && count <= Math.min(30, room)) || line.length < 2}
        onClick={() =>
          onMarks([
            ...marks.slice(0, at),
            ...duplicateAlong(mark, line, Math.round(count), lastPercent / 100),
            ...marks.slice(at + 1),
          ])
        }
      >
        Repeat
      </button>
    </fieldset>
  );
}

/** A line drawn along one of the face, on both sides where it has two: liner on the lashes, an edge of the lips. */
export function LineAlong({
  curves,
  onMark,
}: {
  curves: ReadonlyMap<string, readonly Point[]>;
  onMark: (mark: Mark) => void;
}) {
  const [curve, setCurve] = useState("upper lash line");
  const [width, setWidth] = useState(1.5);
  const line = curves.get(curve) ?? [];
  return (
    <fieldset className="mb-2 flex flex-wrap items-end gap-2 rounded border rule p-2">
      <legend className="px-1 text-xs font-semibold">A line along the face</legend>
      <label className="min-w-28 flex-1 text-xs">
        follows
        <Select
          className="select-sm"
          value={curve}
          options={[...curves.keys()]}
          labelOf={(words) => words}
          onChange={setCurve}
        />
      </label>
      <label className="w-20 text-xs">
        width, mm
        <NumberInput
          className="input-sm"
          least={0.3}
          most={20}
          step={0.1}
          value={width}
          onChange={setWidth}
        />
      </label>
      <button
        type="button"
        className="btn btn-sm"
        disabled={line.length < 2}
        onClick={() => {
          const mark = MarkSchema.parse(pathAlong(line, width));
          onMark(line.every(({ x }) => x > 0) ? { ...mark, mirrored: true } : mark);
        }}
      >
        Add the line
      </button>
    </fieldset>
  );
}

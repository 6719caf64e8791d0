import { useState, type ReactNode } from "react";
import {
  FACE_LINE_NAMES,
  faceLine,
  mirror,
  type FaceLine,
  type FaceLineName,
  type Figure,
  type Point,
} from "@/core/anatomy";
import { cascadeAlong, markLabel, MarkSchema, pathAlong, type Mark } from "@/core/look";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";

/** As many shapes as a layer holds. */
export const MOST_MARKS = 60;

export type FaceLines = ReadonlyMap<FaceLineName, FaceLine>;

/** All that is painted by its name on this face. */
export const faceLinesOf = (figure: Figure): FaceLines =>
  new Map(FACE_LINE_NAMES.map((name) => [name, faceLine(name, figure)]));

const Group = ({ title, children }: { title: string; children: ReactNode }) => (
  <fieldset className="mb-2 flex flex-wrap items-end gap-2 rounded border rule p-2">
    <legend className="px-1 text-xs font-semibold">{title}</legend>
    {children}
  </fieldset>
);

/** How a row goes on below: how many rows, how far apart, how large the last. */
const ONE_ROW = { rows: 1, apartMm: 8, lastPercent: 60 };

/** Copies of the chosen mark in rows along a line of the face, or along the last line drawn by hand. */
export function AlongCurve({
  marks,
  chosen,
  lines,
  onMarks,
}: {
  marks: readonly Mark[];
  chosen: number | null;
  lines: FaceLines;
  onMarks: (marks: Mark[]) => void;
}) {
  const [curve, setCurve] = useState<FaceLineName | "drawn">("hairline");
  const [count, setCount] = useState(7);
  const [lastPercent, setLastPercent] = useState(100);
  const [cascade, setCascade] = useState(ONE_ROW);
  const drawn = marks.findLast((mark) => mark.kind === "path");
  const at = chosen ?? marks.length - 1;
  const mark = marks[at];
  if (!mark || mark.kind === "path") return null;
  const line: readonly Point[] =
    curve !== "drawn"
      ? (lines.get(curve)?.points ?? [])
      : drawn?.kind === "path"
        ? drawn.points.map(([x, y]) => ({ x: x + drawn.x, y: y + drawn.y }))
        : [];
  const open = [...lines].flatMap(([name, { closed }]) => (closed ? [] : [name]));
  const isPaired = curve !== "drawn" && lines.get(curve)?.isPaired === true;
  const copies = () => {
    const row = isPaired && mark.x < 0 ? line.map(mirror) : line;
    const placed = cascadeAlong(mark, row, Math.round(count), {
      rows: cascade.rows,
      apartMm: cascade.apartMm,
      lastScale: cascade.lastPercent / 100,
      lastInRow: lastPercent / 100,
    });
    return placed.slice(0, MOST_MARKS - marks.length + 1);
  };
  const asked = count * cascade.rows - Math.floor(cascade.rows / 2);
  return (
    <Group title={`A row of ${markLabel(mark.kind)} ${at + 1}`}>
      <label className="min-w-28 flex-1 text-xs">
        along
        <Select
          className="select-sm"
          value={curve}
          options={drawn ? [...open, "drawn" as const] : open}
          labelOf={(name) => (name === "drawn" ? "the line drawn by hand" : name)}
          onChange={setCurve}
        />
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
      <label className="w-20 text-xs">
        rows down
        <NumberInput
          className="input-sm"
          least={1}
          most={12}
          whole
          value={cascade.rows}
          onChange={(rows) => setCascade({ ...cascade, rows })}
        />
      </label>
      {cascade.rows > 1 && (
        <>
          <label className="w-24 text-xs">
            rows apart, mm
            <NumberInput
              className="input-sm"
              least={1}
              most={60}
              value={cascade.apartMm}
              onChange={(apartMm) => setCascade({ ...cascade, apartMm })}
            />
          </label>
          <label className="w-28 text-xs">
            last row, % of the first
            <NumberInput
              className="input-sm"
              least={20}
              most={300}
              step={10}
              value={cascade.lastPercent}
              onChange={(percent) => setCascade({ ...cascade, lastPercent: percent })}
            />
          </label>
        </>
      )}
      <button
        type="button"
        className="btn btn-sm"
        disabled={asked > MOST_MARKS - marks.length + 1 || line.length < 2}
        onClick={() => onMarks([...marks.slice(0, at), ...copies(), ...marks.slice(at + 1)])}
      >
        Repeat
      </button>
      {asked > MOST_MARKS - marks.length + 1 && (
        <p className="muted w-full text-xs">
          A layer holds {MOST_MARKS} shapes: these would be {asked + marks.length - 1}.
        </p>
      )}
    </Group>
  );
}

/** A line or a small area of the face, on both sides where it has two: liner on the lashes, the inner corner of an eye. */
export function LineAlong({ lines, onMark }: { lines: FaceLines; onMark: (mark: Mark) => void }) {
  const [name, setName] = useState<FaceLineName>("upper lash line");
  const [width, setWidth] = useState<number | null>(null);
  const line = lines.get(name);
  if (!line) return null;
  return (
    <Group title="A line or small area of the face">
      <label className="min-w-28 flex-1 text-xs">
        follows
        <Select
          className="select-sm"
          value={name}
          options={[...lines.keys()]}
          labelOf={(words) => words}
          onChange={(next) => {
            setName(next);
            setWidth(null);
          }}
        />
      </label>
      {!line.closed && (
        <label className="w-20 text-xs">
          width, mm
          <NumberInput
            className="input-sm"
            least={0.3}
            most={20}
            step={0.1}
            value={width ?? line.widthMm}
            onChange={setWidth}
          />
        </label>
      )}
      <button
        type="button"
        className="btn btn-sm"
        disabled={line.points.length < 2}
        onClick={() =>
          onMark(
            MarkSchema.parse({
              ...pathAlong(line.points, width ?? line.widthMm),
              closed: line.closed,
              mirrored: line.isPaired,
            }),
          )
        }
      >
        {line.closed ? "Add the area" : "Add the line"}
      </button>
    </Group>
  );
}

"use client";

import { useState } from "react";
import { MARK_KINDS, MarkSchema, markLabel, newMark, zonesOfMarks, type Layer, type LookPatch, type Mark, type MarkKind } from "@/core/look";
import { useWorking } from "@/parts/workspace/WorkspaceContext";

const LABELS: Readonly<Record<string, string>> = {
  x: "to the person's left of the midline, mm", y: "above the bridge of the nose, mm", turnDeg: "turn, °", lengthMm: "length, mm", widthMm: "line width, mm", spreadMm: "spread, mm",
  diameterMm: "diameter, mm", openDeg: "open below, °", rays: "rays", discShare: "disc, share of it", shortShare: "every second ray, share", outsetMm: "border all round, mm", branches: "branches", forks: "forks", pairs: "pairs of fronds", curl: "curl, -1 to 1", count: "spots", falloff: "smaller to the edge, 0 to 1",
};

/** Marks of a layer: each at its place in millimetres, drawn the same way every time by its seed. */
export function MarksEditor({ layer, apply }: { layer: Layer; apply: (patch: LookPatch) => boolean }) {
  const { context } = useWorking();
  const [problem, setProblem] = useState<string | null>(null);
  const put = (marks: Mark[]) => {
    const zones = zonesOfMarks(marks, context.figure);
    apply({ op: "changeLayer", id: layer.id, change: { marks, ...(zones.length && { zones }) } });
  };
  const change = (i: number, key: string, value: number | boolean) => {
    const parsed = MarkSchema.safeParse({ ...layer.marks[i], [key]: value });
    if (!parsed.success) return setProblem(parsed.error.issues[0]?.message ?? "not a size for a mark");
    setProblem(null);
    put(layer.marks.map((mark, k) => (k === i ? parsed.data : mark)));
  };
  const add = (kind: MarkKind) => put([...layer.marks, newMark(kind, { x: 34, y: -38 }, layer.marks.length * 7 + 3)]);
  return (
    <fieldset className="text-sm">
      <legend className="label-line mb-1">Marks</legend>
      {layer.marks.length === 0 && <p className="muted mb-2">Without marks the layer fills its zones.</p>}
      {problem && <p role="alert" className="mb-2 border-l-4 border-current pl-2 font-semibold">{problem}</p>}
      {layer.marks.map((mark, i) => (
        <details key={i} className="mb-2 rounded border rule p-2" open={i === layer.marks.length - 1}>
          <summary className="cursor-pointer font-semibold">{markLabel(mark.kind)} {i + 1}</summary>
          <div className="mt-2 grid grid-cols-2 gap-2">
            {Object.entries(mark).filter(([key]) => key in LABELS).map(([key, value]) => (
              <label key={key} className="text-xs">{LABELS[key]}<input type="number" step={key === "curl" || key === "falloff" || key.endsWith("Share") ? 0.1 : key === "widthMm" ? 0.1 : 1} className="input input-sm" value={Number(value)} onChange={(event) => { if (event.target.value !== "") change(i, key, Number(event.target.value)); }} /></label>
            ))}
          </div>
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <label className="flex items-center gap-2"><input type="checkbox" className="checkbox checkbox-sm" checked={mark.mirrored} onChange={(event) => change(i, "mirrored", event.target.checked)} />mirrored</label>
            <button type="button" className="btn btn-sm" onClick={() => change(i, "seed", (mark.seed + 1) % 1_000_000)}>Another one</button>
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => put(layer.marks.filter((_, k) => k !== i))}>Take out</button>
          </div>
        </details>
      ))}
      <div className="flex flex-wrap gap-1.5">{MARK_KINDS.map((kind) => <button key={kind} type="button" className="btn btn-sm" onClick={() => add(kind)}>Add {markLabel(kind)}</button>)}</div>
    </fieldset>
  );
}

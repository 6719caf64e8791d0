"use client";

import { useCallback, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { mirror, point, type Figure, type ZoneId } from "@/core/anatomy";
import { shapesOf, touched } from "@/core/look";
import { FindingsList } from "@/shared/workspace/FindingsList";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { sceneOf, VIEWS, type ViewKey } from "@/shared/figure/views";
import { AddGuide } from "./AddGuide";
import { AddLayer } from "./AddLayer";
import { AddRun } from "./AddRun";
import { FigureView } from "./FigureView";
import { LayerPanel } from "./LayerPanel";
import type { MarkTools } from "./MarksEditor";
import { ToDo } from "./ToDo";
import { StackPanel } from "./StackPanel";
import { useLayerEdits } from "./useLayerEdits";

/** Where a new mark goes in a view: beside the nose on a face, in the middle of anything else. From the side, it goes on the front. */
function placeIn(figure: Figure, view: ViewKey): MarkTools["place"] {
  const { frame } = VIEWS[view];
  // From above the face is not seen: on the scalp, half way from the hairline to the crown.
  if (view === "topOfHead") {
    const { trichion, vertex } = figure.landmarks;
    return { frame: "front", at: point(0, Math.round((trichion.y + vertex.y) / 2)) };
  }
  if (view === "face" || frame === null)
    return { frame: "front", at: point(34, -38), isFace: true };
  const { box } = sceneOf(figure, view);
  const at = point(Math.round(box.left + box.width / 2), -Math.round(box.top + box.height / 2));
  return { frame, at: frame === "back" ? mirror(at) : at };
}

/** The figure in the middle, the stack on one side, the chosen layer and the findings on the other. */
export function MapChapter() {
  const { look, context, findings, apply } = useWorking();
  const [chosen, setChosen] = useState<string | null>(
    look.layers.find((layer) => layer.role === "base")?.id ?? null,
  );
  const [adding, setAdding] = useState(false);
  const [running, setRunning] = useState(false);
  const [guiding, setGuiding] = useState(false);
  const [chosenMark, setChosenMark] = useState<number | null>(null);
  const [drawing, setDrawing] = useState(false);
  const [view, setView] = useState<ViewKey>("face");
  const place = useMemo(() => placeIn(context.figure, view), [context.figure, view]);
  const stored = look.layers.find(({ id }) => id === chosen) ?? null;
  // Shapes where this face has what they move with.
  const onFace = useMemo(() => touched(look, context), [look, context]);
  const isShapes = stored !== null && stored.marks.length > 0 && !stored.form;
  const placed = isShapes ? onFace.layers.find(({ id }) => id === chosen) : undefined;
  const layer = useMemo(
    () =>
      placed && stored
        ? { ...placed, marks: shapesOf(placed), ...(stored.fills && { zones: stored.zones }) }
        : stored,
    [placed, stored],
  );
  const choose = useCallback((id: string | null) => {
    setChosen(id);
    setChosenMark(null);
    setDrawing(false);
  }, []);
  useHotkeys("a", () => setAdding(true));
  const { remove, duplicate, move } = useLayerEdits(choose);
  const toggle = (zone: ZoneId) => {
    if (!layer) {
      setChosen(look.layers.findLast(({ zones }) => zones.includes(zone))?.id ?? null);
      return;
    }
    if ((layer.marks.length && !layer.fills) || layer.form || layer.locked) return;
    apply({
      op: "changeLayer",
      id: layer.id,
      change: {
        zones: layer.zones.includes(zone)
          ? layer.zones.filter((id) => id !== zone)
          : [...layer.zones, zone],
      },
    });
  };
  return (
    <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)] lg:grid-cols-[19rem_minmax(0,1fr)_21rem]">
      <StackPanel
        selected={chosen}
        onSelect={choose}
        onAdd={() => setAdding(true)}
        onMove={move}
        onRemove={remove}
      />
      <FigureView
        layer={layer}
        view={view}
        onView={setView}
        onZone={toggle}
        chosenMark={chosenMark}
        onMark={setChosenMark}
        drawing={drawing}
        onDrawing={setDrawing}
      />
      <div className="flex min-h-0 flex-col border-l rule">
        <div
          className="min-h-0 flex-1 lg:overflow-auto"
          tabIndex={0}
          role="group"
          aria-label="Properties"
        >
          {layer ? (
            <LayerPanel
              layer={layer}
              place={place}
              chosenMark={chosenMark}
              onMark={setChosenMark}
              drawing={drawing}
              onDrawing={setDrawing}
              onMove={(by) => move(layer.id, by)}
              onDuplicate={() => duplicate(layer)}
              onRemove={() => remove(layer)}
            />
          ) : (
            <p className="p-4">
              Choose a layer on the left, or{" "}
              <button type="button" className="link" onClick={() => setAdding(true)}>
                add one
              </button>
              .
            </p>
          )}
        </div>
        <ToDo />
        <section
          id="findings"
          aria-label="Findings"
          className="border-t-2 border-base-content p-4 lg:max-h-[38%] lg:overflow-auto"
          tabIndex={0}
        >
          <h2 className="mb-2 text-lg">
            Findings{" "}
            <span className="muted font-sans text-sm font-normal">{findings.length || ""}</span>
          </h2>
          <FindingsList onShow={(finding) => choose(finding.where.layerId ?? null)} />
        </section>
      </div>
      <AddLayer
        open={adding}
        onClose={() => setAdding(false)}
        onAdded={choose}
        onRun={() => setRunning(true)}
        onGuide={() => setGuiding(true)}
      />
      <AddGuide open={guiding} onClose={() => setGuiding(false)} onAdded={choose} />
      <AddRun open={running} layer={layer} onClose={() => setRunning(false)} onAdded={choose} />
    </div>
  );
}

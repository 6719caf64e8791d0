"use client";

import { useMemo } from "react";
import { placement, type ZoneId } from "@/core/anatomy";
import { LAMPS, underLampOf } from "@/core/colour";
import {
  hexOf,
  keptInPlace,
  markLabel,
  marksOn,
  MEANT_APART,
  readEdges,
  seeEdge,
  type Layer,
  type Mark,
  type SeenEdge,
} from "@/core/look";
import { FACE_BOX } from "@/shared/figure/FaceFigure";
import { sceneOf, VIEWS, type ViewKey } from "@/shared/figure/views";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { metresWords } from "./distances";
import { DueList, LostList } from "./FigureLists";
import { FigureSliders } from "./FigureSliders";
import { FigureStage } from "./FigureStage";
import { FigureTools } from "./FigureTools";
import { MarkHandles } from "./MarkHandles";
import { useFigureSwitches, type FigureSwitches } from "./useFigureSwitches";

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

/** The edges that a seat or a lamp loses, of those that are meant to be seen. */
function useLost({ away, lamp, metres }: FigureSwitches): readonly SeenEdge[] {
  const { look, context, prediction } = useWorking();
  return useMemo(
    () =>
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
}

/** How the marks of a layer are put back changed. */
function useMarksOf(layer: Layer | null) {
  const { context, apply } = useWorking();
  const put = (marks: Mark[]) => {
    if (layer)
      apply({ op: "changeLayer", id: layer.id, change: marksOn(layer, marks, context.figure) });
  };
  const change = (i: number, mark: Mark | null, copy = false) => {
    if (!layer) return;
    if (!mark) put(layer.marks.filter((_, k) => k !== i));
    else if (copy) put([...layer.marks, mark]);
    else put(layer.marks.map((old, k) => (k === i ? mark : old)));
  };
  return { put, change };
}

/** The figure with its switches: how far it is built, from where it is seen, in what light; and what that seat loses. */
export function FigureView(props: FigureViewProps) {
  const { layer, view, onView, onZone, chosenMark, onMark, drawing, onDrawing } = props;
  const { look, context, prediction } = useWorking();
  const say = useSay();
  const switches = useFigureSwitches();
  const { away, lamp, metres, expression, turned, photographed } = switches;
  const { frame } = VIEWS[view];
  const box = useMemo(
    () => (view === "face" ? FACE_BOX : sceneOf(context.figure, view).box),
    [context.figure, view],
  );
  const lost = useLost(switches);
  const marks = useMarksOf(layer);
  const film = layer?.zones
    .map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id))
    .find((entry) => entry);
  const mark = chosenMark === null ? undefined : layer?.marks[chosenMark];
  // While a finger may drag a mark, the figure does not scroll the page.
  const isHandled =
    layer &&
    !layer.locked &&
    frame &&
    (layer.marks.length > 0 || drawing) &&
    !away &&
    !turned &&
    !photographed &&
    expression === "rest";
  const seenFrom = `${say.sentence(metresWords(metres))}${lamp === "D65" ? "" : `, ${LAMPS[lamp].label}`}`;
  return (
    <section
      aria-label="Figure"
      className="order-first flex min-h-[28rem] flex-col bg-surround text-[#111] lg:order-none"
    >
      <FigureTools view={view} onView={onView} switches={switches} />
      {/* On a phone the figure has more than half of the height. */}
      <div className="flex min-h-0 flex-1 flex-col max-lg:min-h-[56dvh] max-lg:flex-none">
        <FigureStage
          layer={layer}
          view={view}
          switches={switches}
          seenFrom={seenFrom}
          lost={lost}
          onZone={onZone}
          box={box}
          overlay={
            isHandled && (
              <MarkHandles
                layer={layer}
                frame={frame}
                box={box}
                hex={film ? hexOf(underLampOf(film.colour, film.glow, lamp), lamp) : "#111111"}
                chosen={chosenMark}
                onChoose={onMark}
                onChange={marks.change}
                drawing={drawing}
                onDrawn={(drawn) => {
                  const others = look.layers.flatMap((other) => other.marks);
                  marks.put([...layer.marks, keptInPlace(drawn, context.figure, others)]);
                  onMark(layer.marks.length);
                  onDrawing(false);
                }}
              />
            )
          }
        />
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
      <DueList due={switches.due} after={switches.after} />
      <LostList edges={lost} seenFrom={seenFrom} />
      <FigureSliders switches={switches} />
    </section>
  );
}

"use client";

import { useMemo, useRef, type ReactNode } from "react";
import type { ZoneId } from "@/core/anatomy";
import type { Layer, SeenEdge } from "@/core/look";
import { FACE_BOX } from "@/shared/figure/FaceFigure";
import { LostMarks } from "@/shared/figure/LostMarks";
import { TurnedFigure } from "@/shared/figure/TurnedFigure";
import { useRelief } from "@/shared/figure/useRelief";
import { useSeen } from "@/shared/figure/useSeen";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { chartsOf, VIEWS, type ViewKey } from "@/shared/figure/views";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { OnPhotograph } from "./photograph/OnPhotograph";
import type { FigureSwitches } from "./useFigureSwitches";

/** The grey around the figure, the same in both themes. */
const SURROUND = "#8a8a89";

interface FigureStageProps {
  layer: Layer | null;
  view: ViewKey;
  switches: FigureSwitches;
  /** From where it is seen and in what light, in words. */
  seenFrom: string;
  lost: readonly SeenEdge[];
  onZone: (zone: ZoneId) => void;
  /** What is dragged on the figure, in its own millimetres. */
  overlay: ReactNode;
  box: {
    readonly left: number;
    readonly top: number;
    readonly width: number;
    readonly height: number;
  };
}

/** The figure itself: on the map, beside the mirror, from the seats, turned by hand, or on a photograph. */
export function FigureStage(props: FigureStageProps) {
  const { layer, view, switches, seenFrom, lost, onZone, overlay, box } = props;
  const { look, context, prediction } = useWorking();
  const { upTo, lamp, formLight, expression, after, whole, away, beside, metres } = switches;
  const plain = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const relief = useRelief(context.figure, chartsOf(view).body ?? chartsOf(view).head, formLight);
  const what = useMemo(
    () => ({ look, context, upTo, lamp, expression, view, after, relief }),
    [look, context, upTo, lamp, expression, view, after, relief],
  );
  const seen = useSeen(plain, canvas, {
    ...{ distanceM: metres, what, surround: SURROUND },
    on: away && !switches.photographed,
  });
  const title = `${look.name} on ${context.person.name}, ${VIEWS[view].words}, predicted colours`;
  const common = { view, look, context, prediction, upTo, whole, expression, formLight };
  if (switches.photographed) return <OnPhotograph key={context.person.id} switches={switches} />;
  if (switches.turned)
    return (
      <TurnedFigure
        className="relative min-h-0 flex-1"
        {...{ look, context, prediction, upTo, whole, lamp }}
        wholePerson={chartsOf(view).body !== null}
        title={`${look.name} on ${context.person.name}, predicted colours`}
        formLight={formLight === "flat" ? "above" : formLight}
      />
    );
  return (
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
          guides={switches.guides}
          selected={layer && (layer.fills || !layer.marks.length) && !away ? layer.zones : []}
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
            {view === "face" && lost.length > 0 && (
              <svg
                viewBox={`${FACE_BOX.left} ${FACE_BOX.top} ${FACE_BOX.width} ${FACE_BOX.height}`}
                className="pointer-events-none absolute inset-0 h-full w-full"
                preserveAspectRatio="xMidYMid meet"
                aria-hidden
              >
                <LostMarks edges={lost} figure={context.figure} />
              </svg>
            )}
          </>
        )}
      </div>
    </div>
  );
}

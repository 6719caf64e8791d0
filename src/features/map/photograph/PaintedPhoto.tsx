"use client";

import { useMemo, useRef, useState } from "react";
import { headTurnDeg, MOST_TURN_DEG, type PhotoPoints } from "@/core/photograph";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import type { BalanceBy, KeptPhoto } from "@/shared/photograph/keptPhoto";
import { usePaintedPhoto } from "@/shared/photograph/usePaintedPhoto";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import { Select } from "@/ui/Select";
import type { FigureSwitches } from "../useFigureSwitches";
import { BUTTON } from "./FindFace";

const BALANCES: Readonly<Record<BalanceBy, string>> = {
  taken: "as it was taken",
  skin: "by their skin on the card",
  card: "by a grey or white card in it",
};

const BALANCE_KEYS = Object.keys(BALANCES) as BalanceBy[];

/** The design and the same face bare, drawn out of sight: what a photograph is painted by, and judged by. */
export function Charts({
  drawings,
  upTo,
  switches,
}: {
  drawings: React.RefObject<HTMLDivElement | null>;
  upTo: number;
  switches: FigureSwitches;
}) {
  const { look, context, prediction } = useWorking();
  return (
    <div ref={drawings} aria-hidden className="invisible absolute size-0 overflow-hidden">
      {(["painted", "bare"] as const).map((kind) => (
        <div key={kind} data-paint={kind}>
          <ViewFigure
            id={`photo-${kind}`}
            view="face"
            {...{ look, context, prediction }}
            whole={switches.whole}
            title=""
            upTo={kind === "bare" ? 0 : upTo}
            formLight="flat"
            contours={false}
            hairless
            guides={{ hat: false }}
          />
        </div>
      ))}
    </div>
  );
}

interface PaintedPhotoProps {
  photo: KeptPhoto;
  points: PhotoPoints;
  switches: FigureSwitches;
  problem: string | null;
  onKeep: (photo: KeptPhoto) => void;
  onMove: () => void;
  onCheck: () => void;
  removal: React.ReactNode;
}

/** The photograph under the design as far as it is built. */
export function PaintedPhoto(props: PaintedPhotoProps) {
  const { photo, points, switches, problem, onKeep, onMove, onCheck, removal } = props;
  const { look, context, prediction } = useWorking();
  const { upTo, lamp, after } = switches;
  const [painted, setPainted] = useState(true);
  const shown = painted ? upTo : 0;
  const drawings = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const what = useMemo(
    () => ({ look, prediction, shown, lamp, after }),
    [look, prediction, shown, lamp, after],
  );
  const answer = usePaintedPhoto(drawings, canvas, {
    photo,
    figure: context.figure,
    skin: context.person.skin,
    what,
  });
  const turn = Math.round(headTurnDeg(points, context.figure.landmarks));
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <Charts drawings={drawings} upTo={shown} switches={switches} />
      <div className="relative min-h-0 flex-1">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${look.name} on a photograph of ${context.person.name}${shown ? "" : ", without paint"}`}
          aria-busy={!answer.fresh}
          data-settled={answer.fresh}
          className="absolute inset-0 size-full object-contain"
        />
        {!answer.value && (
          <div className="absolute inset-x-4 bottom-4 rounded bg-base-100 px-3 text-base-content">
            <Waiting answer={answer} doing="Painting the photograph" what="the photograph" />
          </div>
        )}
      </div>
      <div className="flex flex-col gap-2 p-3 text-sm">
        {Math.abs(turn) > MOST_TURN_DEG && (
          <Alert>
            The head is turned some {Math.abs(turn)}° to their {turn > 0 ? "left" : "right"}: what
            lies on the far side will be off. Take another one from the front.
          </Alert>
        )}
        {problem && <Alert>{problem}</Alert>}
        <div className="flex flex-wrap items-center gap-2">
          <button
            type="button"
            className={BUTTON}
            aria-pressed={!painted}
            onClick={() => setPainted(!painted)}
          >
            Without paint
          </button>
          <button type="button" className={BUTTON} onClick={onMove}>
            Move the points
          </button>
          <button type="button" className={BUTTON} onClick={onCheck}>
            Check it painted
          </button>
          <label className="flex items-center gap-1.5 font-bold">
            Colours
            <Select
              className="select-sm w-auto bg-[#f4f4f3] font-normal text-[#111]"
              value={photo.balance}
              options={BALANCE_KEYS}
              labelOf={(by) => BALANCES[by]}
              onChange={(balance) => {
                onKeep({ ...photo, balance });
                // Where the card is, the painter says.
                if (balance === "card") onMove();
              }}
            />
          </label>
          {removal}
        </div>
      </div>
    </div>
  );
}

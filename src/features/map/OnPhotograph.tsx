"use client";

import { useId, useMemo, useRef, useState } from "react";
import { PHOTO_LANDMARKS, point, type Point } from "@/core/anatomy";
import {
  FIRST_THREE,
  headTurnDeg,
  MOST_TURN_DEG,
  pointsFromThree,
  type FirstPoint,
  type PhotoPoints,
} from "@/core/photograph";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { LANDMARK_WORDS } from "@/shared/photograph/landmarkWords";
import { readPhoto, type BalanceBy, type KeptPhoto } from "@/shared/photograph/keptPhoto";
import { PhotoPoints as Points } from "@/shared/photograph/PhotoPoints";
import { useKeptPhoto, usePictureUrl } from "@/shared/photograph/useKeptPhoto";
import { usePaintedPhoto } from "@/shared/photograph/usePaintedPhoto";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import { Select } from "@/ui/Select";
import type { FigureSwitches } from "./useFigureSwitches";

const BUTTON = "btn btn-sm border-[#111] bg-[#f4f4f3] text-[#111]";
const BALANCES: Readonly<Record<BalanceBy, string>> = {
  taken: "as it was taken",
  skin: "by their skin on the card",
  card: "by a grey or white card in it",
};

const BALANCE_KEYS = Object.keys(BALANCES) as BalanceBy[];

/** Under this age somebody else has to agree to a picture. */
const OF_AGE = 16;

/** The design on a photograph of the very person: chosen, the face found on it, then painted. */
export function OnPhotograph({ switches }: { switches: FigureSwitches }) {
  const { context } = useWorking();
  const { person } = context;
  const { photo, ready, problem, setProblem, keep, drop } = useKeptPhoto(person.id);
  const [moving, setMoving] = useState(false);
  const needsConsent = person.ageYears < OF_AGE && !person.guardianConsent;
  if (needsConsent)
    return (
      <Middle>
        <p>
          {person.name} is under {OF_AGE}: a parent or guardian has to agree to a picture first.
          Tick it on their card under People.
        </p>
      </Middle>
    );
  if (!ready) return <Middle>Looking for their photograph …</Middle>;
  if (!photo)
    return (
      <Middle>
        <p>
          A photograph of {person.name} from the front: face at rest, hair back, even light, nothing
          painted. It stays in this browser and is never sent.
        </p>
        {problem && <Alert>{problem}</Alert>}
        <ChooseFile
          label="Choose a photograph"
          onFile={(file) =>
            void readPhoto(file)
              .then((read) => {
                setProblem(null);
                keep(read);
              })
              .catch((error: unknown) =>
                setProblem(error instanceof Error ? error.message : "It could not be read."),
              )
          }
        />
      </Middle>
    );
  const removal = (
    <button type="button" className={BUTTON} onClick={drop}>
      Delete the photograph
    </button>
  );
  if (!photo.points)
    return (
      <FindFace photo={photo} onFound={(points) => keep({ ...photo, points })} removal={removal} />
    );
  return moving ? (
    <MovePoints
      photo={photo}
      points={photo.points}
      onMove={(points) => keep({ ...photo, points })}
      onDone={() => setMoving(false)}
    />
  ) : (
    <PaintedPhoto
      photo={photo}
      points={photo.points}
      switches={switches}
      problem={problem}
      onKeep={keep}
      onMove={() => setMoving(true)}
      removal={removal}
    />
  );
}

function Middle({ children }: { children: React.ReactNode }) {
  return (
    <div className="m-auto flex max-w-md flex-col items-start gap-3 rounded bg-[#f4f4f3] p-5">
      {children}
    </div>
  );
}

function ChooseFile({ label, onFile }: { label: string; onFile: (file: File) => void }) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className={BUTTON}>
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
    </>
  );
}

/** Where the three points lie before anybody moved them: a face that fills the middle of the picture. */
const startOf = ({ width, height }: KeptPhoto): Record<FirstPoint, Point> => ({
  exocanthionRight: point(width * 0.36, height * 0.42),
  exocanthionLeft: point(width * 0.64, height * 0.42),
  menton: point(width * 0.5, height * 0.76),
});

/** The face is found by three points; all others follow from the card. */
function FindFace({
  photo,
  onFound,
  removal,
}: {
  photo: KeptPhoto;
  onFound: (points: PhotoPoints) => void;
  removal: React.ReactNode;
}) {
  const { context } = useWorking();
  const url = usePictureUrl(photo.picture);
  const [places, setPlaces] = useState(() => startOf(photo));
  const [problem, setProblem] = useState<string | null>(null);
  const find = () => {
    try {
      onFound(pointsFromThree(context.figure.landmarks, places));
    } catch (error) {
      setProblem(error instanceof RangeError ? error.message : "These points make no face.");
    }
  };
  if (!url) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      <Points
        {...{ url, places }}
        width={photo.width}
        height={photo.height}
        handles={FIRST_THREE}
        wordsOf={(handle) => LANDMARK_WORDS[handle]}
        onMove={(handle, to) => setPlaces({ ...places, [handle]: to })}
        hint="Put the three points on the outer eye corners and the lower edge of the chin. Their left is on the right."
      />
      {problem && <Alert>{problem}</Alert>}
      <div className="flex flex-wrap gap-2">
        <button type="button" className={BUTTON} onClick={find}>
          The face is there
        </button>
        {removal}
      </div>
    </div>
  );
}

function MovePoints({
  photo,
  points,
  onMove,
  onDone,
}: {
  photo: KeptPhoto;
  points: PhotoPoints;
  onMove: (points: PhotoPoints) => void;
  onDone: () => void;
}) {
  const url = usePictureUrl(photo.picture);
  if (!url) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      <Points
        url={url}
        width={photo.width}
        height={photo.height}
        handles={PHOTO_LANDMARKS}
        places={points}
        wordsOf={(handle) => LANDMARK_WORDS[handle]}
        onMove={(handle, to) => onMove({ ...points, [handle]: to })}
        hint="Drag what is off to where it belongs, or move it by arrow keys."
      />
      <div>
        <button type="button" className={BUTTON} onClick={onDone}>
          Back to the paint
        </button>
      </div>
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
  removal: React.ReactNode;
}

/** The photograph under the design as far as it is built. */
function PaintedPhoto(props: PaintedPhotoProps) {
  const { photo, points, switches, problem, onKeep, onMove, removal } = props;
  const { look, context, prediction } = useWorking();
  const { upTo, whole, lamp, after } = switches;
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
  const common = { view: "face", look, context, prediction, whole, title: "" } as const;
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div ref={drawings} aria-hidden className="invisible absolute size-0 overflow-hidden">
        {(["painted", "bare"] as const).map((kind) => (
          <div key={kind} data-paint={kind}>
            <ViewFigure
              id={`photo-${kind}`}
              {...common}
              upTo={kind === "bare" ? 0 : shown}
              formLight="flat"
              contours={false}
              hairless
              guides={{ hat: false }}
            />
          </div>
        ))}
      </div>
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
          <label className="flex items-center gap-1.5 font-bold">
            Colours
            <Select
              className="select-sm w-auto bg-[#f4f4f3] font-normal text-[#111]"
              value={photo.balance}
              options={BALANCE_KEYS}
              labelOf={(by) => BALANCES[by]}
              onChange={(balance) => onKeep({ ...photo, balance })}
            />
          </label>
          {removal}
        </div>
      </div>
    </div>
  );
}

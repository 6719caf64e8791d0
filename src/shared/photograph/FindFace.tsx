"use client";

import { useEffect, useId, useState } from "react";
import {
  PHOTO_LANDMARKS,
  point,
  type Landmarks,
  type PhotoLandmark,
  type Point,
} from "@/core/anatomy";
import {
  FIRST_THREE,
  hairlineByCard,
  pointsFromThree,
  type FirstPoint,
  type PhotoPoints,
} from "@/core/photograph";
import { readPhoto, type KeptPhoto } from "./keptPhoto";
import { lookingWords, useFaceFinder } from "./useFaceFinder";
import { LANDMARK_WORDS } from "./landmarkWords";
import { PhotoPoints as Points } from "./PhotoPoints";
import { usePictureUrl, type useKeptPhoto } from "./useKeptPhoto";
import { Alert } from "@/ui/Alert";

export const BUTTON = "btn btn-sm border-[#111] bg-[#f4f4f3] text-[#111]";

export function Middle({ children }: { children: React.ReactNode }) {
  return (
    <div className="m-auto flex max-w-md flex-col items-start gap-3 rounded bg-[#f4f4f3] p-5">
      {children}
    </div>
  );
}

/** A picture file, chosen by a button. */
export function ChooseFile({
  label,
  className = BUTTON,
  onFile,
}: {
  label: string;
  className?: string;
  onFile: (file: File) => void;
}) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className={className}>
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

/** What a photograph is wanted for, and the file; where it can't be read, why. */
export function ChoosePhoto({
  kept: { problem, setProblem, keep },
  label,
  words,
  children,
}: {
  kept: ReturnType<typeof useKeptPhoto>;
  label: string;
  words: string;
  children?: React.ReactNode;
}) {
  const read = async (file: File) => {
    try {
      keep(await readPhoto(file));
      setProblem(null);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : "It could not be read.");
    }
  };
  return (
    <Middle>
      <p>{words}</p>
      {problem && <Alert>{problem}</Alert>}
      <div className="flex flex-wrap gap-2">
        <ChooseFile label={label} onFile={(file) => void read(file)} />
        {children}
      </div>
    </Middle>
  );
}

/** Where the three points lie before anybody moved them: as on the photograph of the same face bare, or a face that fills the middle of the picture. */
function startOf({ width, height }: KeptPhoto, like: KeptPhoto | null): Record<FirstPoint, Point> {
  const put = (x: number, y: number) => point(width * x, height * y);
  const known = like?.points;
  if (!known)
    return {
      exocanthionRight: put(0.36, 0.42),
      exocanthionLeft: put(0.64, 0.42),
      menton: put(0.5, 0.76),
    };
  const carried = ({ x, y }: Point) => put(x / like.width, y / like.height);
  return {
    exocanthionRight: carried(known.exocanthionRight),
    exocanthionLeft: carried(known.exocanthionLeft),
    menton: carried(known.menton),
  };
}

interface FindFaceProps {
  photo: KeptPhoto;
  /** The face as the card has it. */
  face: Landmarks;
  /** The same face bare, where there is such a photograph. */
  like?: KeptPhoto | null;
  onFound: (points: PhotoPoints, doubts: readonly string[]) => void;
  removal: React.ReactNode;
}

/** The face is looked for, and where it is not found, or whoever knows better stops it, three points are put by hand. */
export function FindFace(props: FindFaceProps) {
  const { photo, face, onFound, removal } = props;
  const url = usePictureUrl(photo.picture);
  const [byHand, setByHand] = useState(false);
  const answer = useFaceFinder(byHand ? null : photo);
  const { value, error, fresh } = answer;
  useEffect(() => {
    if (fresh && value?.is === "found")
      onFound(hairlineByCard(value.found.points, face), value.found.doubts);
    // The answer is told once, whoever hears it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [value, fresh]);
  if (byHand || error !== null || value?.is === "not")
    return <ThreePoints {...props} why={error ?? (value?.is === "not" ? value.problem : null)} />;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      {url && <img src={url} alt="The photograph" className="min-h-0 flex-1 object-contain" />}
      <p role="status" className="rounded bg-[#f4f4f3] px-3 py-2">
        {lookingWords(value)} …
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className={BUTTON}
          onClick={() => {
            answer.cancel();
            setByHand(true);
          }}
        >
          Put the points by hand
        </button>
        {removal}
      </div>
    </div>
  );
}

/** The face by three points; all others follow from the card. */
function ThreePoints({
  photo,
  face,
  like,
  onFound,
  removal,
  why,
}: FindFaceProps & { why: string | null }) {
  const url = usePictureUrl(photo.picture);
  const [places, setPlaces] = useState(() => startOf(photo, like ?? null));
  const [problem, setProblem] = useState<string | null>(null);
  const find = () => {
    try {
      onFound(pointsFromThree(face, places), []);
    } catch (error) {
      setProblem(error instanceof RangeError ? error.message : "These points make no face.");
    }
  };
  if (!url) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      {why && !problem && <Alert>{why}</Alert>}
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

/** The points of a face, and the card that colours are taken by. */
export type PointOrCard = PhotoLandmark | "card";
export const WITH_CARD: readonly PointOrCard[] = ["card", ...PHOTO_LANDMARKS];
export const pointWords = (handle: PointOrCard): string =>
  handle === "card" ? "the grey or white card" : LANDMARK_WORDS[handle];

/** Every point of the face to be moved, and the card that the colours are taken by. */
export function MovePoints({
  photo,
  points,
  onMove,
  onCard,
  onDone,
}: {
  photo: KeptPhoto;
  points: PhotoPoints;
  onMove: (points: PhotoPoints) => void;
  /** Null where colours are not taken by a card. */
  onCard: ((card: Point) => void) | null;
  onDone: () => void;
}) {
  const url = usePictureUrl(photo.picture);
  if (!url) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      <div>
        <button type="button" className={BUTTON} onClick={onDone}>
          Back to the paint
        </button>
      </div>
      <Points<PointOrCard>
        url={url}
        width={photo.width}
        height={photo.height}
        handles={onCard ? WITH_CARD : PHOTO_LANDMARKS}
        places={{ ...points, card: photo.card }}
        wordsOf={pointWords}
        isAside={(handle) => handle === "card"}
        onMove={(handle, to) =>
          handle === "card" ? onCard?.(to) : onMove({ ...points, [handle]: to })
        }
        hint={`Drag what is off to where it belongs, or move it by arrow keys${onCard ? "; the dark point goes on the card" : ""}.`}
      />
    </div>
  );
}

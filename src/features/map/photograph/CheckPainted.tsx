"use client";

import { useMemo, useRef } from "react";
import { PHOTO_LANDMARKS } from "@/core/anatomy";
import type { PhotoPoints } from "@/core/photograph";
import type { KeptPhoto } from "@/shared/photograph/keptPhoto";
import { LANDMARK_WORDS } from "@/shared/photograph/landmarkWords";
import { PhotoPoints as Points } from "@/shared/photograph/PhotoPoints";
import { usePictureUrl, type useKeptPhoto } from "@/shared/photograph/useKeptPhoto";
import { PhotoCharts } from "@/shared/photograph/LookOnPhoto";
import { useInspection } from "@/shared/photograph/usePaintedPhoto";
import { Told } from "@/shared/say/Told";
import { Waiting } from "@/shared/workers/Waiting";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import type { FigureSwitches } from "../useFigureSwitches";
import { PhotoDoubts } from "./PhotoDoubts";
import { BUTTON, ChoosePhoto, FindFace, Middle } from "./FindFace";

/** A photograph of the painted face, measured against the plan as far as it is built. */
export function CheckPainted({
  kept,
  bare,
  switches,
  onDone,
}: {
  kept: ReturnType<typeof useKeptPhoto>;
  /** The photograph of the same face with nothing on it. */
  bare: KeptPhoto;
  switches: FigureSwitches;
  onDone: () => void;
}) {
  const { photo, ready, keep, drop } = kept;
  const back = (
    <button type="button" className={BUTTON} onClick={onDone}>
      Back to the paint
    </button>
  );
  if (!ready) return <Middle>Looking for the photograph …</Middle>;
  if (!photo)
    return (
      <ChoosePhoto
        kept={kept}
        label="Choose a photograph of it painted"
        words="A photograph of the painted face, from the front, in even light. It is measured against the design: bare and thin places, and colours that came out otherwise."
      >
        {back}
      </ChoosePhoto>
    );
  const removal = (
    <>
      <button type="button" className={BUTTON} onClick={drop}>
        Another photograph
      </button>
      {back}
    </>
  );
  return photo.points ? (
    <Checked {...{ photo, switches, removal }} points={photo.points} onKeep={keep} />
  ) : (
    <FindFace
      photo={photo}
      like={bare}
      onFound={(points, doubts) => keep({ ...photo, points, doubts })}
      removal={removal}
    />
  );
}

function Checked({
  photo,
  points,
  switches,
  onKeep,
  removal,
}: {
  photo: KeptPhoto;
  points: PhotoPoints;
  switches: FigureSwitches;
  onKeep: (photo: KeptPhoto) => void;
  removal: React.ReactNode;
}) {
  const { look, context, prediction } = useWorking();
  const { upTo, whole } = switches;
  const url = usePictureUrl(photo.picture);
  const drawings = useRef<HTMLDivElement>(null);
  const what = useMemo(() => ({ look, prediction, upTo }), [look, prediction, upTo]);
  const skin = context.person.skin;
  const answer = useInspection(drawings, { photo, figure: context.figure, skin, what });
  const { value } = answer;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      <PhotoDoubts photo={photo} points={points} />
      <PhotoCharts {...{ drawings, look, context, prediction, upTo }} whole={whole} />
      <section aria-label="What the photograph shows" className="rounded bg-[#f4f4f3] p-3">
        {!value && (
          <Waiting answer={answer} doing="Measuring the photograph" what="the photograph" />
        )}
        {value?.length === 0 && <p>As planned, as far as a photograph can tell.</p>}
        {value && value.length > 0 && (
          <ul className="flex list-disc flex-col gap-1 pl-5">
            {value.map(({ message, toDo }) => (
              <li key={message}>
                <Told>{message}</Told> <em>{toDo}</em>
              </li>
            ))}
          </ul>
        )}
        <p className="mt-2 text-sm">
          A photograph can’t tell gloss, nor how dark a colour is, nor paint of the skin’s own hue;
          lips and lids are left out.
        </p>
      </section>
      <div className="flex flex-wrap gap-2">{removal}</div>
      {url && (
        <Points
          url={url}
          width={photo.width}
          height={photo.height}
          handles={PHOTO_LANDMARKS}
          places={points}
          wordsOf={(handle) => LANDMARK_WORDS[handle]}
          onMove={(handle, to) => onKeep({ ...photo, points: { ...points, [handle]: to } })}
          hint="A point that is off makes places look bare that are not: drag it to where it belongs."
          className="max-w-sm self-center"
        />
      )}
    </div>
  );
}

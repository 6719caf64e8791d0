"use client";

import { useMemo, useRef, type ReactNode } from "react";
import { PHOTO_LANDMARKS } from "@/core/anatomy";
import {
  LEAST_OFF_MM,
  ontoPhoto,
  plannedShapes,
  type Inspection,
  type Nearness,
  type Seen,
} from "@/core/inspect";
import type { PhotoPoints } from "@/core/photograph";
import { Told } from "@/shared/say/Told";
import { Waiting } from "@/shared/workers/Waiting";
import { BalanceChoice } from "./BalanceChoice";
import {
  BUTTON,
  ChoosePhoto,
  FindFace,
  Middle,
  pointWords,
  WITH_CARD,
  type PointOrCard,
} from "./FindFace";
import type { BalanceBy, KeptPhoto } from "./keptPhoto";
import { PhotoCharts, type Drawn } from "./LookOnPhoto";
import { PhotoDoubts } from "./PhotoDoubts";
import { PhotoPoints as Points } from "./PhotoPoints";
import { usePictureUrl, type useKeptPhoto } from "./useKeptPhoto";
import { useInspection } from "./usePaintedPhoto";

/** Painted skin is no measure of a light. */
const WAYS: readonly BalanceBy[] = ["taken", "card"];

interface CheckPaintedProps extends Drawn {
  kept: ReturnType<typeof useKeptPhoto>;
  /** The photograph of the same face with nothing on it, where there is one. */
  bare: KeptPhoto | null;
  onDone: () => void;
  doneWords?: string;
  /** What else can be done with what was seen. */
  extra?: (inspection: Inspection) => ReactNode;
}

/** A photograph of the painted face, measured against the plan as far as it is built. */
export function CheckPainted(props: CheckPaintedProps) {
  const { kept, bare, context, onDone, doneWords = "Back to the paint" } = props;
  const { photo, ready, keep, drop } = kept;
  const back = (
    <button type="button" className={BUTTON} onClick={onDone}>
      {doneWords}
    </button>
  );
  if (!ready) return <Middle>Looking for the photograph …</Middle>;
  if (!photo)
    return (
      <ChoosePhoto
        kept={kept}
        label="Choose a photograph of it painted"
        words="A photograph of the painted face, from the front, in even light. It is measured against the design: bare, thin and streaky places, colours that came out otherwise, shapes that sit elsewhere, and left against right."
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
    <Checked {...props} {...{ photo, removal }} points={photo.points} />
  ) : (
    <FindFace
      photo={photo}
      face={context.figure.landmarks}
      like={bare}
      onFound={(points, doubts) => keep({ ...photo, points, doubts })}
      removal={removal}
    />
  );
}

interface CheckedProps extends CheckPaintedProps {
  photo: KeptPhoto;
  points: PhotoPoints;
  removal: ReactNode;
}

function Checked({ photo, points, kept: { keep }, removal, extra, ...drawn }: CheckedProps) {
  const { look, context, prediction, upTo, whole } = drawn;
  const { landmarks } = context.figure;
  const url = usePictureUrl(photo.picture);
  const drawings = useRef<HTMLDivElement>(null);
  const nearness: Nearness = photo.isChecked ? "checked" : "found";
  const what = useMemo(
    () => ({
      shapes: plannedShapes(look, upTo ?? look.layers.length, context.figure),
      nearness,
      prediction,
      whole,
    }),
    [look, upTo, context.figure, nearness, prediction, whole],
  );
  const skin = context.person.skin;
  const answer = useInspection(drawings, { photo, figure: context.figure, skin, what });
  const { value } = answer;
  const onto = useMemo(() => ontoPhoto(points, landmarks), [points, landmarks]);
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
      <PhotoDoubts photo={photo} points={points} face={landmarks} />
      <PhotoCharts {...{ drawings, look, context, prediction, upTo, whole }} />
      <section
        data-theme="studio"
        aria-label="What the photograph shows"
        className="rounded bg-[#f4f4f3] p-3 text-[#111]"
      >
        {!value && (
          <Waiting answer={answer} doing="Measuring the photograph" what="the photograph" />
        )}
        {value?.seen.length === 0 && (
          <p>
            {value.isMeasured
              ? "As planned, as far as a photograph can tell."
              : "Nothing painted so far can be told from skin on a photograph."}
          </p>
        )}
        {value && value.seen.length > 0 && <SeenList seen={value.seen} />}
        <p className="mt-2 text-sm">
          A photograph can’t tell gloss, nor how dark a colour is, nor paint of the skin’s own hue;
          lips and lids are left out.
        </p>
        <label className="mt-1 flex min-h-10 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={photo.isChecked ?? false}
            onChange={(event) => keep({ ...photo, isChecked: event.target.checked })}
          />
          <span>
            I’ve checked every point below: measure shapes to {LEAST_OFF_MM.checked} mm instead of{" "}
            {LEAST_OFF_MM.found}
          </span>
        </label>
      </section>
      <div className="flex flex-wrap items-center gap-2">
        {value && answer.fresh && extra?.(value)}
        {removal}
        <BalanceChoice
          value={photo.balance}
          ways={WAYS}
          onChange={(balance) => keep({ ...photo, balance })}
        />
      </div>
      {url && (
        <Points<PointOrCard>
          url={url}
          width={photo.width}
          height={photo.height}
          handles={photo.balance === "card" ? WITH_CARD : PHOTO_LANDMARKS}
          places={{ ...points, card: photo.card }}
          wordsOf={pointWords}
          isAside={(handle) => handle === "card"}
          onMove={(handle, to) =>
            keep(
              handle === "card"
                ? { ...photo, card: to }
                : { ...photo, points: { ...points, [handle]: to } },
            )
          }
          hint="A point that is off makes places look bare that are not: drag it to where it belongs."
          className="w-full max-w-md self-center"
        >
          {value?.seen.flatMap(({ at }, i) =>
            at.map((p, k) => <Numbered key={`${i} ${k}`} n={i + 1} at={onto(p)} photo={photo} />),
          )}
        </Points>
      )}
    </div>
  );
}

function SeenList({ seen }: { seen: readonly Seen[] }) {
  return (
    <ol className="flex list-decimal flex-col gap-1 pl-6">
      {seen.map(({ message, toDo, isSure }) => (
        <li key={message}>
          <Told>{message}</Told> <em>{toDo}</em>
          {!isSure && <span className="text-sm"> A close call: look again first.</span>}
        </li>
      ))}
    </ol>
  );
}

interface NumberedProps {
  readonly n: number;
  readonly at: { readonly x: number; readonly y: number };
  readonly photo: Pick<KeptPhoto, "width" | "height">;
}

/** The number of a finding, on the photograph. */
function Numbered({ n, at, photo }: NumberedProps) {
  const size = Math.max(photo.width, photo.height) / 45;
  return (
    <g aria-hidden transform={`translate(${at.x} ${at.y})`}>
      <circle r={size} fill="#111" stroke="#fff" strokeWidth={size / 8} />
      <text
        fill="#fff"
        fontSize={size * 1.2}
        fontWeight={700}
        textAnchor="middle"
        dominantBaseline="central"
      >
        {n}
      </text>
    </g>
  );
}

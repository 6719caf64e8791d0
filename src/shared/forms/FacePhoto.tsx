"use client";

import { Alert } from "@/ui/Alert";
import { useMemo, useState } from "react";
import { IRIS_MM, IRIS_SPREAD, type FaceFound } from "@/core/photograph";
import { ChooseFile } from "@/shared/photograph/FindFace";
import { readPhoto, type KeptPhoto } from "@/shared/photograph/keptPhoto";
import { lookingWords, useFaceFinder } from "@/shared/photograph/useFaceFinder";
import { usePictureUrl } from "@/shared/photograph/useKeptPhoto";
import { useFormContext } from "react-hook-form";
import {
  defaultFace,
  distance,
  faceFromPhoto,
  PHOTO_LANDMARKS,
  point,
  type PhotoLandmark,
  type Point,
} from "@/core/anatomy";
import { useErrorOf } from "./controls";
import { LANDMARK_WORDS } from "@/shared/photograph/landmarkWords";
import { PhotoPoints } from "@/shared/photograph/PhotoPoints";
import { NumberInput } from "@/ui/NumberInput";

/** A stretch of a ruler held beside a face. */
const USUAL_SCALE_MM = 50;

type Handle = PhotoLandmark | "scaleFrom" | "scaleTo";
const HANDLES: readonly Handle[] = ["scaleFrom", "scaleTo", ...PHOTO_LANDMARKS];
const wordsOf = (handle: Handle) =>
  handle === "scaleFrom"
    ? "one end of the scale"
    : handle === "scaleTo"
      ? "other end of the scale"
      : LANDMARK_WORDS[handle];

type Places = Readonly<Record<Handle, Point>>;

/** Where the points lie before anybody has moved them: an average face filling the middle of the picture. */
function startPlaces({ width, height }: Pick<KeptPhoto, "width" | "height">): Places {
  const face = defaultFace();
  const perMm = Math.min(width / 190, height / 260);
  const put = (p: Point) => point(width / 2 + p.x * perMm, height * 0.5 - (p.y + 25) * perMm);
  return {
    ...(Object.fromEntries(PHOTO_LANDMARKS.map((name) => [name, put(face[name])])) as Record<
      PhotoLandmark,
      Point
    >),
    scaleFrom: put(point(-25, -150)),
    scaleTo: put(point(25, -150)),
  };
}

/** The face as it was found, and a scale between the pupils: by the iris, until a ruler in the picture is better. */
function foundPlaces({ points, pixelsPerMm }: FaceFound): { places: Places; mm: number | null } {
  const { pupilRight: scaleFrom, pupilLeft: scaleTo } = points;
  return {
    places: { ...points, scaleFrom, scaleTo },
    mm: pixelsPerMm && Math.round((10 * distance(scaleFrom, scaleTo)) / pixelsPerMm) / 10,
  };
}

/** Landmarks found, or dragged, over a photograph that never leaves this browser: their places in mm draw the person's face. */
export function FacePhoto({ at }: { at: "" | "person." }) {
  const { setValue, watch } = useFormContext();
  const landmarks = watch(`${at}landmarks`) as object | null | undefined;
  // Measures changed by hand afterwards may no longer be those of the landmarks.
  const refused = useErrorOf(`${at}landmarks`);
  const [photo, setPhoto] = useState<KeptPhoto | null>(null);
  const [moved, setMoved] = useState<Places | null>(null);
  const [typedMm, setTypedMm] = useState<number | null>(null);
  const [byHand, setByHand] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const url = usePictureUrl(photo?.picture ?? null);
  const search = useFaceFinder(byHand ? null : photo);
  const found = search.fresh && search.value?.is === "found" ? search.value.found : null;
  const why =
    search.error ?? (search.fresh && search.value?.is === "not" ? search.value.problem : null);
  const first = useMemo(() => {
    if (!photo) return null;
    if (byHand || why !== null) return { places: startPlaces(photo), mm: null };
    return found && foundPlaces(found);
  }, [photo, byHand, why, found]);
  const places = moved ?? first?.places ?? null;
  const mm = typedMm ?? first?.mm ?? USUAL_SCALE_MM;
  const told = problem ?? (byHand ? null : why) ?? (found?.doubts.join(" ") || null);

  const open = async (file: File) => {
    try {
      const next = await readPhoto(file);
      setProblem(null);
      setMoved(null);
      setTypedMm(null);
      setByHand(false);
      setPhoto(next);
    } catch (reason) {
      setProblem(reason instanceof Error ? reason.message : "It could not be read.");
    }
  };
  const use = () => {
    if (!places) return;
    try {
      const { measures, landmarks: found } = faceFromPhoto(places, {
        from: places.scaleFrom,
        to: places.scaleTo,
        mm,
      });
      setValue(`${at}measures`, measures, { shouldDirty: true, shouldValidate: true });
      setValue(
        `${at}landmarks`,
        Object.fromEntries(
          PHOTO_LANDMARKS.map((name) => [name, [round(found[name].x), round(found[name].y)]]),
        ),
        { shouldDirty: true, shouldValidate: true },
      );
      setProblem(null);
      setPhoto(null);
    } catch (error) {
      setProblem(error instanceof RangeError ? error.message : "These points make no face.");
    }
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <ChooseFile
          className="btn"
          label={landmarks ? "Landmarks from another photograph" : "Landmarks from a photograph"}
          onFile={(file) => void open(file)}
        />
        {landmarks ? (
          <>
            <span className="text-sm">{Object.keys(landmarks).length} landmarks are set.</span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => setValue(`${at}landmarks`, null, { shouldDirty: true })}
            >
              Forget them
            </button>
          </>
        ) : (
          <span className="muted text-sm">
            Facing the camera, a ruler or coin held beside the face. The picture stays in this
            browser.
          </span>
        )}
      </div>
      {(told ?? refused) && (
        <Alert>{told ?? `${refused}. Drag the points again, or forget them.`}</Alert>
      )}
      {photo && !places && (
        <p role="status" className="flex flex-wrap items-center gap-3">
          {lookingWords(search.value)} …
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => {
              search.cancel();
              setByHand(true);
            }}
          >
            Put the points by hand
          </button>
        </p>
      )}
      {photo && places && url && (
        <>
          <PhotoPoints
            {...{ url, places }}
            width={photo.width}
            height={photo.height}
            handles={HANDLES}
            wordsOf={wordsOf}
            isAside={(handle) => handle.startsWith("scale")}
            onMove={(handle, to) => setMoved({ ...places, [handle]: to })}
            hint="Drag each point to where it belongs: the person's left is on the right of the picture."
          >
            <ScaleLine {...places} size={Math.max(photo.width, photo.height) / 100} />
          </PhotoPoints>
          {first?.mm && typedMm === null && (
            <p className="text-sm">
              The scale is by the iris, {IRIS_MM} mm across on nearly everybody, so sizes may be{" "}
              {Math.round(100 * IRIS_SPREAD)} % off. With a ruler in the picture, drag the ends of
              the scale to it and type the distance.
            </p>
          )}
          <div className="flex flex-wrap items-end gap-3">
            <label className="text-sm">
              <span className="label-line">Between the ends of the scale, mm</span>
              <NumberInput className="w-32" least={1} unit="mm" value={mm} onChange={setTypedMm} />
            </label>
            <button type="button" className="btn btn-primary" onClick={use}>
              Take the face from these points
            </button>
            <button type="button" className="btn btn-ghost" onClick={() => setPhoto(null)}>
              Cancel
            </button>
          </div>
        </>
      )}
    </div>
  );
}

const round = (value: number) => Math.round(value * 10) / 10;

/** The known distance, drawn over the photograph. */
function ScaleLine({
  scaleFrom,
  scaleTo,
  size,
}: Pick<Places, "scaleFrom" | "scaleTo"> & { size: number }) {
  const ends = { x1: scaleFrom.x, y1: scaleFrom.y, x2: scaleTo.x, y2: scaleTo.y };
  return (
    <>
      <line {...ends} stroke="#fff" strokeWidth={size * 0.5} />
      <line {...ends} stroke="#111" strokeWidth={size * 0.2} />
    </>
  );
}

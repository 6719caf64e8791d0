"use client";

import { Alert } from "@/ui/Alert";
import { useEffect, useId, useState } from "react";
import { useFormContext } from "react-hook-form";
import {
  defaultFace,
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

type Handle = PhotoLandmark | "scaleFrom" | "scaleTo";
const HANDLES: readonly Handle[] = ["scaleFrom", "scaleTo", ...PHOTO_LANDMARKS];
const wordsOf = (handle: Handle) =>
  handle === "scaleFrom"
    ? "one end of the scale"
    : handle === "scaleTo"
      ? "other end of the scale"
      : LANDMARK_WORDS[handle];

interface Photo {
  readonly url: string;
  readonly width: number;
  readonly height: number;
}
type Places = Readonly<Record<Handle, Point>>;

/** Where the points lie before anybody has moved them: an average face filling the middle of the picture. */
function startPlaces({ width, height }: Photo): Places {
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

/** Landmarks dragged over a photograph that never leaves this browser: their places in mm draw the person's face. */
export function FacePhoto({ at }: { at: "" | "person." }) {
  const { setValue, watch } = useFormContext();
  const landmarks = watch(`${at}landmarks`) as object | null | undefined;
  // Measures changed by hand afterwards may no longer be those of the landmarks.
  const refused = useErrorOf(`${at}landmarks`);
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [places, setPlaces] = useState<Places | null>(null);
  const [mm, setMm] = useState(50);
  const [problem, setProblem] = useState<string | null>(null);
  const input = useId();
  useEffect(
    () => () => {
      if (photo) URL.revokeObjectURL(photo.url);
    },
    [photo],
  );

  const open = (file: File | undefined) => {
    if (!file) return;
    const url = URL.createObjectURL(file);
    const image = new Image();
    image.onload = () => {
      const next = { url, width: image.naturalWidth, height: image.naturalHeight };
      setProblem(null);
      setPhoto(next);
      setPlaces(startPlaces(next));
    };
    image.onerror = () => {
      URL.revokeObjectURL(url);
      setProblem("This file is not a picture that can be shown. Take a JPEG, PNG or WebP.");
    };
    image.src = url;
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
        <label htmlFor={input} className="btn">
          {landmarks ? "Landmarks from another photograph" : "Landmarks from a photograph"}
        </label>
        <input
          id={input}
          type="file"
          accept="image/*"
          className="sr-only"
          onChange={(event) => {
            open(event.target.files?.[0]);
            event.target.value = "";
          }}
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
      {(problem ?? refused) && (
        <Alert>{problem ?? `${refused}. Drag the points again, or forget them.`}</Alert>
      )}
      {photo && places && (
        <>
          <PhotoPoints
            {...photo}
            handles={HANDLES}
            places={places}
            wordsOf={wordsOf}
            isAside={(handle) => handle.startsWith("scale")}
            onMove={(handle, to) => setPlaces({ ...places, [handle]: to })}
            hint="Drag each point to where it belongs: the person's left is on the right of the picture."
          >
            <ScaleLine {...places} size={Math.max(photo.width, photo.height) / 100} />
          </PhotoPoints>
          <div className="flex flex-wrap items-end gap-3">
            <label className="text-sm">
              <span className="label-line">Between the ends of the scale, mm</span>
              <NumberInput className="w-32" least={1} unit="mm" value={mm} onChange={setMm} />
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

"use client";

import { useMemo, useRef, type RefObject } from "react";
import type { LampKey } from "@/core/colour";
import type { Look, LookContext, Prediction } from "@/core/look";
import type { FaceFigureProps } from "@/shared/figure/FaceFigure";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { Waiting } from "@/shared/workers/Waiting";
import type { KeptPhoto } from "./keptPhoto";
import { usePaintedPhoto, type PhotoSeen } from "./usePaintedPhoto";

export interface Drawn {
  readonly look: Look;
  readonly context: LookContext;
  readonly prediction: Prediction;
  /** So many layers from the first. */
  readonly upTo?: number | undefined;
  /** After some hours of wear. */
  readonly whole?: FaceFigureProps["whole"];
  /** Under a lamp; by day where nothing is said. */
  readonly lamp?: LampKey;
}

/** The design and the same face bare, drawn out of sight: what a photograph is painted by, and judged by. */
export function PhotoCharts({
  drawings,
  upTo,
  ...drawn
}: Drawn & { drawings: RefObject<HTMLDivElement | null> }) {
  return (
    <div ref={drawings} aria-hidden className="invisible absolute size-0 overflow-hidden">
      {(["painted", "bare"] as const).map((kind) => (
        <div key={kind} data-paint={kind}>
          <ViewFigure
            id={`photo-${kind}`}
            view="face"
            {...drawn}
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

const IN_THE_MIRROR: PhotoSeen = { lamp: "D65", fromM: null };

interface LookOnPhotoProps extends Drawn {
  readonly photo: KeptPhoto;
  readonly label: string;
  readonly seen?: PhotoSeen;
}

/** A look as it will be, on a photograph of the very person. */
export function LookOnPhoto({ photo, label, seen = IN_THE_MIRROR, ...drawn }: LookOnPhotoProps) {
  const { look, context, prediction, upTo, whole } = drawn;
  const drawings = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const what = useMemo(
    () => ({ design: { look, prediction, upTo, whole }, seen }),
    [look, prediction, upTo, whole, seen],
  );
  const answer = usePaintedPhoto(drawings, canvas, {
    photo,
    figure: context.figure,
    skin: context.person.skin,
    what,
  });
  return (
    <>
      <PhotoCharts drawings={drawings} {...drawn} lamp={seen.lamp} />
      <div className="relative min-h-0 flex-1">
        <canvas
          ref={canvas}
          role="img"
          aria-label={label}
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
    </>
  );
}

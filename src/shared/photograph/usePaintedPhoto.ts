"use client";

import { useEffect, useMemo, useState, type RefObject } from "react";
import { centroid, PHOTO_LANDMARKS, thinPlate, type Figure, type Point } from "@/core/anatomy";
import type { Inspection, Nearness, PlannedShape, ReferenceArea } from "@/core/inspect";
import { lightOfCode } from "@/core/anatomy/surface";
import { hexToLab, reflectanceFromLab, type LampKey } from "@/core/colour";
import { hexOf } from "@/core/look";
import { AS_TAKEN, type Balance, type PhotoPoints } from "@/core/photograph";
import { bytesOf, showPicture, takePicture } from "@/shared/figure/takePicture";
import { useAnswer, type Answer, type Ask } from "@/shared/workers/useAnswer";
import type { BalanceOf, PaintedPhoto, PhotographWorker } from "@/workers/photograph";
import { pixelsOf, type KeptPhoto } from "./keptPhoto";

const photographWorker = () =>
  new Worker(new URL("../../workers/photograph.ts", import.meta.url), { type: "module" });

/** Pixels across the chart that colours are taken from. */
const CHART_PX = 900;
/** Where skin is looked at for its colour: broad, and seldom in shade. */
const SKIN_AT = ["forehead", "cheekAppleLeft", "cheekAppleRight"] as const;

interface Question<What = unknown> {
  readonly photo: KeptPhoto;
  readonly points: PhotoPoints;
  readonly figure: Figure;
  readonly skin: string;
  /** Anything that changes with the design. */
  readonly what: What;
}

/** Middles of broad skin, on the photograph. */
function skinOn(points: PhotoPoints, figure: Figure): Point[] {
  const onto = thinPlate(
    PHOTO_LANDMARKS.map((name) => figure.landmarks[name]),
    PHOTO_LANDMARKS.map((name) => points[name]),
  );
  return SKIN_AT.map((zone) => onto(centroid(figure.zone(zone).polygon)));
}

function balanceOf({ photo, points, figure, skin }: Question): BalanceOf {
  if (photo.balance === "card") return { by: "card", at: photo.card };
  if (photo.balance === "taken") return { by: "taken" };
  return {
    by: "skin",
    skin: bytesOf(skin),
    at: skinOn(points, figure),
  };
}

/** The design and the same face bare, as they are drawn, hidden, beside the photograph. */
async function chartsOf(drawings: HTMLElement | null) {
  const [painted, bare] = await Promise.all(
    (["painted", "bare"] as const).map((kind) => {
      const svg = drawings?.querySelector<SVGSVGElement>(`[data-paint=${kind}] > svg`);
      if (!svg) throw new Error("The figure could not be drawn.");
      return takePicture(svg, CHART_PX);
    }),
  );
  if (!painted || !bare) throw new Error("The figure could not be drawn.");
  return { painted, bare };
}

/** What is looked for on a photograph of the painted face. */
interface ToInspect {
  readonly shapes: readonly PlannedShape[];
  readonly nearness: Nearness;
}

/** Asks what a photograph of the painted face shows that the plan has otherwise. */
function inspecting(
  drawings: () => HTMLElement | null,
): Ask<PhotographWorker, Question<ToInspect>, Inspection> {
  return async (api, question) => {
    const { photo, points, figure, what } = question;
    await api.load(await pixelsOf(photo), points, figure.landmarks);
    return api.inspect(await chartsOf(drawings()), balanceOf(question), {
      ...{ shapes: what.shapes, nearness: what.nearness },
      ...{ face: figure.landmarks, physique: figure.physique },
    });
  };
}

/** What a photograph of the painted face shows, against the plan. */
export function useInspection(
  drawings: RefObject<HTMLElement | null>,
  { photo, figure, skin, what }: Omit<Question<ToInspect>, "points">,
): Answer<Inspection> {
  const question = useMemo(
    (): Question<ToInspect> | null =>
      photo.points ? { photo, points: photo.points, figure, skin, what } : null,
    [photo, figure, skin, what],
  );
  const [ask] = useState(() => inspecting(() => drawings.current));
  return useAnswer(photographWorker, question, ask);
}

/** By what lamp, and from how far, a photograph is seen. */
export interface PhotoSeen {
  readonly lamp: LampKey;
  /** Null before the mirror. */
  readonly fromM: number | null;
}

/** Light that skin gives back under a lamp, against that by day: the whole picture is tinted by it. */
function tintOf(skin: string, lamp: LampKey): Balance {
  if (lamp === "D65") return AS_TAKEN;
  const lit = bytesOf(hexOf(reflectanceFromLab(hexToLab(skin)), lamp));
  const byDay = bytesOf(skin);
  return [0, 1, 2].map(
    (k) => lightOfCode(lit[k] ?? 0) / Math.max(1e-4, lightOfCode(byDay[k] ?? 0)),
  ) as unknown as Balance;
}

/** The part of a question to paint that its picture does not follow from. */
interface ToPaint {
  /** Anything that changes with the design. */
  readonly design: unknown;
  readonly seen: PhotoSeen;
}

/** Asks for the painted photograph; picture and points are loaded only when they have changed. */
function painting(
  drawings: () => HTMLElement | null,
): Ask<PhotographWorker, Question<ToPaint>, PaintedPhoto> {
  let loaded: unknown = null;
  return async (api, question) => {
    const { photo, points, figure, skin } = question;
    const { lamp, fromM } = question.what.seen;
    const what = [photo.picture, points, figure];
    if (!Array.isArray(loaded) || what.some((part, i) => part !== (loaded as unknown[])[i])) {
      await api.load(await pixelsOf(photo), points, figure.landmarks);
      loaded = what;
    }
    const seen = { tint: tintOf(skin, lamp), fromM };
    return api.paint(await chartsOf(drawings()), balanceOf(question), seen);
  };
}

/** Draws somebody's photograph, painted, into a canvas. */
export function usePaintedPhoto(
  drawings: RefObject<HTMLElement | null>,
  canvas: RefObject<HTMLCanvasElement | null>,
  { photo, figure, skin, what }: Omit<Question<ToPaint>, "points">,
): Answer<PaintedPhoto> {
  const question = useMemo(
    (): Question<ToPaint> | null =>
      photo.points ? { photo, points: photo.points, figure, skin, what } : null,
    [photo, figure, skin, what],
  );
  const [ask] = useState(() => painting(() => drawings.current));
  const answer = useAnswer(photographWorker, question, ask);
  const { value } = answer;
  useEffect(() => {
    if (value && canvas.current) showPicture(value, canvas.current);
  }, [value, canvas]);
  return answer;
}

interface ToRead {
  readonly photo: KeptPhoto;
  readonly points: PhotoPoints;
  readonly figure: Figure;
}

const reading: Ask<PhotographWorker, ToRead, ReferenceArea[]> = async (api, asked) => {
  const { photo, points, figure } = asked;
  await api.load(await pixelsOf(photo), points, figure.landmarks);
  return api.areas(figure.landmarks, figure.physique);
};

/** Colours of a face on a picture, area by area. */
export function useReferenceAreas(
  photo: KeptPhoto,
  points: PhotoPoints,
  figure: Figure,
): Answer<ReferenceArea[]> {
  const question = useMemo(() => ({ photo, points, figure }), [photo, points, figure]);
  return useAnswer(photographWorker, question, reading);
}

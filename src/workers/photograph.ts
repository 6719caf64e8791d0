import { expose, transfer } from "comlink";
import { buildFigure, point, type Landmarks, type Physique, type Point } from "@/core/anatomy";
import type { ChartPicture } from "@/core/anatomy/surface";
import {
  inspectFace,
  referenceAreas,
  type Inspection,
  type Nearness,
  type PlannedShape,
  type ReferenceArea,
} from "@/core/inspect";
import { rememberBy } from "@/core/remember";
import {
  AS_TAKEN,
  balanceByCard,
  balanceBySkin,
  both,
  photoFrom,
  pixelsPerMm,
  ontoChart,
  paintOver,
  photoMap,
  skinMask,
  type Balance,
  type Photograph,
  type PhotoMap,
  type PhotoPoints,
  type SkinMask,
} from "@/core/photograph";

interface Charts {
  readonly painted: ChartPicture;
  readonly bare: ChartPicture;
}

/** How its colours are taken: as they are, by skin of a known colour at some places, or by a card. */
export type BalanceOf =
  | { readonly by: "taken" }
  | { readonly by: "card"; readonly at: Point }
  | {
      readonly by: "skin";
      readonly skin: readonly [number, number, number];
      readonly at: readonly Point[];
    };

let loaded: {
  readonly photo: Photograph;
  readonly map: PhotoMap;
  readonly points: PhotoPoints;
  readonly face: Landmarks;
  /** Known once something is painted. */ skin: SkinMask | null;
} | null = null;

/** Light of a lamp against daylight, and how far off it is looked at; null before the mirror. */
export interface SeenBy {
  readonly tint: Balance;
  readonly fromM: number | null;
}

export interface PaintedPhoto {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

interface AskedToInspect {
  readonly face: Landmarks;
  readonly physique: Physique;
  readonly shapes: readonly PlannedShape[];
  readonly nearness: Nearness;
}

/** The same figure while it is the same person's: its areas take long to lay out. */
const figureOf = rememberBy(
  1,
  ({ face, physique }: { face: Landmarks; physique: Physique }) => JSON.stringify([face, physique]),
  ({ face, physique }) => buildFigure(face, physique),
);

const balanceOf = (photo: Photograph, of: BalanceOf): Balance => {
  if (of.by === "card") return balanceByCard(photo, of.at);
  return of.by === "skin" ? balanceBySkin(photo, of.at, of.skin) : AS_TAKEN;
};

const worker = {
  /** The photograph that is painted from now on, and where the face is on it. */
  load: (photo: Photograph, points: PhotoPoints, face: Landmarks): void => {
    const onto = ontoChart(points, face);
    loaded = {
      photo,
      points,
      face,
      map: photoMap(photo, (p) => onto(point(p.x, p.y))),
      skin: null,
    };
  },
  /**
   * @param seen by what light beside that of the photograph, and from how far
   * @throws Error before a photograph was loaded
   */
  paint: (charts: Charts, balance: BalanceOf, seen: SeenBy): PaintedPhoto => {
    if (!loaded) throw new Error("No photograph was given.");
    const { photo, map, points, face } = loaded;
    loaded.skin ??= skinMask(photo, Object.values(points), [
      [points.exocanthionLeft, points.endocanthionLeft],
      [points.exocanthionRight, points.endocanthionRight],
    ]);
    const light = both(balanceOf(photo, balance), seen.tint);
    const { width, height } = photo;
    const painted = { width, height, data: paintOver(photo, map, charts, light, loaded.skin) };
    const shown =
      seen.fromM === null ? painted : photoFrom(painted, pixelsPerMm(points, face), seen.fromM);
    const data = new Uint8ClampedArray(shown.data);
    return transfer({ width: shown.width, height: shown.height, data }, [data.buffer]);
  },
  /** Colours of a face on a picture that was loaded, area by area. */
  areas: (face: Landmarks, physique: Physique): ReferenceArea[] => {
    if (!loaded) throw new Error("No picture was given.");
    return referenceAreas(loaded.photo, loaded.points, figureOf({ face, physique }));
  },
  /** What the photograph that was loaded shows of a painted face that the plan has otherwise. */
  inspect: (charts: Charts, balance: BalanceOf, asked: AskedToInspect): Inspection => {
    if (!loaded) throw new Error("No photograph was given.");
    const { photo, points } = loaded;
    const { face, physique, shapes, nearness } = asked;
    return inspectFace({
      ...{ photo, points, nearness, charts, shapes },
      figure: figureOf({ face, physique }),
      balance: balanceOf(photo, balance),
    });
  },
};
export type PhotographWorker = typeof worker;

expose(worker);

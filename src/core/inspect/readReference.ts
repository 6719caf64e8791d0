import { PHOTO_LANDMARKS, zoneInfo, type Figure, type Landmarks, type ZoneId } from "../anatomy";
import { LIGHT_OF_CODES, codeOfLight } from "../anatomy/surface";
import { deltaE00, hexToLab, labToHex, type Lab } from "../colour";
import { hexOf, isColour, shapesOf, type Look, type Prediction } from "../look";
import { ontoChart, photoMap, type Photograph, type PhotoPoints } from "../photograph";
import { placeAt } from "./coverSeen";
import { zoneRaster } from "./zoneRaster";

/** The colour a picture of a face has on an area, as it is on the picture: by what light nobody knows. */
export interface ReferenceArea {
  readonly zone: ZoneId;
  readonly hex: string;
  readonly places: number;
}

/** So near to an edge of an area nothing is read, mm; and fewer places than this say nothing. By eye, no published source. */
const [EDGE_MM, LEAST_PLACES] = [2, 25];

const middle = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1] ?? 0;

const hexOfLight = (light: readonly number[]): string =>
  `#${light.map((value) => Math.round(codeOfLight(value)).toString(16).padStart(2, "0")).join("")}`;

/** The colour of each area of a face on a picture: the middle of its places, in light. Areas of hair are left out. */
export function referenceAreas(
  photo: Photograph,
  points: PhotoPoints,
  figure: Figure,
): ReferenceArea[] {
  const map = photoMap(photo, ontoChart(points, figure.landmarks));
  const zones = figure.zones
    .filter(({ id }) => !zoneInfo(id).flags.includes("hair"))
    .map(({ id }) => id);
  const zoneAt = zoneRaster(figure, zones, EDGE_MM);
  const found = new Map<ZoneId, [number[], number[], number[]]>();
  for (let py = 0; py < photo.height; py += 2)
    for (let px = 0; px < photo.width; px += 2) {
      const [x, y] = placeAt(map, px, py);
      const zone = zoneAt(x, y);
      if (!zone) continue;
      const sum = found.get(zone) ?? [[], [], []];
      found.set(zone, sum);
      const at = 4 * (py * photo.width + px);
      sum.forEach((channel, k) => channel.push(LIGHT_OF_CODES[photo.data[at + k] ?? 0] ?? 0));
    }
  return [...found]
    .filter(([, [reds]]) => reds.length >= LEAST_PLACES)
    .map(([zone, channels]) => ({
      zone,
      hex: hexOfLight(channels.map(middle)),
      places: channels[0].length,
    }));
}

/** What a layer would be wanted in, by a picture. */
export interface LayerTarget {
  readonly layerId: string;
  readonly name: string;
  readonly hex: string;
}

/** The layer that is seen on each area: the last colour laid over all of it. */
function seenLayers({ layers }: Look): ReadonlyMap<ZoneId, string> {
  const seen = new Map<ZoneId, string>();
  for (const layer of layers) {
    if (layer.hidden || layer.form || !isColour(layer.role) || shapesOf(layer).length > 0) continue;
    for (const zone of layer.zones) seen.set(zone, layer.id);
  }
  return seen;
}

/** The colour each layer is wanted in, so that the areas it is seen on look as on the picture: the mean of them. */
export function layerTargets(look: Look, areas: readonly ReferenceArea[]): LayerTarget[] {
  const seen = seenLayers(look);
  return look.layers.flatMap((layer): LayerTarget[] => {
    const own = areas.filter(({ zone }) => seen.get(zone) === layer.id);
    const places = own.reduce((sum, area) => sum + area.places, 0);
    if (!places) return [];
    const labs = own.map(({ hex, places: n }) => ({ lab: hexToLab(hex), share: n / places }));
    const mean = [0, 1, 2].map((k) =>
      labs.reduce((sum, { lab, share }) => sum + share * (lab[k] ?? 0), 0),
    ) as unknown as Lab;
    return [{ layerId: layer.id, name: layer.name, hex: labToHex(mean) }];
  });
}

/** How like a picture a design is. */
export interface Likeness {
  /** Mean colour difference (CIEDE2000) over the areas of the face, as much as each is of it. */
  readonly deltaE: number;
  /** The areas that are farthest off, the worst first. */
  readonly worst: readonly { readonly zone: ZoneId; readonly deltaE: number }[];
}

/** The colour of an area as it is predicted, its last film. */
const predictedHex = ({ films, bare }: Prediction, zone: ZoneId): string =>
  hexOf(films.get(zone)?.at(-1)?.colour ?? bare(zone));

/** How like a picture a design is, area by area; null where the picture shows none. */
export function likeness(areas: readonly ReferenceArea[], prediction: Prediction): Likeness | null {
  const places = areas.reduce((sum, area) => sum + area.places, 0);
  if (!places) return null;
  const off = areas.map(({ zone, hex, places: n }) => ({
    zone,
    share: n / places,
    deltaE: deltaE00(hexToLab(hex), hexToLab(predictedHex(prediction, zone))),
  }));
  return {
    deltaE: off.reduce((sum, { share, deltaE }) => sum + share * deltaE, 0),
    worst: off
      .toSorted((a, b) => b.deltaE * b.share - a.deltaE * a.share)
      .slice(0, 3)
      .map(({ zone, deltaE }) => ({ zone, deltaE })),
  };
}

/** Less than this nobody draws a feature elsewhere for, mm. By eye, no published source. */
const LEAST_MM = 2.5;

/**
 * Where features of the face on the picture lie otherwise than on this one, laid over it by eyes, nose and chin: what has to be drawn
 * higher or wider to look alike.
 */
export function otherProportions(points: PhotoPoints, face: Landmarks): string[] {
  // Laid over by the frame of the face alone: brows and mouth keep the picture's own places.
  const frame = ["exocanthionRight", "exocanthionLeft", "subnasale", "menton"] as const;
  const at = similar(
    frame.map((name) => points[name]),
    frame.map((name) => face[name]),
  );
  const placed = Object.fromEntries(
    PHOTO_LANDMARKS.map((name) => [name, at(points[name])]),
  ) as typeof points;
  const mean = (of: (side: "Left" | "Right") => number) => (of("Left") + of("Right")) / 2;
  const arch = mean((side) => placed[`superciliare${side}`].y - face[`superciliare${side}`].y);
  const tail = mean((side) => placed[`browOuter${side}`].y - face[`browOuter${side}`].y);
  const mouth =
    placed.cheilionLeft.x - placed.cheilionRight.x - (face.cheilionLeft.x - face.cheilionRight.x);
  const told = (mm: number, words: string) =>
    Math.abs(mm) >= LEAST_MM ? [`${words.replace("#", String(Math.round(Math.abs(mm))))}.`] : [];
  return [
    ...told(arch, `Its brows arch # mm ${arch > 0 ? "higher" : "lower"} than on this face`),
    ...told(tail, `Its brows end # mm ${tail > 0 ? "higher" : "lower"} than on this face`),
    ...told(mouth, `Its mouth is # mm ${mouth > 0 ? "wider" : "narrower"} than on this face`),
  ];
}

interface At {
  readonly x: number;
  readonly y: number;
}

/** The turn, size and move that carries places of a picture, y down, best onto places of a chart, y up (least squares). */
function similar(from: readonly At[], to: readonly At[]): (p: At) => At {
  const mean = (places: readonly At[]): At => ({
    x: places.reduce((sum, { x }) => sum + x, 0) / places.length,
    y: places.reduce((sum, { y }) => sum + y, 0) / places.length,
  });
  const up = from.map(({ x, y }) => ({ x, y: -y }));
  const [a, b] = [mean(up), mean(to)];
  let [dot, cross, size] = [0, 0, 0];
  up.forEach((p, i) => {
    const q = to[i] ?? b;
    const [px, py, qx, qy] = [p.x - a.x, p.y - a.y, q.x - b.x, q.y - b.y];
    dot += px * qx + py * qy;
    cross += px * qy - py * qx;
    size += px * px + py * py;
  });
  const [c, s] = [dot / size, cross / size];
  return ({ x, y }) => {
    const [px, py] = [x - a.x, -y - a.y];
    return { x: b.x + c * px - s * py, y: b.y + s * px + c * py };
  };
}

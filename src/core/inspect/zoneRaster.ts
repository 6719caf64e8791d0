import {
  boundingBox,
  contains,
  point,
  toSegment,
  zoneInfo,
  type Figure,
  type ZoneId,
} from "../anatomy";

/** Fineness of the map of areas, mm. */
const CELL_MM = 1;

/** Areas that a photograph can be asked about: skin whose own colour is known. That of lips and lids nobody measured, and hair is hair. */
export const inspectedZones = (figure: Figure): ZoneId[] =>
  figure.zones
    .filter(
      ({ id, group }) =>
        group !== "lips" && group !== "eyes" && !zoneInfo(id).flags.includes("hair"),
    )
    .map(({ id }) => id);

/**
 * Which area of the face lies at a place of its chart; null off them, and near their edges.
 *
 * @param edgeMm how far from an edge a place is of one area alone
 */
export function zoneRaster(
  figure: Figure,
  zones: readonly ZoneId[],
  edgeMm: number,
): (x: number, y: number) => ZoneId | null {
  const cells = new Map<string, ZoneId>();
  for (const id of zones) {
    const { polygon } = figure.zone(id);
    const box = boundingBox(polygon);
    for (let x = Math.ceil(box.left); x <= box.right; x += CELL_MM)
      for (let y = Math.ceil(box.bottom); y <= box.top; y += CELL_MM) {
        const at = point(x, y);
        if (!contains(polygon, at)) continue;
        const far = Math.min(
          ...polygon.map((p, i) => toSegment(at, p, polygon[(i + 1) % polygon.length] ?? p)),
        );
        if (far >= edgeMm) cells.set(`${x} ${y}`, id);
      }
  }
  return (x, y) => cells.get(`${Math.round(x)} ${Math.round(y)}`) ?? null;
}

import {
  boundingBox,
  contains,
  point,
  zoneInfo,
  type Figure,
  type Point,
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

/** Places all round one, so many mm off, and half as many: an area's edge lies between none of them. */
const roundAbout = (edgeMm: number): readonly (readonly [number, number])[] =>
  [edgeMm, edgeMm / 2].flatMap((off) =>
    Array.from({ length: 16 }, (_, i): [number, number] => [
      Math.round((off * Math.cos((i * Math.PI) / 8)) / CELL_MM),
      Math.round((off * Math.sin((i * Math.PI) / 8)) / CELL_MM),
    ]),
  );

/**
 * Which area of the face lies at a place of its chart; null off them, and near their edges.
 *
 * @param edgeMm how far from an edge a place is of one area alone
 * @param isHeld whether a place is near enough to a landmark to be judged
 */
export function zoneRaster(
  figure: Figure,
  zones: readonly ZoneId[],
  edgeMm: number,
  isHeld: (at: Point) => boolean = () => true,
): (x: number, y: number) => ZoneId | null {
  const drawn = zones.map((id) => figure.zone(id).polygon);
  const box = boundingBox(drawn.flat());
  const [left, bottom] = [Math.floor(box.left), Math.floor(box.bottom)];
  const columns = Math.ceil(box.right) - left + 1;
  const rows = Math.ceil(box.top) - bottom + 1;
  /** Number of the area of each cell, from 1; 0 of none. */
  const cells = new Uint8Array(columns * rows);
  drawn.forEach((polygon, i) => {
    const own = boundingBox(polygon);
    for (let y = Math.ceil(own.bottom); y <= own.top; y += CELL_MM)
      for (let x = Math.ceil(own.left); x <= own.right; x += CELL_MM)
        if (contains(polygon, point(x, y))) cells[(y - bottom) * columns + x - left] = i + 1;
  });
  const judged = new Uint8Array(cells.length);
  const about = roundAbout(edgeMm);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const own = cells[row * columns + column] ?? 0;
      if (own === 0) continue;
      const isInside = about.every(([dx, dy]) => {
        const [u, v] = [column + dx, row + dy];
        return u >= 0 && v >= 0 && u < columns && v < rows && cells[v * columns + u] === own;
      });
      if (isInside && isHeld(point(column + left, row + bottom)))
        judged[row * columns + column] = own;
    }
  return (x, y) => {
    const [column, row] = [Math.round(x) - left, Math.round(y) - bottom];
    if (column < 0 || row < 0 || column >= columns || row >= rows) return null;
    const own = judged[row * columns + column] ?? 0;
    return own === 0 ? null : (zones[own - 1] ?? null);
  };
}

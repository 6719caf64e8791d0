import { boundingBox, contains, zoneInfo, type Box, type Figure, type Point } from "../anatomy";
import { isDrawn, markLabel, placedStrokes, shapesOf, type Look } from "../look";
import { FACE_BOX, PER_MM, type FlatChart } from "./flatChart";

/** A shape of the design that lies on the face, as it is looked for. */
export interface PlannedShape {
  /** "ring on left cheek apple". */
  readonly words: string;
  /** The words of the same shape on the other side; null of one that has none. */
  readonly twin: string | null;
  readonly middle: Point;
  /** Where it lies on the chart, mm. */
  readonly box: Box;
}

/** Shapes smaller than this are not told from each other, and larger ones are areas, mm. By eye, no published source. */
const [LEAST_MM, MOST_MM] = [4, 90];

/** "ring on left cheek apple"; by its layer where it lies on no area. */
function shapeWords(label: string, layer: string, middle: Point, figure: Figure): string {
  const zone = figure.zones.find(
    ({ id, polygon }) => zoneInfo(id).frame === "front" && contains(polygon, middle),
  );
  return zone ? `${label} on ${zoneInfo(zone.id).label}` : `${label} of ${layer}`;
}

/** The shapes of a design as far as it is built, each side of a mirrored one by itself; not those that lie off the face. */
export function plannedShapes({ layers }: Look, upTo: number, figure: Figure): PlannedShape[] {
  return layers.slice(0, upTo).flatMap((layer): PlannedShape[] => {
    if (layer.hidden || layer.form || !isDrawn(layer)) return [];
    const marks = shapesOf(layer).filter(({ frame }) => frame === "front");
    return marks.flatMap((mark): PlannedShape[] => {
      const places = placedStrokes({ ...mark, mirrored: false }).flatMap(({ points, widthMm }) =>
        points.flatMap(({ x, y }) => [
          { x: x - widthMm / 2, y: y - widthMm / 2 },
          { x: x + widthMm / 2, y: y + widthMm / 2 },
        ]),
      );
      const box = boundingBox(places);
      if (!isSought(box)) return [];
      const middle = { x: (box.left + box.right) / 2, y: (box.bottom + box.top) / 2 };
      const wordsAt = (at: Point) => shapeWords(markLabel(mark.kind), layer.name, at, figure);
      const words = wordsAt(middle);
      if (!mark.mirrored || Math.abs(middle.x) <= 3) return [{ words, twin: null, middle, box }];
      const other = { x: -middle.x, y: middle.y };
      const twin = wordsAt(other);
      const otherBox = { ...box, left: -box.right, right: -box.left };
      return [
        { words, twin, middle, box },
        { words: twin, twin: words, middle: other, box: otherBox },
      ];
    });
  });
}

function isSought({ left, right, bottom, top }: Box): boolean {
  const size = Math.max(right - left, top - bottom);
  const isOn =
    left > FACE_BOX.left + REACH_MM &&
    right < FACE_BOX.left + FACE_BOX.width - REACH_MM &&
    top < FACE_BOX.top - REACH_MM &&
    bottom > FACE_BOX.top - FACE_BOX.height + REACH_MM;
  return isOn && size >= LEAST_MM && size <= MOST_MM;
}

/** Where a shape of the design is on the photograph. */
export interface ShapeSeen {
  readonly shape: PlannedShape;
  /** How far it lies off its place, mm: to the person's left, and up. */
  readonly off: Point;
  /** How alike it is there, and in its own place, to the design: 1 the same, 0 nothing of it. */
  readonly like: number;
  readonly likeHere: number;
  /** How far it is turned about its middle, degrees, against the clock as one looks at it; and how alike it is then. */
  readonly turnDeg: number;
  readonly likeTurned: number;
}

/** So far off its place a shape is looked for, mm; farther it is another one. */
const REACH_MM = 9;
/** Skin round a shape that is looked at with it, mm. */
const MARGIN_MM = 4;
/** A shape whose colour differs less than this from what is round it can't be seen on a photograph: logarithms of light. By eye, no published source. */
const LEAST_CONTRAST = 0.06;

/** Looks for each shape of the design round its place (correlation of both, whatever light falls on them). */
export function shapesSeen(
  shapes: readonly PlannedShape[],
  design: FlatChart,
  photo: FlatChart,
): ShapeSeen[] {
  return shapes.flatMap((shape): ShapeSeen[] => {
    const patch = patchOf(design, shape.box);
    if (patch.contrast < LEAST_CONTRAST) return [];
    const coarse = best(patch, design, photo, { x: 0, y: 0 }, REACH_MM * PER_MM, PER_MM);
    const fine = best(patch, design, photo, coarse.at, PER_MM, 1);
    return [
      {
        shape,
        off: { x: fine.at.x / PER_MM, y: -fine.at.y / PER_MM },
        like: fine.like,
        likeHere: likeness(patch, design, photo, { off: { x: 0, y: 0 } }),
        ...turned(patch, design, photo, fine),
      },
    ];
  });
}

/** The part of a chart that a shape lies in, pixels. */
interface Patch {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly contrast: number;
}

function patchOf({ width, height, channels }: FlatChart, box: Box): Patch {
  const column = (x: number) => Math.round((x - FACE_BOX.left) * PER_MM);
  const row = (y: number) => Math.round((FACE_BOX.top - y) * PER_MM);
  const patch = {
    left: Math.max(0, column(box.left - MARGIN_MM)),
    right: Math.min(width - 1, column(box.right + MARGIN_MM)),
    top: Math.max(0, row(box.top + MARGIN_MM)),
    bottom: Math.min(height - 1, row(box.bottom - MARGIN_MM)),
  };
  let [squares, count] = [0, 0];
  for (let y = patch.top; y <= patch.bottom; y++)
    for (let x = patch.left; x <= patch.right; x++, count++)
      for (const channel of channels) squares += channel[y * width + x]! ** 2;
  return { ...patch, contrast: Math.sqrt(squares / Math.max(1, count)) };
}

/** A place to look for a shape: moved by so many pixels, turned about its middle, every so many pixels compared. */
interface Try {
  readonly off: Point;
  /** Against the clock as one looks at a picture. */
  readonly turnDeg?: number;
  readonly every?: number;
}

/** How alike a patch of the design and one of the photograph are there: their correlation. */
function likeness(
  { left, right, top, bottom }: Patch,
  design: FlatChart,
  photo: FlatChart,
  { off, turnDeg = 0, every = 1 }: Try,
): number {
  const { width, height } = design;
  const [cx, cy] = [(left + right) / 2, (top + bottom) / 2];
  const angle = (turnDeg * Math.PI) / 180;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  let [both, ours, theirs] = [0, 0, 0];
  for (let y = top; y <= bottom; y += every)
    for (let x = left; x <= right; x += every) {
      const [u, v] = [x - cx, y - cy];
      // Rows of a picture go down.
      const px = Math.round(cx + c * u + s * v + off.x);
      const py = Math.round(cy - s * u + c * v + off.y);
      if (px < 0 || py < 0 || px >= width || py >= height) continue;
      const [i, j] = [y * width + x, py * width + px];
      if (!design.known[i] || !photo.known[j]) continue;
      for (let k = 0; k < 3; k++) {
        const [a, b] = [design.channels[k]![i]!, photo.channels[k]![j]!];
        both += a * b;
        ours += a * a;
        theirs += b * b;
      }
    }
  return ours > 0 && theirs > 0 ? both / Math.sqrt(ours * theirs) : 0;
}

interface Best {
  readonly at: Point;
  readonly like: number;
}

/** The likest place round one, so many pixels either way. */
function best(
  patch: Patch,
  design: FlatChart,
  photo: FlatChart,
  round: Point,
  reach: number,
  step: number,
): Best {
  let found: Best = { at: round, like: -1 };
  for (let dy = -reach; dy <= reach; dy += step)
    for (let dx = -reach; dx <= reach; dx += step) {
      const at = { x: round.x + dx, y: round.y + dy };
      const like = likeness(patch, design, photo, { off: at, every: step });
      if (like > found.like) found = { at, like };
    }
  return found;
}

/** Turns that are tried, degrees either way: a hand is no farther off. */
const TURNS_DEG = [-20, -16, -12, -8, 8, 12, 16, 20];

/** How far a shape is turned where it was found: the turn by which it is likest, 0 where none makes it liker. */
function turned(
  patch: Patch,
  design: FlatChart,
  photo: FlatChart,
  { at, like }: Best,
): Pick<ShapeSeen, "turnDeg" | "likeTurned"> {
  // A turned line slides along itself until it is likest: so its own place is tried as well.
  const places = [at, { x: 0, y: 0 }];
  return TURNS_DEG.reduce(
    (most, turnDeg) => {
      const now = Math.max(
        ...places.map((place) => likeness(patch, design, photo, { off: place, turnDeg })),
      );
      return now > most.likeTurned ? { turnDeg, likeTurned: now } : most;
    },
    { turnDeg: 0, likeTurned: like },
  );
}

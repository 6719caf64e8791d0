import { plural } from "../text/words";
import { point } from "../anatomy";
import { expiry, layOut, PANS, type Pan, type PlacedPan, type Palette } from "../kit";
import { material, type Product } from "../paint";
import { ruler, RULER_MM, type Sheet, type SheetShape, type SheetText } from "./faceSheet";
import { PAPERS, type PaperKey } from "./paper";

const MARGIN = { side: 12, top: 30, bottom: 24 } as const;
const LINE = "#222222";
const CUT = 3;
/** Height of a label, and of its lines, mm. */
const [LABEL_MM, LEAST_WIDE, NAME_MM, SMALL_MM] = [14, 30, 2.6, 2];
/** Widths of letters come to so much of their size in the mean; a sheet is drawn without measuring them. From memory, of the standard sans serif. */
const LETTER = 0.52;
/** Sides of the drawn circle of a round pan. */
const SIDES = 40;

const box = (x: number, y: number, width: number, height: number, lineMm = 0.25): SheetShape => ({
  points: [point(x, y), point(x + width, y), point(x + width, y + height), point(x, y + height)],
  closed: true,
  lineMm,
  fill: null,
  line: LINE,
});
const ring = (x: number, y: number, width: number): SheetShape => ({
  points: Array.from({ length: SIDES }, (_, i) =>
    point(
      x + (width / 2) * (1 + Math.cos((i * 2 * Math.PI) / SIDES)),
      y + (width / 2) * (1 + Math.sin((i * 2 * Math.PI) / SIDES)),
    ),
  ),
  closed: true,
  lineMm: 0.25,
  fill: null,
  line: LINE,
});

/** Words over at most so many lines of a width, the last cut short with a full stop. */
function lines(text: string, widthMm: number, sizeMm: number, most: number): string[] {
  const room = Math.max(3, Math.floor(widthMm / (sizeMm * LETTER)));
  const made = text
    .split(/\s+/)
    .filter(Boolean)
    .reduce<string[]>((list, word) => {
      const last = list.at(-1);
      return last !== undefined && last.length + 1 + word.length <= room
        ? [...list.slice(0, -1), `${last} ${word}`]
        : [...list, word];
    }, [])
    .map((line) => (line.length > room ? `${line.slice(0, room - 1)}.` : line));
  return made.length > most
    ? [...made.slice(0, most - 1), `${(made[most - 1] ?? "").slice(0, room - 1)}.`]
    : made;
}

interface Named {
  readonly name: string;
  readonly kind: string;
  readonly until: string;
}

/** What a pan's label says: its paint, or a mix by parts; its kind; and until when it is good, by the first of its paints that goes off. */
function named({ parts }: Pan, products: ReadonlyMap<string, Product>, today: string): Named {
  const known = parts.flatMap(({ productId, parts: n }) => {
    const product = products.get(productId);
    return product ? [{ product, n }] : [];
  });
  const [first] = known;
  if (!first) return { name: parts.length ? "no longer known" : "empty", kind: "", until: "" };
  const dates = known
    .flatMap(({ product }) => {
      const found = expiry(product, today);
      return found ? [found.date] : [];
    })
    .sort();
  return {
    name:
      known.length === 1
        ? first.product.name
        : known.map(({ product, n }) => `${n} ${product.name}`).join(" : "),
    kind: [...new Set(known.map(({ product }) => material(product.material).label))].join(", "),
    until: dates[0] ? `good until ${dates[0]}` : "not opened",
  };
}

/** A palette from above, at 1:1 or, where the sheet is too small for it, at a half or a quarter. */
function lid(
  placed: readonly PlacedPan[],
  palette: Palette,
  names: readonly Named[],
  at: { x: number; y: number },
  scale: number,
): { shapes: SheetShape[]; texts: SheetText[] } {
  const shapes = [box(at.x, at.y, palette.width * scale, palette.height * scale, 0.5)];
  const texts: SheetText[] = [];
  placed.forEach(({ x, y, width, height, fits, pan }, i) => {
    if (!fits) return;
    const [left, top, w, h] = [at.x + x * scale, at.y + y * scale, width * scale, height * scale];
    shapes.push(PANS[pan.pan].round ? ring(left, top, w) : box(left, top, w, h));
    const size = Math.max(1.2, Math.min(NAME_MM, 2.2 * scale + 0.2));
    lines(
      names[i]?.name ?? "",
      w * 0.9,
      size,
      Math.max(1, Math.floor(h / (size * 1.5)) - 1),
    ).forEach((text, n, all) =>
      texts.push({
        x: left + Math.max(0.8, (w - text.length * size * LETTER) / 2),
        y: top + h / 2 + (n - (all.length - 1) / 2) * size * 1.2 + size / 3,
        sizeMm: size,
        text,
      }),
    );
  });
  return { shapes, texts };
}

/** Labels of a palette's pans, as wide as the pans are, to cut and stick; before them its lid, to lay over it. Printed at 1:1. */
export function paletteLabels(o: {
  palette: Palette;
  products: ReadonlyMap<string, Product>;
  paper: PaperKey;
  today: string;
}): Sheet[] {
  const { palette, products, today } = o;
  const { widthMm, heightMm } = PAPERS[o.paper];
  const placed = layOut(palette);
  const names = palette.pans.map((pan) => named(pan, products, today));
  const room = { width: widthMm - 2 * MARGIN.side, height: heightMm - MARGIN.top - MARGIN.bottom };
  const scale =
    [1, 0.5, 0.25].find(
      (size) => palette.width * size <= room.width && palette.height * size <= room.height,
    ) ?? 0.2;
  const head = (title: string): Pick<Sheet, "shapes" | "texts"> => ({
    shapes: ruler(widthMm, heightMm),
    texts: [
      { x: MARGIN.side, y: 14, sizeMm: 5, text: title, bold: true },
      {
        x: (widthMm - RULER_MM) / 2,
        y: heightMm - 4,
        sizeMm: 2.6,
        text: `Measure this line: ${RULER_MM} mm, or the print is not at 1:1.`,
      },
    ],
  });
  const top = head(
    `${palette.name}: from above${scale < 1 ? `, at 1:${Math.round(1 / scale)}` : ""}`,
  );
  const drawn = lid(placed, palette, names, { x: MARGIN.side, y: MARGIN.top }, scale);
  const sheets: Sheet[] = [
    {
      widthMm,
      heightMm,
      shapes: [...top.shapes, ...drawn.shapes],
      texts: [
        ...top.texts,
        {
          x: MARGIN.side,
          y: 21,
          sizeMm: 3,
          text: `${palette.width} × ${palette.height} mm inside, ${palette.pans.length} ${plural(palette.pans.length, "pan")}; printed ${today}.`,
        },
        ...drawn.texts,
      ],
    },
  ];
  let page: { shapes: SheetShape[]; texts: SheetText[] } | null = null;
  let [x, y]: [number, number] = [MARGIN.side, MARGIN.top];
  const turn = () => {
    const { shapes, texts } = head(`${palette.name}: labels to cut`);
    page = { shapes: [...shapes], texts: [...texts] };
    sheets.push({ widthMm, heightMm, ...page });
    [x, y] = [MARGIN.side, MARGIN.top];
    return page;
  };
  names.forEach((label, i) => {
    const width = Math.max(LEAST_WIDE, placed[i]?.width ?? 0);
    if (x + width > widthMm - MARGIN.side) [x, y] = [MARGIN.side, y + LABEL_MM + CUT];
    const on = page === null || y + LABEL_MM > heightMm - MARGIN.bottom ? turn() : page;
    on.shapes.push(box(x, y, width, LABEL_MM, 0.15));
    const text = lines(label.name, width - 2, NAME_MM, 2);
    text.forEach((line, n) =>
      on.texts.push({ x: x + 1, y: y + 3.4 + n * 3.1, sizeMm: NAME_MM, text: line, bold: true }),
    );
    [
      ...lines(label.kind, width - 2, SMALL_MM, 1),
      ...lines(label.until, width - 2, SMALL_MM, 1),
    ].forEach((line, n) =>
      on.texts.push({ x: x + 1, y: y + 9.6 + n * 2.7, sizeMm: SMALL_MM, text: line }),
    );
    x += width + CUT;
  });
  return sheets;
}

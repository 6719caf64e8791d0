import { createElement, type ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import sharp from "sharp";
import { signedArea } from "@/core/anatomy";
import {
  MARK_KINDS,
  newMark,
  placedStrokes,
  shareOfZone,
  strokeArea,
  THIRDS,
  type Layer,
} from "@/core/look";
import { aContext, aLayer } from "@/core/testing";
import { AreaPaint } from "@/shared/figure/AreaPaint";
import { MarkDrawing } from "@/shared/figure/MarkDrawing";
import { pathOf } from "@/shared/figure/path";

/** Pixels to a mm of what is counted, and half the side of the picture, mm. */
const [PER_MM, HALF] = [6, 110];

/** Area of what a drawing covers, mm2, by counting its pixels. */
async function countedMm2(drawing: ReactElement, defs = ""): Promise<number> {
  const size = 2 * HALF * PER_MM;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}" width="${size}" height="${size}"><defs>${defs}</defs>${renderToStaticMarkup(drawing)}</svg>`;
  const { data, info } = await sharp(Buffer.from(svg)).raw().toBuffer({ resolveWithObject: true });
  let covered = 0;
  for (let i = info.channels - 1; i < data.length; i += info.channels) covered += data[i] ?? 0;
  return covered / 255 / PER_MM ** 2;
}

const within = (counted: number, geometry: number) =>
  expect(Math.abs(counted - geometry) / geometry).toBeLessThan(0.03);

/** Shapes whose touches do not lie over each other, so that what they cover is the sum of them. */
const SOLID = MARK_KINDS.filter((kind) => {
  const strokes = placedStrokes(newMark(kind, { x: 0, y: 0 }, 3));
  return strokes.length === 1 && strokes[0]?.fill && strokes[0].widthMm <= 0.2;
});

describe("what is drawn", () => {
  it("has enough solid shapes to be counted", () => {
    expect(SOLID.length).toBeGreaterThanOrEqual(12);
  });
  it.each(SOLID)("covers as much as is planned: %s", async (kind) => {
    const mark = { ...newMark(kind, { x: 4, y: 6 }, 3), turnDeg: 20 };
    const planned = placedStrokes(mark).reduce((sum, stroke) => sum + strokeArea(stroke), 0);
    within(await countedMm2(createElement(MarkDrawing, { mark, hex: "#000000" })), planned);
  });

  const context = aContext({});
  const { figure } = context;
  const drawnPart = (layer: Layer, zone: "forehead" | "cheekAppleLeft") => {
    const area = figure.zone(zone);
    const shape = createElement(AreaPaint, {
      id: "t",
      layer,
      painted: [{ area, hex: "#000000" }],
      figure,
      carry: () => (p) => p,
      flat: true,
    });
    const outline = `<path id="t-${zone}" d="${pathOf(area.polygon, true)}"/>`;
    // The seam that hides the joint to the next area goes half a millimetre beyond: it is that one's.
    const defs = `${outline}<clipPath id="own"><use href="#t-${zone}"/></clipPath>`;
    return countedMm2(createElement("g", { clipPath: "url(#own)" }, shape), defs);
  };
  const parts: readonly Layer["part"][] = [
    ...THIRDS.map((side) => ({ kind: "third" as const, side })),
    { kind: "middle", share: 0.4 },
    { kind: "along", side: "outer", mm: 7 },
    { kind: "strip", turnDeg: 90, fromMm: -30, toMm: 30 },
    { kind: "strip", turnDeg: 35, fromMm: 4, toMm: 28 },
  ];
  it.each(parts.map((part) => [JSON.stringify(part), part] as const))(
    "covers the part of an area that is planned: %s",
    async (_, part) => {
      for (const zone of ["forehead", "cheekAppleLeft"] as const) {
        const share = shareOfZone({ part }, zone, context);
        if (share < 0.05) continue;
        const layer = aLayer({ id: "l", zones: [zone], part });
        const planned = Math.abs(signedArea(figure.zone(zone).polygon)) * share;
        within(await drawnPart(layer, zone), planned);
      }
    },
  );
  it("loses at a faded border as much on one side as it gains on the other", async () => {
    const part = { kind: "strip", turnDeg: 90, fromMm: 30, toMm: 200 } as const;
    const hard = aLayer({ id: "h", zones: ["forehead"], part });
    const faded = { ...hard, edge: "faded" as const, fadeMm: 16 };
    const [a, b] = [await drawnPart(hard, "forehead"), await drawnPart(faded, "forehead")];
    expect(Math.abs(a - b) / a).toBeLessThan(0.04);
  });
});

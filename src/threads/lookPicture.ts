import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import sharp from "sharp";
import { predict } from "@/core/look";
import { contextOf } from "@/core/record";
import type { LookToDraw } from "@/server/threads/tasks";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { GivenReliefs } from "@/shared/figure/useRelief";

/** Pixels to a mm of a card's picture: half as many again as the tallest card shows. */
const PIXELS_PER_MM = 1.5;
/** The tallest picture, pixels. */
const MOST_PIXELS = 900;
/** How true its colours are kept, per cent. */
const QUALITY = 92;

const asData = async (webp: Uint8Array) =>
  `data:image/png;base64,${(await sharp(webp).png({ compressionLevel: 1 }).toBuffer()).toString("base64")}`;

/** A look from one side as a drawing of its own. */
export function lookMarkup(
  { look, stored, view }: Omit<LookToDraw, "reliefs">,
  reliefs: ReadonlyMap<string, string>,
): string {
  const context = contextOf(stored);
  const prediction = predict(look, context);
  const figure = createElement(ViewFigure, {
    id: "look",
    view,
    look,
    context,
    prediction,
    guides: { hat: false },
    title: look.name,
  });
  return renderToStaticMarkup(createElement(GivenReliefs.Provider, { value: reliefs }, figure));
}

/** A look as a WebP picture, drawn as the screen draws it. */
export async function lookPictureOf({ reliefs, ...drawn }: LookToDraw): Promise<Uint8Array> {
  const given = new Map<string, string>();
  for (const [query, webp] of reliefs) given.set(query, await asData(webp));
  const markup = lookMarkup(drawn, given);
  const [, width = 300, height = 400] =
    /viewBox="\S+ \S+ ([\d.]+) ([\d.]+)"/.exec(markup)?.map(Number) ?? [];
  // A whole body at a face's scale would be a poster.
  const scale = Math.min(PIXELS_PER_MM, MOST_PIXELS / height);
  const svg = markup.replace(
    "<svg ",
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width * scale}" height="${height * scale}" `,
  );
  return sharp(Buffer.from(svg), { unlimited: true }).webp({ quality: QUALITY }).toBuffer();
}

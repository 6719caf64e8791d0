import "server-only";
import { PDFDocument, rgb, StandardFonts, type PDFPage } from "pdf-lib";

/** A5 in points, and A4 for large print: type of 18 points and more, as guidelines for clear print ask (from memory). */
export const PRINTS = {
  usual: { width: 419.5, height: 595.3, type: 9.5, margin: 30 },
  large: { width: 595.3, height: 841.9, type: 18, margin: 42 },
} as const;
export type Print = keyof typeof PRINTS;

/** The standard PDF fonts know Latin 1 only. */
const latin = (text: string) =>
  text
    .replace(/[\u2013\u2014]/g, "-")
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[^\u0020-\u00ff]/g, "?");

interface Style {
  readonly bold?: boolean;
  readonly times?: number;
  readonly indent?: number;
  readonly before?: number;
}

/** A document of text that flows down pages, a line at a time. */
export async function textPdf(
  title: string,
  print: Print,
): Promise<{
  write: (text: string, style?: Style) => void;
  newPage: () => void;
  save: () => Promise<Uint8Array>;
}> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setLanguage("en");
  const fonts = {
    plain: await document.embedFont(StandardFonts.Helvetica),
    bold: await document.embedFont(StandardFonts.HelveticaBold),
  };
  const { width, height, type, margin } = PRINTS[print];
  let page: PDFPage = document.addPage([width, height]);
  let y = height - margin;
  const lines = (
    text: string,
    font: typeof fonts.plain,
    size: number,
    indent: number,
  ): string[] => {
    const most = width - 2 * margin - indent;
    return latin(text)
      .split(" ")
      .reduce<string[]>((made, word) => {
        const last = made.at(-1);
        const longer = last === undefined ? word : `${last} ${word}`;
        if (last !== undefined && font.widthOfTextAtSize(longer, size) <= most)
          made[made.length - 1] = longer;
        else made.push(word);
        return made;
      }, []);
  };
  return {
    save: () => document.save(),
    newPage: () => {
      page = document.addPage([width, height]);
      y = height - margin;
    },
    write: (text, o = {}) => {
      const font = o.bold ? fonts.bold : fonts.plain;
      const size = type * (o.times ?? 1);
      y -= (o.before ?? 0) * type;
      for (const line of lines(text, font, size, o.indent ?? 0)) {
        if (y - size * 1.35 < margin) {
          page = document.addPage([width, height]);
          y = height - margin;
        }
        y -= size * 1.35;
        page.drawText(line, { x: margin + (o.indent ?? 0), y, size, font, color: rgb(0, 0, 0) });
      }
    },
  };
}

import "server-only";
import sharp from "sharp";
import { PAPERS, type PaperKey } from "@/core/formats";
import type { Say } from "@/core/text/say";
import { openPdf } from "../openPdf";

const MM = 72 / 25.4;
const MARGIN = 14 * MM;
const TYPE = 9.5;
const LEAD = 1.36;
/** Kept free at the foot for the number of the page. */
const FOOT = 12 * MM;

interface Style {
  readonly bold?: boolean;
  readonly times?: number;
  readonly before?: number;
}

/** A column of a table: its head, its share of the width, and whether each row has a box to tick in it. */
export interface Column {
  readonly head: string;
  readonly share: number;
  readonly box?: true;
}
/** A cell: lines under each other; the first may be in strong type. */
export interface Cell {
  readonly text: string;
  readonly under?: string;
  readonly isStrong?: boolean;
  /** A colour to show beside it, with its name always in words. */
  readonly hex?: string | null;
}
const cell = (given: string | Cell): Cell => (typeof given === "string" ? { text: given } : given);

/** A sheet to hang on the wall of a dressing room: A4 or Letter, black on white, tables with boxes to tick, every page with its number and date. */
export interface Sheet {
  readonly write: (text: string, style?: Style) => void;
  readonly heading: (text: string) => void;
  readonly table: (
    columns: readonly Column[],
    rows: readonly (readonly (string | Cell)[])[],
  ) => void;
  /** Pictures (WebP) beside each other, each with its words under it. */
  readonly pictures: (
    pictures: readonly { readonly webp: Uint8Array; readonly words: string }[],
    heightMm: number,
  ) => Promise<void>;
  /** Things to tick off, in columns beside each other. */
  readonly ticks: (things: readonly (string | Cell)[], across: number) => void;
  readonly newPage: () => void;
  readonly save: () => Promise<Uint8Array>;
}

/** How a sheet is printed. */
export interface Printed {
  readonly paper: PaperKey;
  /** Stands at the foot of every page before its number. */
  readonly foot: string;
  /** The studio's units, clock and dates: all that is written is said in them. */
  readonly say: Say;
}

/** Opens an empty sheet with its first page. */
export function openSheet(title: string, { paper, foot, say }: Printed): Sheet {
  const pdf = openPdf(title, { keepPages: true });
  const { document } = pdf;
  const [width, height] = [PAPERS[paper].widthMm * MM, PAPERS[paper].heightMm * MM];
  const [inner, bottom] = [width - 2 * MARGIN, height - MARGIN - FOOT];
  let y = 0;
  const newPage = () => {
    pdf.addPage(width, height);
    y = MARGIN;
  };
  newPage();
  const wrap = (text: string, size: number, most: number, bold = false): string[] =>
    say
      .sentence(text)
      .split(/[^\S\u00a0\u202f]+/)
      .reduce<string[]>((lines, word) => {
        const last = lines.at(-1);
        const longer = last === undefined ? word : `${last} ${word}`;
        if (last !== undefined && pdf.widthOf(longer, size, bold) <= most)
          lines[lines.length - 1] = longer;
        else lines.push(word);
        return lines;
      }, []);
  const rule = (at: number, ink: string, weight: number) => {
    document
      .moveTo(MARGIN, at)
      .lineTo(width - MARGIN, at)
      .lineWidth(weight)
      .strokeColor(ink)
      .stroke();
  };
  const write = (text: string, { bold = false, times = 1, before = 0 }: Style = {}) => {
    const size = TYPE * times;
    y += before * TYPE;
    for (const line of wrap(text, size, inner, bold)) {
      if (y + size * LEAD > bottom) newPage();
      y += size * LEAD;
      pdf.write(line, { x: MARGIN, y, size, bold });
    }
  };
  const table: Sheet["table"] = (columns, rows) => {
    const all = columns.reduce((sum, { share }) => sum + share, 0);
    const widths = columns.map(({ share }) => (share / all) * inner);
    const lefts = widths.map((_, i) => MARGIN + widths.slice(0, i).reduce((a, b) => a + b, 0));
    const gap = 4;
    const head = () => {
      y += TYPE * LEAD;
      columns.forEach(({ head: words }, i) => {
        pdf.write(words, { x: lefts[i] ?? 0, y, size: TYPE * 0.85, bold: true });
      });
      y += 3;
      rule(y, "#000000", 1);
    };
    if (y + TYPE * LEAD * 4 > bottom) newPage();
    head();
    for (const row of rows) {
      const cells = row.map(cell).map((given, i) => {
        const inset = given.hex || columns[i]?.box ? 13 : 0;
        const most = (widths[i] ?? 0) - gap - inset;
        return {
          ...given,
          inset,
          lines: given.text ? wrap(given.text, TYPE, most, given.isStrong) : [],
          small: given.under ? wrap(given.under, TYPE * 0.88, most) : [],
        };
      });
      const tall = Math.max(
        TYPE * LEAD,
        ...cells.map(({ lines, small }) => (lines.length + small.length * 0.9) * TYPE * LEAD),
      );
      if (y + tall + 6 > bottom) {
        newPage();
        head();
      }
      cells.forEach(({ lines, small, isStrong = false, hex, inset }, i) => {
        const left = lefts[i] ?? 0;
        let at = y + 2;
        if (columns[i]?.box)
          document
            .rect(left, y + 4.5, 8.5, 8.5)
            .lineWidth(0.9)
            .strokeColor("#000000")
            .stroke();
        if (hex)
          document
            .rect(left, y + 4.5, 8.5, 8.5)
            .lineWidth(0.5)
            .fillAndStroke(hex, "#000000");
        for (const line of lines) {
          at += TYPE * LEAD;
          pdf.write(line, { x: left + inset, y: at - 2, size: TYPE, bold: isStrong });
        }
        for (const line of small) {
          at += TYPE * LEAD * 0.9;
          pdf.write(line, { x: left + inset, y: at - 2, size: TYPE * 0.88, ink: "#333333" });
        }
      });
      y += tall + 4;
      rule(y, "#999999", 0.4);
    }
    y += 4;
  };
  const ticks: Sheet["ticks"] = (things, across) => {
    const rows = Math.ceil(things.length / across);
    const columns = Array.from({ length: across }, () => [
      { head: "", share: 4, box: true } as const,
      { head: "", share: 100 / across - 4 },
    ]).flat();
    table(
      columns,
      Array.from({ length: rows }, (_, row) =>
        Array.from({ length: across }, (_column, i) => {
          const thing = things[i * rows + row];
          return thing === undefined ? [] : ["", thing];
        }).flat(),
      ),
    );
  };
  return {
    write,
    newPage,
    table,
    ticks,
    heading: (text) => {
      if (y + TYPE * 11 > bottom) newPage();
      write(text, { bold: true, times: 1.3, before: 0.8 });
    },
    pictures: async (pictures, heightMm) => {
      const images = await Promise.all(
        pictures.map(async ({ webp, words }) => {
          const image = sharp(webp).flatten({ background: "#ffffff" });
          const { width: across, height: down } = await image.metadata();
          return { png: await image.png().toBuffer(), shape: across / down, words };
        }),
      );
      // All in one row, as tall as they then can be.
      const gap = 10;
      const shapes = images.reduce((sum, { shape }) => sum + shape, 0);
      const tall = Math.min(heightMm * MM, (inner - gap * (images.length - 1)) / shapes);
      if (y + tall + 20 > bottom) newPage();
      let x = MARGIN;
      for (const { png, shape, words } of images) {
        document.image(png, x, y + 6, { height: tall });
        pdf.write(words, { x, y: y + tall + 16, size: TYPE * 0.88, ink: "#333333" });
        x += tall * shape + gap;
      }
      y += tall + 20;
    },
    save: async () => {
      const { start, count } = document.bufferedPageRange();
      for (let page = start; page < start + count; page++) {
        document.switchToPage(page);
        const words = `${say.sentence(foot)} · page ${page + 1} of ${count}`;
        pdf.write(words, { x: MARGIN, y: height - MARGIN, size: TYPE * 0.85, ink: "#333333" });
      }
      return pdf.save();
    },
  };
}

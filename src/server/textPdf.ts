import "server-only";
import type { Say } from "@/core/text/say";
import { openPdf } from "./openPdf";

/** A5 in points, and A4 for large print: type of 18 points and more, as guidelines for clear print ask (from memory). */
export const PRINTS = {
  usual: { width: 419.5, height: 595.3, type: 9.5, margin: 30 },
  large: { width: 595.3, height: 841.9, type: 18, margin: 42 },
} as const;
export type Print = keyof typeof PRINTS;

interface Style {
  readonly bold?: boolean;
  readonly times?: number;
  readonly indent?: number;
  readonly before?: number;
}

/** A document of text that flows down pages, a line at a time. */
export function textPdf(
  title: string,
  print: Print,
  say: Say,
): {
  write: (text: string, style?: Style) => void;
  newPage: () => void;
  save: () => Promise<Uint8Array>;
} {
  const pdf = openPdf(title);
  const { width, height, type, margin } = PRINTS[print];
  let y = 0;
  const newPage = () => {
    pdf.addPage(width, height);
    y = margin;
  };
  newPage();
  const lines = (text: string, size: number, { bold, indent = 0 }: Style): string[] => {
    const most = width - 2 * margin - indent;
    return say
      .sentence(text)
      .split(/[^\S\u00a0\u202f]/)
      .reduce<string[]>((made, word) => {
        const last = made.at(-1);
        const longer = last === undefined ? word : `${last} ${word}`;
        if (last !== undefined && pdf.widthOf(longer, size, bold) <= most)
          made[made.length - 1] = longer;
        else made.push(word);
        return made;
      }, []);
  };
  return {
    newPage,
    save: pdf.save,
    write: (text, o = {}) => {
      const size = type * (o.times ?? 1);
      y += (o.before ?? 0) * type;
      for (const line of lines(text, size, o)) {
        if (y + size * 1.35 > height - margin) newPage();
        y += size * 1.35;
        pdf.write(line, { x: margin + (o.indent ?? 0), y, size, bold: o.bold });
      }
    },
  };
}

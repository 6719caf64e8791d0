import "server-only";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { create } from "fontkit";
import PDFDocument from "pdfkit";
import { plainText } from "@/core/text/plainText";

const FONTS = "node_modules/@expo-google-fonts";

/** Atkinson Hyperlegible Next, and for letters it has not Noto Sans (Latin, Greek, Cyrillic, Devanagari): both SIL OFL 1.1. */
const FILES = {
  plain: [
    "atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf",
    "noto-sans/400Regular/NotoSans_400Regular.ttf",
  ],
  bold: [
    "atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf",
    "noto-sans/700Bold/NotoSans_700Bold.ttf",
  ],
} as const;

/** What stands for a letter that none of the fonts has. */
const UNKNOWN = "\ufffd";

const fileOf = (path: string) => join(/* turbopackIgnore: true */ process.cwd(), FONTS, path);

const LETTERS = new Map<string, ReadonlySet<number>>();
/** The letters a font file has; their outlines are taken from the file by the document. */
function lettersOf(path: string): ReadonlySet<number> {
  const known = LETTERS.get(path);
  if (known) return known;
  const font = create(readFileSync(fileOf(path)));
  if (!("characterSet" in font)) throw new Error(`${path} is a collection of fonts`);
  const letters = new Set<number>(font.characterSet as number[]);
  LETTERS.set(path, letters);
  return letters;
}

interface Run {
  text: string;
  readonly path: string;
}

const hasAll = (path: string, text: string): boolean =>
  Array.from(text).every((letter) => lettersOf(path).has(letter.codePointAt(0) ?? 0));

/** A text in stretches of one font each: a word in the first font that has all of its letters. */
function runsOf(text: string, bold: boolean): Run[] {
  const files = FILES[bold ? "bold" : "plain"];
  const runs: Run[] = [];
  const put = (shown: string, path: string) => {
    const before = runs.at(-1);
    if (before?.path === path) before.text += shown;
    else runs.push({ text: shown, path });
  };
  const words = plainText(text).normalize("NFC").replace(/\s/g, " ");
  for (const word of words.split(/(?<= )/)) {
    const path = files.find((file) => hasAll(file, word));
    if (path) put(word, path);
    else
      for (const letter of word) {
        const own = files.find((file) => hasAll(file, letter));
        put(own ? letter : UNKNOWN, own ?? files[1]);
      }
  }
  return runs;
}

/** A document being written. Lengths are points, from the top left of the page. */
export interface Pdf {
  readonly document: PDFKit.PDFDocument;
  readonly addPage: (width: number, height: number) => void;
  readonly widthOf: (text: string, size: number, bold?: boolean) => number;
  /** Writes one line, its base line at a point. `ink` is a grey, black without it. */
  readonly write: (
    text: string,
    o: { x: number; y: number; size: number; bold?: boolean | undefined; ink?: string },
  ) => void;
  readonly save: () => Promise<Uint8Array>;
}

/** An empty document without a page. Its pages can be written on again until it is saved where they are kept. */
export function openPdf(title: string, { keepPages = false } = {}): Pdf {
  const document = new PDFDocument({
    autoFirstPage: false,
    bufferPages: keepPages,
    // No font before one is asked for: the standard ones know Latin 1 only.
    font: fileOf(FILES.plain[0]),
    lang: "en",
    info: { Title: plainText(title) },
    displayTitle: true,
  });
  const parts: Buffer[] = [];
  document.on("data", (part: Buffer) => parts.push(part));
  const ended = new Promise<void>((resolve, reject) => {
    document.on("end", resolve);
    document.on("error", reject);
  });
  const widthOfRun = ({ text, path }: Run, size: number) =>
    document.font(fileOf(path)).fontSize(size).widthOfString(text);
  return {
    document,
    addPage: (width, height) => void document.addPage({ size: [width, height], margin: 0 }),
    widthOf: (text, size, bold = false) =>
      runsOf(text, bold).reduce((sum, run) => sum + widthOfRun(run, size), 0),
    write: (text, { x, y, size, bold = false, ink = "#000000" }) => {
      let at = x;
      for (const run of runsOf(text, bold)) {
        const width = widthOfRun(run, size);
        document.fillColor(ink).fillOpacity(1);
        document.text(run.text, at, y, { baseline: "alphabetic", lineBreak: false });
        at += width;
      }
    },
    save: async () => {
      document.end();
      await ended;
      return new Uint8Array(Buffer.concat(parts));
    },
  };
}

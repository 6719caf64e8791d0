/** Sheets a template is printed on, mm. A new one is a line here. */
export const PAPERS = {
  a4: { label: "A4", widthMm: 210, heightMm: 297 },
  letter: { label: "Letter", widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperKey = keyof typeof PAPERS;
export const PAPER_KEYS = Object.keys(PAPERS) as PaperKey[];

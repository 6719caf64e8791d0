import type { Sheet } from "./faceSheet";

const mm = (value: number) => String(Math.round(value * 100) / 100);
const escaped = (text: string) =>
  text.replace(
    /[&<>"]/g,
    (c) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[c] ?? c,
  );

/** The path of a shape in mm of its sheet, to the hundredth. */
export const pathOfShape = ({ points, closed }: Sheet["shapes"][number]): string =>
  points.map((p, i) => `${i ? "L" : "M"}${mm(p.x)} ${mm(p.y)}`).join("") + (closed ? "Z" : "");

/** Sheets as SVG at 1:1, one below the other: the user unit is a millimetre. */
export function sheetSvg(sheets: readonly Sheet[]): string {
  const widthMm = Math.max(...sheets.map((sheet) => sheet.widthMm));
  const heightMm = sheets.reduce((sum, sheet) => sum + sheet.heightMm, 0);
  const inner = sheets.map((sheet, i) =>
    i
      ? `<g transform="translate(0 ${mm(sheets.slice(0, i).reduce((sum, { heightMm: h }) => sum + h, 0))})">\n${contents(sheet)}\n</g>`
      : contents(sheet),
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}">\n${inner.join("\n")}\n</svg>\n`;
}

function contents({ shapes, texts }: Sheet): string {
  const drawn = shapes.map(
    (shape) =>
      `<path d="${pathOfShape(shape)}" fill="${shape.fill ?? "none"}"${shape.opacity === undefined ? "" : ` fill-opacity="${mm(shape.opacity)}"`} stroke="${shape.line ?? "none"}" stroke-width="${mm(shape.lineMm)}" stroke-linejoin="round"${shape.name ? ` data-name="${escaped(shape.name)}"` : ""}/>`,
  );
  const written = texts.map(
    ({ x, y, sizeMm, text, bold }) =>
      `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(sizeMm)}" font-family="sans-serif"${bold ? ' font-weight="bold"' : ""} fill="#222222">${escaped(text)}</text>`,
  );
  return [...drawn, ...written].join("\n");
}

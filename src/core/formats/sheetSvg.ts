import type { Sheet } from "./faceSheet";

const mm = (value: number) => String(Math.round(value * 100) / 100);
const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[c] ?? c);

/** The path of a shape in mm of its sheet, to the hundredth. */
export const pathOfShape = ({ points, closed }: Sheet["shapes"][number]): string => points.map((p, i) => `${i ? "L" : "M"}${mm(p.x)} ${mm(p.y)}`).join("") + (closed ? "Z" : "");

/** A sheet as SVG at 1:1: its user unit is a millimetre. */
export function sheetSvg({ widthMm, heightMm, shapes, texts }: Sheet): string {
  const drawn = shapes.map((shape) => `<path d="${pathOfShape(shape)}" fill="${shape.fill ?? "none"}"${shape.opacity === undefined ? "" : ` fill-opacity="${mm(shape.opacity)}"`} stroke="${shape.line ?? "none"}" stroke-width="${mm(shape.lineMm)}" stroke-linejoin="round"${shape.name ? ` data-name="${escaped(shape.name)}"` : ""}/>`);
  const written = texts.map(({ x, y, sizeMm, text, bold }) => `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(sizeMm)}" font-family="sans-serif"${bold ? ' font-weight="bold"' : ""} fill="#222222">${escaped(text)}</text>`);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}">\n${[...drawn, ...written].join("\n")}\n</svg>\n`;
}

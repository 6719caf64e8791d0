/** Colours in the plain-text format of the GIMP image editor: an open format that paint programs and editors read. */
export interface ColourFile {
  readonly name: string;
  readonly colours: readonly { readonly name: string; readonly hex: string }[];
}

export interface Rejected {
  readonly line: number;
  readonly why: string;
}

const clean = (text: string) => text.replace(/[\u0000-\u001f\u007f]/g, " ").trim(); // eslint-disable-line no-control-regex -- a name is one line of plain text

/** @see the format's description in the editor's own documentation: a first line, optional Name and Columns, comments with #, then red, green, blue and a name. */
export function formatGpl({ name, colours }: ColourFile, columns = 8): string {
  const lines = colours.map(({ name: label, hex }) => {
    const [r, g, b] = [1, 3, 5].map((at) =>
      String(parseInt(hex.slice(at, at + 2), 16)).padStart(3),
    );
    return `${r} ${g} ${b}\t${clean(label) || "unnamed"}`;
  });
  return [
    "GIMP Palette",
    `Name: ${clean(name) || "colours"}`,
    `Columns: ${columns}`,
    "#",
    ...lines,
    "",
  ].join("\n");
}

const MOST_LINES = 20_000;

/** Reads a colour file, however it is spaced; what is no colour is told by its line and left out. Never throws. */
export function readGpl(
  text: string,
): { ok: true; file: ColourFile; rejected: Rejected[] } | { ok: false; why: string } {
  const lines = text.replace(/^\ufeff/, "").split(/\r\n|\n|\r/);
  if (!/^GIMP Palette\s*$/.test(lines[0] ?? ""))
    return { ok: false, why: "the first line is not that of a colour file of this kind" };
  if (lines.length > MOST_LINES) return { ok: false, why: `more than ${MOST_LINES} lines` };
  let name = "colours";
  const colours: ColourFile["colours"][number][] = [];
  const rejected: Rejected[] = [];
  lines.slice(1).forEach((line, i) => {
    const head = /^(Name|Columns):\s*(.*)$/.exec(line);
    if (head) {
      if (head[1] === "Name" && clean(head[2] ?? "")) name = clean(head[2] ?? "").slice(0, 80);
      return;
    }
    if (!line.trim() || line.trimStart().startsWith("#")) return;
    const found = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(line);
    const parts = found ? [found[1], found[2], found[3]].map(Number) : [];
    if (!found || parts.some((value) => value > 255)) {
      rejected.push({
        line: i + 2,
        why: found ? "a part is more than 255" : "is no colour: three numbers and a name are",
      });
      return;
    }
    colours.push({
      name: clean(found[4] ?? "").slice(0, 80) || "unnamed",
      hex: `#${parts.map((value) => value.toString(16).padStart(2, "0")).join("")}`,
    });
  });
  return { ok: true, file: { name, colours }, rejected };
}

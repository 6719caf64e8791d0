/** Width of a letter of bold print as a share of its size, on average; taken wide, so that nothing runs off a sheet. */
const LETTER = 0.58;

/**
 * Words of a text in lines of a width.
 *
 * @param widthMm of a line
 * @param sizeMm of the type
 */
export function wrapped(text: string, widthMm: number, sizeMm: number): string[] {
  const most = Math.max(1, Math.floor(widthMm / (LETTER * sizeMm)));
  const words = text.split(/\s+/).filter(Boolean);
  return words.reduce<string[]>((lines, word) => {
    const last = lines.at(-1);
    return last !== undefined && last.length + 1 + word.length <= most
      ? [...lines.slice(0, -1), `${last} ${word}`]
      : [...lines, word];
  }, []);
}

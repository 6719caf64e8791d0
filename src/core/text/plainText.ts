/** C0 and C1 controls but tab and line feed, and half characters: no name has them, and PDF, XML and iCalendar break on them. */
// eslint-disable-next-line no-control-regex -- they are what is looked for
const CONTROLS = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f]/g;
const HALVES = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

/** A text without what can't be written or printed; line breaks as line feeds. */
export const plainText = (text: string): string =>
  text.replace(/\r\n?/g, "\n").replace(CONTROLS, "").replace(HALVES, "");

/**
 * Reads JSON that came from outside: every text in it is plain.
 *
 * @throws SyntaxError where it is no JSON
 */
export const readJson = (text: string): unknown =>
  JSON.parse(text, (_, value: unknown) => (typeof value === "string" ? plainText(value) : value));

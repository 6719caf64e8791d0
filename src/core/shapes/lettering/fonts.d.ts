/** What the test of the letters asks of two packages that bring no types. */
declare module "fontkit" {
  interface Font {
    readonly capHeight: number;
    getVariation(axes: Record<string, number>): Font;
    glyphForCodePoint(code: number): { readonly advanceWidth: number };
  }
  export function create(file: Buffer): Font;
}
declare module "wawoff2" {
  export function decompress(file: Buffer): Promise<Uint8Array>;
}

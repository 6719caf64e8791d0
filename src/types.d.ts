declare module "psychrolib";
declare module "spectral.js" {
  export class Color {
    constructor(value: string);
    toString(): string;
  }
  export function mix(...parts: [Color, number][]): Color;
}

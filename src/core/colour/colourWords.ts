import { chroma, hueAngle, type Lab } from "./lab";

/** Hues by their angle in CIELAB, degrees, each up to where it says. By eye, no published source. */
const HUES: readonly (readonly [upTo: number, name: string])[] = [
  [8, "pink"],
  [42, "red"],
  [68, "orange"],
  [100, "yellow"],
  [125, "yellow-green"],
  [172, "green"],
  [228, "blue-green"],
  [293, "blue"],
  [330, "violet"],
  [360, "pink"],
];

/** Under this chroma a colour is a grey; under the second it is told as greyish. By eye, no published source. */
const [GREY, DULL] = [6, 16];

function lightness(l: number): string {
  if (l < 22) return "very dark ";
  if (l < 42) return "dark ";
  if (l < 66) return "";
  return l < 82 ? "light " : "pale ";
}

/** What one calls a colour in plain words: "pale yellow", "dark greyish blue", "brown". */
export function colourWords(lab: Lab): string {
  const [l] = lab;
  const vivid = chroma(lab);
  if (vivid < GREY) {
    if (l > 92) return "white";
    return l < 16 ? "black" : `${lightness(l)}grey`;
  }
  const angle = hueAngle(lab);
  const hue = HUES.find(([upTo]) => angle < upTo)?.[1] ?? "pink";
  // What is orange or yellow in the light is brown in the shade.
  const isBrown = (hue === "orange" || (hue === "yellow" && l < 45) || hue === "red") && l < 58;
  if (isBrown && vivid < (hue === "red" ? 28 : 50)) return `${lightness(l)}brown`;
  const isPink = hue === "red" && l > 62;
  return `${lightness(l)}${vivid < DULL ? "greyish " : ""}${isPink ? "pink" : hue}`;
}

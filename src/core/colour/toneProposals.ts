import { mixedLab, masstoneLab } from "./mixedLab";
import { deltaE00 } from "./difference";
import { chroma, hueAngle, type Lab } from "./lab";
import type { PaintOptics } from "./paintOptics";
import type { MixPaint } from "./solveMix";

export interface ToneProposal {
  /** Parts of the base, and of the one or two paints that go into it. */
  readonly base: number;
  readonly with: readonly { readonly id: string; readonly parts: number }[];
  readonly lab: Lab;
  readonly deltaE: number;
  readonly reason: string;
}

/** Base to one addition, and to two, the gentlest first. */
const RATIOS = [
  [4, 1],
  [3, 1],
  [2, 1],
  [3, 2],
  [1, 1],
  [1, 2],
] as const;
const RATIOS_OF_TWO = [
  [4, 1, 1],
  [3, 1, 1],
  [2, 1, 1],
  [2, 2, 1],
  [2, 1, 2],
  [1, 1, 1],
] as const;
/** dE00 a second addition has to be worth. Common practice, no published source. */
const SECOND_COST = 0.5;

/** Steps from a base to the tones that model it: COLOUR-2 and FORM-1; the figures are common practice, no published source. */
const SHADE_STEP = 18;
const SHADE_DULLS = 0.82;
const HIGHLIGHT_STEP = 15;
/** A highlight is a tint: paler in a*, and turned a little to the sun in b*, not plain white. */
const PALER = [0.85, 0.95] as const;
const WARMER = 6;

const darker = ([L, a, b]: Lab): Lab => [
  Math.max(6, L - SHADE_STEP),
  a * SHADE_DULLS,
  b * SHADE_DULLS,
];
const lighter = ([L, a, b]: Lab): Lab => [
  Math.min(96, L + HIGHLIGHT_STEP),
  a * PALER[0],
  b * PALER[1] + WARMER,
];

/** A red or brown that white alone has lightened turns pink: its hue falls away from yellow (COLOUR-2). Greys have no hue to lose. */
const turnsPink = (from: Lab, tone: Lab): boolean =>
  chroma(from) > 12 && from[1] > 0 && from[2] > 0 && hueAngle(tone) < hueAngle(from) - 2;

function reasonFor(base: Lab, tone: Lab): string {
  const step = Math.round(Math.abs(tone[0] - base[0]));
  const colour = chroma(tone) - chroma(base);
  // Warm is toward orange, some 60 degrees of hue; a grey has no hue to turn.
  const fromOrange = (lab: Lab) => Math.abs(((hueAngle(lab) - 60 + 540) % 360) - 180);
  const warmth =
    Math.min(chroma(base), chroma(tone)) > 8
      ? fromOrange(base) - fromOrange(tone)
      : tone[2] - base[2];
  const words = [`${step} ${tone[0] < base[0] ? "darker" : "lighter"}`];
  if (Math.abs(colour) >= 3) words.push(colour < 0 ? "duller" : "stronger in colour");
  if (Math.abs(warmth) >= 3) words.push(warmth > 0 ? "warmer" : "cooler");
  return `${words.join(", ")} than the base, and of its family`;
}

function propose(
  base: PaintOptics,
  paints: readonly MixPaint[],
  toward: (lab: Lab) => Lab,
  wrong: (base: Lab, tone: Lab) => boolean,
): ToneProposal[] {
  const from = masstoneLab(base);
  const target = toward(from);
  const score = (tone: ToneProposal) => tone.deltaE + SECOND_COST * (tone.with.length - 1);
  const bestOf = (
    added: readonly MixPaint[],
    ratios: readonly (readonly number[])[],
  ): ToneProposal[] =>
    ratios
      .map(([mine = 1, ...theirs]): ToneProposal => {
        const lab = mixedLab([
          { optics: base, parts: mine },
          ...added.map(({ optics }, i) => ({ optics, parts: theirs[i] ?? 1 })),
        ]);
        return {
          base: mine,
          with: added.map(({ id }, i) => ({ id, parts: theirs[i] ?? 1 })),
          lab,
          deltaE: deltaE00(lab, target),
          reason: reasonFor(from, lab),
        };
      })
      .filter(({ lab }) => !wrong(from, lab))
      .sort((a, b) => score(a) - score(b))
      .slice(0, 1);
  const single = paints
    .flatMap((paint) => bestOf([paint], RATIOS))
    .sort((a, b) => score(a) - score(b));
  // Two additions are tried among the paints that pull furthest toward the wanted tone by themselves.
  const near = [...paints].sort((a, b) => pull(a) - pull(b)).slice(0, PAIRED);
  function pull({ optics }: MixPaint): number {
    const lab = masstoneLab(optics);
    return -(
      (lab[0] - from[0]) * Math.sign(target[0] - from[0]) +
      ((lab[1] - from[1]) * (target[1] - from[1]) + (lab[2] - from[2]) * (target[2] - from[2])) / 10
    );
  }
  const pairs = near.flatMap((first, i) =>
    near.slice(i + 1).flatMap((second) => bestOf([first, second], RATIOS_OF_TWO)),
  );
  return [...single, ...pairs].sort((a, b) => score(a) - score(b)).slice(0, 3);
}

/** Paints whose pairs are tried. */
const PAIRED = 10;

/**
 * Shadows and highlights for a base from the paints at hand (COLOUR-2): the shadow a darker, duller relative of it, never plain black; the
 * highlight a warm tint of it. Up to three of each, nearest to what is wanted first, each with its reason.
 */
export function proposeTones(
  base: PaintOptics,
  paints: readonly MixPaint[],
): { shade: ToneProposal[]; highlight: ToneProposal[] } {
  return {
    shade: propose(base, paints, darker, (from, tone) => from[0] - tone[0] < 6),
    highlight: propose(
      base,
      paints,
      lighter,
      (from, tone) => tone[0] - from[0] < 3 || turnsPink(from, tone),
    ),
  };
}

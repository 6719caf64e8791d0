import { signedArea, zoneInfo, type Figure, type ZoneId } from "../anatomy";
import { zoneWords } from "../look";
import type { AreaSeen, Light } from "./coverSeen";

/** What a photograph of a painted face shows that the plan has otherwise. */
export interface Seen {
  readonly kind: "bare" | "thin" | "off";
  readonly zones: readonly ZoneId[];
  /** "Bare or thin skin on the left temple: about 3 cm² of 14." */
  readonly message: string;
  readonly toDo: string;
}

/** Less than this much bare skin is a matter of the points, not of the paint: cm2, and share of an area. By eye, no published source. */
const [LEAST_CM2, LEAST_SHARE] = [0.7, 0.06];
/** Paint that covers less than this is thin; an area is off in colour from so many degrees. By eye, no published source. */
const [COVERS, OFF_DEG] = [0.78, 5];
/** Fewer places than this say nothing about an area. */
const LEAST_PLACES = 60;

/** Which way one colour is off another of the same brightness, as a painter says it. */
function offWords(seen: Light, made: Light): string {
  const [red, green, blue] = seen.map((value, k) => value - (made[k] ?? 0)) as [
    number,
    number,
    number,
  ];
  const ways = [
    ["redder", red - (green + blue) / 2],
    ["greener", green - (red + blue) / 2],
    ["bluer", blue - (red + green) / 2],
    ["yellower", (red + green) / 2 - blue],
    ["pinker", (red + blue) / 2 - green],
    ["colder", (green + blue) / 2 - red],
  ] as const;
  return ways.reduce((most, way) => (way[1] > most[1] ? way : most))[0];
}

const cm2Words = (cm2: number): string =>
  cm2 < 10 ? cm2.toFixed(1).replace(/\.0$/, "") : String(Math.round(cm2));

/** One line for each matter, the largest first. */
export function compareToPlan(areas: readonly AreaSeen[], figure: Figure): Seen[] {
  const judged = areas.filter(({ places }) => places >= LEAST_PLACES);
  const found = judged.flatMap((area): (Seen & { readonly weight: number })[] => {
    const { areaCm2: whole, polygon } = figure.zone(area.zone);
    // What is on the chart is so much more on the skin.
    const bareCm2 = (area.bareMm2 * whole) / Math.abs(signedArea(polygon));
    const where = zoneWords([area.zone]);
    const common = { zones: [area.zone] };
    if (area.offDeg >= OFF_DEG)
      return [
        {
          ...common,
          kind: "off",
          weight: whole,
          message: `Another colour than planned on ${where}: ${offWords(area.seen, area.made)}.`,
          toDo: "Look at the pot and the mix again, in daylight, before going on.",
        },
      ];
    if (area.cover < COVERS && area.bareShare > 0.5)
      return [
        {
          ...common,
          kind: "thin",
          weight: whole,
          message: `Thin on ${where}: some ${Math.round(area.cover * 10) * 10} % of the colour is there.`,
          toDo: "Another coat once this one is dry.",
        },
      ];
    if (bareCm2 >= LEAST_CM2 && area.bareShare >= LEAST_SHARE)
      return [
        {
          ...common,
          kind: "bare",
          weight: bareCm2,
          message: `Bare or thin skin on ${where}: about ${cm2Words(bareCm2)} of ${cm2Words(whole)} cm².`,
          toDo:
            zoneInfo(area.zone).traits.crease > 0.6
              ? "Stretch the crease and pat it in."
              : "Pat it in.",
        },
      ];
    return area.cover < COVERS
      ? [
          {
            ...common,
            kind: "thin",
            weight: whole * (1 - area.cover),
            message: `Thin on ${where}: some ${Math.round(area.cover * 10) * 10} % of the colour is there.`,
            toDo: "Another coat once this one is dry.",
          },
        ]
      : [];
  });
  return found.sort((a, b) => b.weight - a.weight).map(({ weight: _, ...seen }) => seen);
}

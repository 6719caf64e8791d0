import type { Nearness } from "./nearness";
import { signedArea, zoneInfo, type Figure, type Point, type ZoneId } from "../anatomy";
import { zoneWords } from "../look";
import type { AreaSeen, Light } from "./coverSeen";

/** What a photograph of a painted face shows that the plan has otherwise. */
export interface Seen {
  readonly kind: "bare" | "thin" | "off" | "streaky" | "uneven" | "moved" | "missing";
  /** Areas it is on; none of a shape. */
  readonly zones: readonly ZoneId[];
  /** Where to look, on the front chart, mm. */
  readonly at: readonly Point[];
  /** Whether it stands well clear of what points and light can be off. */
  readonly isSure: boolean;
  /** "Bare or thin skin on left temple: about 3 of 14 cm²." */
  readonly message: string;
  readonly toDo: string;
}

/** Less than this much bare skin is a matter of the points, not of the paint: cm2, and share of an area. By eye, no published source. */
const [LEAST_CM2, LEAST_SHARE] = [0.7, 0.06];
/** Paint that covers less than this is thin, sooner where landmarks are sure. By eye, no published source. */
const COVERS: Readonly<Record<Nearness, number>> = { found: 0.7, checked: 0.78 };
/** An area is off in colour from so many degrees. By eye, no published source. */
const OFF_DEG = 5;
/** Cover that goes up and down by so much from patch to patch is streaky. By eye, no published source. */
const STREAKY = 0.12;
/** What is so many times as much as is told at all is sure. By judgement. */
const SURE = 1.5;
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

/** Paint that covers less than this is not there. By eye, no published source. */
const NONE = 0.15;

/** What one area shows; those alike in kind and words are one matter. */
interface Judged {
  readonly kind: Seen["kind"];
  readonly zone: ZoneId;
  /** What sets it apart from others of its kind: which way a colour is off, how much is there. */
  readonly how: string;
  /** How much skin it concerns, cm2. */
  readonly cm2: number;
  readonly at: Point;
  readonly isSure: boolean;
}

function judge(area: AreaSeen, figure: Figure, nearness: Nearness): Judged | null {
  const { zone, cover, bareShare, at } = area;
  const { areaCm2: whole, polygon } = figure.zone(zone);
  // What is on the chart is so much more on the skin.
  const bareCm2 = (area.bareMm2 * whole) / Math.abs(signedArea(polygon));
  if (cover < NONE) return { kind: "bare", zone, how: "all", cm2: whole, at, isSure: true };
  if (area.offDeg >= OFF_DEG)
    return {
      ...{ kind: "off", zone, cm2: whole, at },
      how: offWords(area.seen, area.made),
      isSure: area.offDeg >= SURE * OFF_DEG,
    };
  if (bareCm2 >= LEAST_CM2 && bareShare >= LEAST_SHARE && bareShare <= 0.5) {
    const isSure = bareCm2 >= SURE * LEAST_CM2;
    return { kind: "bare", zone, how: "spot", cm2: bareCm2, at, isSure };
  }
  if (cover < COVERS[nearness]) {
    const how = `${Math.round(cover * 10) * 10} %`;
    return { kind: "thin", zone, how, cm2: whole, at, isSure: cover < COVERS[nearness] - 0.1 };
  }
  return area.streaks > STREAKY
    ? { kind: "streaky", zone, how: "", cm2: whole, at, isSure: area.streaks > SURE * STREAKY }
    : null;
}

/** What is said of areas that show the same. */
function said(alike: readonly Judged[], figure: Figure): Pick<Seen, "message" | "toDo"> {
  const [{ kind, how }] = alike as readonly [Judged];
  const zones = alike.map(({ zone }) => zone);
  const where = zoneWords(zones);
  if (kind === "off")
    return {
      message: `Another colour than planned on ${where}: ${how}.`,
      toDo: "Look at the pot and the mix again, in daylight, before going on.",
    };
  if (kind === "thin")
    return {
      message: `Thin on ${where}: some ${how} of the colour is there.`,
      toDo: "Another coat once this one is dry.",
    };
  if (kind === "streaky")
    return {
      message: `Streaky on ${where}: more paint in one stroke than in the next.`,
      toDo: "Go over it once across the strokes with a damp sponge, before it is dry.",
    };
  if (how === "all")
    return {
      message: `No paint is seen on ${where}.`,
      toDo: "Paint it, if it should be there by now.",
    };
  const sum = (of: (judged: Judged) => number) => alike.reduce((all, one) => all + of(one), 0);
  const whole = sum(({ zone }) => figure.zone(zone).areaCm2);
  return {
    message: `Bare or thin skin on ${where}: about ${cm2Words(sum(({ cm2 }) => cm2))} of ${cm2Words(whole)} cm².`,
    toDo: zones.some((zone) => zoneInfo(zone).traits.crease > DEEP)
      ? "Stretch the crease and pat it in."
      : "Pat it in.",
  };
}
/** From this trait on an area has a crease that paint does not reach by itself. */
const DEEP = 0.6;

/** One line for each matter, however many areas it is on; what concerns most skin first. */
export function compareToPlan(
  areas: readonly AreaSeen[],
  figure: Figure,
  nearness: Nearness,
): Seen[] {
  const matters = new Map<string, Judged[]>();
  for (const area of areas) {
    const judged = area.places >= LEAST_PLACES ? judge(area, figure, nearness) : null;
    if (!judged) continue;
    const key = `${judged.kind} ${judged.how}`;
    matters.set(key, [...(matters.get(key) ?? []), judged]);
  }
  const skin = (alike: readonly Judged[]) => alike.reduce((sum, { cm2 }) => sum + cm2, 0);
  return [...matters.values()]
    .sort((a, b) => skin(b) - skin(a))
    .map((alike): Seen => ({
      kind: (alike[0] as Judged).kind,
      zones: alike.map(({ zone }) => zone),
      at: alike.map(({ at }) => at),
      isSure: alike.some(({ isSure }) => isSure),
      ...said(alike, figure),
    }));
}

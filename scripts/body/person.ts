import { clamp, curve, mix, type Pair, type Vec } from "../../src/core/anatomy/surface/smooth";

/** Whose body it is: nothing but size, weight and age. The figure is between a man's and a woman's. */
export interface BodyParameters {
  /** Millimetres. */
  readonly stature: number;
  /** Kilograms. */
  readonly mass: number;
  /** 0 grown, 1 a child of seven. */
  readonly child: number;
}

/** Millimetres; girths unless the name says otherwise. */
interface BodyMeasures extends Readonly<Record<Girth, number>> {
  /** Acromion to acromion. */
  readonly shoulderBreadth: number;
  readonly handLength: number;
  readonly footLength: number;
  readonly upperArmLength: number;
  readonly forearmLength: number;
}

/**
 * Girths of adults at 1700 mm and a body mass index of 23, what a unit of it adds, and of a child of
 * seven, mm: rounded from surveys (ANSUR, NHANES; from memory), half way between men and women. With
 * stature they go as its square root, which keeps mass over stature squared right.
 */
const GIRTHS = {
  chest: [930, 19.5, 610],
  waist: [795, 24, 555],
  hip: [972.5, 17.5, 645],
  thigh: [569, 13.5, 365],
  knee: [370, 7.75, 270],
  calf: [362.5, 7.5, 248],
  ankle: [219, 3.25, 170],
  arm: [291, 10.5, 185],
  forearm: [254, 5.75, 182],
  wrist: [161, 2, 126],
  neck: [345, 5.25, 268],
} as const satisfies Record<string, readonly [adult: number, byIndex: number, seven: number]>;
type Girth = keyof typeof GIRTHS;

/** The drawn adult, and a child of seven (growth charts, from memory). */
export const DRAWN: BodyParameters = { stature: 1700, mass: 66, child: 0 };
export const SEVEN = { stature: 1220, mass: 23 } as const;
const SEVEN_INDEX = SEVEN.mass / (SEVEN.stature / 1000) ** 2;

/** The measures of somebody nobody has measured. */
function measuresOf({ stature, mass, child }: BodyParameters): BodyMeasures {
  const index = mass / (stature / 1000) ** 2;
  const girths = (Object.keys(GIRTHS) as Girth[]).map((name): [Girth, number] => {
    const [adult, by, seven] = GIRTHS[name];
    const grown = (adult + by * (index - 23)) * Math.sqrt(stature / DRAWN.stature);
    const small = (seven + 0.72 * by * (index - SEVEN_INDEX)) * Math.sqrt(stature / SEVEN.stature);
    return [name, mix(grown, small, child)];
  });
  return {
    ...(Object.fromEntries(girths) as Record<Girth, number>),
    shoulderBreadth: mix(0.2285, 0.222, child) * stature,
    handLength: mix(0.108, 0.106, child) * stature,
    footLength: mix(0.152, 0.155, child) * stature,
    upperArmLength: mix(0.166, 0.158, child) * stature,
    forearmLength: mix(0.138, 0.132, child) * stature,
  };
}

/** Heights above the floor as shares of stature: the drawn adult and a child of seven. */
const HEIGHTS: readonly (readonly [drawn: number, adult: number, seven: number])[] = [
  [0, 0, 0],
  [70, 0.0412, 0.045],
  [485, 0.2853, 0.275],
  [799, 0.47, 0.447],
  [1020, 0.6, 0.583],
  [1290, 0.7588, 0.744],
  [1397, 0.8218, 0.806],
  [1460, 0.8588, 0.838],
];

/** What the sculpture asks of a person. */
export interface Person {
  readonly child: number;
  readonly stature: number;
  readonly mass: number;
  readonly measures: BodyMeasures;
  /** Stature against the drawn one. */
  readonly size: number;
  /** Share of a measure against the drawn adult's. */
  readonly share: Readonly<Record<keyof BodyMeasures, number>>;
  /** Height of the drawn adult to this person's. */
  readonly height: (y: number) => number;
  /** Shares of breadth and depth of the trunk by the drawn height. */
  readonly wide: (y: number) => number;
  readonly deep: (y: number) => number;
  /** A place on the drawn trunk, and a size there, on this person's. */
  readonly place: (p: Vec) => Vec;
  readonly sized: (r: Vec, y: number) => Vec;
}

/** How much of a fuller body each girth takes; the rest is bone. By eye. */
const FLESH: Readonly<Record<Girth, number>> = {
  chest: 1,
  waist: 1,
  hip: 1,
  thigh: 1,
  knee: 0.6,
  calf: 1,
  ankle: 0.5,
  arm: 1,
  forearm: 1,
  wrist: 0.5,
  neck: 0.3,
};

/** A person, so much fuller than their usual girths. */
export function personOf(parameters: BodyParameters, fullness = 1): Person {
  const { stature, mass, child } = parameters;
  const usual = measuresOf(parameters);
  const filled = (Object.keys(FLESH) as Girth[]).map((name) => [
    name,
    usual[name] * (1 + FLESH[name] * (fullness - 1)),
  ]);
  const measures = { ...usual, ...Object.fromEntries(filled) } as BodyMeasures;
  const drawn = measuresOf(DRAWN);
  const names = Object.keys(drawn) as (keyof BodyMeasures)[];
  const share = Object.fromEntries(names.map((n) => [n, measures[n] / drawn[n]])) as Record<
    keyof BodyMeasures,
    number
  >;
  const size = stature / DRAWN.stature;
  const height = curve(
    HEIGHTS.map(([y, adult, seven]): Pair => [y, mix(adult, seven, child) * stature]),
    "straight",
  );
  // Who gains girth gains more of it in depth than in breadth.
  const breadth = (s: number) => size * (s / size) ** 0.82;
  const depth = (s: number) => size * (s / size) ** 1.18;
  const chest = share.chest * (0.98 + 0.05 * child);
  const nodes = (of: (s: number) => number, top: number): Pair[] => [
    [790, of(share.hip)],
    [880, of(share.hip)],
    [1045, of(share.waist)],
    [1215, of(chest)],
    [1290, of(chest)],
    [1350, top],
    [1400, mix(top, share.neck, 0.5)],
    [1430, share.neck],
  ];
  const wide = curve(nodes(breadth, mix(share.shoulderBreadth, breadth(chest), 0.5)), "straight");
  const deep = curve(nodes(depth, depth(chest)), "straight");
  return {
    ...{ child, stature, mass, measures, size, share, height, wide, deep },
    place: ([x, y, z]) => [x * wide(y), height(y), z * deep(y)],
    sized: ([x, y, z], at) => [
      x * wide(at),
      (y * (height(at + 30) - height(at - 30))) / 60,
      z * deep(at),
    ],
  };
}

/** Head and neck above the ring, litres: of an adult of 1700 mm, and of a child of seven. */
const HEAD_LITRES = { adult: 4.6, seven: 3.4 } as const;
/** Litres of the drawn body's mesh to those of its tubes. */
const DRAWN_FILL = 59.6 / 59.4;

/**
 * How much fuller than their usual girths a person must be to weigh what they weigh: a body with
 * air in its lungs has the density of water (common practice), and volume goes as girth squared.
 *
 * @param tubeLitres litres in the tubes of a person
 */
export function fullnessOf(parameters: BodyParameters, tubeLitres: (p: Person) => number): number {
  const person = personOf(parameters);
  const head = mix(HEAD_LITRES.adult * person.size, HEAD_LITRES.seven, person.child);
  const litres = tubeLitres(person) * DRAWN_FILL;
  return clamp(Math.sqrt((person.mass - head) / litres), 0.9, 1.12);
}

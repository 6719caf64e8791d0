/** How a tool meets the skin. */
export type Technique =
  "stipple" | "buff" | "stroke" | "pat" | "press" | "spray" | "dab" | "draw" | "splatter";

export interface Tool {
  readonly label: string;
  readonly techniques: readonly Technique[];
  /** Skin covered in a minute of practised work, cm2. */
  readonly cm2PerMinute: number;
  /** The same on the body, where strokes are long; as on the face where it is missing. */
  readonly bodyCm2PerMinute?: number;
  /** Line drawn in a minute of practised work, mm. */
  readonly mmPerMinute: number;
  /** Paint left in the tool, on the palette and in the water, as a multiple of what stays on the skin. */
  readonly waste: number;
  /** Picked up as it is: nothing to rinse or to load. */
  readonly isReady?: true;
  /** What it throws travels through the air: it reaches a head from the body. */
  readonly drifts?: true;
  /** Minutes to set it up, mask and clean it, once a layer: the compressor of an airbrush. */
  readonly setUpMinutes?: number;
}

/**
 * Coverage rates are common practice, no published source: a practised base coat on a face (some 400 cm2) takes two minutes by
 * sponge and three by brush, a whole body of 1.8 m2 some 50 minutes a coat by sponge and 40 by airbrush.
 */
export const TOOLS = {
  dampSponge: {
    label: "damp sponge",
    techniques: ["stipple", "pat"],
    cm2PerMinute: 200,
    bodyCm2PerMinute: 350,
    mmPerMinute: 400,
    waste: 1.35,
  },
  foundationBrush: {
    label: "foundation brush",
    techniques: ["buff", "pat", "stroke"],
    cm2PerMinute: 120,
    mmPerMinute: 400,
    waste: 1.2,
  },
  flatBrush: {
    label: "flat brush",
    techniques: ["stroke", "pat"],
    cm2PerMinute: 70,
    mmPerMinute: 500,
    waste: 1.2,
  },
  roundBrush: {
    label: "round brush",
    techniques: ["stroke", "pat", "draw"],
    cm2PerMinute: 18,
    mmPerMinute: 800,
    waste: 1.25,
  },
  linerBrush: {
    label: "liner brush",
    techniques: ["draw", "stroke"],
    cm2PerMinute: 6,
    mmPerMinute: 500,
    waste: 1.4,
  },
  stippleSponge: {
    label: "stipple sponge",
    techniques: ["dab", "stipple"],
    cm2PerMinute: 150,
    mmPerMinute: 400,
    waste: 1.3,
  },
  splatterBrush: {
    label: "splatter brush",
    techniques: ["splatter"],
    cm2PerMinute: 120,
    mmPerMinute: 400,
    waste: 2,
  },
  puff: {
    label: "powder puff",
    techniques: ["press"],
    cm2PerMinute: 270,
    mmPerMinute: 600,
    waste: 1.5,
    isReady: true,
  },
  powderBrush: {
    label: "soft powder brush",
    techniques: ["buff", "pat"],
    cm2PerMinute: 200,
    mmPerMinute: 600,
    waste: 1.3,
    isReady: true,
  },
  finger: {
    label: "clean finger",
    techniques: ["dab", "pat"],
    cm2PerMinute: 45,
    mmPerMinute: 300,
    waste: 1.1,
  },
  cottonBud: {
    label: "damp cotton bud",
    techniques: ["dab"],
    cm2PerMinute: 10,
    mmPerMinute: 400,
    waste: 1,
    isReady: true,
  },
  spatula: {
    label: "spatula",
    techniques: ["press"],
    cm2PerMinute: 10,
    mmPerMinute: 150,
    waste: 1.3,
  },
  airbrush: {
    label: "airbrush",
    techniques: ["spray"],
    cm2PerMinute: 450,
    mmPerMinute: 600,
    waste: 1.8,
    drifts: true,
    setUpMinutes: 10,
  },
  spray: {
    label: "spray or mist bottle",
    techniques: ["spray"],
    cm2PerMinute: 1200,
    mmPerMinute: 1000,
    waste: 1.05,
    isReady: true,
    drifts: true,
  },
  stick: {
    label: "stick or pencil",
    techniques: ["draw", "stroke"],
    cm2PerMinute: 20,
    mmPerMinute: 500,
    waste: 1.05,
    isReady: true,
  },
} as const satisfies Record<string, Tool>;

export type ToolKey = keyof typeof TOOLS;
/** What is wiped or smoothed on rather than painted: skin in a minute, cm2, whatever with. Common practice, no published source. */
export const WIPED_CM2_PER_MINUTE = 600;

/** What is known of a tool. */
export const toolOf = (key: ToolKey): Tool => TOOLS[key];
/** Skin that a tool covers in a minute on a head's small planes, or where strokes are long as on a body, cm2. */
export const cm2PerMinuteOn = (key: ToolKey, part: "head" | "body"): number => {
  const { cm2PerMinute, bodyCm2PerMinute = cm2PerMinute } = toolOf(key);
  return part === "body" ? bodyCm2PerMinute : cm2PerMinute;
};
export const TOOL_KEYS = Object.keys(TOOLS) as ToolKey[];
export const TECHNIQUES: Readonly<Record<Technique, string>> = {
  stipple: "stippled, never dragged",
  buff: "buffed in",
  stroke: "stroked on",
  pat: "patted, not rubbed",
  press: "pressed in",
  spray: "sprayed lightly",
  dab: "dabbed",
  draw: "drawn with a steady hand",
  splatter: "flicked on",
};
export const TECHNIQUE_KEYS = Object.keys(TECHNIQUES) as Technique[];

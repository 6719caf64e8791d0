/** How a tool meets the skin. */
export type Technique =
  "stipple" | "buff" | "stroke" | "pat" | "press" | "spray" | "dab" | "draw" | "splatter";

export interface Tool {
  readonly label: string;
  readonly techniques: readonly Technique[];
  /** Skin covered in a minute of practised work, cm2. */
  readonly cm2PerMinute: number;
  /** Line drawn in a minute of practised work, mm. */
  readonly mmPerMinute: number;
  /** Paint left in the tool, on the palette and in the water, as a multiple of what stays on the skin. */
  readonly waste: number;
  /** Minutes to set it up, mask and clean it, once a layer: the compressor of an airbrush. */
  readonly setUpMinutes?: number;
}

/**
 * Coverage rates are common practice, no published source: a practised base coat on a face (some 330 cm2) takes about five minutes,
 * a whole body of 1.8 m2 some two and a half hours a coat.
 */
export const TOOLS = {
  dampSponge: {
    label: "damp sponge",
    techniques: ["stipple", "pat"],
    cm2PerMinute: 75,
    mmPerMinute: 400,
    waste: 1.35,
  },
  foundationBrush: {
    label: "foundation brush",
    techniques: ["buff", "pat", "stroke"],
    cm2PerMinute: 65,
    mmPerMinute: 400,
    waste: 1.2,
  },
  flatBrush: {
    label: "flat brush",
    techniques: ["stroke", "pat"],
    cm2PerMinute: 40,
    mmPerMinute: 500,
    waste: 1.2,
  },
  roundBrush: {
    label: "round brush",
    techniques: ["stroke", "pat", "draw"],
    cm2PerMinute: 18,
    mmPerMinute: 350,
    waste: 1.25,
  },
  linerBrush: {
    label: "liner brush",
    techniques: ["draw", "stroke"],
    cm2PerMinute: 6,
    mmPerMinute: 220,
    waste: 1.4,
  },
  stippleSponge: {
    label: "stipple sponge",
    techniques: ["dab", "stipple"],
    cm2PerMinute: 60,
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
    cm2PerMinute: 140,
    mmPerMinute: 600,
    waste: 1.5,
  },
  finger: {
    label: "clean finger",
    techniques: ["dab", "pat"],
    cm2PerMinute: 45,
    mmPerMinute: 300,
    waste: 1.1,
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
    cm2PerMinute: 150,
    mmPerMinute: 600,
    waste: 1.8,
    setUpMinutes: 10,
  },
  spray: {
    label: "spray or mist bottle",
    techniques: ["spray"],
    cm2PerMinute: 500,
    mmPerMinute: 1000,
    waste: 2,
  },
  stick: {
    label: "stick or pencil",
    techniques: ["draw", "stroke"],
    cm2PerMinute: 20,
    mmPerMinute: 500,
    waste: 1.05,
  },
} as const satisfies Record<string, Tool>;

export type ToolKey = keyof typeof TOOLS;
/** What is known of a tool. */
export const toolOf = (key: ToolKey): Tool => TOOLS[key];
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

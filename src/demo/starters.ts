/** What a painter says of themselves first, and the looks they are given to change: of the Weather Court, like all that is made up here. */
export const STARTERS = {
  party: {
    label: "Parties and booths",
    does: "small designs, children, a queue",
    looks: ["gate-leaf", "two-hailstones", "small-sundog"],
  },
  stage: {
    label: "Stage and film",
    does: "faces that read from the back row",
    looks: ["thunderhead", "fog", "first-frost"],
  },
  costume: {
    label: "Costume and conventions",
    does: "one night's character, face and body",
    looks: ["drought", "sundog", "first-frost"],
  },
  effects: {
    label: "Effects",
    does: "foam, caps, pieces, alcohol colour",
    looks: ["hail", "bog-light", "thunderhead"],
  },
} as const satisfies Record<string, { label: string; does: string; looks: readonly string[] }>;
export type StarterKey = keyof typeof STARTERS;

import { z } from "zod";
import { TOOL_KEYS, TOOLS, toolOf, type ToolKey } from "../paint";
import { filmShare, type Role } from "./roles";

/** How much of its full film a layer is laid with. Common practice, no published source. */
export const STRENGTHS = {
  full: { label: "full", film: 1 },
  sheer: { label: "sheer", film: 0.45 },
  trace: { label: "a trace", film: 0.15 },
} as const;
export type Strength = keyof typeof STRENGTHS;
export const STRENGTH_KEYS = Object.keys(STRENGTHS) as Strength[];

/** What is done to a coat while it can still be moved, with another tool than laid it. */
export const BLENDS = {
  blended: {
    does: "worked out on both sides",
    tools: ["foundationBrush", "powderBrush", "stippleSponge", "dampSponge", "finger"],
  },
  softened: {
    does: "its edges patted out",
    tools: ["finger", "dampSponge", "roundBrush", "flatBrush", "powderBrush"],
  },
  cleaned: { does: "its edges made clean", tools: ["cottonBud", "flatBrush", "roundBrush"] },
} as const satisfies Record<string, { does: string; tools: readonly ToolKey[] }>;
export type Blend = keyof typeof BLENDS;
export const BLEND_KEYS = Object.keys(BLENDS) as Blend[];

export const BlendSchema = z.object({ how: z.enum(BLEND_KEYS), tool: z.enum(TOOL_KEYS) }).strict();

/** Share of a full coat's film that a coat of a layer lays: by what it is for, and how strongly it is wanted. */
export const filmOf = ({ role, strength }: { readonly role: Role; readonly strength: Strength }) =>
  filmShare(role) * STRENGTHS[strength].film;

/** The tools of a layer as a painter says them: "flat brush, then blended with a foundation brush". */
export const toolWords = ({
  tool,
  blend,
}: {
  readonly tool: ToolKey;
  readonly blend: z.infer<typeof BlendSchema> | null;
}): string =>
  blend
    ? `${TOOLS[tool].label}, then ${blend.how} with a ${toolOf(blend.tool).label}`
    : TOOLS[tool].label;

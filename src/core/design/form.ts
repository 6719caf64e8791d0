import { z } from "zod";

/** Where the light of a painted form comes from. */
export const LIGHTS_FROM = ["above", "below", "left", "right"] as const;
export type LightFrom = (typeof LIGHTS_FROM)[number];

export const LIGHT_FROM_WORDS: Readonly<Record<LightFrom, string>> = {
  above: "from above",
  below: "from below",
  left: "from the person's left",
  right: "from the person's right",
};

/** What a layer does for the form of another one's shapes. */
export const FORM_PARTS = ["cast", "shade", "light"] as const;
export type FormPart = (typeof FORM_PARTS)[number];

/** The shade, light or cast shadow of another layer's shapes: it has the same, and goes where they go. */
export const FormSchema = z
  .object({
    of: z.string().max(64),
    as: z.enum(FORM_PARTS),
    /** A hole rather than a lump: dark towards the light, light away from it (FORM-3). */
    sunken: z.boolean().default(false),
    /** How far a cast shadow falls, mm. */
    reachMm: z.number().min(0).max(40, "at most 40 mm").default(2),
  })
  .strict();
export type Form = z.infer<typeof FormSchema>;

import { z } from "zod";
import { ARTIST_SKILL_KEYS } from "./skills";

/** An artist at a call: what they can do (null: everything) and how long after its beginning they come. */
export const ArtistSchema = z
  .object({
    name: z.string().trim().min(1, "give each artist a name").max(60),
    skills: z.array(z.enum(ARTIST_SKILL_KEYS)).max(20).nullable().default(null),
    lateMinutes: z
      .number()
      .int("whole minutes")
      .min(0, "0 or more")
      .max(600, "at most 600")
      .default(0),
  })
  .strict();
export type Artist = z.infer<typeof ArtistSchema>;

/** Who and what there is to paint a day's jobs with. */
export const CallSchema = z
  .object({
    artists: z.array(ArtistSchema).min(1, "a call needs an artist").max(12, "at most twelve"),
    chairs: z.number().int("whole chairs").min(1, "1 or more").max(12, "at most twelve"),
    /** Jobs of the day that are not called. */
    out: z.array(z.string().min(1).max(64)).max(100).default([]),
    /** Where the beginning is fixed; null: as late as all can be in time. */
    startAt: z.iso.datetime({ offset: true, error: "a date and a time" }).nullable().default(null),
  })
  .strict();
export type CallFields = z.infer<typeof CallSchema>;

export const USUAL_CALL: CallFields = {
  artists: [{ name: "artist 1", skills: null, lateMinutes: 0 }],
  chairs: 1,
  out: [],
  startAt: null,
};

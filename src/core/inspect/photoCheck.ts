import { z } from "zod";
import type { ZoneId } from "../anatomy";
import type { AreaSeen } from "./coverSeen";
import type { Inspection } from "./inspectFace";

/** What a photograph showed of a painted face, as a record keeps it: words and figures, no picture. */
export const PhotoCheckSchema = z
  .object({
    findings: z.array(z.string().min(1).max(300)).max(40),
    /** How much of the paint was there: the mean over all areas, per cent. */
    coverPercent: z.number().min(0).max(100),
    /** How far cover went up and down from patch to patch, per cent: 0 is even. */
    unevenPercent: z.number().min(0).max(100),
  })
  .strict();
type PhotoCheck = z.output<typeof PhotoCheckSchema>;

const weighed = (areas: readonly AreaSeen[], of: (area: AreaSeen) => number): number => {
  const places = areas.reduce((sum, area) => sum + area.places, 0);
  return places ? areas.reduce((sum, area) => sum + area.places * of(area), 0) / places : 0;
};
const percent = (share: number): number => Math.round(100 * Math.min(1, Math.max(0, share)));

/** What a record keeps of an inspection. */
export const photoCheck = ({ seen, areas }: Inspection): PhotoCheck => ({
  findings: seen.slice(0, 40).map(({ message }) => message),
  coverPercent: percent(weighed(areas, ({ present }) => present)),
  unevenPercent: percent(weighed(areas, ({ streaks }) => streaks)),
});

/** Fewer places than this say nothing about an area. */
const LEAST_PLACES = 60;

/** How much of the paint is still there, area by area, 0 to 1: what touch-ups and the wear of a record are read off. */
export const intactShares = ({ areas }: Inspection): ReadonlyMap<ZoneId, number> =>
  new Map(
    areas
      .filter(({ places }) => places >= LEAST_PLACES)
      .map(({ zone, present }) => [zone, present]),
  );

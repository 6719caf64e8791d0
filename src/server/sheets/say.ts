import type { PaperKey } from "@/core/formats";
import type { StudioSettings } from "@/core/studio";
import { mannerOf } from "@/core/text/manner";
import { sayer, type Say } from "@/core/text/say";

/** The paper of the studio. */
export const paperOf = ({ units }: StudioSettings): PaperKey =>
  units.paper === "Letter" ? "letter" : "a4";

/** Figures as the studio reads them. */
export const sayOf = (settings: StudioSettings): Say => sayer(mannerOf(settings));

/** "18:05": the clock time of a moment, on the clock it was written for. */
export const clockOf = (iso: string): string => iso.slice(11, 16);

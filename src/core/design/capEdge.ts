import { type Part, middle } from "./part";
import type { ZoneId } from "../anatomy";

/** Where a cap is glued: bare skin all round the hair. */
export const CAP_EDGE: readonly ZoneId[] = ["forehead", "templeLeft", "templeRight", "nape"];
/** Share of a piece's zones that its edge takes up. Common practice, no published source. */
export const EDGE: Part = middle(0.1);

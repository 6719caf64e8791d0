import type { Brief } from "../brief";
import { healthOf } from "../look";
import { isPaintType, material, toolsFor, type MaterialKey } from "../paint";
import type { Person } from "../people";
import type { RuleId } from "../rules";
import type { StudioSettings } from "../studio";

/** Why something is kept out of the air or the room, by the rule that does it. */
export interface Kept {
  readonly rule: RuleId;
  readonly why: string;
}

type Somewhere = { readonly person: Person; readonly brief: Brief };

/** What may not be in the air round this person: sprays, and where they breathe or wait for a child, solvents too. Null where all may. */
function keptFromAir({ person, brief }: Somewhere): (Kept & { readonly solvents: boolean }) | null {
  if (brief.circumstances.includes("ward"))
    return {
      rule: "SAFE-5",
      why: "in a ward or near a newborn nothing is sprayed, and nothing that burns or smells of solvent.",
      solvents: true,
    };
  const answers = new Set(healthOf({ person, brief }).map(({ answer }) => answer));
  if (answers.has("pregnancy"))
    return {
      rule: "SAFE-13",
      why: "in pregnancy only mild cosmetics, no solvent and no mist; ask a midwife or doctor.",
      solvents: true,
    };
  return answers.has("asthma")
    ? {
        rule: "SAFE-13",
        why: `${person.name} has asthma: nothing is sprayed near them.`,
        solvents: false,
      }
    : null;
}

/** Whether a material can only be sprayed on. */
const isOnlySprayed = (key: MaterialKey): boolean =>
  toolsFor(key).every((tool) => tool === "spray" || tool === "airbrush");

/** Whether the studio has what an airbrush needs. */
export const hasAirbrush = ({ owned }: Pick<StudioSettings, "owned">): boolean =>
  owned.includes("airbrush") && owned.includes("compressor");

/** Whether an airbrush may be used here at all. */
export const mayAirbrush = (here: Somewhere, studio: StudioSettings): boolean =>
  hasAirbrush(studio) && keptFromAir(here) === null;

/** Why a material is left out because of the air it would be used in, or because nobody here can spray it; null where it is not. */
export function keptOut(key: MaterialKey, here: Somewhere, studio: StudioSettings): Kept | null {
  const air = keptFromAir(here);
  const isSprayed = isOnlySprayed(key) || key === "airbrushWater";
  if (air && (isSprayed || (air.solvents && material(key).flammable))) return air;
  if (air?.solvents && isPaintType(key) && key === "adhesiveAcrylic") return air;
  return key === "airbrushWater" && !hasAirbrush(studio)
    ? { rule: "KIT-3", why: "there is no airbrush with a compressor among the studio's tools." }
    : null;
}

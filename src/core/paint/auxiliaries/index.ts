import type { Auxiliary } from "../material";
import { activator } from "./activator";
import { adhesiveRemover } from "./adhesiveRemover";
import { alcoholRemover } from "./alcoholRemover";
import { baldCap } from "./baldCap";
import { barrierCream } from "./barrierCream";
import { barrierSpray } from "./barrierSpray";
import { browSealer } from "./browSealer";
import { browWax } from "./browWax";
import { cleansingOil } from "./cleansingOil";
import { concealer } from "./concealer";
import { corrector } from "./corrector";
import { foamPiece } from "./foamPiece";
import { gelatinePiece } from "./gelatinePiece";
import { glueStick } from "./glueStick";
import { gumRemover } from "./gumRemover";
import { lashGlue } from "./lashGlue";
import { latexPiece } from "./latexPiece";
import { medicalAdhesive } from "./medicalAdhesive";
import { primer } from "./primer";
import { remover } from "./remover";
import { scarPlastic } from "./scarPlastic";
import { sculptingWax } from "./sculptingWax";
import { sealingMedium } from "./sealingMedium";
import { settingMist } from "./settingMist";
import { settingPowder } from "./settingPowder";
import { siliconePiece } from "./siliconePiece";
import { skinPrep } from "./skinPrep";
import { soap } from "./soap";
import { spiritGum } from "./spiritGum";
import { stageBlood } from "./stageBlood";
import { thickenedAdhesive } from "./thickenedAdhesive";
import { transfer } from "./transfer";

/**
 * What prepares, sets, seals and holds. What each one eases is common practice, no published source: it is chosen so that any one
 * helps, two help more, and prep with sealing medium and barrier helps most (SET-5). A new one is its own file and one line here.
 */
export const AUXILIARIES = {
  skinPrep,
  barrierCream,
  primer,
  glueStick,
  browWax,
  browSealer,
  corrector,
  concealer,
  settingPowder,
  sealingMedium,
  barrierSpray,
  settingMist,
  activator,
  medicalAdhesive,
  spiritGum,
  thickenedAdhesive,
  sculptingWax,
  baldCap,
  foamPiece,
  latexPiece,
  siliconePiece,
  gelatinePiece,
  transfer,
  lashGlue,
  scarPlastic,
  stageBlood,
  adhesiveRemover,
  gumRemover,
  alcoholRemover,
  cleansingOil,
  soap,
  remover,
} as const satisfies Record<string, Auxiliary>;

export type AuxiliaryKey = keyof typeof AUXILIARIES;
export const AUXILIARY_KEYS = Object.keys(AUXILIARIES) as AuxiliaryKey[];

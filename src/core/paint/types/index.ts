import type { PaintType } from "../material";
import { adhesiveAcrylic } from "./adhesiveAcrylic";
import { airbrushWater } from "./airbrushWater";
import { alcoholActivated } from "./alcoholActivated";
import { cream } from "./cream";
import { gelLiner } from "./gelLiner";
import { glitter } from "./glitter";
import { hairColour } from "./hairColour";
import { latex } from "./latex";
import { lipLong } from "./lipLong";
import { pencil } from "./pencil";
import { powder } from "./powder";
import { rubberMaskGrease } from "./rubberMaskGrease";
import { toothLacquer } from "./toothLacquer";
import { waterGlycerine } from "./waterGlycerine";
import { waterWax } from "./waterWax";

/** Every paint type. A new one is its own file and one line here. */
export const PAINT_TYPES = {
  waterGlycerine,
  waterWax,
  cream,
  rubberMaskGrease,
  adhesiveAcrylic,
  alcoholActivated,
  airbrushWater,
  powder,
  pencil,
  gelLiner,
  lipLong,
  toothLacquer,
  latex,
  glitter,
  hairColour,
} as const satisfies Record<string, PaintType>;

export type PaintTypeKey = keyof typeof PAINT_TYPES;
export const PAINT_TYPE_KEYS = Object.keys(PAINT_TYPES) as PaintTypeKey[];

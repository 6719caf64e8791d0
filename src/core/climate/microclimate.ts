import { saturationVapourPressure, vapourPressure } from "./vapour";

export interface Air {
  readonly airDegC: number;
  readonly rh: number;
  readonly airSpeed: number;
}

/**
 * How far the air under a cover has become the wearer's own: the share of the way from the room to warm wet skin (hood) or to breath
 * (mask). The mask's share gives some 28 degC and 94 % in a mild room; measured dead spaces of half masks are about as warm and wetter still
 * (Roberge et al. 2012, from memory); the hood's is common practice, no published source.
 */
const COVERS = { hood: { share: 0.25, ownDegC: 33 }, mask: { share: 0.6, ownDegC: 34 } } as const;
export type Cover = keyof typeof COVERS;

/** Hardly any air moves under cloth, m/s. */
const STILL = 0.1;

/**
 * The air between a cover and the skin: warmer and damper than the room, and still.
 * @throws RangeError on humidity outside 0-100
 */
export function underCover(air: Air, cover: Cover): Air {
  const { share, ownDegC } = COVERS[cover];
  const airDegC = air.airDegC + share * (ownDegC - air.airDegC);
  const room = vapourPressure(air.airDegC, air.rh);
  const vapour = room + share * Math.max(0, saturationVapourPressure(ownDegC) - room);
  return {
    airDegC,
    rh: Math.min(100, (vapour / saturationVapourPressure(airDegC)) * 100),
    airSpeed: Math.min(air.airSpeed, STILL),
  };
}

import { paintNeeded, type Need } from "../kit";
import { predict, stopsOf, type Look, type LookContext } from "../look";
import { seat } from "./seat";

/** A look as a booth offers it: minutes with everything laid out, the paint one takes, and what stops it. */
export interface BoothDesign {
  /** Hands, min, without the turnover. */
  readonly minutes: number;
  readonly needs: readonly Need[];
  /** Why it may not be offered to a child; empty where it may. */
  readonly stops: readonly string[];
}

/** At a booth brushes are laid out and colours are in the pan: taking one up costs little (design 6.1). */
const laidOut = ({ house, ...context }: LookContext): LookContext => {
  const loading = Math.min(house.numbers.boothLoading, house.numbers.loading);
  return {
    ...context,
    house: {
      ...house,
      numbers: { ...house.numbers, loading, loadingMix: loading, pickingUp: loading },
    },
  };
};

export function boothDesign(look: Look, context: LookContext): BoothDesign {
  const at = laidOut(context);
  return {
    minutes: seat(look, at).ends,
    needs: paintNeeded(look, at, predict(look, at)),
    stops: stopsOf(look, at).map(({ message }) => message),
  };
}

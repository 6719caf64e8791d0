import { Select } from "@/ui/Select";
import type { BalanceBy } from "./keptPhoto";

const BALANCES: Readonly<Record<BalanceBy, string>> = {
  taken: "as it was taken",
  skin: "by their skin on the card",
  card: "by a grey or white card in it",
};

interface BalanceChoiceProps {
  value: BalanceBy;
  /** Ways there are: of a painted face none can go by its skin. */
  ways: readonly BalanceBy[];
  onChange: (balance: BalanceBy) => void;
}

/** How the colours of a photograph are taken: chosen, never silently. */
export function BalanceChoice({ value, ways, onChange }: BalanceChoiceProps) {
  return (
    <label className="flex items-center gap-1.5 text-sm font-bold text-[#111]">
      Colours
      <Select
        className="select-sm w-auto bg-[#f4f4f3] font-normal text-[#111]"
        value={value}
        options={ways}
        labelOf={(by) => BALANCES[by]}
        onChange={onChange}
      />
    </label>
  );
}

import { NUMBER_IDS, NUMBERS } from "@/core/rules";
import { NumberInput } from "@/ui/NumberInput";
import type { HouseRulesState } from "./useHouseRules";

/** What is typed and no number is kept as none, so that nothing is put in force meanwhile. */
const asShown = (value: number) => (Number.isNaN(value) ? null : value);

/** Every number of the house, as it ships and as it is held here, with its rule and source. */
export function NumbersTable({
  typed,
  changed,
  wrong,
  setNumber,
  reset,
}: Pick<HouseRulesState, "typed" | "changed" | "wrong" | "setNumber" | "reset">) {
  return (
    <section id="numbers" aria-label="Numbers" className="scroll-mt-16">
      <h2 className="mb-1 text-xl">Numbers</h2>
      <div className="relative overflow-x-auto">
        <table className="w-full text-sm">
          <thead>
            <tr className="border-b-2 border-base-content text-left">
              <th scope="col" className="py-1">
                What
              </th>
              <th scope="col">Today</th>
              <th scope="col">Default</th>
              <th scope="col">Rule, source</th>
              <th scope="col">
                <span className="sr-only">Reset</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {NUMBER_IDS.map((id) => {
              const { label, unit, value, least, most, rule, source } = NUMBERS[id];
              const error = wrong.get(id);
              return (
                <tr key={id} className="border-b rule align-top">
                  <th scope="row" className="max-w-72 py-2 pr-3 text-left font-normal">
                    {label}
                  </th>
                  <td className="py-1 pr-3">
                    <span className="flex items-center gap-2">
                      <NumberInput
                        unit={unit}
                        least={least}
                        most={most}
                        label={label}
                        aria-invalid={Boolean(error) && !Number.isNaN(typed.numbers[id])}
                        aria-describedby={error ? `${id}-error` : undefined}
                        className={`!w-24 ${id in changed ? "border-2 !border-base-content font-bold" : ""}`}
                        value={asShown(typed.numbers[id] ?? value)}
                        onChange={(next) => setNumber(id, next)}
                        onWrong={() => setNumber(id, NaN)}
                      />
                      {unit}
                    </span>
                    {error && !Number.isNaN(typed.numbers[id]) && (
                      <span id={`${id}-error`} role="alert" className="mt-1 block font-semibold">
                        {error}
                      </span>
                    )}
                  </td>
                  <td className="py-2 pr-3 whitespace-nowrap">
                    {value} {unit}
                  </td>
                  <td className="muted py-2 pr-3">
                    <a className="link" href={`#${rule}`}>
                      {rule}
                    </a>{" "}
                    · {source}
                  </td>
                  <td className="py-1">
                    {id in changed && (
                      <button
                        type="button"
                        className="btn btn-sm"
                        aria-label={`Reset: ${label}`}
                        onClick={() => reset(id)}
                      >
                        Reset
                      </button>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

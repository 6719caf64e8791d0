import { workName, type Look } from "@/core/look";
import type { Bar, Plan } from "@/core/plan";
import { minutesWords } from "@/core/text/words";
import { NumberInput } from "@/ui/NumberInput";

/** The bar one chose, in words, and every step that is held back by hand. */
export function HeldBack({
  plan,
  look,
  pins,
  chosen,
  onPin,
  onClear,
}: {
  plan: Plan;
  look: Look;
  pins: readonly { task: string; minute: number }[];
  chosen: string | null;
  onPin: ((bar: Bar, minute: number | null) => void) | null;
  onClear: () => void;
}) {
  const bar = plan.bars.find(({ id }) => id === chosen);
  const nameOf = ({ layerId, coat, region }: Bar) =>
    `${workName(look, layerId)}, coat ${coat}, ${region}`;
  if (!bar && !pins.length) return null;
  return (
    <section
      aria-label="Steps held back"
      className="mt-3 flex flex-wrap items-start gap-x-8 gap-y-3 text-sm"
    >
      {bar && (
        <div className="max-w-prose">
          <p>
            <strong>{nameOf(bar)}</strong>: minute {Math.round(bar.start)} to {Math.round(bar.end)},{" "}
            {minutesWords(bar.end - bar.start)} hands on
            {bar.rest >= 0.5 && `, then rests ${minutesWords(bar.rest)}`}.
            {(pins.find(({ task }) => task === bar.id)?.minute ?? Infinity) < bar.start - 0.5 &&
              " No sooner: what lies under it comes first."}
          </p>
          {onPin && (
            <label className="mt-1 flex items-center gap-2">
              Not before minute
              <NumberInput
                least={0}
                most={1440}
                className="input-sm !w-24"
                value={pins.find(({ task }) => task === bar.id)?.minute ?? null}
                placeholder={String(Math.round(bar.start))}
                onChange={(minute) => onPin(bar, minute)}
                onEmpty={() => onPin(bar, null)}
              />
            </label>
          )}
        </div>
      )}
      {pins.length > 0 && onPin && (
        <div>
          <p className="font-bold">Held back by hand</p>
          <ul>
            {pins.map((pin) => {
              const own = plan.bars.find(({ id }) => id === pin.task);
              return (
                own && (
                  <li key={pin.task} className="flex items-center gap-2">
                    {nameOf(own)}: not before minute {Math.round(pin.minute)}
                    <button type="button" className="link" onClick={() => onPin(own, null)}>
                      let it go
                    </button>
                  </li>
                )
              );
            })}
          </ul>
          {pins.length > 1 && (
            <button type="button" className="btn btn-sm mt-1" onClick={onClear}>
              Let all go
            </button>
          )}
        </div>
      )}
    </section>
  );
}

import { Minus, Plus } from "lucide-react";
import type { Closing } from "@/core/schedule";
import { useSay } from "@/shared/say/useSay";
import type { BoothDay } from "./useBooth";
import { clockAfter } from "./useMinute";

/** How many more fit before it closes; who waits, who paints, until when: counted with one thumb. */
export function BoothClock({
  day,
  change,
  closing,
  now,
  minutesLeft,
}: {
  day: BoothDay;
  change: (values: Partial<BoothDay>) => void;
  closing: Closing;
  now: number;
  minutesLeft: number;
}) {
  const say = useSay();
  const { waiting, artists, until } = day;
  const short = Math.max(0, waiting - closing.fits);
  return (
    <section aria-label="How many more" className="rounded-box bg-base-content p-4 text-base-100">
      <div className="flex items-end gap-6" role="status">
        <p>
          <span className="font-display block text-6xl leading-none font-bold">
            {short ? closing.fits : closing.more}
          </span>
          {say.sentence(short ? `of ${waiting} fit before ${until}` : `more fit before ${until}`)}
        </p>
        <p>
          <span className="font-display block text-3xl font-bold">
            {say.number(closing.each, 1)}
          </span>
          min each, with their turn
        </p>
      </div>
      <p className="mt-2">
        {minutesLeft < 1
          ? "It is past closing time: set a later one below."
          : short
            ? `Send ${short} home kindly, or keep to the quickest design.`
            : closing.more === 0
              ? "Close the queue now."
              : say.sentence(
                  `Close the queue at ${clockAfter(now, closing.closeAt)}${waiting ? ` · last of those waiting about ${clockAfter(now, closing.lastAt)}` : ""}`,
                )}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Counter
          label="waiting"
          value={waiting}
          least={0}
          onChange={(n) => change({ waiting: n })}
        />
        <Counter
          label={artists === 1 ? "artist" : "artists"}
          value={artists}
          least={1}
          onChange={(n) => change({ artists: n })}
        />
        <label className="text-sm">
          <span className="block">Closes at</span>
          <input
            type="time"
            className="input h-11 !w-32 text-base-content"
            value={until}
            onChange={({ target }) => {
              if (/^\d\d:\d\d$/.test(target.value)) change({ until: target.value });
            }}
          />
        </label>
      </div>
    </section>
  );
}

function Counter({
  label,
  value,
  least,
  onChange,
}: {
  label: string;
  value: number;
  least: number;
  onChange: (value: number) => void;
}) {
  return (
    <div role="group" aria-label={label} className="text-sm">
      <span className="block">{label}</span>
      <span className="flex items-center gap-1">
        <button
          type="button"
          className="btn h-11 w-11 p-0"
          aria-label={`one less ${label}`}
          disabled={value <= least}
          onClick={() => onChange(value - 1)}
        >
          <Minus size={18} aria-hidden />
        </button>
        <span className="min-w-9 text-center text-xl font-bold tabular-nums">{value}</span>
        <button
          type="button"
          className="btn h-11 w-11 p-0"
          aria-label={`one more ${label}`}
          onClick={() => onChange(value + 1)}
        >
          <Plus size={18} aria-hidden />
        </button>
        {label === "waiting" && (
          <button
            type="button"
            className="btn h-11 px-3"
            aria-label="five more waiting"
            onClick={() => onChange(value + 5)}
          >
            +5
          </button>
        )}
      </span>
    </div>
  );
}

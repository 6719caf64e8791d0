import type { Say } from "@/core/text/say";
import { useSay } from "@/shared/say/useSay";
import type { Closing } from "@/core/schedule";
import { plural } from "@/core/text/words";
import type { MenuLine } from "@/server/booth";
import { BUILD } from "@/ui/keptChairs";
import { notForThem, paintFor } from "./menu";
import type { BoothDay } from "./useBooth";

/** Fewer than so many left of a design is told first. */
const FEW = 10;
/** More than so many is said so. */
const MANY = 100;

/** Minutes since a moment, to a tenth. */
const minutesSince = (at: number): number => Math.round(((Date.now() - at) / 60_000) * 10) / 10;

/** What to offer now, and a tap to begin and to end each turn. */
export function OnOffer({
  menu,
  all,
  day,
  change,
  closing,
  now,
  allergies,
  held,
  onOver,
}: {
  menu: readonly MenuLine[];
  all: readonly MenuLine[];
  day: BoothDay;
  change: (values: Partial<BoothDay>) => void;
  closing: Closing;
  now: number;
  allergies: readonly string[];
  /** Why no turn may begin yet; null where one may. */
  held: string | null;
  onOver: () => void;
}) {
  const say = useSay();
  const offered = new Set(closing.offered);
  const begin = (id: string) => change({ begun: { id, at: now } });
  const end = (id: string) => {
    const began = day.begun?.id === id ? day.begun.at : null;
    const minutes = began === null ? null : minutesSince(began);
    onOver();
    change({
      begun: null,
      waiting: Math.max(0, day.waiting - 1),
      turns: [...day.turns, { id, minutes }],
    });
  };
  return (
    <section aria-label="On offer now" className="mt-5">
      <h2 className="text-xl">On offer now</h2>
      {held && day.begun === null && <p className="text-sm font-bold">{held}</p>}
      <ul className="mt-1">
        {menu.map((line) => {
          const { more, first } = paintFor(line, all, day);
          const never = notForThem(line, allergies);
          const isOn = offered.has(line.id) && more > 0 && !never.length;
          const isBegun = day.begun?.id === line.id;
          return (
            <li
              key={line.id}
              className={`flex flex-wrap items-center gap-3 border-t rule py-2 ${isOn || isBegun ? "" : "muted"}`}
            >
              <img
                src={`/api/looks/${line.id}/picture?mark=${line.mark}&build=${BUILD}`}
                alt=""
                loading="lazy"
                className={`h-16 w-16 rounded-box bg-surround object-cover ${isOn ? "" : "opacity-50"}`}
              />
              <span className="min-w-40 flex-1">
                <span className="block text-lg font-bold">{line.name}</span>
                <span className="text-sm">
                  {never.length
                    ? `not for them: ${never.join(", ")}`
                    : more === 0
                      ? `${first ?? "paint"} has run out`
                      : offered.has(line.id)
                        ? [
                            line.colours.map(({ name }) => name).join(", "),
                            Number.isFinite(more) &&
                              `paint for ${more > MANY ? `over ${MANY}` : more} more`,
                          ]
                            .filter(Boolean)
                            .join(" · ")
                        : "off for now: it would keep others from a turn"}
                  {isOn && more < FEW && (
                    <strong className="block">
                      {first} runs out after {more} {plural(more, "turn")}
                    </strong>
                  )}
                </span>
              </span>
              <span className="text-right">
                <span className="font-display block text-2xl font-bold">
                  {Math.round(line.minutes * 2) / 2}
                </span>
                <span className="text-xs">min</span>
              </span>
              {isBegun ? (
                <button
                  type="button"
                  className="btn btn-primary min-h-12 w-full sm:w-28"
                  onClick={() => end(line.id)}
                >
                  Done
                </button>
              ) : (
                <button
                  type="button"
                  className="btn min-h-12 w-full sm:w-28"
                  disabled={!isOn || day.begun !== null || held !== null}
                  aria-label={`Begin ${line.name}`}
                  onClick={() => begin(line.id)}
                >
                  Begin
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {day.turns.length > 0 && (
        <p className="mt-2 text-sm">
          Painted today: {summary(day, all, say)}.{" "}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => change({ turns: day.turns.slice(0, -1) })}
          >
            Undo the last
          </button>{" "}
          <button type="button" className="btn btn-sm" onClick={() => change({ turns: [] })}>
            New day
          </button>
        </p>
      )}
    </section>
  );
}

/** "3 × Gate leaf (5.2 min each), 1 × Small sun". */
function summary({ turns }: BoothDay, all: readonly MenuLine[], say: Say): string {
  return [...new Set(turns.map(({ id }) => id))]
    .map((id) => {
      const own = turns.filter((turn) => turn.id === id);
      const timed = own.flatMap(({ minutes }) => (minutes === null ? [] : [minutes]));
      const mean = timed.reduce((sum, one) => sum + one, 0) / Math.max(1, timed.length);
      return `${own.length} × ${all.find((line) => line.id === id)?.name ?? "a design"}${timed.length ? ` (${say.number(mean, 1)} min each)` : ""}`;
    })
    .join(", ");
}

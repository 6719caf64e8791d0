import { chairThings } from "@/core/look";
import { material } from "@/core/paint";
import { BY, WHEN } from "@/core/piece";
import { minutesWords } from "@/core/text/words";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** Everything put on or done at the chair besides paint, in the order of the day; a press opens it. */
export function ThingsInOrder({
  chosen,
  onChoose,
}: {
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const { look, context } = useWorking();
  const things = chairThings(look, context);
  const leftOut = look.pieces.filter(({ worn }) => worn === "leftOut");
  const own = new Set([...look.pieces, ...look.steps].map(({ id }) => id));
  const minutes = things.reduce((sum, thing) => sum + thing.minutes, 0);
  return (
    <section aria-label="In the order they go on" className="card-plain p-4 text-sm">
      <h3 className="text-lg">In the order they go on</h3>
      <ol className="mt-1">
        {things.map((thing) => (
          <li key={thing.id} className="border-t rule">
            <button
              type="button"
              disabled={!own.has(thing.id)}
              aria-pressed={thing.id === chosen}
              className={`flex min-h-11 w-full flex-wrap items-center gap-x-3 px-2 py-1 text-left ${thing.id === chosen ? "bg-base-200 font-semibold" : ""}`}
              onClick={() => onChoose(thing.id)}
            >
              <span className="min-w-40 flex-1">{thing.name}</span>
              <span className="muted w-60">{WHEN[thing.when]}</span>
              <span className="muted w-44">
                {BY[thing.by]}
                {thing.glue && `, ${thing.glue.product?.name ?? material(thing.glue.key).label}`}
              </span>
              <span className="w-16 text-right tabular-nums">{minutesWords(thing.minutes)}</span>
            </button>
          </li>
        ))}
        {leftOut.map((piece) => (
          <li key={piece.id} className="border-t rule">
            <button
              type="button"
              aria-pressed={piece.id === chosen}
              className="muted flex min-h-11 w-full items-center px-2 py-1 text-left"
              onClick={() => onChoose(piece.id)}
            >
              {piece.name}: left out
            </button>
          </li>
        ))}
      </ol>
      <p className="muted mt-1">
        {minutesWords(minutes)} in all, in Plan, Time and Chair. Foam, caps and other glued pieces
        that are painted are layers: add them on the Map.
      </p>
    </section>
  );
}

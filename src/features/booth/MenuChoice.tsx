import type { BoothGiven, MenuLine } from "@/server/booth";

/** Which looks stand on the menu of the day. */
export function MenuChoice({
  given,
  menu,
  onChange,
}: {
  given: BoothGiven;
  menu: readonly MenuLine[];
  onChange: (ids: string[]) => void;
}) {
  const on = new Set(menu.map(({ id }) => id));
  return (
    <details className="mt-5">
      <summary className="btn">Change the menu ({menu.length})</summary>
      <ul className="mt-2">
        {given.menu.map(({ id, name, minutes, stops }) => (
          <li key={id} className="border-t rule">
            <label className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="checkbox"
                checked={on.has(id)}
                disabled={stops.length > 0}
                onChange={({ target }) =>
                  onChange(target.checked ? [...on, id] : [...on].filter((one) => one !== id))
                }
              />
              <span className="flex-1">
                {name}
                {stops.length > 0 && (
                  <span className="muted block text-sm">Not for a child: {stops[0]}</span>
                )}
              </span>
              <span className="tabular-nums">{minutes} min</span>
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}

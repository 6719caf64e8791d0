import { zoneInfo, type ZoneId } from "@/core/anatomy";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { HELD, nextHeld, type HeldZones } from "./useHeld";
import type { Typed } from "./useRecordDraft";

interface HeldProps {
  readonly typed: Typed;
  readonly type: (values: Partial<Typed>) => void;
  readonly places: HeldZones;
}

/** The face as it held; touching a place says how much of it did. */
export function HeldFigure({ typed: { held }, type, places }: HeldProps) {
  const { look, context, prediction } = useWorking();
  const looked = Object.entries(held)
    .filter(([, percent]) => percent)
    .map(([zone]) => zone as ZoneId);
  return (
    <div>
      <p className="muted mb-1 text-sm">Touch a place to say how much of it held.</p>
      <div className="overflow-hidden rounded-box bg-surround">
        <FaceFigure
          id="held"
          look={look}
          context={context}
          prediction={prediction}
          selected={looked.flatMap(places.alike)}
          onZone={(zone) => {
            const own = places.standsFor(zone);
            if (own) type({ held: { ...held, [own]: nextHeld(held[own] ?? "") } });
          }}
          whole={(_, zone) => {
            const own = looked.find((entry) => zoneInfo(entry).kind === zoneInfo(zone).kind);
            return own ? Number(held[own]) / 100 : 1;
          }}
          guides={{ hat: false }}
          title={`${look.name} as it held: ${looked.length ? looked.map((zone) => `${zoneInfo(zone).label} ${held[zone]} %`).join(", ") : "nothing said yet"}`}
          className="h-auto w-full"
        />
      </div>
    </div>
  );
}

/** The same in a list, with the forecast beside it. */
export function HeldTable({ typed: { held, after }, type, places }: HeldProps) {
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full text-sm">
        <caption className="muted mb-1 text-left">
          Only what you looked at; the forecast beside it is for that hour.
        </caption>
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            <th scope="col" className="py-1">
              Place
            </th>
            <th scope="col">Forecast</th>
            <th scope="col">Still intact</th>
          </tr>
        </thead>
        <tbody>
          {places.zones.map((zone) => {
            const label = zoneInfo(zone).label.replace(/^(left|right) /, "");
            return (
              <tr key={zone} className="border-b rule">
                <th scope="row" className="py-1 text-left font-normal first-letter:uppercase">
                  {label}
                </th>
                <td>{places.expected(zone, after)}</td>
                <td className="py-1">
                  <select
                    aria-label={`Still intact: ${label}`}
                    className="select select-sm !w-36"
                    value={held[zone] ?? ""}
                    onChange={(event) => type({ held: { ...held, [zone]: event.target.value } })}
                  >
                    {HELD.map(([value, text]) => (
                      <option key={value} value={value}>
                        {text}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

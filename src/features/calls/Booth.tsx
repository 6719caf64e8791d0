"use client";

import { useState } from "react";
import { boothWait, designsToOffer } from "@/core/schedule";
import { NumberInput } from "@/ui/NumberInput";
import { minutesWords } from "@/ui/format";

const numbers = (text: string) =>
  text
    .split(/[ ,;]+/)
    .map(Number)
    .filter((value) => Number.isFinite(value) && value > 0)
    .slice(0, 40);

/** A fairground queue: how long people wait, and how many designs to offer. */
export function Booth() {
  const [arrivals, setArrivals] = useState(12);
  const [artists, setArtists] = useState(1);
  const [menu, setMenu] = useState("2, 3, 3, 4, 6, 8");
  const [most, setMost] = useState(15);
  const minutes = numbers(menu);
  const mean = minutes.reduce((sum, value) => sum + value, 0) / Math.max(1, minutes.length);
  const wait = minutes.length
    ? boothWait({ arrivalsPerHour: arrivals, minutesEach: mean, artists })
    : null;
  const offer = minutes.length
    ? designsToOffer(minutes, { arrivalsPerHour: arrivals, artists }, most)
    : 0;
  const field = (label: string, value: number, set: (value: number) => void, least: number) => (
    <label className="text-sm">
      <span className="label-line">{label}</span>
      <NumberInput className="!w-28" least={least} most={500} whole value={value} onChange={set} />
    </label>
  );
  return (
    <section aria-label="Booth" className="card-plain mt-6 p-4">
      <h2 className="text-xl">A booth with a queue</h2>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        {field("People an hour", arrivals, setArrivals, 0)}
        {field("Artists", artists, setArtists, 1)}
        <label className="text-sm">
          <span className="label-line">Minutes of each design</span>
          <input
            type="text"
            className="input !w-56"
            value={menu}
            onChange={(event) => setMenu(event.target.value)}
          />
        </label>
        {field("Longest mean wait, min", most, setMost, 1)}
      </div>
      {!wait ? (
        <p className="mt-3">Type the minutes of at least one design.</p>
      ) : (
        <p className="mt-3" role="status">
          {Number.isFinite(wait.waitMinutes) ? (
            <>
              People wait about <strong>{minutesWords(wait.waitMinutes)}</strong>; the artists paint{" "}
              {Math.round(wait.busyShare * 100)} % of their time.
            </>
          ) : (
            <>
              <strong>The queue only grows</strong>: {Math.floor(wait.perHour)} designs an hour at
              most, and {arrivals} come.
            </>
          )}{" "}
          {offer === minutes.length ? (
            "All designs can be offered."
          ) : offer ? (
            <>
              To keep the wait within {most} min offer the <strong>{offer} quickest</strong> of{" "}
              {minutes.length}.
            </>
          ) : (
            "Not even the quickest design keeps the wait that short: another artist, or fewer people."
          )}
        </p>
      )}
      <p className="muted mt-1 text-xs">
        People come at random and each design is chosen as often: the M/M/c queue (Erlang 1917).
      </p>
    </section>
  );
}

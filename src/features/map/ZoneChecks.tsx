"use client";

import { memo, useState } from "react";
import { ZONES, otherSide, type ZoneGroup, type ZoneId } from "@/core/anatomy";
import { zoneWords, type LookPatch } from "@/core/look";

const GROUPS: readonly (readonly [ZoneGroup, string])[] = [
  ["face", "Face"],
  ["eyes", "Eyes"],
  ["lips", "Lips"],
  ["ears", "Ears"],
  ["neck", "Neck"],
  ["scalp", "Scalp"],
  ["torso", "Torso"],
  ["back", "Back"],
  ["arms", "Arms"],
  ["hands", "Hands"],
  ["legs", "Legs"],
  ["feet", "Feet"],
];

/** Zones by name, for the keyboard; a click on the figure does the same. */
export const ZoneChecks = memo(function ZoneChecks({
  id,
  chosen,
  apply,
}: {
  id: string;
  chosen: readonly ZoneId[];
  apply: (patch: LookPatch) => boolean;
}) {
  const change = (zones: ZoneId[]) => apply({ op: "changeLayer", id, change: { zones } });
  const has = new Set(chosen);
  const put = (zones: Iterable<ZoneId>) => {
    const wanted = new Set(zones);
    change(ZONES.filter((zone) => wanted.has(zone.id)).map((zone) => zone.id));
  };
  // It stays as it was opened while zones are ticked.
  const [open, setOpen] = useState(chosen.length === 0);
  return (
    <details
      className="rounded border rule p-2"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer text-[0.9375rem]">
        <strong>Where:</strong>{" "}
        {chosen.length
          ? zoneWords(chosen)
          : "nowhere yet. Click areas on the figure or tick them here."}
      </summary>
      {GROUPS.map(([group, label]) => {
        const zones = ZONES.filter((zone) => zone.group === group && zone.side !== "right");
        const all = ZONES.filter((zone) => zone.group === group).map((zone) => zone.id);
        const full = all.every((id) => has.has(id));
        return (
          <fieldset key={group} className="mt-2">
            <legend className="flex items-center gap-2 text-sm font-semibold">
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={full}
                  onChange={() =>
                    put(full ? chosen.filter((id) => !all.includes(id)) : [...chosen, ...all])
                  }
                />
                All of: {label.toLowerCase()}
              </label>
            </legend>
            <div className="grid grid-cols-2 gap-x-3 pl-4">
              {zones.map((zone) => {
                const ids = [...new Set([zone.id, otherSide(zone.id)])];
                const on = ids.every((id) => has.has(id));
                return (
                  <label key={zone.id} className="flex min-h-8 items-center gap-2 text-sm">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={on}
                      onChange={() =>
                        put(on ? chosen.filter((id) => !ids.includes(id)) : [...chosen, ...ids])
                      }
                    />
                    {zone.label.replace(/^left /, "")}
                    {ids.length > 1 ? ", both" : ""}
                  </label>
                );
              })}
            </div>
          </fieldset>
        );
      })}
    </details>
  );
});

"use client";

import { useMemo } from "react";
import { causeWords, kitToCarry, touchUps } from "@/core/advice";
import { wearForecast, zoneWords } from "@/core/look";
import { minutesWords } from "@/core/text/words";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

/** When to go to the mirror, why, and the small kit to have there. */
export function TouchUps() {
  const { look, context } = useWorking();
  const walks = useMemo(
    () => touchUps(wearForecast(look, context), context.brief.hoursWorn, context.house),
    [look, context],
  );
  const carry = kitToCarry(walks, context.products);
  return (
    <section className="keep">
      <h3 className="mb-2 text-xl">Touch-ups</h3>
      {walks.length === 0 ? (
        <p className="text-sm">By forecast everything holds for the {context.brief.hoursWorn} h.</p>
      ) : (
        <>
          <ol aria-label="Touch-ups" className="text-sm">
            {walks.map((walk) => (
              <li key={walk.atHours} className="border-t rule py-1">
                <strong>after {minutesWords(walk.atHours * 60)}</strong>: {zoneWords(walk.zones)} (
                {walk.layers.map(({ name }) => name).join(", ")}); {causeWords(walk)}
              </li>
            ))}
          </ol>
          <p className="mt-2 text-sm">
            <strong>To carry:</strong> {carry.join(", ")}.
          </p>
        </>
      )}
      <p className="muted mt-1 text-xs">
        First time less than 85 % of a layer is intact on an area, from sweat, rubbing, movement,
        skin oil and heat, under the prep, powder and seal of this look. Default figures, common
        practice, no published source.
      </p>
    </section>
  );
}

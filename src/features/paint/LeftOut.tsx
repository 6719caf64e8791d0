"use client";

import { Told } from "@/shared/say/Told";
import { Link } from "@/ui/Link";
import type { GroupAdvice } from "@/core/advice";
import type { PaintKit } from "@/core/look";
import { PAINT_TYPES } from "@/core/paint";
import { SchoolsOfWork } from "@/shared/workspace/SchoolsOfWork";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { OwnChoice } from "./OwnChoice";

/** What was left out and why, a choice by hand, where painters disagree, and where the numbers come from. */
export function LeftOut({
  advice: { group, refused },
  onTake,
}: {
  advice: GroupAdvice;
  onTake: (kit: PaintKit, words: string) => void;
}) {
  const { given, context } = useWorking();
  const { person } = given;
  return (
    <aside>
      <h3 className="mb-2 text-lg">Left out, and why</h3>
      {refused.length === 0 && (
        <p className="muted text-sm">Nothing had to be left out for {person.name}.</p>
      )}
      <ul>
        {refused.map(({ type, rule, why }) => (
          <li key={type} className="border-t rule py-2.5 text-sm">
            <strong className="block">{PAINT_TYPES[type].label}</strong>
            <Told>{why}</Told>{" "}
            <Link className="link" href={`/rules#${rule}`}>
              {rule}
            </Link>
          </li>
        ))}
      </ul>
      <OwnChoice
        group={group}
        refused={refused}
        onTake={(kit) =>
          onTake(kit, "Chosen by hand: what the rules say of it stands beside and on the map.")
        }
      />
      <h3 className="mt-6 text-lg">Where painters disagree</h3>
      <SchoolsOfWork />
      <h3 className="mt-6 mb-1 text-lg">Where this comes from</h3>
      <p className="muted text-sm">
        First touch-up: when less than {context.house.numbers.touchUpShare} % of the paint is intact
        on the area that suffers most, from sweat that runs, rubbing, movement, skin oil, heat and
        water, by area, weather and work; default figures, common practice, no published source (
        <Link className="link" href="/rules#numbers">
          change them
        </Link>
        ). Sweat: Gonzalez et al. 2009. Drying: evaporation (ASHRAE). Cost: your shelf&apos;s
        prices, or the middle of the type&apos;s range.
      </p>
    </aside>
  );
}

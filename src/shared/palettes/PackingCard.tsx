"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import type { PackingList } from "@/core/kit";

/** What is packed for some jobs, each thing once, with its weight and room, and what may not travel (KIT-3). */
export function PackingCard({ lists, title }: { lists: readonly PackingList[]; title: string }) {
  const say = useSay();
  const things = new Map(
    lists.flatMap((list) => list.things.map((thing) => [thing.name, thing] as const)),
  );
  if (!things.size) return null;
  const grams = [...things.values()].reduce((sum, thing) => sum + thing.grams, 0);
  const litres = Math.max(...lists.map((list) => list.litres));
  return (
    <section aria-label="Packing list" className="mt-6">
      <h2 className="text-xl">{title}</h2>
      <p className="text-sm">
        {things.size} things, about {say.load(grams)};{" "}
        {lists.length > 1 ? "the fullest job takes" : "it takes"} some{" "}
        {Math.max(1, Math.round(litres))} litres. Weights of pots and tools are common practice, no
        published source; what may travel is for the carrier and local rules to say.
      </p>
      <ul className="mt-1 columns-1 text-sm sm:columns-2 lg:columns-3">
        {[...things.values()].map((thing) => (
          <li key={thing.name} className="break-inside-avoid py-0.5">
            {thing.name}
            {thing.note && (
              <strong className="block text-xs">
                {thing.note}
                {thing.rule && (
                  <>
                    {" "}
                    (
                    <Link className="link" href={`/rules#${thing.rule}`}>
                      {thing.rule}
                    </Link>
                    )
                  </>
                )}
              </strong>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

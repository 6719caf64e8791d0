"use client";

import { changeWords } from "@/core/rules";
import type { HouseVersion } from "@/server/house";
import { useSay } from "@/shared/say/useSay";

/** What was changed when: plans name the version they are made with. */
export function Versions({ versions }: { versions: readonly HouseVersion[] }) {
  const say = useSay();
  if (!versions.length) return null;
  return (
    <section aria-label="Versions" className="mt-8">
      <h2 className="mb-1 text-xl">Versions</h2>
      <ol reversed className="text-sm">
        {versions.map(({ version, changes, createdAt }) => (
          <li key={version} className="border-t rule py-2">
            <strong>Version {version}</strong>{" "}
            <span className="muted">
              {say.day(createdAt)}, {say.clock(createdAt)} UTC
            </span>
            {changeWords(changes).length ? (
              <ul className="list-disc pl-5">
                {changeWords(changes).map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            ) : (
              <p>Default rules.</p>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

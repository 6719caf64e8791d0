"use client";

import { Told } from "@/shared/say/Told";
import { Link } from "@/ui/Link";
import { useEffect } from "react";
import type { Finding } from "@/core/look";
import { dropKeptChairs } from "@/ui/keptChairs";

/** What stands in the chair's place while a safety rule stops the look: which, why, and where it is mended. A kept copy of the chair goes. */
export function ChairStopped({ stops, home }: { stops: readonly Finding[]; home: string }) {
  useEffect(() => {
    void dropKeptChairs();
  }, []);
  return (
    <div
      data-theme="wings"
      className="fixed inset-0 z-40 flex overflow-auto bg-base-100 text-base-content"
    >
      <div className="m-auto max-w-2xl border-4 border-base-content p-6">
        <h1 className="text-3xl">This plan is stopped</h1>
        <ul className="mt-2 flex flex-col gap-2 text-lg">
          {stops.map(({ key, rule, message }) => (
            <li key={key}>
              <Told>{message}</Told>{" "}
              <Link className="link" href={`/rules#${rule}`}>
                {rule}
              </Link>
            </li>
          ))}
        </ul>
        <p className="mt-3">
          The product&apos;s label, local rules and licensed professionals decide.
        </p>
        <Link className="btn btn-primary mt-4" href={`${home}/map`}>
          Mend it on the map
        </Link>
      </div>
    </div>
  );
}

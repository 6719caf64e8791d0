"use client";

import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Starter } from "@/server/start";
import { ask } from "@/shared/ask";
import { Alert } from "@/ui/Alert";

/** The first question of an empty studio: who paints here. The answer brings a shelf and three looks to change. */
export function FirstRun({ starters }: { starters: readonly Starter[] }) {
  const router = useRouter();
  const [asked, setAsked] = useState<Starter["key"] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const start = async (as: Starter["key"]) => {
    setAsked(as);
    const answer = await ask("POST /api/start", {}, { as, language: navigator.language });
    if (answer.ok) {
      router.push(as === "party" ? "/booth" : `/looks/${answer.value.lookId}/anyone/map`);
      return;
    }
    setAsked(null);
    setProblem(answer.refusal.detail ?? "Couldn't save that. Check the connection and try again.");
  };
  return (
    <section aria-label="First step" className="max-w-3xl">
      <h2 className="text-2xl">What do you paint?</h2>
      <p className="mt-1">
        You get a sample shelf and three looks to change, with their minutes and grams. Swap in your
        own products whenever you like.
      </p>
      <ul className="mt-4 grid gap-3 sm:grid-cols-2">
        {starters.map(({ key, label, does }) => (
          <li key={key}>
            <button
              type="button"
              className="card-plain flex min-h-24 w-full flex-col items-start p-4 text-left hover:bg-base-200"
              disabled={asked !== null}
              onClick={() => void start(key)}
            >
              <span className="font-display text-xl font-bold">{label}</span>
              <span className="muted">{asked === key ? "Laying out your shelf" : does}</span>
            </button>
          </li>
        ))}
      </ul>
      {problem && <Alert className="mt-3">{problem}</Alert>}
      <p className="mt-5">
        Or begin from nothing:{" "}
        <Link className="link" href="/looks/new">
          start with a brief
        </Link>
        , or{" "}
        <Link className="link" href="/shelf">
          type in your shelf
        </Link>
        .
      </p>
    </section>
  );
}

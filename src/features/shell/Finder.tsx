"use client";

import { Command } from "cmdk";
import { useEffect, useState } from "react";
import type { Place } from "@/server/find";

/** An action one can take from anywhere, by its name. */
export interface Action {
  readonly label: string;
  readonly act: () => void;
}

const KIND_WORDS: Readonly<Record<Place["kind"], string>> = {
  look: "look",
  job: "job",
  person: "person",
  product: "product",
  mix: "mix",
  palette: "palette",
  rule: "rule",
};

/** So many of a large studio are in the list at once: what is typed chooses among all. */
const SHOWN = 60;

/** Places that have all the words typed, in any order. */
export function matching(places: readonly Place[], typed: string): readonly Place[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (!words.length) return [];
  const has = ({ name, kind }: Place) => {
    const text = `${name} ${KIND_WORDS[kind]}`.toLowerCase();
    return words.every((word) => text.includes(word));
  };
  const starts = ({ name }: Place) => name.toLowerCase().startsWith(words[0] ?? "");
  const found = places.filter(has);
  return [...found.filter(starts), ...found.filter((place) => !starts(place))].slice(0, SHOWN);
}

/** One search over screens, actions, looks, jobs, people, products, mixes, palettes and rules. */
export function Finder({
  actions,
  onGo,
}: {
  actions: readonly Action[];
  onGo: (href: string) => void;
}) {
  const [typed, setTyped] = useState("");
  const [places, setPlaces] = useState<readonly Place[] | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    fetch("/api/find", { signal: stop.signal })
      .then(async (answer) => {
        if (answer.ok) setPlaces((await answer.json()) as readonly Place[]);
      })
      // Without the studio the screens and actions are still there.
      .catch(() => undefined);
    return () => stop.abort();
  }, []);
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const acts = actions.filter(({ label }) =>
    words.every((word) => label.toLowerCase().includes(word)),
  );
  const item = "cursor-pointer rounded px-3 py-2.5 data-[selected=true]:bg-base-300";
  return (
    <Command label="Find anything" shouldFilter={false}>
      <Command.Input
        data-first
        placeholder="Type a few letters"
        className="input mb-2 w-full"
        value={typed}
        onValueChange={setTyped}
      />
      <Command.List className="max-h-96 overflow-auto">
        <Command.Empty className="muted p-2">
          {places === null ? "Looking through the studio." : "Nothing by that name."}
        </Command.Empty>
        {acts.map(({ label, act }) => (
          <Command.Item key={label} value={label} onSelect={act} className={item}>
            {label}
          </Command.Item>
        ))}
        {matching(places ?? [], typed).map(({ name, kind, href }) => (
          <Command.Item
            key={`${kind} ${href}`}
            value={`${kind} ${href}`}
            onSelect={() => onGo(href)}
            className={`${item} flex justify-between gap-3`}
          >
            <span className="truncate">{name}</span>
            <span className="muted text-sm">{KIND_WORDS[kind]}</span>
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
}

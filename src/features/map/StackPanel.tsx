"use client";

import { useRef, type KeyboardEvent } from "react";
import { hexOf, paintWords, type Layer } from "@/core/look";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { Swatch } from "@/ui/Swatch";
import { ROLE_ICONS } from "./roleIcon";

interface StackPanelProps { selected: string | null; onSelect: (id: string) => void; onAdd: () => void; onMove: (id: string, by: number) => void; onRemove: (layer: Layer) => void }

/** The stack in painting order. Arrow keys choose, Alt with arrows moves, Delete takes out. */
export function StackPanel({ selected, onSelect, onAdd, onMove, onRemove }: StackPanelProps) {
  const { look, context, prediction } = useWorking();
  const list = useRef<HTMLOListElement>(null);
  const hexOfLayer = (layer: Layer) => {
    const film = layer.zones.map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id)).find((entry) => entry);
    return film && film.colour !== film.before ? hexOf(film.colour) : null;
  };
  const onKey = (event: KeyboardEvent, layer: Layer, index: number) => {
    const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
    if (step && event.altKey) { event.preventDefault(); onMove(layer.id, step); }
    else if (step) {
      event.preventDefault();
      const next = look.layers[index + step];
      if (next) { onSelect(next.id); list.current?.querySelectorAll<HTMLButtonElement>("button")[index + step]?.focus(); }
    } else if (event.key === "Delete") { event.preventDefault(); onRemove(layer); }
  };
  return (
    <section aria-label="Stack" className="flex min-h-0 flex-col border-b rule lg:border-r lg:border-b-0">
      <div className="flex items-center justify-between gap-2 px-4 py-2.5">
        <h2 className="text-lg">Stack <span className="muted font-sans text-sm font-normal">in painting order</span></h2>
        <button type="button" className="btn btn-sm btn-primary" onClick={onAdd} aria-keyshortcuts="a">Add layer</button>
      </div>
      {look.layers.length === 0 && <p className="px-4 pb-4">Nothing is painted yet. <strong>Add layer</strong> puts a base on the face, in the paint you chose.</p>}
      <ol ref={list} className="max-h-[45dvh] min-h-0 overflow-auto lg:max-h-none lg:flex-1">
        {look.layers.map((layer, i) => {
          const Icon = ROLE_ICONS[layer.role];
          const cover = prediction.coats.get(layer.id);
          return (
            <li key={layer.id} className="border-t rule">
              <button type="button" aria-pressed={selected === layer.id} onClick={() => onSelect(layer.id)} onKeyDown={(event) => onKey(event, layer, i)} className={`flex w-full items-center gap-3 border-l-4 px-3 py-2 text-left ${selected === layer.id ? "border-base-content bg-base-200" : "border-transparent hover:bg-base-200"}`}>
                <span className="muted w-5 text-sm">{i + 1}</span>
                <Icon size={18} aria-label={layer.role} className="shrink-0" />
                <Swatch hex={hexOfLayer(layer)} size={26} />
                <span className="min-w-0 flex-1"><span className="block truncate font-semibold">{layer.name}</span><span className="muted block truncate text-xs">{paintWords(layer, context.products)}</span></span>
                <span className="muted text-xs whitespace-nowrap">{cover ? `${cover.coats} ${cover.coats === 1 ? "coat" : "coats"}` : ""}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

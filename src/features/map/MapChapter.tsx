"use client";

import { useCallback, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { toast } from "sonner";
import { mirror, point, type Figure, type ZoneId } from "@/core/anatomy";
import {
  freeLayerId,
  placeFor,
  layLast,
  layReadyMade,
  READY_MADE_KEYS,
  readyMade,
  ROLES,
  ROLE_KEYS,
  suggestLayer,
  type Layer,
  type ReadyMadeKey,
  type Role,
} from "@/core/look";
import { FindingsList } from "@/parts/workspace/FindingsList";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";
import { focusSoon } from "@/ui/focusSoon";
import { sceneOf, VIEWS, type ViewKey } from "@/parts/figure/views";
import { FigureView } from "./FigureView";
import { LayerPanel } from "./LayerPanel";
import type { MarkTools } from "./MarksEditor";
import { ROLE_ICONS } from "./roleIcon";
import { ToDo } from "./ToDo";
import { StackPanel } from "./StackPanel";

/** Where a new mark goes in a view: beside the nose on a face, in the middle of anything else. From the side, it goes on the front. */
function placeIn(figure: Figure, view: ViewKey): MarkTools["place"] {
  const { frame } = VIEWS[view];
  if (view === "face" || frame === null) return { frame: "front", at: point(34, -38) };
  const { box } = sceneOf(figure, view);
  const at = point(Math.round(box.left + box.width / 2), -Math.round(box.top + box.height / 2));
  return { frame, at: frame === "back" ? mirror(at) : at };
}

/** The figure in the middle, the stack on one side, the chosen layer and the findings on the other. */
export function MapChapter() {
  const { look, context, findings, apply, store } = useWorking();
  const [chosen, setChosen] = useState<string | null>(
    look.layers.find((layer) => layer.role === "base")?.id ?? null,
  );
  const [adding, setAdding] = useState(false);
  const [chosenMark, setChosenMark] = useState<number | null>(null);
  const [drawing, setDrawing] = useState(false);
  const [view, setView] = useState<ViewKey>("face");
  const place = useMemo(() => placeIn(context.figure, view), [context.figure, view]);
  const layer = look.layers.find(({ id }) => id === chosen) ?? null;
  const choose = useCallback((id: string | null) => {
    setChosen(id);
    setChosenMark(null);
    setDrawing(false);
  }, []);
  useHotkeys("a", () => setAdding(true));
  const add = (role: Role) => {
    const fresh = suggestLayer(role, look, context);
    apply({ op: "addLayer", layer: fresh, at: placeFor(role, look) });
    choose(fresh.id);
    setAdding(false);
  };
  const addSet = (key: ReadyMadeKey) => {
    const { patch, leftOut } = layReadyMade(key, look, context);
    setAdding(false);
    if (patch.op === "several" && patch.patches.length && apply(patch))
      toast(
        `${readyMade(key).label} is in the stack`,
        leftOut.length
          ? {
              description: `Left out, since ${context.person.name} may not wear it: ${leftOut.join(", ")}.`,
            }
          : {},
      );
    else toast(`${context.person.name} may wear none of it`);
  };
  const addLast = (kind: "teeth" | "hair") => {
    apply(layLast(kind, look, context));
    setAdding(false);
  };
  const remove = useCallback(
    (gone: Layer) => {
      if (gone.locked) return void toast(`${gone.name} is locked`);
      const { layers } = store.getState().look;
      const at = layers.findIndex(({ id }) => id === gone.id);
      const next = layers[at + 1] ?? layers[at - 1];
      if (!apply({ op: "removeLayer", id: gone.id })) return;
      choose(next?.id ?? null);
      focusSoon(next ? `[data-layer="${next.id}"]` : "[data-add-layer]");
      toast(`${gone.name} taken out`, {
        action: { label: "Undo", onClick: () => store.temporal.getState().undo() },
      });
    },
    [apply, store, choose],
  );
  const duplicate = (layer: Layer) => {
    const copy = {
      ...layer,
      locked: false,
      id: freeLayerId(look, layer.id),
      name: `${layer.name.slice(0, 72)}, again`,
    };
    apply({ op: "addLayer", layer: copy, at: look.layers.indexOf(layer) + 1 });
    choose(copy.id);
  };
  const move = useCallback(
    (id: string, by: number) => {
      const { layers } = store.getState().look;
      const from = layers.findIndex((other) => other.id === id);
      if (layers[from]?.locked) toast("This layer is locked");
      else apply({ op: "moveLayer", id, to: from + by });
    },
    [apply, store],
  );
  const toggle = (zone: ZoneId) => {
    if (!layer)
      return setChosen(look.layers.findLast(({ zones }) => zones.includes(zone))?.id ?? null);
    if (layer.marks.length || layer.locked) return;
    apply({
      op: "changeLayer",
      id: layer.id,
      change: {
        zones: layer.zones.includes(zone)
          ? layer.zones.filter((id) => id !== zone)
          : [...layer.zones, zone],
      },
    });
  };
  return (
    <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)] lg:grid-cols-[19rem_minmax(0,1fr)_21rem]">
      <StackPanel
        selected={chosen}
        onSelect={choose}
        onAdd={() => setAdding(true)}
        onMove={move}
        onRemove={remove}
      />
      <FigureView
        layer={layer}
        view={view}
        onView={setView}
        onZone={toggle}
        chosenMark={chosenMark}
        onMark={setChosenMark}
        drawing={drawing}
        onDrawing={setDrawing}
      />
      <div className="flex min-h-0 flex-col border-l rule">
        <div
          className="min-h-0 flex-1 lg:overflow-auto"
          tabIndex={0}
          role="group"
          aria-label="Properties"
        >
          {layer ? (
            <LayerPanel
              layer={layer}
              place={place}
              chosenMark={chosenMark}
              onMark={setChosenMark}
              drawing={drawing}
              onDrawing={setDrawing}
              onMove={(by) => move(layer.id, by)}
              onDuplicate={() => duplicate(layer)}
              onRemove={() => remove(layer)}
            />
          ) : (
            <p className="p-4">
              Choose a layer in the stack, or{" "}
              <button type="button" className="link" onClick={() => setAdding(true)}>
                add one
              </button>
              .
            </p>
          )}
        </div>
        <ToDo />
        <section
          id="findings"
          aria-label="Findings"
          className="border-t-2 border-base-content p-4 lg:max-h-[38%] lg:overflow-auto"
          tabIndex={0}
        >
          <h2 className="mb-2 text-lg">
            Findings{" "}
            <span className="muted font-sans text-sm font-normal">{findings.length || ""}</span>
          </h2>
          <FindingsList onShow={(finding) => choose(finding.where.layerId ?? null)} />
        </section>
      </div>
      <Dialog open={adding} title="Add a layer" onClose={() => setAdding(false)} wide>
        <ul className="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
          {ROLE_KEYS.map((role) => {
            const Icon = ROLE_ICONS[role];
            return (
              <li key={role}>
                <button
                  type="button"
                  className="flex min-h-14 w-full items-center gap-3 rounded border rule px-3 text-left hover:bg-base-200"
                  onClick={() => add(role)}
                >
                  <Icon size={20} aria-hidden />
                  <span>
                    <span className="block font-semibold first-letter:uppercase">
                      {ROLES[role].label}
                    </span>
                    <span className="muted block text-sm">{ROLES[role].does}</span>
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        <h3 className="mt-4 mb-1 font-semibold">Sets, laid under the base in their order</h3>
        <ul className="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
          {READY_MADE_KEYS.map((key) => (
            <li key={key}>
              <button
                type="button"
                className="flex min-h-14 w-full flex-col justify-center rounded border rule px-3 text-left hover:bg-base-200"
                onClick={() => addSet(key)}
              >
                <span className="font-semibold">{readyMade(key).label}</span>
                <span className="muted text-sm">
                  {readyMade(key).does} · {readyMade(key).rule}
                </span>
              </button>
            </li>
          ))}
          <li>
            <button
              type="button"
              className="flex min-h-14 w-full flex-col justify-center rounded border rule px-3 text-left hover:bg-base-200"
              onClick={() => addLast("teeth")}
            >
              <span className="font-semibold">Teeth</span>
              <span className="muted text-sm">lacquer on dry teeth · ORDER-6</span>
            </button>
          </li>
          <li>
            <button
              type="button"
              className="flex min-h-14 w-full flex-col justify-center rounded border rule px-3 text-left hover:bg-base-200"
              onClick={() => addLast("hair")}
            >
              <span className="font-semibold">Hair colour</span>
              <span className="muted text-sm">sprayed, eyes and lungs shielded · SAFE-5</span>
            </button>
          </li>
        </ul>
      </Dialog>
    </div>
  );
}

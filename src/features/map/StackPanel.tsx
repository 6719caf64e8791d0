"use client";

import { plural } from "@/core/text/words";
import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { Eye, EyeOff, GripVertical, Lock, LockOpen } from "lucide-react";
import {
  Fragment,
  memo,
  useCallback,
  useMemo,
  useRef,
  type KeyboardEvent,
  type ReactNode,
} from "react";
import { toast } from "sonner";
import { hexOf, isDrawn, paintWords, type Layer } from "@/core/look";
import { SchoolsOfWork } from "@/shared/workspace/SchoolsOfWork";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Swatch } from "@/ui/Swatch";
import { groupFrom, groupMoved, startsGroup } from "./groups";
import { ROLE_ICONS } from "./roleIcon";

type Switched = Partial<Pick<Layer, "hidden" | "locked">>;

interface StackPanelProps {
  selected: string | null;
  onSelect: (id: string) => void;
  onAdd: () => void;
  onMove: (id: string, by: number) => void;
  onRemove: (layer: Layer) => void;
}

/** The stack in painting order: dragged by its grip, or by keys. Arrow keys choose, Alt with arrows moves, H hides, L locks, Delete takes out. */
export function StackPanel({ selected, onSelect, onAdd, onMove, onRemove }: StackPanelProps) {
  const { look, context, prediction, apply, store } = useWorking();
  const list = useRef<HTMLOListElement>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const hexOfLayer = (layer: Layer) => {
    const film = layer.zones
      .map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id))
      .find((entry) => entry);
    return film && film.colour !== film.before ? hexOf(film.colour) : null;
  };
  const change = useCallback(
    (layers: readonly Layer[], values: Switched) =>
      apply({
        op: "several",
        patches: layers.map(({ id }) => ({ op: "changeLayer", id, change: values })),
      }),
    [apply],
  );
  // Rows are many and seldom change: what they are given stays the same, and looks the stack up when it is called.
  const onKey = useCallback(
    (event: KeyboardEvent, layer: Layer) => {
      const { layers } = store.getState().look;
      const index = layers.findIndex(({ id }) => id === layer.id);
      const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
      if (step && event.altKey) {
        event.preventDefault();
        onMove(layer.id, step);
      } else if (step) {
        event.preventDefault();
        const next = layers[index + step];
        if (next) {
          onSelect(next.id);
          list.current?.querySelectorAll<HTMLButtonElement>("[data-layer]")[index + step]?.focus();
        }
      } else if (event.key === "Delete") {
        event.preventDefault();
        onRemove(layer);
      } else if (event.key === "h") {
        event.preventDefault();
        if (isDrawn(layer)) change([layer], { hidden: !layer.hidden });
        else toast(`${layer.name} isn't drawn on the figure.`);
      } else if (event.key === "l") {
        event.preventDefault();
        change([layer], { locked: !layer.locked });
      }
    },
    [store, change, onMove, onSelect, onRemove],
  );
  const ids = look.layers
    .flatMap((layer, i) => (startsGroup(look.layers, i) ? [headOf(layer), layer.id] : [layer.id]))
    .join(" ");
  const items = useMemo(() => ids.split(" ").filter(Boolean), [ids]);
  const moveGroup = (first: string, onto: string) => {
    const order = groupMoved(look.layers, first, onto);
    if (order === "locked") toast("A layer of this group is locked");
    else if (order) apply({ op: "order", ids: order });
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const head = layerOfHead(String(active.id));
    if (head && over) {
      moveGroup(head, layerOfHead(String(over.id)) ?? String(over.id));
      return;
    }
    const [from, to] = [active.id, over?.id].map((id) =>
      look.layers.findIndex((layer) => layer.id === (layerOfHead(String(id)) ?? id)),
    );
    if (from !== undefined && to !== undefined && from >= 0 && to >= 0 && from !== to)
      onMove(String(active.id), to - from);
  };
  return (
    <section
      aria-label="Layers"
      className="flex min-h-0 flex-col border-b rule lg:border-r lg:border-b-0"
    >
      <div className="flex items-center justify-between gap-2 px-4 py-2.5">
        <h2 className="text-lg">
          Layers <span className="muted font-sans text-sm font-normal">in painting order</span>
        </h2>
        <button
          type="button"
          className="btn btn-sm btn-primary"
          onClick={onAdd}
          data-add-layer
          aria-keyshortcuts="a"
        >
          Add layer
        </button>
      </div>
      {look.layers.length === 0 && (
        <p className="px-4 pb-4">
          Nothing is painted yet. <strong>Add layer</strong> puts a base on the face, in the paint
          you chose.
        </p>
      )}
      <DndContext
        id="stack"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
      >
        <SortableContext items={items} strategy={verticalListSortingStrategy}>
          <ol ref={list} className="max-h-[45dvh] min-h-0 overflow-auto lg:max-h-none lg:flex-1">
            {look.layers.map((layer, i) => {
              const heads = startsGroup(look.layers, i);
              const under = heads ? groupFrom(look.layers, i) : [];
              return (
                <Fragment key={layer.id}>
                  {heads && (
                    <Head
                      layer={layer}
                      count={under.length}
                      onStep={(by) => {
                        const next = look.layers[by < 0 ? i - 1 : i + under.length];
                        if (next) moveGroup(layer.id, next.id);
                      }}
                    >
                      <Switches
                        name={layer.group}
                        hidden={
                          under.some(isDrawn)
                            ? under.filter(isDrawn).every(({ hidden }) => hidden)
                            : null
                        }
                        locked={under.every(({ locked }) => locked)}
                        onChange={(values) => change(under, values)}
                      />
                    </Head>
                  )}
                  <Row
                    layer={layer}
                    place={i + 1}
                    selected={selected === layer.id}
                    hex={hexOfLayer(layer)}
                    paint={paintWords(layer, context.products)}
                    coats={prediction.coats.get(layer.id)?.coats ?? null}
                    onSelect={onSelect}
                    onKey={onKey}
                    onChange={change}
                  />
                </Fragment>
              );
            })}
          </ol>
        </SortableContext>
      </DndContext>
      <details className="border-t rule px-4 py-2 text-sm">
        <summary className="cursor-pointer font-semibold">Order of work</summary>
        <SchoolsOfWork />
      </details>
    </section>
  );
}

const HEAD = "head:";
const headOf = ({ id }: Layer) => `${HEAD}${id}`;
/** The layer that stands first under a heading; null for what is none. */
const layerOfHead = (id: string): string | null =>
  id.startsWith(HEAD) ? id.slice(HEAD.length) : null;

/** The heading of a group: dragged by its grip, or with Alt and the arrows, it takes all its layers along. */
function Head({
  layer,
  count,
  onStep,
  children,
}: {
  layer: Layer;
  count: number;
  onStep: (by: number) => void;
  children: ReactNode;
}) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: headOf(layer),
  });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-center gap-1 border-t rule bg-base-300 py-0.5 pr-1 ${isDragging ? "relative z-10 shadow" : ""}`}
    >
      <span
        {...listeners}
        aria-hidden
        title="Drag all of it to another place"
        className="flex w-6 shrink-0 cursor-grab touch-none items-center justify-center opacity-60"
      >
        <GripVertical size={16} />
      </span>
      <button
        type="button"
        className="min-w-0 flex-1 truncate text-left text-sm font-bold"
        title="Alt and the arrows move all of it"
        onKeyDown={(event) => {
          const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
          if (!step || !event.altKey) return;
          event.preventDefault();
          onStep(step);
        }}
      >
        {layer.group} <span className="muted font-normal">{count}</span>
      </button>
      {children}
    </li>
  );
}

interface RowProps {
  layer: Layer;
  place: number;
  selected: boolean;
  hex: string | null;
  paint: string;
  coats: number | null;
  onSelect: (id: string) => void;
  onKey: (event: KeyboardEvent, layer: Layer) => void;
  onChange: (layers: readonly Layer[], values: Switched) => void;
}

const Row = memo(function Row({
  layer,
  place,
  selected,
  hex,
  paint,
  coats,
  onSelect,
  onKey,
  onChange,
}: RowProps) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: layer.id,
  });
  const Icon = ROLE_ICONS[layer.role];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-stretch border-t rule ${isDragging ? "relative z-10 bg-base-200 shadow" : ""} ${selected ? "bg-base-200" : ""}`}
    >
      {/* For the pointer; keys move a layer with Alt and the arrows. */}
      <span
        {...listeners}
        aria-hidden
        title="Drag to another place"
        className="flex w-6 shrink-0 cursor-grab touch-none items-center justify-center opacity-60"
      >
        <GripVertical size={16} />
      </span>
      <button
        type="button"
        data-layer={layer.id}
        aria-pressed={selected}
        onClick={() => onSelect(layer.id)}
        onKeyDown={(event) => onKey(event, layer)}
        className={`flex min-w-0 flex-1 items-center gap-2.5 border-l-4 py-2 pr-1 pl-1.5 text-left ${selected ? "border-base-content" : "border-transparent hover:bg-base-200"}`}
      >
        <span className="muted w-5 text-sm">{place}</span>
        <Icon size={18} aria-label={layer.role} className="shrink-0" />
        <Swatch hex={hex} size={26} />
        <span className={`min-w-0 flex-1 ${layer.hidden ? "opacity-70" : ""}`}>
          <span className="block truncate font-semibold">{layer.name}</span>
          <span className="muted block truncate text-xs">
            {coats ? `${coats} ${plural(coats, "coat")}, ` : ""}
            {paint}
          </span>
        </span>
      </button>
      <span className="flex items-center pr-1">
        <Switches
          name={layer.name}
          hidden={isDrawn(layer) ? layer.hidden : null}
          locked={layer.locked}
          onChange={(values) => onChange([layer], values)}
        />
      </span>
    </li>
  );
});

function Switches({
  name,
  hidden,
  locked,
  onChange,
}: {
  name: string;
  /** Null where there is nothing to hide. */
  hidden: boolean | null;
  locked: boolean;
  onChange: (values: Switched) => void;
}) {
  const button = "flex size-7 items-center justify-center rounded hover:bg-base-300";
  return (
    <>
      {hidden !== null && (
        <button
          type="button"
          aria-pressed={hidden}
          aria-label={`Hide ${name} on the figure`}
          title={hidden ? "Hidden on the figure, planned all the same" : "Shown on the figure"}
          className={button}
          onClick={() => onChange({ hidden: !hidden })}
        >
          {hidden ? (
            <EyeOff size={16} aria-hidden />
          ) : (
            <Eye size={16} aria-hidden className="opacity-55" />
          )}
        </button>
      )}
      <button
        type="button"
        aria-pressed={locked}
        aria-label={`Lock ${name}`}
        title={locked ? "Locked" : "Not locked"}
        className={button}
        onClick={() => onChange({ locked: !locked })}
      >
        {locked ? (
          <Lock size={16} aria-hidden />
        ) : (
          <LockOpen size={16} aria-hidden className="opacity-55" />
        )}
      </button>
    </>
  );
}

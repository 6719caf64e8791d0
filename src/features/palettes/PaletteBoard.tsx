"use client";

import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { SortableContext, useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import {
  movePan,
  panBeside,
  PANS,
  panWords,
  type Pan,
  type PlacedPan,
  type PaletteFields,
} from "@/core/kit";
import { panHex, panName, type Known } from "@/shared/palettes/panLook";
import { PanPicture } from "@/shared/palettes/PanPicture";

interface PaletteBoardProps {
  palette: PaletteFields;
  placed: readonly PlacedPan[];
  products: Known;
  chosen: string | null;
  onChoose: (id: string) => void;
  onMove: (pans: readonly Pan[]) => void;
  onEmpty: (id: string) => void;
}

/** Most pixels a millimetre is drawn with: a half pan is big enough for its name by then. */
const MOST_SCALE = 4;
/** Higher than this a palette would not be seen at once, pixels. */
const MOST_HIGH = 420;

/** The palette from above. Pans are dragged to another place, or moved with Alt and the arrows; arrows alone choose, Delete takes out. */
export function PaletteBoard({
  palette,
  placed,
  products,
  chosen,
  onChoose,
  onMove,
  onEmpty,
}: PaletteBoardProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(700);
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const watcher = new ResizeObserver(() => setRoom(element.clientWidth));
    watcher.observe(element);
    return () => watcher.disconnect();
  }, []);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const scale = Math.max(
    0.4,
    Math.min(MOST_SCALE, (room - 6) / palette.width, MOST_HIGH / palette.height),
  );
  const lowest = Math.max(palette.height, ...placed.map(({ y, height }) => y + height + 2));
  const focus = (id: string | undefined) => {
    if (id) {
      onChoose(id);
      frame.current?.querySelector<HTMLButtonElement>(`[data-pan="${CSS_ESCAPE(id)}"]`)?.focus();
    }
  };
  const onKey = (event: KeyboardEvent, id: string) => {
    const at = placed.findIndex(({ pan }) => pan.id === id);
    const to =
      event.key === "ArrowRight"
        ? at + 1
        : event.key === "ArrowLeft"
          ? at - 1
          : event.key === "ArrowDown"
            ? panBeside(placed, id, 1)
            : event.key === "ArrowUp"
              ? panBeside(placed, id, -1)
              : event.key === "Home"
                ? 0
                : event.key === "End"
                  ? placed.length - 1
                  : null;
    if (to !== null) {
      event.preventDefault();
      if (event.altKey) {
        if (to !== at) onMove(movePan(palette.pans, id, to));
      } else focus(placed[to]?.pan.id);
    } else if (event.key === "Delete") {
      event.preventDefault();
      focus(placed[at + 1]?.pan.id ?? placed[at - 1]?.pan.id);
      onEmpty(id);
    }
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const to = palette.pans.findIndex(({ id }) => id === over?.id);
    if (to >= 0 && active.id !== over?.id) onMove(movePan(palette.pans, String(active.id), to));
  };
  return (
    <div ref={frame}>
      <DndContext
        id="palette"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
      >
        <SortableContext items={palette.pans.map(({ id }) => id)} strategy={STAY}>
          <ol
            aria-label="Pans"
            className="relative"
            style={{ width: palette.width * scale, height: lowest * scale }}
          >
            <li
              aria-hidden
              className="absolute inset-x-0 top-0 rounded border-2 border-base-content/80 bg-surround"
              style={{ height: palette.height * scale }}
            />
            {placed.map((entry, i) => (
              <Well
                key={entry.pan.id}
                placed={entry}
                place={i + 1}
                scale={scale}
                hex={panHex(entry.pan, products)}
                name={panName(entry.pan, products)}
                chosen={entry.pan.id === chosen}
                onChoose={onChoose}
                onKey={onKey}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </div>
  );
}

/** What is dragged over stays where it is until one lets go: sizes differ, and rows are laid anew by the core. */
const STAY = () => null;
const CSS_ESCAPE = (text: string) => text.replace(/["\\]/g, "\\$&");

interface WellProps {
  placed: PlacedPan;
  place: number;
  scale: number;
  hex: string | null;
  name: string;
  chosen: boolean;
  onChoose: (id: string) => void;
  onKey: (event: KeyboardEvent, id: string) => void;
}

function Well({ placed, place, scale, hex, name, chosen, onChoose, onKey }: WellProps) {
  const { pan, fits, row } = placed;
  const { setNodeRef, listeners, transform, isDragging, isOver } = useSortable({ id: pan.id });
  const round = PANS[pan.pan].round;
  return (
    <li
      ref={setNodeRef}
      className={`absolute ${isDragging ? "z-10" : ""}`}
      style={{
        left: placed.x * scale,
        top: placed.y * scale,
        transform: CSS.Translate.toString(transform),
      }}
    >
      <button
        type="button"
        {...listeners}
        data-pan={pan.id}
        aria-pressed={chosen}
        aria-label={`${name}, ${panWords(pan.pan)}, place ${place}, row ${row + 1}${fits ? "" : ", does not fit"}`}
        title={name}
        onClick={() => onChoose(pan.id)}
        onKeyDown={(event) => onKey(event, pan.id)}
        className={`block touch-none cursor-grab ${round ? "rounded-full" : "rounded-sm"} ${isOver && !isDragging ? "outline-2 outline-dashed outline-base-content" : ""} ${fits ? "" : "opacity-60"}`}
      >
        <PanPicture
          placed={placed}
          hex={hex}
          round={round}
          scale={scale}
          name={name}
          chosen={chosen}
        />
      </button>
    </li>
  );
}

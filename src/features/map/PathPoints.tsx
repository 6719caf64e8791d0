import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { mirror, point, type Point } from "@/core/anatomy";
import { addPoint, movePoint, pointAt, takePoint, type Path } from "@/core/look";
import { MarkDrawing } from "@/shared/figure/MarkDrawing";

const [STEP_MM, LEAP_MM] = [1, 5];

interface PathPointsProps {
  path: Path;
  /** Its name and number, for who can't see it. */
  name: string;
  hex: string;
  /** 1 from the front, -1 from behind. */
  out: 1 | -1;
  /** Millimetres that look as large as one does on a face. */
  unit: number;
  toMm: (event: PointerEvent) => Point | null;
  onChange: (path: Path) => void;
}

/** The points of a free line: dragged, or by keys. Arrows move one, I puts one after it, Delete takes it out; a double click puts one too. */
export function PathPoints({ path, name, hex, out, unit, toMm, onChange }: PathPointsProps) {
  const [drag, setDrag] = useState<{ i: number; path: Path } | null>(null);
  // Letting go may come before the last move has been drawn.
  const held = useRef(drag);
  const hold = (next: typeof drag) => {
    held.current = next;
    setDrag(next);
  };
  const shown = drag?.path ?? path;
  const put = (next: Path | null) => next && onChange(next);
  const onKey = (event: KeyboardEvent, i: number) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const step = event.shiftKey ? LEAP_MM : STEP_MM;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-step * out, 0],
      ArrowRight: [step * out, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    };
    const by = moves[event.key];
    const at = pointAt(path, i);
    if (by) put(movePoint(path, i, point(at.x + by[0], at.y + by[1])));
    else if (event.key === "i" || event.key === "Insert") put(addPoint(path, i));
    else if (event.key === "Delete") put(takePoint(path, i));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const follow = (event: PointerEvent) => {
    const at = held.current && toMm(event);
    const moved = held.current && at && movePoint(path, held.current.i, at);
    if (held.current && moved) hold({ i: held.current.i, path: moved });
  };
  const end = () => {
    if (held.current && held.current.path !== path) onChange(held.current.path);
    hold(null);
  };
  return (
    <>
      {drag && (
        <g opacity={0.85} pointerEvents="none">
          <MarkDrawing mark={drag.path} hex={hex} carry={out === 1 ? undefined : mirror} />
        </g>
      )}
      {shown.points.map((_, i) => {
        const at = pointAt(shown, i);
        const size = 2.4 * unit;
        return (
          <g
            key={i}
            role="button"
            tabIndex={0}
            aria-label={`Point ${i + 1} of ${shown.points.length} of ${name}`}
            data-point={i}
            className="cursor-move outline-none focus-visible:[&>rect]:fill-[#111]"
            style={{ touchAction: "none" }}
            onKeyDown={(event) => onKey(event, i)}
            onDoubleClick={() => put(addPoint(path, i))}
            onPointerDown={(event) => {
              event.preventDefault();
              event.stopPropagation();
              event.currentTarget.focus();
              event.currentTarget.setPointerCapture(event.pointerId);
              hold({ i, path });
            }}
            onPointerMove={follow}
            onPointerUp={end}
            onPointerCancel={() => hold(null)}
          >
            <circle cx={out * at.x} cy={-at.y} r={5 * unit} fill="transparent" />
            <rect
              x={out * at.x - size / 2}
              y={-at.y - size / 2}
              width={size}
              height={size}
              fill="#fff"
              stroke="#111"
              strokeWidth={0.6 * unit}
            />
          </g>
        );
      })}
    </>
  );
}

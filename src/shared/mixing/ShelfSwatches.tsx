import { useMemo, useState } from "react";
import { hexToLab, hueAngle } from "@/core/colour";
import { isGrey } from "@/core/kit";
import type { Product } from "@/core/paint";
import { Swatch } from "@/ui/Swatch";

/** More than these nobody looks through: letters narrow them down. */
const SHOWN = 36;

/** Round the circle of hues, with white, grey and black last. */
const place = ({ colour }: Product): number => {
  const lab = hexToLab(colour ?? "#777777");
  return isGrey(lab) ? 400 + lab[0] : (hueAngle(lab) + 360) % 360;
};

interface ShelfSwatchesProps {
  paints: readonly Product[];
  onAdd: (productId: string) => void;
}

/** What there is to begin a mix with, by hue: one press puts it in the pan. */
export function ShelfSwatches({ paints, onAdd }: ShelfSwatchesProps) {
  const [typed, setTyped] = useState("");
  const byHue = useMemo(() => paints.toSorted((a, b) => place(a) - place(b)), [paints]);
  const found = byHue.filter(({ name, maker }) =>
    `${name} ${maker}`.toLowerCase().includes(typed.trim().toLowerCase()),
  );
  return (
    <section aria-label="Begin with" className="card-plain p-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h4 className="text-base">Begin with</h4>
        {paints.length > 12 && (
          <label className="text-sm">
            <span className="sr-only">Find a paint by its name</span>
            <input
              type="search"
              className="input !w-48"
              placeholder="Find a paint"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
          </label>
        )}
      </div>
      <ul className="mt-3 grid grid-cols-2 gap-1 sm:grid-cols-3">
        {found.slice(0, SHOWN).map(({ id, name, colour }) => (
          <li key={id}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-2 rounded px-1.5 text-left text-sm hover:bg-base-200"
              aria-label={`Put ${name} in the pan`}
              onClick={() => onAdd(id)}
            >
              <Swatch hex={colour} size={28} />
              {name}
            </button>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="text-sm">No paint on the shelf is called that.</p>}
      {found.length > SHOWN && (
        <p className="muted mt-2 text-sm">
          {found.length - SHOWN} more: type a few letters of its name.
        </p>
      )}
    </section>
  );
}

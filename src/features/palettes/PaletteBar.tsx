"use client";

import { Select } from "@/ui/Select";
import { Printer, Redo2, Undo2 } from "lucide-react";
import { useState } from "react";
import { PANS, panWords, type Pan, type PanKey } from "@/core/kit";
import { ORDERS, type Order } from "./arrangePans";

interface History {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** What one does to a whole palette: a pan put in, another order, back and forth, labels. */
export function PaletteBar({
  trayId,
  usual,
  orders,
  history,
  onAdd,
  onArrange,
}: {
  trayId: string;
  /** The size a new pan has until another is chosen. */
  usual: PanKey;
  orders: readonly Order[];
  history: History;
  onAdd: (pan: Pan) => void;
  onArrange: (order: Order) => void;
}) {
  const [size, setSize] = useState<PanKey>(usual);
  return (
    <div className="mb-3 flex flex-wrap items-end gap-2 text-sm">
      <label>
        <span className="label-line">Pan</span>
        <Select
          className="select-sm !w-52"
          value={size}
          options={Object.keys(PANS) as PanKey[]}
          labelOf={(key) => panWords(key)}
          onChange={setSize}
        />
      </label>
      <button
        type="button"
        className="btn btn-sm btn-primary"
        onClick={() => onAdd({ id: crypto.randomUUID(), pan: size, parts: [] })}
      >
        Put a pan in
      </button>
      <label>
        <span className="label-line">Order</span>
        <Select
          className="select-sm !w-44"
          value={null}
          options={orders}
          labelOf={(key) => ORDERS[key]}
          onChange={onArrange}
          none="as it lies"
        />
      </label>
      <button
        type="button"
        className="btn btn-sm"
        onClick={history.undo}
        disabled={!history.canUndo}
      >
        <Undo2 size={16} aria-hidden />
        Undo
      </button>
      <button
        type="button"
        className="btn btn-sm"
        onClick={history.redo}
        disabled={!history.canRedo}
      >
        <Redo2 size={16} aria-hidden />
        Redo
      </button>
      <span className="flex-1" />
      <a
        className="btn btn-sm"
        href={`/api/palettes/${trayId}/labels?paper=a4`}
        target="_blank"
        rel="noreferrer"
      >
        <Printer size={16} aria-hidden />
        Labels, A4
      </a>
      <a
        className="btn btn-sm"
        href={`/api/palettes/${trayId}/labels?paper=letter`}
        target="_blank"
        rel="noreferrer"
      >
        Letter
      </a>
    </div>
  );
}

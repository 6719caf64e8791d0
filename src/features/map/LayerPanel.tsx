"use client";

import { useCallback } from "react";
import {
  exposedZones,
  holdsShapes,
  marksOn,
  ROLES,
  setBy,
  zonesOfMarks,
  zoneWords,
  type Layer,
} from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Field } from "@/ui/Field";
import { CopyLayer } from "./CopyLayer";
import { FormTools } from "./FormTools";
import { LayerTools } from "./LayerTools";
import { LeavesOut } from "./LeavesOut";
import { MarksEditor, type MarkTools } from "./MarksEditor";
import { PaintPicker } from "./PaintPicker";
import { ZoneChecks } from "./ZoneChecks";

interface LayerPanelProps extends MarkTools {
  layer: Layer;
  onMove: (by: number) => void;
  onDuplicate: () => void;
  onRemove: () => void;
}

/** Everything one layer is: paint, tool, coats, edge and where it lies. */
export function LayerPanel({ layer, onMove, onDuplicate, onRemove, ...marking }: LayerPanelProps) {
  const { look, apply, context, store } = useWorking();
  const seen = useCallback(() => {
    const { bare } = store.getState().look;
    return exposedZones(context.brief, context.person).filter((zone) => !bare.includes(zone));
  }, [store, context]);
  const change = (values: Partial<Omit<Layer, "id">>) =>
    apply({ op: "changeLayer", id: layer.id, change: values });
  return (
    <section aria-label="Layer" className="p-4">
      {layer.locked && (
        <p className="mb-3 flex flex-wrap items-center gap-2 border-l-4 border-base-content pl-2 text-sm">
          This layer is locked.
          <button type="button" className="btn btn-sm" onClick={() => change({ locked: false })}>
            Unlock it
          </button>
        </p>
      )}
      <fieldset disabled={layer.locked} className="flex min-w-0 flex-col gap-3">
        <div>
          <p className="muted text-sm first-letter:uppercase">
            {ROLES[layer.role].label}: {ROLES[layer.role].does}
          </p>
          <Field label="Name of the layer">
            <input
              type="text"
              className="input"
              maxLength={80}
              value={layer.name}
              onChange={(event) => {
                if (event.target.value.trim()) change({ name: event.target.value });
              }}
            />
          </Field>
        </div>
        <PaintPicker key={layer.id} layer={layer} apply={apply} />
        <LayerTools layer={layer} change={change} />
        {holdsShapes(layer.role) && !layer.form && (
          <MarksEditor layer={layer} apply={apply} {...marking} />
        )}
        {(layer.form ?? layer.marks.length > 0) && <FormTools layer={layer} />}
        {layer.marks.length > 0 && !layer.fills && (
          <p>
            <strong>Where:</strong> {zoneWords(zonesOfMarks(layer.marks, context.figure))}, where
            its shapes lie.
          </p>
        )}
        {layer.marks.length > 0 && !layer.form && (
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={layer.fills}
              onChange={(event) =>
                change(
                  event.target.checked
                    ? { fills: true, zones: [] }
                    : { fills: false, ...marksOn({ fills: false }, layer.marks, context.figure) },
                )
              }
            />
            Fill areas as well as these shapes
          </label>
        )}
        {!layer.form && (layer.fills || layer.marks.length === 0) && (
          <>
            <ZoneChecks
              key={`areas ${layer.id}`}
              id={layer.id}
              chosen={layer.zones}
              apply={apply}
            />
            <LeavesOut layer={layer} seen={seen} change={change} />
          </>
        )}
        <p className="text-sm">
          <strong>Set by:</strong> {setBy(look, context, layer)}.
        </p>
        <Field
          label="Group"
          hint="Layers next to each other of one group are shown and locked together."
        >
          <input
            type="text"
            className="input"
            maxLength={40}
            list="headings"
            value={layer.group}
            onChange={(event) => change({ group: event.target.value.trimStart() })}
          />
        </Field>
        <datalist id="headings">
          {[...new Set(look.layers.map(({ group }) => group))].filter(Boolean).map((group) => (
            <option key={group} value={group} />
          ))}
        </datalist>
        <Field label="Note">
          <textarea
            rows={2}
            className="textarea"
            maxLength={1000}
            value={layer.notes}
            onChange={(event) => change({ notes: event.target.value })}
          />
        </Field>
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-sm" onClick={() => onMove(-1)}>
            Earlier
          </button>
          <button type="button" className="btn btn-sm" onClick={() => onMove(1)}>
            Later
          </button>
          <button type="button" className="btn btn-sm" onClick={onDuplicate}>
            Duplicate
          </button>
          {!layer.form && <CopyLayer layer={layer} />}
          <button type="button" className="btn btn-sm" onClick={onRemove}>
            Remove
          </button>
        </div>
      </fieldset>
    </section>
  );
}

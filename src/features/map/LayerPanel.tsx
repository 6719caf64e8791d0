"use client";

import { Select } from "@/ui/Select";
import { memo, useState } from "react";
import { ZONES, otherSide, type ZoneGroup, type ZoneId } from "@/core/anatomy";
import {
  FADE_SIDES,
  FADE_WORDS,
  materialOf,
  ROLES,
  setBy,
  zonesOfMarks,
  zoneWords,
  type Layer,
  type LookPatch,
} from "@/core/look";
import { TECHNIQUES, TOOLS, toolsFor, type Technique } from "@/core/paint";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { Field } from "@/ui/Field";
import { CopyLayer } from "./CopyLayer";
import { MarksEditor, type MarkTools } from "./MarksEditor";
import { PaintPicker } from "./PaintPicker";

const GROUPS: readonly (readonly [ZoneGroup, string])[] = [
  ["face", "Face"],
  ["eyes", "Eyes"],
  ["lips", "Lips"],
  ["ears", "Ears"],
  ["neck", "Neck"],
  ["scalp", "Scalp"],
  ["torso", "Torso"],
  ["back", "Back"],
  ["arms", "Arms"],
  ["hands", "Hands"],
  ["legs", "Legs"],
  ["feet", "Feet"],
];

interface LayerPanelProps extends MarkTools {
  layer: Layer;
  onMove: (by: number) => void;
  onDuplicate: () => void;
  onRemove: () => void;
}

/** Everything one layer is: paint, tool, coats, edge and where it lies. */
/** Coats of a layer: as many as the paint needs, or so many. */
const COATS = ["auto", 1, 2, 3, 4, 5, 6, 7, 8] as const;

export function LayerPanel({ layer, onMove, onDuplicate, onRemove, ...marking }: LayerPanelProps) {
  const { look, apply, context, prediction } = useWorking();
  const change = (values: Partial<Omit<Layer, "id">>) =>
    apply({ op: "changeLayer", id: layer.id, change: values });
  const key = materialOf(layer, context.products);
  const tools = key ? toolsFor(key) : [layer.tool];
  const cover = prediction.coats.get(layer.id);
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
        <div className="grid grid-cols-2 gap-3">
          <Field label="Tool" className="col-span-2">
            <Select
              value={layer.tool}
              options={[...new Set([...tools, layer.tool])]}
              labelOf={(tool) => TOOLS[tool].label}
              onChange={(chosen) => {
                const tool = chosen;
                change({
                  tool,
                  technique: (TOOLS[tool].techniques as readonly Technique[]).includes(
                    layer.technique,
                  )
                    ? layer.technique
                    : TOOLS[tool].techniques[0],
                });
              }}
            />
          </Field>
          <Field label="Technique" className="col-span-2">
            <Select
              value={layer.technique}
              options={[...new Set<Technique>([...TOOLS[layer.tool].techniques, layer.technique])]}
              labelOf={(technique) => TECHNIQUES[technique]}
              onChange={(technique) => change({ technique })}
            />
          </Field>
          <Field
            label="Coats"
            hint={
              layer.coats === "auto" && cover
                ? `${cover.coats} computed${cover.covers ? "" : ", ground still shows"}`
                : undefined
            }
          >
            <Select
              value={layer.coats}
              options={COATS}
              labelOf={(coats) => (coats === "auto" ? "as needed" : String(coats))}
              onChange={(coats) => change({ coats })}
            />
          </Field>
          <Field label="Edge">
            <Select
              value={layer.edge}
              options={["hard", "faded"] as const}
              labelOf={(edge) => edge}
              onChange={(edge) => change({ edge })}
            />
          </Field>
          {layer.edge === "faded" && layer.marks.length === 0 && (
            <Field label="Fades">
              <Select
                value={layer.fades}
                options={FADE_SIDES}
                labelOf={(side) => FADE_WORDS[side]}
                onChange={(chosen) => change({ fades: chosen })}
              />
            </Field>
          )}
          {layer.marks.length === 0 && (
            <Field label="Part of each zone, %">
              <NumberInput
                least={2}
                most={100}
                step={5}
                unit="%"
                value={Math.round(layer.share * 100)}
                onChange={(percent) => change({ share: percent / 100 })}
              />
            </Field>
          )}
        </div>
        {layer.role === "detail" && <MarksEditor layer={layer} apply={apply} {...marking} />}
        {layer.marks.length > 0 ? (
          <p>
            <strong>Where:</strong> {zoneWords(zonesOfMarks(layer.marks, context.figure))}, where
            its marks lie.
          </p>
        ) : (
          <ZoneChecks key={`areas ${layer.id}`} id={layer.id} chosen={layer.zones} apply={apply} />
        )}
        <p className="text-sm">
          <strong>Set by:</strong> {setBy(look, context, layer)}.
        </p>
        <Field
          label="Heading in the stack"
          hint="Layers next to each other with the same heading are shown and locked together."
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
          <CopyLayer layer={layer} />
          <button type="button" className="btn btn-sm" onClick={onRemove}>
            Take out
          </button>
        </div>
      </fieldset>
    </section>
  );
}

/** Zones by name, for the keyboard; a click on the figure does the same. */
const ZoneChecks = memo(function ZoneChecks({
  id,
  chosen,
  apply,
}: {
  id: string;
  chosen: readonly ZoneId[];
  apply: (patch: LookPatch) => boolean;
}) {
  const change = (zones: ZoneId[]) => apply({ op: "changeLayer", id, change: { zones } });
  const has = new Set(chosen);
  const put = (zones: Iterable<ZoneId>) => {
    const wanted = new Set(zones);
    change(ZONES.filter((zone) => wanted.has(zone.id)).map((zone) => zone.id));
  };
  // It stays as it was opened while zones are ticked.
  const [open, setOpen] = useState(chosen.length === 0);
  return (
    <details
      className="rounded border rule p-2"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer text-[0.9375rem]">
        <strong>Where:</strong>{" "}
        {chosen.length
          ? zoneWords(chosen)
          : "nowhere yet. Click zones on the figure or tick them here."}
      </summary>
      {GROUPS.map(([group, label]) => {
        const zones = ZONES.filter((zone) => zone.group === group && zone.side !== "right");
        const all = ZONES.filter((zone) => zone.group === group).map((zone) => zone.id);
        const full = all.every((id) => has.has(id));
        return (
          <fieldset key={group} className="mt-2">
            <legend className="flex items-center gap-2 text-sm font-semibold">
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={full}
                  onChange={() =>
                    put(full ? chosen.filter((id) => !all.includes(id)) : [...chosen, ...all])
                  }
                />
                All of: {label.toLowerCase()}
              </label>
            </legend>
            <div className="grid grid-cols-2 gap-x-3 pl-4">
              {zones.map((zone) => {
                const ids = [...new Set([zone.id, otherSide(zone.id)])];
                const on = ids.every((id) => has.has(id));
                return (
                  <label key={zone.id} className="flex min-h-8 items-center gap-2 text-sm">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={on}
                      onChange={() =>
                        put(on ? chosen.filter((id) => !ids.includes(id)) : [...chosen, ...ids])
                      }
                    />
                    {zone.label.replace(/^left /, "")}
                    {ids.length > 1 ? ", both" : ""}
                  </label>
                );
              })}
            </div>
          </fieldset>
        );
      })}
    </details>
  );
});

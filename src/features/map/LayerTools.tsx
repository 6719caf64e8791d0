import { FADE_SIDES, FADE_WORDS, materialOf, MOST_FADE_MM, type Layer } from "@/core/look";
import { TECHNIQUES, TOOLS, toolsFor, type Technique, type ToolKey } from "@/core/paint";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Field } from "@/ui/Field";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";
import { PartOfAreas } from "./PartOfAreas";

/** Coats of a layer: as many as the paint needs, or so many. */
const COATS = ["auto", 1, 2, 3, 4, 5, 6, 7, 8] as const;

/** A layer's tool, and its technique where the new tool can't do the old one. */
function withTool(layer: Layer, tool: ToolKey): Pick<Layer, "tool" | "technique"> {
  const techniques: readonly Technique[] = TOOLS[tool].techniques;
  return {
    tool,
    technique: techniques.includes(layer.technique) ? layer.technique : TOOLS[tool].techniques[0],
  };
}

/** How a layer is laid: tool, technique, coats, edge, and how much of each area. */
export function LayerTools({
  layer,
  change,
}: {
  layer: Layer;
  change: (values: Partial<Omit<Layer, "id">>) => void;
}) {
  const { context, prediction } = useWorking();
  const key = materialOf(layer, context.products);
  const tools = key ? toolsFor(key) : [layer.tool];
  const cover = prediction.coats.get(layer.id);
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field label="Tool" className="col-span-2">
        <Select
          value={layer.tool}
          options={[...new Set([...tools, layer.tool])]}
          labelOf={(tool) => TOOLS[tool].label}
          onChange={(tool) => change(withTool(layer, tool))}
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
      {layer.edge === "faded" && (
        <Field label="Fades">
          <Select
            value={layer.fades}
            options={FADE_SIDES}
            labelOf={(side) => FADE_WORDS[side]}
            onChange={(chosen) => change({ fades: chosen })}
          />
        </Field>
      )}
      {layer.edge === "faded" && (
        <Field label="Fades over, mm">
          <NumberInput
            least={1}
            most={MOST_FADE_MM}
            unit="mm"
            value={layer.fadeMm}
            onChange={(fadeMm) => change({ fadeMm })}
          />
        </Field>
      )}
      {!layer.form && layer.marks.length === 0 && (
        <PartOfAreas part={layer.part} onPart={(part) => change({ part })} />
      )}
      {!layer.form && layer.marks.length === 0 && layer.part.kind === "whole" && (
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
  );
}

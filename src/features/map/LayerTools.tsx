import {
  betterTool,
  BLEND_KEYS,
  BLENDS,
  FADE_SIDES,
  FADE_WORDS,
  materialOf,
  MOST_FADE_MM,
  STRENGTH_KEYS,
  STRENGTHS,
  toolSize,
  type Blend,
  type Layer,
} from "@/core/look";
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

/** A layer that is then blended, softened or cleaned, with the edges that makes; the tool it has if that can do it. */
function withBlend(layer: Layer, how: Blend | "none"): Pick<Layer, "blend" | "edge"> {
  if (how === "none") return { blend: null, edge: layer.edge };
  const tools: readonly ToolKey[] = BLENDS[how].tools;
  const kept = layer.blend && tools.includes(layer.blend.tool) ? layer.blend.tool : null;
  const tool = kept ?? tools.find((key) => key !== layer.tool) ?? layer.tool;
  return { blend: { how, tool }, edge: how === "cleaned" ? "hard" : "faded" };
}

/** What is done to each coat next, and with what. */
function ThenWith({ layer, change }: Parameters<typeof LayerTools>[0]) {
  const { blend } = layer;
  const tools: readonly ToolKey[] = blend ? BLENDS[blend.how].tools : [];
  return (
    <>
      <Field label="Then" className={blend ? "" : "col-span-2"}>
        <Select
          value={blend?.how ?? "none"}
          options={["none", ...BLEND_KEYS] as const}
          labelOf={(how) => (how === "none" ? "left as it is laid" : how)}
          onChange={(how) => change(withBlend(layer, how))}
        />
      </Field>
      {blend && (
        <Field label="Then with">
          <Select
            value={blend.tool}
            options={[...new Set([...tools, blend.tool])]}
            labelOf={(tool) => TOOLS[tool].label}
            onChange={(tool) => change({ blend: { ...blend, tool } })}
          />
        </Field>
      )}
    </>
  );
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
  const size = toolSize(layer, context);
  const better = betterTool(layer, context);
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field
        label="Tool"
        className="col-span-2"
        hint={
          size
            ? `${size.sizeMm} mm${size.isMissing ? " (none of yours comes near)" : ""}${size.fibre ? `, ${size.fibre}` : ""}: ${size.load}`
            : undefined
        }
      >
        <Select
          value={layer.tool}
          options={[...new Set([...tools, layer.tool])]}
          labelOf={(tool) => TOOLS[tool].label}
          onChange={(tool) => change(withTool(layer, tool))}
        />
      </Field>
      {better && (
        <p className="col-span-2 flex flex-wrap items-center gap-2 text-sm">
          {better.why}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => change(withTool(layer, better.tool))}
          >
            Use a {TOOLS[better.tool].label}
          </button>
        </p>
      )}
      <Field label="Technique" className="col-span-2">
        <Select
          value={layer.technique}
          options={[...new Set<Technique>([...TOOLS[layer.tool].techniques, layer.technique])]}
          labelOf={(technique) => TECHNIQUES[technique]}
          onChange={(technique) => change({ technique })}
        />
      </Field>
      <ThenWith layer={layer} change={change} />
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
      <Field label="Strength">
        <Select
          value={layer.strength}
          options={STRENGTH_KEYS}
          labelOf={(strength) => STRENGTHS[strength].label}
          onChange={(strength) => change({ strength })}
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
      {!layer.form && (layer.fills || layer.marks.length === 0) && (
        <PartOfAreas part={layer.part} onPart={(part) => change({ part })} />
      )}
    </div>
  );
}

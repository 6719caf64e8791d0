import { useState } from "react";
import { useController } from "react-hook-form";
import { TOOL_SIZES, TOOLS, type SizedTool } from "@/core/paint";
import { keysOf } from "@/core/keysOf";
import { Field } from "@/ui/Field";
import { useErrorOf } from "@/shared/forms/controls";

/** "1, 2.5 3" as sizes, smallest first; what is no number stays in, for the form to refuse. */
const sizesOf = (text: string): number[] =>
  text
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map((word) => Number(word.replace(/mm$/i, "")))
    .sort((a, b) => a - b);

/** The sizes there are of one tool, as one writes them in a row. */
function SizesOfTool({ tool }: { tool: SizedTool }) {
  const { field } = useController({ name: `brushes.${tool}` });
  const kept = Array.isArray(field.value) ? (field.value as number[]) : [];
  const [text, setText] = useState(kept.join(", "));
  return (
    <Field
      label={`${TOOLS[tool].label.replace(/^./, (c) => c.toUpperCase())} (mm)`}
      error={useErrorOf(`brushes.${tool}`)}
    >
      <input
        type="text"
        inputMode="decimal"
        className="input"
        placeholder={TOOL_SIZES[tool].join(", ")}
        value={text}
        onBlur={field.onBlur}
        onChange={({ target }) => {
          setText(target.value);
          const sizes = sizesOf(target.value);
          field.onChange(sizes.length ? sizes : undefined);
        }}
      />
    </Field>
  );
}

/** Brushes and sponges by their sizes: what plan, chair and map then name. */
export const BrushSizes = () => (
  <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
    {keysOf(TOOL_SIZES).map((tool) => (
      <SizesOfTool key={tool} tool={tool} />
    ))}
  </div>
);

import { useState } from "react";
import { useController } from "react-hook-form";
import { TOOL_SIZES, TOOLS, type SizedTool } from "@/core/paint";
import { keysOf } from "@/core/keysOf";
import type { StudioSettings } from "@/core/studio";
import { Field } from "@/ui/Field";

/** "1, 2.5 3" as sizes, smallest first; what is no number stays in, for the form to refuse. */
const sizesOf = (text: string): number[] =>
  text
    .replace(/mm/gi, " ")
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map(Number)
    .sort((a, b) => a - b);

const isSize = (size: number) => size >= 0.5 && size <= 120;

interface SizesOfToolProps {
  tool: SizedTool;
  sizes: readonly number[];
  onSizes: (sizes: number[]) => void;
}

/** The sizes there are of one tool, as one writes them in a row. */
function SizesOfTool({ tool, sizes, onSizes }: SizesOfToolProps) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field
      label={`${TOOLS[tool].label.replace(/^./, (c) => c.toUpperCase())} (mm)`}
      error={sizes.every(isSize) ? undefined : "Sizes from 0.5 to 120 mm, with commas between."}
    >
      <input
        type="text"
        inputMode="decimal"
        className="input"
        placeholder={TOOL_SIZES[tool].join(", ")}
        value={typed ?? sizes.join(", ")}
        onBlur={() => setTyped(null)}
        onChange={({ target }) => {
          setTyped(target.value);
          onSizes(sizesOf(target.value));
        }}
      />
    </Field>
  );
}

/** Brushes and sponges by their sizes: what plan, chair and map then name. */
export function BrushSizes() {
  const { field } = useController<Pick<StudioSettings, "brushes">, "brushes">({ name: "brushes" });
  return (
    <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
      {keysOf(TOOL_SIZES).map((tool) => (
        <SizesOfTool
          key={tool}
          tool={tool}
          sizes={field.value[tool] ?? []}
          onSizes={(sizes) => {
            // A tool without sizes is not in the record at all.
            const { [tool]: _, ...others } = field.value;
            field.onChange(sizes.length ? { ...others, [tool]: sizes } : others);
          }}
        />
      ))}
    </div>
  );
}

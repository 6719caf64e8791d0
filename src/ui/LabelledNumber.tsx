import type { ComponentProps } from "react";
import { NumberInput } from "./NumberInput";

/** A box for a number under its name. */
export function LabelledNumber({
  label,
  className = "!w-28",
  ...box
}: ComponentProps<typeof NumberInput> & { readonly label: string }) {
  return (
    <label className="block text-sm">
      <span className="label-line">{label}</span>
      <NumberInput {...box} className={className} />
    </label>
  );
}

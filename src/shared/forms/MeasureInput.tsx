"use client";

import type { ComponentProps } from "react";
import { reckonedAs, shownAs, unitOf, type Measure } from "@/core/text/measures";
import type { Units } from "@/core/text/manner";
import { useSay } from "@/shared/say/useSay";
import { NumberInput } from "@/ui/NumberInput";

/** As it is kept: what was typed in one unit is not read back as 69.99999 in another. */
const kept = (value: number): number => Number(value.toPrecision(10));

/** As it is shown: nobody sits 131.234 ft away. Only what stands in the box is rounded. */
const shownIn = (measure: Measure, units: Units, value: number): number => {
  const shown = shownAs(measure, units, value);
  const isOwn = shown === value && measure !== "temperature";
  return isOwn ? value : Number(shown.toFixed(Math.abs(shown) < 10 ? 2 : 1));
};

interface MeasureInputProps extends Omit<ComponentProps<typeof NumberInput>, "unit"> {
  readonly measure: Measure;
}

/** A box for a measure in the studio's unit; value and limits are the core's. */
export function MeasureInput({ measure, value, onChange, least, most, ...box }: MeasureInputProps) {
  const { units } = useSay().manner;
  const shown = (of: number) => shownIn(measure, units, of);
  return (
    <NumberInput
      {...box}
      {...(least !== undefined && { least: shown(least) })}
      {...(most !== undefined && { most: shown(most) })}
      unit={unitOf(measure, units).sign}
      value={value === null ? null : shown(value)}
      onChange={(typed) => onChange(kept(reckonedAs(measure, units, typed)))}
    />
  );
}

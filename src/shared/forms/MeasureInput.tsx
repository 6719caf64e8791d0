"use client";

import type { ComponentProps } from "react";
import { reckonedAs, shownAs, unitOf, type Measure } from "@/core/text/measures";
import { useSay } from "@/shared/say/useSay";
import { NumberInput } from "@/ui/NumberInput";

/** As near as a box shows it: what was typed in one unit is not read back as 69.99999 in another. */
const tidied = (value: number): number => Number(value.toPrecision(10));

interface MeasureInputProps extends Omit<ComponentProps<typeof NumberInput>, "unit"> {
  readonly measure: Measure;
}

/** A box for a measure in the studio's unit; value and limits are the core's. */
export function MeasureInput({ measure, value, onChange, least, most, ...box }: MeasureInputProps) {
  const { units } = useSay().manner;
  const shown = (of: number) => tidied(shownAs(measure, units, of));
  return (
    <NumberInput
      {...box}
      {...(least !== undefined && { least: shown(least) })}
      {...(most !== undefined && { most: shown(most) })}
      unit={unitOf(measure, units).sign}
      value={value === null ? null : shown(value)}
      onChange={(typed) => onChange(tidied(reckonedAs(measure, units, typed)))}
    />
  );
}

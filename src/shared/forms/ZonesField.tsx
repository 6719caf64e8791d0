"use client";

import { X } from "lucide-react";
import { useController, useFormContext } from "react-hook-form";
import { otherSide, ZONES, zoneInfo, type ZoneGroup, type ZoneId } from "@/core/anatomy";
import { zoneWords } from "@/core/look";
import { Field } from "@/ui/Field";
import { useErrorOf } from "./controls";

const GROUP_WORDS: Readonly<Record<ZoneGroup, string>> = {
  face: "Face",
  eyes: "Round the eyes",
  lips: "Lips",
  scalp: "Scalp",
  ears: "Ears",
  neck: "Neck",
  torso: "Chest and belly",
  back: "Back",
  arms: "Arms",
  hands: "Hands",
  legs: "Legs",
  feet: "Feet",
};
const GROUPS = Object.keys(GROUP_WORDS) as ZoneGroup[];

/** Areas of a group as one picks them: a pair at once, or one side of it. */
function choicesOf(group: ZoneGroup): { value: string; label: string }[] {
  return ZONES.filter((zone) => zone.group === group && zone.side !== "right").flatMap((zone) => {
    if (zone.side === null) return [{ value: zone.id, label: zone.label }];
    const other = otherSide(zone.id);
    return [
      { value: `${zone.id} ${other}`, label: zoneWords([zone.id, other]) },
      { value: zone.id, label: zone.label },
      { value: other, label: zoneInfo(other).label },
    ];
  });
}

/** Areas of the body, put in one by one from a list and taken out by their own buttons. */
export function ZonesField({
  name,
  label,
  hint,
  className = "",
}: {
  name: string;
  label: string;
  hint?: string;
  className?: string;
}) {
  const { field } = useController({ name });
  const { trigger } = useFormContext();
  const chosen = (Array.isArray(field.value) ? field.value : []) as ZoneId[];
  const error = useErrorOf(name);
  const put = (zones: readonly ZoneId[]) => {
    field.onChange(zones);
    // What was said of the field is looked at again at once: its own blur came before the choice.
    if (error) void trigger(name);
  };
  return (
    <div className={className}>
      <Field label={label} hint={hint} error={error}>
        <select
          className="select"
          value=""
          onBlur={field.onBlur}
          onChange={({ target }) =>
            put([...new Set([...chosen, ...(target.value.split(" ") as ZoneId[])])])
          }
        >
          <option value="">Add an area</option>
          {GROUPS.map((group) => (
            <optgroup key={group} label={GROUP_WORDS[group]}>
              {choicesOf(group).map((choice) => (
                <option key={choice.value} value={choice.value}>
                  {choice.label}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </Field>
      {chosen.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-2" aria-label={`${label}: chosen`}>
          {chosen.map((zone) => (
            <li key={zone}>
              <button
                type="button"
                className="btn btn-sm"
                aria-label={`Remove ${zoneInfo(zone).label}`}
                onClick={() => put(chosen.filter((other) => other !== zone))}
              >
                {zoneInfo(zone).label}
                <X size={14} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

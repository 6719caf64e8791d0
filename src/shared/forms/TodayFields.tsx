"use client";

import { useFormContext } from "react-hook-form";
import { HEALTH, type Consent } from "@/core/brief";
import { ChecksField, DayField, TextField } from "./controls";
import { ZonesField } from "./ZonesField";

/** What is asked before the first step, since it holds for that day: health, what stays bare, and of a child what a parent agreed to. */
export function TodayFields({
  at,
  isChild,
  today,
  large = false,
}: {
  at: "" | "brief.";
  large?: boolean;
  isChild: boolean;
  today: string;
}) {
  return (
    <>
      <div className="sm:col-span-2 lg:col-span-3">
        <ChecksField
          name={`${at}health`}
          label="They have today"
          options={Object.entries(HEALTH)}
          large={large}
        />
      </div>
      <ZonesField
        name={`${at}bareToday`}
        label="Leave bare today"
        hint="Sore, sunburnt or broken: nothing goes on there."
        className="sm:col-span-2 lg:col-span-3"
      />
      {isChild && <ConsentFields name={`${at}consent`} today={today} />}
    </>
  );
}

function ConsentFields({ name, today }: { name: string; today: string }) {
  const { watch, setValue } = useFormContext();
  const consent = watch(name) as Consent | null | undefined;
  return (
    <fieldset className="flex flex-col gap-3 sm:col-span-2 lg:col-span-3">
      <legend className="sr-only">Consent</legend>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={consent !== null && consent !== undefined}
          onChange={({ target }) =>
            setValue(name, target.checked ? { who: "", on: today, to: "" } : null, {
              shouldDirty: true,
              shouldValidate: true,
            })
          }
        />
        A parent or guardian is here and agrees
      </label>
      {consent && (
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField name={`${name}.who`} label="Who" placeholder="name, mother" />
          <DayField name={`${name}.on`} label="On" />
          <TextField name={`${name}.to`} label="To what" placeholder="a leaf on the cheek" />
        </div>
      )}
    </fieldset>
  );
}

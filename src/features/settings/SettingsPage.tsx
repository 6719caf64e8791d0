"use client";

import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { FormProvider, useFormContext } from "react-hook-form";
import { toast } from "sonner";
import {
  EYESIGHT,
  OWNABLE,
  STEADINESS,
  StudioSchema,
  UNITS,
  VENTILATION,
  type StudioSettings,
} from "@/core/studio";
import { isUsualEmergency, LOCALES, localeNear, usualWays } from "@/core/text/manner";
import { ask } from "@/shared/ask";
import { SaveProblems } from "@/shared/forms/SaveProblems";
import {
  CheckField,
  ChecksField,
  MeasureField,
  NumberField,
  SelectField,
  TextField,
} from "@/shared/forms/controls";
import { useFormDraft } from "@/shared/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/shared/forms/useZodForm";
import { Page } from "@/ui/Page";
import type { Refusal } from "@/ui/request";
import { BrushSizes } from "./BrushSizes";

/** A table of words as the options of a list. */
const optionsOf = <T extends Record<string, string>>(table: T) => Object.entries(table);

function Part({ title, lead, children }: { title: string; lead: string; children: ReactNode }) {
  return (
    <section className="card-plain p-4 sm:p-5" aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      <p className="muted mt-1 mb-3 max-w-prose text-sm">{lead}</p>
      {children}
    </section>
  );
}

/** How figures are written. Whoever chooses a place gets what is usual there, and may change any of it. */
function UnitsPart() {
  const { getValues, setValue } = useFormContext<StudioSettings>();
  const set = (place: string) => {
    const { currency, units, paper, emergency } = usualWays(localeNear(place));
    setValue("currency", currency, { shouldDirty: true });
    setValue("units", { ...units, paper }, { shouldDirty: true });
    // One they wrote for themselves stays.
    if (isUsualEmergency(getValues("emergency")))
      setValue("emergency", emergency, { shouldDirty: true });
  };
  return (
    <Part
      title="Dates, money and units"
      lead="Choose a place and the rest follows; change any of it afterwards. Nothing you have typed in is altered, only how it is shown. Brushes and shapes stay in millimetres."
    >
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        <SelectField
          name="locale"
          label="Written as in"
          options={Object.entries(LOCALES).map(([key, { label }]) => [key, label] as const)}
          onChange={set}
        />
        <TextField name="currency" label="Currency (three letters)" />
        <SelectField name="units.clock" label="Clock" options={optionsOf(UNITS.clock)} />
        <SelectField name="units.mass" label="Paint" options={optionsOf(UNITS.mass)} />
        <SelectField
          name="units.temperature"
          label="Temperature"
          options={optionsOf(UNITS.temperature)}
        />
        <SelectField
          name="units.length"
          label="Body and distance"
          options={optionsOf(UNITS.length)}
        />
      </div>
    </Part>
  );
}

interface SettingsPageProps {
  version: number;
  fields: StudioSettings;
}

/** What holds for the whole studio: the hands that paint, the room, what is owned, the paper. */
export function SettingsPage({ version, fields }: SettingsPageProps) {
  const router = useRouter();
  const form = useZodForm(StudioSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const { bar, drop } = useFormDraft(form, "settings", at, setAt);
  const submit = form.handleSubmit(async (values) => {
    const answer = await ask("PUT /api/settings", {}, { version: at, fields: values });
    if (!answer.ok) {
      setRefusal(answer.refusal);
      showRefusal(form, answer.refusal);
      return;
    }
    setRefusal(null);
    drop();
    setAt(answer.value.version);
    form.reset(values);
    toast("Settings saved");
    router.refresh();
  });
  return (
    <Page title="Settings" lead="What holds for every look, plan and print in this studio.">
      <FormProvider {...form}>
        <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
          {bar}
          <Part
            title="Your hands"
            lead="Lines finer than you draw evenly, and shapes that are hard at first, are pointed out on the map."
          >
            <div className="grid gap-3 sm:grid-cols-2">
              <SelectField
                name="painter.steadiness"
                label="Steadiness"
                options={optionsOf(STEADINESS)}
              />
              <SelectField name="painter.eyesight" label="Eyesight" options={optionsOf(EYESIGHT)} />
            </div>
          </Part>
          <Part
            title="Dressing room"
            lead="Drying times are worked out for this air unless a job says otherwise."
          >
            <div className="grid gap-3 sm:grid-cols-3">
              <MeasureField name="room.airDegC" label="Air temperature" measure="temperature" />
              <NumberField name="room.rh" label="Humidity (%)" />
              <SelectField
                name="room.ventilation"
                label="Fresh air"
                options={optionsOf(VENTILATION)}
              />
            </div>
            <div className="mt-2">
              <CheckField
                name="room.flames"
                label="Candles, a stove or somebody smoking may be near"
              />
            </div>
          </Part>
          <Part title="Tools and machines" lead="What you don't own is never recommended.">
            <ChecksField name="owned" label="You have" options={optionsOf(OWNABLE)} />
          </Part>
          <Part
            title="Brushes and sponges"
            lead="The sizes you have, in mm across what touches the skin. Leave a box blank and the usual sizes are assumed."
          >
            <BrushSizes />
          </Part>
          <UnitsPart />
          <Part
            title="Print and emergencies"
            lead="The number stands on every safety sheet, call sheet and parent card."
          >
            <div className="grid gap-3 sm:grid-cols-3">
              <SelectField name="units.paper" label="Paper" options={optionsOf(UNITS.paper)} />
              <TextField name="emergency" label="Emergency number" />
            </div>
          </Part>
          <SaveProblems
            refusal={refusal}
            onMine={(current) => {
              setAt(current);
              setRefusal(null);
            }}
            drop={drop}
          />
          <button
            type="submit"
            className="btn btn-primary btn-lg self-start"
            disabled={form.formState.isSubmitting}
          >
            Save settings
          </button>
        </form>
      </FormProvider>
    </Page>
  );
}

"use client";

import { Controller, useFormContext, useWatch } from "react-hook-form";
import {
  ACTIVITIES,
  AIR,
  BARES,
  CIRCUMSTANCES,
  MATTERS,
  PAINTED_IN,
  SKILLS,
  WEARS,
} from "@/core/brief";
import { Field } from "@/ui/Field";
import { withOffset } from "@/ui/moment";
import { FromForecast } from "./FromForecast";
import {
  CheckField,
  ChecksField,
  MoneyField,
  MeasureField,
  NumberField,
  Section,
  SelectField,
  TextField,
} from "./controls";

const labels = (table: Readonly<Record<string, { label: string }>>) =>
  Object.entries(table).map(([key, { label }]) => [key, label] as const);

function CurtainField({ name }: { name: string }) {
  const { control } = useFormContext();
  return (
    <Controller
      name={name}
      control={control}
      render={({ field, fieldState }) => (
        <Field
          label="Curtain"
          hint="Leave it empty while there is no date."
          error={fieldState.error?.message}
        >
          <input
            type="datetime-local"
            className="input"
            value={typeof field.value === "string" ? field.value.slice(0, 16) : ""}
            onChange={(event) => field.onChange(withOffset(event.target.value))}
            onBlur={field.onBlur}
          />
        </Field>
      )}
    />
  );
}

/** Where, when, how long, for whom to see. `at` is where the brief stands in the form. */
export function BriefFields({ at }: { at: "" | "brief." }) {
  const paintedIn = useWatch<Record<string, unknown>>({ name: `${at}paintedIn` });
  return (
    <>
      <Section title="Character">
        <TextField
          name={`${at}character`}
          label="In a few words"
          className="sm:col-span-2 lg:col-span-3"
          long
        />
      </Section>
      <Section
        title="Place and weather"
        lead="Where it is worn. What dries it is the air where it is painted."
      >
        <TextField name={`${at}place`} label="Place" />
        <MeasureField name={`${at}airDegC`} label="Air temperature" measure="temperature" />
        <NumberField name={`${at}rh`} label="Humidity (%)" />
        <SelectField name={`${at}air`} label="Wind" options={labels(AIR)} />
        <CheckField name={`${at}sun`} label="In the sun" className="self-end" />
        <FromForecast at={at} />
        <SelectField name={`${at}paintedIn`} label="Painted" options={labels(PAINTED_IN)} />
        {paintedIn === "room" && (
          <>
            <MeasureField
              name={`${at}roomDegC`}
              label="Dressing room"
              measure="temperature"
              hint="Empty: the studio's own."
            />
            <NumberField name={`${at}roomRh`} label="Its humidity (%)" />
          </>
        )}
        <CheckField
          name={`${at}dryer`}
          label="A cool hand dryer at the chair"
          className="self-end"
        />
      </Section>
      <Section title="Wear">
        <NumberField name={`${at}hoursWorn`} label="Hours worn" />
        <SelectField name={`${at}activity`} label="Activity" options={labels(ACTIVITIES)} />
        <SelectField name={`${at}skill`} label="The painter is" options={labels(SKILLS)} />
        <MeasureField name={`${at}nearestM`} label="Closest viewer" measure="distance" />
        <MeasureField name={`${at}farthestM`} label="Farthest viewer" measure="distance" />
        <CheckField name={`${at}meal`} label="Eats or drinks in it" className="self-center" />
        <CheckField name={`${at}handProps`} label="Handles props" className="self-center" />
        <CheckField name={`${at}wet`} label="Rain, spray or water" className="self-center" />
        <MoneyField
          name={`${at}budgetMinor`}
          label="Budget for what is bought"
          hint="Empty: none. The Kit chapter keeps to it."
        />
        <div className="sm:col-span-2 lg:col-span-3">
          <ChecksField
            name={`${at}matters`}
            label="Priorities (up to four)"
            options={Object.entries(MATTERS)}
          />
        </div>
        <div className="sm:col-span-2 lg:col-span-3">
          <ChecksField
            name={`${at}circumstances`}
            label="What else decides the paint"
            options={Object.entries(CIRCUMSTANCES)}
          />
        </div>
      </Section>
      <Section
        title="What they wear besides paint"
        lead="Paint, glue and minutes are chosen for it; the Pieces chapter then has each of them."
      >
        <div className="sm:col-span-2 lg:col-span-3">
          <ChecksField name={`${at}wears`} label="Worn with it" options={Object.entries(WEARS)} />
        </div>
      </Section>
      <Section
        title="Costume lines"
        lead="What the costume covers, so you don't paint what nobody sees."
      >
        <NumberField
          name={`${at}hatLineMm`}
          label="Hat or fringe line, mm above the bridge of the nose"
          hint="Empty when the forehead is free."
        />
        <CheckField name={`${at}hood`} label="Hood over the ears" className="self-center" />
        <CheckField
          name={`${at}mask`}
          label="Half mask over nose and mouth"
          className="self-center"
        />
        <CheckField
          name={`${at}highCollar`}
          label="High collar over the neck"
          className="self-center"
        />
        <div className="sm:col-span-2 lg:col-span-3">
          <ChecksField
            name={`${at}bares`}
            label="Other skin on show"
            options={Object.entries(BARES)}
          />
        </div>
      </Section>
      <Section title="Time" lead="Everything counts back from the curtain.">
        <CurtainField name={`${at}curtainAt`} />
        <NumberField name={`${at}travelMinutes`} label="Travel, min" step={1} />
        <NumberField name={`${at}costumeMinutes`} label="Getting dressed (min)" step={1} />
        <NumberField name={`${at}bufferMinutes`} label="Buffer (min)" step={1} />
      </Section>
    </>
  );
}

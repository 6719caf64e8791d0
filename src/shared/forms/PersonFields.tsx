"use client";

import { Select } from "@/ui/Select";
import { useFormContext } from "react-hook-form";
import {
  hexToLab,
  individualTypologyAngle,
  ITA_CLASSES,
  ITA_MIDDLES,
  itaClass,
} from "@/core/colour";
import { ALLERGENS } from "@/core/paint";
import { BEARDS, BUILDS, OWN_CREASES, SKIN_KINDS, SWEAT_LEVELS } from "@/core/people";
import { measuresOf } from "@/core/anatomy";
import { Field } from "@/ui/Field";
import { Meter } from "@/shared/mixing/Meter";
import { ConcernsFields } from "./ConcernsFields";
import { FacePhoto } from "./FacePhoto";
import {
  CheckField,
  ChecksField,
  ColourField,
  DayField,
  MeasureField,
  NumberField,
  Section,
  SelectField,
  TextField,
} from "./controls";
import { useHasTurn } from "./Steps";

const asOptions = (keys: readonly string[]) => keys.map((key) => [key, key] as const);

const MEASURE_LABELS = {
  faceLength: "Bridge of the nose to chin, mm",
  faceWidth: "Cheekbone to cheekbone, mm",
  jawWidth: "Jaw corner to jaw corner, mm",
  hairlineHeight: "Bridge of the nose to hairline, mm",
  pupilDistance: "Pupil to pupil, mm",
  mouthWidth: "Mouth corner to mouth corner, mm",
} as const;

interface At {
  /** Where the person stands in the form. */
  readonly at: "" | "person.";
}

/** Who is painted: all of a card but its patch tests. */
export function PersonFields({ at }: At) {
  return (
    <>
      <Section title="Who">
        <TextField name={`${at}name`} label="Name" />
        <NumberField name={`${at}ageYears`} label="Age, years" step={1} />
        <CheckField
          name={`${at}guardianConsent`}
          label="Parent or guardian has consented (under 16)"
          className="self-end"
        />
      </Section>
      <SkinFields at={at} />
      <ConcernsFields at={at} />
      <Section title="Hair and eyes" lead="Natural colours, as they are by daylight.">
        <ColourField name={`${at}brow`} label="Brow colour" />
        <ColourField name={`${at}hair`} label="Hair colour" hint="Empty while nobody has looked." />
        <ColourField name={`${at}eyes`} label="Eye colour" hint="Empty while nobody has looked." />
        <SelectField name={`${at}beard`} label="Beard" options={asOptions(BEARDS)} />
        <CheckField name={`${at}hoodedLids`} label="Hooded lids" className="self-end" />
        <CheckField name={`${at}lenses`} label="Wears contact lenses" className="self-end" />
      </Section>
      <AllergyFields at={at} />
      <Section
        title="Body"
        lead="Used to estimate body area and paint. Leave blank for an average."
      >
        <MeasureField name={`${at}heightCm`} label="Height" measure="length" />
        <MeasureField name={`${at}weightKg`} label="Weight" measure="weight" />
      </Section>
      <FaceFields at={at} />
    </>
  );
}

/** What nothing they are painted with may hold. */
function AllergyFields({ at }: At) {
  const hasTurn = useHasTurn("Allergies");
  return (
    <section
      className={`card-plain flex flex-col gap-4 p-4 sm:p-5 ${hasTurn ? "" : "max-md:hidden"}`}
    >
      <h2 className="text-lg">Allergies</h2>
      <p className="muted -mt-3 text-sm">
        Products containing anything ticked here are never used.
      </p>
      <ChecksField
        name={`${at}allergies`}
        label="Known allergies"
        options={Object.entries(ALLERGENS)}
      />
      <TextField name={`${at}allergyNotes`} label="Other sensitivities, in words" />
      <div className="grid gap-4 sm:grid-cols-2">
        <CheckField name={`${at}asthma`} label="Has asthma" className="self-center" />
        <DayField
          name={`${at}reactedOn`}
          label="Last reaction of the skin to anything"
          hint="Patch tests from before that day count no longer."
        />
      </div>
    </section>
  );
}

/** Skin by colour or class, measured where there is a meter; how it is and how it sweats. */
function SkinFields({ at }: At) {
  const { watch, setValue } = useFormContext();
  const skin = String(watch(`${at}skin`) ?? "");
  const angle = /^#[0-9a-f]{6}$/i.test(skin) ? individualTypologyAngle(hexToLab(skin)) : null;
  return (
    <Section
      title="Skin"
      lead={
        angle === null
          ? "Pick the bare skin by daylight, on the cheek."
          : `ITA ${Math.round(angle)}°: ${itaClass(angle)} skin (Chardon 1991).`
      }
    >
      <ColourField name={`${at}skin`} label="Skin colour" className="self-start" />
      <Field label="Or by class" hint="A colour in the middle of the class, until it is measured.">
        <Select
          value={angle === null ? null : itaClass(angle)}
          options={ITA_CLASSES}
          labelOf={(key) => key}
          none={angle === null ? "not known" : undefined}
          onChange={(chosen) =>
            setValue(`${at}skin`, ITA_MIDDLES[chosen], {
              shouldDirty: true,
              shouldValidate: true,
            })
          }
        />
      </Field>
      {angle !== null && (
        <Meter
          held={[
            { label: "forehead", hex: skin, place: "forehead" },
            { label: "cheek", hex: skin, place: "cheek" },
            { label: "side of the neck", hex: skin, place: "neck" },
          ]}
          averageLabel="Read three places"
          onRead={(hex) => setValue(`${at}skin`, hex, { shouldDirty: true, shouldValidate: true })}
        />
      )}
      <SelectField name={`${at}skinKind`} label="Skin type" options={asOptions(SKIN_KINDS)} />
      <SelectField
        name={`${at}sweat`}
        label="Sweats"
        options={
          [
            ["light", "lightly"],
            ["average", "like most"],
            ["heavy", "heavily"],
          ].filter(([key]) => (SWEAT_LEVELS as readonly string[]).includes(key ?? "")) as [
            string,
            string,
          ][]
        }
      />
    </Section>
  );
}

/** The face by its build, by tape, feature by feature, or off a photograph. */
function FaceFields({ at }: At) {
  const { watch, setValue } = useFormContext();
  const build = String(watch(`${at}build`) ?? "average");
  const age = Number(watch(`${at}ageYears`));
  const measured = watch(`${at}measures`) as object | null | undefined;
  return (
    <Section
      title="Face"
      lead="Add six measurements for their own proportions, or we use an average of that age."
    >
      <SelectField name={`${at}build`} label="Build" options={asOptions(BUILDS)} />
      <label className="flex min-h-10 items-center gap-3 self-end">
        <input
          type="checkbox"
          className="checkbox"
          checked={measured !== null && measured !== undefined}
          onChange={(event) =>
            setValue(
              `${at}measures`,
              event.target.checked
                ? measuresOf(
                    (BUILDS as readonly string[]).includes(build)
                      ? (build as (typeof BUILDS)[number])
                      : "average",
                    Number.isFinite(age) && age >= 0 ? age : undefined,
                  )
                : null,
              { shouldDirty: true },
            )
          }
        />
        Measured by tape
      </label>
      {measured &&
        Object.entries(MEASURE_LABELS).map(([key, label]) => (
          <NumberField key={key} name={`${at}measures.${key}`} label={label} step={0.5} />
        ))}
      <NumberField
        name={`${at}noseWidthMm`}
        label="Across the wings of the nose, mm"
        step={0.5}
        hint="Empty: as the measures have it."
      />
      <NumberField
        name={`${at}lipHeightMm`}
        label="Both lips closed, top to bottom, mm"
        step={0.5}
        hint="Empty: as the measures have it."
      />
      <div className="sm:col-span-2 lg:col-span-3">
        <ChecksField
          name={`${at}creases`}
          label="Folds seen at rest"
          options={Object.entries(OWN_CREASES)}
        />
      </div>
      <div className="sm:col-span-2 lg:col-span-3">
        <FacePhoto at={at} />
      </div>
    </Section>
  );
}

/** What a new person starts from in a form. */
export const NEW_PERSON = {
  name: "",
  ageYears: 30,
  guardianConsent: false,
  skin: "#c99a7a",
  skinKind: "normal" as const,
  sweat: "average" as const,
  allergies: [],
  allergyNotes: "",
  beard: "none" as const,
  brow: "#4a3628",
  hair: null,
  eyes: null,
  hoodedLids: false,
  creases: [],
  concerns: [],
  lenses: false,
  asthma: false,
  reactedOn: null,
  noseWidthMm: null,
  lipHeightMm: null,
  build: "average" as const,
  measures: null,
  landmarks: null,
  heightCm: null,
  weightKg: null,
  patchTests: [],
  notes: "",
};

"use client";

import { useState, type ReactNode } from "react";
import { useController, useFormContext, type FieldError } from "react-hook-form";
import type { ZodType } from "zod";
import { unitOf, type Measure } from "@/core/text/measures";
import { useSay } from "@/shared/say/useSay";
import { NumberInput } from "@/ui/NumberInput";
import { Field } from "@/ui/Field";
import { useHasTurn } from "./Steps";
import { MeasureInput } from "./MeasureInput";

interface Common {
  name: string;
  label: string;
  hint?: string;
  className?: string;
}

/** The error of a nested field by its dotted name. */
export function useErrorOf(name: string): string | undefined {
  const { formState } = useFormContext();
  const found = name
    .split(".")
    .reduce<unknown>(
      (value, key) => (value as Record<string, unknown> | undefined)?.[key],
      formState.errors,
    ) as FieldError | undefined;
  return typeof found?.message === "string" ? found.message : undefined;
}

export function TextField({
  name,
  label,
  hint,
  className,
  long = false,
  ...rest
}: Common & { long?: boolean; placeholder?: string }) {
  const { register } = useFormContext();
  return (
    <Field label={label} hint={hint} error={useErrorOf(name)} className={className ?? ""}>
      {long ? (
        <textarea rows={2} className="textarea" {...register(name)} {...rest} />
      ) : (
        <input type="text" className="input" {...register(name)} {...rest} />
      )}
    </Field>
  );
}

/** A number with its unit in the label; empty is null where that is allowed. */
export function NumberField({ name, label, hint, className, step }: Common & { step?: number }) {
  const { field } = useController({ name });
  const error = useErrorOf(name);
  return (
    <Field label={label} hint={hint} error={error} className={className ?? ""}>
      <NumberInput
        step={step}
        value={typeof field.value === "number" ? field.value : null}
        onChange={field.onChange}
        onEmpty={() => field.onChange(null)}
        onWrong={field.onChange}
        onLeave={field.onBlur}
      />
    </Field>
  );
}

interface MeasureFieldProps extends Common {
  measure: Measure;
  step?: number;
}

/** A measure in the studio's unit, named in the label; kept in the core's. */
export function MeasureField({ name, label, hint, className, measure, step }: MeasureFieldProps) {
  const { field } = useController({ name });
  const say = useSay();
  const { units } = say.manner;
  const error = useErrorOf(name);
  return (
    <Field
      label={`${label} (${unitOf(measure, units).sign})`}
      hint={hint}
      error={error && say.sentence(error)}
      className={className ?? ""}
    >
      <MeasureInput
        measure={measure}
        step={step}
        value={typeof field.value === "number" ? field.value : null}
        onChange={field.onChange}
        onEmpty={() => field.onChange(null)}
        onWrong={field.onChange}
        onLeave={field.onBlur}
      />
    </Field>
  );
}

/** Money as one writes it, 12.50; kept in whole minor units. */
export function MoneyField({ name, label, hint, className }: Common) {
  const { field } = useController({ name });
  const { currencySign } = useSay();
  const toMinor = (value: number) => field.onChange(Math.round(value * 100));
  return (
    <Field
      label={`${label} (${currencySign})`}
      hint={hint}
      error={useErrorOf(name)}
      className={className ?? ""}
    >
      <NumberInput
        step={0.5}
        value={typeof field.value === "number" ? field.value / 100 : null}
        onChange={toMinor}
        onEmpty={() => field.onChange(null)}
        onWrong={field.onChange}
        onLeave={field.onBlur}
      />
    </Field>
  );
}

export function SelectField({
  name,
  label,
  hint,
  className,
  options,
  onChange,
}: Common & {
  options: readonly (readonly [value: string, label: string])[];
  /** Told too, for what follows from the choice. */
  onChange?: (value: string) => void;
}) {
  const { register } = useFormContext();
  const told = onChange && {
    onChange: ({ target }: { target: { value: string } }) => onChange(target.value),
  };
  return (
    <Field label={label} hint={hint} error={useErrorOf(name)} className={className ?? ""}>
      <select className="select" {...register(name, told)}>
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </Field>
  );
}

/** A day; empty is null. */
export function DayField({ name, label, hint, className }: Common) {
  const { register } = useFormContext();
  return (
    <Field label={label} hint={hint} error={useErrorOf(name)} className={className ?? ""}>
      <input
        type="date"
        className="input"
        {...register(name, { setValueAs: (value: unknown) => (value ? value : null) })}
      />
    </Field>
  );
}

/** A choice that may be left open: then it is null. */
export function ChoiceField({
  name,
  label,
  hint,
  className,
  none,
  options,
}: Common & { none: string; options: readonly (readonly [value: string, label: string])[] }) {
  const { register } = useFormContext();
  return (
    <Field label={label} hint={hint} error={useErrorOf(name)} className={className ?? ""}>
      <select
        className="select"
        {...register(name, { setValueAs: (value: unknown) => (value === "" ? null : value) })}
      >
        <option value="">{none}</option>
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </Field>
  );
}

/** A list typed with commas between; what can't be taken stays as it was typed, and says so. */
export function ListField({
  name,
  label,
  hint,
  className,
  item,
}: Common & { item: ZodType<string, string> }) {
  const { field } = useController({ name });
  const kept = Array.isArray(field.value) ? (field.value as string[]) : [];
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = kept.find((value) => !item.safeParse(value).success);
  return (
    <Field
      label={label}
      hint={hint}
      error={
        wrong === undefined
          ? undefined
          : `${wrong}: ${item.safeParse(wrong).error?.issues[0]?.message ?? "can't be taken"}`
      }
      className={className ?? ""}
    >
      <input
        type="text"
        spellCheck={false}
        className="input"
        value={typed ?? kept.join(", ")}
        onChange={(event) => {
          setTyped(event.target.value);
          field.onChange(
            event.target.value
              .split(/[,;\n]+/)
              .map((part) => part.trim())
              .filter(Boolean)
              .map((part) => item.safeParse(part).data ?? part),
          );
        }}
        onBlur={() => {
          setTyped(null);
          field.onBlur();
        }}
      />
    </Field>
  );
}

export function CheckField({ name, label, className = "" }: Common) {
  const { register } = useFormContext();
  return (
    <label className={`flex min-h-10 items-center gap-3 ${className}`}>
      <input type="checkbox" className="checkbox" {...register(name)} />
      {label}
    </label>
  );
}

/** A colour by picker or typed as #rrggbb; both write the same field. */
export function ColourField({ name, label, hint, className }: Common) {
  const { register, watch, setValue } = useFormContext();
  const value = String(watch(name) ?? "");
  const shown = /^#[0-9a-f]{6}$/i.test(value) ? value : "#888888";
  return (
    <div className={`flex items-end gap-2 ${className ?? ""}`}>
      <span className="rounded bg-surround p-1">
        <input
          type="color"
          aria-label={`${label}, picker`}
          value={shown}
          onChange={(event) =>
            setValue(name, event.target.value, { shouldDirty: true, shouldValidate: true })
          }
          className="h-9 w-12 cursor-pointer"
        />
      </span>
      <Field label={label} hint={hint} error={useErrorOf(name)} className="flex-1">
        <input
          type="text"
          spellCheck={false}
          className="input"
          {...register(name, { setValueAs: (text: unknown) => (text === "" ? null : text) })}
        />
      </Field>
    </div>
  );
}

/** A list of boxes that together hold an array of keys. */
export function ChecksField({
  name,
  label,
  options,
  large = false,
}: Common & {
  options: readonly (readonly [value: string, label: string])[];
  /** For wet hands. */
  large?: boolean;
}) {
  const { register } = useFormContext();
  return (
    <fieldset>
      <legend className="label-line mb-1">{label}</legend>
      <div className={`grid grid-cols-1 gap-x-4 sm:grid-cols-2 ${large ? "" : "lg:grid-cols-3"}`}>
        {options.map(([value, text]) => (
          <label
            key={value}
            className={`flex items-center gap-2 ${large ? "min-h-12 text-lg" : "min-h-9 text-sm"}`}
          >
            <input
              type="checkbox"
              value={value}
              className={`checkbox ${large ? "" : "checkbox-sm"}`}
              {...register(name)}
            />
            {text}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

export function Section({
  title,
  lead,
  children,
}: {
  title: string;
  lead?: string;
  children: ReactNode;
}) {
  const hasTurn = useHasTurn(title);
  return (
    <section className={`card-plain p-4 sm:p-5 ${hasTurn ? "" : "max-md:hidden"}`}>
      <h2 className="text-lg">{title}</h2>
      {lead && <p className="muted mb-1 text-sm">{lead}</p>}
      <div className="mt-3 grid grid-cols-1 gap-4 sm:grid-cols-2 lg:grid-cols-3">{children}</div>
    </section>
  );
}

/** What the server or the schema says of the form as a whole, with the fields named. */
export function FormProblems({
  title,
  items,
}: {
  title: string | null;
  items?: readonly { readonly field: string; readonly message: string }[] | undefined;
}) {
  if (!title) return null;
  return (
    <div role="alert" className="border-l-4 border-base-content bg-base-200 p-3">
      <p className="font-bold">{title}</p>
      {items && items.length > 0 && (
        <ul className="mt-1 list-disc pl-5 text-sm">
          {items.map(({ field, message }) => (
            <li key={field + message}>
              {field}: {message}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

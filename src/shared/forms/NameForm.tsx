"use client";

import { z } from "zod";
import { Alert } from "@/ui/Alert";
import { Field } from "@/ui/Field";
import type { Answer } from "@/ui/request";
import { showRefusal, useZodForm } from "./useZodForm";

const NamedSchema = z.object({ name: z.string().trim().min(1, "give it a name").max(80) });

interface NameFormProps<Saved> {
  label: string;
  /** What the button does. */
  action: string;
  placeholder?: string;
  onSave: (name: string) => Promise<Answer<Saved>>;
  onSaved: (name: string, saved: Saved) => void;
}

/** Keeps something by a name; what the studio says against it stands beside the name, which stays. */
export function NameForm<Saved>({
  label,
  action,
  placeholder,
  onSave,
  onSaved,
}: NameFormProps<Saved>) {
  const form = useZodForm(NamedSchema, { name: "" });
  const submit = form.handleSubmit(async ({ name }) => {
    const answer = await onSave(name);
    if (answer.ok) {
      form.reset();
      onSaved(name, answer.value);
      return;
    }
    showRefusal(form, answer.refusal);
    const elsewhere = answer.refusal.errors
      ?.filter(({ field }) => field !== "name")
      .map(({ message }) => message)
      .join("; ");
    const said =
      elsewhere || (answer.refusal.errors ? "" : (answer.refusal.detail ?? answer.refusal.title));
    if (said) form.setError("root", { message: said });
  });
  const { errors } = form.formState;
  return (
    <form
      noValidate
      className="flex flex-wrap items-start gap-2"
      onSubmit={(event) => void submit(event)}
    >
      <Field label={label} error={errors.name?.message} className="min-w-52 flex-1">
        <input
          data-first
          type="text"
          className="input"
          maxLength={80}
          placeholder={placeholder}
          {...form.register("name")}
        />
      </Field>
      <button type="submit" className="btn btn-primary mt-6">
        {action}
      </button>
      {errors.root?.message && <Alert className="w-full">{errors.root.message}</Alert>}
    </form>
  );
}

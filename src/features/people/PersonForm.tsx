"use client";

import { ask } from "@/shared/ask";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { FormProvider } from "react-hook-form";
import { toast } from "sonner";
import { PersonSchema, type Person } from "@/core/people";
import { TextField } from "@/shared/forms/controls";
import { NEW_PERSON, PersonFields } from "@/shared/forms/PersonFields";
import { SaveProblems } from "@/shared/forms/SaveProblems";
import { useFormDraft } from "@/shared/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/shared/forms/useZodForm";
import type { JobOf } from "@/server/people";
import { type Refusal } from "@/ui/request";
import { PatchTests, type Testable } from "./PatchTests";

interface PersonFormProps {
  person: Person | null;
  products: readonly Testable[];
  /** Products of their next looks that no test speaks for. */
  wanted?: readonly string[];
  today: string;
  /** When a patch test is read, first and late, hours. */
  hours: readonly [first: number, late: number];
}

/** A person's card: new, or as it stands. */
export function PersonForm({ person, products, wanted = [], today, hours }: PersonFormProps) {
  const router = useRouter();
  const { id, version, ...fields } = person ?? { id: null, version: 0, ...NEW_PERSON };
  const form = useZodForm(PersonSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const [stopped, setStopped] = useState<readonly JobOf[]>([]);
  const { bar, drop } = useFormDraft(form, id === null ? "new.person" : `person.${id}`, at, setAt);
  const submit = form.handleSubmit(async (values) => {
    const answer =
      id === null
        ? await ask("POST /api/people", {}, values)
        : await ask("PUT /api/people/[id]", { id }, { version: at, fields: values });
    if (!answer.ok) {
      setRefusal(answer.refusal);
      showRefusal(form, answer.refusal);
      return;
    }
    setRefusal(null);
    drop();
    toast(`${values.name} is saved`);
    if ("id" in answer.value) {
      router.push(`/people/${answer.value.id}`);
      return;
    }
    setAt(answer.value.version);
    setStopped(answer.value.stopped);
    router.refresh();
  });
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
        {bar}
        <PersonFields at="" />
        <PatchTests products={products} wanted={wanted} today={today} hours={hours} />
        <section className="card-plain p-4 sm:p-5">
          <TextField name="notes" label="Notes" long />
        </section>
        <SaveProblems
          refusal={refusal}
          onMine={(current) => {
            setAt(current);
            setRefusal(null);
          }}
          drop={drop}
        />
        {stopped.length > 0 && (
          <div role="alert" className="border-l-4 border-base-content bg-base-200 p-3">
            <p className="font-bold">
              Saved.{" "}
              {stopped.length === 1
                ? "A job is stopped by it"
                : `${stopped.length} jobs are stopped by it`}{" "}
              until the look is changed:
            </p>
            <ul className="mt-1 list-disc pl-5 text-sm">
              {stopped.map((job) => (
                <li key={job.id}>
                  <Link className="link" href={`/looks/${job.lookId}/${job.id}/plan`}>
                    {job.lookName}
                  </Link>
                  : {job.stops.map(({ message }) => message).join(" ")}
                </li>
              ))}
            </ul>
          </div>
        )}
        <button
          type="submit"
          className="btn btn-primary btn-lg self-start"
          disabled={form.formState.isSubmitting}
        >
          Save the card
        </button>
      </form>
    </FormProvider>
  );
}

"use client";

import { ask } from "@/shared/ask";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { FormProvider } from "react-hook-form";
import { z } from "zod";
import type { Person } from "@/core/people";
import type { StudioSettings } from "@/core/studio";
import { BriefFields } from "@/shared/forms/BriefFields";
import { FormProblems, Section, TextField } from "@/shared/forms/controls";
import {
  newSetting,
  personOf,
  PersonOrNew,
  PersonAndBriefSchema,
} from "@/shared/forms/PersonOrNew";
import { Steps } from "@/shared/forms/Steps";
import { useFormDraft } from "@/shared/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/shared/forms/useZodForm";
import { BESIDE } from "./beside";
import { WhatItMeans } from "./WhatItMeans";
import { type Refusal } from "@/ui/request";

const Schema = PersonAndBriefSchema.and(
  z.object({
    name: z.string().trim().min(1, "give the look a name").max(80, "at most 80 letters"),
  }),
);

const FIRST = [["What", "On whom"]] as const;
const SOMEBODY_NEW = [
  ["Who", "Skin"],
  ["Allergies", "Hair and eyes", "Body", "Face"],
] as const;
const BRIEF = [
  ["Place and weather", "Character"],
  ["Wear", "What they wear besides paint"],
  ["Costume lines"],
  ["Time"],
] as const;

interface NewLookProps {
  people: readonly Person[];
  studio: StudioSettings;
}

/** From nothing to a brief: what, on whom, for how long. */
export function NewLook({ people, studio }: NewLookProps) {
  const router = useRouter();
  const form = useZodForm(Schema, { ...newSetting(people), name: "" });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const { bar, drop } = useFormDraft(form, "new.look", 0);
  const submit = form.handleSubmit(async (typed) => {
    const answer = await ask(
      "POST /api/looks",
      {},
      {
        name: typed.name,
        brief: typed.brief,
        ...personOf(typed),
      },
    );
    if (answer.ok) {
      drop();
      router.push(`/looks/${answer.value.lookId}/${answer.value.jobId}/paint`);
      return;
    }
    setRefusal(answer.refusal);
    showRefusal(form, answer.refusal);
  });
  const isNew = form.watch("personId") === "";
  const steps = [...FIRST, ...(isNew ? SOMEBODY_NEW : []), ...BRIEF];
  const wrong = form.formState.isSubmitted && Object.keys(form.formState.errors).length > 0;
  const end = (isStrong: boolean) => (
    <>
      <FormProblems
        title={refusal?.title ?? (wrong ? "Please correct the marked fields." : null)}
        items={refusal?.errors}
      />
      <button
        type="submit"
        className={`btn btn-lg self-start ${isStrong ? "btn-primary" : "md:btn-primary"}`}
        disabled={form.formState.isSubmitting}
      >
        Save the brief and choose paint
      </button>
    </>
  );
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className={BESIDE}>
        <div className="flex min-w-0 flex-col gap-4">
          {bar}
          <Steps steps={steps} isWrong={wrong} end={end}>
            <Section title="What">
              <TextField name="name" label="Name of the look" />
            </Section>
            <PersonOrNew people={people} />
            <BriefFields at="brief." />
          </Steps>
        </div>
        <WhatItMeans studio={studio} people={people} />
      </form>
    </FormProvider>
  );
}

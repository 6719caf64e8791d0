"use client";

import { ask } from "@/shared/ask";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { FormProvider } from "react-hook-form";
import { z } from "zod";
import { useStore } from "zustand";
import { BriefSchema, type Brief } from "@/core/brief";
import { isChild } from "@/core/people";
import { BriefFields } from "@/shared/forms/BriefFields";
import { TodayFields } from "@/shared/forms/TodayFields";
import { CheckField, FormProblems, Section, SelectField } from "@/shared/forms/controls";
import {
  newSetting,
  personOf,
  PersonOrNew,
  PersonAndBriefSchema,
} from "@/shared/forms/PersonOrNew";
import { useZodForm } from "@/shared/forms/useZodForm";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import type { Workspace } from "@/server/workspace";
import { PutAway } from "@/ui/PutAway";
import { type Refusal } from "@/ui/request";
import { createSaver } from "@/ui/saver/createSaver";
import { DraftFound } from "@/ui/saver/DraftFound";
import { readDraft } from "@/ui/saver/drafts";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useFlush } from "@/ui/saver/useSaved";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { WhatItMeans } from "./WhatItMeans";
import { BESIDE } from "./beside";
import { HardestParts } from "./HardestParts";
import { LookTags } from "./LookTags";
import { JobsOfLook } from "./JobsOfLook";
import { ReferencePicture } from "./ReferencePicture";

export function BriefChapter() {
  const { given } = useWorking();
  return given.job ? <EditBrief key={given.job.id} job={given.job} /> : <FirstBrief />;
}

type Job = NonNullable<Workspace["job"]>;

const EditSchema = z.object({ personId: z.string().min(1), brief: BriefSchema });
type Edited = z.output<typeof EditSchema>;

/** The form saves itself as it is typed; a field that can't be taken holds it back until it is mended. */
function useSavedForm(job: Job, brief: Brief) {
  const router = useRouter();
  const form = useZodForm(EditSchema, { personId: job.personId, brief });
  const [saver] = useState(() =>
    createSaver<Edited>(
      { version: job.version, value: { personId: job.personId, brief } },
      {
        key: `job.${job.id}.brief`,
        url: `/api/jobs/${job.id}`,
        body: (version, value) => ({ version, ...value }),
        onSaved: () => router.refresh(),
      },
    ),
  );
  const [isWrong, setWrong] = useState(false);
  const [draft, setDraft] = useState(() => {
    const kept =
      typeof window === "undefined"
        ? null
        : readDraft(`job.${job.id}.brief`, (value) => EditSchema.safeParse(value).data ?? null);
    return kept && JSON.stringify(kept.value.brief) !== JSON.stringify(brief) ? kept : null;
  });
  useFlush(saver);
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: () => {
          const read = EditSchema.safeParse(form.getValues());
          setWrong(!read.success);
          if (read.success) saver.put(read.data);
          else void form.trigger();
        },
      }),
    [form, saver],
  );
  return {
    form,
    saver,
    isWrong,
    draft,
    restore: () => {
      if (!draft) return;
      saver.restore(draft);
      form.reset(draft.value);
      setDraft(null);
    },
    discard: () => {
      saver.discard();
      setDraft(null);
    },
  };
}

/** The brief of this job, saved as it is typed. */
function EditBrief({ job }: { job: Job }) {
  const { given } = useWorking();
  const { form, saver, isWrong, draft, restore, discard } = useSavedForm(job, given.brief);
  const state = useStore(saver.state);
  const { person } = given;
  return (
    <FormProvider {...form}>
      {draft && <DraftFound onRestore={restore} onDiscard={discard} />}
      <form
        className={`${BESIDE} mx-auto max-w-7xl p-4 sm:p-6`}
        noValidate
        onSubmit={(event) => event.preventDefault()}
      >
        <div className="flex min-w-0 flex-col gap-4">
          <div className="flex flex-wrap items-baseline justify-between gap-3">
            <h2 className="text-2xl">Brief</h2>
            {isWrong ? (
              <p role="status" className="border-l-4 border-current pl-2 text-sm font-bold">
                not saved: correct the marked field
              </p>
            ) : (
              <SaveStatus
                state={state}
                name="the brief"
                onMine={() => void saver.overwrite()}
                onTheirs={() => {
                  saver.discard();
                  window.location.reload();
                }}
              />
            )}
          </div>
          {state.kind === "refused" && (
            <FormProblems
              title={`${state.refusal.title} ${state.refusal.detail ?? ""}`}
              items={state.refusal.errors}
            />
          )}
          <Section title="On whom">
            <SelectField
              name="personId"
              label="Person"
              options={given.people.map(({ id, name }) => [id, name] as const)}
            />
            <p className="self-end pb-2 text-sm">
              <Link className="link" href={`/people/${person.id}`}>
                {person.name}&apos;s card
              </Link>
              : skin, allergies, measures, patch tests
            </p>
          </Section>
          <BriefFields at="brief." />
          <Section
            title="Asked on the day"
            lead="Before the first step: it changes what may go where. The chair asks for it too."
          >
            <TodayFields at="brief." isChild={isChild(person)} today={given.today} />
            <CheckField
              name="brief.healthAsked"
              label="They were asked"
              className="sm:col-span-2 lg:col-span-3"
            />
          </Section>
          <ReferencePicture />
          <HardestParts />
          <LookTags />
          <JobsOfLook />
          <div className="flex flex-wrap gap-3 self-start">
            <PutAway
              url={`/api/jobs/${job.id}/archived`}
              name={`this job on ${person.name}`}
              then={`/looks/${given.look.id}`}
            />
            <PutAway
              url={`/api/looks/${given.look.id}/archived`}
              name={given.look.design.name}
              then="/looks"
            />
          </div>
        </div>
        <ThisLookMeans />
      </form>
    </FormProvider>
  );
}

/** The look as it is now, over what the typed brief means for it. */
function ThisLookMeans() {
  const { given, look, context, prediction } = useWorking();
  return (
    <WhatItMeans studio={given.settings.fields} people={given.people} design={{ look, context }}>
      <FaceFigure
        id="brief"
        {...{ look, context, prediction }}
        title={`${look.name} on ${context.person.name}, predicted colours`}
        className="h-64 w-full bg-surround"
      />
    </WhatItMeans>
  );
}

/** A look that has only been designed on a stand-in gets its first person and brief. */
function FirstBrief() {
  const { given } = useWorking();
  const router = useRouter();
  const form = useZodForm(PersonAndBriefSchema, newSetting(given.people));
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const submit = form.handleSubmit(async (typed) => {
    const answer = await ask(
      "POST /api/jobs",
      {},
      {
        lookId: given.look.id,
        brief: typed.brief,
        ...personOf(typed),
      },
    );
    if (answer.ok) router.push(`/looks/${given.look.id}/${answer.value.jobId}/paint`);
    else setRefusal(answer.refusal);
  });
  return (
    <FormProvider {...form}>
      <form
        className={`${BESIDE} mx-auto max-w-7xl p-4 sm:p-6`}
        noValidate
        onSubmit={(event) => void submit(event)}
      >
        <div className="flex min-w-0 flex-col gap-4">
          <h2 className="text-2xl">Who is it for, and when?</h2>
          <p className="max-w-prose">
            So far this look is designed on a stand-in of middle skin tone. With a person and a
            brief, colours, coats, grams and times become theirs.
          </p>
          <PersonOrNew people={given.people} />
          <BriefFields at="brief." />
          <ReferencePicture />
          <FormProblems
            title={refusal ? `${refusal.title} ${refusal.detail ?? ""}` : null}
            items={refusal?.errors}
          />
          <button
            type="submit"
            className="btn btn-primary btn-lg self-start"
            disabled={form.formState.isSubmitting}
          >
            Save the brief and choose paint
          </button>
        </div>
        <ThisLookMeans />
      </form>
    </FormProvider>
  );
}

"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { FormProvider } from "react-hook-form";
import { z } from "zod";
import { BriefSchema } from "@/core/brief";
import { heatIndex } from "@/core/climate";
import { sweatOf } from "@/core/wear";
import { BriefFields } from "@/parts/forms/BriefFields";
import { FormProblems, Section, SelectField } from "@/parts/forms/controls";
import { newSetting, personOf, PersonOrNew, SettingSchema } from "@/parts/forms/PersonOrNew";
import { useZodForm } from "@/parts/forms/useZodForm";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { PutAway } from "@/ui/PutAway";
import { send, type Refusal } from "@/ui/request";
import { ReferencePicture } from "./ReferencePicture";

export function BriefChapter() {
  const { given } = useWorking();
  return given.job ? <EditBrief /> : <FirstBrief />;
}

const EditSchema = z.object({ personId: z.string().min(1), brief: BriefSchema });
const PAUSE_MS = 500;

/** The brief of this job, saved as it is typed. */
function EditBrief() {
  const { given } = useWorking();
  const router = useRouter();
  const job = given.job;
  const form = useZodForm(EditSchema, { personId: job?.personId ?? "", brief: given.brief });
  const version = useRef(job?.version ?? 1);
  const [state, setState] = useState<{ words: string; refusal: Refusal | null }>({
    words: "saved",
    refusal: null,
  });
  useEffect(() => {
    if (!job) return;
    let timer: ReturnType<typeof setTimeout>;
    let queue = Promise.resolve();
    const save = async () => {
      const parsed = EditSchema.safeParse(form.getValues());
      if (!parsed.success) {
        await form.trigger();
        return setState({ words: "not saved yet: a field needs another look", refusal: null });
      }
      setState({ words: "saving", refusal: null });
      const answer = await send<{ version: number }>("PUT", `/api/jobs/${job.id}`, {
        version: version.current,
        ...parsed.data,
      });
      if (!answer.ok) return setState({ words: "not saved", refusal: answer.refusal });
      version.current = answer.value.version;
      setState({ words: "saved", refusal: null });
      router.refresh();
    };
    const unsubscribe = form.subscribe({
      formState: { values: true },
      callback: () => {
        clearTimeout(timer);
        timer = setTimeout(() => {
          queue = queue.then(save);
        }, PAUSE_MS);
      },
    });
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [form, job, router]);
  const { person, brief } = given;
  return (
    <FormProvider {...form}>
      <form
        className="mx-auto flex max-w-6xl flex-col gap-4 p-4 sm:p-6"
        noValidate
        onSubmit={(event) => event.preventDefault()}
      >
        <div className="flex flex-wrap items-baseline justify-between gap-3">
          <h2 className="text-2xl">Brief</h2>
          <p role="status" className="muted text-sm">
            {state.words}
          </p>
        </div>
        <p className="max-w-prose">
          It will feel like {Math.round(heatIndex(brief.airDegC, brief.rh))} °C, and {person.name}{" "}
          will sweat about {Math.round(sweatOf(person, brief) / 10) * 10} g/m² an hour.{" "}
          <span className="muted">
            From air, activity, hood and sun: heat index (NWS) and required evaporation (Shapiro
            1982).
          </span>
        </p>
        <FormProblems
          title={state.refusal ? `${state.refusal.title} ${state.refusal.detail ?? ""}` : null}
          items={state.refusal?.errors}
        />
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
        <ReferencePicture />
        <div className="self-start">
          <PutAway
            url={`/api/looks/${given.look.id}/archived`}
            name={given.look.design.name}
            then="/looks"
          />
        </div>
      </form>
    </FormProvider>
  );
}

/** A look that has only been designed on a stand-in gets its first person and brief. */
function FirstBrief() {
  const { given } = useWorking();
  const router = useRouter();
  const form = useZodForm(SettingSchema, newSetting(given.people));
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const submit = form.handleSubmit(async (setting) => {
    const answer = await send<{ jobId: string }>("POST", "/api/jobs", {
      lookId: given.look.id,
      brief: setting.brief,
      ...personOf(setting),
    });
    if (answer.ok) router.push(`/looks/${given.look.id}/${answer.value.jobId}/paint`);
    else setRefusal(answer.refusal);
  });
  return (
    <FormProvider {...form}>
      <form
        className="mx-auto flex max-w-6xl flex-col gap-4 p-4 sm:p-6"
        noValidate
        onSubmit={(event) => void submit(event)}
      >
        <h2 className="text-2xl">Who is it for, and when?</h2>
        <p className="max-w-prose">
          So far this look is designed on a stand-in of middle skin tone. With a person and a brief,
          colours, coats, grams and times become theirs.
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
      </form>
    </FormProvider>
  );
}

"use client";

import { ask } from "@/shared/ask";
import { Told } from "@/shared/say/Told";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { FormProvider, useWatch } from "react-hook-form";
import { TodaySchema, type Today } from "@/core/brief";
import { stopsOf, type LookContext } from "@/core/look";
import { isChild } from "@/core/people";
import { TodayFields } from "@/shared/forms/TodayFields";
import { useZodForm } from "@/shared/forms/useZodForm";
import type { ChairGiven } from "@/server/chair";

interface AskFirstProps {
  readonly given: ChairGiven;
  readonly context: LookContext;
  readonly home: string;
  /** Says "Begin" or "Begin again". */
  readonly label: string;
  readonly onBegin: (answers: Today) => void;
}

const answersOf = ({ health, bareToday, consent, healthAsked }: Today): Today => ({
  health,
  bareToday,
  consent,
  healthAsked,
});

/** The questions before the first step. What an answer stops is said here, and nothing begins until the look is mended. */
export function AskFirst({ given, context, home, label, onBegin }: AskFirstProps) {
  const form = useZodForm(TodaySchema, answersOf(given.brief));
  const typed = useWatch({ control: form.control });
  const stops = useMemo(() => {
    const read = TodaySchema.safeParse(typed);
    if (!read.success) return [];
    return stopsOf(given.look.design, { ...context, brief: { ...context.brief, ...read.data } });
  }, [typed, given, context]);
  const { name, ageYears } = given.person;
  const begin = form.handleSubmit((answers) => {
    if (!stops.length) onBegin({ ...answers, healthAsked: true });
  });
  return (
    <FormProvider {...form}>
      <form
        aria-label="Before the first step"
        noValidate
        className="flex flex-col gap-3 border-2 border-base-content p-4"
        onSubmit={(event) => void begin(event)}
      >
        <h2 className="text-2xl">Ask {name} first</h2>
        {given.brief.healthAsked && (
          <p className="text-lg">Asked already today: these were the answers.</p>
        )}
        <div className="grid gap-4 text-lg">
          <TodayFields at="" large isChild={isChild({ ageYears })} today={given.today} />
        </div>
        {stops.length > 0 && given.job ? (
          <Stopped jobId={given.job.id} stops={stops} home={home} read={() => form.getValues()} />
        ) : (
          <button type="submit" className="btn btn-primary btn-lg self-start">
            {label}
          </button>
        )}
      </form>
    </FormProvider>
  );
}

/** Keeps the answers with the job, so that they count on the map too, where the look is mended. */
function Stopped({
  jobId,
  stops,
  home,
  read,
}: {
  jobId: string;
  stops: ReturnType<typeof stopsOf>;
  home: string;
  read: () => unknown;
}) {
  const [said, setSaid] = useState<string | null>(null);
  const keep = async () => {
    const answers = TodaySchema.safeParse(read());
    if (!answers.success) return;
    const answer = await ask(
      "PUT /api/jobs/[id]/asked",
      { id: jobId },
      {
        ...answers.data,
        healthAsked: true,
      },
    );
    if (answer.ok) window.location.assign(`${home}/map`);
    else setSaid(answer.refusal.detail ?? answer.refusal.title);
  };
  return (
    <div role="alert" className="border-4 border-base-content p-3 text-lg">
      <p className="font-bold">Not like this:</p>
      <ul className="list-disc pl-5">
        {stops.map(({ key, rule, message }) => (
          <li key={key}>
            <Told>{message}</Told>{" "}
            <Link className="link" href={`/rules#${rule}`}>
              {rule}
            </Link>
          </li>
        ))}
      </ul>
      {said && <p className="mt-2 font-bold">Not kept: {said}</p>}
      <button type="button" className="btn btn-primary mt-3" onClick={() => void keep()}>
        Keep the answers and mend it on the map
      </button>
    </div>
  );
}
